import { needleText } from '@/core/machines/needles';
import { setupSpec, type Setup, type SetupField } from '@/core/facts/setup';
import type { ChecklistItem, SetupChange } from '@/core/machines/changeover';
import { stitches, type StitchId } from '@/core/seams/stitches';

/** A setting's value as it is read on a machine. */
export function settingText(field: SetupField, value: string | number): string {
  if (field === 'stitch') return stitches[value as StitchId].name;
  if (field === 'needleNm') return needleText(Number(value));
  return typeof value === 'number' ? value.toFixed(1) : value;
}

/** What to do to make a change, as a short order. */
export const changeText = ({ field, label, from, to }: SetupChange): string =>
  from === undefined
    ? `${label}: ${settingText(field, to)}`
    : `${label}: ${settingText(field, from)} → ${settingText(field, to)}`;

export function itemText(item: ChecklistItem): string {
  switch (item.kind) {
    case 'power-off':
      return 'Power off';
    case 'power-on':
      return 'Power on';
    case 'scrap':
      return 'Test on a scrap';
    case 'set':
      return changeText(item.change);
    default:
      throw new Error(`expected an item of a checklist, got ${JSON.stringify(item satisfies never)}`);
  }
}

const TENSIONS = ['tensionNeedle', 'tensionLeft', 'tensionRight', 'tensionUpper', 'tensionLower'] as const;
const HIDDEN: ReadonlySet<SetupField> = new Set<SetupField>(['stitch', ...TENSIONS]);

/** Tensions that are in use, as they stand in a row on the machine: needles, then loopers. */
export function tensionText(setup: Setup): string | undefined {
  const used = TENSIONS.filter((field) => setup[field] !== undefined && inUse(setup, field));
  const dials = used.map((field) => setup[field]?.toFixed(0) ?? '');
  if (dials.length <= 1) return dials[0];
  return dials.join(' · ');
}

function inUse({ needles, mode, topLooper }: Setup, field: (typeof TENSIONS)[number]): boolean {
  if (field === 'tensionLeft') return needles !== 'right' && needles !== 'one';
  if (field === 'tensionRight') return needles !== 'left';
  // A coverstitch has an upper looper only where it is put in; a serger’s always runs.
  if (field === 'tensionUpper') return mode === 'serger' || topLooper !== 'out';
  return true;
}

/** Fields that mean nothing while a combined machine is set up as the other one. */
const OF_SERGER: ReadonlySet<SetupField> = new Set<SetupField>(['finger', 'knife', 'loopers', 'width']);
const OF_COVER: ReadonlySet<SetupField> = new Set<SetupField>(['topLooper', 'bed']);
const means = ({ mode, topLooper }: Setup, field: SetupField): boolean =>
  (field !== 'topLooper' || topLooper !== 'out') &&
  (mode === undefined || !(mode === 'coverstitch' ? OF_SERGER : OF_COVER).has(field));

/** Every setting of a setup, but its stitch, with what it stands at. */
export function settingsOf(setup: Setup): readonly { readonly label: string; readonly text: string }[] {
  const tension = tensionText(setup);
  const rows = (Object.keys(setupSpec.fields) as SetupField[])
    .filter((field) => !HIDDEN.has(field) && setup[field] !== undefined && means(setup, field))
    .map((field) => ({
      label: setupSpec.fields[field].label,
      text: settingText(field, setup[field] as string | number),
    }));
  return tension === undefined ? rows : [{ label: 'Tensions', text: tension }, ...rows];
}

/** The settings that are read at a glance. */
export const mainSettings = (setup: Setup): string =>
  [
    setup.tensionNeedle === undefined ? tensionText(setup) : `tension ${tensionText(setup)}`,
    setup.length === undefined ? undefined : `length ${setup.length.toFixed(1)}`,
    setup.width === undefined || setup.width === 0 || !means(setup, 'width')
      ? undefined
      : `width ${setup.width.toFixed(1)}`,
    setup.differential === undefined ? undefined : `differential ${setup.differential.toFixed(1)}`,
    setup.bed === 'free arm' ? 'on the free arm' : undefined,
    setup.knife === 'up' && means(setup, 'knife') ? 'knife up' : undefined,
    setup.finger === 'off' && means(setup, 'finger') ? 'stitch finger off' : undefined,
  ]
    .filter(Boolean)
    .join(', ');

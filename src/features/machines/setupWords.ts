import { dialsOf, isTension, settingMeans, tensionsOf, type DialField } from '@/core/machines/dials';
import { needleText } from '@/core/machines/needles';
import { setupSpec, type Setup, type SetupField } from '@/core/facts/setup';
import type { ChecklistItem, SetupChange } from '@/core/machines/changeover';
import { stitches, type StitchId } from '@/core/machines/seams/stitches';

/** A setting's value as it is read on a machine. */
function settingText(field: SetupField, value: string | number): string {
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

const isHidden = (field: SetupField): boolean => field === 'stitch' || isTension(field);

/** Tensions that are in use, as they stand in a row on the machine: needles, then loopers. */
function tensionText(setup: Setup): string | undefined {
  const dials = tensionsOf(setup).map((field) => setup[field]?.toFixed(0) ?? '');
  if (dials.length <= 1) return dials[0];
  return dials.join(' · ');
}

/** Every setting of a setup, but its stitch, with what it stands at. */
export function settingsOf(setup: Setup): readonly { readonly label: string; readonly text: string }[] {
  const tension = tensionText(setup);
  const rows = (Object.keys(setupSpec.fields) as SetupField[])
    .filter((field) => !isHidden(field) && setup[field] !== undefined && settingMeans(setup, field))
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
    ...dialsOf(setup).flatMap((field) =>
      isTension(field) ? [] : [`${dialWord(field)} ${setup[field]?.toFixed(1) ?? ''}`],
    ),
    ...otherSettings(setup),
  ]
    .filter(Boolean)
    .join(', ');

/** What a dial is called within a line. */
export const dialWord = (field: DialField): string => (isTension(field) ? 'tension' : field);

/** What is read at a glance and is no dial. */
export const otherSettings = (setup: Setup): readonly string[] => [
  ...(setup.bed === 'free arm' ? ['on the free arm'] : []),
  ...(setup.knife === 'up' && settingMeans(setup, 'knife') ? ['knife up'] : []),
  ...(setup.finger === 'off' && settingMeans(setup, 'finger') ? ['stitch finger off'] : []),
];

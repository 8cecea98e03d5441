import type { MachineKind } from '../facts/machine';
import { powerOffFields, setupFields, setupSpec, type Setup, type SetupField } from '../facts/setup';

/** One thing to set, from what it stands at (where that is known) to what is wanted. */
export interface SetupChange {
  readonly field: SetupField;
  readonly label: string;
  readonly from?: string | number;
  readonly to: string | number;
  readonly powerOff: boolean;
}

/** What has to be set to get from one setup to another, each field once, in the order in which hands do it. */
export const changesBetween = (from: Setup, to: Setup): readonly SetupChange[] =>
  setupFields.flatMap((field) => {
    const [is, wanted] = [from[field], to[field]];
    if (wanted === undefined || is === wanted) return [];
    return [
      {
        field,
        label: setupSpec.fields[field].label,
        ...(is === undefined ? {} : { from: is }),
        to: wanted,
        powerOff: powerOffFields.has(field),
      },
    ];
  });

/** The machine once a setup is put on it: what the setup does not name stays. */
export const applySetup = (machine: Setup, setup: Setup): Setup => ({ ...machine, ...setup });

export type ChecklistItem =
  | { readonly kind: 'power-off' | 'power-on' | 'scrap' }
  | { readonly kind: 'set'; readonly change: SetupChange };

/** The changes as hands do them: power off before needles, plates and threads; a scrap at the end. Empty where nothing changes. */
export function checklist(from: Setup, to: Setup): readonly ChecklistItem[] {
  const changes = changesBetween(from, to);
  if (changes.length === 0) return [];
  const items = (wanted: boolean) =>
    changes
      .filter(({ powerOff }) => powerOff === wanted)
      .map((change): ChecklistItem => ({ kind: 'set', change }));
  const off = items(true);
  return [
    ...(off.length > 0 ? [{ kind: 'power-off' } as const, ...off, { kind: 'power-on' } as const] : []),
    ...items(false),
    { kind: 'scrap' },
  ];
}

/** Parts that are taken off or moved and have to go back on; dials only turn. */
const partsToPutBack: ReadonlySet<SetupField> = new Set<SetupField>([
  'mode',
  'needles',
  'needleKind',
  'needleNm',
  'finger',
  'knife',
  'loopers',
  'topLooper',
  'foot',
  'pressure',
  'bed',
]);

/** What has to go back on once the work is done: the parts a changeover took off, not the dials. */
export const toPutBack = (before: Setup, after: Setup): readonly SetupChange[] =>
  changesBetween(after, before).filter(({ field }) => partsToPutBack.has(field));

/** Minutes of a change: the middle of 10 to 15, and of 5 to 10 (T); the rest T or an estimate. */
const CHANGE_MINUTES = {
  convert: 12.5,
  rethread: 7.5,
  sewingNeedle: 3,
  dials: 1,
  bed: 0.5,
} as const;

const threaded = (change: SetupChange) => change.powerOff && change.field !== 'mode';

/**
 * Minutes to get a machine from one setup to another; `from` absent: nobody knows how it stands. A sum of
 * parts that each cost the same whatever changes in them, so that a detour never costs less.
 */
export function changeMinutes(kind: MachineKind, from: Setup | undefined, to: Setup): number {
  const needle = kind === 'sewing machine' ? CHANGE_MINUTES.sewingNeedle : CHANGE_MINUTES.rethread;
  if (!from) return needle + CHANGE_MINUTES.dials;
  const changes = changesBetween(from, to);
  if (changes.some(({ field }) => field === 'mode')) return CHANGE_MINUTES.convert;
  return (
    (changes.some(threaded) ? needle : 0) +
    (changes.some(({ field, powerOff }) => !powerOff && field !== 'bed') ? CHANGE_MINUTES.dials : 0) +
    (changes.some(({ field }) => field === 'bed') ? CHANGE_MINUTES.bed : 0)
  );
}

import type { Setup, SetupField } from '../facts/setup';

/** Tensions as they stand in a row on a machine: needles, then loopers. */
const TENSIONS = ['tensionNeedle', 'tensionLeft', 'tensionRight', 'tensionUpper', 'tensionLower'] as const;
const OTHERS = ['length', 'width', 'differential'] as const;
export type DialField = (typeof TENSIONS)[number] | (typeof OTHERS)[number];

/** Whether a setting is the tension of a thread. */
export const isTension = (field: SetupField): boolean => field.startsWith('tension');

/** Fields that mean nothing while a combined machine is set up as the other one. */
const OF_SERGER: ReadonlySet<SetupField> = new Set<SetupField>(['finger', 'knife', 'loopers', 'width']);
const OF_COVER: ReadonlySet<SetupField> = new Set<SetupField>(['topLooper', 'bed']);

/** Whether a setting means anything as the machine is set up. */
export const settingMeans = ({ mode, topLooper }: Setup, field: SetupField): boolean =>
  (field !== 'topLooper' || topLooper !== 'out') &&
  (mode === undefined || !(mode === 'coverstitch' ? OF_SERGER : OF_COVER).has(field));

/** Tensions of threads that are in use. */
export const tensionsOf = (setup: Setup): readonly (typeof TENSIONS)[number][] =>
  TENSIONS.filter((field) => setup[field] !== undefined && inUse(setup, field));

function inUse({ needles, mode, topLooper }: Setup, field: (typeof TENSIONS)[number]): boolean {
  if (field === 'tensionLeft') return needles !== 'right' && needles !== 'one';
  if (field === 'tensionRight') return needles !== 'left';
  // A coverstitch has an upper looper only where it is put in; a serger’s always runs.
  if (field === 'tensionUpper') return mode === 'serger' || topLooper !== 'out';
  return true;
}

/** Every dial of a setup that counts, in the order in which they are read: tensions, length, width, differential. */
export const dialsOf = (setup: Setup): readonly DialField[] => [
  ...tensionsOf(setup),
  ...OTHERS.filter(
    (field) =>
      setup[field] !== undefined && settingMeans(setup, field) && !(field === 'width' && setup.width === 0),
  ),
];

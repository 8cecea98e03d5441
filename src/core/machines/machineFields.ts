import type { MachineKind } from '../facts/machine';
import { setupFields, type Setup, type SetupField } from '../facts/setup';

const serger: readonly SetupField[] = [
  'needles',
  'needleKind',
  'needleNm',
  'finger',
  'knife',
  'loopers',
  'threadNeedle',
  'threadLooper',
  'stitch',
  'tensionLeft',
  'tensionRight',
  'tensionUpper',
  'tensionLower',
  'length',
  'width',
  'differential',
  'foot',
  'pressure',
];
const coverstitch: readonly SetupField[] = [
  'needles',
  'needleKind',
  'needleNm',
  'topLooper',
  'threadNeedle',
  'threadLooper',
  'stitch',
  'tensionLeft',
  'tensionRight',
  'tensionUpper',
  'tensionLower',
  'length',
  'differential',
  'foot',
  'pressure',
  'bed',
];

const fieldSets: Readonly<Record<MachineKind, ReadonlySet<SetupField>>> = {
  'sewing machine': new Set<SetupField>([
    'needles',
    'needleKind',
    'needleNm',
    'threadNeedle',
    'threadBobbin',
    'stitch',
    'tensionNeedle',
    'length',
    'width',
    'foot',
    'pressure',
    'bed',
  ]),
  serger: new Set(serger),
  coverstitch: new Set(coverstitch),
  combined: new Set<SetupField>(['mode', ...serger, ...coverstitch]),
};

/** What can be set on such a machine, in the order in which hands set it. */
export const fieldsOf = (kind: MachineKind): readonly SetupField[] =>
  setupFields.filter((field) => fieldSets[kind].has(field));

/** How a machine of that kind stands when nothing else is said: every field of its kind, middle dials. */
const usual: Readonly<Record<MachineKind, Setup>> = {
  'sewing machine': { needles: 'one', stitch: 'straight-seam', length: 2.5, width: 0 },
  serger: { needles: 'both', stitch: 'overlock4', length: 2.5, width: 6, differential: 1 },
  coverstitch: { needles: 'two wide', stitch: 'cover2', length: 3, differential: 1 },
  combined: { mode: 'serger', needles: 'both', stitch: 'overlock4', length: 2.5, width: 6, differential: 1 },
};
const anyKind: Setup = {
  needleKind: 'ball-point',
  needleNm: 80,
  finger: 'on',
  knife: 'cutting',
  loopers: 'both',
  topLooper: 'out',
  threadNeedle: 'polyester',
  threadLooper: 'polyester',
  threadBobbin: 'polyester',
  tensionNeedle: 4,
  tensionLeft: 4,
  tensionRight: 4,
  tensionUpper: 4,
  tensionLower: 4,
  foot: 'standard',
  pressure: 'normal',
  bed: 'table',
};

/** A setup with every field of the machine's kind and no other: what is not given stands as it usually does. */
export function wholeSetup(kind: MachineKind, setup: Setup = {}): Setup {
  const given: Setup = { ...anyKind, ...usual[kind], ...setup };
  return Object.fromEntries(
    fieldsOf(kind).flatMap((field) => (given[field] === undefined ? [] : [[field, given[field]]])),
  );
}

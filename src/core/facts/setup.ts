import { choice, numberOf, optional, record, type FactsOf } from './spec';
import { stitchIds } from './stitchIds';

/**
 * The whole state of a machine, in the order in which hands set it. A machine has the fields of its kind;
 * what is not given is not known.
 */
export const setupSpec = record('Setup', {
  mode: optional(choice('Set up as', ['serger', 'coverstitch'])),
  needles: optional(
    choice('Needles in', ['one', 'twin', 'left', 'right', 'both', 'two wide', 'two narrow', 'three']),
  ),
  needleKind: optional(choice('Needle', ['universal', 'ball-point', 'stretch'])),
  needleNm: optional(numberOf('count', 'Needle size', 40, 140)),
  finger: optional(choice('Stitch finger', ['on', 'off'])),
  knife: optional(choice('Knife', ['cutting', 'up'])),
  loopers: optional(choice('Loopers in use', ['both', 'lower only'])),
  topLooper: optional(choice('Upper looper of the cover', ['out', 'in'])),
  threadNeedle: optional(choice('Thread in the needles', ['polyester', 'fine polyester', 'textured'])),
  threadLooper: optional(choice('Thread in the loopers', ['polyester', 'fine polyester', 'textured'])),
  threadBobbin: optional(choice('Thread on the bobbin', ['polyester', 'fine polyester', 'textured'])),
  stitch: optional(choice('Stitch', stitchIds)),
  tensionNeedle: optional(numberOf('ratio', 'Needle tension', 0, 9)),
  tensionLeft: optional(numberOf('ratio', 'Left needle tension', 0, 9)),
  tensionRight: optional(numberOf('ratio', 'Right needle tension', 0, 9)),
  tensionUpper: optional(numberOf('ratio', 'Upper looper tension', 0, 9)),
  tensionLower: optional(numberOf('ratio', 'Lower looper tension', 0, 9)),
  length: optional(numberOf('ratio', 'Stitch length', 0.1, 9)),
  width: optional(numberOf('ratio', 'Stitch width', 0, 12)),
  differential: optional(numberOf('ratio', 'Differential feed', 0.5, 2.5)),
  foot: optional(choice('Foot', ['standard', 'walking', 'elastic', 'blind-hem', 'edge'])),
  pressure: optional(choice('Foot pressure', ['lighter', 'normal', 'firmer'])),
  bed: optional(choice('Bed', ['table', 'free arm'])),
});
export type Setup = FactsOf<typeof setupSpec>;
export type SetupField = keyof Setup;

/** Its fields in the order in which hands set them. */
export const setupFields = Object.keys(setupSpec.fields) as readonly SetupField[];

/** What is never touched with the power on: needles, plates, knives and threads. */
export const powerOffFields: ReadonlySet<SetupField> = new Set<SetupField>([
  'mode',
  'needles',
  'needleKind',
  'needleNm',
  'finger',
  'knife',
  'loopers',
  'topLooper',
  'threadNeedle',
  'threadLooper',
  'threadBobbin',
]);

import { say } from '../explain/ledger';
import type { Operation } from '../fit/drafting';
import { backwards, endOf, joined, lengthOf, pathOf, polyline, type Path } from '../geometry/path';
import { point } from '../geometry/point';
import { cubic } from '../geometry/segment';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { clockwise, curveTo, downThrough, opposite, setsOut } from './lines';

const DOWN = point(0, 1);
const RIGHT = point(1, 0);
/** Usual measures (T, from memory): the pouch's top and the opening it is set into as parts of what is across it, its lower end, and the gap between the legs. */
const USUAL = {
  topOfPouch: 0.34,
  openingTop: 0.24,
  openingFoot: 14,
  pouchFoot: 16,
  legGap: 18,
  backRaise: 22,
  hipShare: 0.62,
} as const;
/** The crotch seam's back is stretched onto nothing: both sides are as long; sought this far up from the leg, as a part of the front. */
const BACK_CROTCH = { least: 0.2, most: 1.6 } as const;

/** A body on a fold at centre back, x = 0, open in front for a pouch whose edge is as long as the one it is sewn to. */
export function draftBoxer(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const [hip, waist, thigh] = [d.girth('hip', 'hip'), d.girth('waist', 'waist'), d.girth('thigh', 'thigh')];
  const across = d.girth('pouch', 'pouch').value;
  const crotchY = d.body('bodyRise').value;
  const half = hip.value / 2;
  const long = d.choose('leg-length', {
    label: 'inside leg, crotch to hem',
    usual: (find(operations, 'leg-length')?.share ?? 0.16) * d.body('inseam').value,
    least: 25,
    most: 0.5 * d.body('inseam').value,
  });
  const hemY = crotchY + long;
  const foot = point(half - USUAL.openingFoot, crotchY);
  const top = USUAL.topOfPouch * (across / 2);
  const hipFront = point(half - USUAL.openingTop * across, USUAL.hipShare * crotchY);
  const pouchAt = (x: number): Path =>
    joined(downThrough([point(x, 0), hipFront], 'end'), curveTo(hipFront, DOWN, foot, RIGHT, [0.55, 0.2]));
  const waistAt = (x: number): Path =>
    curveTo(
      point(0, -USUAL.backRaise),
      RIGHT,
      point(x, 0),
      opposite(clockwise(setsOut(pouchAt(x)))),
      [0.3, 0.3],
    );
  const x = d.solve('waist', {
    label: 'front end of the waist, from centre back',
    equation: 'body and pouch together are as long at the waist as it is round',
    low: 0.2 * waist.value,
    high: 0.75 * waist.value,
    drawn: (at) => 2 * (lengthOf(waistAt(at)) + top),
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (x === undefined)
    d.cannot(say`The waist, ${waist}, cannot be drawn onto these hips: measure waist and hip again.`);
  const front = x ?? waist.value / 2 - top;
  const pouch = pouchAt(front);
  const legEnd = point(USUAL.legGap + thigh.value, hemY);
  if (legEnd.x < foot.x + 8)
    d.cannot(
      say`The thigh, ${thigh}, is less than half the hip, of ${hip}: nothing is left to pass between the legs. Measure both again.`,
    );
  const frontCrotch = curveTo(foot, DOWN, legEnd, DOWN, [0.35, 0.35]);
  const backCrotch = (up: number): Path =>
    downThrough([point(0, hemY - up), point(USUAL.legGap, hemY)], 'end');
  const wanted = d.drawn('crotch.front', 'crotch seam, front', lengthOf(frontCrotch));
  const up =
    d.solve('crotch', {
      label: 'the fold at centre back ends above the leg hem by',
      equation: 'front and back of the crotch seam are as long as each other',
      low: BACK_CROTCH.least * wanted.value,
      high: BACK_CROTCH.most * wanted.value,
      drawn: (mm) => lengthOf(backCrotch(mm)),
      drawnLabel: 'crotch seam, back',
      wanted,
    }) ?? wanted.value;
  d.handle({ choice: 'leg-length', piece: 'body', at: legEnd, way: DOWN });
  const back = backCrotch(up);
  return {
    pieces: {
      body: {
        edges: [
          waistAt(front),
          pouch,
          frontCrotch,
          polyline([legEnd, endOf(back)]),
          backwards(back),
          polyline([back[0].from, point(0, -USUAL.backRaise)]),
        ],
      },
      pouch: pouchPiece(lengthOf(pouch), across / 2, top),
    },
  };
}

/** Half the pouch: its edge to the body as long as the body's, its centre seam out to what is across it. */
function pouchPiece(long: number, halfAcross: number, top: number): { readonly edges: readonly Path[] } {
  const low = point(top - USUAL.pouchFoot, long);
  const fullest = top - halfAcross;
  const handle = (8 * fullest - low.x) / 6;
  return {
    edges: [
      polyline([point(0, 0), point(top, 0)]),
      polyline([point(top, 0), point(top, long)]),
      polyline([point(top, long), low]),
      pathOf([cubic(low, point(handle, 0.7 * long), point(handle, 0.3 * long), point(0, 0))]),
    ],
  };
}

import { say } from '../explain/ledger';
import type { Operation } from '../fit/drafting';
import { joined, lengthOf, pathOf, polyline, type Path } from '../geometry/path';
import { plus, point, times } from '../geometry/point';
import { cubic } from '../geometry/segment';
import { noSuchWaist } from './crotch';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { clockwise, curveTo, downThrough, opposite, setsOut } from './lines';
import { rootBetween } from './solve';

const DOWN = point(0, 1);
const RIGHT = point(1, 0);
/**
 * Usual measures (T, from memory): the pouch's top and the opening it is set into as parts of what is across it, its lower end,
 * and how much the leg slants, so that the back is deeper than the front and the legs lie apart.
 */
const USUAL = {
  topOfPouch: 0.34,
  openingTop: 0.24,
  pouchFoot: 16,
  backRaise: 22,
  hipShare: 0.62,
  slantRad: 0.19,
} as const;
/** So much has to pass between the legs at least, mm. */
const LEAST_EXTENSION_MM = 6;

/**
 * A body on a fold at centre back, x = 0, open in front for a pouch whose edge is as long as the one it is sewn to. Both sides of
 * the crotch seam are square to the leg hem, so that the leg is as round all the way down.
 */
export function draftBoxer(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const [hip, waist, thigh] = [d.girth('hip', 'hip'), d.girth('waist', 'waist'), d.girth('thigh', 'thigh')];
  const across = d.girth('pouch', 'pouch').value;
  const half = hip.value / 2;
  const long = d.choose('leg-length', {
    label: 'inside leg, crotch to hem',
    usual: (find(operations, 'leg-length')?.share ?? 0) * d.body('inseam').value,
    least: 25,
    most: 0.5 * d.body('inseam').value,
  });
  const down = point(Math.sin(USUAL.slantRad), Math.cos(USUAL.slantRad));
  const up = point(down.y, -down.x);
  if (thigh.value * up.x - half < LEAST_EXTENSION_MM)
    d.cannot(
      say`The thigh, ${thigh}, is hardly more than half the hip, of ${hip}: nothing is left to pass between the legs. Measure both again.`,
    );
  const top = USUAL.topOfPouch * (across / 2);
  const drawn = (crotchY: number) => bodyFront({ crotchY, footX: thigh.value * up.x, half, across });
  const rise = d.body('rise');
  const waistOf = (crotchY: number, end: number): number => 2 * (lengthOf(drawn(crotchY)(end).waist) + top);
  const [least, most] = [0.2 * waist.value, 0.75 * waist.value];
  const waistEnd = (crotchY: number): number | undefined =>
    rootBetween((end) => waistOf(crotchY, end) - waist.value, least, most);
  const around = (crotchY: number): number => {
    const { pouch } = drawn(crotchY)(waistEnd(crotchY) ?? waist.value / 2 - top);
    const centre = pouchPiece(lengthOf(pouch), across / 2, top).edges[3] as Path;
    return crotchY + thigh.value * down.x + USUAL.backRaise + lengthOf(centre);
  };
  const crotchY = d.solve('depth', {
    label: 'front of the crotch below the waist',
    equation: 'centre back and the pouch’s centre seam are as long together as the crotch length',
    low: 0.08 * rise.value,
    high: 0.8 * rise.value,
    drawn: around,
    drawnLabel: 'centre back and the pouch’s centre seam',
    wanted: rise,
  });
  if (crotchY === undefined)
    d.cannot(say`The crotch length, ${rise}, is too short for a thigh of ${thigh}: measure both again.`);
  const depth = crotchY ?? 0.35 * rise.value;
  const at = drawn(depth);
  const x = d.solve('waist', {
    label: 'front end of the waist, from centre back',
    equation: 'body and pouch together are as long at the waist as it is round',
    low: least,
    high: most,
    drawn: (end) => waistOf(depth, end),
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (x === undefined) noSuchWaist(d, waist);
  const front = at(x ?? waist.value / 2 - top);
  const crotch = point(0, depth + thigh.value * down.x);
  const [backEnd, frontEnd] = [plus(crotch, times(down, long)), plus(front.foot, times(down, long))];
  d.handle({ choice: 'leg-length', piece: 'body', at: frontEnd, way: down });
  return {
    pieces: {
      body: {
        edges: [
          front.waist,
          front.pouch,
          polyline([front.foot, frontEnd]),
          polyline([frontEnd, backEnd]),
          polyline([backEnd, crotch]),
          polyline([crotch, point(0, -USUAL.backRaise)]),
        ],
      },
      pouch: pouchPiece(lengthOf(front.pouch), across / 2, top),
    },
  };
}

/** The body's waist and its edge to the pouch, with the front end of the waist at a place. */
function bodyFront({
  crotchY,
  footX,
  half,
  across,
}: {
  readonly crotchY: number;
  readonly footX: number;
  readonly half: number;
  readonly across: number;
}) {
  const foot = point(footX, crotchY);
  const hipFront = point(half - USUAL.openingTop * across, USUAL.hipShare * crotchY);
  // It sweeps out to what passes between the legs, and arrives square to the crotch seam.
  const sweep = curveTo(
    hipFront,
    DOWN,
    foot,
    point(Math.cos(USUAL.slantRad), -Math.sin(USUAL.slantRad)),
    [0.4, 0.3],
  );
  return (x: number) => {
    const pouch = joined(downThrough([point(x, 0), hipFront], 'end'), sweep);
    const arriving = opposite(clockwise(setsOut(pouch)));
    return {
      foot,
      pouch,
      waist: curveTo(point(0, -USUAL.backRaise), RIGHT, point(x, 0), arriving, [0.3, 0.3]),
    };
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

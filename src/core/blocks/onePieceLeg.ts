import { leaf } from '../explain/ledger';
import type { Operation } from '../fit/drafting';
import { backwards, endOf, lengthOf, mapped, polyline, startOf, type Path } from '../geometry/path';
import { mirrored, point } from '../geometry/point';
import {
  USUAL_LEG,
  backCrotch,
  extensionsOf,
  frontCrotch,
  noSuchWaist,
  raiseOf,
  riseOf,
  type CrotchFrame,
} from './crotch';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { PLUMB_MM, loweredFor } from './leg';
import { downThrough, setsOut, squareBetween } from './lines';

/** Legs in one piece: fronts and backs joined along a straight side, which is x = 0; the front on the left. */
export function draftOnePiece(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const hip = d.girth('hip', 'hip');
  const waist = d.girth('waist', 'waist');
  const inseam = d.girth('inseam', 'inseam');
  const extension = d.work('extension', {
    label: 'both crotch extensions',
    unit: 'mm',
    mark: 'T, from memory',
    formula: 'part * hip',
    terms: { part: leaf('of the hip', ONE_PIECE_EXTENSION, 'ratio', 'T, from memory'), hip },
  });
  const quarter = hip.value / 4;
  const { front, back } = extensionsOf(extension.value);
  const crotchY = riseOf(d, { front, back });
  const flare = find(operations, 'flare');
  const hem = d.choose('hem-width', {
    label: 'leg hem, all round',
    usual: 0.5 * hip.value + d.usual(flare?.by ?? 0),
    least: 0.2 * hip.value,
    most: 1.1 * hip.value,
  });
  const thigh = hip.value / 2 + extension.value;
  const knee = KNEE_OF_THIGH * thigh;
  const kneeY = crotchY + 0.48 * inseam.value;
  // Beside the straight side each half takes half of what the leg is round.
  const inside = (from: number, lowered: number, hemY: number): Path =>
    downThrough(
      [
        point(-quarter - from, crotchY + lowered),
        point(-quarter - from, crotchY + lowered + PLUMB_MM),
        point(-knee / 2, kneeY),
        point(-hem / 2, hemY),
      ],
      'both',
    );
  const hemY =
    d.solve('hem', {
      label: 'the hem below the waist',
      equation: 'the inside leg of the front is as long as planned',
      low: kneeY + 30,
      high: crotchY + 1.2 * inseam.value,
      drawn: (y) => lengthOf(inside(front, 0, y)),
      drawnLabel: 'inside leg of the front',
      wanted: inseam,
    }) ?? crotchY + inseam.value;
  const wanted = d.drawn(
    'inseam.front',
    'inside leg of the front, as drawn',
    lengthOf(inside(front, 0, hemY)),
  );
  const lowered = loweredFor(d, (mm) => inside(back, mm, hemY), wanted) ?? 0;
  const raise = onePieceRaise(d, { crotchY, front, back }, lowered);
  const shiftIn = (crotch: Path): Path => mapped(crotch, ({ x, y }) => point(x - quarter, y));
  const frontAt = (by: number): Path => shiftIn(frontCrotch(crotchY, front, USUAL_LEG.frontIn + by));
  const backAt = (by: number): Path =>
    shiftIn(backCrotch(crotchY, back, raise, lowered, USUAL_LEG.backLean + 2 * by));
  const top = (by: number): Path => {
    const [a, b] = [frontAt(by), mapped(backAt(by), mirrored)];
    return backwards(squareBetween(startOf(b), setsOut(b), startOf(a), setsOut(a)));
  };
  const by = d.solve('waist', {
    label: 'the front leans in at the waist by more than usual; the back by twice that',
    equation: 'the waist edges of both legs are as long together as the waist is round',
    low: -quarter,
    high: quarter / 3,
    drawn: (mm) => 2 * lengthOf(top(mm)),
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (by === undefined) noSuchWaist(d, waist);
  const [frontLine, backLine] = [frontAt(by ?? 0), mapped(backAt(by ?? 0), mirrored)];
  const frontInside = inside(front, 0, hemY);
  const backInside = mapped(inside(back, lowered, hemY), mirrored);
  d.handle({ choice: 'hem-width', piece: 'leg', at: endOf(backInside), way: point(0.5, 0) });
  const [frontTop, frontEnd] = [startOf(frontLine).y, endOf(frontLine).y];
  return {
    pieces: {
      leg: {
        edges: [
          top(by ?? 0),
          backLine,
          backInside,
          polyline([endOf(backInside), endOf(frontInside)]),
          backwards(frontInside),
          backwards(frontLine),
        ],
        levels: { hip: ['front-crotch', (USUAL_LEG.hipShare * crotchY - frontTop) / (frontEnd - frontTop)] },
      },
    },
  };
}
/** Loose legs are narrower at the knee than at the thigh (T, from memory). */
const KNEE_OF_THIGH = 0.82;
/** Both extensions of trousers that hang from the seat, as a part of the hip (T, from memory). */
const ONE_PIECE_EXTENSION = 0.12;

/** The back's raise at the waist, where a crotch length was measured; else as usual. */
const onePieceRaise = (d: Drafter, frame: CrotchFrame, lowered: number): number =>
  d.measured('rise') ? raiseOf(d, frame, lowered) : USUAL_LEG.raise;

import { say } from '../explain/ledger';
import type { Operation, OperationOf } from '../fit/drafting';
import { usualGusset } from '../garments/parts';
import { endOf, lengthOf, polyline, type Path } from '../geometry/path';
import { point, type Point } from '../geometry/point';
import type { DraftedBlock, DraftedPiece } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import {
  FULL,
  backLeg,
  coverageHandle,
  coverageOf,
  frontLeg,
  solvedFrontLeg,
  usualLegStart,
  type LegEnds,
} from './legEdge';
import { arrives, downThrough } from './lines';

interface Gusset {
  readonly long: number;
  readonly front: number;
  readonly back: number;
}

/** Half a panel: its top edge, its side, and where its crotch lies. */
interface Panel {
  readonly top: Path;
  readonly side: Path;
  readonly crotchY: number;
}

/** The front takes this part of the crotch length without its gusset (T, from memory). */
const FRONT_PART = 0.45;
/** Sides: no shorter, and the crotch no nearer below them, mm. */
const LEAST_SIDE_MM = 10;
const ABOVE_CROTCH_MM = 22;
/** Where there is a ring instead of a side, the cloth is so deep there, mm (T, from memory). */
const RING_MM = 14;

function gussetOf(d: Drafter, { long, front, back }: OperationOf<'gusset'>): Gusset {
  const usual = d.usual(long);
  const chosen = d.choose('gusset', { label: 'gusset, long', usual, least: 0.6 * usual, most: 1.5 * usual });
  return { long: chosen, front: d.usual(front) / 2, back: d.usual(back) / 2 };
}

/** The gusset’s half: it widens from its front end to its back, its leg edge plumb at both. */
const gussetPiece = ({ long, front, back }: Gusset): DraftedPiece => ({
  edges: [
    polyline([point(0, 0), point(front, 0)]),
    downThrough([point(front, 0), point(back, long)], 'both'),
    polyline([point(back, long), point(0, long)]),
    polyline([point(0, long), point(0, 0)]),
  ],
});

/** A panel with a level top edge so long, its side, plumb at both ends, down to a place, and its centre so long. */
const panel = (topMm: number, end: Point, centreMm: number): Panel => ({
  top: polyline([point(0, 0), point(topMm, 0)]),
  side: downThrough([point(topMm, 0), end], 'both'),
  crotchY: centreMm,
});

const legEnds = ({ side, crotchY }: Panel, half: number): LegEnds => ({
  from: endOf(side),
  down: arrives(side),
  to: point(half, crotchY),
});

const pieceOf = ({ top, side, crotchY }: Panel, leg: Path): DraftedPiece => ({
  edges: [
    top,
    side,
    leg,
    polyline([endOf(leg), point(0, crotchY)]),
    polyline([point(0, crotchY), point(0, 0)]),
  ],
  levels: { hip: ['side', 1] },
});

/** Briefs: front, back and gusset from the crotch length, the girths at the top edge and at the hip, and the leg. */
export function draftBrief(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const gusset = gussetOf(d, find(operations, 'gusset') ?? usualGusset);
  const rings = find(operations, 'rings');
  const rise = d.girth('rise', 'lowRise');
  const low = d.girth('low-hip', 'lowHip');
  const hip = d.girth('hip', 'hip');
  const leg = d.girth('leg', 'legTop');
  const centre = rise.value - gusset.long;
  if (centre < LEAST_CENTRE_MM)
    d.cannot(
      say`The crotch length, ${rise}, leaves nothing beside the gusset: measure it again, or take a shorter gusset.`,
    );
  const [front, back] = [FRONT_PART * centre, (1 - FRONT_PART) * centre].map((mm) => Math.max(mm, 20)) as [
    number,
    number,
  ];
  const seat = coverageOf(d);
  const gap = rings ? ((1 - rings.front - rings.back) * low.value) / 2 : 0;
  const others = lengthOf(gussetPiece(gusset).edges[1] as Path) + gap;
  const panels = (sideMm: number): readonly [Panel, Panel] =>
    rings
      ? [ringPanel(rings.front * low.value, front), ringPanel(rings.back * low.value, back)]
      : [
          panel(low.value / 4, point(hip.value / 4, sideMm), front),
          panel(low.value / 4, point(hip.value / 4, sideMm), back),
        ];
  const legs = ([a, b]: readonly [Panel, Panel]) => ({
    front: legEnds(a, gusset.front),
    back: backLeg(legEnds(b, gusset.back), seat),
  });
  const side = rings
    ? RING_MM
    : sideOf(d, front, (mm) => {
        const { front: ends, back: edge } = legs(panels(mm));
        return lengthOf(frontLeg(ends, FULL.usual)) + lengthOf(edge) + others - leg.value;
      });
  const drawn = panels(side);
  const { front: ends, back: backEdge } = legs(drawn);
  const frontEdge = solvedFrontLeg(d, ends, { back: backEdge, others, wanted: leg });
  coverageHandle(d, 'back', backEdge);
  if (!rings) d.handle({ choice: 'side', piece: 'front', at: endOf(drawn[0].side), way: point(0, 1) });
  d.handle({ choice: 'gusset', piece: 'gusset', at: point(0, gusset.long), way: point(0, 1) });
  return {
    pieces: {
      front: pieceOf(drawn[0], frontEdge),
      back: rings ? leftAndRight(pieceOf(drawn[1], backEdge)) : pieceOf(drawn[1], backEdge),
      gusset: gussetPiece(gusset),
    },
  };
}
const LEAST_CENTRE_MM = 60;

const ringPanel = (wide: number, centreMm: number): Panel =>
  panel(wide / 2, point(wide / 2, RING_MM), centreMm);

/** A back in two: its centre is a seam, and it has no zone at its side. */
const leftAndRight = ({ edges }: DraftedPiece): DraftedPiece => ({ edges });

/** How long the side is: as chosen, else so that the front’s leg edge is cut away as usual. */
function sideOf(d: Drafter, front: number, tooLong: (side: number) => number): number {
  const most = Math.max(front - ABOVE_CROTCH_MM, LEAST_SIDE_MM);
  return d.choose('side', {
    label: 'side, long',
    usual: usualLegStart(tooLong, LEAST_SIDE_MM, most),
    least: LEAST_SIDE_MM,
    most,
  });
}

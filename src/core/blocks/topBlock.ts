import type { Operation } from '../fit/drafting';
import { endOf, type Path } from '../geometry/path';
import { point } from '../geometry/point';
import type { DraftedBlock, DraftedPiece, DraftedPieces } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { facingOf, flatCollar } from './operations/collar';
import { withSleevesCutInOne } from './operations/cutInOne';
import { asOneShoulder } from './operations/oneShoulder';
import { ontoBrief } from './operations/ontoBrief';
import { pocket, splitFront } from './operations/openFront';
import { asRaglan } from './operations/raglan';
import { capNotches, drawSleeve, upperArm, withRoomForCap } from './sleeve';
import {
  SIDES,
  taperedFrom,
  topFrame,
  withFlare,
  withLength,
  withLowerEdge,
  withNeck,
  withStraps,
  withUnderarm,
  type TopFrame,
  withShoulders,
} from './topFrame';
import { levelsOf, topHalf, topHandles, withNeckAsked, type TopHalf } from './topHalf';

/** A top: its frame from measures, what is done to the frame, the halves, and what is done to those. */
export function draftTop(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const shaped = operations.reduce((frame, one) => toFrame(d, frame, one), topFrame(d));
  const asked = find(operations, 'one-shoulder') ? shaped : withNeckAsked(d, shaped);
  const frame = find(operations, 'sleeve') ? withRoomForCap(d, asked, upperArm(d)) : asked;
  const pieces = operations.reduce((drawn, one) => ({ ...drawn, ...toPieces(d, frame, one) }), halves(frame));
  handles(d, frame, operations);
  const notches = find(operations, 'sleeve') ? capNotches(frame) : undefined;
  return { pieces, ...(notches ? { notches } : {}) };
}

function toFrame(d: Drafter, frame: TopFrame, one: Operation): TopFrame {
  switch (one.does) {
    case 'neck':
      return withNeck(d, frame, one);
    case 'shoulders':
      return withShoulders(d, frame);
    case 'underarm':
      return withUnderarm(d, frame, one);
    case 'length':
      return withLength(d, frame, one);
    case 'flare':
      return withFlare(d, frame, one);
    case 'straps':
      return withStraps(d, frame, one);
    case 'lower-edge':
      return withLowerEdge(d, frame, one);
    default:
      return frame;
  }
}

const edgesOf = ({ neckline, shoulder, armhole, side, hem, centre }: TopHalf): readonly Path[] => [
  neckline,
  shoulder,
  armhole,
  side,
  hem,
  centre,
];

const halfPiece = (frame: TopFrame, half: TopHalf): DraftedPiece => ({
  edges: edgesOf(half),
  levels: levelsOf(frame, half),
});

const halves = (frame: TopFrame): DraftedPieces =>
  Object.fromEntries(SIDES.map((side) => [side, halfPiece(frame, topHalf(frame, side))]));

function toPieces(d: Drafter, frame: TopFrame, one: Operation): DraftedPieces {
  switch (one.does) {
    case 'sleeve': {
      const sleeve = drawSleeve(d, frame, one);
      return {
        sleeve: {
          edges: [sleeve.cap, sleeve['back-underarm'], sleeve.end, sleeve['front-underarm']],
          levels: { biceps: ['back-underarm', 0], ...(one.zone ? { [one.zone]: ['back-underarm', 1] } : {}) },
        },
      };
    }
    case 'cut-in-one':
      return withSleevesCutInOne(d, frame, one);
    case 'raglan':
      return asRaglan(d, frame);
    case 'split':
      return { front: splitFront(d, frame, one) };
    case 'pocket':
      return { pocket: pocket(d, one) };
    case 'collar':
      return { collar: flatCollar(d, frame, one) };
    case 'facing':
      return Object.fromEntries(SIDES.map((side) => [`${side}-facing`, facingOf(d, frame, side, one)]));
    case 'shelf':
      return shelf(d, frame);
    case 'one-shoulder':
      return asOneShoulder(frame);
    case 'onto-brief':
      return ontoBrief(d, frame);
    default:
      return {};
  }
}

/** A copy of front and back down to the underbust, as long there as that is round. */
function shelf(d: Drafter, frame: TopFrame): DraftedPieces {
  const lowerMm = d.girth('underbust', 'underbust').value / 4;
  const down: TopFrame = {
    ...frame,
    quarters: taperedFrom(frame.quarters),
    hemY: frame.levels.underbust,
    flareX: 0,
    lowerMm,
  };
  return Object.fromEntries(
    SIDES.map((side) => [`shelf-${side}`, { edges: edgesOf(topHalf(down, side)) }] as const),
  );
}

const SHOULDER_CHOICES = [
  ['straps', 'strap-width'],
  ['shoulders', 'shoulder-width'],
] as const;

/** The points by which front and back are shaped by hand, where they have such an edge. */
function handles(d: Drafter, frame: TopFrame, operations: readonly Operation[]): void {
  const has = (does: Operation['does']): boolean => find(operations, does) !== undefined;
  if (has('neck') && !has('one-shoulder') && !has('split')) topHandles(d, frame, !has('raglan'));
  const half = topHalf(frame, 'front');
  const [foot, shoulder] = [endOf(half.side), endOf(half.shoulder)];
  if (has('length') && !has('onto-brief') && !has('cut-in-one'))
    d.handle({ choice: 'length', piece: 'front', at: endOf(half.hem), way: point(0, 1) });
  if (has('flare')) d.handle({ choice: 'hem-width', piece: 'front', at: foot, way: point(0.25, 0) });
  for (const [does, choice] of SHOULDER_CHOICES)
    if (has(does))
      d.handle({
        choice,
        piece: 'front',
        at: shoulder,
        way: point(Math.cos(frame.slopeRad), Math.sin(frame.slopeRad)),
      });
  if (has('underarm') && !has('raglan') && !has('cut-in-one'))
    d.handle({ choice: 'underarm', piece: 'front', at: endOf(half.armhole), way: point(0, 1) });
}

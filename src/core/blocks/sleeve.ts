import { leaf, say } from '../explain/ledger';
import type { Explained } from '../explain/explained';
import type { OperationOf } from '../fit/drafting';
import { backwards, lengthOf, mapped, pathOf, type Path } from '../geometry/path';
import { mirrored, point, type Point } from '../geometry/point';
import { cubic } from '../geometry/segment';
import type { Drafter } from './drafter';
import { arrives, downThrough, squareBetween } from './lines';
import { rootBetween } from './solve';
import { underarmAt, type TopFrame } from './topFrame';
import { armholeOf } from './topHalf';

export interface SleeveEdges {
  readonly cap: Path;
  readonly 'back-underarm': Path;
  readonly end: Path;
  readonly 'front-underarm': Path;
}

/** A cap is longer than its armholes by this, mm, to be eased in (T: 0 to 10). */
const CAP_EASE_MM = 5;
/** A cap is no flatter and no steeper than these parts of the sleeve’s width (from memory). */
const CAP_HIGH = { least: 0.16, most: 1.25 } as const;
/** A sleeve’s underarm is no shorter than this, mm. */
const LEAST_UNDERARM_MM = 18;

/** A bell as wide as the sleeve and so high: its front on the left, level at its ends and at its top, which is at (0, 0). */
export function capOf(wide: number, high: number): Path {
  const half = wide / 2;
  const [front, back] = [point(-half, high), point(half, high)];
  const top = point(0, 0);
  return pathOf([
    cubic(front, point(-half + 0.4 * half, high), point(-0.42 * half, 0), top),
    cubic(top, point(0.42 * half, 0), point(half - 0.4 * half, high), back),
  ]);
}

/** Both armholes together, mm. */
export const armholesMm = (frame: TopFrame): number =>
  lengthOf(armholeOf(frame, 'front')) + lengthOf(armholeOf(frame, 'back'));

/** The garment’s upper arm: its zone, else in proportion. */
export const upperArm = (d: Drafter): Explained => d.girth('biceps', 'biceps');

/**
 * The frame with armholes that a cap of this width can be drawn to: deepened where the arm is too wide for them, raised where
 * it is so thin that the cap would stand up.
 */
export function withRoomForCap(d: Drafter, frame: TopFrame, wide: Explained): TopFrame {
  const least = lengthOf(capOf(wide.value, CAP_HIGH.least * wide.value));
  const most = lengthOf(capOf(wide.value, CAP_HIGH.most * wide.value));
  const has = armholesMm(frame) + CAP_EASE_MM;
  if (has >= least && has <= most) return frame;
  const { underarm, waist } = frame.levels;
  const target = has < least ? least : most;
  const y = rootBetween(
    (at) => armholesMm(underarmAt(frame, at)) + CAP_EASE_MM - target,
    underarm * 0.55,
    waist - 8,
  );
  if (y === undefined) {
    d.cannot(
      say`No sleeve ${wide} round the upper arm goes into this armhole: measure the upper arm and the bust again, or make one of them closer.`,
    );
    return frame;
  }
  const by = d.drawn('armhole.moved', 'underarm moved by', Math.abs(y - underarm));
  d.note(
    y > underarm
      ? say`The armhole is ${by} deeper than usual, so that the sleeve goes in.`
      : say`The armhole is ${by} higher than usual, because the sleeve is narrow.`,
  );
  return underarmAt(frame, y);
}

/** A set-in sleeve whose cap is as long as both armholes and a little more. */
export function drawSleeve(
  d: Drafter,
  frame: TopFrame,
  { arm, zone, ofBiceps }: OperationOf<'sleeve'>,
): SleeveEdges {
  const wide = upperArm(d);
  const [front, back] = [armholeOf(frame, 'front'), armholeOf(frame, 'back')];
  const wanted = d.work('cap.wanted', {
    label: 'both armholes, and what is eased in',
    unit: 'mm',
    formula: 'front + back + ease',
    terms: {
      front: d.drawn('armhole.front', 'armhole, front', lengthOf(front)),
      back: d.drawn('armhole.back', 'armhole, back', lengthOf(back)),
      ease: leaf('eased in', CAP_EASE_MM, 'mm', 'T'),
    },
  });
  const high =
    d.solve('cap', {
      label: 'height of the sleeve cap',
      equation: 'the cap is as long as both armholes and what is eased in',
      low: 0.5 * CAP_HIGH.least * wide.value,
      high: 1.1 * CAP_HIGH.most * wide.value,
      drawn: (height) => lengthOf(capOf(wide.value, height)),
      drawnLabel: 'sleeve cap',
      wanted,
    }) ?? CAP_HIGH.least * wide.value;
  const long = d.choose('sleeve-length', {
    label: 'sleeve, from the shoulder',
    usual: arm * d.body('armLength').value,
    least: high + LEAST_UNDERARM_MM,
    most: d.body('armLength').value * 1.3 + high,
  });
  const end = zone
    ? d.girth(zone, 'wrist').value
    : d.choose('sleeve-end', {
        label: 'sleeve end, all round',
        usual: (ofBiceps ?? 1) * wide.value,
        least: 0.5 * wide.value,
        most: 1.8 * wide.value,
      });
  const cap = capOf(wide.value, high);
  const half = wide.value / 2;
  const right = downThrough([point(half, high), point(end / 2, long)], 'both');
  const left = mapped(right, mirrored);
  d.handle({ choice: 'sleeve-length', piece: 'sleeve', at: point(0, long), way: point(0, 1) });
  if (!zone)
    d.handle({ choice: 'sleeve-end', piece: 'sleeve', at: point(end / 2, long), way: point(0.5, 0) });
  return {
    cap,
    'back-underarm': right,
    end: endBetween(right, left),
    'front-underarm': backwards(left),
  };
}

/** The end of a tube from its right edge to its left, both given downwards. */
export const endBetween = (right: Path, left: Path): Path =>
  squareBetween(right.at(-1)?.to as Point, arrives(right), left.at(-1)?.to as Point, arrives(left));

/** Where the front’s and the back’s across points, and the shoulder, are marked on cap and armholes; the back’s are double. */
export function capNotches(
  frame: TopFrame,
): Readonly<Record<string, readonly { readonly atMm: number; readonly double?: true }[]>> {
  const [front, back] = [armholeOf(frame, 'front'), armholeOf(frame, 'back')];
  const [onFront, onBack] = [front, back].map((path) => lengthOf(pathOf([path[0]]))) as [number, number];
  const longFront = lengthOf(front);
  return {
    'front.armhole': [{ atMm: onFront }],
    'back.armhole': [{ atMm: onBack, double: true }],
    'sleeve.cap': [{ atMm: longFront - onFront }, { atMm: longFront + CAP_EASE_MM + onBack, double: true }],
  };
}

import type { Explained } from '../explain/explained';
import { say } from '../explain/ledger';
import { lengthOf, pathOf, type Path } from '../geometry/path';
import { minus, plus, point, times, unitOf, type Point } from '../geometry/point';
import { cubic, line } from '../geometry/segment';
import type { Drafter } from './drafter';
import { rootBetween } from './solve';

/** Usual measures of a leg (T, from memory). */
export const USUAL_LEG = {
  frontIn: 10,
  backLean: 30,
  raise: 30,
  hipShare: 0.66,
  frontPart: 1 / 3,
  knee: 0.5,
  calf: 0.65,
} as const;
/** What both crotch curves are drawn from: how deep the crotch lies, and how far each goes beyond its centre line. */
export interface CrotchFrame {
  readonly crotchY: number;
  readonly front: number;
  readonly back: number;
}

/** The back’s crotch point lies about so much lower, before that is solved, mm. */
const USUAL_LOWERED_MM = 6;
/** The back is raised by no more, and not lowered, mm. */
const RAISE = { least: 0, most: 70 } as const;
/**
 * The crotch below the waist: as it was measured sitting; else a part of the height, moved so far that the back’s raise comes out
 * as it may be. The crotch length it has to agree with is the better measure of the two.
 */
export function riseOf(d: Drafter, extensions: Pick<CrotchFrame, 'front' | 'back'>): number {
  const rise = d.girth('rise', 'rise');
  const seated = d.body('bodyRise');
  if (d.measured('bodyRise')) return seated.value;
  const raiseAt = (crotchY: number): number => {
    const frame = { ...extensions, crotchY };
    const { low, high } = soughtFor(frame);
    return rootBetween((raise) => crotchMm(frame, USUAL_LOWERED_MM, raise) - rise.value, low, high) ?? 0;
  };
  const bound = (raise: number): number =>
    rootBetween((y) => raiseAt(y) - raise, 0.15 * rise.value, 0.75 * rise.value) ?? seated.value;
  const held = Math.min(Math.max(seated.value, bound(USUAL_LEG.raise * 1.6)), bound(USUAL_LEG.raise * 0.4));
  return d.book.given(
    'draft.rise',
    'crotch below the waist',
    held,
    'mm',
    'default',
    'As a part of the height, kept so that it agrees with the crotch length. Measuring the body rise beats it.',
  ).value;
}

export const frontCrotch = (crotchY: number, ext: number, lean: number = USUAL_LEG.frontIn): Path =>
  crotchCurve(point(lean, 0), point(0, USUAL_LEG.hipShare * crotchY), point(-ext, crotchY));

/** The back’s, as seen with its centre on the left like the front’s: from the waist down. */
export const backCrotch = (
  crotchY: number,
  ext: number,
  raise: number,
  lowered: number,
  lean: number = USUAL_LEG.backLean,
): Path =>
  crotchCurve(point(lean, -raise), point(0, USUAL_LEG.hipShare * crotchY), point(-ext, crotchY + lowered));

/** Straight from the waist to the hip, then round into the crotch, level there. */
function crotchCurve(top: Point, hip: Point, end: Point): Path {
  const down = unitOf(minus(hip, top)) ?? point(0, 1);
  const [dx, dy] = [hip.x - end.x, end.y - hip.y];
  return pathOf([
    line(top, hip),
    cubic(hip, plus(hip, times(down, 0.62 * dy)), plus(end, point(Math.min(0.72 * dx, 0.5 * dy), 0)), end),
  ]);
}

/** Both crotch curves together, with the back raised by so much. */
const crotchMm = ({ crotchY, front, back }: CrotchFrame, lowered: number, raise: number): number =>
  lengthOf(frontCrotch(crotchY, front)) + lengthOf(backCrotch(crotchY, back, raise, lowered));

/** Between what the raise is sought, whatever it may be. */
const soughtFor = ({ crotchY }: CrotchFrame) => ({ low: -crotchY * 0.55, high: 2000 });

/** The crotch extensions of front and back out of both together. */
export const extensionsOf = (both: number): Pick<CrotchFrame, 'front' | 'back'> => ({
  front: USUAL_LEG.frontPart * both,
  back: (1 - USUAL_LEG.frontPart) * both,
});

/** The back’s raise solved from the crotch length; a measure is doubted where it comes out of bounds. */
export function raiseOf(d: Drafter, frame: CrotchFrame, lowered: number): number {
  const rise = d.girth('rise', 'rise');
  const raise = d.solve('raise', {
    label: 'the back is raised at the waist by',
    equation: 'both crotch curves together are as long as the crotch length',
    ...soughtFor(frame),
    drawn: (mm) => crotchMm(frame, lowered, mm),
    drawnLabel: 'both crotch curves',
    wanted: rise,
  });
  if (raise === undefined || raise > RAISE.most + SLACK_MM || raise < RAISE.least - SLACK_MM) {
    d.cannot(
      say`The crotch length, ${rise}, and the body rise, ${d.body('bodyRise')}, do not agree: measure both again.`,
    );
    return USUAL_LEG.raise;
  }
  return raise;
}
const SLACK_MM = 0.5;

/** A waist edge that no legs as wide as these hips can have. */
export const noSuchWaist = (d: Drafter, waist: Explained): void =>
  d.cannot(say`The waist, ${waist}, cannot be drawn onto these hips: measure waist and hip again.`);

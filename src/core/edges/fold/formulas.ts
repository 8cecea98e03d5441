import { formula } from '../../explain/formula';

/** The share of the curve a flat-lying band takes off until told: knit and steam absorb the rest (D). */
export const USUAL_EASE_IN = 0.84;

/** Up to this fold-edge slack a band lies flat; up to the next it wants steam; beyond it gapes or stands (T). */
export const SLACK = { liesFlat: 0.05, wantsSteam: 0.12 } as const;

/** Two to four inches shorter on an adult neckline, mm (T). */
export const FIXED_MM = { least: 50.8, middle: 76.2, most: 101.6 } as const;

/** A reduction past this is extreme: a rule for adults on a child's neck (common practice, no source). */
export const EXTREME_REDUCTION = 0.25;

/** The length of a flat band's fold edge, the inner parallel curve: N − Θ·w (D). */
export const foldEdge = formula('N - turn * w', 'N', 'turn', 'w');

/** Flat-lying band at the seamline: N − c·Θ·w (D). */
export const flatLyingBand = formula('N - c * turn * w', 'N', 'turn', 'w', 'c');

/** What a mitre at a point of turn θ takes off a fold edge, both sides: 2·w·tan(θ/2), mm (D). */
export const mitreOf = formula('2 * w * tan(point / 2)', 'w', 'point');

/** Slack of the fold edge on the finished opening: B / (N − Θ·w) − 1 (D). */
export const foldEdgeSlack = formula('B / F - 1', 'B', 'F');

/** How far the band is stretched while it is sewn on: N / B − 1 (D). */
export const sewnStretch = formula('N / B - 1', 'N', 'B');

/** Band ÷ neckline by what the band stretches (T, from memory); the rib figure is the middle of 0.75–0.80. */
const RATIO_BY_STRETCH: readonly {
  readonly from: number;
  readonly ratio: number;
  readonly label: string;
}[] = [
  { from: 1, ratio: 0.775, label: 'rib, 100 % and over' },
  { from: 0.5, ratio: 0.85, label: '50 to 100 %' },
  { from: 0.25, ratio: 0.9, label: '25 to 50 %' },
  { from: 0, ratio: 0.95, label: 'under 25 %' },
];

export function ratioByStretch(stretch: number): (typeof RATIO_BY_STRETCH)[number] {
  return (
    RATIO_BY_STRETCH.find((row) => stretch >= row.from) ??
    (RATIO_BY_STRETCH.at(-1) as (typeof RATIO_BY_STRETCH)[number])
  );
}

/** Cloth this thick or thicker needs width for its turn, mm (common practice, no source). */
const THICK_FROM_MM = 1;
/** The turn of thick cloth takes about this many thicknesses (T). */
export const TURN_THICKNESSES = 1.5;

/** The thickness of a cloth that counts where it is folded: none where it is thin, mm (T). */
export const thicknessInFold = (thicknessMm = 0): number => (thicknessMm >= THICK_FROM_MM ? thicknessMm : 0);

/** What the fold of a cloth takes of its strip's width, mm (T). */
export const turnOfCloth = (thicknessMm?: number): number => TURN_THICKNESSES * thicknessInFold(thicknessMm);

/** Cut width of a folded band: 2·(w + a) + turn of cloth. */
export const foldedWidth = formula('2 * (w + a) + times * t', 'w', 'a', 'times', 't');

/** The default length: the formula, no longer than lies flat, never under the limits (D). */
export const defaultBand = formula('max(min(B, flat), shortest)', 'B', 'flat', 'shortest');

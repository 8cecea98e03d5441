import { createLedger } from '../explain/ledger';
import { isScalloped, type Cloth } from '../facts/cloth';
import type { CutWith } from '../facts/layout';
import type { Rings } from '../geometry/clip';
import { point } from '../geometry/point';
import type { Repeat } from '../layout/problem';
import { washedBy, washedWidth } from './buy';
import { holesOf } from './leftover';

/** The cloth that pieces are laid on as it lies there, washed, mm; no width where nobody knows it. */
export interface LaidOn {
  readonly widthMm: number | undefined;
  readonly cutWith: CutWith;
  /** Pieces are matched to it. */
  readonly repeat?: Repeat | undefined;
  /** Lace: the edges that scallops lie on; see `LayoutProblem.lacedEdges`. */
  readonly lacedEdges?: 'left' | 'both' | undefined;
  /** Where it was cut before; see `LayoutProblem.holes`. */
  readonly holes?: Rings | undefined;
}

/** How a cloth is used: its width as it is sold, what it is cut with, whether its print is left unmatched. */
export interface Using {
  readonly widthMm: number | undefined;
  readonly cutWith: CutWith;
  readonly unmatched?: boolean | undefined;
  /** It was cut and is back on the shelf: its outline is what that left, not what was laid on. */
  readonly shelved?: boolean | undefined;
}

/** A cloth as pieces are laid on it. What is left of it counts only at its own width: another width is another cloth. */
export function laidOn(cloth: Cloth, { widthMm, cutWith, unmatched, shelved }: Using): LaidOn {
  const repeat = unmatched ? undefined : washedRepeat(cloth);
  const isWhole = shelved || widthMm !== cloth.widthMm;
  const outline = isWhole ? undefined : washedOutline(cloth);
  const washedMm = widthMm === undefined ? undefined : washedWidth(createLedger(), cloth, widthMm).value;
  return {
    widthMm: washedMm,
    cutWith,
    repeat,
    lacedEdges: isScalloped(cloth) ? (cloth.scallop === 'both edges' ? 'both' : 'left') : undefined,
    holes: outline && washedMm !== undefined ? holesOf(outline, washedMm) : undefined,
  };
}

/** A cloth as its layout counts it: once the rest is back on the shelf, what is there is another piece, not what it is cut from. */
export const countedCloth = (cloth: Cloth, shelved: boolean | undefined): Cloth =>
  shelved ? { ...cloth, onHandMm: undefined } : cloth;

/** How a print repeats once it is washed; nothing of a cloth that has none. */
function washedRepeat(cloth: Cloth): Repeat | undefined {
  const { repeatAcrossMm, repeatAlongMm, repeatFromMm } = cloth;
  if (repeatAcrossMm === undefined && repeatAlongMm === undefined) return undefined;
  const times = (mm: number | undefined, by: number) => (mm === undefined ? undefined : mm * by);
  const [across, along] = [washedBy(cloth, 'across'), washedBy(cloth, 'along')];
  return {
    acrossMm: times(repeatAcrossMm, across),
    fromMm: times(repeatFromMm, across),
    alongMm: times(repeatAlongMm, along),
  };
}

/** What is left of a cloth, once it is washed; nothing of one that was not cut into. */
export function washedOutline(cloth: Cloth): Rings | undefined {
  const [across, along] = [washedBy(cloth, 'across'), washedBy(cloth, 'along')];
  return cloth.outline?.map(({ points }) => points.map(({ x, y }) => point(x * across, y * along)));
}

import { DEFAULT_PLIES_MM } from './stitchStretch';
import type { Stitch, ThreadPath } from './stitches';

/** Waste on top of what the seams take: the middle of 15 to 25 % (T). */
export const THREAD_WASTE = 0.2;

/** Twin needles stand this far apart, mm (T); the bobbin thread zigzags between. */
const TWIN_MM = 4;

/** Thread that each path takes for each length of seam, all its spools together, without waste. */
export function threadRatios(
  stitch: Stitch,
  pliesMm = DEFAULT_PLIES_MM,
): readonly { readonly path: ThreadPath; readonly spools: number; readonly ratio: number }[] {
  const { threads, threadRatio } = stitch;
  const total = threadRatio ?? lockstitchThread(stitch, pliesMm);
  const needle = needleRatio(stitch, total, pliesMm);
  return threads.map(([path, spools]) => ({
    path,
    spools,
    ratio: path === 'needle' ? needle : total - needle,
  }));
}

/**
 * A lockstitch takes its path twice, once for the needle and once for the bobbin (D). A stitch that makes its width in
 * three steps goes a third of it at a time.
 */
function lockstitchThread({ start, id, model }: Stitch, pliesMm: number): number {
  const swings = model.kind === 'lockstitch' ? (model.swings ?? 1) : 1;
  const [length, width] = [start.length ?? 2.5, (start.width ?? 0) / swings];
  return id === 'twin'
    ? 2 * rowOf(length, 0, pliesMm) + rowOf(length, TWIN_MM, pliesMm)
    : 2 * rowOf(length, width, pliesMm);
}

const rowOf = (length: number, width: number, pliesMm: number) =>
  (Math.sqrt(length ** 2 + width ** 2) + pliesMm) / length;

function needleRatio({ model, machine, id, start }: Stitch, total: number, pliesMm: number): number {
  if (model.kind === 'looped') return total * model.needleShare;
  if (machine === 'hand') return total;
  if (machine === 'coverstitch') return total * CHAIN_NEEDLE_SHARE;
  return id === 'twin' ? 2 * rowOf(start.length ?? 3, 0, pliesMm) : total / 2;
}

/** The needle's share of a chainstitch (an estimate: no table at hand). */
const CHAIN_NEEDLE_SHARE = 0.3;

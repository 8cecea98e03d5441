import { formula } from '../explain/formula';
/**
 * The seamline of an opening (a hole: neckline, armhole, leg) from the cut edge of its joined ring, `ring + Θ·a`:
 * the stitching runs further from the hole's middle (D, offset of a curve). Lengths mm, turn in radians.
 */
export const seamlineOfRing = formula('ring + turn * a', 'ring', 'turn', 'a');

/** The joined ring from cut pieces: two allowances are lost at every seam that crosses the edge (D). */
export const ringOfPieces = formula('pieces - 2 * n * s', 'pieces', 'n', 's');

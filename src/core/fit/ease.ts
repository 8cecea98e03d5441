import { formula } from '../explain/formula';
/** Negative ease as a share of the body: (G − g) / G (D). */
export const negativeEase = formula('(G - g) / G', 'G', 'g');

/** Worn extension as a share of the garment, what the cloth really does: (G − g) / g (D). */
export const wornExtension = formula('(G - g) / g', 'G', 'g');

/** Worn extension from negative ease: n / (1 − n) (D). */
export const extensionFromEase = formula('n / (1 - n)', 'n');

/** Negative ease from worn extension: e / (1 + e) (D). */
export const easeFromExtension = formula('e / (1 + e)', 'e');

/** Garment girth at rest for a worn extension: G / (1 + e) (D). */
export const restGirth = formula('G / (1 + e)', 'G', 'e');

/** Extension asked of an opening that must pass a girth: G / g − 1, and none when it is large enough (D). */
export const passingExtension = formula('max(G / g - 1, 0)', 'G', 'g');

/** Worn extension along a cloth that draws in by a share of its length while it is stretched across (D). */
export const drawnInExtension = formula('(1 + e) / (1 - d) - 1', 'e', 'd');

/** Negative ease as a share of the body: (G − g) / G (D). */
export const negativeEase = (bodyMm: number, garmentMm: number): number => (bodyMm - garmentMm) / bodyMm;

/** Worn extension as a share of the garment, what the cloth really does: (G − g) / g (D). */
export const wornExtension = (bodyMm: number, garmentMm: number): number => (bodyMm - garmentMm) / garmentMm;

/** Worn extension from negative ease: n / (1 − n) (D). */
export const extensionFromEase = (ease: number): number => ease / (1 - ease);

/** Negative ease from worn extension: e / (1 + e) (D). */
export const easeFromExtension = (extension: number): number => extension / (1 + extension);

/** Garment girth at rest for a worn extension: G / (1 + e) (D). */
export const restGirth = (bodyMm: number, extension: number): number => bodyMm / (1 + extension);

/** Extension asked of an opening that must pass a girth: G / g − 1, and none when it is large enough (D). */
export const passingExtension = (passesMm: number, openingMm: number): number =>
  Math.max(passesMm / openingMm - 1, 0);

/** Worn extension along a cloth that draws in by a share of its length while it is stretched across (D). */
export const drawnInExtension = (extension: number, drawIn: number): number =>
  (1 + extension) / (1 - drawIn) - 1;

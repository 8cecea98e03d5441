/** A usual strip for either ruler, mm: 10 cm long and 5 cm wide, or 4 by 2 in. */
export const USUAL_STRIP_MM = {
  cm: { rest: 100, width: 50 },
  in: { rest: 101.6, width: 50.8 },
} as const;

/**
 * The limits, the same for cloth, bands and elastics, as shares of the comfortable stretch (T). The one place
 * they are written down.
 */
export const LIMITS = {
  /** Worn all day. */
  worn: 0.6,
  /** While it is sewn on. */
  sewn: 0.8,
  /** Pulled on, for a moment. */
  pulledOn: 1,
} as const;

/** Worn extension is not taken past this without a pull curve (T). */
export const MAX_WORN_EXTENSION = 0.3;

/** Dimensional change as a share: (after − before) / before; shrinking is negative (S: the form of ISO 5077). */
export const dimensionalChange = (beforeMm: number, afterMm: number): number =>
  (afterMm - beforeMm) / beforeMm;

/** Length to buy so that enough is left after washing: needed / (1 + change) (D). */
export const lengthToBuy = (neededMm: number, change: number): number => neededMm / (1 + change);

/** Weight of a weighed square, g/m² (D): a 10 × 10 cm square of w g weighs 100·w g/m². */
export const weightOfSquare = (grams: number, sideMm: number): number => (grams * 1_000_000) / sideMm ** 2;

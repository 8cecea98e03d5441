import { formula } from '../explain/formula';
/** Dimensional change as a share: (after − before) / before; shrinking is negative (S: the form of ISO 5077). */
export const dimensionalChange = formula('(B - A) / A', 'A', 'B');

/** Weight of a weighed square, g/m² (D): a 10 × 10 cm square of w g weighs 100·w g/m². */
export const weightOfSquare = (grams: number, sideMm: number): number => (grams * 1_000_000) / sideMm ** 2;

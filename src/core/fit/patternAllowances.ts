import type { Garment } from '../facts/garment';
import type { Pattern } from '../facts/pattern';

/**
 * What to change on a garment so that it has its pattern's own allowances, by path, mm; empty where it has them
 * already or the pattern does not say.
 */
export function patternAllowances(
  { seamAllowanceMm: seam, hemAllowanceMm: hem }: Pattern,
  { pattern }: Pick<Garment, 'pattern'>,
): Readonly<Record<string, number>> {
  const wanted: readonly (readonly [path: string, has: number, mm: number | undefined])[] = [
    ['pattern.seamAllowanceMm', pattern.seamAllowanceMm, seam],
    ['pattern.neckline.allowanceMm', pattern.neckline.allowanceMm, seam],
    ['pattern.neckline.shoulderAllowanceMm', pattern.neckline.shoulderAllowanceMm, seam],
    ['pattern.hemAllowanceMm', pattern.hemAllowanceMm, hem],
    ['pattern.sleeveHemAllowanceMm', pattern.sleeveHemAllowanceMm, hem],
  ];
  return Object.fromEntries(
    wanted.flatMap(([path, has, mm]) => (mm === undefined || mm === has ? [] : [[path, mm]])),
  );
}

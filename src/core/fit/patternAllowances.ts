import type { Garment } from '../facts/garment';
import type { Pattern } from '../facts/pattern';

/**
 * What to change on a garment so that it has its pattern's own allowances, by path, mm; empty where it has them
 * already or the pattern does not say.
 */
export function patternAllowances(
  { seamAllowanceMm: seam, hemAllowanceMm: hem }: Pattern,
  { pattern, edges }: Pick<Garment, 'pattern' | 'edges'>,
): Readonly<Record<string, number>> {
  const wanted: readonly (readonly [path: string, has: number | undefined, mm: number | undefined])[] = [
    ['pattern.seamAllowanceMm', pattern.seamAllowanceMm, seam],
    ...(['allowanceMm', 'crossingAllowanceMm'] as const).map((field) => {
      const own = edges?.neckline?.measured?.[field];
      // Where it has none of its own it follows the other seams.
      return [`edges.neckline.measured.${field}`, own, own === undefined ? undefined : seam] as const;
    }),
    ['pattern.hemAllowanceMm', pattern.hemAllowanceMm, hem],
    ['pattern.sleeveHemAllowanceMm', pattern.sleeveHemAllowanceMm, hem],
  ];
  return Object.fromEntries(
    wanted.flatMap(([path, has, mm]) => (mm === undefined || mm === has ? [] : [[path, mm]])),
  );
}

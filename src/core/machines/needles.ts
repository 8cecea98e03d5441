import type { Cloth } from '../facts/cloth';
import type { Setup } from '../facts/setup';

/** Paired trade sizes of needle metric sizes (S: needle metric numbering). */
const tradeSizes: Readonly<Record<number, number>> = {
  60: 8,
  65: 9,
  70: 10,
  75: 11,
  80: 12,
  90: 14,
  100: 16,
};

/** NM 75 is a blade of 0.75 mm (S: needle metric numbering). */
export const bladeMm = (needleNm: number): number => needleNm / 100;

/** `75/11`, or `72` where no trade size goes with it. */
export const needleText = (needleNm: number): string =>
  tradeSizes[needleNm] === undefined ? String(needleNm) : `${needleNm}/${tradeSizes[needleNm]}`;

interface NeedleAdvice {
  readonly kind: NonNullable<Setup['needleKind']>;
  readonly needleNm: number;
  readonly why: string;
}

/** Weights under and over which finer or thicker needles go (estimates; the handbook goes by kind of cloth). */
const LIGHT_GSM = 130;
const HEAVY_GSM = 270;
/** One layer from which the foot presses one step lighter, mm (an estimate). */
const THICK_MM = 1.2;

/** Cloth that wants a fine needle and fine thread; unknown where it was not weighed. */
export const isLight = (cloth: Cloth | undefined): boolean =>
  cloth?.weightGsm !== undefined && cloth.weightGsm < LIGHT_GSM;
/** Cloth that was measured as thick. */
export const isThick = (cloth: Cloth | undefined): boolean => (cloth?.thicknessMm ?? 0) >= THICK_MM;

/** Needle for a cloth and a place: stretch where there is elastane or elastic, else ball-point; size by weight (T). */
export function needleFor(
  cloth: Cloth | undefined,
  { onElastic = false, stretchOnly = false }: { onElastic?: boolean; stretchOnly?: boolean } = {},
): NeedleAdvice {
  const elastane = /elastan|lycra|spandex|polyamid|nylon/i.test(cloth?.fibre ?? '');
  const swim = cloth?.swim === 'yes';
  const kind = onElastic || elastane || swim || stretchOnly ? 'stretch' : 'ball-point';
  const why = stretchOnly
    ? 'This machine takes only the stretch system.'
    : onElastic
      ? 'Through elastic a stretch needle skips least.'
      : swim || elastane
        ? 'Elastane: a stretch needle skips least.'
        : 'Its rounded point parts the loops; a universal one can cut a knit.';
  const weight = cloth?.weightGsm;
  if (isLight(cloth)) return { kind, needleNm: 70, why };
  if (weight !== undefined && weight > HEAVY_GSM && !swim) return { kind, needleNm: 90, why };
  return { kind, needleNm: swim || cloth?.pile === 'yes' ? 75 : 80, why };
}

/** Feet and helps for this cloth, each a sentence (T). */
export function helpsFor(cloth: Cloth | undefined): readonly string[] {
  if (!cloth) return [];
  const thick = (cloth.weightGsm ?? 0) > HEAVY_GSM || isThick(cloth);
  return [
    ...(cloth.drape === 'slinky'
      ? ['A walking foot, or strips of tissue under the seam torn away after; fusible knit tape along it.']
      : []),
    ...(cloth.pile === 'yes'
      ? ['Baste the layers first; a walking foot; every seam in one direction, top to bottom.']
      : []),
    ...(cloth.curl === 'strongly' ? ['Spray starch on the curling edges, dried flat, in fresh air.'] : []),
    ...(thick ? ['One step lighter on the foot; tissue over bulky crossings.'] : []),
    ...(isLight(cloth) ? ['Fine thread, ticket 120 to 150.'] : []),
  ];
}

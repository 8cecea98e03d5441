import type { Explained, Phrase } from '../explain/explained';
import { getNumber, leaf, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { Pattern, PatternSize } from '../facts/pattern';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import { finishedGirth, nearestIndex, sizesInOrder } from './patternSize';
import { styleOf, type GarmentKind, type Zone } from './garmentKind';
import { bustAdjustments, bustAgainstPattern, shareWithoutAdjustment, withoutAdjustment } from './bust';
import type { Body } from '../explain/body';
import type { AdjustmentPlan, SizePlan, ZonePlan } from './types';

const sizeSees = { records: ['pattern'], garment: ['sizeId', 'style'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof sizeSees>;
  readonly kind: GarmentKind;
  readonly body: Body;
  readonly zones: readonly ZonePlan[];
}

/** A difference in length smaller than this is not worth cutting the pattern for (common practice, no source). */
const NO_LENGTH_MM = 5;

/** The size to cut, where to grade, and the lengths to change; `undefined` without a pattern's table. */
export const planSize = stage(sizeSees, workSize);

function workSize(inputs: Inputs): SizePlan | undefined {
  const { facts, kind, zones } = inputs;
  const { pattern, garment } = facts;
  const rows = pattern ? sizesInOrder(pattern) : [];
  if (!pattern || rows.length === 0) return undefined;
  const tabled = kind.zones.flatMap((zone) => {
    const plan = zones.find((one) => one.zone === zone.id);
    const column = rows.flatMap(([id, size]) => {
      const value = size.values[zone.measure];
      return value === undefined ? [] : [{ id, size, value }];
    });
    return plan && column.length > 0 ? [{ zone, plan, column }] : [];
  });
  const nearest = tabled.map(({ zone, plan, column }) => {
    const wanted = getNumber(inputs.book.numbers, plan.rest);
    const ease = easeOf(inputs, pattern, zone);
    // Each size is looked at with the cup it was drafted for: another size has another.
    const off = column.map(({ id, value }) => {
      const share = zone.measure === 'bust' ? shareWithoutAdjustment(pattern, inputs.body, id) : 1;
      return finishedGirth(value, pattern.tableOf, ease.value) - wanted.value * share;
    });
    return { zone, plan, column, ease, wanted, best: column[nearestIndex(off, 0)] };
  });
  const governing = nearest[0];
  const cutId =
    garment.sizeId !== undefined && pattern.sizes[garment.sizeId] ? garment.sizeId : governing?.best?.id;
  const cut = cutId === undefined ? undefined : pattern.sizes[cutId];
  if (cutId === undefined || !cut) return undefined;
  const bust = bustAgainstPattern(inputs.book, pattern, inputs.body, cutId);
  return {
    cut: cutId,
    label: cut.label,
    chosen: garment.sizeId === cutId,
    reason: !governing
      ? say`chosen`
      : bust && governing.zone.measure === 'bust'
        ? say`nearest by the high bust, with the cup it was drafted for; the bust beyond it is added below`
        : say`nearest at the ${governing.zone.label.toLowerCase()}, which governs`,
    zones: nearest.flatMap(({ zone, plan, column, ease, wanted, best }) => {
      const row = column.find(({ id }) => id === cutId);
      if (!row || !best) return [];
      const adjusted = bust !== undefined && zone.measure === 'bust';
      const target = adjusted ? withoutAdjustment(inputs.book, bust, wanted) : wanted;
      return [
        zoneSize(inputs.book, pattern, cut, { zone, plan, ease, target, value: row.value, best, adjusted }),
      ];
    }),
    adjustments: [...lengthChanges(inputs, cut), ...bustAdjustments(inputs.book, pattern, bust)],
  };
}

function easeOf({ facts, kind }: Inputs, pattern: Pattern, zone: Zone) {
  const own = zone.axis === 'around' ? pattern.easeAround : pattern.easeAlong;
  if (own !== undefined) return leaf('the pattern’s own negative ease', own, 'share', 'own record');
  const style = styleOf(kind, facts.garment.style);
  const [low, high] = (zone.axis === 'around' ? style.range : style.rangeAlong) ?? [0, 0];
  return leaf(
    'negative ease usual for this kind, taken for the pattern',
    (low + high) / 2,
    'share',
    'default',
  );
}

function zoneSize(
  book: Ledger,
  pattern: Pattern,
  cut: PatternSize,
  {
    zone,
    plan,
    ease,
    target,
    value,
    best,
    adjusted,
  }: {
    zone: Zone;
    plan: ZonePlan;
    ease: ReturnType<typeof easeOf>;
    target: Explained;
    value: number;
    best: { readonly id: string; readonly size: PatternSize };
    adjusted: boolean;
  },
): SizePlan['zones'][number] {
  const at = `size.${zone.id}`;
  const label = `size ${cut.label} at the ${zone.label.toLowerCase()}, finished`;
  const table = leaf(
    `the table’s ${bodyFields[zone.measure].label.toLowerCase()}`,
    value,
    'mm',
    'own record',
  );
  const finished =
    pattern.tableOf === 'finished garment'
      ? book.work(`${at}.finished`, {
          label,
          unit: 'mm',
          mark: 'own record',
          formula: 'g',
          terms: { g: table },
        })
      : book.work(`${at}.finished`, {
          label,
          unit: 'mm',
          mark: 'D',
          formula: 'G * (1 - n)',
          terms: { G: table, n: ease },
        });
  const short = finished.value < target.value;
  const perSeamEdge = zoneChange(book, zone, `${at}.perSeamEdge`, finished, target);
  const same = best.size.label === cut.label;
  const name = adjusted ? `${zone.label}, before the bust adjustment` : zone.label;
  const advice: Phrase =
    perSeamEdge.value < LEAST_CHANGE_MM
      ? say`${name}: as it is`
      : zone.axis === 'along'
        ? say`${name}: ${short ? 'lengthen' : 'shorten'} by ${perSeamEdge} altogether${placeOfLength(zone)}`
        : same
          ? say`${name}: ${short ? 'add' : 'take off'} ${perSeamEdge} at each seam edge`
          : say`${name}: grade towards size ${{ name: best.size.label }}: ${short ? 'add' : 'take off'} ${perSeamEdge} at each seam edge`;
  return {
    zone: plan.zone,
    label: zone.label,
    measure: zone.measure,
    nearest: best.id,
    target: target.id,
    finished: finished.id,
    perSeamEdge: perSeamEdge.id,
    advice,
  };
}

/** How far each seam edge moves from the pattern's girth to the one wanted; a length is changed in one place. */
export const zoneChange = (
  book: Ledger,
  { axis, seamEdges }: Zone,
  id: string,
  pattern: Explained,
  wanted: Explained,
): Explained => {
  const along = axis === 'along';
  return book.work(id, {
    label: along ? 'change in length' : 'change at each seam edge',
    unit: 'mm',
    mark: 'D',
    formula: 'abs(p - g) / edges',
    terms: {
      p: pattern,
      g: wanted,
      edges: leaf(along ? 'in one place' : 'seam edges', along ? 1 : seamEdges, 'count', 'D'),
    },
  });
};

/** Where a length is changed on the pattern, where that is known. */
export const placeOfLength = ({ measure }: Zone): string => {
  const where = LENGTHS.find(([one]) => one === measure)?.[1];
  return where ? `, ${where}` : '';
};

/** A change per seam edge smaller than this is not worth cutting (common practice, no source). */
export const LEAST_CHANGE_MM = 1;

const LENGTHS: readonly (readonly [BodyMeasure, string])[] = [
  ['backLength', 'at the line between underarm and waist, front and back alike'],
  ['armLength', 'half above and half below the elbow'],
  ['inseam', 'half above and half below the knee'],
  ['lowRise', 'at the top of the back, nothing at the sides'],
  ['rise', 'at the top of the back, nothing at the sides'],
  ['loop', 'half above and half below the waist'],
];

/** Where this body is longer or shorter than the size was drawn for. */
function lengthChanges({ book, body, zones, kind }: Inputs, cut: PatternSize): AdjustmentPlan[] {
  const zoned = kind.zones.filter(({ id }) => zones.some(({ zone }) => zone === id));
  return LENGTHS.flatMap(([measure, where]): AdjustmentPlan[] => {
    if (zoned.some((zone) => zone.measure === measure)) return [];
    const own = body[measure];
    const drawn = cut.values[measure];
    if (!own || drawn === undefined) return [];
    const longer = own.value > drawn;
    const by = book.work(`size.length.${measure}`, {
      label: `${bodyFields[measure].label.toLowerCase()} against the size cut`,
      unit: 'mm',
      mark: 'D',
      formula: 'abs(body - size)',
      terms: { body: own, size: leaf('the size was drawn for', drawn, 'mm', 'own record') },
    });
    if (by.value < NO_LENGTH_MM) return [];
    return [
      {
        id: `length-${measure}`,
        sentence: say`${bodyFields[measure].label}: ${longer ? 'lengthen' : 'shorten'} by ${by}, ${where}.`,
      },
    ];
  });
}

import { createLedger, getNumber, leaf, type Ledger } from '../explain/ledger';
import type { Explained } from '../explain/explained';
import type { Garment } from '../facts/garment';
import type { Wearer } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import { grownOn, workGrowth, type GrowthLine, type Reading } from './growth';
import { girthsAsCut } from '../ticket/frozenLengths';
import { isAtMostMm } from '../units/tolerance';
import { sizeAt, wornPlace, type WornPlace, type WornPlan } from './wornAt';

/** Whether one girth still takes its wearer on a day. */
export interface ZoneStillFits {
  readonly zone: string;
  readonly label: string;
  readonly line: GrowthLine;
  /** The largest body it takes: of a close garment stretched to its limit, else as large as it is. */
  readonly most: Explained;
  readonly then: Explained;
  readonly room: Explained;
  readonly keeps: boolean;
  /** The last day by the line, where it rises and the day lies within ten years. */
  readonly until?: string;
}

export interface StillFits {
  readonly zones: readonly ZoneStillFits[];
  readonly numbers: Readonly<Record<string, Explained>>;
}

/**
 * How large it is: what is cut already was planned for the body of that day, and does not grow with the plan when its
 * wearer is measured again. Where that was not kept as it was cut: by outlines it is as large as they are.
 */
function asItWasCut(
  book: Ledger,
  plan: WornPlan,
  place: Extract<WornPlace, { of: 'zone' }>,
  garment: Garment,
  readings: readonly Reading[],
): Explained {
  const size = sizeAt(book, plan, place, garment);
  const { zone, body } = place.zone;
  const cutOn = Object.values(garment.cuts)
    .map((cut) => cut.cutOn)
    .toSorted()[0];
  const isKnown = plan.pieces.girths[zone] !== undefined || girthsAsCut(garment.cuts)[zone] !== undefined;
  if (cutOn === undefined || isKnown) return size;
  const sorted = readings.toSorted((a, b) => a.on.localeCompare(b.on));
  const then = sorted.findLast(({ on }) => on <= cutOn) ?? sorted[0];
  const now = getNumber(plan.numbers, body);
  if (!then || then.mm === now.value) return size;
  const larger = size.value > now.value;
  return book.work(`grown.${zone}.asCut`, {
    label: `as large as it was cut on ${cutOn}`,
    unit: 'mm',
    mark: 'D',
    note: 'Planned for the body of that day.',
    formula: larger ? 'g + then - now' : 'g * then / now',
    terms: { g: size, then: leaf(`measured on ${then.on}`, then.mm, 'mm', 'measured'), now },
  });
}

const MS_PER_DAY = 86_400_000;
const FARTHEST_DAYS = 3650;

/** Every girth that was measured on two days, the one that is outgrown first before the others. */
export function stillFits(
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  wearer: Pick<Wearer, 'measurements'>,
  onDate: string,
): StillFits {
  const book = createLedger();
  const zones = kind.zones.flatMap(({ id, label, axis, measure }): ZoneStillFits[] => {
    const place = wornPlace(plan, kind, garment, id);
    if (axis !== 'around' || place?.of !== 'zone') return [];
    const readings = Object.values(wearer.measurements).flatMap(({ measuredOn, values }) => {
      const mm = values[measure];
      return mm === undefined ? [] : [{ on: measuredOn, mm }];
    });
    const line = workGrowth(book, `grown.${id}`, label.toLowerCase(), readings);
    if (!line) return [];
    const size = asItWasCut(book, plan, place, garment, readings);
    const most = place.looser
      ? book.work(`grown.${id}.most`, {
          label: 'largest body it takes, as large as it is',
          unit: 'mm',
          mark: 'D',
          formula: 'g',
          terms: { g: size },
        })
      : book.work(`grown.${id}.most`, {
          label: 'largest body it takes, stretched to its limit',
          unit: 'mm',
          mark: 'D',
          formula: 'g * (1 + limit)',
          terms: { g: size, limit: getNumber(plan.numbers, place.zone.limit) },
        });
    const then = grownOn(book, `grown.${id}.then`, `${label.toLowerCase()} on ${onDate}`, line, onDate);
    const room = book.work(`grown.${id}.room`, {
      label: 'room left',
      unit: 'mm',
      mark: 'D',
      formula: 'most - then',
      terms: { most, then },
    });
    const days = (most.value - line.at.value) / line.perDay.value;
    const until =
      line.perDay.value > 0 && days < FARTHEST_DAYS
        ? new Date(Date.parse(line.from) + Math.floor(days) * MS_PER_DAY).toISOString().slice(0, 10)
        : undefined;
    return [
      {
        zone: id,
        label,
        line,
        most,
        then,
        room,
        keeps: isAtMostMm(then.value, most.value),
        ...(until === undefined ? {} : { until }),
      },
    ];
  });
  return {
    zones: zones.toSorted((a, b) => (a.until ?? '9').localeCompare(b.until ?? '9')),
    numbers: book.numbers,
  };
}

import type { Explained, NumberId, Phrase } from '../explain/explained';
import { getNumber, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { GarmentKind, Zone } from './garmentKind';
import type { ZoneId } from '../facts/garment';
import { workWornExtension } from './fitNumbers';
import { LEAST_CHANGE_MM, placeOfLength, zoneChange } from './size';
import type { PatternPlan, SizePlan, ZonePlan } from './types';

const patternSees = { records: [], garment: ['pattern'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof patternSees>;
  readonly kind: GarmentKind;
  readonly zones: readonly ZonePlan[];
  readonly size: SizePlan | undefined;
  /** Girths measured on the pattern’s outlines, by zone: as they are cut, and as they were drawn where that may differ. */
  readonly pieces: {
    readonly girths: Readonly<Record<ZoneId, NumberId>>;
    readonly drawnGirths: Readonly<Record<ZoneId, NumberId>>;
  };
}

/** The zones with what to change on the pattern: measured on it, or out of its size table. */
export const withPattern = stage(patternSees, workPattern);

function workPattern({ book, facts: { garment }, kind, zones, size, pieces }: Inputs): readonly ZonePlan[] {
  return zones.map((plan) => {
    const zone = kind.zones.find(({ id }) => id === plan.zone);
    const typed = garment.pattern.finished[plan.zone];
    const outlined = pieces.girths[plan.zone];
    if (zone && (typed !== undefined || outlined !== undefined)) {
      const drawn = pieces.drawnGirths[plan.zone];
      const girth =
        typed === undefined
          ? getNumber(book.numbers, outlined ?? '')
          : outlined !== undefined && drawn !== undefined
            ? alteredGirth(book, zone, typedGirth(book, zone, typed), outlined, drawn)
            : typedGirth(book, zone, typed);
      const altered = outlined !== undefined && drawn !== undefined && isApart(book, outlined, drawn);
      const rest = getNumber(book.numbers, plan.rest);
      return {
        ...plan,
        pattern: measuredPattern(
          book,
          zone,
          { rest, girth, body: getNumber(book.numbers, plan.body) },
          altered,
        ),
      };
    }
    const sized = size?.zones.find((one) => one.zone === plan.zone);
    if (!sized) return plan;
    const pattern: PatternPlan = {
      girth: sized.finished,
      perSeamEdge: sized.perSeamEdge,
      advice: sized.advice,
    };
    return { ...plan, pattern };
  });
}

const typedGirth = (book: Ledger, { id, label }: Zone, mm: number): Explained =>
  book.given(`fit.${id}.pattern`, `pattern at the ${label.toLowerCase()}, finished`, mm, 'mm', 'measured');

/** What was typed is the pattern as drawn: its alterations change it by as much as they change its outlines. */
const alteredGirth = (
  book: Ledger,
  { id, label }: Zone,
  typed: Explained,
  outlined: NumberId,
  drawn: NumberId,
): Explained =>
  book.work(`fit.${id}.patternAltered`, {
    label: `pattern at the ${label.toLowerCase()}, as altered`,
    unit: 'mm',
    mark: 'measured',
    formula: 'typed + altered - drawn',
    terms: {
      typed,
      altered: getNumber(book.numbers, outlined),
      drawn: getNumber(book.numbers, drawn),
    },
  });

const isApart = (book: Ledger, a: NumberId, b: NumberId): boolean =>
  Math.abs(getNumber(book.numbers, a).value - getNumber(book.numbers, b).value) >= LEAST_CHANGE_MM;

function measuredPattern(
  book: Ledger,
  zone: Zone,
  { rest, girth, body }: { readonly rest: Explained; readonly girth: Explained; readonly body: Explained },
  altered: boolean,
): PatternPlan {
  const perSeamEdge = zoneChange(book, zone, `fit.${zone.id}.perSeamEdge`, girth, rest);
  const longer = girth.value > rest.value;
  const advice: Phrase =
    perSeamEdge.value < LEAST_CHANGE_MM
      ? say`${zone.label}: the pattern fits ${altered ? 'as altered' : 'as it is'}`
      : zone.axis === 'along'
        ? say`${zone.label}: ${longer ? 'shorten' : 'lengthen'} by ${perSeamEdge} altogether${placeOfLength(zone)}`
        : longer
          ? say`${zone.label}: take ${perSeamEdge} off each seam edge`
          : say`${zone.label}: add ${perSeamEdge} at each seam edge`;
  const extension = workWornExtension(
    book,
    `fit.${zone.id}.patternExtension`,
    `worn extension of the pattern at the ${zone.label.toLowerCase()}`,
    { G: body, g: girth },
  );
  return { girth: girth.id, perSeamEdge: perSeamEdge.id, extension: extension.id, advice };
}

import { edgeUses } from '../edges/elastics/uses';
import type { ClothReading } from '../cloth/reading';
import type { Phrase } from '../explain/explained';
import { getNumber, say, type Ledger } from '../explain/ledger';
import type { SeenBy } from '../explain/stage';
import type { Cut } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import type { EdgePlan, StripPlan, TapeLength } from '../edges/types';
import type { PiecesPlan } from '../pieces/types';
import type { SizePlan, ZonePlan } from '../fit/types';
import type { TicketRow } from './types';

/** As cut and as planned differ when they are further apart than any tape rounds, mm (D: half of ⅛ in). */
export const CHANGED_FROM_MM = 2;

export const ticketSees = {
  records: ['outer', 'lining', 'band', 'pattern', 'elastics', 'findings', 'takenMm'],
  garment: ['edges', 'cuts', 'stay', 'mends'],
} as const;

export interface TicketInputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof ticketSees>;
  readonly kind: GarmentKind;
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
  readonly size: SizePlan | undefined;
  /** How the pieces are altered before they are cut, and where their notches are. */
  readonly pieces: Pick<PiecesPlan, 'alterations' | 'pieces' | 'girths'>;
  /** What goes round the body: the outer cloth, or the layers together. */
  readonly cloth: ClothReading | undefined;
}

/** A strip's row: what to cut, how it is joined, which way it runs. */
export function stripRow(inputs: TicketInputs, edge: EdgePlan, strip: StripPlan, row: string): TicketRow {
  const { facts } = inputs;
  const side = row.endsWith('-left') ? ', left' : row.endsWith('-right') ? ', right' : '';
  const label = strip.byFold ? strip.label : `${edge.label}, ${strip.label.toLowerCase()}${side}`;
  return {
    id: row,
    label: edgeUses[edge.use].stays ? `Shoulder${side}` : label,
    count: strip.parts,
    length: strip.cutLength,
    ...(strip.cutWidth ? { width: strip.cutWidth } : {}),
    details: stripDetails(inputs, edge, strip),
    ...cutOf(inputs, row, facts.garment.cuts[row], strip.cutLength, strip.cutWidth),
  };
}

/** How a strip is joined, which way it runs, and whether it was tried on. */
export function stripDetails({ book, facts }: TicketInputs, edge: EdgePlan, strip: StripPlan): Phrase[] {
  const adds = getNumber(book.numbers, strip.adds);
  const details: Phrase[] = [];
  if (edgeUses[edge.use].stays) return [];
  const pieced = (book.numbers[strip.parts]?.value ?? 1) > 1;
  const joins = {
    butted: say`ends butted and zigzagged`,
    overlapped: say`ends overlapped by ${adds}, crossed with an X`,
    seamed: pieced ? say`seams take ${adds} altogether` : say`ends seamed, ${adds} in it`,
    open: adds.value > 0 ? say`${adds} in it for its ends` : say`two open ends`,
  } as const;
  if (strip.meetsAt === undefined) details.push(joins[strip.join]);
  else details.push(say`${strip.endsInSeam ? 'ends' : 'join'} at ${theSeam(strip.meetsAt)}`);
  if (strip.of !== 'elastic') {
    const direction = facts.garment.edges?.[edge.id]?.direction ?? (strip.byFold && strip.way);
    if (direction)
      details.push(say`length runs ${direction === 'across' ? 'across the cloth' : 'along the selvedge'}`);
  }
  if (strip.rule === 'round') details.push(say`as tried on`);
  const before = Object.values(facts.garment.mends ?? {}).findLast(
    ({ what, at, wasMm }) => what === 'cut-again' && at === edge.id && wasMm !== undefined,
  )?.wasMm;
  if (before !== undefined) {
    const id = `ticket.${strip.id}.before`;
    const was = book.numbers[id] ?? book.given(id, 'as cut before', before, 'mm', 'own record');
    details.push(say`instead of the ${was} that was cut before`);
  }
  return details;
}

/** A seam or a centre, as it stands in a sentence. */
const theSeam = (name: string): string => (/^(centre|one|its) /.test(name) ? name : `the ${name}`);

/** What was really cut, and how the plan has moved away from it since. */
export function cutOf(
  { book }: TicketInputs,
  id: string,
  cut: Cut | undefined,
  length: TapeLength | undefined,
  width: TapeLength | undefined,
): Pick<TicketRow, 'cut'> {
  if (!cut) return {};
  const asCut = (what: 'length' | 'width', mm: number | undefined, plan: TapeLength | undefined) => {
    if (mm === undefined || !plan) return undefined;
    const entry = book.given(`ticket.${id}.${what}`, `${what} as cut`, mm, 'mm', 'own record');
    const planned = getNumber(book.numbers, plan.exact);
    const short = mm < planned.value;
    const by = book.work(`ticket.${id}.${what}.changed`, {
      label: `${what} as cut against the plan now`,
      unit: 'mm',
      mark: 'D',
      formula: 'abs(cut - plan)',
      terms: { cut: entry, plan: planned },
    });
    const changed =
      by.value > CHANGED_FROM_MM
        ? say`as cut it is ${by} ${what === 'length' ? (short ? 'shorter' : 'longer') : short ? 'narrower' : 'wider'} than the plan now`
        : undefined;
    return { entry, changed };
  };
  const cutLength = asCut('length', cut.lengthMm, length);
  const cutWidth = asCut('width', cut.widthMm, width);
  const changed = [cutLength?.changed, cutWidth?.changed].filter((one) => one !== undefined);
  return {
    cut: {
      on: cut.cutOn,
      ...(cutLength ? { length: cutLength.entry.id } : {}),
      ...(cutWidth ? { width: cutWidth.entry.id } : {}),
      ...(changed.length > 0
        ? { changed: changed.flatMap((one, at) => (at === 0 ? one : ['; ', ...one])) }
        : {}),
    },
  };
}

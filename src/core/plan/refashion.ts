import { edgeUses } from '../edges/elastics/uses';
import { takenByEdge } from '../edges/takenByEdge';
import type { EdgePlan } from '../edges/types';
import type { Explained, NumberId, Phrase } from '../explain/explained';
import { getNumber, leaf, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { allowanceAt } from '../facts/allowance';
import type { ZoneId } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';

/** What becomes of an edge of a garment that is made already. */
export interface ChangedEdge {
  readonly edge: string;
  readonly label: string;
  /** How far above the finished edge it is cut; absent where only the old finish comes off. */
  readonly off?: NumberId;
  /** Where it is cut, and what is left to practise on; or why it cannot be cut there. */
  readonly says: readonly Phrase[];
  readonly cannot: boolean;
}

const refashionSees = { records: [], garment: ['refashion', 'pattern', 'edges'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly kind: GarmentKind;
  readonly facts: SeenBy<typeof refashionSees>;
  readonly edges: readonly EdgePlan[];
}

/**
 * The difference between a garment as it is and as it is to become, edge by edge: what is cut off, what is left over. The
 * line to cut on is where the new edge ends, less what is turned or sewn there, plus what a band adds (D).
 */
export const planRefashion = stage(refashionSees, (inputs: Inputs): readonly ChangedEdge[] =>
  inputs.edges.map((edge) => changedEdge(inputs, edge)),
);

function changedEdge(inputs: Inputs, edge: EdgePlan): ChangedEdge {
  const {
    book,
    kind,
    facts: { garment },
  } = inputs;
  const { id, label } = edge;
  const shorterMm = garment.refashion?.edges[id]?.shorterMm;
  const told = { edge: id, label };
  const { adds, pair, zone } = kind.edges.find((one) => one.id === id) ?? {};
  if (adds) {
    const open = adds.caughtIn.filter((one) => !kind.edges.some((edge) => edge.id === one));
    return {
      ...told,
      cannot: open.length > 0,
      says:
        open.length > 0
          ? [say`It is caught in other edges, which are sewn anew for it: tick ${open.join(' and ')} too.`]
          : [say`It comes new: its pieces are on the ticket, and how it is put in is in the sewing order.`],
    };
  }
  if (shorterMm === undefined)
    return {
      ...told,
      cannot: false,
      says: [say`It keeps its place: the old finish comes off at its seam, unpicked or cut close beside it.`],
    };
  const shorter = book.given(`refashion.${id}.shorter`, 'shorter by', shorterMm, 'mm', 'chosen');
  const takes = takenBy(book, garment, edge);
  const band = garment.edges?.[id]?.finishedMm ?? edgeUses[edge.use].finishedMm;
  const wide = edge.finish === 'band' ? (band ?? 0) : 0;
  const off = book.work(`refashion.${id}.off`, {
    label: 'cut off, from the finished edge',
    unit: 'mm',
    mark: 'D',
    formula: wide === 0 ? 'shorter - takes' : 'shorter + band - takes',
    terms: {
      shorter,
      takes,
      ...(wide === 0 ? {} : { band: leaf('width that the band adds', wide, 'mm', 'chosen') }),
    },
  });
  if (off.value <= 0)
    return {
      ...told,
      off: off.id,
      cannot: true,
      says: [
        say`Nothing is left to cut off: the new edge takes ${getNumber(book.numbers, takes.id)}. Make it shorter by more than that, or unpick the old edge and use what was turned there.`,
      ],
    };
  const round = roundOf(inputs, edge, zone);
  const each = pair ? ', on each side' : '';
  return {
    ...told,
    off: off.id,
    cannot: false,
    says: [
      takes.value > 0
        ? say`Cut ${off} above the finished edge: ${takes} of what stays is turned or sewn.`
        : say`Cut ${off} above the finished edge: nothing is turned there.`,
      round
        ? say`What comes off is ${off} high and ${round} long${each}, its old edge in it: try the setup on it first.`
        : say`What comes off is ${off} high${each}, its old edge in it: try the setup on it first.`,
    ],
  };
}

/** How long what comes off is: as the garment measures now where its edge lies, else as the edge is planned. */
function roundOf(
  { book, facts }: Inputs,
  { id, label, length }: EdgePlan,
  zone: ZoneId | undefined,
): Explained | undefined {
  const mm = zone === undefined ? undefined : facts.garment.pattern.finished[zone];
  if (mm !== undefined)
    return book.given(`refashion.${id}.round`, `${label.toLowerCase()}, all round now`, mm, 'mm', 'measured');
  return length === undefined ? undefined : getNumber(book.numbers, length);
}

/** What the new edge takes of the cloth past where it ends. */
function takenBy(book: Ledger, garment: Inputs['facts']['garment'], edge: EdgePlan): Explained {
  const { id, finish } = edge;
  const wanted = takenByEdge(edge);
  if (wanted !== undefined) return getNumber(book.numbers, wanted);
  const [mm, label] =
    finish === 'lettuce' || finish === 'binding' || finish === 'left as it is'
      ? ([0, 'nothing is turned'] as const)
      : ([allowanceAt(garment, id), 'seam allowance at the edge'] as const);
  return book.given(`refashion.${id}.takes`, label, mm, 'mm', mm === 0 ? 'D' : 'measured');
}

import { edgeUses } from '../edges/elastics/uses';
import { RING_TAB_MM } from '../edges/elastics/strapUses';
import type { Explained, Phrase } from '../explain/explained';
import { getNumber, leaf, say, type Ledger } from '../explain/ledger';
import type { Cut } from '../facts/garment';
import { findingNeeds } from '../edges/edgeMatches';
import { planTape } from '../edges/tape';
import { cutOf, stripRow, type TicketInputs } from './ticketRow';
import type { EdgePlan } from '../edges/types';
import type { TicketGroup, TicketRow } from './types';

/** Both are the usual narrow width; the drawer decides. */
const stayNames = { 'clear-elastic': 'Clear elastic', 'knit-tape': 'Knit tape' } as const;

/** A roll in the making: what is cut of it, in order. */
interface Roll {
  readonly id: string;
  readonly role: 'elastic' | 'stay';
  readonly material: Phrase;
  readonly notes: Phrase[];
  readonly elasticId?: string;
  readonly rows: TicketRow[];
}

/** Every elastic, tape and strap to cut, by roll, with what is left on the roll after each. */
export function elasticGroups(inputs: TicketInputs): readonly TicketGroup[] {
  const rolls = new Map<string, Roll>();
  const stay = inputs.facts.garment.stay;
  for (const edge of inputs.edges) {
    const { stays, adjusts } = edgeUses[edge.use];
    for (const strip of edge.strips.filter(({ of }) => of === 'elastic')) {
      const named = strip.elasticId !== undefined && !(stays && stay === 'knit-tape');
      const isStay = stays === true && !named;
      const key = named ? `elastic-${strip.elasticId}` : isStay ? 'stay' : `elastic-for-${edge.id}`;
      const roll = rolls.get(key) ?? {
        id: key,
        role: isStay ? ('stay' as const) : ('elastic' as const),
        material: isStay ? say`${stay === 'none' ? '' : stayNames[stay]}` : strip.material,
        notes: isStay ? [say`laid on at rest`] : [],
        ...(named && strip.elasticId !== undefined ? { elasticId: strip.elasticId } : {}),
        rows: [],
      };
      rolls.set(key, roll);
      roll.rows.push(...strip.rows.map((row) => stripRow(inputs, edge, strip, row)));
      if (adjusts) roll.rows.push(tabRow(inputs, edge));
    }
  }
  return [...rolls.values()].map(({ elasticId, rows, ...roll }) =>
    elasticId === undefined ? { ...roll, rows } : { ...roll, ...onRoll(inputs, elasticId, rows) },
  );
}

/** The tabs that hold the rings behind. */
function tabRow(inputs: TicketInputs, { id, label }: EdgePlan): TicketRow {
  const { book, facts } = inputs;
  const row = `elastic-${id}-tab`;
  const exact = book.given(`ticket.${row}.length`, 'tab for a ring', RING_TAB_MM, 'mm', 'T');
  const length = planTape(book, `ticket.${row}.length`, exact);
  return {
    id: row,
    label: `${label}, tabs for the rings`,
    count: book.given(`ticket.${row}.count`, 'tabs', 2, 'count', 'T').id,
    length,
    details: [say`one for each ring`],
    ...cutOf(inputs, row, facts.garment.cuts[row], length, undefined),
  };
}

/** What the rows take of a roll, and what is left after each. A cut before the roll was measured is off it already. */
function onRoll(
  { book, facts }: TicketInputs,
  elasticId: string,
  rows: readonly TicketRow[],
): Pick<TicketGroup, 'roll' | 'rows'> {
  const elastic = facts.elastics?.[elasticId];
  const id = `roll.${elasticId}`;
  const takes = rows.map((row) => rowTakes(book, id, row, facts.garment.cuts[row.id], elastic?.countedOn));
  const sum = (name: string, label: string, entries: readonly Explained[]) =>
    book.work(name, {
      label,
      unit: 'mm',
      mark: 'D',
      formula: entries.map((_, at) => `t${at + 1}`).join(' + '),
      terms: Object.fromEntries(entries.map((one, at) => [`t${at + 1}`, one])),
    });
  const all = sum(`${id}.takes`, 'taken by this garment', takes);
  if (elastic?.onHandMm === undefined) return { roll: { elasticId, takes: all.id }, rows };
  const onHand = book.given(`${id}.onHand`, `${elastic.name} on hand`, elastic.onHandMm, 'mm', 'measured');
  const others = book.given(
    `${id}.taken`,
    'taken by other garments',
    facts.takenMm?.[elasticId] ?? 0,
    'mm',
    'own record',
    'Planned, or cut since the roll was measured.',
  );
  let before = book.work(`${id}.free`, {
    label: 'free for this garment',
    unit: 'mm',
    mark: 'D',
    formula: 'has - others',
    terms: { has: onHand, others },
  });
  const left = takes.map((taken, at) => {
    before = book.work(`${id}.left${at + 1}`, {
      label: 'left on the roll after this',
      unit: 'mm',
      mark: 'D',
      formula: 'before - taken',
      terms: { before, taken },
    });
    return before;
  });
  const last = left.at(-1) as Explained;
  return {
    roll: {
      elasticId,
      takes: all.id,
      onHand: onHand.id,
      taken: others.id,
      left: last.id,
      ...(last.value < 0
        ? {
            short: book.work(`${id}.short`, {
              label: 'short on the roll',
              unit: 'mm',
              mark: 'D',
              formula: '0 - left',
              terms: { left: last },
            }).id,
          }
        : {}),
    },
    rows: rows.map((row, at) => ({ ...row, left: (left[at] as Explained).id })),
  };
}

function rowTakes(
  book: Ledger,
  id: string,
  row: TicketRow,
  cut: Cut | undefined,
  countedOn: string | undefined,
): Explained {
  const count = getNumber(book.numbers, row.count);
  const name = `${id}.${row.id}`;
  const label = `${row.label.toLowerCase()}, off the roll`;
  if (cut && countedOn !== undefined && cut.cutOn < countedOn) {
    return book.given(name, label, 0, 'mm', 'own record', 'Cut before the roll was measured.');
  }
  const length =
    cut?.lengthMm === undefined
      ? getNumber(book.numbers, row.length?.exact ?? '')
      : leaf('length as cut', cut.lengthMm, 'mm', 'own record');
  return book.work(name, {
    label,
    unit: 'mm',
    mark: 'D',
    formula: 'n * l',
    terms: { n: count, l: length },
  });
}

/** Rings, sliders, hooks and cups to pick out, by what was chosen. */
export function findingGroups(inputs: TicketInputs): readonly TicketGroup[] {
  const { book, facts, kind, edges } = inputs;
  const rows = edges.flatMap((plan) => {
    const edge = kind.edges.find(({ id }) => id === plan.id);
    if (!edge) return [];
    return findingNeeds(facts, kind, edge, edgeUses[plan.use]).map((need): TicketRow => {
      const row = `finding-${plan.id}-${need.field}`;
      const chosen = facts.findings?.[facts.garment.edges?.[plan.id]?.[need.field] ?? ''];
      const size =
        need.sizeMm === undefined
          ? undefined
          : book.given(
              `ticket.${row}.size`,
              `size of the ${need.label.toLowerCase()}`,
              need.sizeMm,
              'mm',
              'chosen',
            );
      const details: Phrase[] = [
        ...(chosen ? [[{ name: chosen.name }] as Phrase] : [say`not chosen yet`]),
        ...(size ? [say`for ${size}`] : []),
      ];
      return {
        id: row,
        label: `${need.label}, ${plan.label.toLowerCase()}`,
        count: book.given(`ticket.${row}.count`, need.label.toLowerCase(), need.count, 'count', 'T').id,
        details,
        ...cutOf(inputs, row, facts.garment.cuts[row], undefined, undefined),
      };
    });
  });
  return [{ id: 'findings', role: 'findings', material: say`Findings`, notes: [], rows }];
}

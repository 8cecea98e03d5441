import type { Explained, Phrase } from '../explain/explained';
import { createLedger, leaf } from '../explain/ledger';
import { AMOUNT_CHECK } from '../cloth/amount';
import type { CheckPlan } from '../cloth/types';
import type { EdgePlan } from '../edges/types';
import { edgeUses } from '../edges/elastics/uses';
import { kindOf } from '../garments/kindOf';
import { findingNeeds } from '../edges/edgeMatches';
import type { GarmentFacts } from '../facts/garmentFacts';
import { heldLayout } from '../facts/layoutBasis';
import type { TicketGroup } from './types';

/** What buying takes of a garment’s plan. */
interface PlanToBuy {
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly checks: readonly CheckPlan[];
  readonly edges: readonly EdgePlan[];
  readonly ticket: readonly TicketGroup[];
}

/** A garment with its plan, as far as buying goes. */
export interface PlannedGarment {
  readonly id: string;
  readonly facts: GarmentFacts;
  readonly plan: PlanToBuy;
}

/** One thing a garment takes from the shelf, or that nobody has chosen yet. */
interface Want {
  readonly id: string;
  readonly what: string;
  readonly name: string;
  readonly href?: string;
  readonly unit: 'mm' | 'count';
  /** What is there of it; absent where nothing is chosen. */
  readonly has?: number;
  readonly amount: number;
}

/** What one garment takes and wants: all that buying has to know of it. */
export interface GarmentWants {
  readonly id: string;
  readonly name: string;
  /** What it takes of each elastic, by id, mm. */
  readonly taken: Readonly<Record<string, number>>;
  readonly wants: readonly Want[];
}

export function garmentWants(garment: PlannedGarment): GarmentWants {
  const taken = takenOf(garment);
  const wants = [...elasticWants(garment, taken), ...findingWants(garment), ...clothWants(garment)];
  return {
    id: garment.id,
    name: garment.facts.garment.name,
    taken,
    wants: wants.filter(({ amount }) => amount > 0),
  };
}

const takenOf = ({ plan }: PlannedGarment): GarmentWants['taken'] =>
  Object.fromEntries(
    plan.ticket.flatMap(({ roll }) =>
      roll ? [[roll.elasticId, plan.numbers[roll.takes]?.value ?? 0] as const] : [],
    ),
  );

/** One thing to buy: how much is wanted, what is there, what is missing, and for which garments. */
interface ShoppingLine {
  readonly id: string;
  readonly what: string;
  readonly name: string;
  readonly href?: string;
  readonly wants: string;
  readonly has?: string;
  readonly short: string;
  readonly garments: readonly { readonly id: string; readonly name: string }[];
  /** How many more there are than are named. */
  readonly more: number;
}

export interface ShoppingList {
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly lines: readonly ShoppingLine[];
}

type Wanted = Omit<Want, 'amount'> & {
  readonly each: { readonly garment: GarmentWants; readonly amount: number }[];
};

/** What is short across garments: elastics, findings, and cloth; and what has not been chosen yet. */
export function shortThings(garments: readonly GarmentWants[]): readonly Wanted[] {
  const wanted = new Map<string, Wanted>();
  for (const garment of garments) {
    for (const { amount, ...entry } of garment.wants) {
      const here = wanted.get(entry.id) ?? { ...entry, each: [] };
      wanted.set(entry.id, here);
      here.each.push({ garment, amount });
    }
  }
  return [...wanted.values()].filter(({ has, each }) => has === undefined || has < sumOf(each));
}

/** So many garments are named for one thing to buy; the others are counted. */
const MOST_NAMED = 12;

const sumOf = (each: Wanted['each']): number => each.reduce((sum, { amount }) => sum + amount, 0);

/** The same as a list with the derivation of every amount. */
export function shoppingList(garments: readonly GarmentWants[]): ShoppingList {
  const book = createLedger();
  const lines = shortThings(garments).map((entry): ShoppingLine => {
    const { id, what, name, href, unit, has, each } = entry;
    const named = each.slice(0, MOST_NAMED);
    const others = each.slice(MOST_NAMED);
    const addends = [
      ...named.map(({ garment, amount }) => leaf(garment.name, amount, unit, 'own record')),
      ...(others.length > 0
        ? [leaf(`${others.length} more garments`, sumOf(others), unit, 'own record')]
        : []),
    ];
    const terms = Object.fromEntries(addends.map((addend, at) => [`g${at + 1}`, addend]));
    const wants = book.work(`buy.${id}.wants`, {
      label: `${name}, wanted`,
      unit,
      mark: 'D',
      formula: Object.keys(terms).join(' + '),
      terms,
    });
    const there =
      has === undefined ? undefined : book.given(`buy.${id}.has`, `${name}, on hand`, has, unit, 'measured');
    const short = there
      ? book.work(`buy.${id}.short`, {
          label: `${name}, to buy`,
          unit,
          mark: 'D',
          formula: 'wants - has',
          terms: { wants, has: there },
        })
      : wants;
    return {
      id,
      what,
      name,
      ...(href ? { href } : {}),
      wants: wants.id,
      ...(there ? { has: there.id } : {}),
      short: short.id,
      garments: named.map(({ garment }) => ({ id: garment.id, name: garment.name })),
      more: others.length,
    };
  });
  return { numbers: { ...book.numbers }, lines };
}

function elasticWants(garment: PlannedGarment, taken: GarmentWants['taken']): Want[] {
  const chosen = Object.entries(taken).flatMap(([id, amount]): Want[] => {
    const elastic = garment.facts.elastics?.[id];
    if (elastic?.onHandMm === undefined) return [];
    const { name, onHandMm: has } = elastic;
    return [{ id, what: 'elastic', name, href: `/elastics/${id}`, unit: 'mm', has, amount }];
  });
  const unchosen = garment.plan.ticket
    .filter(({ role, roll }) => (role === 'elastic' || role === 'stay') && !roll)
    .map(({ rows, material }) => {
      const amount = rows
        .filter(({ cut }) => !cut)
        .reduce(
          (sum, { length, count }) => sum + numberOf(garment, length?.exact) * numberOf(garment, count),
          0,
        );
      return notChosen(wordsOf(material, garment.plan), 'mm', amount);
    });
  return [...chosen, ...unchosen];
}

const notChosen = (name: string, unit: Want['unit'], amount: number): Want => ({
  id: `any ${name}`,
  what: 'not chosen yet',
  name,
  unit,
  amount,
});

function findingWants({ facts, plan }: PlannedGarment): Want[] {
  const { garment, findings } = facts;
  const kind = kindOf(garment, facts.ownKind);
  return plan.edges.flatMap((planned) => {
    const edge = kind.edges.find(({ id }) => id === planned.id);
    if (!edge) return [];
    return findingNeeds(facts, kind, edge, edgeUses[planned.use])
      .filter(({ field }) => !garment.cuts[`finding-${edge.id}-${field}`])
      .flatMap(({ field, label, count: amount }): Want[] => {
        const id = garment.edges?.[edge.id]?.[field];
        const finding = id === undefined ? undefined : findings?.[id];
        if (id === undefined || !finding) return [notChosen(label, 'count', amount)];
        if (finding.onHand === undefined) return [];
        const { name, onHand: has } = finding;
        const href = `/elastics/findings/${id}`;
        return [{ id, what: 'finding', name, href, unit: 'count', has, amount }];
      });
  });
}

/** Cloth as it is laid out, or else by its first estimate, for garments of which nothing is cut yet. */
function clothWants(garment: PlannedGarment): Want[] {
  const { facts, plan } = garment;
  const needs = plan.checks.find(({ id }) => id === AMOUNT_CHECK)?.needs;
  const id = facts.garment.outerClothId;
  if (needs === undefined || id === undefined || facts.outer?.onHandMm === undefined) return [];
  if (Object.keys(facts.garment.cuts).length > 0) return [];
  const { name, onHandMm: has } = facts.outer;
  const what = heldLayout(facts, 'outer') ? 'cloth, as it is laid out' : 'cloth, a first estimate';
  return [{ id, what, name, href: `/cloth/${id}`, unit: 'mm', has, amount: numberOf(garment, needs) }];
}

const numberOf = ({ plan }: PlannedGarment, id: string | undefined): number =>
  plan.numbers[id ?? '']?.value ?? 0;

/** A material in words that are the same for every garment: its kind and its width in mm. */
const wordsOf = (material: Phrase, plan: PlanToBuy): string =>
  material
    .map((part) => {
      if (typeof part === 'string') return part;
      if ('name' in part) return part.name;
      return `${Math.round(plan.numbers[part.n]?.value ?? 0)} mm`;
    })
    .join('');

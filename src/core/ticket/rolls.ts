import type { Explained, Phrase } from '../explain/explained';
import { createLedger, leaf } from '../explain/ledger';
import type { Elastic } from '../facts/elastic';
import type { Finding } from '../facts/finding';
import { AMOUNT_CHECK } from '../cloth/amount';
import type { CheckPlan } from '../cloth/types';
import type { EdgePlan } from '../edges/types';
import { edgeUses } from '../edges/elastics/uses';
import { kindOf } from '../garments/kindOf';
import { findingNeeds } from '../edges/edgeMatches';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { TicketGroup } from './types';

/** What buying takes of a garment’s plan. */
interface PlanToBuy {
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly checks: readonly CheckPlan[];
  readonly edges: readonly EdgePlan[];
  readonly ticket: readonly TicketGroup[];
}

export interface PlannedGarment {
  readonly id: string;
  readonly facts: GarmentFacts;
  readonly plan: PlanToBuy;
}

/** What a garment takes of each elastic, by id, mm. */
export function takenOf({ plan }: PlannedGarment): Readonly<Record<string, number>> {
  return Object.fromEntries(
    plan.ticket.flatMap(({ roll }) =>
      roll ? [[roll.elasticId, plan.numbers[roll.takes]?.value ?? 0] as const] : [],
    ),
  );
}

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
}

export interface ShoppingList {
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly lines: readonly ShoppingLine[];
}

interface Wanted {
  readonly id: string;
  readonly what: string;
  readonly name: string;
  readonly href?: string;
  readonly unit: 'mm' | 'count';
  readonly has: number | undefined;
  readonly each: { readonly garment: PlannedGarment; readonly amount: number }[];
}

/** What is short across garments: elastics, findings, and cloth; and what has not been chosen yet. */
export function shoppingList(
  garments: readonly PlannedGarment[],
  stock: {
    readonly elastics: Readonly<Record<string, Elastic>>;
    readonly findings: Readonly<Record<string, Finding>>;
  },
): ShoppingList {
  const wanted = new Map<string, Wanted>();
  const want = (entry: Omit<Wanted, 'each'>, garment: PlannedGarment, amount: number) => {
    if (amount <= 0) return;
    const here = wanted.get(entry.id) ?? { ...entry, each: [] };
    wanted.set(entry.id, here);
    here.each.push({ garment, amount });
  };
  for (const garment of garments) {
    wantElastics(garment, stock.elastics, want);
    wantFindings(garment, stock.findings, want);
    wantCloth(garment, want);
  }
  const book = createLedger();
  const lines = [...wanted.values()].flatMap((entry): ShoppingLine[] => {
    const { id, what, name, href, unit, has, each } = entry;
    const terms = Object.fromEntries(
      each.map(({ garment, amount }, at) => [
        `g${at + 1}`,
        leaf(garment.facts.garment.name, amount, unit, 'own record'),
      ]),
    );
    const all = each.reduce((sum, { amount }) => sum + amount, 0);
    if (has !== undefined && has >= all) return [];
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
    return [
      {
        id,
        what,
        name,
        ...(href ? { href } : {}),
        wants: wants.id,
        ...(there ? { has: there.id } : {}),
        short: short.id,
        garments: each.map(({ garment }) => ({ id: garment.id, name: garment.facts.garment.name })),
      },
    ];
  });
  return { numbers: { ...book.numbers }, lines };
}

type Want = (entry: Omit<Wanted, 'each'>, garment: PlannedGarment, amount: number) => void;

function wantElastics(
  garment: PlannedGarment,
  elastics: Readonly<Record<string, Elastic>>,
  want: Want,
): void {
  for (const [elasticId, mm] of Object.entries(takenOf(garment))) {
    const elastic = elastics[elasticId];
    if (!elastic || elastic.onHandMm === undefined) continue;
    const entry = {
      id: elasticId,
      what: 'elastic',
      name: elastic.name,
      href: `/elastics/${elasticId}`,
      unit: 'mm',
      has: elastic.onHandMm,
    } as const;
    want(entry, garment, mm);
  }
  for (const { role, roll, rows, material } of garment.plan.ticket) {
    if ((role !== 'elastic' && role !== 'stay') || roll) continue;
    const name = wordsOf(material, garment.plan);
    const mm = rows
      .filter(({ cut }) => !cut)
      .reduce(
        (sum, { length, count }) => sum + numberOf(garment, length?.exact) * numberOf(garment, count),
        0,
      );
    want({ id: `any ${name}`, what: 'not chosen yet', name, unit: 'mm', has: undefined }, garment, mm);
  }
}

function wantFindings(
  garment: PlannedGarment,
  findings: Readonly<Record<string, Finding>>,
  want: Want,
): void {
  const { facts, plan } = garment;
  const kind = kindOf(facts.garment, facts.ownKind);
  for (const planned of plan.edges) {
    const edge = kind.edges.find(({ id }) => id === planned.id);
    if (!edge) continue;
    for (const need of findingNeeds(facts, kind, edge, edgeUses[planned.use])) {
      if (facts.garment.cuts[`finding-${edge.id}-${need.field}`]) continue;
      const id = facts.garment.edges?.[edge.id]?.[need.field];
      const finding = id === undefined ? undefined : findings[id];
      if (id !== undefined && finding) {
        if (finding.onHand === undefined) continue;
        const href = `/elastics/findings/${id}`;
        want(
          { id, what: 'finding', name: finding.name, href, unit: 'count', has: finding.onHand },
          garment,
          need.count,
        );
        continue;
      }
      const name = need.label;
      want(
        { id: `any ${name}`, what: 'not chosen yet', name, unit: 'count', has: undefined },
        garment,
        need.count,
      );
    }
  }
}

/** Cloth by its first estimate, for garments of which nothing is cut yet. */
function wantCloth(garment: PlannedGarment, want: Want): void {
  const { facts, plan } = garment;
  const needs = plan.checks.find(({ id }) => id === AMOUNT_CHECK)?.needs;
  const id = facts.garment.outerClothId;
  if (needs === undefined || !facts.outer || id === undefined || facts.outer.onHandMm === undefined) return;
  if (Object.keys(facts.garment.cuts).length > 0) return;
  const { name, onHandMm: has } = facts.outer;
  want(
    { id, what: 'cloth, a first estimate', name, href: `/cloth/${id}`, unit: 'mm', has },
    garment,
    numberOf(garment, needs),
  );
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

import { phraseText } from '../explain/display';
import { getNumber } from '../explain/ledger';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from '../plan/types';
import type { TicketGroup } from '../ticket/types';

const CLOTHS: Readonly<Partial<Record<TicketGroup['role'], string>>> = {
  outer: 'outer cloth',
  lining: 'lining',
  band: 'band cloth',
};

/** How a piece lies as it is cut: on the fold, half of an even number turned over, or each as it is. */
type HowCut = 'fold' | 'pairs' | 'flat';

/** How many of a piece are cut, and of what: a line for each cloth. Ids are the ticket’s rows that it is for. */
export const cutWords = (
  { ticket, numbers }: Pick<GarmentPlan, 'ticket' | 'numbers'>,
  ids: readonly string[],
  how: HowCut,
): readonly string[] =>
  ticket.flatMap(({ role, rows, material }) => {
    const cloth = CLOTHS[role];
    const found = rows.filter(({ id }) => ids.includes(id));
    if (cloth === undefined || found.length === 0) return [];
    const count = found.reduce((sum, row) => sum + getNumber(numbers, row.count).value, 0);
    const isTurned = how === 'pairs' && count % 2 === 0;
    const where = how === 'fold' ? ' on the fold' : isTurned ? ', half of them turned over' : '';
    const name = typeof material[0] === 'string' ? '' : `, ${phraseText(material, numbers, 'cm')}`;
    return [`cut ${count}${where}: ${cloth}${name}`];
  });

/** What stands at the head of every sheet. */
export interface SheetHead {
  readonly garment: string;
  readonly wearer: string;
  readonly cloth: string;
  readonly size: string;
  readonly date: string;
  /** What was altered, or shaped by hand in a draft; empty where nothing was. */
  readonly altered: readonly string[];
}

/** What the sheets of a garment say of it. `sizes` are those on paper where there are several. */
export function sheetHead(
  facts: GarmentFacts,
  plan: Pick<GarmentPlan, 'size' | 'draft' | 'pieces'>,
  { onDate, sizes = [] }: { readonly onDate: string; readonly sizes?: readonly string[] },
): SheetHead {
  const { wearer, outer, garment } = facts;
  const own = plan.draft ? 'drafted to measure' : sizeWords(plan.size?.label ?? garment.sizeId);
  return {
    garment: garment.name,
    wearer: wearer?.name ?? 'nobody yet',
    cloth: outer?.name ?? 'no cloth yet',
    size: sizes.length > 1 ? `sizes ${sizes.join(', ')}, as the pattern has them` : own,
    date: onDate,
    altered: sizes.length > 1 ? [] : alteredWords(plan),
  };
}

const sizeWords = (label: string | undefined): string => (label === undefined ? 'one size' : `size ${label}`);

const alteredWords = ({ draft, pieces }: Pick<GarmentPlan, 'draft' | 'pieces'>): readonly string[] => [
  ...(draft?.choices.filter(({ chosen }) => chosen).map(({ label }) => `${label}, by hand`) ?? []),
  ...pieces.alterations.filter(({ off, fault }) => !off && fault === undefined).map(({ label }) => label),
];

/** The head as one line. */
export const headText = ({ garment, wearer, cloth, size, date, altered }: SheetHead): string =>
  [
    garment,
    `for ${wearer}`,
    cloth,
    size,
    date,
    altered.length > 0 ? `altered: ${altered.join('; ')}` : 'nothing altered',
  ].join(' · ');

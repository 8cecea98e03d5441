import type { EdgeChoice, Garment } from '../../facts/garment';
import type { Mend } from '../../facts/mend';
import type { GarmentKind } from '../../fit/garmentKind';
import { jobOf } from '../../machines/seams/jobs';
import type { Line, StepSpec } from './step';

/** One of several ways to go about a part of the work; the first is what is usual. */
export interface Alternative {
  readonly id: string;
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
  /** Never chosen by itself, whatever it saves: the first option stands until the person asks for another. */
  readonly asked?: true;
}

/** The alternatives that were settled, by id. */
export type Ways = Readonly<Record<string, string>>;

/** What recipes read of a garment. */
export type RecipeFacts = Pick<Garment, 'stay' | 'topstitched'> & {
  readonly edges?: Readonly<Record<string, Pick<EdgeChoice, 'use' | 'joinAt'>>>;
  readonly mends?: Readonly<Record<string, Pick<Mend, 'what' | 'at'>>>;
};

/** A garment with no more than recipes read of it. */
export const recipeFacts = ({ stay, topstitched, edges = {}, mends }: RecipeFacts): RecipeFacts => ({
  stay,
  ...(topstitched === undefined ? {} : { topstitched }),
  ...(mends === undefined
    ? {}
    : { mends: Object.fromEntries(Object.entries(mends).map(([id, { what, at }]) => [id, { what, at }])) }),
  edges: Object.fromEntries(
    Object.entries(edges).map(([id, { use, joinAt }]) => [
      id,
      { ...(use === undefined ? {} : { use }), ...(joinAt === undefined ? {} : { joinAt }) },
    ]),
  ),
});

export interface RecipeContext {
  readonly kind: GarmentKind;
  readonly garment: RecipeFacts;
  readonly ways: Ways;
  /** There is a lining to sew in. */
  readonly lined: boolean;
}

/** A garment's steps in the order a pattern usually writes them, and the ways that can be chosen. */
export interface Recipe {
  readonly alternatives: readonly Alternative[];
  readonly steps: (context: RecipeContext) => readonly StepSpec[];
}

export const hasSeam = ({ kind }: RecipeContext, id: string): boolean =>
  kind.seams.some((seam) => seam.id === id);
export const hasEdge = ({ kind }: RecipeContext, id: string): boolean =>
  kind.edges.some((edge) => edge.id === id);

type StepRest = Partial<Omit<StepSpec, 'id' | 'title' | 'lines' | 'check'>>;

/** A step; what is not given is work at the table, with nothing before it. */
export const step = (
  id: string,
  title: Line,
  lines: readonly Line[],
  check: Line,
  rest: StepRest = {},
): StepSpec => ({
  id,
  title,
  lines,
  check,
  place: rest.job ? 'machine' : 'table',
  after: [],
  passes: [],
  cautions: [],
  minutes: 5,
  ...rest,
});

/** The step that sews a seam of the kind; none where the kind, or its style, has not that seam. */
export function seam(
  context: RecipeContext,
  id: string,
  title: Line,
  lines: readonly Line[],
  check: Line,
  rest: StepRest & Pick<StepSpec, 'job'>,
): readonly StepSpec[] {
  if (!hasSeam(context, id)) return [];
  const finishes = rest.job !== undefined && jobOf(rest.job).finishes === true;
  return [
    step(id, title, lines, check, {
      seam: id,
      sides: 'right sides facing',
      cautions: ['clips-knife'],
      minutes: 10,
      times: 2,
      passes: [`seam:${id}/seam`, ...(finishes ? [`seam:${id}/finish`] : [])],
      ...rest,
    }),
  ];
}

const FLAT = { id: 'flat', label: 'flat, before the seam that closes them: easy, the join shows' };
const ROUND = { id: 'round', label: 'in the round, after it: neater, wants a free arm' };

export const flatOrRound = (id: string, label: string): Alternative => ({
  id,
  label,
  options: [FLAT, ROUND],
});

/** Hems whose length is tried on: in the round, unless the person settles the length while the piece is flat. */
export const roundOrFlat = (id: string, label: string): Alternative => ({
  id,
  label,
  asked: true,
  options: [ROUND, { ...FLAT, label: 'flat, once the length is settled on the flat piece' }],
});

/** A row beside the seam that holds its allowance down. */
export const secondRow = (label: string): Alternative => ({
  id: 'second-row',
  label,
  asked: true,
  options: [
    { id: 'no', label: 'no' },
    { id: 'yes', label: 'yes: beside the seam, so that the allowance lies down' },
  ],
});

/** One-layer rib at a neckline. */
export const bindingSewn: Alternative = {
  id: 'binding',
  label: 'Binding',
  asked: true,
  options: [
    { id: 'flat', label: 'flat, before the second shoulder seam: its end shows there' },
    { id: 'ring', label: 'a ring, after both shoulders: no end shows' },
  ],
};

/** A folded band at a neckline. */
export const neckbandSewn: Alternative = {
  id: 'neckband',
  label: 'Neckband',
  asked: true,
  options: [
    { id: 'ring', label: 'a ring, after both shoulders: no end shows' },
    { id: 'open', label: 'flat, before the left shoulder is closed: its ends show there' },
  ],
};

/** How sleeves are set: flat, or closed and set in the round. */
export const sleevesSet: Alternative = {
  id: 'sleeves',
  label: 'Sleeves',
  options: [
    { id: 'flat', label: 'set in flat, then side and underarm in one' },
    { id: 'round', label: 'closed first, then set in the round' },
  ],
};

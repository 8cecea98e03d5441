import { neckbandOpen } from '../sewing/assembly/assemble';
import { recipeFacts } from '../sewing/assembly/recipe';
import type { Body } from '../explain/body';
import { createMemory } from '../explain/remember';
import type { EdgeInputs } from '../edges/edgeInputs';
import type { EdgePlan } from '../edges/types';
import type { Garment } from '../facts/garment';
import type { ZonePlan } from '../fit/types';
import { createLedger, getNumber } from '../explain/ledger';
import type { Edge } from '../fit/garmentKind';
import { kindOf } from '../garments/kindOf';
import { planChecks } from './checks';
import { clothPlan } from '../cloth/clothPlan';
import { planCutting } from '../ticket/cutting';
import { edgeLength } from '../edges/edgeLength';
import { planEdge } from '../edges/edges';
import { edgeUseOf, neckbandEdge } from '../edges/useOf';
import { asMeasured } from '../pieces/asMeasured';
import { planPieces } from '../pieces/planPieces';
import type { PiecesPlan } from '../pieces/types';
import { planFitted } from './planFitted';
import { planOpenings } from './openings';
import { withApart } from '../pieces/apart';
import { withPattern } from '../fit/patternAdvice';
import { planProblems } from './problems';
import { planRefashion } from './refashion';
import { planNeeds, planStages } from './stages';
import { withRows } from '../sewing/popRows';
import { planSewn } from '../sewing/sewnSteps';
import { stepSummaries } from '../sewing/stepSummaries';
import { planTicket } from '../ticket/ticket';
import { PLAN_SCHEMA, type GarmentPlan } from './types';
import { type GarmentFacts } from '../facts/garmentFacts';
import { heldLayout } from '../facts/layoutBasis';

interface PlanOptions {
  /** The day the plan is read on, `YYYY-MM-DD`: for ages only. */
  readonly onDate: string;
}

/**
 * The one entry point: facts → plan. Pure; missing facts leave their part of the plan out and name themselves
 * in `needs`, and a garment that cannot work is planned all the same, with `problems` saying what would mend it.
 */
export function planGarment(given: GarmentFacts, { onDate }: PlanOptions): GarmentPlan {
  const kind = kindOf(given.garment, given.ownKind);
  const book = createLedger();
  const fitted = planFitted(book, given, kind, onDate);
  const { measures, body, passes, outer, band, lining, cloth, size, drawn, altered, draft } = fitted;
  const pieces = planPieces({ book, facts: given, kind, drawn, altered });
  const garment = asMeasured(given.garment, kind, pieces, book.numbers);
  const facts = garment === given.garment ? given : { ...given, garment };
  const used = withUses(facts);
  // A draft has no pattern that it could differ from, until somebody alters it.
  const asDrafted = draft && pieces.alterations.length === 0;
  const zones = asDrafted
    ? fitted.zones
    : withPattern({ book, facts, kind, zones: fitted.zones, size, pieces });
  const ofEdge = { book, kind, zones, passes, band, outer: cloth, size: size?.cut, pieces };
  const edges = sameList(kind.edges.map((edge) => planAt(edge, facts, ofEdge)));
  const closed = planOpenings({ book, facts, kind, passes, cloth, zones, edges });
  const sewn = planSewn({ book, facts: used, kind, cloth, zones, openings: closed });
  const openings = withRows({ book, facts, zones, openings: closed, steps: sewn.steps });
  const laidOut = heldLayout(given, 'outer');
  const checks = planChecks({ book, facts: used, kind, outer, lining, body, zones, laidOut });
  const changed = kind.made ? planRefashion({ book, facts, kind, edges }) : undefined;
  const ticket = planTicket({
    book,
    facts,
    kind,
    zones,
    edges,
    cloth,
    size,
    pieces,
  });
  const cutting = planCutting({ book, facts, edges, outlined: pieces.edges, changed });
  const steps = stepSummaries(sewn, garment);
  const bandUsed = neckbandEdge(edges) ? band : undefined;
  const problems = planProblems({
    book,
    facts,
    kind,
    body: passes,
    outer,
    band: bandUsed,
    zones,
    edges,
    ticket,
    openings,
    checks,
    sewn,
    draft: draft?.plan,
  });
  const outerTested = outer?.around !== undefined;
  const alongTested = cloth?.across !== undefined && cloth.along !== undefined;
  const needs = planNeeds({ book, facts, kind, measures, edges, band, outerTested, alongTested });
  return {
    schema: PLAN_SCHEMA,
    name: garment.name,
    kind: kind.label,
    numbers: book.numbers,
    measures,
    cloths: {
      ...(outer ? { outer: clothPlan(outer) } : {}),
      ...(lining ? { lining: clothPlan(lining) } : {}),
      ...(cloth && cloth !== outer ? { body: clothPlan(cloth) } : {}),
      ...(band ? { band: clothPlan(band) } : {}),
    },
    checks,
    zones,
    edges,
    pieces: withApart(book, pieces, edges, zones),
    ...(size ? { size } : {}),
    ...(draft ? { draft: draft.plan } : {}),
    openings,
    ...(changed ? { changed } : {}),
    ticket,
    cutting,
    steps,
    problems,
    needs,
    ...planStages({ garment, edges, problems, ticket, steps, numbers: book.numbers }, needs),
  };
}

const recallUses = createMemory<Garment['edges']>();
/** The facts with no more of each edge than what is sewn to it: the same object while that is the same. */
function withUses(facts: GarmentFacts): GarmentFacts {
  const { edges } = recipeFacts(facts.garment);
  return { ...facts, garment: { ...facts.garment, edges: recallUses([JSON.stringify(edges)], () => edges) } };
}

const recallList = createMemory<readonly EdgePlan[]>();
/** The same list while it is of the same edges. */
const sameList = (edges: readonly EdgePlan[]): readonly EdgePlan[] => recallList(edges, () => edges);

/** One edge: from the facts of that edge alone, so that another's leave it as it is. */
function planAt(
  edge: Edge,
  facts: GarmentFacts,
  {
    zones,
    passes,
    pieces,
    ...inputs
  }: Pick<EdgeInputs, 'book' | 'kind' | 'band' | 'outer' | 'size'> & {
    readonly zones: readonly ZonePlan[];
    readonly passes: Body;
    readonly pieces: PiecesPlan;
  },
): EdgePlan {
  const { book, kind } = inputs;
  const { garment } = facts;
  const endsInSeam = edge.id === 'neckline' && neckbandOpen(kind, garment);
  const own = edgeUseOf(edge, garment).hook
    ? facts
    : { ...facts, garment: { ...garment, edges: ofOne(garment, edge) } };
  const outlined = pieces.edges[edge.id];
  const onOutlines = outlined === undefined ? undefined : getNumber(book.numbers, outlined);
  const length = edgeLength({ book, facts: own, kind, edge, passes, zones, onOutlines });
  return planEdge({ ...inputs, facts: own, edge, length, body: passes, endsInSeam });
}

const recallOne = createMemory<Garment['edges']>();
/** What was said of one edge, and nothing of the others: a hook-and-eye alone goes by what others have. */
const ofOne = ({ edges }: Garment, { id }: Edge): Garment['edges'] =>
  recallOne([id, edges?.[id]], () => (edges?.[id] ? { [id]: edges[id] } : {}));

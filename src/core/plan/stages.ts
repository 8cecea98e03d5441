import type { ClothReading } from '../cloth/reading';
import { edgeUses } from '../edges/elastics/uses';
import { getNumber, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { Explained, Phrase } from '../explain/explained';
import type { GarmentKind } from '../fit/garmentKind';
import { stageIds, type Need, type Problem, type StageId, type StageState } from '../explain/problem';
import { cutWayOf, neckbandEdge } from '../edges/useOf';
import { type EdgePlan } from '../edges/types';
import { type GarmentPlan } from './types';
import { type MeasurePlan } from '../fit/types';
import type { Garment } from '../facts/garment';
import type { StepSummary } from '../sewing/types';

import type { TicketGroup } from '../ticket/types';

const needsSee = { records: ['wearer', 'outer', 'band'], garment: ['edges'] } as const;

interface NeedsInputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof needsSee>;
  readonly kind: GarmentKind;
  readonly measures: readonly MeasurePlan[];
  readonly edges: readonly EdgePlan[];
  readonly band: ClothReading | undefined;
  readonly outerTested: boolean;
  readonly alongTested: boolean;
}

interface StageInputs {
  readonly garment: Pick<Garment, 'agreed' | 'fittings'>;
  readonly edges: readonly EdgePlan[];
  readonly problems: readonly Problem[];
  readonly ticket: readonly TicketGroup[];
  readonly steps: readonly StepSummary[];
  readonly numbers: Readonly<Record<string, Explained>>;
}

/** What has to be filled in, in the order of the stages. */
export const planNeeds = stage(needsSee, workNeeds);

function workNeeds({
  facts,
  kind,
  measures,
  outerTested,
  alongTested,
  band: bandRead,
  edges,
}: NeedsInputs): readonly Need[] {
  const { garment, wearer, outer, band } = facts;
  const neck = neckbandEdge(edges);
  const usesBand = neck !== undefined || kind.pieces.some((piece) => piece.cloth === 'band');
  const needs: Need[] = [];
  if (!wearer) needs.push({ stage: 'measure', sentence: say`Choose who it is for` });
  else {
    for (const one of measures) {
      if (one.required && one.source === 'missing') {
        needs.push({
          stage: 'measure',
          sentence: say`Measure ${{ name: wearer.name }}: ${one.label.toLowerCase()}`,
        });
      }
    }
  }
  if (!outer) needs.push({ stage: 'stretch', sentence: say`Choose the cloth` });
  else if (!outerTested)
    needs.push({ stage: 'stretch', sentence: say`Pull a swatch of ${{ name: outer.name }}` });
  else if (!alongTested && kind.zones.some(({ axis }) => axis === 'along'))
    needs.push({ stage: 'stretch', sentence: say`Pull a swatch of ${{ name: outer.name }} both ways` });
  if (usesBand && !band) {
    needs.push({
      stage: 'stretch',
      sentence: neck ? say`Choose the neckband’s cloth` : say`Choose the bands’ cloth`,
    });
  } else if (neck && band) {
    const way = cutWayOf(garment.edges?.[neck.id], edgeUses[neck.use].strips[0]);
    if (way && !bandRead?.[way])
      needs.push({
        stage: 'stretch',
        sentence: say`Pull a swatch of ${{ name: band.name }} ${way}, as the band is cut`,
      });
  }
  if (neck && neck.length === undefined)
    needs.push({
      stage: 'bands',
      sentence: kind.made
        ? say`Measure its neckline, once the old edge is off`
        : say`Measure the pattern’s neckline`,
    });
  for (const edge of edges) {
    const { finish, missing } = edge;
    const asked = finish === 'band' || finish === 'binding' || finish === 'elastic';
    if (missing && asked && outer && edge !== neck) needs.push({ stage: 'bands', sentence: missing });
  }
  return needs;
}

/** Each stage's state, and the next physical action. */
export function planStages(
  inputs: StageInputs,
  needs: readonly Need[],
): Pick<GarmentPlan, 'stages' | 'next'> {
  const { garment, problems, ticket, steps } = inputs;
  const rows = ticket.flatMap((group) => group.rows);
  const needing = (stage: StageId) => needs.some((need) => need.stage === stage);
  const done: Readonly<Record<StageId, boolean>> = {
    measure: !needing('measure'),
    stretch: !needing('stretch'),
    fit: garment.agreed.fit === true,
    bands: garment.agreed.bands === true && !needing('bands'),
    cut: rows.length > 0 && rows.every((row) => row.cut),
    sew: steps.length > 0 && steps.every((step) => step.done),
    wear: Object.keys(garment.fittings).length > 0,
  };
  const next = stageIds.find((stage) => !done[stage]);
  const stages = Object.fromEntries(
    stageIds.map((stage): [StageId, StageState] => {
      const stopped = problems.some((problem) => problem.stage === stage && problem.severity === 'stop');
      if (stopped) return [stage, 'attention'];
      if (done[stage]) return [stage, 'done'];
      return [stage, stage === next ? 'next' : 'open'];
    }),
  ) as Record<StageId, StageState>;
  const stop = problems.find(({ severity }) => severity === 'stop');
  const shown = next ?? 'wear';
  const early = stop && stageIds.indexOf(stop.stage) <= stageIds.indexOf(shown);
  return {
    stages,
    next: early
      ? { stage: stop.stage, sentence: stop.sentence }
      : { stage: shown, sentence: nextAction(inputs, needs, next) },
  };
}

function nextAction(
  { ticket, steps, numbers, edges }: StageInputs,
  needs: readonly Need[],
  next: StageId | undefined,
): Phrase {
  switch (next) {
    case undefined:
      return say`Finished and noted`;
    case 'measure':
    case 'stretch':
      return needs.find((need) => need.stage === next)?.sentence ?? say`Look at what is missing`;
    case 'fit':
      return say`Choose how close it should be`;
    case 'bands':
      return (
        needs.find((need) => need.stage === next)?.sentence ??
        (neckbandEdge(edges) ? say`Choose the neckband’s length` : say`Look at the edges`)
      );
    case 'cut': {
      const row = ticket.flatMap((group) => group.rows).find((one) => !one.cut);
      if (!row) return say`Cut the pieces`;
      const name = row.label.toLowerCase();
      return row.length ? say`Cut: ${name}, ${getNumber(numbers, row.length.exact)}` : say`Cut: ${name}`;
    }
    case 'sew':
      return steps.some((step) => step.done) ? say`Go on sewing` : say`Begin to sew`;
    case 'wear':
      return say`Try it on and write down what came out`;
    default:
      throw new Error(`expected a stage, got ${String(next satisfies never)}; add it to nextAction`);
  }
}

import { say } from '../explain/ledger';
import { stage } from '../explain/stage';
import { bodyFields } from '../facts/wearer';
import { bodyUnder, hasClosure, openingAt } from '../fit/garmentKind';
import { allowancePlan, dropPlan, gathersPlan, hemPlan, ripplePlan } from './edgeExtras';
import { MOST_EDGES, edgeSees, type EdgeInputs } from './edgeInputs';
import { mismatchesOf } from './edgeMatches';
import { cutWayOf, finishOf, edgeUseOf } from './useOf';
import { planStrips } from './strips/strips';
import type { EdgePlan } from './types';

/** An edge with what finishes it, worked out: its length at rest, its strips, and the opening it makes. */
export const planEdge = stage(edgeSees, workEdge, MOST_EDGES);

function workEdge(inputs: EdgeInputs): EdgePlan {
  const { book, facts, kind, edge, length, body, band, outer, endsInSeam, size } = inputs;
  const { garment } = facts;
  const opening = openingAt(kind, edge.id);
  const use = edgeUseOf(edge, garment);
  const skip = use.stays === true && garment.stay === 'none';
  const strips =
    length && !skip
      ? planStrips({
          book,
          facts,
          kind,
          edge,
          use,
          length,
          body,
          band,
          outer,
          size,
          endsInSeam,
        })
      : [];
  const missing = missingFor(inputs, strips.length > 0);
  return {
    id: edge.id,
    label: edge.label,
    finish: finishOf(edge, garment),
    use: use.id,
    ...(length === undefined ? {} : { length: length.id }),
    strips,
    ...allowancePlan(inputs, use),
    ...ripplePlan(inputs, use),
    ...gathersPlan(inputs, use, strips),
    ...hemPlan(inputs, use),
    ...dropPlan(inputs, use, strips),
    mismatches: mismatchesOf(book, facts, kind, edge, use),
    ...(missing ? { missing } : {}),
    ...(opening ? { opening: opening.id } : {}),
    closed: opening !== undefined && !hasClosure(opening, garment),
  };
}

/** What has to be measured or chosen before an edge's strips can be worked out. */
function missingFor(
  { facts, edge, length, band, kind, body }: EdgeInputs,
  planned: boolean,
): EdgePlan['missing'] {
  const { garment, wearer } = facts;
  const use = edgeUseOf(edge, garment);
  const name = edge.label.toLowerCase();
  if (planned || use.measured === 'not at all') return undefined;
  if (use.measured === 'between rings')
    return say`Measure front and back from ring to ring: then the side straps are known`;
  if (use.measured === 'shoulder seam') {
    return garment.stay === 'none'
      ? undefined
      : say`Measure the pattern’s shoulder seam: the stay is as long`;
  }
  if (!length) {
    if (edge.body && wearer) return say`Measure ${{ name: wearer.name }} there, or this edge itself`;
    return say`Measure the ${name} on the pattern`;
  }
  const cloth = use.strips[0]?.of;
  if (cloth === undefined || cloth === 'outer') return undefined;
  if (cloth === 'band' && !band) return say`Choose the bands’ cloth and pull a swatch of it`;
  const way = cutWayOf(garment.edges?.[edge.id], use.strips[0]);
  if (cloth === 'band' && facts.band && way && !band?.[way])
    return say`Pull a swatch of ${{ name: facts.band.name }} ${way}, as the band is cut`;
  const measure = bodyUnder(kind, edge);
  if (measure && !body[measure] && wearer) {
    return say`Measure ${{ name: wearer.name }}: ${bodyFields[measure].label.toLowerCase()}`;
  }
  return undefined;
}

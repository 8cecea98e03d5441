import { sideStrap } from './elastics/lengths';
import { USUAL_TURN } from './turns';
import type { Explained, Term } from '../explain/explained';
import { getNumber, leaf, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { allowanceAt } from '../facts/allowance';
import type { EdgeMeasured } from '../facts/garment';
import { openingAt, type Edge, type GarmentKind } from '../fit/garmentKind';
import { MOST_EDGES } from './edgeInputs';
import { edgeUseOf } from './useOf';
import type { Body } from '../explain/body';
import type { ZonePlan } from '../fit/types';

const lengthSees = { records: [], garment: ['pattern', 'edges'] } as const;

interface EdgeLengthInputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof lengthSees>;
  readonly kind: GarmentKind;
  readonly edge: Edge;
  readonly passes: Body;
  readonly zones: readonly ZonePlan[];
  /** As long as it is on the outlines of its pieces, where they have any. */
  readonly onOutlines: Explained | undefined;
}

/** How far an edge turns: as measured, else as such edges usually do; none where it is straight or a tube. */
export const turnOf = (edge: Edge, measured: EdgeMeasured | undefined): number =>
  measured?.turnRad ?? (edge.curve ? USUAL_TURN[edge.curve] : 0);

/** An edge's seamline where it is known: as measured, else from its opening, neckline, zone or body. */
export const edgeLength = stage(lengthSees, workLength, MOST_EDGES);

function workLength(inputs: EdgeLengthInputs): Explained | undefined {
  const { book, facts, kind, edge, passes, zones } = inputs;
  const { garment } = facts;
  const { pattern, edges = {} } = garment;
  const choice = edges[edge.id];
  const use = edgeUseOf(edge, garment);
  const id = `edge.${edge.id}.length`;
  const label = `${edge.label.toLowerCase()}, at the seamline`;
  const given = (mm: number) => book.given(id, label, mm, 'mm', 'measured');
  const opening = openingAt(kind, edge.id);
  if (use.measured === 'between rings') return ringToRing(inputs, id);
  const measured = choice?.measured && measuredLength(inputs, choice.measured, id, label);
  if (measured) return measured;
  if (use.measured === 'shoulder seam')
    return pattern.shoulderMm === undefined ? inputs.onOutlines : given(pattern.shoulderMm);
  const kept = opening && pattern.openings?.[opening.id];
  if (kept !== undefined) return given(kept);
  if (opening?.at === 'sleeve-hem' && pattern.sleeveHemMm !== undefined) return given(pattern.sleeveHemMm);
  if (inputs.onOutlines) return inputs.onOutlines;
  if (opening?.at === 'neckline') return undefined;
  if (edge.body && !edge.zone) return passes[edge.body];
  const zone = zones.find((one) => one.zone === (opening?.at === 'sleeve-hem' ? 'biceps' : edge.zone));
  if (!zone) return undefined;
  const rest = getNumber(book.numbers, zone.rest);
  if (edge.zoneShare !== undefined) {
    return book.work(id, {
      label: `${edge.label.toLowerCase()}, its usual part of the girth`,
      unit: 'mm',
      mark: 'default',
      note: 'Measure the edge itself to be sure.',
      formula: 'share * g',
      terms: { share: leaf('its usual part', edge.zoneShare, 'share', 'default'), g: rest },
    });
  }
  if (opening?.at !== 'sleeve-hem') return rest;
  return book.work(id, {
    label: `${edge.label.toLowerCase()}, taken as wide as the sleeve`,
    unit: 'mm',
    mark: 'default',
    formula: 'g',
    terms: { g: rest },
  });
}

/** From what was measured to the seamline: allowances lost at crossing seams, then the curve. */
function measuredLength(
  { book, facts: { garment }, edge }: EdgeLengthInputs,
  measured: EdgeMeasured,
  id: string,
  label: string,
): Explained | undefined {
  const { as, wholeMm, frontMm, backMm, crossings, crossingAllowanceMm } = measured;
  const { seamAllowanceMm } = garment.pattern;
  const terms = {
    turn: leaf('total turn of the edge', turnOf(edge, measured), 'rad', 'D'),
    a: leaf('seam allowance at the edge', allowanceAt(garment, edge.id), 'mm', 'measured'),
    least: leaf('least that can be sewn', 1, 'mm', 'D'),
  } as const;
  const work = (formula: string, more: Readonly<Record<string, Term>>) =>
    book.work(id, { label, unit: 'mm', mark: 'D', formula, terms: { ...more, ...terms } });
  if (as === 'pieces') {
    const lost = {
      n: leaf('seams that cross it', crossings ?? edge.seams?.length ?? 0, 'count', 'D'),
      s: leaf('seam allowance of those seams', crossingAllowanceMm ?? seamAllowanceMm, 'mm', 'measured'),
    };
    if (frontMm !== undefined && backMm !== undefined) {
      return work('max(front + back - 2 * n * s + turn * a, least)', {
        front: leaf('front piece, cut edge', frontMm, 'mm', 'measured'),
        back: leaf('back piece, cut edge', backMm, 'mm', 'measured'),
        ...lost,
      });
    }
    if (wholeMm === undefined) return undefined;
    return work('max(pieces - 2 * n * s + turn * a, least)', {
      pieces: leaf('cut pieces, edge to edge', wholeMm, 'mm', 'measured'),
      ...lost,
    });
  }
  if (wholeMm === undefined) return undefined;
  if (as === 'seamline') return book.given(id, label, wholeMm, 'mm', 'measured');
  return work('max(ring + turn * a, least)', { ring: leaf('joined edge, cut', wholeMm, 'mm', 'measured') });
}

/** A side strap between its rings, once both panels are known. */
function ringToRing(
  { book, facts: { garment }, edge, passes }: EdgeLengthInputs,
  id: string,
): Explained | undefined {
  const { frontRingsMm, backRingsMm } = garment.edges?.[edge.id] ?? {};
  const girth = edge.body && passes[edge.body];
  if (frontRingsMm === undefined || backRingsMm === undefined || !girth) return undefined;
  if (frontRingsMm + backRingsMm >= girth.value) return undefined;
  return book.work(id, {
    label: 'side strap, ring to ring',
    unit: 'mm',
    mark: 'T',
    formula: sideStrap.text,
    terms: {
      G: girth,
      F: leaf('front, ring to ring', frontRingsMm, 'mm', 'measured'),
      B: leaf('back, ring to ring', backRingsMm, 'mm', 'measured'),
    },
  });
}

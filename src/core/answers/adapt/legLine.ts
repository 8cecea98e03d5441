import { createLedger, leaf } from '../../explain/ledger';
import { lengthMm, record, type FactsOf } from '../../facts/spec';
import type { KindId } from '../../facts/kindIds';
import { edgePath, lineAlong, missing, refusedDraft, type Drafted, type OnPieces } from './draft';
import {
  chopped,
  displaced,
  endOf,
  joined,
  lengthOf,
  pathOf,
  polyline,
  splitAlong,
  startOf,
  type Path,
} from '../../geometry/path';
import { minus, point, times } from '../../geometry/point';
import { areaOf } from '../../geometry/ring';
import { quadratic } from '../../geometry/segment';
import type { Outlines } from '../../pieces/outline';

/** The front of a pair of panties, half, on the fold; finished measures. */
export const legLineSpec = record('Opening the leg line', {
  topMm: lengthMm('Half the top edge', 40, 400, [80, 240]),
  sideMm: lengthMm('Side seam', 0, 300, [10, 150]),
  depthMm: lengthMm('Centre front, top edge to crotch', 80, 500, [120, 300]),
  crotchMm: lengthMm('Half the crotch', 15, 120, [25, 60]),
  hipMm: lengthMm('Hip', 300, 2200, [450, 1500]),
  openAtMm: lengthMm('New leg line, from the centre', 20, 390, [50, 220]),
});
export type LegLineFacts = FactsOf<typeof legLineSpec>;

/** Where the opened leg line meets the top edge, as a share of the hip (common practice, no source). */
const OPEN_SHARE = 0.11;

/** A usual opening for a hip, mm. */
export const usualOpening = (hipMm: number): number => Math.round(hipMm * OPEN_SHARE);

export const usualLegLine: LegLineFacts = {
  topMm: 165,
  sideMm: 60,
  depthMm: 190,
  crotchMm: 38,
  hipMm: 980,
  openAtMm: usualOpening(980),
};

/** Another hip opens the leg line at the same share of it: the distance from the centre grows with the hip (D). */
export function openWithHip(before: LegLineFacts, changes: Partial<LegLineFacts>): Partial<LegLineFacts> {
  if (changes.hipMm === undefined || changes.openAtMm !== undefined) return changes;
  const { min, max } = legLineSpec.fields.openAtMm;
  const scaled = Math.round((before.openAtMm * changes.hipMm) / before.hipMm);
  return { ...changes, openAtMm: Math.min(Math.max(scaled, min), max) };
}

/** The half front of a pair of panties, clockwise from the centre: its edges end to end. */
interface HalfFront {
  readonly top: Path;
  readonly side: Path;
  readonly leg: Path;
  readonly crotch: Path;
  readonly centre: Path;
}

/** A leg line opened at the front: the new line, what it takes away, and how much of the front still covers. */
export function draftLegLine(facts: LegLineFacts): Drafted {
  const { topMm, sideMm, depthMm, crotchMm } = facts;
  if (sideMm >= depthMm)
    return refusedDraft('The side seam is longer than the front is deep: measure again.');
  const [centre, corner, foot] = [point(0, 0), point(topMm, 0), point(0, depthMm)];
  const [ring, crotch] = [point(topMm, sideMm), point(crotchMm, depthMm)];
  return opened(facts, {
    top: polyline([centre, corner]),
    side: polyline([corner, ring]),
    leg: pathOf([quadratic(ring, point(crotchMm * 1.2, depthMm * 0.55), crotch)]),
    crotch: polyline([crotch, foot]),
    centre: polyline([foot, centre]),
  });
}

/** Lines are bent in parts no longer than this, mm. */
const PART_MM = 10;

function opened(facts: LegLineFacts, { top, side, leg, crotch, centre }: HalfFront): Drafted {
  const { openAtMm } = facts;
  const [kept] = splitAlong(top, openAtMm);
  if (!kept || openAtMm >= lengthOf(top)) {
    return refusedDraft('The new leg line meets the top edge beyond its end: choose a smaller distance.');
  }
  if (lengthOf(crotch) >= openAtMm) {
    return refusedDraft(
      'The new leg line would cut into the crotch: choose a larger distance from the centre.',
    );
  }
  // The old line with its upper end drawn to the top edge, the rest of it less and less.
  const by = minus(endOf(kept), startOf(leg));
  const newLeg = displaced(chopped(leg, PART_MM), (share) => times(by, (1 - share) ** 2));
  const book = createLedger();
  const area = (id: string, label: string, ...outline: readonly Path[]) =>
    book.given(
      `leg.${id}`,
      label,
      areaOf(joined(...outline)),
      'areaMm2',
      'measured',
      'Measured off the drawing.',
    );
  const was = area('was', 'half the front before', top, side, leg, crotch, centre);
  const now = area('now', 'half the front after', kept, newLeg, crotch, centre);
  const coverage = book.work('leg.coverage', {
    label: 'of the front still covers',
    unit: 'share',
    mark: 'D',
    formula: 'now / was',
    terms: { now, was },
  });
  const share = book.work('leg.share', {
    label: 'distance from the centre, of the hip',
    unit: 'share',
    mark: 'D',
    note: 'Keep it with the pattern: another size takes the same share of its hip.',
    formula: 'open / hip',
    terms: {
      open: leaf('new leg line from the centre', openAtMm, 'mm', 'chosen'),
      hip: leaf('hip', facts.hipMm, 'mm', 'measured'),
    },
  });
  const width = book.work('leg.width', {
    label: 'front width ring to ring',
    unit: 'mm',
    mark: 'D',
    formula: '2 * open',
    terms: { open: leaf('new leg line from the centre', openAtMm, 'mm', 'chosen') },
  });
  return {
    ok: true,
    draft: {
      numbers: book.numbers,
      shown: [coverage.id, width.id, share.id],
      pieces: [
        {
          id: 'front',
          label: 'Front, half, on the fold',
          lines: [
            lineAlong('to cut', 'cut', kept, newLeg, crotch, centre),
            lineAlong('as it was', 'old', top, side, leg),
          ],
        },
      ],
    },
  };
}

/** The edges of the front in the kinds that have such a leg. */
const FRONT_EDGES: Readonly<Partial<Record<KindId, Readonly<Record<keyof HalfFront, string>>>>> = {
  briefs: { top: 'waist', side: 'side', leg: 'leg', crotch: 'crotch', centre: 'centre' },
  'lace-panties': { top: 'top', side: 'side', leg: 'leg', crotch: 'gusset', centre: 'centre' },
};

function halfFront(outlines: Outlines, kind: KindId): HalfFront {
  const names = FRONT_EDGES[kind];
  if (!names) throw new Error(`expected a kind with a leg line, got ${kind}`);
  const path = (edge: keyof HalfFront): Path => edgePath(outlines, 'front', names[edge]);
  return {
    top: path('top'),
    side: path('side'),
    leg: path('leg'),
    crotch: path('crotch'),
    centre: path('centre'),
  };
}

/** The leg line opened on the traced front of a pair of panties. */
export const legLineOnPieces: OnPieces<LegLineFacts> = {
  kinds: ['briefs', 'lace-panties'],
  measure: (outlines, kind) => {
    const lacking = missing(outlines, ['front']);
    if (lacking) return lacking;
    const { top, side, crotch, centre } = halfFront(outlines, kind);
    return {
      topMm: lengthOf(top),
      sideMm: lengthOf(side),
      depthMm: lengthOf(centre),
      crotchMm: lengthOf(crotch),
    };
  },
  draft: (facts, outlines, kind) => opened(facts, halfFront(outlines, kind)),
};

import { createLedger, leaf } from '../../explain/ledger';
import { lengthMm, record, type FactsOf } from '../../facts/spec';
import { refusedDraft, type Drafted } from './draft';
import { polyline } from '../../geometry/path';
import { point, type Point } from '../../geometry/point';
import { areaOf } from '../../geometry/ring';
import { curve } from './curves';

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

/** A leg line opened at the front: the new line, what it takes away, and how much of the front still covers. */
export function draftLegLine(facts: LegLineFacts): Drafted {
  const { topMm, sideMm, depthMm, crotchMm, openAtMm } = facts;
  if (openAtMm >= topMm) {
    return refusedDraft('The new leg line meets the top edge beyond its end: choose a smaller distance.');
  }
  if (sideMm >= depthMm)
    return refusedDraft('The side seam is longer than the front is deep: measure again.');
  if (crotchMm >= openAtMm) {
    return refusedDraft(
      'The new leg line would cut into the crotch: choose a larger distance from the centre.',
    );
  }
  const crotch = point(crotchMm, depthMm);
  const leg = (from: Point): readonly Point[] => curve(from, point(crotchMm * 1.2, depthMm * 0.55), crotch);
  const [centre, foot] = [point(0, 0), point(0, depthMm)];
  const oldLeg = leg(point(topMm, sideMm));
  const newLeg = leg(point(openAtMm, 0));
  const oldOutline = [centre, point(topMm, 0), ...oldLeg, foot];
  const newOutline = [centre, ...newLeg, foot];
  const book = createLedger();
  const area = (id: string, label: string, outline: readonly Point[]) =>
    book.given(
      `leg.${id}`,
      label,
      areaOf(polyline([...outline, centre])),
      'areaMm2',
      'measured',
      'Measured off the drawing.',
    );
  const was = area('was', 'half the front before', oldOutline);
  const now = area('now', 'half the front after', newOutline);
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
            { label: 'to cut', kind: 'cut', points: [...newOutline, centre] },
            { label: 'as it was', kind: 'old', points: [point(openAtMm, 0), point(topMm, 0), ...oldLeg] },
          ],
        },
      ],
    },
  };
}

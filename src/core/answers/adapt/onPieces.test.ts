import fc from 'fast-check';
import type { KindId } from '../../facts/kindIds';
import { lengthOf } from '../../geometry/path';
import { areaOf } from '../../geometry/ring';
import { briefs, kindNamed, leggings, outlinesOf, tops, walked } from '../../pieces/alter/testShapes';
import { zoneWidth } from '../../pieces/measure';
import { roundPiece, type Outline, type Outlines } from '../../pieces/outline';
import { practiceTee } from '../../pieces/practice';
import { adaptations, type AdaptationId } from './adaptations';
import { edgePath, type Draft } from './draft';

/** An adaptation on traced pieces; the fields they do not tell are the usual ones, or as given. */
function drafted(
  which: AdaptationId,
  kind: KindId,
  outlines: Outlines,
  said: Readonly<Record<string, number>> = {},
): { readonly draft: Draft; readonly facts: Readonly<Record<string, number>> } | string {
  const { onPieces, usual } = adaptations[which];
  const measures = onPieces.measure(outlines, kind);
  if (typeof measures === 'string') return measures;
  const facts: Readonly<Record<string, number>> = { ...usual, ...said, ...measures };
  const result = onPieces.draft(facts, outlines, kind);
  return result.ok ? { draft: result.draft, facts } : result.sentence;
}
const fine = (result: ReturnType<typeof drafted>) => {
  if (typeof result === 'string') throw new Error(result);
  return result;
};
const value = (draft: Draft, id: string): number => draft.numbers[id]?.value ?? Number.NaN;
const RUNS = { seed: 41, numRuns: 10, endOnFailure: true } as const;

const tee = kindNamed('tee');

describe('a raglan on the pieces of a tee', () => {
  test('becomes a raglan whose seams go together: every one of them walks to a millimetre', () =>
    fc.assert(
      fc.property(
        tops,
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 40 }),
        (pieces, wider, deeper) => {
          const before = outlinesOf(tee, pieces);
          const result = drafted('raglan', 'tee', before, { widerMm: wider, deeperFrontMm: deeper });
          // Some random sleeves join no raglan line: then it says what to do.
          if (typeof result === 'string') return expect(result).toMatch(/wider at the underarm|by less/);
          const { draft } = result;
          const made = draft.made;
          if (!made) throw new Error('expected pieces');
          expect(made.kind).toBe('raglan');
          const raglan = kindNamed('raglan');
          const after = outlinesOf(raglan, made.shapes);
          expect(Object.keys(after)).toEqual(['front', 'back', 'sleeve']);
          // Sides that were not as long as each other are the tee’s own.
          const own = walked(tee, before).side ?? 0;
          for (const [seam, longer] of Object.entries(walked(raglan, after)))
            expect([seam, Math.abs(longer - (seam === 'side' ? own : 0)) < 1]).toEqual([seam, true]);
          expect(value(draft, 'raglan.bodyFront')).toBeCloseTo(
            lengthOf(edgePath(after, 'front', 'raglan')),
            3,
          );
          // The side and the hem of the body stay the tee’s own.
          expect(lengthOf(edgePath(after, 'back', 'side'))).toBeCloseTo(
            lengthOf(edgePath(before, 'back', 'side')),
            3,
          );
        },
      ),
      RUNS,
    ));

  test('the practice tee: its sleeve stays as wide at the underarm, its shoulder goes to the sleeve', () => {
    const outlines = outlinesOf(tee, practiceTee);
    const { draft, facts } = fine(
      drafted('raglan', 'tee', outlines, { widerMm: 0, deeperFrontMm: 0, deeperBackMm: 0 }),
    );
    expect(facts.bicepsMm).toBe(364);
    expect(facts.neckFrontMm).toBeCloseTo(92, 6);
    expect(facts.shoulderMm).toBeCloseTo(Math.hypot(132, 46), 6);
    const after = outlinesOf(kindNamed('raglan'), draft.made?.shapes ?? {});
    expect(zoneWidth(after.sleeve as Outline, 'biceps')).toBeCloseTo(364, 0);
    // What the body loses beside its neck the sleeve gains: the neck edge is as long as before.
    const neck = (of: Outlines) =>
      lengthOf(edgePath(of, 'front', 'neckline')) + lengthOf(edgePath(of, 'back', 'neckline'));
    expect(neck(after) + lengthOf(edgePath(after, 'sleeve', 'neckline'))).toBeCloseTo(neck(outlines), 3);
  });

  test('a piece that is missing is asked for', () => {
    const { front, back } = practiceTee;
    const body = { front, back };
    expect(drafted('raglan', 'tee', outlinesOf(tee, body))).toBe('Trace these pieces first: sleeve.');
  });
});

describe('legs on the pieces of leggings', () => {
  const kind = kindNamed('leggings');

  test('widened, the hem is as wide as was asked, seams walk as before, and nothing above the knee moves', () =>
    fc.assert(
      fc.property(leggings, fc.integer({ min: 50, max: 250 }), (pieces, more) => {
        const before = outlinesOf(kind, pieces);
        const measures = adaptations.widen.onPieces.measure(before, 'leggings');
        if (typeof measures === 'string') throw new Error(measures);
        const wantedMm = (measures.hemMm ?? 0) + more;
        const { draft } = fine(drafted('widen', 'leggings', before, { wantedMm }));
        const after = outlinesOf(kind, draft.made?.shapes ?? {});
        const hem = (piece: string) => {
          const path = edgePath(after, piece, 'hem');
          return Math.abs(path[0].from.x - (path.at(-1)?.to.x ?? 0));
        };
        expect(hem('front') + hem('back')).toBeCloseTo(wantedMm, 3);
        expect(value(draft, 'widen.each')).toBeCloseTo(more / 4, 6);
        const [was, is] = [walked(kind, before), walked(kind, after)];
        for (const seam of Object.keys(was))
          expect([seam, Math.abs((is[seam] ?? 0) - (was[seam] ?? 0)) < 1]).toEqual([seam, true]);
        for (const zone of ['hip', 'thigh'])
          expect(zoneWidth(after.front as Outline, zone)).toBeCloseTo(
            zoneWidth(before.front as Outline, zone) ?? 0,
            1,
          );
      }),
      RUNS,
    ));

  test('shorts: cut below the crotch by inside leg and hem, the girth there measured on both pieces', () =>
    fc.assert(
      fc.property(leggings, fc.integer({ min: 80, max: 250 }), (pieces, wantedMm) => {
        const before = outlinesOf(kind, pieces);
        const { draft, facts } = fine(drafted('shorts', 'leggings', before, { wantedMm, turnMm: 20 }));
        expect(value(draft, 'shorts.cut')).toBe(wantedMm + 20);
        const hem = value(draft, 'shorts.hem');
        expect(hem).toBeLessThan((facts.thighMm ?? 0) + 20);
        expect(hem).toBeGreaterThan((facts.hemMm ?? 0) - 20);
        for (const piece of draft.pieces) {
          const [old, cut] = ['old', 'cut'].map((which) => {
            const points = piece.lines.find((line) => line.kind === which)?.points ?? [];
            return Math.max(...points.map(({ y }) => y));
          });
          expect(cut).toBeLessThan(old ?? 0);
          const fold = piece.lines.find((line) => line.label === 'hem fold')?.points ?? [];
          expect((cut ?? 0) - (fold[0]?.y ?? 0)).toBeCloseTo(20, 2);
        }
      }),
      RUNS,
    ));

  test('shorts as long as the leggings are refused', () => {
    const [pieces] = fc.sample(leggings, { seed: 1, numRuns: 1 });
    const before = outlinesOf(kind, pieces ?? {});
    expect(drafted('shorts', 'leggings', before, { wantedMm: 800 })).toMatch(/as long as the leggings/);
  });
});

test('a leg line opened on a traced front: it meets the top edge as far out as was asked, and covers less', () =>
  fc.assert(
    fc.property(briefs, fc.integer({ min: 45, max: 75 }), (pieces, percent) => {
      const before = outlinesOf(kindNamed('briefs'), pieces);
      const top = lengthOf(edgePath(before, 'front', 'waist'));
      const { draft } = fine(drafted('leg-line', 'briefs', before, { openAtMm: (percent / 100) * top }));
      const was = value(draft, 'leg.was');
      expect(was).toBeCloseTo(Math.abs(areaOf(roundPiece(before.front as Outline))), 3);
      expect(value(draft, 'leg.coverage')).toBeLessThan(1);
      expect(value(draft, 'leg.coverage')).toBeGreaterThan(0.2);
      const more = fine(drafted('leg-line', 'briefs', before, { openAtMm: ((percent + 10) / 100) * top }));
      expect(value(more.draft, 'leg.coverage')).toBeGreaterThan(value(draft, 'leg.coverage'));
    }),
    RUNS,
  ));

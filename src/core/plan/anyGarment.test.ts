import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { anyGarment } from '../../../tests/randomGarments';
import { phraseText } from '../explain/display';
import { edgeUses } from '../edges/elastics/uses';
import { OVERLAP_MM } from '../edges/elastics/rules';
import { kindOf } from '../garments/kindOf';
import { parseLength } from '../units/parseLength';
import { planGarment } from './planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from './types';
import type { StripPlan } from '../edges/types';

const planned = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const value = (of: GarmentPlan, id: string | undefined) => of.numbers[id ?? '']?.value ?? Number.NaN;
const RUNS = { seed: 11, numRuns: 200 } as const;

/** Runs a check over garments nobody thought of; the seed and the garment are in the failure's text. */
const forAll = (check: (facts: GarmentFacts, of: GarmentPlan) => void): void =>
  fc.assert(
    fc.property(anyGarment, (facts) => check(facts, planned(facts))),
    RUNS,
  );
const everyStrip = (of: GarmentPlan, check: (strip: StripPlan, edge: GarmentPlan['edges'][number]) => void) =>
  of.edges.forEach((edge) => edge.strips.forEach((strip) => check(strip, edge)));

describe('whatever is sewn to whatever edge', () => {
  test('a length rounded for the tape, cm or inches, is never rounded out of what works', () => {
    forAll((_facts, of) =>
      everyStrip(of, (strip) => {
        const [n, adds] = [value(of, strip.parts), value(of, strip.adds)];
        const [least, most] = [value(of, strip.shortest), value(of, strip.longest)];
        const exact = value(of, strip.chosen);
        for (const unit of ['cm', 'in'] as const) {
          const sewn = value(of, strip.cutLength[unit]) * n - adds;
          if (exact >= least) expect(sewn).toBeGreaterThanOrEqual(least - 1e-3);
          const room = most - least > 4 * n;
          if (room && exact <= most) expect(sewn).toBeLessThanOrEqual(most + 1e-3);
        }
      }),
    );
  });
  test('a strip that is long enough is not refused at its opening', () => {
    forAll((_facts, of) =>
      everyStrip(of, (strip, edge) => {
        const passes = strip.shortestBy.find(({ id }) => id === 'passes');
        const opening = of.openings.find(({ id }) => id === edge.opening);
        if (!passes || !opening || opening.id === 'neckline') return;
        const part = opening.parts.filter(({ kind }) => kind === 'strip')[edge.strips.indexOf(strip)];
        if (!part || strip.of === 'outer') return;
        const sewn = value(of, strip.sewn);
        if (sewn >= value(of, passes.at)) expect([strip.id, part.ok]).toEqual([strip.id, true]);
        if (sewn < value(of, passes.at) - 2) expect([strip.id, part.ok]).toEqual([strip.id, false]);
      }),
    );
  });
  test('“works” is only said of what holds, where it has to hold a body', () => {
    forAll((_facts, of) =>
      everyStrip(of, (strip, edge) => {
        const spec = edgeUses[edge.use].strips.find(({ label }) => label === strip.label);
        if (!spec?.holds || strip.state !== 'works' || strip.body === undefined) return;
        const resting = value(of, strip.resting ?? strip.sewn);
        expect([edge.id, resting <= value(of, strip.body) + 1e-3]).toEqual([edge.id, true]);
      }),
    );
  });
  test('a join that the rule does not have adds what is usual for it, for each place where ends meet', () => {
    forAll((facts, of) =>
      everyStrip(of, (strip, edge) => {
        const choice = facts.garment.edges?.[edge.id];
        const spec = edgeUses[edge.use].strips[0];
        if (strip !== edge.strips[0] || !choice?.join || !spec || spec.join === choice.join) return;
        const n = value(of, strip.parts);
        const spare = spec.spareMm ?? 0;
        if (choice.join === 'overlapped')
          expect(value(of, strip.adds)).toBeCloseTo(OVERLAP_MM * n + spare, 9);
        if (choice.join === 'seamed') {
          const a = facts.garment.pattern.seamAllowanceMm;
          expect(value(of, strip.adds)).toBeCloseTo(2 * a * n + spare, 9);
        }
      }),
    );
  });
  test('what lies inside a band is cut whole, in however many parts the band is', () => {
    forAll((_facts, of) =>
      everyStrip(of, (strip, edge) => {
        if (edge.strips.indexOf(strip) > 0) expect(value(of, strip.parts)).toBe(1);
      }),
    );
  });
  test('an edge that starts at a seam has that seam at its start, wherever its back was measured', () => {
    forAll((facts, of) => {
      const kind = kindOf(facts.garment);
      everyStrip(of, (strip, { id }) => {
        const edge = kind.edges.find((one) => one.id === id);
        const first = strip.marking?.seams[0];
        if (!edge?.seams?.[0] || !first || edge.seams[0].at !== 0) return;
        expect([id, value(of, first.at)]).toEqual([id, 0]);
      });
    });
  });
});

test('no derived number is only itself, and no strip has a length under nothing', () => {
  forAll((_facts, of) => {
    for (const { id, formula, mark } of Object.values(of.numbers))
      if (formula === 'x') expect([id, mark]).not.toEqual([id, 'D']);
    for (const { length, low } of of.edges.flatMap(({ strips }) => strips.flatMap(({ rules }) => rules))) {
      expect(value(of, length)).toBeGreaterThan(0);
      if (low !== undefined) expect(value(of, low)).toBeGreaterThan(0);
    }
  });
});

test.each(['cm', 'in'] as const)(
  '“choose at least” and “choose at most”, read off in %s, mend what they are said to mend',
  (unit) => {
    let tried = 0;
    forAll((facts, of) => {
      for (const problem of of.problems) {
        const remedy = problem.remedies[0];
        const words = remedy && phraseText(remedy, of.numbers, unit);
        const said = /(?:at least|holds at|Choose) ([\d. ⅛¼⅜½⅝¾⅞/]+ (?:cm|mm|in))\b/.exec(words ?? '')?.[1];
        const read = said === undefined ? undefined : parseLength(said, unit);
        const strip = of.edges
          .flatMap((edge) => edge.strips.map((one) => ({ edge, one })))
          .find(({ one }) => `strip-${one.id.replaceAll('.', '-')}` === problem.id);
        if (!read?.ok || !strip || strip.edge.strips.indexOf(strip.one) > 0) continue;
        // A window narrower than the tape’s own steps has no mark in it.
        if (value(of, strip.one.longest) - value(of, strip.one.shortest) < 4) continue;
        tried += 1;
        const edges = {
          ...facts.garment.edges,
          [strip.edge.id]: { ...facts.garment.edges?.[strip.edge.id], ownMm: read.mm, school: 'own' },
        };
        const again = planned({ ...facts, garment: { ...facts.garment, edges } });
        const mended = again.edges.find(({ id }) => id === strip.edge.id)?.strips[0];
        expect([problem.id, words, mended?.state]).toEqual([problem.id, words, 'works']);
      }
    });
    expect(tried).toBeGreaterThan(20);
  },
);

import { demoFact, demoFacts, TODAY } from '../../../tests/demoFacts';
import { bottoms, edge, strip } from '../../../tests/edgePlans';
import { odile, plan, stated, value } from '../../../tests/planned';
import { phraseText } from '../explain/display';
import { finishedFromCut } from '../edges/elastics/lengths';
import { newElastic } from '../facts/elastic';
import { newGarment, type EdgeMeasured } from '../facts/garment';
import { parseLength } from '../units/parseLength';
import { MM_PER_INCH } from '../units/constants';
import { ONE_SIZE } from '../facts/outline';
import { newPattern } from '../facts/pattern';
import { kindOf } from '../garments/kindOf';
import { draftOf } from '../plan/asCut';
import { planGarment } from '../plan/planGarment';
import type { GarmentPlan } from '../plan/types';
import { atNeckline } from '../../../tests/sewn';

const draftedShapes = (facts: ReturnType<typeof demoFact>) => ({
  shapes: draftOf({ facts, kind: kindOf(facts.garment, undefined), onDate: TODAY })?.drawn.facts ?? {},
});
const lines = (of: GarmentPlan, id: string, unit: 'cm' | 'in' = 'cm') =>
  of.cutting.find((one) => one.edge === id)?.lines.map((line) => phraseText(line, of.numbers, unit)) ?? [];

describe('what stands at Bands reaches the cutting table', () => {
  test('an edge turned over ¼ in elastic, drawn with ¼ in, is told to add ⅛ in (T, handbook 04: it behaves like ⅜)', () => {
    const quarter = MM_PER_INCH / 4;
    const of = bottoms(
      { waist: { elasticId: 'swim', drawnAllowanceMm: quarter } },
      {
        elastics: { swim: { ...newElastic('Swim', 'swim rubber', quarter), swim: 'yes', statedStretch: 1 } },
      },
    );
    expect(lines(of, 'waist', 'in')[0]).toBe('add ⅛ in to this edge before cutting');
  });
  test('an edge with more allowance than its construction takes is told what to trim', () => {
    const of = bottoms({ waist: { elasticId: 'swim', drawnAllowanceMm: 17.175 } });
    expect(lines(of, 'waist')[0]).toBe('trim 6 mm off this edge');
  });
  test('an edge whose pieces are drafted here says what they are printed with; one on other paper what to add to that too', () => {
    const drafted = demoFact('ripple');
    const leg = (facts: typeof drafted) => lines(planGarment(facts, { onDate: TODAY }), 'leg');
    const [first, ...more] = leg(drafted);
    expect(first).toMatch(/^[\d.]+ (cm|mm) allowance here: pieces printed from here have it$/);
    expect(more.join()).not.toContain('on other paper');
    const { shapes } = draftedShapes(drafted);
    const traced = {
      ...drafted,
      garment: { ...drafted.garment, patternId: 'kept' },
      pattern: { ...newPattern('Kept', 'briefs'), shapes: { [ONE_SIZE]: shapes } },
    };
    expect(leg(traced).slice(0, 2)).toEqual([
      first,
      expect.stringMatching(/^on other paper: add [\d.]+ (cm|mm) to this edge before cutting$/),
    ]);
  });
  test('a tee’s ticket names fold, finished width, marks and hem depths (by hand: handbook 10, 38 cm and 1.5 cm)', () => {
    const start = newGarment('Tee', 'tee');
    const of = plan(
      'tee',
      { outer: stated(0.5), band: stated(0.6) },
      {
        pattern: {
          ...start.pattern,
          hemAllowanceMm: 13,
        },
        edges: {
          neckline: { finishedMm: 15, measured: { as: 'seamline', wholeMm: 560, backMm: 200 } },
        },
      },
    );
    expect(lines(of, 'hem')).toEqual(['turned up 1.3 cm: the allowance is in the piece']);
    const neck = lines(of, 'neckline');
    expect(neck[0]).toBe('neckband folded along its length; it finishes 1.5 cm wide');
    // 560 mm in eighths: 70 mm on the neckline.
    expect(neck.at(-1)).toMatch(
      /^neckband: mark in 8 from centre back, every [\d.]+ cm; the edge every 7\.0 cm/,
    );
  });
  test.each(['cm', 'in'] as const)('no line of a demo ticket is longer than an eye takes in, %s', (unit) => {
    for (const [id, facts] of demoFacts()) {
      const of = planGarment(facts, { onDate: TODAY });
      const all = [
        ...of.ticket.flatMap(({ notes, lies = [], rows }) => [
          ...notes,
          lies,
          ...rows.flatMap(({ details }) => details),
        ]),
        ...of.cutting.flatMap((one) => one.lines),
      ].map((line) => phraseText(line, of.numbers, unit));
      expect(all.length).toBeGreaterThan(0);
      expect([id, all.filter((line) => line.length > 110)]).toEqual([id, []]);
    }
  });
  test('every edge of every demo garment that is worked out says what the table needs, or nothing is to be done there', () => {
    const of = planGarment(demoFact('ring-toss'), { onDate: TODAY });
    expect(of.cutting.map((one) => one.edge)).toEqual(
      expect.arrayContaining(['neckline', 'sleeve-hem', 'hem']),
    );
    for (const { lines: said } of of.cutting)
      for (const line of said) expect(phraseText(line, of.numbers, 'in')).not.toMatch(/undefined|NaN/);
  });
});

describe('a strip typed as it is cut', () => {
  test('2 in wide with ¼ in allowance finishes ¾ in (T, handbook 10)', () => {
    expect(finishedFromCut('folded', 2, { allowanceMm: 0.25 })).toBeCloseTo(0.75, 9);
  });
  test.each([['folded', 'cuff'] as const])(
    '%s: the width that follows is cut as it was typed',
    (way, use) => {
      const cutMm = 80;
      const finishedMm = finishedFromCut(way, cutMm, { allowanceMm: 6 });
      const of = plan(
        'raglan',
        { outer: stated(0.5), band: stated(0.8) },
        { edges: { cuff: { use, finishedMm } } },
      );
      expect(value(of, strip(of, 'cuff').cutWidth?.exact)).toBeCloseTo(cutMm, 9);
    },
  );
  test('fold-over trousers from a 35 × 14 in strip: ring 34 ½ in, finishes 6 ¾ in (by hand)', () => {
    const a = MM_PER_INCH / 4;
    const start = newGarment('Trousers', 'foldover-trousers', 'in');
    const finishedMm = finishedFromCut('folded', 14 * MM_PER_INCH, { allowanceMm: a });
    const of = plan(
      'foldover-trousers',
      { outer: stated(0.6), band: stated(0.6), wearer: odile },
      { pattern: start.pattern, edges: { waist: { finishedMm, school: 'own', ownMm: 34.5 * MM_PER_INCH } } },
    );
    expect(finishedMm / MM_PER_INCH).toBeCloseTo(6.75, 9);
    expect(value(of, strip(of, 'waist').cutLength.exact) / MM_PER_INCH).toBeCloseTo(35, 9);
    // Longer than the waist it goes round: it says so, and at what length it would hold.
    expect(strip(of, 'waist').state).toBe('does not hold');
  });
});

test('a rule by part: 1 cm off the front leg, 5 mm off the gusset (T, handbook 04), each part its own', () => {
  const of = plan(
    'lace-panties',
    { outer: stated(0.6) },
    {
      edges: {
        leg: {
          measured: { as: 'seamline', wholeMm: 300 },
          sections: { front: 220, gusset: 80 },
          less: { front: 10, gusset: 5 },
          school: 'own-parts',
        },
      },
    },
  );
  const leg = strip(of, 'leg');
  expect(value(of, leg.chosen)).toBeCloseTo(285, 9);
  expect(leg.sections.map((part) => value(of, part.strip))).toEqual([
    expect.closeTo(210, 9),
    expect.closeTo(75, 9),
  ]);
  expect(edge(of, 'leg').strips[0]?.join).toBe('open');
});

test('yards and metres are read (36 in and 1000 mm, S: international yard)', () => {
  expect(parseLength('1 1/2 yd', 'cm')).toMatchObject({ ok: true, mm: 54 * MM_PER_INCH });
  expect(parseLength('0.5 yards', 'in')).toMatchObject({ ok: true, mm: 18 * MM_PER_INCH });
  expect(parseLength('1,2 m', 'in')).toMatchObject({ ok: true, mm: 1200 });
});

test('one total for a neck measured on its pieces gives the same seamline as front and back', () => {
  const neck = (measured: Partial<EdgeMeasured>) => {
    const of = plan('tee', { outer: stated(0.5), band: stated(0.6) }, atNeckline({}, { measured }));
    return value(of, of.edges.find(({ id }) => id === 'neckline')?.length);
  };
  expect(neck({ wholeMm: 520 })).toBeCloseTo(neck({ frontMm: 330, backMm: 190 }), 9);
  const asked = (measured: Partial<EdgeMeasured>) =>
    plan('tee', { outer: stated(0.5), band: stated(0.6) }, atNeckline({}, { measured })).needs.filter(
      ({ stage }) => stage === 'bands',
    ).length;
  expect([{ wholeMm: 520 }, { frontMm: 330, backMm: 190 }, { frontMm: 330 }].map(asked)).toEqual([0, 0, 1]);
});

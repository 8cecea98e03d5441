import { TODAY, demoFact } from '../../../tests/demoFacts';
import { bottoms, edge, made, plush, sentences, strip, swim } from '../../../tests/edgePlans';
import { odile, plan, stated, value } from '../../../tests/planned';
import { phraseText } from '../explain/display';
import { useIds } from '../facts/edgeUses';
import { kindIds } from '../facts/kindIds';
import { stripsOf } from '../paper/markingStrips';
import { catalogue } from '../garments/catalogue';
import { newFinding } from '../facts/finding';
import { MM_PER_INCH } from '../units/constants';
import { newElastic, type Elastic } from '../facts/elastic';
import type { EdgeChoice, Garment } from '../facts/garment';
import { planGarment } from '../plan/planGarment';

describe('from what was measured to the seamline', () => {
  test.each([
    ['seamline', 500, 500],
    ['ring', 500, 500 + Math.PI * 6],
    ['pieces', 500, 500 - 2 * 2 * 10 + Math.PI * 6],
  ] as const)('%s of %d mm', (as, wholeMm, wanted) => {
    const of = bottoms({
      leg: {
        elasticId: 'swim',
        measured: { as, wholeMm, crossings: 2, crossingAllowanceMm: 10, turnRad: Math.PI },
      },
    });
    expect(value(of, edge(of, 'leg').length)).toBeCloseTo(wanted, 9);
  });
  test('drawn for a ¼ in concealed seam, turned over ¼ in elastic: add ⅛ in, or it grows by Θ of that', () => {
    const quarter = MM_PER_INCH / 4;
    const of = bottoms(
      {
        leg: { elasticId: 'swim', drawnAllowanceMm: quarter, measured: { as: 'seamline', wholeMm: 600 } },
      },
      { elastics: { swim: { ...swim, widthMm: quarter } } },
    );
    const { allowance } = edge(of, 'leg');
    expect(value(of, allowance?.wanted)).toBeCloseTo((MM_PER_INCH * 3) / 8, 6);
    expect(value(of, allowance?.add)).toBeCloseTo(MM_PER_INCH / 8, 6);
    expect(value(of, allowance?.grows)).toBeCloseTo((Math.PI * MM_PER_INCH) / 8, 6);
    expect(
      edge(bottoms({ leg: { elasticId: 'swim', use: 'concealed', drawnAllowanceMm: 6 } }), 'leg').allowance,
    ).toBeUndefined();
  });
  test('gathers: all round onto a waistband, or half of it under each bust', () => {
    const skirt = plan(
      'stretch-waist',
      { outer: stated(0.2) },
      { edges: { waist: { gatheredFromMm: 1200 } } },
    );
    const { gathers } = edge(skirt, 'waist');
    expect(value(skirt, gathers?.ratio)).toBeCloseTo(1200 / value(skirt, strip(skirt, 'waist').sewn), 9);
    expect(value(skirt, gathers?.each)).toBeCloseTo(1200 - value(skirt, gathers?.after), 9);
    const bust = planGarment(demoFact('lakeside'), { onDate: TODAY });
    const under = edge(bust, 'shelf-hem').gathers;
    expect(2 * value(bust, under?.each)).toBeCloseTo(
      value(bust, under?.before) - value(bust, under?.after),
      9,
    );
  });
  test('a lettuce edge keeps the length it had under the needle, within what the cloth has that way', () => {
    const of = plan(
      'lettuce-top',
      { outer: stated(0.5, 0.2) },
      { edges: { 'lower-edge': { rippleShare: 0.3 } } },
    );
    const { ripple } = edge(of, 'lower-edge');
    expect(value(of, ripple?.fullnessAcross)).toBeCloseTo(1.3, 9);
    expect(value(of, ripple?.fullnessAlong)).toBeCloseTo(1 + 0.8 * 0.2, 9);
    expect(phraseText(ripple?.least ?? [], of.numbers, 'cm')).toMatch(
      /least where the edge runs along the selvedge/,
    );
  });
  test('an extra strap comes down by its length times the lengthwise stretch', () => {
    const of = planGarment(demoFact('spotlight'), { onDate: TODAY });
    const strap = edge(of, 'strap');
    expect(value(of, strap.drop)).toBeCloseTo(0.05 * value(of, strap.strips[0]?.sewn), 9);
  });
});

describe('limits and bad input', () => {
  test('too short says the shortest that works; longer than its edge says it is eased', () => {
    const short = bottoms({
      leg: { elasticId: 'swim', measured: { as: 'seamline', wholeMm: 600 }, ownMm: 250, school: 'own' },
    });
    expect(strip(short, 'leg').state).toBe('too short');
    expect(sentences(short).join()).toMatch(/shortest that works is/);
    const long = bottoms({
      leg: {
        elasticId: 'swim',
        measured: { as: 'seamline', wholeMm: 600 },
        shorter: -0.05,
        school: 'percent',
      },
    });
    expect(strip(long, 'leg').state).toBe('eased');
    expect(sentences(long).join()).toMatch(/has to be eased on/);
  });
  test('an empty window says which limits cross, and what would open it', () => {
    const firm = { ...swim, statedStretch: 0.05 };
    const of = bottoms({ waist: { elasticId: 'swim' } }, { elastics: { swim: firm } });
    const problem = of.problems.find(({ id }) => id === 'strip-edge-waist');
    expect(phraseText(problem?.sentence ?? [], of.numbers, 'cm')).toMatch(
      /no length works.*at least.*goes over the hips.*at most/,
    );
    const needed = value(of, 'edge.waist.stretchToWork');
    const opened = bottoms(
      { waist: { elasticId: 'swim' } },
      { elastics: { swim: { ...swim, statedStretch: needed + 1e-6 } } },
    );
    expect(opened.problems.some(({ id }) => id === 'strip-edge-waist')).toBe(false);
    const still = bottoms(
      { waist: { elasticId: 'swim' } },
      { elastics: { swim: { ...swim, statedStretch: needed - 0.01 } } },
    );
    expect(still.problems.some(({ id }) => id === 'strip-edge-waist')).toBe(true);
  });
  test('no elastic chosen, or one nobody pulled: planned, with the assumption marked', () => {
    const none = bottoms({});
    expect(phraseText(strip(none, 'waist').assumed ?? [], none.numbers, 'cm')).toMatch(
      /No elastic is chosen yet/,
    );
    const untested = bottoms(
      { waist: { elasticId: 'swim' } },
      { elastics: { swim: newElastic('New', 'swim knit', 8) } },
    );
    expect(phraseText(strip(untested, 'waist').assumed ?? [], untested.numbers, 'cm')).toMatch(
      /has not been pulled/,
    );
    expect(strip(bottoms({ waist: { elasticId: 'swim' } }), 'waist').assumed).toBeUndefined();
  });
  test('an elastic that holds on a body nobody measured waits for it, the edge measured or not', () => {
    const wearer = { ...odile, measurements: {} };
    const measured = { as: 'seamline' as const, wholeMm: 780 };
    for (const [kind, id] of [
      ['shelf-bra-top', 'shelf-hem'],
      ['bralette', 'band'],
      ['one-shoulder-top', 'band'],
      ['leggings', 'waist'],
      ['stretch-waist', 'waist'],
      ['boxer-briefs', 'waist'],
    ] as const) {
      const of = plan(
        kind,
        { outer: stated(0.7, 0.5), band: stated(0.7), lining: stated(0.7), wearer },
        { edges: { [id]: { measured } } },
      );
      const one = edge(of, id);
      expect([kind, one.strips.length > 0 || one.missing !== undefined]).toEqual([kind, true]);
    }
  });
  test('more tails than elastic, and an edge that is all allowance', () => {
    const tails = plan(
      'lace-panties',
      { outer: stated(0.5) },
      { edges: { 'side-strap': { frontRingsMm: 480, backRingsMm: 460, tailMm: 40 } } },
    );
    expect(sentences(tails).join()).toMatch(/joins and tails take 8\.0 cm, more than the 2\.0 cm/);
    const eaten = bottoms({
      leg: { measured: { as: 'pieces', wholeMm: 40, crossings: 3, crossingAllowanceMm: 10 } },
    });
    expect(sentences(eaten).join()).toMatch(/Measure the edge and its allowances again/);
  });
  test('what does not go together stops it with the reason', () => {
    const wrong = bottoms({ leg: { elasticId: 'swim' } }, { elastics: { swim: { ...swim, swim: 'no' } } });
    expect(sentences(wrong).join()).toMatch(/not said to stand chlorine/);
    const bralette = plan(
      'bralette',
      {
        outer: stated(0.5),
        band: stated(0.3),
        elastics: { plush },
        findings: { hook: { ...newFinding('Hook', 'hook-and-eye'), sizeMm: 38 } },
      },
      { edges: { band: { elasticId: 'plush' }, closure: { hookId: 'hook' } } },
    );
    expect(sentences(bralette).join()).toMatch(/as high as the band/);
  });
  test('hold: force is tension times width, pressure force over width and radius (D: Laplace)', () => {
    const of = planGarment(demoFact('lakeside'), { onDate: TODAY });
    const one = strip(of, 'shelf-hem');
    const [force, pressure, girth] = [one.force, one.pressure, one.body].map((id) => value(of, id));
    expect(pressure).toBeCloseTo((force ?? 0) / (0.019 * ((girth ?? 0) / 1000 / (2 * Math.PI))), 6);
    const tight = planGarment(
      { ...demoFact('lakeside'), elastics: { ...demoFact('lakeside').elastics, 'down-plush': hard() } },
      { onDate: TODAY },
    );
    expect(sentences(tight).join()).toMatch(/short breath mean too tight/);
  });
  /** A plush elastic that pulls twenty times as hard. */
  function hard(): Elastic {
    const soft = made.elastics['down-plush'] as Elastic;
    const pull = soft.pulls?.strip as NonNullable<Elastic['pulls']>[string];
    const points = Object.fromEntries(
      Object.entries(pull.points).map(([id, point]) => [id, { ...point, massG: (point.massG ?? 0) * 20 }]),
    );
    return { ...soft, pulls: { strip: { ...pull, points } } };
  }
});

test.each(useIds)(
  '%s on every edge of every garment, absurdly measured: planned or waiting, never a throw',
  (use) => {
    const swimRoll = made.elastics['cove-swim'] as Elastic;
    for (const kind of kindIds) {
      for (const measured of [
        { as: 'ring', wholeMm: 12 },
        { as: 'pieces', wholeMm: 3000 },
      ] as const) {
        const choice: EdgeChoice = {
          use,
          elasticId: 'roll',
          measured,
          rounds: { a: { triedOn: TODAY, bastedMm: 60, pinchedMm: 300 } },
          gatheredFromMm: 30,
          parts: 8,
          tailMm: 300,
        };
        const ids = catalogue[kind].edges.map(({ id }) => id);
        const of = plan(
          kind,
          { outer: stated(0.6), band: stated(0.9), elastics: { roll: swimRoll } },
          {
            edges: Object.fromEntries(ids.map((id) => [id, choice])),
          },
        );
        expect(of.edges.every((one) => one.use === use || one.id === 'neckline')).toBe(true);
        for (const one of of.edges.flatMap(({ strips }) => strips)) {
          expect(value(of, one.cutLength.exact)).toBeGreaterThan(0);
        }
        expect(stripsOf(of, { withEdges: true }).every(({ lengthMm }) => lengthMm > 0)).toBe(true);
      }
    }
  },
);

describe('what is cut stays as cut', () => {
  const garment: Partial<Garment> = {
    edges: { leg: { elasticId: 'swim', measured: { as: 'seamline', wholeMm: 600 } } },
    cuts: { 'elastic-leg-left': { cutOn: TODAY, lengthMm: 560 } },
  };
  test('the plan goes on with it, and the row shows the difference', () => {
    const of = plan('briefs', { outer: stated(0.78, 0.56), elastics: { swim } }, garment);
    expect(value(of, strip(of, 'leg').sewn)).toBeCloseTo(560 - 12.7, 9);
    const rows = of.ticket.flatMap(({ rows: found }) => found);
    const row = rows.find(({ id }) => id === 'elastic-leg-left');
    expect(phraseText(row?.cut?.changed ?? [], of.numbers, 'cm')).toMatch(/shorter than the plan now/);
    expect(value(of, row?.cut?.length)).toBe(560);
  });
});

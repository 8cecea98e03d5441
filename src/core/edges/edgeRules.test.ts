import { TODAY, demoFact } from '../../../tests/demoFacts';
import { bottoms, edge, plush, rule, sentences, strip } from '../../../tests/edgePlans';
import { measured, odile, plan, stated, value } from '../../../tests/planned';
import { MM_PER_INCH } from '../units/constants';
import { type Elastic } from '../facts/elastic';
import type { EdgeChoice } from '../facts/garment';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';

describe('rules of thumb (handbook 04, T)', () => {
  test('a turned leg: even all round by default, the other school part by part, concealed at rest', () => {
    const leg: EdgeChoice = {
      elasticId: 'swim',
      measured: { as: 'seamline', wholeMm: 600 },
      sections: { front: 240, back: 270, gusset: 90 },
    };
    const of = bottoms({ leg });
    const one = strip(of, 'leg');
    expect(one.rule).toBe('even');
    expect(rule(of, one, 'even')).toBeCloseTo(588, 9);
    expect(rule(of, one, 'parts')).toBeCloseTo(240 + 270 * 0.875 + 90, 9);
    const hidden = bottoms({ leg: { ...leg, use: 'concealed' } });
    expect(value(hidden, strip(hidden, 'leg').chosen)).toBeCloseTo(600, 9);
  });
  test('23.25 in less 3 % is 22.5525 in; on the tape 22 ½ in, which is 3.2 % (handbook check value)', () => {
    const of = bottoms({
      leg: {
        elasticId: 'swim',
        measured: { as: 'seamline', wholeMm: 23.25 * MM_PER_INCH },
        shorter: 0.03,
        school: 'percent',
        join: 'butted',
      },
    });
    const one = strip(of, 'leg');
    expect(value(of, one.chosen) / MM_PER_INCH).toBeCloseTo(22.5525, 9);
    expect(value(of, one.cutLength.in) / MM_PER_INCH).toBeCloseTo(22.5, 9);
    expect(value(of, one.shorter?.in)).toBeCloseTo(0.0323, 4);
  });
  const tank = (shelf: EdgeChoice, elastic: Elastic = plush, wearer = odile) =>
    plan(
      'shelf-bra-top',
      { outer: stated(0.7, 0.5), elastics: { plush: elastic }, wearer },
      { style: 'fitted', edges: { 'shelf-hem': { elasticId: 'plush', ...shelf } } },
    );
  test('a shelf bra: the body less 3 in and an inch of growth, or divided by the growth of a sewn sample', () => {
    const body = 805;
    const unmeasured = tank({});
    expect(value(unmeasured, strip(unmeasured, 'shelf-hem').chosen)).toBeCloseTo(body - 4 * MM_PER_INCH, 9);
    const sample = { ...plush, sewn: { a: { sewnOn: TODAY, beforeMm: 200, afterMm: 210 } } };
    const measured = tank({}, sample);
    const one = strip(measured, 'shelf-hem');
    expect(value(measured, one.chosen)).toBeCloseTo((body - 3 * MM_PER_INCH) / 1.05, 9);
    expect(value(measured, one.resting)).toBeCloseTo(body - 3 * MM_PER_INCH, 9);
  });
  test('the last round of trying on is what the ticket shows; it may be left for another rule', () => {
    const rounds = {
      a: { triedOn: '2026-05-01', bastedMm: 700, pinchedMm: 50 },
      b: { triedOn: '2026-05-02', bastedMm: 650, pinchedMm: 20 },
    };
    const of = tank({ rounds });
    expect(value(of, strip(of, 'shelf-hem').chosen)).toBe(630);
    const row = of.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'elastic-shelf-hem');
    expect(value(of, row?.length?.exact)).toBe(630);
    const other = tank({ rounds, school: 'under' });
    expect(value(other, strip(other, 'shelf-hem').chosen)).toBeCloseTo(805 * 0.875, 9);
  });
  test('what is usual for the wearer is the default, and another rule is taken when it is chosen', () => {
    const wearer = {
      ...odile,
      usualLengths: {
        'shelf-bra-top-shelf-hem': {
          kind: 'shelf-bra-top',
          edge: 'shelf-hem',
          of: 'body' as const,
          shorter: 0.19,
        },
      },
    };
    const usual = tank({}, plush, wearer);
    expect(strip(usual, 'shelf-hem').rule).toBe('usual');
    expect(value(usual, strip(usual, 'shelf-hem').chosen)).toBeCloseTo(805 * 0.81, 9);
    const other = tank({ school: 'three-inches' }, plush, wearer);
    expect(strip(other, 'shelf-hem').rule).toBe('three-inches');
    expect(rule(other, strip(other, 'shelf-hem'), 'usual')).toBeCloseTo(805 * 0.81, 9);
    const kept = wearer.usualLengths['shelf-bra-top-shelf-hem'];
    const tight = { ...wearer, usualLengths: { 'shelf-bra-top-shelf-hem': { ...kept, shorter: 0.9 } } };
    const held = tank({}, plush, tight);
    expect(value(held, strip(held, 'shelf-hem').shortest)).toBeGreaterThan(805 * 0.2);
    expect(value(held, strip(held, 'shelf-hem').chosen)).toBe(value(held, strip(held, 'shelf-hem').shortest));
  });
  test('boxer briefs: an inch off as cut, the ring two allowances less', () => {
    const waist = { measured: { as: 'seamline' as const, wholeMm: 28 * MM_PER_INCH } };
    const of = plan('boxer-briefs', { outer: stated(0.6) }, { edges: { waist } });
    const one = strip(of, 'waist');
    expect(value(of, one.cutLength.exact) / MM_PER_INCH).toBeCloseTo(27, 9);
    expect(value(of, one.chosen)).toBeCloseTo(27 * MM_PER_INCH - 2 * 6, 9);
  });
  test('side straps only after both panels are known: (94 − 38 − 36) ÷ 2, and 3 to 4 cm round the rings', () => {
    const wearer = measured({ lowHip: 940, hip: 980 });
    const panties = (choice: EdgeChoice) =>
      plan('lace-panties', { outer: stated(0.5), wearer }, { edges: { 'side-strap': choice } });
    expect(edge(panties({ frontRingsMm: 380 }), 'side-strap').strips).toEqual([]);
    expect(edge(panties({}), 'side-strap').missing).toBeDefined();
    const of = panties({ frontRingsMm: 380, backRingsMm: 360 });
    expect(value(of, strip(of, 'side-strap').chosen)).toBeCloseTo(100, 9);
    expect(value(of, strip(of, 'side-strap').cutLength.exact)).toBeCloseTo(135, 9);
    expect(sentences(panties({ frontRingsMm: 500, backRingsMm: 480 })).join()).toMatch(
      /nothing is left for the straps/,
    );
  });
  test('a waistband follows the body but is never longer than the opening it joins', () => {
    const of = plan('leggings', { outer: stated(0.8, 0.5), band: stated(0.8) });
    const one = strip(of, 'waist');
    expect(value(of, one.chosen)).toBeLessThanOrEqual(value(of, one.on) + 1e-9);
    const inner = strip(of, 'waist', 1);
    expect(value(of, inner.on)).toBeCloseTo(value(of, one.sewn), 9);
    expect(value(of, inner.chosen)).toBeCloseTo(value(of, one.sewn), 9);
  });
  test('a casing is twice the elastic and 1 cm; a folded waistband twice elastic, allowance and 2.5 mm', () => {
    const bralette = plan(
      'bralette',
      { outer: stated(0.5), band: stated(0.3), elastics: { plush } },
      { edges: { band: { elasticId: 'plush' } } },
    );
    expect(value(bralette, strip(bralette, 'band', 1).cutWidth?.exact)).toBe(2 * 19 + 10);
    const leggings = plan(
      'leggings',
      { outer: stated(0.8), band: stated(0.8), elastics: { plush } },
      { edges: { waist: { elasticId: 'plush' } } },
    );
    expect(value(leggings, strip(leggings, 'waist').cutWidth?.exact)).toBe(2 * (19 + 6 + 2.5));
  });
  test('a long band in two parts: each part half of it with its allowances', () => {
    const cardigan = plan(
      'cardigan',
      { outer: stated(0.4), band: stated(0.6) },
      { edges: { 'front-band': { measured: { as: 'seamline', wholeMm: 1700 } } } },
    );
    const one = strip(cardigan, 'front-band');
    expect(value(cardigan, one.parts)).toBe(2);
    expect(value(cardigan, one.cutLength.exact)).toBeCloseTo((1700 + 2 * 6 + 2 * 6) / 2, 9);
  });
  test('a band longer than its cloth says in how many parts it can be cut; in those it can', () => {
    const rib = { ...stated(0.6), name: 'Rib', widthMm: 700 };
    const cardigan = (parts?: number) =>
      plan(
        'cardigan',
        { outer: stated(0.4), band: rib },
        {
          edges: {
            'front-band': {
              measured: { as: 'seamline', wholeMm: 1700 },
              ...(parts === undefined ? {} : { parts }),
            },
          },
        },
      );
    expect(sentences(cardigan()).join()).toMatch(/86\.2 cm is longer than Rib is that way, 70\.0 cm/);
    expect(value(cardigan(), 'edge.front-band.piecing')).toBe(3);
    expect(sentences(cardigan(3)).join()).not.toMatch(/longer than Rib/);
  });
  test('the printed length of the pattern’s row is one more rule, its join taken off', () => {
    const facts = demoFact('otter-top');
    const cut = planGarment(facts, { onDate: TODAY }).size?.cut ?? '';
    const printed = (sizeId: string) => ({
      ...facts,
      pattern: {
        ...(facts.pattern as NonNullable<GarmentFacts['pattern']>),
        printed: { lower: { label: 'Lower edge', mm: 700, edge: 'lower-edge', sizeId } },
      },
    });
    const of = planGarment(printed(cut), { onDate: TODAY });
    expect(rule(of, strip(of, 'lower-edge'), 'pattern')).toBeCloseTo(700 - 12.7, 9);
    const other = planGarment(printed('some-other-size'), { onDate: TODAY });
    expect(strip(other, 'lower-edge').rules.map(({ id }) => id)).not.toContain('pattern');
  });
});

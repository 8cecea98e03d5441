import { kindIds } from '../facts/kindIds';
import { newCloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { phraseText } from '../explain/display';
import { catalogue } from '../garments/catalogue';
import { kindOf } from '../garments/kindOf';
import { startRefashion } from '../garments/startGarment';
import { planSewing } from '../sewing/planSewing';
import { findCircle } from '../sewing/assembly/assemble';
import { fittingFaults } from '../wear/keptFitting';
import { proposalsOf } from '../wear/proposals';
import { takeNow } from '../wear/taking';
import { applyChanges } from '../facts/change';
import { TODAY } from '../../../tests/demoFacts';
import { bodyOf } from '../../../tests/randomGarments';
import { planGarment } from './planGarment';

const cloth = {
  ...newCloth('Jersey'),
  widthMm: 1500,
  tests: {
    a: { direction: 'across' as const, testedOn: TODAY, restMm: 100, pulledMm: 160, releasedMm: 101 },
    b: { direction: 'along' as const, testedOn: TODAY, restMm: 100, pulledMm: 140, releasedMm: 101 },
  },
};
const factsOf = (garment: Garment): GarmentFacts => ({
  garment,
  wearer: bodyOf(1),
  outer: cloth,
  band: cloth,
});
const planOf = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });

/** A tee that is made, with these edges to change. */
const tee = (edges: NonNullable<Garment['refashion']>['edges'], more: Partial<Garment> = {}): Garment => ({
  ...startRefashion('Old tee', 'tee', 'cm'),
  refashion: { edges },
  ...more,
});
const said = (garment: Garment, edge: string): string => {
  const { changed = [], numbers } = planOf(factsOf(garment));
  const found = changed.find((one) => one.edge === edge);
  return found ? found.says.map((phrase) => phraseText(phrase, numbers, 'cm')).join(' ') : '';
};

describe('what is cut off, by hand (handbook 13: a turned edge 13 mm)', () => {
  test.each<readonly [string, Garment, string, RegExp]>([
    // 100 − 13 = 87.
    [
      'cropped by 10 cm, turned',
      tee({ hem: { shorterMm: 100 } }),
      'hem',
      /^Cut 8\.7 cm above .* 1\.3 cm of what stays/,
    ],
    // Nothing is turned: all 100.
    [
      'cropped by 10 cm, lettuce',
      tee({ hem: { shorterMm: 100 } }, { edges: { hem: { use: 'lettuce' } } }),
      'hem',
      /^Cut 10\.0 cm above the finished edge: nothing is turned there/,
    ],
    // 100 + 60 of the band − 6 of the seam = 154.
    [
      'cropped by 10 cm, with a band of 6 cm',
      tee({ hem: { shorterMm: 100 } }, { edges: { hem: { use: 'hem-band', finishedMm: 60 } } }),
      'hem',
      /^Cut 15\.4 cm above .* 6 mm of what stays/,
    ],
    [
      'by less than is turned',
      tee({ hem: { shorterMm: 10 } }),
      'hem',
      /^Nothing is left to cut off: the new edge takes 1\.3 cm/,
    ],
    [
      'a new finish in its place',
      tee({ neckline: {} }),
      'neckline',
      /^It keeps its place: the old finish comes off/,
    ],
  ])('%s', (_name, garment, edge, words) => expect(said(garment, edge)).toMatch(words));

  test('what comes off is told by its height and, where it is known, its length', () => {
    const { changed = [], numbers, edges } = planOf(factsOf(tee({ hem: { shorterMm: 100 } })));
    const round = numbers[edges[0]?.length ?? '']?.value ?? 0;
    expect(round).toBeGreaterThan(500);
    expect(changed[0]?.says.flat()).toEqual(expect.arrayContaining([{ n: edges[0]?.length }]));
  });
});

test('only what changes is planned, cut and sewn; its old end comes off before', () => {
  const neck = { neckline: { measured: { as: 'seamline' as const, wholeMm: 480 } } };
  const facts = factsOf(tee({ 'sleeve-hem': { shorterMm: 60 }, neckline: {} }, { edges: neck }));
  const plan = planOf(facts);
  expect(plan.edges.map(({ id }) => id).sort()).toEqual(['neckline', 'sleeve-hem']);
  expect(plan.ticket.flatMap(({ rows }) => rows.map(({ id }) => id))).toEqual(['neckband']);
  const ids = planSewing(facts, plan).steps.map(({ id }) => id);
  expect(ids.filter((id) => /shoulder|side|armhole|cut/.test(id))).toEqual([]);
  expect(ids.indexOf('neckline-off')).toBeLessThan(ids.indexOf('neckline-sew'));
  expect(ids.indexOf('sleeve-hem-off')).toBeLessThan(ids.indexOf('sleeve-hem'));
  expect(ids.at(-1)).toBe('last-look');
});

test('a tube is sewn in the round, whatever way was chosen', () => {
  const garment = tee({ 'sleeve-hem': { shorterMm: 60 } }, { ways: { 'sleeve-hems': 'flat' } });
  const plan = planOf(factsOf(garment));
  const { steps, ways, numbers } = planSewing(factsOf(garment), plan);
  const hem = steps.find(({ id }) => id === 'sleeve-hem');
  expect(hem?.tells.map(({ text }) => phraseText(text, numbers, 'cm')).join(' ')).toMatch(/seam/);
  expect(ways).toEqual([]);
});

test('the sides are taken in by what is pinched, from the girth that was measured', () => {
  const start = tee({});
  const garment = { ...start, pattern: { ...start.pattern, finished: { bust: 1000 } } };
  const facts = factsOf(garment);
  const plan = planOf(facts);
  const kind = kindOf(garment);
  const fitting = { triedOn: TODAY, outcomes: { bust: 'too loose' as const }, pinched: { bust: 80 } };
  expect(fittingFaults(plan, kind, garment, fitting, TODAY)).toEqual({});
  const { places } = proposalsOf(plan, kind, garment, fitting);
  expect([places[0]?.tried?.was.value, places[0]?.tried?.becomes.value]).toEqual([1000, 920]);
  const now = places[0]?.now[0];
  if (!now) throw new Error('expected it to be taken in');
  const changes = takeNow(garment, now, { fittingId: 'a', mendId: 'm1', on: TODAY });
  const after = applyChanges(
    garment,
    Object.entries(changes).map(([path, value]) => ({ path, value })),
  );
  const sewn = planSewing(factsOf(after), planOf(factsOf(after))).steps.map(({ id }) => id);
  expect(sewn.filter((id) => !id.startsWith('swatch'))).toEqual(['m1-side-mark', 'm1-side', 'last-look']);
});

test('a facing that is sewn on anew is on the ticket', () => {
  const garment: Garment = {
    ...startRefashion('Old pullover', 'collar-pullover', 'cm'),
    refashion: { edges: { neckline: {} } },
    edges: { neckline: { measured: { as: 'seamline', wholeMm: 600 } } },
  };
  const rows = planOf(factsOf(garment)).ticket.flatMap((group) => group.rows.map(({ label }) => label));
  expect(rows).toEqual([expect.stringMatching(/facing/i)]);
});

describe('a shelf bra is added to a top that is made', () => {
  const top = (...edges: readonly string[]): Garment => ({
    ...startRefashion('Old tank', 'shelf-bra-top', 'cm'),
    style: catalogue['shelf-bra-top'].styles[0].id,
    refashion: { edges: Object.fromEntries(edges.map((id) => [id, {}])) },
  });
  const whole = top('shelf-hem', 'neckline', 'armhole');
  test('its pieces are cut, it is closed, tried on, caught in the edges, and nothing else is sewn', () => {
    const plan = planOf(factsOf(whole));
    const rows = plan.ticket.flatMap((group) => group.rows.map(({ id }) => id));
    expect(rows).toEqual(expect.arrayContaining(['shelf-front', 'shelf-back']));
    expect(rows).not.toContain('front');
    const ids = planSewing(factsOf(whole), plan).steps.map(({ id }) => id);
    const order = ['shelf', 'shelf-hem-baste', 'shelf-hem-try', 'shelf-hem-sew', 'shelf-in', 'neckline-sew'];
    expect(ids.filter((id) => order.includes(id))).toEqual(order.filter((id) => ids.includes(id)));
    expect(ids).toEqual(expect.arrayContaining(['shelf', 'shelf-hem-try', 'shelf-in', 'shelf-unbaste']));
    expect(ids.filter((id) => /^(side|shoulder|shelf-hem-off)/.test(id))).toEqual([]);
  });
  test('without the edges it is caught in, it is said which are missing', () => {
    const { changed = [] } = planOf(factsOf(top('shelf-hem', 'neckline')));
    const shelf = changed.find(({ edge }) => edge === 'shelf-hem');
    expect([shelf?.cannot, phraseText(shelf?.says[0] ?? [], {}, 'cm')]).toEqual([
      true,
      expect.stringMatching(/tick armhole too/),
    ]);
  });
});

describe.each(kindIds)('%s, made already', (kind) => {
  test('every one of its edges can change: nothing else is sewn, and there is no circle', () => {
    const all = catalogue[kind].edges.map(({ id }) => id);
    const garment: Garment = {
      ...newGarment('Old one', kind),
      refashion: { edges: Object.fromEntries(all.map((id) => [id, { shorterMm: 120 }])) },
    };
    const facts = factsOf(garment);
    const plan = planOf(facts);
    const here = kindOf(garment).edges.map(({ id }) => id);
    expect(plan.changed?.map(({ edge }) => edge)).toEqual(here);
    const { steps, numbers } = planSewing(facts, plan);
    expect(findCircle(steps)).toBeUndefined();
    const ids = steps.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, adds } of kindOf(garment).edges)
      expect([id, ids.includes(`${id}-off`)]).toEqual([id, adds === undefined]);
    for (const step of steps)
      for (const phrase of [step.title, ...step.lines, step.check])
        expect(phraseText(phrase, numbers, 'in')).not.toMatch(/undefined|NaN/);
  });
});

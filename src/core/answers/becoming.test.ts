import { household } from '@/demo/household';
import { phraseText } from '../explain/display';
import type { Cloth } from '../facts/cloth';
import { newGarment } from '../facts/garment';
import type { Wearer } from '../facts/wearer';
import { TODAY } from '../../../tests/demoFacts';
import { becomings, clothsFor, judge, type Verdict } from './becoming';
import { planGarment } from '../plan/planGarment';

const { cloths, wearers } = household(TODAY);
const shelf = Object.entries(cloths).map(([id, cloth]) => ({ id, cloth }));
const options = { onDate: TODAY, shelf };
const cloth = (id: string) => cloths[id] as Cloth;
const become = (id: string, wearer = 'odile') =>
  becomings({ id, cloth: cloth(id) }, cloths, wearers[wearer] as Wearer, options);
const text = (verdict: Verdict) =>
  [...verdict.because, ...verdict.ifs, ...verdict.mind].map((phrase) =>
    phraseText(phrase, verdict.numbers, 'cm'),
  );

describe('what a cloth can become', () => {
  test('swim cloth makes swimwear, best first by the smallest margin', () => {
    const found = become('loon-swim');
    expect(found).toHaveLength(19);
    expect(found.find(({ kind }) => kind === 'briefs')?.verdict.answer).toMatch(/^yes/);
    const ranks = found.map(({ verdict }) => ['yes', 'yes if', 'test first', 'no'].indexOf(verdict.answer));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    const yes = found
      .filter(({ verdict }) => verdict.answer === 'yes')
      .map(({ verdict }) => verdict.margin ?? 0);
    expect(yes).toEqual([...yes].sort((a, b) => b - a));
  });
  test('every no names the check that failed and by how much it falls short', () => {
    const no = ['boulder-firm', 'heron-jersey', 'kettle-mesh'].flatMap((id) =>
      become(id).filter(({ verdict }) => verdict.answer === 'no'),
    );
    expect(no.length).toBeGreaterThan(5);
    for (const { kind, verdict } of no) {
      expect([kind, verdict.because.length > 0]).toEqual([kind, true]);
      expect(text(verdict).every((line) => /[.]$/.test(line))).toBe(true);
    }
    const sport = become('heron-jersey').find(({ kind }) => kind === 'one-shoulder-top');
    expect(text(sport?.verdict as Verdict).join(' ')).toContain('stretches 45 % around, and 75 % is asked');
  });
  test('a cloth that was never pulled is to be tested first, whatever the garment', () => {
    expect(new Set(become('moth-jersey').map(({ verdict }) => verdict.answer))).toEqual(
      new Set(['test first']),
    );
  });
  test('poor recovery makes nothing close', () => {
    const close = become('driftwood-jersey').filter(({ kind }) =>
      ['leggings', 'briefs', 'crop-top'].includes(kind),
    );
    for (const { verdict } of close) expect(verdict.answer).not.toBe('yes');
  });
});

describe('a yes with an if', () => {
  test('is planned again with its remedy, and passes', () => {
    const facts = {
      garment: { ...newGarment('Shorts', 'boxer-briefs'), outerClothId: 'driftwood-jersey' },
      outer: cloth('driftwood-jersey'),
      wearer: wearers.odile as Wearer,
    };
    const stops = (share: number) =>
      planGarment(
        {
          ...facts,
          garment: {
            ...facts.garment,
            fit: Object.fromEntries(
              ['waist', 'hip', 'thigh'].map((zone) => [zone, { school: 'share', share } as const]),
            ),
          },
        },
        { onDate: TODAY },
      ).problems.filter(({ severity }) => severity === 'stop');
    expect(judge(facts, options).answer).toBe('yes if');
    expect(text(judge(facts, options)).join(' ')).toContain('size up');
    expect(stops(0.12).map(({ id }) => id)).toContain('outer-recovery');
    expect(stops(0)).toEqual([]);
  });
  test('see-through cloth may be lined', () => {
    const verdict = become('kettle-mesh').find(({ kind }) => kind === 'tee')?.verdict as Verdict;
    expect(verdict.answer).toBe('yes if');
    expect(text(verdict).join(' ')).toMatch(/line it with/);
  });
  test('short of cloth: it says how much is missing', () => {
    const facts = {
      garment: newGarment('Dress', 'bound-tee'),
      outer: { ...cloth('loon-swim'), onHandMm: 900 },
      wearer: wearers.odile as Wearer,
    };
    const verdict = judge(facts, options);
    expect(verdict.answer).toBe('yes if');
    expect(text(verdict).join(' ')).toMatch(/Get \d+\.\d cm more/);
    const needed = planGarment(facts, { onDate: TODAY }).numbers['amount.length']?.value ?? 0;
    const enough = judge({ ...facts, outer: { ...facts.outer, onHandMm: needed } }, options);
    expect(enough.answer).toBe('yes');
    expect(verdict.margin).toBeCloseTo(enough.margin ?? 0, 12);
  });
  test('a yes of either kind leaves nothing short: its smallest margin is one or more', () => {
    const verdicts = shelf
      .flatMap(({ id }) => become(id))
      .map(({ kind, verdict }) => [kind, verdict] as const);
    const yes = verdicts.filter(([, { answer }]) => answer.startsWith('yes'));
    expect(yes.length).toBeGreaterThan(60);
    const under = yes.filter(([, { margin }]) => margin !== undefined && margin < 1 - 1e-9);
    expect(under.map(([kind, { margin }]) => `${kind} ${margin}`)).toEqual([]);
  });
  test('cloth still to be washed is planned on what the wash leaves of it, both ways', () => {
    const pieces = { beforeAlongMm: 500, afterAlongMm: 480, beforeAcrossMm: 500, afterAcrossMm: 300 };
    const plan = (washed: 'yes' | 'no') =>
      planGarment(
        {
          garment: newGarment('Dress', 'bound-tee'),
          outer: { ...cloth('loon-swim'), widthMm: 1500, washed, wash: pieces },
          wearer: wearers.odile as Wearer,
        },
        { onDate: TODAY },
      ).numbers;
    const [before, after] = [plan('no'), plan('yes')];
    expect([before['amount.rows']?.value, after['amount.rows']?.value]).toEqual([2, 1]);
    expect(before['amount.change.along']?.value).toBeCloseTo(-0.04, 12);
    expect(before['amount.length']?.value).toBeGreaterThan((after['amount.length']?.value ?? 0) / 0.96);
  });
});

test('a cloth that does not come back may still be a tee, with bands of another', () => {
  const verdict = become('driftwood-jersey').find(({ kind }) => kind === 'tee')?.verdict as Verdict;
  expect(verdict.answer).toBe('yes if');
  expect(text(verdict).join(' ')).toMatch(/cut its bands from/);
});

test('recovery that would bag is a yes only with a lining that comes back, or skimming', () => {
  const verdict = become('eel-slinky', 'tansy').find(({ kind }) => kind === 'leggings')?.verdict as Verdict;
  expect(verdict.answer).toBe('yes if');
  expect(text(verdict).join(' ')).toMatch(/size up|line it/);
});

test('for somebody whose measures are not known, poor recovery is no lingerie', () => {
  const bra = become('driftwood-jersey', 'bram').find(({ kind }) => kind === 'bra')?.verdict as Verdict;
  expect(bra.answer).not.toBe('yes');
});

test('the other way round: which cloths could make a garment, best first', () => {
  const found = clothsFor(
    {
      garment: newGarment('Leggings', 'leggings'),
      outer: cloth('heron-jersey'),
      wearer: wearers.tansy as Wearer,
    },
    options,
  );
  expect(found).toHaveLength(shelf.length);
  expect(found[0]?.verdict.answer).toBe('yes');
  const stack = found.find(({ id }) => id === 'loon-minnow');
  expect(stack?.verdict.answer).toMatch(/^yes/);
  expect(found.map(({ id }) => id).indexOf('loon-swim')).toBeLessThan(
    found.map(({ id }) => id).indexOf('boulder-firm'),
  );
});

test('bands cut from the garment’s cloth change with it, bands of another cloth stay', () => {
  const answerOf = (bandClothId: string) =>
    clothsFor(
      {
        garment: { ...newGarment('Leggings', 'leggings'), outerClothId: 'heron-jersey', bandClothId },
        outer: cloth('heron-jersey'),
        band: { ...cloth(bandClothId) },
        wearer: wearers.tansy as Wearer,
      },
      options,
    ).find(({ id }) => id === 'loon-swim')?.verdict.answer;
  expect(answerOf('heron-jersey')).toBe('yes');
  expect(answerOf('boulder-firm')).not.toBe('yes');
});

test('a garment that is nothing but its band cannot have it cut from another cloth', () => {
  const band = become('boulder-firm').find(({ kind }) => kind === 'knit-band')?.verdict as Verdict;
  expect(band.answer).toBe('no');
  expect(text(band).join(' ')).toContain('40 % is asked');
});

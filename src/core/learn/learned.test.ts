import { createLedger, getNumber } from '../explain/ledger';
import type { Evidence, Outcome, WornAt } from '../facts/fitting';
import { randomFrom as seeded } from '../layout/random';

import { NEWEST, workLearned } from './learned';
import { likingScales } from './scales';

const tried = (at: number, outcome: Outcome, more: Partial<Evidence> = {}): Evidence => ({
  fittingId: 'f1',
  garment: 'Matinee tee',
  style: 'fitted',
  triedOn: '2026-05-01',
  scale: 'share',
  at,
  outcome,
  ...more,
});

const USUAL = { value: 0.3, mark: 'T, from memory' } as const;

function learn(evidence: readonly Evidence[], scale: WornAt['scale'] = 'share', usual: number = USUAL.value) {
  const book = createLedger();
  const plan = workLearned(book, 'l', 'usual', { scale, usual: { ...USUAL, value: usual }, evidence });
  if (!plan) return undefined;
  const get = (id: string) => getNumber(book.numbers, id).value;
  return { value: get(plan.value), low: get(plan.low), high: get(plan.high), rests: plan.rests };
}

const logit = (x: number) => Math.log(x / (1 - x));
const share = (m: number) => 1 / (1 + Math.exp(-m));

test('one answer of right: the mean of two normals, weighed by their precisions (closed form, D)', () => {
  const [a, b] = [1 / 0.5 ** 2, 1 / 0.35 ** 2];
  const mean = (logit(0.3) * a + logit(0.2) * b) / (a + b);
  const sd = Math.sqrt(1 / (a + b));
  const got = learn([tried(0.2, 'right')]);
  expect(got?.value).toBeCloseTo(share(mean), 10);
  expect(got?.low).toBeCloseTo(share(mean - sd), 10);
  expect(got?.high).toBeCloseTo(share(mean + sd), 10);
});

test.each([
  ['too tight', -0.6, 0.6],
  ['a little tight', -0.25, 0.5],
  ['lies flat', 0, 0.35],
  ['a little loose', 0.25, 0.5],
  ['too loose', 0.6, 0.6],
  ['stands or gapes', 0.6, 0.6],
] as const)('%s at the usual share: shifted by %f, spread %f (handbook 13)', (outcome, shift, sd) => {
  const [a, b] = [1 / 0.5 ** 2, 1 / sd ** 2];
  expect(learn([tried(0.3, outcome)])?.value).toBeCloseTo(share(logit(0.3) + (shift * b) / (a + b)), 10);
});

test('what was pinched counts for itself, whatever was said beside it', () => {
  const [a, b] = [1 / 0.5 ** 2, 1 / 0.25 ** 2];
  const mean = (logit(0.3) * a + logit(0.42) * b) / (a + b);
  expect(learn([tried(0.3, 'too loose', { wanted: 0.42 })])?.value).toBeCloseTo(share(mean), 10);
});

test('the same as a sampler makes of prior and answers (importance sampling, seeded)', () => {
  const evidence = [tried(0.35, 'too tight'), tried(0.25, 'a little loose'), tried(0.28, 'right')];
  const random = seeded(7);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const seen = [
    [logit(0.35) - 0.6, 0.6],
    [logit(0.25) + 0.25, 0.5],
    [logit(0.28), 0.35],
  ] as const;
  let [sum, squares, weights] = [0, 0, 0];
  for (let at = 0; at < 200_000; at += 1) {
    const m = logit(0.3) + 0.5 * normal();
    const weight = Math.exp(-seen.reduce((all, [x, sd]) => all + ((x - m) / sd) ** 2 / 2, 0));
    sum += m * weight;
    squares += m * m * weight;
    weights += weight;
  }
  const mean = sum / weights;
  const sd = Math.sqrt(squares / weights - mean ** 2);
  const got = learn(evidence);
  expect(logit(got?.value ?? 0)).toBeCloseTo(mean, 2);
  expect((logit(got?.high ?? 0) - logit(got?.low ?? 0)) / 2).toBeCloseTo(sd, 2);
});

test('a looser garment is one with more room: too tight moves it up there, a tighter band down', () => {
  expect(learn([tried(0.1, 'too tight', { scale: 'looser' })], 'looser', 0.1)?.value).toBeGreaterThan(0.12);
  expect(learn([tried(0.84, 'too tight', { scale: 'curve' })], 'curve', 0.84)?.value).toBeLessThan(0.8);
  expect(learn([tried(0.1, 'too loose', { scale: 'under-body' })], 'under-body', 0.1)?.value).toBeGreaterThan(
    0.12,
  );
});

test('an answer on another scale says nothing, and so does none', () => {
  expect(learn([])).toBeUndefined();
  expect(learn([tried(0.84, 'right', { scale: 'curve' })])).toBeUndefined();
});

test('the newest count, however they come', () => {
  const old = Array.from({ length: 9 }, (_, at) =>
    tried(0.9, 'right', { fittingId: `old${at}`, triedOn: '2024-01-01' }),
  );
  const now = Array.from({ length: NEWEST }, (_, at) =>
    tried(0.3, 'right', { fittingId: `now${at}`, triedOn: '2026-01-01' }),
  );
  expect(learn([...old, ...now])).toMatchObject({
    rests: `${NEWEST} try-ons`,
    value: expect.closeTo(0.3, 10),
  });
});

test.each(Object.keys(likingScales) as WornAt['scale'][])(
  '%s: never at an end, whatever is answered',
  (scale) => {
    const { low, high } = likingScales[scale];
    for (const at of [-1, low, high, 3])
      for (const outcome of ['too tight', 'too loose'] as const) {
        const got = learn([tried(at, outcome, { scale })], scale, low);
        expect(got?.value).toBeGreaterThan(low);
        expect(got?.value).toBeLessThan(high);
      }
  },
);

/** Somebody who likes one share, and answers by how far what is worn lies from it, not always alike. */
function answerOf(worn: number, liked: number, noise: number): Outcome {
  const felt = logit(worn) - logit(liked) + noise;
  if (Math.abs(felt) < 0.15) return 'right';
  if (Math.abs(felt) < 0.45) return felt > 0 ? 'a little tight' : 'a little loose';
  return felt > 0 ? 'too tight' : 'too loose';
}

test('a thousand wearers: after five fittings, each at what is offered then, within 0.05 of what they like in 90 %', () => {
  const random = seeded(20261201);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  let near = 0;
  for (let wearer = 0; wearer < 1000; wearer += 1) {
    const usual = [0.15, 0.3, 0.45][wearer % 3] as number;
    const liked = share(logit(usual) + 0.5 * normal());
    const evidence: Evidence[] = [];
    let offered = usual;
    for (let round = 0; round < 5; round += 1) {
      evidence.push(tried(offered, answerOf(offered, liked, 0.1 * normal()), { fittingId: `f${round}` }));
      offered = learn(evidence, 'share', usual)?.value ?? usual;
    }
    if (Math.abs(offered - liked) <= 0.05) near += 1;
  }
  expect(near).toBeGreaterThanOrEqual(900);
});

import { createLedger, getNumber } from '../explain/ledger';
import type { Outcome } from '../facts/fitting';
import { pinchFault, planTried, type TriedPlan } from './tried';
import { triedWords } from './words';
import { phraseText } from '../explain/display';
import type { WornPlace, WornPlan } from './wornAt';

const IN = 25.4;

/** A plan with one zone and one strip, of given lengths: invented, to pinch at. */
function plan(lengths: {
  readonly body: number;
  readonly rest: number;
  readonly on: number;
  readonly sewn: number;
  readonly shortest?: number;
  readonly longest?: number;
}) {
  const book = createLedger();
  const mm = (id: string, value: number) => book.given(id, id, value, 'mm', 'measured').id;
  const share = (id: string, value: number) => book.given(id, id, value, 'share', 'measured').id;
  const zone = {
    zone: 'hip',
    label: 'Hip',
    axis: 'around',
    body: mm('body', lengths.body),
    rest: mm('rest', lengths.rest),
    stretch: share('stretch', 0.5),
    limit: share('limit', 0.3),
  };
  const strip = {
    label: 'Elastic',
    on: mm('on', lengths.on),
    sewn: mm('sewn', lengths.sewn),
    ...(lengths.shortest ? { shortest: mm('shortest', lengths.shortest) } : {}),
    ...(lengths.longest ? { longest: mm('longest', lengths.longest) } : {}),
  };
  const edge = { id: 'leg', strips: [strip] };
  const worn = { zones: [zone], edges: [edge], pieces: { girths: {} }, numbers: book.numbers };
  const [hip, leg] = [
    { of: 'zone', zone, looser: false },
    { of: 'edge', edge, strip },
  ];
  return {
    plan: worn as unknown as WornPlan,
    hip: hip as unknown as WornPlace,
    leg: leg as unknown as WornPlace,
  };
}

function tried(
  { plan: worn, ...places }: ReturnType<typeof plan>,
  at: 'hip' | 'leg',
  outcome: Outcome,
  pinchedMm?: number,
  mends = {},
) {
  const book = createLedger();
  const made = planTried(book, worn, places[at], { mends }, { outcome, pinchedMm });
  const numbers = { ...worn.numbers, ...book.numbers };
  const words = (one: TriedPlan) =>
    triedWords(one, places[at]).map((said) => phraseText(said, numbers, 'in'));
  return { made, words: made ? words(made) : [], value: (id: string) => getNumber(numbers, id).value };
}

const SHELF = { body: 900, rest: 800, on: 31 * IN, sewn: 31 * IN };

test('an elastic is pinched from 31 in to 27, then to 25: from 12.9 % to 19.4 % under (handbook 10, D)', () => {
  const first = tried(plan(SHELF), 'leg', 'too loose', 4 * IN).made;
  expect(first?.becomes.value).toBeCloseTo(27 * IN, 9);
  const second = tried(plan({ ...SHELF, sewn: 27 * IN }), 'leg', 'a little loose', 2 * IN).made;
  expect(second?.becomes.value).toBeCloseTo(25 * IN, 9);
  expect(second?.before.value).toBeCloseTo(0.129, 3);
  expect(second?.then.value).toBeCloseTo(0.194, 3);
});

test('a zone pinched by p goes from G/g − 1 to G/(g − p) − 1 (handbook 13, D)', () => {
  const { made } = tried(plan(SHELF), 'hip', 'too loose', 30);
  expect(made?.before.value).toBeCloseTo(900 / 800 - 1, 12);
  expect(made?.then.value).toBeCloseTo(900 / 770 - 1, 12);
  expect(made).toMatchObject({ guessed: false, keeps: true });
});

test('past the most it may be worn at it says so', () => {
  expect(tried(plan(SHELF), 'hip', 'too loose', 107).made?.keeps).toBe(true);
  const { made, words } = tried(plan(SHELF), 'hip', 'too loose', 110);
  expect(made).toMatchObject({ keeps: false, side: 'short' });
  expect(words[1]).toBe('Worn at 13 % now, at 30 % then: past 30 %, the most it may be worn at.');
});

test('what was taken in and let out since it was cut is not cut again', () => {
  const mends = {
    a: { what: 'take-in', at: 'hip', byMm: 30, on: '2026-01-01' },
    b: { what: 'let-out', at: 'hip', byMm: 10, on: '2026-01-02' },
    c: { what: 'take-in', at: 'waist', byMm: 99, on: '2026-01-02' },
  };
  const { made } = tried(plan(SHELF), 'hip', 'too loose', 20, mends);
  expect(made?.was.value).toBe(780);
  expect(made?.becomes.value).toBe(760);
});

test('without an amount it is as much as such an answer moves what is learned, and said to be a guess', () => {
  const { made, words, value } = tried(plan(SHELF), 'hip', 'a little tight');
  const now = 0.125 / 0.5;
  const wanted = 1 / (1 + Math.exp(-(Math.log(now / (1 - now)) - 0.25)));
  expect(value('tried.hip.wanted')).toBeCloseTo(wanted, 12);
  expect(made?.becomes.value).toBeCloseTo(900 / (1 + wanted * 0.5), 9);
  expect(words[0]).toContain('such an answer usually means about');
  expect(words[0]).toContain('Measure how much more it wants');
  expect(tried(plan(SHELF), 'hip', 'too loose').words[0]).toContain('Pinch it and type how much');
});

test('larger than the body it is told by the body', () => {
  const large = plan({ ...SHELF, rest: 990 });
  expect(tried(large, 'hip', 'too loose', 45).words[1]).toBe(
    'Larger than the body by 10 % now, by 5 % then.',
  );
  expect(tried(large, 'hip', 'too loose', 120).words[1]).toContain('Worn at −9.1 % now, at 3.4 % then');
});

test('a strip’s limits, both, one, none, and where nothing works', () => {
  const said = (limits: object) => tried(plan({ ...SHELF, ...limits }), 'leg', 'too loose', 4 * IN).words[2];
  expect(said({ shortest: 25 * IN, longest: 32 * IN })).toBe('It works from 25 in to 32 in.');
  expect(said({ shortest: 25 * IN })).toBe('It works from 25 in on.');
  expect(said({ longest: 32 * IN })).toBe('It works up to 32 in.');
  expect(said({ shortest: 32 * IN, longest: 25 * IN })).toBe(
    'No length works here: it would have to be 32 in or more, and 25 in or less.',
  );
  expect(said({})).toBeUndefined();
});

test.each(['right', 'lies flat'] as const)('%s asks for nothing', (outcome) => {
  expect(tried(plan(SHELF), 'hip', outcome).made).toBeUndefined();
});

test.each([
  ['too loose', 30, undefined],
  ['too tight', -30, undefined],
  ['too loose', 0, undefined],
  ['right', 2, undefined],
  ['right', 30, /said to be right/],
  ['too tight', 30, /under zero/],
  ['a little loose', -30, /over zero/],
  ['too loose', 401, /half of it or more/],
  ['too loose', 400, undefined],
  ['too tight', -401, /half of it or more/],
  [undefined, 30, /how it sat/],
] as const)('%s with %s mm on 800: %s', (outcome, pinched, fault) => {
  const found = pinchFault(outcome, pinched, 800);
  if (fault) expect(found).toMatch(fault);
  else expect(found).toBeUndefined();
});

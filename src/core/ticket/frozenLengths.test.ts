import { demoFact, TODAY } from '../../../tests/demoFacts';
import { phraseText } from '../explain/display';
import { createLedger, getNumber } from '../explain/ledger';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { Wearer } from '../facts/wearer';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { keptFitting } from '../wear/keptFitting';
import { stillFits } from '../wear/stillFits';
import { sizeAt, wornPlace } from '../wear/wornAt';
import { frozenLengths, girthsAsCut } from './frozenLengths';

const planOf = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const facts = demoFact('ring-toss');
const kind = kindOf(facts.garment);
const plan = planOf(facts);
const rowsOf = (role: string) => plan.ticket.filter((one) => one.role === role).flatMap(({ rows }) => rows);
const value = (id: string | undefined) => getNumber(plan.numbers, id ?? '').value;
const [front] = rowsOf('outer');
const [band] = rowsOf('band');
if (!front || !band) throw new Error('expected a piece and a band');

/** The garment as it is once its front is ticked on some day. */
const cutOn = (cutOn: string, from = plan): GarmentFacts => ({
  ...facts,
  garment: { ...facts.garment, cuts: { front: { cutOn, ...frozenLengths(front, from, 'cm') } } },
});

/** The child measured again, larger by so much. */
const grown = (by: number, made: GarmentFacts): GarmentFacts => {
  const wearer = made.wearer as Wearer;
  const newest = Object.values(wearer.measurements).toSorted((a, b) =>
    b.measuredOn.localeCompare(a.measuredOn),
  )[0];
  if (!newest) throw new Error('expected measurements');
  const values = Object.fromEntries(Object.entries(newest.values).map(([one, mm]) => [one, mm + by]));
  return {
    ...made,
    wearer: {
      ...wearer,
      measurements: { ...wearer.measurements, later: { ...newest, measuredOn: TODAY, values } },
    },
  };
};

test('of a piece every girth is kept as it is cut, of a strip its lengths, and nothing of both', () => {
  const { girths = {}, ...more } = frozenLengths(front, plan, 'cm');
  expect(more).toEqual({});
  expect(Object.keys(girths)).toEqual(plan.zones.map(({ zone }) => zone));
  for (const { zone, rest } of plan.zones)
    expect(Math.abs((girths[zone] ?? NaN) - value(plan.pieces.girths[zone] ?? rest))).toBeLessThanOrEqual(
      0.05,
    );
  expect(frozenLengths(band, plan, 'cm')).toEqual({
    lengthMm: value(band.length?.cm),
    widthMm: value(band.width?.cm),
  });
  // A strip of the outer cloth itself.
  expect(
    Object.keys(frozenLengths({ ...front, ...(band.length && { length: band.length }) }, plan, 'cm')),
  ).toEqual(['lengthMm']);
  expect(frozenLengths(front, { ...plan, zones: [] }, 'cm')).toEqual({});
});

test('the last one cut counts', () => {
  const at = (cutOn: string, hip: number) => ({ cutOn, girths: { hip } });
  expect(girthsAsCut({ a: at('2026-05-02', 620), b: at('2026-05-01', 610) }).hip).toBe(620);
  expect(girthsAsCut({ a: at('2026-05-02', 620), b: at('2026-05-02', 611) }).hip).toBe(611);
  expect(girthsAsCut({ a: at('2026-05-02', 620), b: { cutOn: '2026-05-03', lengthMm: 40 } }).hip).toBe(620);
  expect(girthsAsCut({ a: at('2026-05-02', 620) }).bust).toBeUndefined();
});

describe('a child measured again after it was cut', () => {
  const made = cutOn('2026-05-31');
  const later = grown(30, made);
  const now = planOf(later);
  const hipOf = (of: typeof plan, garment = later.garment) => {
    const place = wornPlace(of, kind, garment, 'hip');
    if (!place) throw new Error('expected a hip');
    return sizeAt(createLedger(), of, place, garment).value;
  };

  test('it is as large as it was cut, whatever the plan says now', () => {
    const was = made.garment.cuts.front?.girths?.hip ?? NaN;
    const rest = getNumber(now.numbers, now.zones.find(({ zone }) => zone === 'hip')?.rest ?? '').value;
    expect(rest - was).toBeGreaterThan(10);
    expect(hipOf(now)).toBe(was);
    // Taken in since, it is smaller by that.
    const mends = { m1: { on: TODAY, what: 'take-in' as const, at: 'hip', byMm: 20 } };
    expect(hipOf(now, { ...later.garment, mends })).toBeCloseTo(was - 20, 9);
  });

  test('what is said of it is of the body now in the garment of then', () => {
    const round = { triedOn: TODAY, held: 'basted' as const, outcomes: { hip: 'right' as const } };
    const at = (of: GarmentFacts) => keptFitting(planOf(of), kind, of.garment, round).worn?.hip?.at ?? NaN;
    const hip = later.wearer?.measurements.later?.values.hip ?? NaN;
    const { scale } = keptFitting(now, kind, later.garment, round).worn?.hip ?? {};
    expect(scale).toBe('looser');
    expect(at(later)).toBeCloseTo(hipOf(now) / hip - 1, 6);
  });

  test('until when it fits is told by what was cut', () => {
    const until = stillFits(now, kind, later.garment, later.wearer as Wearer, '2027-06-01').zones;
    const hip = until.find(({ zone }) => zone === 'hip');
    const limit = getNumber(now.numbers, now.zones.find(({ zone }) => zone === 'hip')?.limit ?? '').value;
    expect([hipOf(now), hipOf(now) * (1 + limit)].map(Math.round)).toContain(
      Math.round(hip?.most.value ?? NaN),
    );
  });

  test('the ticket says how large it was cut, once the plan has moved by more than a tape tells', () => {
    const notes = (of: GarmentFacts) => {
      const there = planOf(of);
      return there.ticket
        .flatMap((group) => group.notes)
        .map((note) => phraseText(note, there.numbers, 'cm'))
        .filter((text) => text.startsWith('as it was cut'));
    };
    expect(notes(made)).toEqual([]);
    const [line] = notes(later);
    expect(line).toContain(`hip ${((made.garment.cuts.front?.girths?.hip ?? NaN) / 10).toFixed(1)} cm`);
  });
});

import { demoFact, TODAY } from '../../../tests/demoFacts';
import { createLedger } from '../explain/ledger';
import type { Wearer } from '../facts/wearer';
import { kindOf } from '../garments/kindOf';
import { grownOn, workGrowth } from './growth';
import { planGarment } from '../plan/planGarment';
import { stillFits } from './stillFits';

const line = (...readings: readonly (readonly [string, number])[]) =>
  workGrowth(
    createLedger(),
    'l',
    'hip',
    readings.map(([on, mm]) => ({ on, mm })),
  );

/* Least squares by hand: t = −200, −100, 0; g = 580, 592, 598; mean t −100, mean g 590; Σ(t−t̄)(g−ḡ) = 1800, Σ(t−t̄)² = 20000. */
test('a line through three measurements of a year is that of least squares', () => {
  const found = line(['2026-01-11', 580], ['2026-07-30', 598], ['2026-04-21', 592]);
  expect(found?.from).toBe('2026-07-30');
  expect(found?.perDay.value).toBeCloseTo(0.09, 12);
  expect(found?.at.value).toBeCloseTo(599, 9);
  const book = createLedger();
  expect(found && grownOn(book, 'x', 'hip', found, '2026-11-07').value).toBeCloseTo(608, 9);
});

test('older ones do not count, but for the last before the newest where it is alone in its year', () => {
  const through = (found: ReturnType<typeof line>) => found?.through.map(({ mm }) => mm);
  expect(through(line(['2024-01-01', 500], ['2025-07-31', 560], ['2026-07-31', 590]))).toEqual([560, 590]);
  expect(through(line(['2023-01-01', 500], ['2024-01-01', 560], ['2026-07-31', 590]))).toEqual([560, 590]);
  expect(through(line(['2025-07-31', 560], ['2026-01-01', 575], ['2026-07-31', 590]))).toEqual([
    560, 575, 590,
  ]);
});

test('of one day the last counts, and one day is no line', () => {
  expect(line(['2026-07-31', 590])).toBeUndefined();
  expect(line(['2026-07-31', 590], ['2026-07-31', 591])).toBeUndefined();
  expect(line(['2026-04-22', 580], ['2026-07-31', 589], ['2026-07-31', 590])?.perDay.value).toBeCloseTo(
    0.1,
    12,
  );
});

describe('a garment and a child who grows', () => {
  const facts = demoFact('overture');
  const kind = kindOf(facts.garment);
  const plan = planGarment(facts, { onDate: TODAY });
  const grows = (perDay: number): Wearer => ({
    ...(facts.wearer as Wearer),
    measurements: Object.fromEntries(
      [-100, 0].map((day) => [
        `d${-day}`,
        {
          measuredOn: new Date(Date.parse(TODAY) + day * 86_400_000).toISOString().slice(0, 10),
          how: 'measured' as const,
          values: { hip: 600 + day * perDay, bust: 560 + day * perDay * 2 },
        },
      ]),
    ),
  });
  const uncut = { ...facts.garment, cuts: {} };
  const fits = (perDay: number, on: string) => stillFits(plan, kind, uncut, grows(perDay), on);

  test('what was cut for the body of that day does not grow with it', () => {
    const day = (back: number) => new Date(Date.parse(TODAY) - back * 86_400_000).toISOString().slice(0, 10);
    const cut = (cutOn: string, garment = facts.garment) => {
      const made = { ...garment, cuts: { front: { cutOn } } };
      const { zones } = stillFits(plan, kind, made, grows(0.1), '2027-01-01');
      return zones.find(({ zone }) => zone === 'hip')?.most.value;
    };
    // The plan is for a hip of 620; cut while it was 590 a tee that skims is 590, and 600 once that was measured.
    expect(cut(day(50))).toBeCloseTo(590, 6);
    expect(cut(day(0))).toBeCloseTo(600, 6);
    // Before the first measurement it is taken for that one.
    expect(cut(day(400))).toBeCloseTo(590, 6);
  });

  test('a tee that skims takes a body as large as it is: 620 is reached from 600 at 0.1 a day in 200 days', () => {
    const found = fits(0.1, '2026-09-09');
    const hip = found.zones.find(({ zone }) => zone === 'hip');
    expect(hip?.most.value).toBeCloseTo(620, 6);
    expect(hip?.then.value).toBeCloseTo(610, 6);
    expect(hip?.room.value).toBeCloseTo(10, 6);
    expect(hip).toMatchObject({ keeps: true, until: '2026-12-18' });
    // 590 from 560 at 0.2 a day: in 150 days, before the hip.
    expect(found.zones.map(({ zone }) => zone)).toEqual(['bust', 'hip']);
    expect(fits(0.1, '2026-12-25').zones.find(({ zone }) => zone === 'hip')?.keeps).toBe(false);
  });

  test('who does not grow is never past it', () => {
    expect(fits(0, '2030-01-01').zones.every(({ keeps, until }) => keeps && until === undefined)).toBe(true);
  });

  test('a close garment takes a body as large as it stretches', () => {
    const close = demoFact('tightrope');
    const planned = planGarment(close, { onDate: TODAY });
    const { zones } = stillFits(
      planned,
      kindOf(close.garment),
      close.garment,
      close.wearer as Wearer,
      '2027-05-01',
    );
    const hip = zones.find(({ zone }) => zone === 'hip');
    const number = (id: string | undefined) => planned.numbers[id ?? '']?.value ?? Number.NaN;
    const zone = planned.zones.find((one) => one.zone === 'hip');
    expect(hip?.most.value).toBeCloseTo(number(zone?.rest) * (1 + number(zone?.limit)), 6);
  });
});

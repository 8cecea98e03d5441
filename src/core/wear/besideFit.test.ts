import { createLedger } from '../explain/ledger';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { demoFact, TODAY } from '../../../tests/demoFacts';
import { besideFit, besideNow } from './besideFit';

test('zones that were measured on both, what differs most first; what was taken in since counts', () => {
  const facts = demoFact('matinee');
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment);
  const rest = (zone: string) =>
    plan.numbers[plan.zones.find((one) => one.zone === zone)?.rest ?? '']?.value ?? NaN;
  const fit = {
    name: 'Bought tee',
    stretchAround: 0.5,
    girths: { bust: rest('bust') - 10, hip: rest('hip') + 35 },
  };
  const rows = (garment = facts.garment) => besideFit(createLedger(), plan, kind, garment, fit);
  expect(rows().map(({ zone, larger }) => [zone, Math.round(larger.value * 1e6) / 1e6])).toEqual([
    ['hip', -35],
    ['bust', 10],
  ]);
  const takenIn = {
    ...facts.garment,
    mends: { m1: { on: TODAY, what: 'take-in' as const, at: 'bust', byMm: 60 } },
  };
  expect(rows(takenIn).map(({ zone, larger }) => [zone, Math.round(larger.value)])).toEqual([
    ['bust', -50],
    ['hip', -35],
  ]);
});

test('beside an earlier garment as it is now: by the girths that both go round, as measured last where it was', () => {
  const facts = demoFact('matinee');
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment);
  const earlier = demoFact('otter-bottoms');
  const other = planGarment(earlier, { onDate: TODAY });
  const tried = (triedOn: string, mm: number) => ({ triedOn, outcomes: {}, measured: { hip: mm } });
  const withRounds = {
    ...earlier.garment,
    fittings: { a: tried('2026-05-02', 870), b: tried('2026-05-20', 885.04), c: tried('2026-04-01', 860) },
  };
  const beside = besideNow(other, kindOf(earlier.garment), withRounds);
  expect([beside.name, beside.girths.hip]).toEqual([earlier.garment.name, 885]);
  // Without a round it is as planned.
  const hip = other.zones.find(({ zone }) => zone === 'hip');
  const planned = besideNow(other, kindOf(earlier.garment), earlier.garment).girths.hip ?? NaN;
  const asCut = other.numbers[other.pieces.girths.hip ?? hip?.rest ?? '']?.value ?? NaN;
  expect(Math.abs(planned - asCut)).toBeLessThanOrEqual(0.05);
  // A tee has a bust, briefs have none.
  const rows = besideFit(createLedger(), plan, kind, facts.garment, beside);
  expect(rows.map(({ zone, there }) => [zone, there.value, there.mark])).toEqual([
    ['hip', 885, 'own record'],
  ]);
  // This one too is as it was measured last.
  const now = { ...facts.garment, fittings: { a: tried(TODAY, 900) } };
  const [row] = besideFit(createLedger(), plan, kind, now, beside);
  expect([row?.here.value, row?.larger.value]).toEqual([900, 15]);
});

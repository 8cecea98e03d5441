import { createLedger } from '../explain/ledger';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { demoFact, TODAY } from '../../../tests/demoFacts';
import { besideFit } from './besideFit';

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

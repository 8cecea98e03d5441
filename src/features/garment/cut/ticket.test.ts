import { planGarment } from '@/core/plan/planGarment';
import { TODAY, demoFact } from '../../../../tests/demoFacts';
import { rowSize, ticketText } from './ticketText';
import { changesBetween } from './useTicketChanges';
import { atNeckline } from '../../../../tests/sewn';

const facts = demoFact('lantern');
const plan = planGarment(facts, { onDate: TODAY });
const widened = planGarment(
  { ...facts, garment: { ...facts.garment, ...atNeckline(facts.garment, { finishedMm: 30 }) } },
  { onDate: TODAY },
);

test('the copied ticket has every row with its size, in the reader’s unit', () => {
  for (const unit of ['cm', 'in'] as const) {
    const text = ticketText(plan, unit);
    for (const row of plan.ticket.flatMap((group) => group.rows))
      expect(text).toContain(`[ ] ${row.label}: ${rowSize(plan, row, unit)}`);
    expect(text).toContain(unit === 'cm' ? 'cm ×' : 'in ×');
  }
});

test('what a change did to the ticket is said in the reader’s unit; what reads the same is not', () => {
  const said = changesBetween(plan, widened, 'cm');
  expect(said.map((line) => line.split(' ')[0])).toEqual(['Neckband,', 'Neckband,']);
  expect(said.join()).toMatch(/Neckband, width 5\.2 cm → 7\.2 cm/);
  expect(changesBetween(plan, plan, 'cm')).toEqual([]);
});

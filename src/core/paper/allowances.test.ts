import { demoFact } from '../../../tests/demoFacts';
import type { ShapeEdge } from '../fit/pieceShape';
import { getNumber } from '../explain/ledger';
import { cutAllowance } from './allowances';
import { paperInputs } from './testPaper';

const tee = paperInputs(demoFact('cartwheel'));
const briefs = paperInputs(demoFact('ripple'));
const at = (
  { plan, facts }: typeof tee,
  of: Partial<ShapeEdge>,
  said: Parameters<typeof cutAllowance>[2] = {},
) => cutAllowance({ plan, garment: facts.garment }, { id: 'one', label: 'one', ...of }, said);

test('a fold has none, whatever its outline says', () => {
  expect(at(tee, { fold: true }, { edges: { one: { allowanceMm: 10 } } })).toBe(0);
});

test('a seam has what its outline says, else the garment’s own', () => {
  expect(at(tee, { seam: 'side' })).toBe(tee.facts.garment.pattern.seamAllowanceMm);
  expect(at(tee, { seam: 'side' }, { edges: { one: { allowanceMm: 16 } } })).toBe(16);
});

test('a hem has the depth that it is turned up, of the sleeves and of the body each its own', () => {
  const { hemAllowanceMm, sleeveHemAllowanceMm } = tee.facts.garment.pattern;
  expect(at(tee, { edge: 'hem' }, { edges: { one: { allowanceMm: 3 } } })).toBe(hemAllowanceMm);
  expect(at(tee, { edge: 'sleeve-hem' })).toBe(sleeveHemAllowanceMm);
});

test('what was said of an edge counts before the usual, what its construction takes before both', () => {
  const leg = briefs.plan.edges.find(({ id }) => id === 'leg');
  const wanted = getNumber(briefs.plan.numbers, leg?.allowance?.wanted ?? '').value;
  expect(at(briefs, { edge: 'leg' }, { edges: { one: { allowanceMm: 3 } } })).toBe(wanted);
  expect(at(tee, { edge: 'neckline' }, { edges: { one: { allowanceMm: 9 } } })).toBe(9);
  const own = { ...tee.facts.garment, edges: { neckline: { measured: { allowanceMm: 11 } } } };
  const plan = { ...tee.plan };
  expect(cutAllowance({ plan, garment: own as never }, { id: 'one', label: '', edge: 'neckline' }, {})).toBe(
    11,
  );
});

/** Handbook of the trade, lace: no allowance at an edge that is finished as it is. */
test('an edge that is left as it is gets none', () => {
  const left = {
    ...demoFact('ripple'),
    garment: { ...demoFact('ripple').garment, edges: { leg: { use: 'left' as const } } },
  };
  const { plan, facts } = paperInputs(left);
  const leg = plan.edges.find(({ id }) => id === 'leg');
  const mm = cutAllowance({ plan, garment: facts.garment }, { id: 'one', label: '', edge: 'leg' }, {});
  expect([leg?.use, mm]).toEqual(['left', 0]);
});

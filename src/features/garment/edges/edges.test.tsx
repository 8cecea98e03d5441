/** @jest-environment jsdom */
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { newGarment, type Garment } from '@/core/facts/garment';
import type { UnitSystem } from '@/core/units/constants';
import { NumbersProvider } from '@/ui/numbers';
import { UnitProvider } from '@/ui/unit';
import { openGarment, useOpenGarment, written } from '../../../../tests/openGarment';
import { odile, stated } from '../../../../tests/planned';
import { atNeckline } from '../../../../tests/sewn';
import { EdgeWork } from './EdgeWork';

jest.mock('../page/useGarment', () => ({
  useGarment: jest.requireActual<typeof import('../../../../tests/openGarment')>(
    '../../../../tests/openGarment',
  ).useOpenGarment,
}));
jest.mock('@/features/records/RecordsProvider', () => ({ useRecords: () => ({ set: () => undefined }) }));

function Page({ edge, unit }: { edge: string; unit: UnitSystem }) {
  const { plan } = useOpenGarment();
  const found = plan.edges.find(({ id }) => id === edge);
  return (
    <UnitProvider initial={unit}>
      <NumbersProvider numbers={plan.numbers}>{found && <EdgeWork plan={found} />}</NumbersProvider>
    </UnitProvider>
  );
}

/** An edge of a tee in a cloth of 60 %, for a head of 560 mm. */
function open(edge: string, garment: Partial<Garment>, unit: UnitSystem = 'cm') {
  openGarment({
    wearer: odile,
    outer: stated(0.5),
    band: stated(0.6),
    garment: { ...newGarment('Tee', 'tee'), ...garment },
  });
  render(<Page edge={edge} unit={unit} />);
  return { hands: userEvent.setup(), last: () => written().at(-1) };
}

const round = atNeckline({}, { measured: { as: 'seamline', wholeMm: 560, backMm: 190 } });
const row = (name: string) => screen.getByRole('radio', { name: new RegExp(`^${name}`) }).closest('tr');
const rangeValue = () => Number(screen.getByRole<HTMLInputElement>('slider').value);

describe('a neckband’s window', () => {
  test('every rule with what comes of it; the default is named and taken', () => {
    open('neckline', round);
    expect(screen.getByRole('heading', { name: 'How long the neckband can be' })).toBeDefined();
    expect(row('lies flat by its width')?.textContent).toMatch(/default.*lies flat$/);
    expect(row('a tenth off')?.textContent).toContain('50.4 cm');
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /^lies flat/ }).checked).toBe(true);
  });
  test('another rule is taken with a press, and the pointer stands where it leads', async () => {
    const { hands, last } = open('neckline', round);
    await hands.click(screen.getByRole('radio', { name: /^a fifth off/ }));
    expect(last()).toEqual({ 'edges.neckline.school': 'fifth' });
    expect(rangeValue()).toBeCloseTo(448, 3);
  });
  test('sliding makes the length one’s own, and says where that falls', () => {
    const { last } = open('neckline', round);
    fireEvent.change(screen.getByRole('slider'), { target: { value: '520' } });
    expect(last()).toMatchObject({ 'edges.neckline.school': 'own' });
    expect(row('your own')?.textContent).toContain('stands up');
  });
  test('a length typed in inches is one’s own once the field is left; emptied, the default is back', async () => {
    const { hands, last } = open('neckline', round, 'in');
    const field = screen.getByLabelText<HTMLInputElement>('Your own length (in)');
    await hands.type(field, '18 1/2');
    expect(written()).toEqual([]);
    await hands.tab();
    expect(last()).toEqual({ 'edges.neckline.ownMm': 18.5 * 25.4, 'edges.neckline.school': 'own' });
    await hands.clear(field);
    await hands.tab();
    expect(last()).toEqual({ 'edges.neckline.ownMm': undefined, 'edges.neckline.school': undefined });
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /^lies flat/ }).checked).toBe(true);
  });
  test('a band that is there already: what is sewn is what it was cut less its join', async () => {
    const { hands, last } = open('neckline', round);
    await hands.click(screen.getByText('You have the neckband cut already'));
    const field = screen.getByLabelText('Its length as cut (cm)');
    await hands.clear(field);
    await hands.type(field, '46');
    await hands.tab();
    expect(last()).toEqual({ 'edges.neckline.ownMm': 460 - 12, 'edges.neckline.school': 'own' });
  });
  test('joined at the shoulder it is said where; its marks follow', async () => {
    const { hands, last } = open('neckline', round);
    await hands.click(screen.getByRole('radio', { name: 'left shoulder' }));
    expect(last()).toEqual({ 'edges.neckline.joinAt': 'left-shoulder' });
    expect(screen.getByText(/A quarter mark lies/).textContent).toMatch(
      /4.5 cm in front of each shoulder seam/,
    );
  });
});

describe('the edge as it was measured', () => {
  test('a neck is asked on its two pieces, and lengths are kept with how they were measured', async () => {
    const { hands } = open('neckline', {});
    expect(document.body.textContent).toContain('Measure the neckline on the pattern.');
    await hands.type(screen.getByLabelText('Front piece, edge to edge (cm)'), '33');
    await hands.tab();
    await hands.type(screen.getByLabelText('Back piece, edge to edge (cm)'), '19');
    await hands.tab();
    expect(written()).toEqual([
      { 'edges.neckline.measured.as': 'pieces', 'edges.neckline.measured.frontMm': 330 },
      { 'edges.neckline.measured.as': 'pieces', 'edges.neckline.measured.backMm': 190 },
    ]);
    // 520 − 4 · 6 + 280° · 6 mm (handbook 02).
    expect(screen.getByText('seamline').textContent).toContain('52.5 cm');
    expect(screen.queryByText(/The back was not measured/)).toBeNull();
  });
  test('where the back is not known it says what is taken for it', () => {
    open('neckline', atNeckline({}, { measured: { as: 'seamline', wholeMm: 560 } }));
    expect(screen.getByText(/The back was not measured/).textContent).toContain('11.2 cm');
  });
  test('a V asks for the turn at its point; another shape does not', async () => {
    const { hands } = open('neckline', round);
    expect(screen.queryByLabelText(/Turn at the point/)).toBeNull();
    const shapes = within(screen.getByRole('group', { name: 'Shape of the neck' }));
    await hands.click(shapes.getByRole('radio', { name: 'V' }));
    expect(screen.getByLabelText(/Turn at the point/)).toBeDefined();
  });
  test('a hem has no pieces apart, no shape and no turn', () => {
    open('hem', { edges: { hem: { use: 'hem-band' } } });
    expect(screen.queryByLabelText(/Front piece/)).toBeNull();
    expect(screen.queryByRole('group', { name: 'Shape of the neck' })).toBeNull();
    expect(screen.queryByLabelText(/Total turn/)).toBeNull();
    expect(screen.getByLabelText('All its pieces, edge to edge (cm)')).toBeDefined();
  });
});

test('cut wider to make up for narrowing is one tick', async () => {
  const { hands, last } = open('neckline', round);
  await act(() => hands.click(screen.getByRole('checkbox', { name: /Cut it wider/ })));
  expect(last()).toEqual({ 'edges.neckline.makeUpNarrowing': true });
});

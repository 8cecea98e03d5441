/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { valueAt } from '@/core/facts/change';
import { newCloth } from '@/core/facts/cloth';
import { newElastic } from '@/core/facts/elastic';
import { newMachine } from '@/core/facts/machine';
import { newPattern } from '@/core/facts/pattern';
import type { FactsByKind, RecordKind } from '@/core/facts/records';
import { findingFields, findingSpec } from '@/core/facts/finding';
import type { UnitSystem } from '@/core/units/constants';
import { UnitProvider } from '@/ui/unit';
import { FactField } from './FactField';
import { specAt } from './factPaths';
import { RecordFields } from './RecordFields';

const held: { facts?: FactsByKind[RecordKind]; fault?: string } = {};
const set = jest.fn();
jest.mock('./RecordsProvider', () => ({
  useRecords: () => ({ facts: () => held.facts, set, fault: () => held.fault }),
}));

beforeEach(() => {
  set.mockClear();
  delete held.fault;
});

const cloth = { ...newCloth('Heron'), widthMm: 1500, feel: 'soft' as const };

/** The fields of a record as a page shows them. */
function show<K extends RecordKind>(
  kind: K,
  facts: FactsByKind[K],
  props: Partial<Parameters<typeof RecordFields>[0]> = {},
  unit: UnitSystem = 'cm',
) {
  held.facts = facts;
  render(
    <UnitProvider initial={unit}>
      <RecordFields kind={kind} id="one" {...props} />
    </UnitProvider>,
  );
  return userEvent.setup();
}

describe('a field is drawn by what it is', () => {
  test('a length in the reader’s unit, stored in mm when it is left', async () => {
    const hands = show('cloth', cloth, { only: ['widthMm'] });
    const field = screen.getByLabelText<HTMLInputElement>('Width (cm)');
    expect(field.value).toBe('150');
    await hands.clear(field);
    await hands.type(field, '41,5');
    expect(set).not.toHaveBeenCalled();
    await hands.tab();
    expect(set).toHaveBeenCalledWith('cloth', 'one', 'Width', { widthMm: 415 });
  });

  test('a thickness in mm in either unit system, with its help', () => {
    show('cloth', { ...cloth, thicknessMm: 0.8 }, { only: ['thicknessMm'] }, 'in');
    expect(screen.getByLabelText<HTMLInputElement>('Thickness of one layer (mm)').value).toBe('0.8');
    expect(screen.getByText('Two layers under a light finger, halved.')).toBeTruthy();
  });

  test('a share in percent; emptied, it is cleared', async () => {
    const hands = show('cloth', { ...cloth, statedAcross: 0.6 }, { only: ['statedAcross'] });
    const field = screen.getByLabelText<HTMLInputElement>('Stretch across, as stated (%)');
    expect(field.value).toBe('60');
    await hands.clear(field);
    await hands.tab();
    expect(set).toHaveBeenCalledWith('cloth', 'one', 'Stretch across, as stated', { statedAcross: null });
  });

  test('a few choices in sight; many, or where the room is small, as a list', async () => {
    const hands = show('cloth', cloth, { only: ['feel'] });
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'soft' }).checked).toBe(true);
    await hands.click(screen.getByRole('radio', { name: 'firm' }));
    expect(set).toHaveBeenCalledWith('cloth', 'one', 'How it pulls', { feel: 'firm' });
    show('elastic', newElastic('Down'), { only: ['kind'] });
    await hands.selectOptions(screen.getByLabelText('Kind'), 'plush');
    expect(set).toHaveBeenLastCalledWith('elastic', 'one', 'Kind', { kind: 'plush' });
    show('cloth', cloth, { only: ['drape'], compact: true });
    expect(screen.getByLabelText('How it hangs').tagName).toBe('SELECT');
  });

  test('a yes or no that has answers is asked, another is ticked', async () => {
    const hands = show('cloth', cloth, { only: ['stable'] });
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'it stretches' }).checked).toBe(true);
    await hands.click(screen.getByRole('radio', { name: 'stable' }));
    expect(set).toHaveBeenLastCalledWith('cloth', 'one', expect.anything(), { stable: true });
    show('machine', { ...newMachine('Old'), twin: true }, { only: ['twin'] });
    await hands.click(screen.getByRole('checkbox', { name: 'Takes a twin needle' }));
    expect(set).toHaveBeenLastCalledWith('machine', 'one', 'Takes a twin needle', { twin: null });
  });

  test('words as they are typed; long ones get several lines', async () => {
    const hands = show('cloth', cloth, { only: ['fibre', 'notes'] });
    expect(screen.getByLabelText('Notes').tagName).toBe('TEXTAREA');
    expect(screen.getByLabelText('Fibre').tagName).toBe('INPUT');
    await hands.type(screen.getByLabelText('Fibre'), 'ab');
    expect(set.mock.calls.map(([, , , changes]) => changes as unknown)).toEqual([
      { fibre: 'a' },
      { fibre: 'ab' },
    ]);
  });

  test('what must be there is not cleared', async () => {
    const pattern = {
      ...newPattern('Tern', 'tee'),
      layers: { outer: { label: 'Outer', around: 0.5, feel: 'medium' as const } },
    };
    const hands = show('pattern', pattern, { path: 'layers.outer', only: ['label', 'around'] });
    await hands.clear(screen.getByLabelText('Layer'));
    await hands.clear(screen.getByLabelText('Stretch around (%)'));
    await hands.tab();
    expect(set).not.toHaveBeenCalled();
    expect(screen.getByText('Stretch around is missing: fill it in.')).toBeTruthy();
    await hands.type(screen.getByLabelText('Stretch around (%)'), '75');
    await hands.tab();
    expect(set).toHaveBeenLastCalledWith('pattern', 'one', 'Stretch around', { 'layers.outer.around': 0.75 });
  });

  test('the server’s sentence stands at the field, its own help instead of the description’s', () => {
    held.fault = 'That cannot be.';
    held.facts = cloth;
    render(
      <UnitProvider initial="cm">
        <FactField kind="cloth" id="one" path="statedAcross" help="Taken as 20." label="Stated" />
      </UnitProvider>,
    );
    const field = screen.getByLabelText('Stated (%)');
    const told = (field.getAttribute('aria-describedby') ?? '')
      .split(' ')
      .map((id) => document.getElementById(id)?.textContent)
      .join(' ');
    expect(told).toContain('That cannot be.');
    expect(screen.queryByText('Used only until it is tested.')).toBeNull();
  });
});

describe('a record’s fields', () => {
  test('stand in the order of its description, without ids and lists, its own parts in their places', () => {
    show('cloth', cloth, { without: ['name', 'weighedSideMm'], parts: { weighedG: <p>Weigh it</p> } });
    const shown = [...document.querySelectorAll('label, legend, p')].map((one) => one.textContent);
    const at = (text: string) => shown.findIndex((one) => one?.startsWith(text) === true);
    const order = [
      'Fibre',
      'Washed',
      'Width',
      'Weight',
      'Weigh it',
      'Thickness',
      'How it pulls',
      'Notes',
    ].map(at);
    expect(order).toEqual(order.toSorted((a, b) => a - b));
    expect(order).not.toContain(-1);
    for (const gone of ['Name', 'Side of the square', 'A square weighs', 'the photo', 'Tests'])
      expect([gone, at(gone)]).toEqual([gone, -1]);
  });

  test('every field of a finding is asked of some kind', () => {
    const asked = new Set(['name', 'kind', 'notes', ...Object.values(findingFields).flat()]);
    expect(Object.keys(findingSpec.fields).filter((name) => !asked.has(name))).toEqual([]);
  });

  test('a path that leads nowhere is told', () => {
    expect(() => specAt('cloth', 'wash.nothing')).toThrow('"nothing"');
    expect(specAt('cloth', 'tests.any.restMm').label).toBe('At rest');
    expect(valueAt({ ...cloth, wash: { beforeAlongMm: 500 } }, 'wash.beforeAlongMm')).toBe(500);
    expect(valueAt(cloth, 'wash.beforeAlongMm')).toBeUndefined();
  });
});

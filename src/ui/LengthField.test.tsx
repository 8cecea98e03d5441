/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { lengthMm, type NumberSpec } from '@/core/facts/spec';
import type { UnitSystem } from '@/core/units/constants';
import { LengthField } from './LengthField';
import { UnitProvider } from './unit';

const head = lengthMm('Head', 300, 700, [440, 620]);
const waist = lengthMm('Waist', 100, 3000, [500, 1300]);

/** A head as a page keeps it; what it was set to, in order. */
function setUp(unit: UnitSystem, first?: number, spec: NumberSpec = head) {
  const kept: (number | undefined)[] = [];
  function Page() {
    const [mm, setMm] = useState(first);
    return (
      <UnitProvider initial={unit}>
        <LengthField
          spec={spec}
          valueMm={mm}
          onChange={(next) => {
            kept.push(next);
            setMm(next);
          }}
        />
      </UnitProvider>
    );
  }
  render(<Page />);
  return {
    kept,
    field: screen.getByLabelText<HTMLInputElement>(`${spec.label} (${unit})`),
    hands: userEvent.setup(),
  };
}

const leave = async (hands: ReturnType<typeof userEvent.setup>) => hands.tab();

test('a length counts when the field is left, not while it is typed', async () => {
  const { kept, field, hands } = setUp('cm');
  await hands.type(field, '54,5');
  expect(kept).toEqual([]);
  await leave(hands);
  expect(kept).toEqual([545]);
  expect(field.value).toBe('54.5');
});

test('Enter counts too; what is typed again as it was counts again and changes nothing', async () => {
  const { kept, field, hands } = setUp('in', 508);
  expect(field.value).toBe('20');
  await hands.clear(field);
  await hands.type(field, '21 3/8{Enter}');
  expect(kept).toEqual([expect.closeTo(21.375 * 25.4, 6)]);
  expect(field.value).toBe('21 ⅜');
});

test('what cannot be read stays as typed, with a sentence, and nothing is set', async () => {
  const { kept, field, hands } = setUp('cm', 545);
  await hands.clear(field);
  await hands.type(field, 'fifty');
  await leave(hands);
  expect(field.value).toBe('fifty');
  expect(kept).toEqual([]);
  expect(screen.getByRole('alert').textContent).toMatch(/\S/);
  expect(field.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
});

test('out of its range it says between what it may be, and is not set', async () => {
  const { kept, field, hands } = setUp('cm');
  await hands.type(field, '95');
  await leave(hands);
  expect(screen.getByRole('alert').textContent).toMatch(/30.*70/);
  expect(kept).toEqual([]);
});

test('a length that would be usual on the other tape is set as typed, asked about, and mended by a press', async () => {
  const { kept, field, hands } = setUp('cm', undefined, waist);
  await hands.type(field, '28');
  await leave(hands);
  expect(kept).toEqual([280]);
  expect(screen.getByRole('alert').textContent).toMatch(/28.*unusual.*Did you mean/);
  await hands.click(screen.getByRole('button', { name: /^Yes/ }));
  expect(kept.at(-1)).toBeCloseTo(28 * 25.4, 6);
  expect(screen.queryByText(/Did you mean/)).toBeNull();
});

test('emptied, an optional length is taken away', async () => {
  const { kept, field, hands } = setUp('cm', 545);
  await hands.clear(field);
  await leave(hands);
  expect(kept).toEqual([undefined]);
});

test('a field that goes away with a length in it is left: the length counts', () => {
  const kept: (number | undefined)[] = [];
  const page = render(
    <UnitProvider initial="cm">
      <LengthField spec={head} valueMm={undefined} onChange={(mm) => kept.push(mm)} />
    </UnitProvider>,
  );
  fireEvent.change(screen.getByLabelText('Head (cm)'), { target: { value: '52' } });
  page.unmount();
  expect(kept).toEqual([520]);
});

test('a length that may be less than nothing takes a minus, as slowly as one likes; any other says to leave it out', async () => {
  const slow = userEvent.setup({ delay: 30 });
  const { kept, field } = setUp('in', undefined, lengthMm('Longer', -400, 600));
  await slow.type(field, '-1 3/8');
  expect(screen.queryAllByText(/minus sign/)).toHaveLength(0);
  await slow.tab();
  expect(kept).toEqual([expect.closeTo(-1.375 * 25.4, 6)]);
  expect(field.value).toBe('−1 ⅜');
  cleanup();
  const never = setUp('in');
  await slow.type(never.field, '-1');
  expect(screen.queryAllByText(/leave out the minus sign/)).toHaveLength(1);
});

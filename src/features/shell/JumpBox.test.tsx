/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { JumpBox } from './JumpBox';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push }) }));

/** The server answers a request when the test says so. */
const asked = new Map<string, (targets: readonly object[]) => Promise<void>>();

beforeEach(() => {
  asked.clear();
  push.mockReset();
  global.fetch = jest.fn((url: string, { signal }: { signal: AbortSignal }) => {
    const text = new URL(url, 'http://here').searchParams.get('q') ?? '';
    return new Promise((resolve, reject) => {
      signal.addEventListener('abort', () => reject(new Error('called off')));
      asked.set(text, async (targets) => {
        await act(async () => resolve({ json: async () => ({ targets }) } as Response));
      });
    });
  }) as unknown as typeof fetch;
});

const TEE = { href: '/garments/tee', label: 'Matinee tee', what: 'garment' };
const RIB = { href: '/cloth/rib', label: 'Marsh rib', what: 'cloth' };

test('Enter goes to the first of what is typed, not of what was typed before', async () => {
  render(<JumpBox />);
  const box = screen.getByRole('combobox');
  fireEvent.focus(box);
  fireEvent.change(box, { target: { value: 'ma' } });
  await asked.get('ma')!([TEE, RIB]);
  fireEvent.change(box, { target: { value: 'marsh' } });
  fireEvent.keyDown(box, { key: 'Enter' });
  expect(push).not.toHaveBeenCalled();
  await asked.get('marsh')!([RIB]);
  expect(push.mock.calls).toEqual([['/cloth/rib']]);
});

test('Enter on what is answered goes at once to the chosen one; typing on takes an Enter back', async () => {
  render(<JumpBox />);
  const box = screen.getByRole('combobox');
  fireEvent.change(box, { target: { value: 'ma' } });
  fireEvent.keyDown(box, { key: 'Enter' });
  fireEvent.change(box, { target: { value: 'mar' } });
  await asked.get('ma')!([TEE, RIB]);
  await asked.get('mar')!([TEE, RIB]);
  expect(push).not.toHaveBeenCalled();
  fireEvent.keyDown(box, { key: 'ArrowDown' });
  fireEvent.keyDown(box, { key: 'Enter' });
  expect(push.mock.calls).toEqual([['/cloth/rib']]);
});

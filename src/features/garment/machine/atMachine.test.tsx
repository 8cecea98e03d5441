/** @jest-environment jsdom */
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import type { GarmentView } from '@/core/views/pageViews';
import { answerSewing, type SewingRequest } from '@/workers/sewing';
import { UnitProvider } from '@/ui/unit';
import { demoFact } from '../../../../tests/demoFacts';
import { openFacts, openGarment, written } from '../../../../tests/openGarment';
import { AtMachine } from './AtMachine';

jest.mock('../page/useGarment', () => ({
  useGarment: jest.requireActual<typeof import('../../../../tests/openGarment')>(
    '../../../../tests/openGarment',
  ).useOpenGarment,
  GarmentProvider: ({ children }: { children: ReactNode }) => children,
}));
jest.mock('@/features/records/RecordsProvider', () => ({
  RecordsProvider: ({ children }: { children: ReactNode }) => children,
  useRecords: () => ({ set: () => undefined, record: () => undefined }),
}));
jest.mock('next/dynamic', () => () => () => 'What it did');
// The worker’s own answers, without a worker.
jest.mock('../sew/sewingClient', () => ({
  SewingClient: class {
    ask(question: Omit<SewingRequest, 'serial'>) {
      const reply = answerSewing({ ...question, serial: 1 } as SewingRequest);
      return reply.ok ? Promise.resolve(reply.answer) : Promise.reject(new Error(reply.sentence));
    }
    close() {
      return undefined;
    }
  },
}));

beforeEach(() => localStorage.clear());
afterEach(() => jest.useRealTimers());

/** Ring-toss tee at the machine, nothing of it sewn. */
async function stand({ sewn = [], ...more }: { sewn?: readonly string[]; atStep?: string } = {}) {
  const facts = demoFact('ring-toss');
  openGarment({
    ...facts,
    garment: {
      ...facts.garment,
      ...more,
      sewn: Object.fromEntries(sewn.map((id) => [id, { doneOn: '2026-10-01' }])),
    },
  });
  render(
    <UnitProvider initial="cm">
      <AtMachine view={{ garment: {}, records: [] } as unknown as GarmentView} />
    </UnitProvider>,
  );
  await settled();
  return userEvent.setup();
}

/** Answers of the worker have come in and are shown. */
const settled = () => act(() => new Promise((done) => setTimeout(done, 0)));
const title = () => screen.getByRole('heading', { level: 1 }).textContent;
const place = () =>
  /(\d+) of (\d+)/
    .exec(document.querySelector('header')?.textContent ?? '')
    ?.slice(1)
    .map(Number);
const press = async (key: string, more: Partial<KeyboardEventInit> = {}) => {
  fireEvent.keyDown(window.document.body, { key, ...more });
  await settled();
};
const stepOnScreen = () => document.querySelector('[data-machine-step]')?.getAttribute('data-machine-step');

test('the first step that is left, big, with what to check and what comes after', async () => {
  await stand();
  expect(place()?.[0]).toBe(1);
  expect(title()).not.toBe('');
  expect(screen.getByText('Then check')).toBeDefined();
  expect(screen.getByText(/^After this/)).toBeDefined();
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('0');
});

test.each([' ', 'Enter', 'PageDown', 'ArrowRight'])('“%s” ticks the step and shows the next', async (key) => {
  await stand();
  const first = stepOnScreen() as string;
  await press(key);
  expect(written().at(-1)).toMatchObject({ [`sewn.${first}`]: { doneOn: expect.any(String) as string } });
  expect(stepOnScreen()).not.toBe(first);
  expect(written().at(-1)).toMatchObject({ atStep: stepOnScreen() });
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('1');
});

test('a key held down is one press', async () => {
  await stand();
  await press(' ', { repeat: true });
  expect(written()).toEqual([]);
});

test('with Ctrl, Alt or Meta a key is the browser’s', async () => {
  await stand();
  for (const held of [{ ctrlKey: true }, { altKey: true }, { metaKey: true }]) await press('Enter', held);
  expect(written()).toEqual([]);
});

test('going back looks, and takes no tick away; on a step that is done, next only moves on', async () => {
  await stand();
  const first = stepOnScreen();
  await press(' ');
  const second = stepOnScreen();
  await press('PageUp');
  expect(stepOnScreen()).toBe(first);
  expect(screen.getByText('Done already.')).toBeDefined();
  const before = written().length;
  await press(' ');
  expect(stepOnScreen()).toBe(second);
  expect(written()).toHaveLength(before);
});

test('while a note is typed, space writes a space; Escape leaves the note, a second closes it', async () => {
  const hands = await stand();
  const first = stepOnScreen();
  await press('n');
  const note = screen.getByLabelText('Note on this step');
  await hands.type(note, 'clips left of the knife');
  await hands.tab();
  await settled();
  expect(openFacts().garment.stepNotes[first as string]).toEqual({ text: 'clips left of the knife' });
  expect(stepOnScreen()).toBe(first);
  await press('Escape');
  expect(screen.queryByLabelText('Note on this step')).toBeNull();
  expect(screen.getByText(/Your note: clips left of the knife/)).toBeDefined();
});

test('one goes on where one left off: to the step after it, not back to one that was left out', async () => {
  await stand();
  await press(' ');
  const [first = '', second = '', third = '', fourth = ''] = Object.entries(
    openFacts().garment.followed ?? {},
  )
    .toSorted(([, a], [, b]) => a - b)
    .map(([id]) => id);
  cleanup();
  await stand({ sewn: [first], atStep: first });
  expect(stepOnScreen()).toBe(second);
  cleanup();
  await stand({ sewn: [first], atStep: third });
  expect(stepOnScreen()).toBe(third);
  await press(' ');
  expect(stepOnScreen()).toBe(fourth);
});

test('the minutes on the clock are kept with the step, and the clock starts anew', async () => {
  await stand();
  const first = stepOnScreen() as string;
  cleanup();
  localStorage.setItem('clock-open', JSON.stringify({ step: first, spentMs: 7 * 60_000 }));
  jest.useFakeTimers({
    doNotFake: ['setTimeout', 'setImmediate', 'queueMicrotask', 'nextTick', 'performance'],
  });
  await stand();
  act(() => jest.advanceTimersByTime(1000));
  expect(document.querySelector('[data-clock]')?.textContent).toBe('7:01');
  await press(' ');
  expect(written().at(-1)).toMatchObject({ [`sewn.${first}`]: { minutes: 7 } });
  expect(localStorage.getItem('clock-open')).toBeNull();
});

test('W opens what went wrong, and closes it', async () => {
  await stand();
  await press('w');
  expect(document.body.textContent).toContain('What it did');
  await press('W');
  expect(document.body.textContent).not.toContain('What it did');
});

test('the last tick says that it is sewn, and what the machines go back to', async () => {
  await stand();
  const total = place()?.[1] ?? 0;
  for (let at = 0; at < total; at += 1) await press(' ');
  expect(title()).toMatch(/is sewn\.$/);
  expect(screen.getByText('Try it on and write down what came out')).toBeDefined();
});

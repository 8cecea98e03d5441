/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { newGarment } from '@/core/facts/garment';
import { kindOf } from '@/core/garments/kindOf';
import { boundsOf } from '@/core/geometry/ring';
import { draftOf } from '@/core/plan/asCut';
import { roundPiece } from '@/core/pieces/outline';
import { fiveCloths, twelveBodies } from '@/core/blocks/testBodies';
import { UnitProvider } from '@/ui/unit';
import { DraftedPiece } from './DraftedPiece';

const TODAY = '2026-11-30';
const garment = { ...newGarment('Drafted', 'tee'), draft: {} };
const [wearer, outer] = [twelveBodies[5], fiveCloths[2]];
const draft =
  wearer && outer
    ? draftOf({ facts: { garment, wearer, outer }, kind: kindOf(garment), onDate: TODAY })
    : undefined;
const front = draft?.drawn.outlines.front;
if (!draft || !front) throw new Error('expected the front of a tee, got none');

const calls = { pick: jest.fn(), hold: jest.fn(), letGo: jest.fn(), step: jest.fn() };
beforeEach(() => Object.values(calls).forEach((call) => call.mockClear()));

const AT_MM = 100;
const show = (unit: 'cm' | 'in', more: Partial<Parameters<typeof DraftedPiece>[0]> = {}) =>
  render(
    <UnitProvider initial={unit}>
      <DraftedPiece
        outline={front}
        before={undefined}
        box={boundsOf(roundPiece(front))}
        scale={0.5}
        notches={[]}
        handles={draft.handles.filter(({ piece }) => piece === 'front')}
        choices={draft.choices}
        mmOf={() => AT_MM}
        held={undefined}
        picked={undefined}
        onPick={calls.pick}
        onHold={calls.hold}
        onLetGo={calls.letGo}
        onStep={calls.step}
        {...more}
      />
    </UnitProvider>,
  );
const handle = (name: string) => screen.getByRole('slider', { name });

test('every handle says between what it moves and where it stands, in the reader’s unit', () => {
  show('in');
  const neck = handle('neck, depth in front');
  expect(neck.getAttribute('aria-valuemin')).toBe('8');
  expect(Number(neck.getAttribute('aria-valuemax'))).toBeGreaterThan(120);
  expect(neck.getAttribute('aria-valuenow')).toBe('100');
  expect(neck.getAttribute('aria-valuetext')).toBe('3 15/16 in');
});

test.each([
  ['ArrowDown', false, 101],
  ['ArrowUp', false, 99],
  ['ArrowDown', true, 110],
  ['ArrowRight', false, 101],
] as const)('%s moves the neck by a millimetre, with Shift (%s) by ten', (key, shiftKey, mm) => {
  show('cm');
  fireEvent.keyDown(handle('neck, depth in front'), { key, shiftKey });
  expect(calls.step).toHaveBeenCalledWith('neck-front', mm);
});

test('in inches a press goes to the next sixteenth', () => {
  show('in');
  fireEvent.keyDown(handle('neck, depth in front'), { key: 'ArrowDown' });
  // 100 mm is 3.937 in: the next sixteenth from there, on a mark of the tape.
  expect(calls.step.mock.lastCall?.[1] as number).toBeCloseTo(64 * (25.4 / 16), 6);
});

test('no key takes it beyond what is sensible, and others do nothing', () => {
  const most = draft.choices.find(({ id }) => id === 'neck-front')?.mostMm ?? NaN;
  show('cm', { mmOf: () => most });
  fireEvent.keyDown(handle('neck, depth in front'), { key: 'ArrowDown' });
  expect(calls.step.mock.lastCall?.[1]).toBe(most);
  fireEvent.keyDown(handle('neck, depth in front'), { key: 'a' });
  expect(calls.step).toHaveBeenCalledTimes(1);
});

test('an edge is picked by its line; the old line is dotted beside the new one', () => {
  const lines = ({ container }: ReturnType<typeof show>): number => container.querySelectorAll('path').length;
  const alone = show('cm');
  const count = lines(alone);
  alone.unmount();
  const beside = show('cm', { before: front, picked: 'hem' });
  const { container } = beside;
  expect(lines(beside)).toBe(count + 1);
  expect(container.querySelectorAll('[data-picked="true"]')).toHaveLength(1);
  fireEvent.click(screen.getByText('shoulder'));
  expect(calls.pick).toHaveBeenCalledWith('shoulder');
});

test('what is held shows its length beside it', () => {
  show('cm', { held: 'neck-front' });
  expect(screen.getByText('10.0 cm').textContent).toBe('10.0 cm');
});

/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { rectangle } from '@/core/geometry/ring';
import type { Layout, LayoutProblem, Placement } from '@/core/layout/problem';
import { useByHand } from './useByHand';

const problem: LayoutProblem = {
  widthMm: 500,
  gapMm: 3,
  pieces: [
    { id: 'front', ring: rectangle(200, 100), count: 1, turns: [0, 180] },
    { id: 'back', ring: rectangle(100, 100), count: 1 },
  ],
};
const at = (piece: string, x: number, y: number): Placement => ({
  piece,
  copy: 1,
  x,
  y,
  turn: 0,
  mirrored: false,
});
const layout: Layout = { placements: [at('front', 0, 0), at('back', 300, 0)], lengthMm: 100 };

function hands(pinned: readonly string[] = []) {
  const kept: { label: string; placements: readonly Placement[]; pinned: readonly string[] }[] = [];
  const onTaken = jest.fn();
  const hook = renderHook(() =>
    useByHand({
      problem,
      layout,
      pinned: new Set(pinned),
      called: (name) => name.toUpperCase(),
      onTaken,
      onKeep: (label, placements, stay) => kept.push({ label, placements, pinned: [...stay] }),
    }),
  );
  return { ...hook, kept, onTaken };
}

test('dragged it is held, snapped to what it nearly touches, and kept where it is put down', () => {
  const { result, kept, onTaken } = hands();
  act(() => result.current.take('back 1'));
  expect(onTaken).toHaveBeenCalled();
  act(() => result.current.drag('back 1', { x: 208, y: 0 }, 10));
  // A gap of 3 mm and twice the smoothing of 0.02 mm.
  expect(result.current.held?.at.x).toBeCloseTo(203.04, 2);
  expect(kept).toEqual([]);
  act(() => result.current.putDown());
  expect(kept).toMatchObject([{ label: 'BACK 1 moved', pinned: ['back 1'] }]);
  expect(kept[0]?.placements[0]).toBe(layout.placements[0]);
  expect(result.current.held).toBeUndefined();
});

test('what it lies on while it is held is said', () => {
  const { result } = hands();
  act(() => result.current.drag('back 1', { x: 100, y: 20 }, 5));
  expect(result.current.held?.crossing).toEqual({ over: ['front 1'], outside: false });
});

test('keys move it by steps; it is put down after a pause, once', () => {
  jest.useFakeTimers();
  const { result, kept } = hands();
  for (let nth = 0; nth < 3; nth += 1) act(() => result.current.nudge('back 1', { x: 5, y: 0 }));
  act(() => jest.advanceTimersByTime(300));
  expect(kept).toEqual([]);
  act(() => jest.advanceTimersByTime(2000));
  expect(kept).toHaveLength(1);
  expect(kept[0]?.placements[1]).toMatchObject({ x: 315, y: 0 });
  jest.useRealTimers();
});

test('chosen it is turned, pushed close, kept in its place and let go', () => {
  const { result, kept } = hands(['front 1']);
  act(() => result.current.choose('front 1'));
  act(() => result.current.turn());
  expect(kept.at(-1)).toMatchObject({ label: 'FRONT 1 turned', pinned: ['front 1'] });
  expect(kept.at(-1)?.placements[0]).toMatchObject({ turn: 180, x: 200, y: 100 });
  act(() => result.current.pin());
  expect(kept.at(-1)).toMatchObject({ label: 'FRONT 1 let go', pinned: [] });
  act(() => result.current.choose('back 1'));
  act(() => result.current.pushClose());
  expect(kept.at(-1)).toMatchObject({ label: 'BACK 1 pushed close', pinned: ['front 1', 'back 1'] });
  expect(kept.at(-1)?.placements[1]?.x).toBeCloseTo(203.04, 2);
  act(() => result.current.pin());
  expect(kept.at(-1)).toMatchObject({ label: 'BACK 1 stays', pinned: ['front 1', 'back 1'] });
  act(() => void result.current.letAllGo());
  expect(kept.at(-1)).toMatchObject({ pinned: [] });
});

test('two are exchanged once the second is chosen; choosing alone moves nothing', () => {
  const { result, kept } = hands();
  act(() => result.current.choose('front 1'));
  act(() => result.current.choose('back 1'));
  expect(kept).toEqual([]);
  act(() => result.current.swap());
  act(() => result.current.choose('front 1'));
  expect(kept).toMatchObject([{ label: 'FRONT 1 and BACK 1 exchanged', pinned: ['front 1', 'back 1'] }]);
  expect(kept[0]?.placements).toMatchObject([{ x: 250 }, { x: 50 }]);
  expect(result.current.swapping).toBe(false);
});

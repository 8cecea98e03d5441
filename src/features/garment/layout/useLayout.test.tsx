/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { Progress } from '@/core/layout/progress';
import type { LayoutProblem } from '@/core/layout/problem';
import { rectangle } from '@/core/geometry/ring';
import { useLayout } from './useLayout';

/** Workers that do what the test says: a browser’s own have no place here. */
class Hired {
  static all: Hired[] = [];
  told: { readonly ask: string; readonly seed?: number }[] = [];
  ended = false;
  private readonly heard: Record<string, ((event: unknown) => void)[]> = {};
  constructor() {
    Hired.all.push(this);
  }
  addEventListener(kind: string, hear: (event: unknown) => void) {
    (this.heard[kind] ??= []).push(hear);
  }
  postMessage(request: { readonly ask: string }) {
    this.told.push(request);
  }
  terminate() {
    this.ended = true;
  }
  says(progress: Partial<Progress>) {
    const data: Progress = { best: undefined, steps: 1, ended: false, ...progress };
    act(() => this.heard['message']?.forEach((hear) => hear({ data })));
  }
  dies() {
    act(() => this.heard['error']?.forEach((hear) => hear({})));
  }
}

const problem: LayoutProblem = {
  widthMm: 300,
  gapMm: 3,
  pieces: [{ id: 'a', ring: rectangle(90, 90), count: 2 }],
};
const best = (lengthMm: number) => ({ best: { lengthMm, placements: [] } });

beforeEach(() => {
  Hired.all = [];
  Object.assign(globalThis, { Worker: Hired });
  Object.defineProperty(navigator, 'hardwareConcurrency', { value: 4, configurable: true });
});

function begun() {
  const hook = renderHook(({ asked }) => useLayout(asked, false), { initialProps: { asked: problem } });
  const [one, other] = Hired.all as [Hired, Hired];
  return { ...hook, one, other };
}

test('two look with seeds of their own, and the shorter layout is shown', () => {
  const { result, one, other } = begun();
  expect([one, other].map(({ told }) => told[0])).toMatchObject([
    { ask: 'lay out', seed: 1 },
    { ask: 'lay out', seed: 2 },
  ]);
  one.says(best(210));
  other.says(best(205));
  one.says(best(207));
  expect(result.current.run).toMatchObject({ state: 'looking', best: { lengthMm: 205 } });
});

test('one that dies leaves what it found, the other goes on; when both have ended it is stopped', () => {
  const { result, one, other } = begun();
  one.says(best(200));
  one.dies();
  expect(result.current.run).toMatchObject({ state: 'looking', best: { lengthMm: 200 } });
  other.says({ ...best(220), ended: true });
  expect(result.current.run).toMatchObject({ state: 'stopped', best: { lengthMm: 200 } });
});

test('paused and going on is told to both; stopped ends them and keeps the best', () => {
  const { result, one, other } = begun();
  one.says(best(200));
  act(() => result.current.pause(true));
  expect(result.current.run?.state).toBe('paused');
  act(() => result.current.pause(false));
  expect(other.told.map(({ ask }) => ask)).toEqual(['lay out', 'pause', 'go on']);
  act(() => result.current.stop());
  expect([one.ended, other.ended]).toEqual([true, true]);
  other.says(best(100));
  expect(result.current.run).toMatchObject({ state: 'stopped', best: { lengthMm: 200 } });
});

test('another problem ends the first ones, whose late words count no more; so does leaving', () => {
  const { result, rerender, unmount, one } = begun();
  one.says(best(200));
  rerender({ asked: { ...problem, widthMm: 400 } });
  expect(one.ended).toBe(true);
  expect(result.current.run?.best).toBeUndefined();
  one.says(best(150));
  expect(result.current.run?.best).toBeUndefined();
  unmount();
  expect(Hired.all.every(({ ended }) => ended)).toBe(true);
});

test('where a layout is known nobody looks until that is asked for, then from what is known', () => {
  const { result } = renderHook(() => useLayout(problem, true));
  expect(Hired.all).toEqual([]);
  expect(result.current.run).toBeUndefined();
  const start = { lengthMm: 300, placements: [] };
  const pinned = [{ piece: 'a', copy: 1, x: 1, y: 2, turn: 0, mirrored: false }];
  act(() => void result.current.look({ problem: { ...problem, pinned }, start }));
  expect(Hired.all[0]?.told[0]).toMatchObject({ start, problem: { pinned } });
  Hired.all[0]?.says(best(250));
  expect(result.current.run).toMatchObject({ state: 'looking', best: { lengthMm: 250 } });
  act(() => result.current.done());
  expect(result.current.run).toBeUndefined();
  expect(Hired.all.every(({ ended }) => ended)).toBe(true);
});

test('where nothing shorter is found for a while it stops; a shorter one begins the while anew', () => {
  jest.useFakeTimers();
  const { result, one } = begun();
  act(() => jest.advanceTimersByTime(60_000));
  expect(result.current.run?.state).toBe('looking');
  one.says(best(200));
  act(() => jest.advanceTimersByTime(15_000));
  one.says(best(190));
  act(() => jest.advanceTimersByTime(15_000));
  expect(result.current.run?.state).toBe('looking');
  act(() => jest.advanceTimersByTime(6_000));
  expect(result.current.run).toMatchObject({ state: 'stopped', best: { lengthMm: 190 } });
  expect(one.ended).toBe(true);
  jest.useRealTimers();
});

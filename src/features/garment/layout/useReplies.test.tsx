/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useReplies } from './useReplies';

/** A worker that answers when the test says so. */
class Asked {
  static all: Asked[] = [];
  told: unknown[] = [];
  ended = false;
  private hear: ((event: unknown) => void) | undefined;
  constructor() {
    Asked.all.push(this);
  }
  addEventListener(_kind: string, hear: (event: unknown) => void) {
    this.hear = hear;
  }
  postMessage(request: unknown) {
    this.told.push(request);
  }
  terminate() {
    this.ended = true;
  }
  says(data: number) {
    act(() => this.hear?.({ data }));
  }
}
const begin = () => new Asked() as unknown as Worker;
const asking = (first: string | undefined) =>
  renderHook(({ request }) => useReplies<string, number>(begin, request), {
    initialProps: { request: first },
  });

beforeEach(() => {
  Asked.all = [];
});

test('replies are gathered in the order they come; without a request nobody is asked', () => {
  const { result, rerender } = asking(undefined);
  expect(Asked.all).toHaveLength(0);
  rerender({ request: 'one' });
  const [worker] = Asked.all as [Asked];
  expect(worker.told).toEqual(['one']);
  worker.says(3);
  worker.says(1);
  expect(result.current).toEqual([3, 1]);
});

test('another request begins anew: the worker before is ended, and what it said is gone', () => {
  const { result, rerender, unmount } = asking('one');
  Asked.all[0]!.says(3);
  rerender({ request: 'two' });
  expect(Asked.all[0]!.ended).toBe(true);
  expect(result.current).toEqual([]);
  Asked.all[1]!.says(7);
  expect(result.current).toEqual([7]);
  unmount();
  expect(Asked.all[1]!.ended).toBe(true);
});

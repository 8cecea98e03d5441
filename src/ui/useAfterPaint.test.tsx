/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react';
import { useAfterPaint } from './useAfterPaint';

function Figure({ girth }: { girth: number }) {
  return <p>{useAfterPaint(girth)}</p>;
}
const shown = () => screen.getByRole('paragraph').textContent;

test('what is drawn follows after the frame, and only the last of what came meanwhile', () => {
  jest.useFakeTimers();
  const { rerender } = render(<Figure girth={80} />);
  expect(shown()).toBe('80');
  rerender(<Figure girth={81} />);
  rerender(<Figure girth={82} />);
  expect(shown()).toBe('80');
  act(() => jest.advanceTimersByTime(17));
  act(() => jest.advanceTimersByTime(1));
  expect(shown()).toBe('82');
  jest.useRealTimers();
});

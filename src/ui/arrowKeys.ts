import type { Point } from '@/core/geometry/point';

const WAYS: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** Which way an arrow key points on the screen, one long; nothing for other keys. */
export const wayOfKey = (key: string): Point | undefined => WAYS[key];

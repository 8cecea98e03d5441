'use client';
import { useGesture } from '@use-gesture/react';
import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import type { Point } from '@/core/geometry/point';
import { distance } from '@/core/geometry/point';
import { fitted, fromScreen, toScreen, zoomed, type Box, type View } from './view';

/** A finger covers this much, a mouse that, px: how near a point has to be to be taken hold of; nearer while many are set. */
const REACH_PX = { loose: { touch: 24, mouse: 12 }, close: { touch: 16, mouse: 6 } } as const;

interface Surface {
  readonly ref: RefObject<HTMLDivElement | null>;
  readonly view: View;
  /** Of the table on the page, px; a guess until it is measured. */
  readonly size: { readonly width: number; readonly height: number; readonly measured: boolean };
  readonly fit: () => void;
  readonly zoom: (factor: number) => void;
}

interface Options {
  /** What is there to be seen: the view is fitted to it when `of` changes. */
  readonly bounds: Box;
  readonly of: string;
  /** Points that can be taken hold of. */
  readonly points: readonly Point[];
  /** Points are being set close to each other. */
  readonly setting: boolean;
  readonly onMove: (nth: number, to: Point, done: boolean, view: View) => void;
  readonly onTap: (at: Point, nth: number | undefined, view: View) => void;
  readonly onHover: (at: Point | undefined) => void;
}

/** Looking about on the table and taking hold of its points: by mouse, wheel, fingers and pinch. */
export function useSurface({ bounds, of, points, setting, onMove, onTap, onHover }: Options): Surface {
  const ref = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 800, height: 560, measured: false });
  const [own, setOwn] = useState<{ readonly of: string; readonly view: View } | undefined>(undefined);
  // Fitted once to what there was at first: points that are added do not move the table under the hand.
  const [fit, setFit] = useState({ of, bounds });
  if (fit.of !== of) setFit({ of, bounds });
  const view = own?.of === of ? own.view : fitted(fit.bounds, size.width, size.height);
  const setView = useCallback((next: View) => setOwn({ of, view: next }), [of]);
  const pinching = useRef<View | undefined>(undefined);

  useEffect(() => {
    const box = ref.current;
    if (!box) return;
    const watch = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      if (width > 0 && height > 0) setSize({ width, height, measured: true });
    });
    watch.observe(box);
    return () => watch.disconnect();
  }, []);

  const onPage = ([x, y]: readonly [number, number]): Point => {
    const box = ref.current?.getBoundingClientRect();
    return { x: x - (box?.left ?? 0), y: y - (box?.top ?? 0) };
  };
  const nearest = (at: Point, touch: boolean): number | undefined => {
    let best: number | undefined;
    let reach: number = REACH_PX[setting ? 'close' : 'loose'][touch ? 'touch' : 'mouse'];
    points.forEach((one, nth) => {
      const far = distance(toScreen(view, one), at);
      if (far < reach) [best, reach] = [nth, far];
    });
    return best;
  };

  useGesture(
    {
      onDrag: ({ first, last, tap, xy, initial, delta, memo, event, pinching: two, cancel }) => {
        if (two) return cancel();
        const touch = 'pointerType' in event && event.pointerType === 'touch';
        const held = (first ? nearest(onPage(initial), touch) : memo) as number | undefined;
        const at = fromScreen(view, onPage(xy));
        if (tap) onTap(at, nearest(onPage(xy), touch), view);
        else if (held !== undefined) onMove(held, at, last, view);
        else setView({ ...view, x: view.x - delta[0] / view.scale, y: view.y - delta[1] / view.scale });
        return held;
      },
      onWheel: ({ event, delta: [, dy] }) => {
        event.preventDefault();
        setView(zoomed(view, Math.exp(-dy / 400), onPage([event.clientX, event.clientY])));
      },
      onPinch: ({ first, last, origin, movement: [factor], event }) => {
        event.preventDefault();
        if (first) pinching.current = view;
        if (pinching.current) setView(zoomed(pinching.current, factor, onPage(origin)));
        if (last) pinching.current = undefined;
      },
      onMove: ({ xy, event }) =>
        event.pointerType === 'touch' ? undefined : onHover(fromScreen(view, onPage(xy))),
      onHover: ({ active }) => {
        if (!active) onHover(undefined);
      },
    },
    {
      target: ref,
      eventOptions: { passive: false },
      drag: { filterTaps: true, pointer: { buttons: [1, 4] } },
      pinch: { scaleBounds: { min: 0.02, max: 50 } },
    },
  );

  return {
    ref,
    view,
    size,
    fit: () => {
      setOwn(undefined);
      setFit({ of, bounds });
    },
    zoom: (factor) => setView(zoomed(view, factor, { x: size.width / 2, y: size.height / 2 })),
  };
}

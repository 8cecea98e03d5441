'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Point } from '@/core/geometry/point';
import { exchanged, Hand, readyFor, turnedOn, withPlacement, type Crossing } from '@/core/layout/hand';
import { nameOf, type Layout, type LayoutProblem, type Placement } from '@/core/layout/problem';

interface Given {
  readonly problem: LayoutProblem;
  readonly layout: Layout | undefined;
  /** The names of copies that stay where they lie when the rest is laid again. */
  readonly pinned: ReadonlySet<string>;
  /** What a copy is called. */
  readonly called: (name: string) => string;
  /** A piece is taken into the hand: nothing else may move now. */
  readonly onTaken: () => void;
  readonly onKeep: (label: string, placements: readonly Placement[], pinned: ReadonlySet<string>) => void;
}

/** A copy that is being moved, where it is held, and what it lies on there. */
interface Held {
  readonly name: string;
  readonly at: Placement;
  readonly crossing: Crossing;
  /** By keys: it is put down after a pause. */
  readonly byKeys: boolean;
}

export type ByHandState = ReturnType<typeof useByHand>;

/** What was moved by keys is put down after this pause, ms. */
const PUT_DOWN_MS = 700;
/** Between what is made ready of one piece and of the next, ms. */
const BETWEEN_MS = 30;

/** Moves copies by hand: what is moved stays where it was put; every move is kept, and can be undone like any other change. */
export function useByHand({ problem, layout, pinned, called, onTaken, onKeep }: Given) {
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const [swapping, setSwapping] = useState(false);
  const [held, setHeld] = useState<Held | undefined>(undefined);
  const hand = useRef<{ readonly layout: Layout; readonly name: string; readonly hand: Hand } | undefined>(
    undefined,
  );
  const placementOf = (name: string): Placement | undefined =>
    layout?.placements.find((one) => nameOf(one) === name);
  const chosenOne = chosen === undefined ? undefined : placementOf(chosen);

  // One piece after the other, so that none holds the page up.
  useEffect(() => {
    let left = problem.pieces;
    let timer = setTimeout(function next() {
      const [one, ...rest] = left;
      if (!one) return;
      readyFor(problem, one);
      left = rest;
      timer = setTimeout(next, BETWEEN_MS);
    }, BETWEEN_MS);
    return () => clearTimeout(timer);
  }, [problem]);

  const handFor = (name: string): Hand | undefined => {
    const one = placementOf(name);
    if (!layout || !one) return undefined;
    if (hand.current?.layout !== layout || hand.current.name !== name)
      hand.current = { layout, name, hand: new Hand(problem, layout.placements, one) };
    return hand.current.hand;
  };
  const keep = (what: string, changed: readonly Placement[], moved: readonly string[]) =>
    layout && onKeep(what, changed, new Set([...pinned, ...moved]));
  const change = (what: string, one: Placement) =>
    layout && keep(what, withPlacement(layout.placements, one), [nameOf(one)]);

  const take = (name: string) => {
    onTaken();
    setChosen(name);
  };
  const hold = (name: string, to: Point, reachMm: number | undefined) => {
    const one = placementOf(name);
    const own = handFor(name);
    if (!one || !own) return;
    const place = reachMm === undefined ? to : own.snapped(to, reachMm);
    const byKeys = reachMm === undefined;
    setHeld({ name, at: { ...one, ...place }, crossing: own.crossing(place), byKeys });
  };
  const putDown = () => {
    if (held) change(`${called(held.name)} moved`, held.at);
    setHeld(undefined);
  };
  const nudge = (name: string, { x, y }: Point) => {
    const from = held?.name === name ? held.at : placementOf(name);
    if (!from) return;
    if (!held) take(name);
    hold(name, handFor(name)?.stepped(from, { x, y }) ?? from, undefined);
  };
  const later = useRef(putDown);
  useEffect(() => {
    later.current = putDown;
  });
  useEffect(() => {
    if (!held?.byKeys) return;
    const timer = setTimeout(() => later.current(), PUT_DOWN_MS);
    return () => clearTimeout(timer);
  }, [held]);

  const withChosen = (act: (one: Placement, own: Hand) => void) => () => {
    const own = chosen === undefined ? undefined : handFor(chosen);
    if (!chosenOne || !own) return;
    onTaken();
    act(chosenOne, own);
  };
  return {
    pinned,
    held,
    chosen: chosenOne,
    swapping,
    called,
    /** Chooses one, or exchanges it with the one chosen before where that was asked for. */
    choose: (name: string) => {
      const other = placementOf(name);
      if (swapping && chosenOne && other && chosen !== name && layout) {
        keep(
          `${called(name)} and ${called(nameOf(chosenOne))} exchanged`,
          exchanged(problem, layout.placements, [chosenOne, other]),
          [name, nameOf(chosenOne)],
        );
      }
      setSwapping(false);
      take(name);
    },
    take,
    drag: (name: string, to: Point, reachMm: number) => hold(name, to, reachMm),
    nudge,
    putDown,
    turn: withChosen((one) => change(`${called(nameOf(one))} turned`, turnedOn(problem, one))),
    pushClose: withChosen((one, own) => change(`${called(nameOf(one))} pushed close`, own.pushedClose())),
    swap: () => setSwapping((now) => !now),
    pin: withChosen((one) => {
      if (!layout) return;
      const name = nameOf(one);
      const stay = new Set(pinned);
      if (!stay.delete(name)) stay.add(name);
      const what = `${called(name)} ${stay.has(name) ? 'stays' : 'let go'}`;
      onKeep(what, layout.placements, stay);
    }),
    letAllGo: () => layout && onKeep('All pieces let go', layout.placements, new Set()),
  };
}

/** What copies are called: their piece, with its number where there are more of it. */
export const useCalled = (
  pieces: readonly { readonly id: string; readonly label: string; readonly count: number }[],
): ((name: string) => string) =>
  useMemo(() => {
    const names = new Map(
      pieces.flatMap(({ id, label, count }) =>
        Array.from({ length: count }, (_, nth): [string, string] => [
          nameOf({ piece: id, copy: nth + 1 }),
          count > 1 ? `${label} ${nth + 1}` : label,
        ]),
      ),
    );
    return (name) => names.get(name) ?? name;
  }, [pieces]);

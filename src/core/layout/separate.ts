import { shuffled, type Random } from './random';
import type { Spot } from './level';
import type { Strip } from './strip';

/** How fast the weights of two that overlap grow, those that overlap least and most, and others fall back (from memory). */
const GROW_LEAST = 1.2;
const GROW_MOST = 2;
const FALL = 0.95;
/** A round that leaves less than this share of the least overlap so far is worth going on for. */
const BETTER = 0.98;

/**
 * Moves overlapping copies, each to where it costs least, until none overlap: guided local search, in which the weights of
 * those that stay overlapped grow. Ends after `patience` rounds without less overlap. Leaves the strip with the least
 * overlap found; gives whether that is none. Yields after every round.
 */
export function* separating(strip: Strip, random: Random, patience: number): Generator<void, boolean> {
  strip.weights.fill(1);
  let least = strip.total();
  let best: readonly Spot[] = [...strip.spots];
  for (let idle = 0; least > 0 && idle < patience; idle += 1) {
    const overlapping = strip.free.filter((item) => strip.costOf(item, false) > 0);
    for (const item of shuffled(overlapping, random)) {
      const now = strip.costOf(item, true);
      const found = now > 0 ? strip.best(item) : undefined;
      if (found && found.cost < now) strip.lay(item, found);
    }
    const total = strip.total();
    if (total < least) {
      if (total < BETTER * least) idle = 0;
      least = total;
      best = [...strip.spots];
    }
    weigh(strip);
    yield;
  }
  best.forEach((spot, item) => {
    if (strip.spots[item] !== spot) strip.lay(item, spot);
  });
  return least === 0;
}

function weigh({ weights, overlaps }: Strip): void {
  let most = 0;
  for (const deep of overlaps) if (deep > most) most = deep;
  for (let at = 0; at < weights.length; at += 1) {
    const deep = overlaps[at]!;
    weights[at] =
      deep > 0
        ? weights[at]! * (GROW_LEAST + ((GROW_MOST - GROW_LEAST) * deep) / most)
        : Math.max(1, weights[at]! * FALL);
  }
}

/** Numbers from 0 up to 1 that look random, the same for a seed (mulberry32, public domain, from memory). */
export type Random = () => number;

export function randomFrom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The same things in another order. */
export function shuffled<T>(things: readonly T[], random: Random): T[] {
  const all = [...things];
  for (let at = all.length - 1; at > 0; at -= 1) {
    const other = Math.floor(random() * (at + 1));
    [all[at], all[other]] = [all[other] as T, all[at] as T];
  }
  return all;
}

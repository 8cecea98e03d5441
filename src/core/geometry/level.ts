import type { Segment } from './segment';

/** Places on a level line are found this nearly, as a share of the curve. */
const NEAR = 1e-12;
const MOST_ROUNDS = 60;
const NONE: readonly number[] = [];

/**
 * The places, x in mm, at which a segment crosses the level line at a height. A segment that ends on the line counts as above
 * it, so that a ring crosses every line an even number of times.
 */
export function crossingsOfLevel(segment: Segment, y: number): readonly number[] {
  const { from, to } = segment;
  if (segment.kind === 'line') {
    if (from.y <= y === to.y <= y) return NONE;
    return [from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x)];
  }
  const { c1, c2 } = segment;
  // A curve goes no further than its handles.
  if (Math.max(from.y, c1.y, c2.y, to.y) < y || Math.min(from.y, c1.y, c2.y, to.y) > y) return NONE;
  const [a, b, c] = [
    to.y - 3 * c2.y + 3 * c1.y - from.y,
    3 * (c2.y - 2 * c1.y + from.y),
    3 * (c1.y - from.y),
  ];
  const heightAt = (t: number): number => ((a * t + b) * t + c) * t + from.y;
  const stops = [0, ...turningPoints(3 * a, 2 * b, c), 1];
  const found: number[] = [];
  for (let nth = 1; nth < stops.length; nth += 1) {
    let [low, high] = [stops[nth - 1] as number, stops[nth] as number];
    const start = low === 0 ? from.y : heightAt(low);
    const end = high === 1 ? to.y : heightAt(high);
    if (start <= y === end <= y) continue;
    // Between two turning points it only rises or only falls.
    const rises = end > start;
    let t = low + ((y - start) / (end - start)) * (high - low);
    for (let round = 0; round < MOST_ROUNDS && high - low > NEAR; round += 1) {
      const off = heightAt(t) - y;
      if (off === 0) break;
      if (off > 0 === rises) high = t;
      else low = t;
      const next = t - off / ((3 * a * t + 2 * b) * t + c);
      const better = next > low && next < high ? next : (low + high) / 2;
      if (Math.abs(better - t) < NEAR) break;
      t = better;
    }
    const s = 1 - t;
    found.push(s * s * s * from.x + 3 * s * s * t * c1.x + 3 * s * t * t * c2.x + t * t * t * to.x);
  }
  return found;
}

/** Where a·t² + b·t + c is nothing between 0 and 1, rising. */
function turningPoints(a: number, b: number, c: number): readonly number[] {
  const inside = (t: number): boolean => t > 0 && t < 1;
  if (a === 0) return b === 0 ? NONE : [-c / b].filter(inside);
  const under = b * b - 4 * a * c;
  if (under <= 0) return NONE;
  const root = Math.sqrt(under);
  // The sum of two numbers of one sign, so that nothing is lost where they are nearly alike.
  const q = -(b + (b < 0 ? -root : root)) / 2;
  return [q / a, q === 0 ? 0 : c / q].filter(inside).toSorted((x, z) => x - z);
}

import type { Mask } from './mask';
import { withRows, type OffsetMap, type Offsets } from './offsets';

const FAR = 1e9;

/**
 * How deep `moving` lies in `still` at offsets: how far it has to be moved until they are apart, in cells (the distance to
 * the edge of the no-fit region). Beyond the offsets is taken for free: near their edge depths are the least they can be.
 */
export function depthMap(moving: Mask, still: Mask, offsets: Offsets): OffsetMap {
  const { x0, y0, wide, high } = offsets;
  const squares = new Float64Array(wide * high);
  const changes = new Int32Array(wide + 1);
  for (let v = 0; v < high; v += 1) {
    changes.fill(0);
    const y = y0 + v;
    const last = Math.min(moving.rows, still.rows - y);
    for (let row = Math.max(0, -y); row < last; row += 1) {
      const other = row + y;
      for (let m = moving.starts[row]!; m < moving.starts[row + 1]!; m += 1) {
        const [from, to] = [moving.from[m]! + x0, moving.to[m]! + x0];
        for (let k = still.starts[other]!; k < still.starts[other + 1]!; k += 1) {
          const first = Math.max(0, still.from[k]! - to + 1);
          const end = Math.min(wide, still.to[k]! - from);
          if (first >= end) continue;
          changes[first]! += 1;
          changes[end]! -= 1;
        }
      }
    }
    let over = 0;
    const at = v * wide;
    for (let x = 0; x < wide; x += 1) {
      over += changes[x]!;
      if (over > 0) squares[at + x] = FAR;
    }
  }
  const depths = new Float32Array(wide * high);
  distanceSquares(squares, wide, high);
  for (let at = 0; at < depths.length; at += 1) if (squares[at]! > 0) depths[at] = Math.sqrt(squares[at]!);
  return withRows(offsets, depths);
}

/** Squares of the distance to the nearest cell that is 0, or beyond the edge (S: Felzenszwalb and Huttenlocher 2012, from memory). */
function distanceSquares(squares: Float64Array, wide: number, high: number): void {
  const longest = Math.max(wide, high) + 2;
  const line = new Float64Array(longest);
  const places = new Int32Array(longest);
  const bounds = new Float64Array(longest + 1);
  for (let x = 0; x < wide; x += 1) along(x, wide, high);
  for (let y = 0; y < high; y += 1) along(y * wide, 1, wide);

  /** One line of cells, with a free one beyond either end. */
  function along(start: number, step: number, count: number): void {
    let inside = false;
    for (let at = 0; at < count; at += 1) {
      const square = squares[start + at * step]!;
      line[at + 1] = square;
      if (square > 0) inside = true;
    }
    if (!inside) return;
    line[0] = 0;
    line[count + 1] = 0;
    let last = 0;
    places[0] = 0;
    bounds[0] = -Infinity;
    bounds[1] = Infinity;
    for (let here = 1; here < count + 2; here += 1) {
      if (line[here]! >= FAR) continue;
      let cut = crossing(here, places[last]!);
      while (cut <= bounds[last]!) {
        last -= 1;
        cut = crossing(here, places[last]!);
      }
      last += 1;
      places[last] = here;
      bounds[last] = cut;
      bounds[last + 1] = Infinity;
    }
    for (let here = 1, nth = 0; here <= count; here += 1) {
      while (bounds[nth + 1]! < here) nth += 1;
      const place = places[nth]!;
      squares[start + (here - 1) * step] = (here - place) * (here - place) + line[place]!;
    }
  }
  function crossing(here: number, place: number): number {
    return (line[here]! + here * here - line[place]! - place * place) / (2 * (here - place));
  }
}

import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';
import { boundsOfPoints } from '../src/core/geometry/ring';
import { kindOf } from '../src/core/garments/kindOf';
import { Hand } from '../src/core/layout/hand';
import { Searching } from '../src/core/layout/progress';
import { areaOfPieces, type LayoutPiece, type LayoutProblem } from '../src/core/layout/problem';
import { randomFrom, shuffled } from '../src/core/layout/random';
import { jigsaw } from '../src/core/layout/testJigsaws';
import { piecesOnCloth } from '../src/core/onCloth/garmentPieces';
import { toLayOut } from '../src/core/onCloth/toLayOut';
import { planGarment } from '../src/core/plan/planGarment';
import { TODAY, demoFacts } from '../tests/demoFacts';

const WIDE_MM = 1500;
const LONG_MM = 1200;
const MANY = [12, 16, 20, 25, 30, 35, 40] as const;

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[values.length >> 1] ?? NaN;

const jigsawOf = (many: number, turns: readonly number[]): LayoutProblem => ({
  widthMm: WIDE_MM,
  gapMm: 0,
  pieces: shuffled(jigsaw(many, many, WIDE_MM, LONG_MM), randomFrom(many)).map((ring, nth) => ({
    id: `${nth}`,
    ring,
    count: 1,
    turns,
  })),
});

/** Use of the cloth on jigsaws of 12 to 40 pieces, as drawn and turned by half, after 1 s and 10 s on one core, medians; seconds to the first layout, the longest. */
export function jigsawUse(): {
  readonly after1: number;
  readonly after10: number;
  readonly firstSeconds: number;
} {
  const runs = MANY.flatMap((many) =>
    [[0], [0, 180]].map((turns) => {
      const start = performance.now();
      const seconds = () => (performance.now() - start) / 1000;
      const search = new Searching(jigsawOf(many, turns), 1);
      search.goOn(({ best }) => best === undefined);
      const first = many <= 20 ? seconds() : 0;
      const use = () => LONG_MM / (search.progress.best?.lengthMm ?? Infinity);
      search.goOn(() => seconds() < 1);
      const after1 = use();
      search.goOn(() => seconds() < 10 && use() < 0.98);
      return { first, after1, after10: use() };
    }),
  );
  return {
    after1: median(runs.map((run) => run.after1)),
    after10: median(runs.map((run) => run.after10)),
    firstSeconds: Math.max(...runs.map((run) => run.first)),
  };
}

/** Steps that a garment is laid out for. */
const STEPS = 1500;
const MOST_MM = 6000;
const BY_MM = 5;

/** Lengths of the demo’s garments of drawn pieces over those of a rectangle packer (maxrects-packer), median; and over the least there can be. */
export function garmentLengths(): {
  readonly overRectangles: number;
  readonly overLeast: number;
  readonly many: number;
} {
  const found = demoFacts().flatMap(([, facts]) => {
    const plan = planGarment(facts, { onDate: TODAY });
    const kind = kindOf(facts.garment, facts.ownKind);
    return piecesOnCloth({ facts, kind, plan, onDate: TODAY }).flatMap(({ cloth, pieces }) => {
      const asked = toLayOut(pieces, { widthMm: cloth?.widthMm, cutWith: 'rotary' });
      const drawn = pieces.some(({ id }) => kind.shapes.some((shape) => shape.id === id));
      if (!asked.ok || !drawn || pieces.some(({ standsIn }) => standsIn)) return [];
      const { best } = new Searching(asked.problem, 1).goOn(({ steps }) => steps < STEPS);
      if (!best) return [];
      const least = Math.max(areaOfPieces(pieces) / asked.problem.widthMm, ...pieces.map(heightOf));
      return [{ overRectangles: best.lengthMm / packedMm(asked.problem), overLeast: best.lengthMm / least }];
    });
  });
  return {
    overRectangles: median(found.map((one) => one.overRectangles)),
    overLeast: median(found.map((one) => one.overLeast)),
    many: found.length,
  };
}

/** Pieces in the hand’s way, moves, and what is left out until the machine knows the way. */
const IN_THE_WAY = 60;
const MOVES = 300;
const WARM = 60;
const REACH_MM = 20;

/** What a move of a piece that is dragged among 60 takes, ms: snapped to what it touches, and what it lies on; the mean and the longest. */
export function dragTimes(): { readonly meanMs: number; readonly worstMs: number } {
  const many = jigsaw(IN_THE_WAY, IN_THE_WAY, WIDE_MM, LONG_MM);
  const problem: LayoutProblem = {
    widthMm: 1.2 * WIDE_MM,
    gapMm: 3,
    pieces: many.map((ring, nth) => ({ id: `${nth}`, ring, count: 1 })),
  };
  const { best } = new Searching(problem, 1).goOn((now) => !now.best);
  const held = best?.placements[0];
  if (!best || !held) throw new Error('expected a layout to drag in, found none');
  const hand = new Hand(problem, best.placements, held);
  const times = Array.from({ length: MOVES }, (_, nth) => {
    const start = performance.now();
    const way = (nth / MOVES) * 2 * Math.PI;
    const at = { x: held.x + 300 * Math.sin(way), y: held.y + 400 * Math.sin(3 * way) };
    hand.crossing(hand.snapped(at, REACH_MM));
    return performance.now() - start;
  }).slice(WARM);
  return {
    meanMs: times.reduce((sum, ms) => sum + ms, 0) / times.length,
    worstMs: Math.max(...times),
  };
}

const heightOf = ({ ring }: LayoutPiece): number => {
  const { top, bottom } = boundsOfPoints(ring);
  return bottom - top;
};

/** The shortest strip that the rectangle packer lays the boxes of all pieces on. */
function packedMm({ widthMm, gapMm, pieces }: LayoutProblem): number {
  const boxes = pieces.flatMap((piece) => {
    const { left, right } = boundsOfPoints(piece.ring);
    return Array.from({ length: piece.count }, () => ({ width: right - left, height: heightOf(piece) }));
  });
  for (let long = BY_MM; long < MOST_MM; long += BY_MM) {
    const packer = new MaxRectsPacker(widthMm, long, gapMm, { smart: false, pot: false, square: false });
    for (const { width, height } of boxes) packer.add(width, height, {});
    const [bin] = packer.bins;
    if (packer.bins.length === 1 && bin && bin.width <= widthMm && bin.height <= long) return long;
  }
  return Infinity;
}

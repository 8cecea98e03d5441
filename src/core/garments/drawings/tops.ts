import type { Figure } from './figure';
import { edge, zone, type GarmentDrawing, type Shape } from './garmentDrawing';
import { belt, both, closed, dot, path, type Dot } from './pen';

/** A sleeve from the shoulder: how long, how wide at its end, and how much it hangs away from the body. */
interface Sleeve {
  readonly length: number;
  readonly end: number;
  readonly flounce?: number;
}

interface Top {
  readonly f: Figure;
  readonly neckFront: number;
  readonly neckBack: number;
  readonly neckWidth?: number;
  readonly pointed?: boolean;
  readonly sleeve?: Sleeve;
  readonly width: number;
  readonly waist: number;
  readonly hemY: number;
  readonly hem: number;
}

/** Sleeves hang at this angle below level. */
const SLOPE = 0.96;

interface Arms {
  readonly outer: Dot;
  readonly inner: Dot;
  readonly middle: Dot;
}

function armsOf({ f, width }: Top, { length, end }: Sleeve): Arms {
  const [cos, sin] = [Math.cos(SLOPE), Math.sin(SLOPE)];
  const [ox, oy] = [f.shoulder + length * cos, f.shoulderDrop + length * sin];
  const outer = dot(ox, oy);
  const inner = dot(ox - 2 * end * sin, oy + 2 * end * cos);
  const middle = dot((f.shoulder + ox + width) / 3 + f.arm * 0.4, (f.shoulderDrop + oy + f.armY) / 3 + 1);
  return { outer, inner, middle };
}

const neckOf = ({ f, neckWidth }: Top): number => neckWidth ?? f.neck + 1.2;

const neckLine = (top: Top, depth: number): readonly Dot[] => {
  const half = neckOf(top);
  return top.pointed && depth > 4
    ? [dot(0, depth), dot(half, 0)]
    : [dot(0, depth), dot(half, 0, [half * 0.9, depth])];
};

function halfOf(top: Top, depth: number): readonly Dot[] {
  const { f, width, waist, hemY, hem, sleeve } = top;
  const arms = sleeve && armsOf(top, sleeve);
  const flounce = sleeve?.flounce ?? 0;
  const side =
    hemY > f.waistY * 0.9
      ? [dot(waist, f.waistY, [width, f.waistY * 0.75]), dot(hem, hemY, [hem, (f.waistY + hemY) / 2])]
      : [dot(hem, hemY)];
  return [
    ...neckLine(top, depth),
    dot(f.shoulder, f.shoulderDrop),
    ...(arms
      ? [
          dot(arms.outer.x + flounce, arms.outer.y),
          dot(arms.inner.x - flounce * 0.4, arms.inner.y + flounce * 0.8),
          dot(width, f.armY),
        ]
      : [dot(width, f.armY, [f.shoulder - 1.5, f.armY * 0.85])]),
    ...side,
    dot(0, hemY),
  ];
}

const neckEdge = (top: Top, depth: number): string => both(neckLine(top, depth));
const armhole = ({ f, width }: Top): string =>
  both([dot(f.shoulder, f.shoulderDrop), dot(width, f.armY, [f.shoulder - 1.6, f.armY * 0.8])]);
const sleeveEdge = ({ outer, inner }: Arms): string => both([outer, inner]);
const armBand = (top: Top): string => {
  const { f, width } = top;
  const [cos, sin] = [Math.cos(SLOPE), Math.sin(SLOPE)];
  const along = f.armY * 0.62;
  const [x, y] = [f.shoulder + along * cos, f.shoulderDrop + along * sin];
  return both([dot(x, y), dot(Math.max(x - 2 * f.arm * sin, width + 0.4), y + 2 * f.arm * cos * 0.8)]);
};
const shoulderLine = (top: Top): string =>
  both([dot(neckOf(top), 0), dot(top.f.shoulder, top.f.shoulderDrop)]);
const hemLine = ({ hemY, hem }: Top): string => path([dot(-hem, hemY), dot(hem, hemY)]);
const insideHem = ({ hemY, hem }: Top): string => path([dot(-hem, hemY - 1.3), dot(hem, hemY - 1.3)]);

const reach = (top: Top): number =>
  Math.max(top.sleeve ? armsOf(top, top.sleeve).outer.x + (top.sleeve.flounce ?? 0) : 0, top.hem, top.width) +
  2;

function topDrawing(
  top: Top,
  front: readonly Shape[],
  back: readonly Shape[],
  seams: { readonly front?: readonly string[]; readonly back?: readonly string[] } = {},
): GarmentDrawing {
  const arms = top.sleeve ? [armhole(top)] : [];
  return {
    half: reach(top),
    top: -2,
    foot: Math.max(top.hemY, top.sleeve ? armsOf(top, top.sleeve).inner.y : 0) + 2,
    front: {
      outline: closed(halfOf(top, top.neckFront)),
      seams: [...(seams.front ?? arms)],
      stitching: [insideHem(top)],
      shapes: front,
    },
    back: {
      outline: closed(halfOf(top, top.neckBack)),
      seams: [...(seams.back ?? arms)],
      stitching: [insideHem(top)],
      shapes: back,
    },
  };
}

export function drawTee(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 7,
    neckBack: 2,
    sleeve: { length: f.armY * 0.95, end: f.arm * 1.05 },
    width: f.bust + 1.5,
    waist: f.waist + 3,
    hemY: f.hipY + 1,
    hem: f.hip + 1.5,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  return topDrawing(
    top,
    [edge('neckline', neckEdge(top, 7)), edge('sleeve-hem', sleeveEdge(arms)), edge('hem', hemLine(top))],
    [
      edge('shoulder', shoulderLine(top)),
      zone('bust', belt(f.bustY, top.width)),
      zone('waist', belt(f.waistY, top.waist)),
      zone('hip', belt(f.hipY - 3, top.hem)),
      zone('biceps', armBand(top)),
    ],
  );
}

export function drawBoundTee(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 8.5,
    neckBack: 3,
    neckWidth: f.neck + 2.4,
    sleeve: { length: f.armY * 0.45, end: f.arm * 1.2 },
    width: f.bust + 1,
    waist: f.waist + 2,
    hemY: f.kneeY - 8,
    hem: f.hip + 3.5,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  return topDrawing(
    top,
    [edge('neckline', neckEdge(top, 8.5)), edge('sleeve-hem', sleeveEdge(arms)), edge('hem', hemLine(top))],
    [zone('bust', belt(f.bustY, top.width)), zone('hip', belt(f.hipY, f.hip + 2))],
    { front: [], back: [] },
  );
}

export function drawRaglan(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 7.5,
    neckBack: 2.4,
    sleeve: { length: f.armLength * 0.98, end: f.wrist * 1.25 },
    width: f.bust + 3.5,
    waist: f.waist + 6,
    hemY: f.hipY - 2,
    hem: f.hip + 0.5,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  const from = neckOf(top) * 0.72;
  const raglan = (depth: number) =>
    both([dot(from, depth * 0.55), dot(top.width, f.armY + 1.5, [top.width * 0.62, f.armY * 0.55])]);
  const cuff = both([
    dot(arms.outer.x - 3.4, arms.outer.y - 4.9),
    dot(arms.inner.x - 3.4, arms.inner.y - 4.9),
  ]);
  return topDrawing(
    top,
    [edge('neckline', neckEdge(top, 7.5)), edge('cuff', sleeveEdge(arms)), edge('hem', hemLine(top))],
    [
      zone('bust', belt(f.bustY + 2, top.width)),
      zone('hip', belt(f.hipY - 8, top.hem + 1)),
      zone('biceps', armBand(top)),
      zone('wrist', cuff),
    ],
    { front: [raglan(7.5)], back: [raglan(2.4)] },
  );
}

/** A rippling line: a row of small waves. */
function ripple(from: Dot, to: Dot): readonly Dot[] {
  const waves = 12;
  return Array.from({ length: waves + 1 }, (_, nth) => {
    const share = nth / waves;
    const [x, y] = [from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share];
    const step = 0.5 / waves;
    const [cx, cy] = [x - (to.x - from.x) * step, y - (to.y - from.y) * step];
    return nth === 0 ? dot(x, y) : dot(x, y, [cx, cy + (nth % 2 === 0 ? 1.4 : -1.4)]);
  });
}

export function drawLettuceTop(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 6.5,
    neckBack: 2,
    sleeve: { length: f.armY * 0.7, end: f.arm },
    width: f.bust + 0.8,
    waist: f.waist + 1,
    hemY: f.underbustY + 4,
    hem: f.underbust + 1.2,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  return topDrawing(
    top,
    [
      edge('neckline', neckEdge(top, 6.5)),
      edge('sleeve-edge', both(ripple(arms.outer, arms.inner))),
      edge('lower-edge', path(ripple(dot(-top.hem, top.hemY), dot(top.hem, top.hemY)))),
    ],
    [zone('bust', belt(f.bustY, top.width))],
  );
}

export function drawShapedBlouse(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 6,
    neckBack: 1.8,
    sleeve: { length: f.armLength * 0.62, end: f.arm * 0.9, flounce: 6 },
    width: f.bust + 1.2,
    waist: f.waist + 1.8,
    hemY: f.hipY - 3,
    hem: f.hip + 0.8,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  const half = neckOf(top);
  const panels = both([dot(half + 2.5, 1.2), dot(half + 1, top.hemY, [half - 1, f.waistY])]);
  const seam = both([dot(arms.outer.x - 5, arms.outer.y - 7), dot(arms.inner.x - 4.6, arms.inner.y - 6.4)]);
  return topDrawing(
    top,
    [
      edge('collar', both([dot(0, 6), dot(half * 0.6, 9.5), dot(half + 3, 2.4), dot(half, 0)])),
      edge(
        'flounce',
        both([dot(arms.outer.x + 6, arms.outer.y), dot(arms.inner.x - 2.4, arms.inner.y + 4.8)]),
      ),
      edge('hem', hemLine(top)),
    ],
    [
      edge('shoulder', shoulderLine(top)),
      zone('bust', belt(f.bustY, top.width)),
      zone('biceps', armBand(top)),
    ],
    { front: [armhole(top), panels, seam], back: [armhole(top), seam] },
  );
}

export function drawCollarPullover(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 15,
    neckBack: 2,
    pointed: true,
    sleeve: { length: f.armLength * 0.95, end: f.wrist * 1.6 },
    width: f.bust + 2.2,
    waist: f.waist + 4,
    hemY: f.hipY + 3,
    hem: f.hip + 2,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  const half = neckOf(top);
  const collar = both([dot(half, 0), dot(half + 6.5, 5), dot(half * 0.5, 17), dot(0, 15)]);
  return topDrawing(
    top,
    [edge('neckline', neckEdge(top, 15)), edge('sleeve-hem', sleeveEdge(arms)), edge('hem', hemLine(top))],
    [zone('bust', belt(f.bustY, top.width)), zone('hip', belt(f.hipY - 2, top.hem))],
    { front: [armhole(top), collar], back: [armhole(top)] },
  );
}

export function drawCardigan(f: Figure): GarmentDrawing {
  const top: Top = {
    f,
    neckFront: 20,
    neckBack: 2,
    pointed: true,
    sleeve: { length: f.armLength, end: f.wrist * 1.4 },
    width: f.bust + 4,
    waist: f.waist + 7,
    hemY: f.crotchY + 14,
    hem: f.hip + 4.5,
  };
  const arms = armsOf(top, top.sleeve as Sleeve);
  const half = neckOf(top);
  const band = both([dot(half, 0), dot(1.6, 20), dot(1.6, top.hemY)]);
  const pocket = both([
    dot(6, f.hipY),
    dot(6 + top.hem * 0.5, f.hipY),
    dot(6 + top.hem * 0.5, f.hipY + 13),
    dot(6, f.hipY + 13),
    dot(6, f.hipY),
  ]);
  const cuff = both([
    dot(arms.outer.x - 3.4, arms.outer.y - 4.9),
    dot(arms.inner.x - 3.4, arms.inner.y - 4.9),
  ]);
  return topDrawing(
    top,
    [edge('front-band', band), edge('cuff', sleeveEdge(arms)), edge('hem', hemLine(top))],
    [
      edge('shoulder', shoulderLine(top)),
      zone('bust', belt(f.bustY, top.width)),
      zone('biceps', armBand(top)),
      zone('wrist', cuff),
    ],
    { front: [armhole(top), pocket], back: [armhole(top)] },
  );
}

/** A neck with nothing else: the body it goes on is only hinted at. */
export function drawKnitBand(f: Figure): GarmentDrawing {
  const half = f.neck + 2.2;
  const side = (depth: number): readonly Dot[] => [
    dot(0, depth),
    dot(half, 0, [half * 0.9, depth]),
    dot(f.shoulder * 0.9, f.shoulderDrop * 0.8),
    dot(f.shoulder * 0.7, 17, [f.shoulder * 0.62, 9]),
    dot(0, 18.5, [f.shoulder * 0.3, 19]),
  ];
  const outer = (depth: number) => both([dot(0, depth + 2.6), dot(half + 2, 0.6, [half + 1.4, depth + 2.2])]);
  return {
    half: f.shoulder + 2,
    top: -2,
    foot: 20,
    front: {
      outline: closed(side(8)),
      seams: [outer(8)],
      shapes: [edge('neckline', both([dot(0, 8), dot(half, 0, [half * 0.9, 8])]))],
    },
    back: {
      outline: closed(side(3)),
      seams: [outer(3)],
      shapes: [zone('neck', both([dot(0, 5.6), dot(half + 2, 0.6, [half + 1.4, 5.2])]))],
    },
  };
}

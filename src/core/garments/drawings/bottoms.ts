import type { Figure } from './figure';
import { edge, zone, type GarmentDrawing } from './garmentDrawing';
import { belt, belts, both, closed, dot, path, plumb, type Dot } from './pen';

/** Legs stand apart so that both can be seen. */
const GAP = 1;

interface Legs {
  readonly f: Figure;
  readonly topY: number;
  readonly top: number;
  readonly seat: number;
  readonly footY: number;
  /** Half widths of a leg at thigh, knee and foot. */
  readonly thigh: number;
  readonly knee: number;
  readonly foot: number;
}

/** The middle of a leg at a height: legs lean out from the crotch a little. */
const legX = (y: number, { f, thigh }: Legs): number => GAP + thigh + ((y - f.crotchY) / 60) * 2;

function legsOutline(legs: Legs): string {
  const { f, topY, top, seat, footY, thigh, knee, foot } = legs;
  const long = footY > f.kneeY + 4;
  const kneeX = legX(f.kneeY, legs);
  const footX = legX(footY, legs);
  const half: readonly Dot[] = [
    dot(0, topY),
    dot(top, topY),
    dot(Math.max(seat, legX(f.crotchY, legs) + thigh), f.hipY, [seat, (topY + f.hipY) / 2]),
    ...(long ? [dot(kneeX + knee, f.kneeY)] : []),
    dot(footX + foot, footY),
    dot(footX - foot, footY),
    ...(long ? [dot(kneeX - knee, f.kneeY)] : []),
    dot(GAP * 0.6, f.crotchY + 1.5),
    dot(0, f.crotchY),
  ];
  return closed(half);
}

const legHems = (legs: Legs): string => belts(legX(legs.footY, legs), legs.footY, legs.foot, 0);
const band = (y: number, half: number): string => path([dot(-half, y), dot(half, y)]);

export function drawLeggings(f: Figure): GarmentDrawing {
  const legs: Legs = {
    f,
    topY: f.waistY - 2,
    top: f.waist + 0.6,
    seat: f.hip,
    footY: f.ankleY - 2,
    thigh: f.thigh,
    knee: f.knee,
    foot: f.ankle,
  };
  const outline = legsOutline(legs);
  const waist = band(legs.topY + 4, f.waist + 1.4);
  const at = (y: number, half: number) => belts(legX(y, legs), y, half);
  return {
    half: f.hip + 4,
    top: legs.topY - 2,
    foot: legs.footY + 2,
    front: {
      outline,
      seams: [waist, plumb(0, legs.topY + 4, f.crotchY)],
      shapes: [
        edge('waist', band(legs.topY, legs.top)),
        edge('leg-hem', legHems(legs)),
        zone('thigh', at(f.crotchY + 4, f.thigh)),
        zone('calf', at(f.calfY, (f.calf + f.knee) / 2)),
      ],
    },
    back: {
      outline,
      seams: [waist],
      shapes: [
        zone('waist', belt(legs.topY + 2, f.waist + 1)),
        zone('hip', belt(f.hipY, f.hip)),
        zone('rise', plumb(0, legs.topY + 4.6, f.crotchY - 0.6)),
        zone('knee', at(f.kneeY, f.knee)),
        zone('ankle', at(legs.footY - 3, f.ankle + 0.4)),
      ],
    },
  };
}

export function drawFoldoverTrousers(f: Figure): GarmentDrawing {
  const legs: Legs = {
    f,
    topY: f.waistY,
    top: f.waist + 2,
    seat: f.hip + 0.6,
    footY: f.ankleY + 1,
    thigh: f.thigh + 0.8,
    knee: f.knee + 1.4,
    foot: f.knee + 3,
  };
  const outline = legsOutline(legs);
  const fold = band(legs.topY + 9, f.hip - 0.4);
  return {
    half: Math.max(f.hip + 4, legX(legs.footY, legs) + legs.foot + 2),
    top: legs.topY - 2,
    foot: legs.footY + 2,
    front: {
      outline,
      seams: [fold],
      shapes: [edge('waist', band(legs.topY, legs.top)), edge('leg-hem', legHems(legs))],
    },
    back: {
      outline,
      seams: [fold],
      shapes: [
        zone('waist', belt(legs.topY + 3, f.waist + 2.4)),
        zone('hip', belt(f.hipY, f.hip)),
        zone('inseam', both([dot(GAP, f.crotchY + 2), dot(legX(legs.footY, legs) - legs.foot, legs.footY)])),
      ],
    },
  };
}

export function drawBoxerBriefs(f: Figure): GarmentDrawing {
  const legs: Legs = {
    f,
    topY: f.waistY + 4,
    top: f.waist + 1.6,
    seat: f.hip,
    footY: f.crotchY + 11,
    thigh: f.thigh,
    knee: f.thigh,
    foot: f.thigh * 0.96,
  };
  const outline = legsOutline(legs);
  const plush = band(legs.topY + 3.6, f.waist + 2.4);
  const pouch: readonly Dot[] = [
    dot(f.pouch * 0.75, legs.topY + 3.6),
    dot(f.pouch * 1.15, f.crotchY - 3, [f.pouch * 1.5, f.hipY - 4]),
    dot(0.6, f.crotchY, [f.pouch * 0.9, f.crotchY]),
  ];
  return {
    half: f.hip + 4,
    top: legs.topY - 2,
    foot: legs.footY + 2,
    front: {
      outline,
      seams: [plush, both(pouch), plumb(0, legs.topY + 3.6, f.crotchY)],
      shapes: [
        edge('waist', band(legs.topY, legs.top)),
        edge('leg', legHems(legs)),
        zone(
          'pouch',
          path([dot(-f.pouch * 1.2, f.hipY - 3), dot(f.pouch * 1.2, f.hipY - 3, [0, f.hipY - 0.4])]),
        ),
      ],
    },
    back: {
      outline,
      seams: [plush],
      shapes: [
        zone('waist', belt(legs.topY + 1.8, f.waist + 2)),
        zone('hip', belt(f.hipY - 2, f.hip)),
        zone('thigh', belts(legX(f.crotchY + 6, legs), f.crotchY + 6, f.thigh)),
      ],
    },
  };
}

interface Brief {
  readonly topY: number;
  readonly top: number;
  readonly side: number;
  readonly crotch: number;
  /** How high the leg is cut: 0 low, 1 up to the top edge. */
  readonly front: number;
}

function briefHalf(f: Figure, { topY, top, side, crotch, front }: Brief, dip: number): readonly Dot[] {
  return [
    dot(0, topY + dip),
    dot(top, topY, [top * 0.6, topY + dip * 0.8]),
    dot(top + 0.8, topY + side),
    dot(crotch, f.crotchY, [top * (1 - front), f.crotchY - 4]),
    dot(0, f.crotchY + 0.8),
  ];
}

const legLine = (f: Figure, { topY, top, side, crotch, front }: Brief): string =>
  both([dot(top + 0.8, topY + side), dot(crotch, f.crotchY, [top * (1 - front), f.crotchY - 4])]);

const topLine = ({ topY, top }: Brief, dip: number): string =>
  both([dot(0, topY + dip), dot(top, topY, [top * 0.6, topY + dip * 0.8])]);

export function drawLacePanties(f: Figure): GarmentDrawing {
  const topY = f.hipY - 9;
  const front: Brief = { topY, top: f.lowHip * 0.66, side: 1.6, crotch: 3, front: 0.55 };
  const back: Brief = { ...front, crotch: 3.4, front: 0.32 };
  const scallop = both([dot(0, topY + 1.8), dot(front.top, topY, [front.top * 0.6, topY + 3.2])]);
  return {
    half: f.lowHip + 4,
    top: topY - 3,
    foot: f.crotchY + 3,
    front: {
      outline: closed(briefHalf(f, front, 1.2)),
      seams: [path([dot(-4, f.crotchY - 3.4), dot(4, f.crotchY - 3.4, [0, f.crotchY - 4.4])]), scallop],
      shapes: [
        edge('top', topLine(front, 1.2)),
        edge('leg', legLine(f, front)),
        edge('side-strap', both([dot(front.top + 0.4, topY + 0.8), dot(f.lowHip + 1, topY - 0.4)])),
      ],
    },
    back: {
      outline: closed(briefHalf(f, back, 0.8)),
      seams: [
        plumb(0, topY + 0.8, f.crotchY),
        both([dot(back.top + 0.4, topY + 0.8), dot(f.lowHip + 1, topY - 0.4)]),
      ],
      shapes: [
        edge('back-top', topLine(back, 0.8)),
        zone('low-hip', belt(topY + 2.6, back.top)),
        zone(
          'leg',
          both([dot(back.top - 1, topY + 5), dot(4.6, f.crotchY - 1.4, [back.top * 0.55, f.crotchY - 5])]),
        ),
      ],
    },
  };
}

export function drawBriefs(f: Figure): GarmentDrawing {
  const topY = f.waistY + 8;
  const front: Brief = { topY, top: f.lowHip, side: 6, crotch: 3.2, front: 0.5 };
  const back: Brief = { ...front, crotch: 3.8, front: 0.24 };
  const turned = (part: Brief, dip: number) =>
    both([dot(0, part.topY + dip + 1), dot(part.top, part.topY + 1, [part.top * 0.6, part.topY + dip + 1])]);
  return {
    half: f.hip + 4,
    top: topY - 2,
    foot: f.crotchY + 3,
    front: {
      outline: closed(briefHalf(f, front, 2)),
      stitching: [turned(front, 2)],
      shapes: [edge('waist', topLine(front, 2)), edge('leg', legLine(f, front))],
    },
    back: {
      outline: closed(briefHalf(f, back, 0.6)),
      stitching: [turned(back, 0.6)],
      shapes: [
        zone('low-hip', belt(topY + 3, f.lowHip)),
        zone('hip', belt(f.hipY - 5, f.lowHip * 0.98)),
        zone(
          'leg',
          both([dot(back.top - 1, topY + 8), dot(5, f.crotchY - 1.4, [back.top * 0.6, f.crotchY - 3])]),
        ),
        zone('rise', plumb(0, topY + 1.4, f.crotchY)),
      ],
    },
  };
}

export function drawStretchWaist(f: Figure): GarmentDrawing {
  const topY = f.waistY;
  const footY = f.kneeY + 2;
  const hem = f.hip * 1.5;
  const half: readonly Dot[] = [
    dot(0, topY),
    dot(f.waist, topY),
    dot(f.waist + 0.4, topY + 4.4),
    dot(hem, footY, [f.hip + 3, f.hipY + 2]),
    dot(0, footY + 1.6, [hem * 0.5, footY + 1.8]),
  ];
  const gathers = [0.2, 0.45, 0.7].map((share) =>
    both([dot(f.waist * share, topY + 4.6), dot(f.waist * share * 1.15, topY + 10)]),
  );
  const lap = band(topY + 4.4, f.waist + 0.4);
  return {
    half: hem + 2,
    top: topY - 2,
    foot: footY + 3,
    front: {
      outline: closed(half),
      seams: [lap, ...gathers],
      shapes: [
        edge('waist', band(topY, f.waist)),
        edge('hem', both([dot(0, footY + 1.6), dot(hem, footY, [hem * 0.5, footY + 1.8])])),
      ],
    },
    back: {
      outline: closed(half),
      seams: [lap, ...gathers],
      shapes: [zone('waist', belt(topY + 2.2, f.waist + 0.2, 0.6)), zone('hip', belt(f.hipY, f.hip + 2.6))],
    },
  };
}

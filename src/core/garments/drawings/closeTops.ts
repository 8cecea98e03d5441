import type { Garment } from '../../facts/garment';
import type { Figure } from './figure';
import { edge, zone, type GarmentDrawing } from './garmentDrawing';
import { belt, both, closed, dot, path, plumb, type Dot } from './pen';

/** A swimsuit, or a tank that ends below the hip. */
export function drawShelfBraTop(f: Figure, style: Garment['style']): GarmentDrawing {
  const strap = (f.neck + f.shoulder) / 2;
  const tank = style === 'fitted';
  const hemY = f.hipY + 2;
  const half = (depth: number): readonly Dot[] => [
    dot(0, depth),
    dot(strap - 2, 0, [strap - 2.5, depth]),
    dot(strap + 1.6, 0.8),
    dot(f.bust, f.armY + 1, [strap + 1, f.armY]),
    dot(f.waist, f.waistY, [f.bust, f.waistY * 0.8]),
    dot(f.hip, f.hipY - 5, [f.hip, f.waistY + 6]),
    ...(tank
      ? [dot(f.hip + 0.6, hemY), dot(0, hemY + 0.6)]
      : [dot(2.6, f.crotchY, [f.hip * 0.55, f.hipY + 1]), dot(0, f.crotchY)]),
  ];
  const neck = (depth: number) => both([dot(0, depth), dot(strap - 2, 0, [strap - 2.5, depth])]);
  const shelf = path([
    dot(-f.underbust, f.underbustY),
    dot(f.underbust, f.underbustY, [0, f.underbustY + 2]),
  ]);
  return {
    half: f.hip + 2,
    top: -2,
    foot: (tank ? hemY : f.crotchY) + 2,
    front: {
      outline: closed(half(12)),
      ...(tank ? { stitching: [belt(hemY - 1, f.hip, 0.6)] } : {}),
      shapes: [
        edge('neckline', neck(12)),
        edge('armhole', both([dot(strap + 1.6, 0.8), dot(f.bust, f.armY + 1, [strap + 1, f.armY])])),
        edge('shelf-hem', shelf),
        tank
          ? edge('hem', belt(hemY, f.hip + 0.6, 0.6))
          : edge('leg', both([dot(f.hip, f.hipY - 5), dot(2.6, f.crotchY, [f.hip * 0.55, f.hipY + 1])])),
      ],
    },
    back: {
      outline: closed(half(18)),
      shapes: [
        zone('bust', belt(f.armY + 3, f.bust)),
        zone('underbust', belt(f.underbustY + 2, f.underbust)),
        zone('hip', belt(f.hipY - 6, f.hip)),
        ...(tank
          ? []
          : [
              zone('loop', plumb(0, 18, f.crotchY)),
              zone(
                'leg',
                both([dot(f.hip - 1.6, f.hipY - 4.4), dot(3.8, f.crotchY - 1, [f.hip * 0.52, f.hipY])]),
              ),
            ]),
      ],
    },
  };
}

export function drawCropTop(f: Figure): GarmentDrawing {
  const strap = (f.neck + f.shoulder) / 2;
  const hemY = f.underbustY + 1.5;
  const half = (depth: number): readonly Dot[] => [
    dot(0, depth),
    dot(strap - 1.6, 0, [strap - 1, depth]),
    dot(strap + 1.2, 0.6),
    dot(f.bust, f.armY + 1, [strap + 0.4, f.armY]),
    dot(f.underbust, hemY, [f.bust, f.underbustY]),
    dot(0, hemY),
  ];
  const neck = (depth: number) => both([dot(0, depth), dot(strap - 1.6, 0, [strap - 1, depth])]);
  return {
    half: f.bust + 3,
    top: -2,
    foot: hemY + 2,
    front: {
      outline: closed(half(10)),
      stitching: [path([dot(-f.underbust, hemY - 1), dot(f.underbust, hemY - 1)])],
      shapes: [
        edge('neckline', neck(10)),
        edge('armhole', both([dot(strap + 1.2, 0.6), dot(f.bust, f.armY + 1, [strap + 0.4, f.armY])])),
        edge('lower-edge', path([dot(-f.underbust, hemY), dot(f.underbust, hemY)])),
      ],
    },
    back: {
      outline: closed(half(13)),
      shapes: [
        zone('bust', belt(f.bustY - 2, f.bust)),
        zone('underbust', belt(hemY - 2.4, f.underbust)),
        zone('strap', both([dot(strap - 0.2, 0.4), dot(strap - 0.6, f.armY * 0.75)])),
      ],
    },
  };
}

export function drawOneShoulderTop(f: Figure): GarmentDrawing {
  const strap = (f.neck + f.shoulder) / 2;
  const bandY = f.underbustY + 1;
  const hemY = bandY + 4;
  const outline = (turn: 1 | -1) =>
    `${path([
      dot(-turn * f.bust, f.armY + 1),
      dot(turn * (strap - 2.2), 0, [turn * 1, f.armY]),
      dot(turn * (strap + 2), 0.8),
      dot(turn * f.bust, f.armY + 1, [turn * (strap + 1), f.armY]),
      dot(turn * f.underbust, bandY, [turn * f.bust, f.underbustY * 0.95]),
      dot(turn * f.underbust, hemY),
      dot(-turn * f.underbust, hemY),
      dot(-turn * f.underbust, bandY),
      dot(-turn * f.bust, f.armY + 1, [-turn * f.bust, f.underbustY * 0.95]),
    ])} Z`;
  const extra = (turn: 1 | -1) =>
    path([dot(-turn * (f.bust * 0.62), f.armY - 0.6), dot(turn * (strap - 4), 1.6)]);
  const band = path([dot(-f.underbust, bandY), dot(f.underbust, bandY)]);
  const darts = both([dot(f.bust, f.bustY + 2), dot(f.bust * 0.55, f.bustY + 0.5)]);
  return {
    half: f.bust + 3,
    top: -2,
    foot: hemY + 2,
    front: {
      outline: outline(1),
      seams: [band, darts],
      shapes: [
        edge('upper-edge', path([dot(-f.bust, f.armY + 1), dot(strap - 2.2, 0, [1, f.armY])])),
        edge('armhole', path([dot(strap + 2, 0.8), dot(f.bust, f.armY + 1, [strap + 1, f.armY])])),
        edge('strap', extra(1)),
        edge('band', path([dot(-f.underbust, hemY), dot(f.underbust, hemY)])),
      ],
    },
    back: {
      outline: outline(-1),
      seams: [band, extra(-1)],
      shapes: [zone('bust', belt(f.bustY, f.bust)), zone('underbust', belt(bandY + 2, f.underbust, 0.8))],
    },
  };
}

export function drawBralette(f: Figure): GarmentDrawing {
  const strap = (f.neck + f.shoulder) / 2;
  const bandY = f.underbustY + 0.5;
  const hemY = bandY + 1.8;
  const top = f.armY - 1;
  const front: readonly Dot[] = [
    dot(0, bandY - 4),
    dot(strap, top - 3, [strap * 0.45, bandY - 7]),
    dot(f.bust * 0.96, f.armY + 3, [strap + 1.5, f.armY]),
    dot(f.underbust, bandY),
    dot(f.underbust, hemY),
    dot(0, hemY),
  ];
  const back: readonly Dot[] = [
    dot(0, bandY - 2),
    dot(f.bust * 0.96, f.armY + 3, [f.bust * 0.6, bandY - 2]),
    dot(f.underbust, bandY),
    dot(f.underbust, hemY),
    dot(0, hemY),
  ];
  const straps = both([dot(strap, top - 3), dot(strap * 0.9, 0)]);
  return {
    half: f.bust + 3,
    top: -2,
    foot: hemY + 2,
    front: {
      outline: closed(front),
      seams: [both([dot(strap, top - 3), dot(f.bust * 0.45, bandY, [f.bust * 0.62, f.bustY])])],
      shapes: [
        edge('top', both([dot(0, bandY - 4), dot(strap, top - 3, [strap * 0.45, bandY - 7])])),
        edge('band', path([dot(-f.underbust, hemY), dot(f.underbust, hemY)])),
        edge('strap', straps),
      ],
    },
    back: {
      outline: closed(back),
      seams: [both([dot(strap * 0.9, 0), dot(strap * 0.72, bandY - 2.2)])],
      shapes: [
        edge('closure', plumb(0, bandY - 2, hemY)),
        zone('bust', both([dot(f.bust * 0.5, f.armY + 6.6), dot(f.bust * 0.94, f.armY + 4)])),
        zone('underbust', both([dot(1.6, bandY), dot(f.underbust, bandY)])),
      ],
    },
  };
}

export function drawBra(f: Figure): GarmentDrawing {
  const strap = (f.neck + f.shoulder) / 2;
  const bandY = f.underbustY;
  const hemY = bandY + 2.6;
  const cup = f.bust * 0.5;
  const front: readonly Dot[] = [
    dot(0, bandY - 5.5),
    dot(cup * 0.4, bandY - 7),
    dot(strap + 0.6, f.armY - 4, [strap * 0.7, f.armY]),
    dot(f.bust * 0.95, f.armY + 4, [strap + 2, f.armY + 2]),
    dot(f.underbust, bandY + 0.4),
    dot(f.underbust, hemY - 0.6),
    dot(0, hemY, [cup, hemY + 0.8]),
  ];
  const back: readonly Dot[] = [
    dot(0, bandY - 2.2),
    dot(strap * 0.7, bandY - 4),
    dot(f.bust * 0.95, f.armY + 4, [f.bust * 0.7, bandY - 3]),
    dot(f.underbust, bandY + 0.4),
    dot(f.underbust, hemY - 0.6),
    dot(0, hemY, [cup, hemY + 0.2]),
  ];
  const cradle = both([
    dot(cup * 0.4, bandY - 7),
    dot(f.bust * 0.52, hemY - 1.2, [cup * 0.2, hemY - 0.6]),
    dot(f.bust * 0.95, f.armY + 4, [f.bust * 0.96, hemY - 2]),
  ]);
  return {
    half: f.bust + 3,
    top: -2,
    foot: hemY + 2,
    front: {
      outline: closed(front),
      seams: [cradle, both([dot(cup * 0.4, bandY - 6), dot(f.bust * 0.93, f.armY + 5, [cup, f.bustY + 1])])],
      shapes: [
        edge(
          'upper-cup',
          both([dot(cup * 0.4, bandY - 7), dot(strap + 0.6, f.armY - 4, [strap * 0.7, f.armY])]),
        ),
        edge(
          'underarm',
          both([dot(strap + 0.6, f.armY - 4), dot(f.bust * 0.95, f.armY + 4, [strap + 2, f.armY + 2])]),
        ),
        edge('band', both([dot(0, hemY), dot(f.underbust, hemY - 0.6, [cup, hemY + 0.8])])),
        edge('strap', both([dot(strap + 0.6, f.armY - 4), dot(strap * 0.92, 0)])),
        zone(
          'cup',
          both([dot(cup * 0.5, f.bustY + 3), dot(f.bust * 0.9, f.bustY + 2, [cup * 1.1, f.bustY + 5])]),
        ),
      ],
    },
    back: {
      outline: closed(back),
      seams: [both([dot(strap * 0.92, 0), dot(strap * 0.7, bandY - 4)])],
      shapes: [
        edge('closure', plumb(0, bandY - 2.2, hemY)),
        zone('band', both([dot(1.6, bandY + 0.4), dot(f.underbust, bandY + 1)])),
      ],
    },
  };
}

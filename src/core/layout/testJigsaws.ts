import { areaOfRings, largestOf, shared, without } from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { randomFrom } from './random';

/**
 * A rectangle cut into curved pieces, by seed: the largest is cut in two along a curve until there are enough. Its length
 * is known to be the best there is.
 */
export function jigsaw(
  seed: number,
  pieces: number,
  widthMm = 1500,
  lengthMm = 1200,
): readonly (readonly Point[])[] {
  const random = randomFrom(seed);
  const between = (from: number, to: number) => from + (to - from) * random();
  let rings: (readonly Point[])[] = [
    [point(0, 0), point(widthMm, 0), point(widthMm, lengthMm), point(0, lengthMm)],
  ];
  while (rings.length < pieces) {
    const sizes = rings.map((ring) => areaOfRings([ring]));
    const at = sizes.indexOf(Math.max(...sizes));
    const ring = rings[at] as readonly Point[];
    const { left, top, right, bottom } = boundsOfPoints(ring);
    const down = right - left > bottom - top;
    const share = between(0.35, 0.65);
    const bend = between(-0.18, 0.18);
    const wave = between(-0.12, 0.12);
    const slant = between(-0.12, 0.12);
    const [across, along] = down ? [right - left, bottom - top] : [bottom - top, right - left];
    const line: Point[] = [];
    for (let step = -1; step <= 25; step += 1) {
      const t = step / 24;
      const off =
        across *
        (share + slant * (t - 0.5) + bend * (4 * t * (1 - t) - 0.5) + wave * Math.sin(2 * Math.PI * t));
      line.push(down ? point(left + off, top + t * along) : point(left + t * along, top + off));
    }
    const far = 5000;
    const half = down
      ? [
          point(left - far, top - far),
          point((line[0] as Point).x, top - far),
          ...line,
          point((line.at(-1) as Point).x, bottom + far),
          point(left - far, bottom + far),
        ]
      : [
          point(left - far, top - far),
          point(left - far, (line[0] as Point).y),
          ...line,
          point(right + far, (line.at(-1) as Point).y),
          point(right + far, top - far),
        ];
    const wound = areaOfRings([half]) > 0 ? half : half.toReversed();
    const a = largestOf(shared([ring], [wound]));
    const b = largestOf(without([ring], [wound]));
    if (!a || !b) throw new Error('expected a cut through the piece, found none');
    rings = [...rings.slice(0, at), a, b, ...rings.slice(at + 1)];
  }
  return rings;
}

/** A piece with hollows: points round a middle, nearer and further. */
export const blob = (seed: number, sizeMm: number): readonly Point[] => {
  const random = randomFrom(seed);
  return Array.from({ length: 14 }, (_, nth) => {
    const far = sizeMm * (0.35 + 0.65 * random());
    return point(far * Math.cos((nth * Math.PI) / 7), far * Math.sin((nth * Math.PI) / 7));
  });
};

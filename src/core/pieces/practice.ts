import type { Knot, OutlineFacts } from '../facts/outline';

/**
 * A made tee, its seamlines in mm: what the simulated camera shows, the demo’s traced garment and the tests’ pieces. Curves
 * run on through points without `corner`.
 */
const at = (x: number, y: number): Knot => ({ x, y });
const corner = (x: number, y: number, edge?: string): Knot => ({
  x,
  y,
  corner: true,
  ...(edge === undefined ? {} : { edge }),
});

const traced = (ring: readonly Knot[]): OutlineFacts => ({ ring, drawn: 'seamline', from: 'a photo' });

const side = (): readonly Knot[] => [
  corner(255, 240, 'side'),
  at(247, 420),
  at(257, 600),
  corner(258, 640, 'hem'),
];

/** Front and back are half, on the fold; the sleeve is whole. */
export const practiceTee = {
  front: traced([
    corner(0, 92, 'neckline'),
    at(30, 88),
    at(58, 66),
    at(75, 34),
    corner(86, 0, 'shoulder'),
    corner(218, 46, 'armhole'),
    at(197, 108),
    at(205, 180),
    at(229, 232),
    at(242, 239),
    ...side(),
    corner(0, 640, 'centre'),
  ]),
  back: traced([
    corner(0, 26, 'neckline'),
    at(40, 25),
    at(72, 18),
    at(82, 11),
    corner(86, 0, 'shoulder'),
    corner(218, 46, 'armhole'),
    at(200, 108),
    at(210, 180),
    at(231, 232),
    at(243, 239),
    ...side(),
    corner(0, 640, 'centre'),
  ]),
  sleeve: traced([
    corner(-182, 112, 'cap'),
    at(-166, 108),
    at(-142, 103),
    at(-104, 66),
    at(-70, 28),
    at(-34, 3),
    at(0, -3),
    at(36, 3),
    at(76, 28),
    at(114, 70),
    at(146, 104),
    at(168, 108),
    corner(182, 112, 'back-underarm'),
    corner(166, 176, 'hem'),
    at(83, 157),
    at(0, 150),
    at(-83, 157),
    corner(-166, 176, 'front-underarm'),
  ]),
} as const satisfies Readonly<Record<string, OutlineFacts>>;

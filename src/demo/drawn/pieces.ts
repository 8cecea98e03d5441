import type { KindId } from '@/core/facts/kindIds';
import type { Knot, OutlineFacts } from '@/core/facts/outline';
import { practiceTee } from '@/core/pieces/practice';

/** Made pieces of three made patterns, seamlines, mm: what the demo’s drawing, its page and its exchange file show. */
export interface DrawnPattern {
  readonly kind: KindId;
  readonly file: string;
  readonly pieces: Readonly<Record<string, readonly Knot[]>>;
}

const at = (x: number, y: number): Knot => ({ x, y });
const corner = (x: number, y: number, edge: string): Knot => ({ x, y, corner: true, edge });

const skirt = (dip: number): readonly Knot[] => [
  corner(0, dip, 'waist'),
  at(128, dip / 2),
  corner(255, 0, 'side'),
  at(294, 300),
  corner(331, 608, 'hem'),
  at(170, 619),
  corner(0, 624, 'centre'),
];

/** The practice tee smaller, cut short, and its edges by the names of a lettuce-edged top. */
const SMALLER = 0.8;
const LOWER_MM = 372;
const small = ({ ring }: OutlineFacts, hem: string): readonly Knot[] =>
  ring.map(({ x, y, ...knot }) => ({
    ...knot,
    x: x * SMALLER,
    y: Math.min(y * SMALLER, LOWER_MM - (y * SMALLER < LOWER_MM ? 1 : 0)),
    ...(knot.edge === 'hem' ? { edge: hem } : {}),
  }));
/** Its neck is opened along the shoulder, so that a head goes through it. */
const cropped = (facts: OutlineFacts, neck: readonly Knot[]): readonly Knot[] => {
  const ring = small(facts, 'lower-edge').filter(({ y, corner: isCorner }) => isCorner || y < LOWER_MM - 20);
  const armhole = ring.findIndex(({ edge }) => edge === 'armhole');
  return [...neck, ...ring.slice(armhole)];
};

export const drawnPatterns = {
  'twirl-skirt': {
    kind: 'stretch-waist',
    file: 'twirl-skirt.svg',
    pieces: { front: skirt(8), back: skirt(16) },
  },
  'warm-up-leg': {
    kind: 'foldover-trousers',
    file: 'warm-up-leg.dxf',
    pieces: {
      leg: [
        corner(60, 0, 'waist'),
        corner(366, -14, 'back-crotch'),
        at(392, 90),
        at(411, 170),
        at(428, 222),
        corner(478, 262, 'back-inseam'),
        at(404, 480),
        at(408, 760),
        corner(433, 1010, 'hem'),
        corner(-7, 1010, 'front-inseam'),
        at(20, 760),
        at(24, 480),
        corner(-46, 262, 'front-crotch'),
        at(-6, 222),
        at(6, 170),
        at(26, 90),
      ],
    },
  },
  'confetti-crop': {
    kind: 'lettuce-top',
    file: 'confetti-crop.pdf',
    pieces: {
      front: cropped(practiceTee.front, [
        corner(0, 104, 'neckline'),
        at(36, 99),
        at(68, 76),
        at(85, 42),
        corner(94, 8, 'shoulder'),
      ]),
      back: cropped(practiceTee.back, [
        corner(0, 36, 'neckline'),
        at(44, 34),
        at(76, 25),
        at(88, 18),
        corner(94, 8, 'shoulder'),
      ]),
      sleeve: small(practiceTee.sleeve, 'edge'),
    },
  },
} as const satisfies Readonly<Record<string, DrawnPattern>>;

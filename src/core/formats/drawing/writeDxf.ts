import type { Point } from '../../geometry/point';
import { onSheets } from '../../paper/laid';
import type { LaidPiece } from '../../paper/paperPlan';
import type { LineKind } from '../../paper/paperPiece';

/**
 * Layers of patterns exchanged between programs (ASTM D6673: 1 boundary, 4 notches, 7 grain, 8 lines inside, 14 sew line,
 * 15 words; from memory).
 */
const LAYERS: Readonly<Record<LineKind, number>> = {
  cut: 1,
  notch: 4,
  mark: 4,
  grain: 7,
  stretch: 8,
  fold: 8,
  inside: 8,
  seam: 14,
};
const WORDS_LAYER = 15;
/** Height of letters, mm. */
const LETTERS_MM = 5;
const MILLIMETRES = 4;

/** A DXF file is a list of pairs: what a value is, and the value. */
type Pair = readonly [code: number, value: string | number];

/**
 * The pieces as a DXF drawing of release 12 (S: DXF reference), mm, where they lie, a drawing’s y upwards. Without blocks:
 * readers give what is in one the layer it was put on. Written here because the registry’s writers write later releases.
 */
export function writeDxf(pieces: readonly LaidPiece[]): string {
  const entities = pieces.flatMap(({ piece, laid }) => {
    const place = onSheets(laid);
    const { x, y } = piece.room.at;
    const words = [
      `PIECE NAME: ${piece.label}`,
      ...piece.sizes.flatMap(({ label }) => (label ? [`SIZE: ${label}`] : [])),
      ...piece.words,
    ];
    return [
      ...piece.sizes.flatMap(({ lines }) =>
        lines.flatMap(({ kind, points }) => polyline(points.map(place), LAYERS[kind])),
      ),
      ...words.flatMap((text, row) => written(text, place({ x, y: y + row * LETTERS_MM * 1.5 }))),
    ];
  });
  const used = [...new Set([...Object.values(LAYERS), WORDS_LAYER])].toSorted((a, b) => a - b);
  const pairs: readonly Pair[] = [
    ...section('HEADER', [
      [9, '$ACADVER'],
      [1, 'AC1009'],
      [9, '$INSUNITS'],
      [70, MILLIMETRES],
    ]),
    ...section('TABLES', [
      [0, 'TABLE'],
      [2, 'LAYER'],
      [70, used.length],
      ...used.flatMap((layer): readonly Pair[] => [
        [0, 'LAYER'],
        [2, layer],
        [70, 0],
        [62, 7],
        [6, 'CONTINUOUS'],
      ]),
      [0, 'ENDTAB'],
    ]),
    ...section('ENTITIES', entities),
    [0, 'EOF'],
  ];
  return pairs.map(([code, value]) => `${String(code).padStart(3)}\r\n${value}\r\n`).join('');
}

const section = (name: string, pairs: readonly Pair[]): readonly Pair[] => [
  [0, 'SECTION'],
  [2, name],
  ...pairs,
  [0, 'ENDSEC'],
];

const at = ({ x, y }: Point): readonly Pair[] => [
  [10, x.toFixed(4)],
  [20, (-y).toFixed(4)],
  [30, '0.0'],
];

function polyline(points: readonly Point[], layer: number): readonly Pair[] {
  const [first] = points;
  const last = points.at(-1);
  const isClosed = points.length > 3 && first && last && first.x === last.x && first.y === last.y;
  return [
    [0, 'POLYLINE'],
    [8, layer],
    [66, 1],
    [70, isClosed ? 1 : 0],
    ...at({ x: 0, y: 0 }),
    ...(isClosed ? points.slice(0, -1) : points).flatMap((one): readonly Pair[] => [
      [0, 'VERTEX'],
      [8, layer],
      ...at(one),
    ]),
    [0, 'SEQEND'],
    [8, layer],
  ];
}

/** Words in the letters that every reader has: `\U+` and four digits stand for the others. */
const written = (text: string, place: Point): readonly Pair[] => [
  [0, 'TEXT'],
  [8, WORDS_LAYER],
  ...at(place),
  [40, LETTERS_MM],
  [
    1,
    text.replaceAll(
      /[^\u0020-\u007e]/g,
      (sign) => `\\U+${sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}`,
    ),
  ],
];

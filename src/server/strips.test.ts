import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  OVERLAP_MM,
  STRIP_PAPERS,
  layStrips,
  stripsOf,
  type MarkingStrip,
  type StripPaper,
} from '@/core/paper/markingStrips';
import { MARGIN_MM } from '@/core/paper/papers';
import { planGarment } from '@/core/plan/planGarment';
import { demoFacts, TODAY } from '../../tests/demoFacts';
import { POINTS_PER_MM } from './pdfText';
import { stripsPdf } from './stripsPdf';

interface Page {
  readonly width: number;
  readonly height: number;
  readonly words: readonly { readonly text: string; readonly x: number; readonly y: number }[];
  readonly strokes: readonly (readonly [number, number, number, number])[];
}

const folder = mkdtempSync(join(tmpdir(), 'strips-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The pages as a general reader sees them (reference library: pdfjs-dist), lengths in mm. */
async function read(
  strips: readonly MarkingStrip[],
  paper: StripPaper,
  unit: 'cm' | 'in' = 'cm',
): Promise<Page[]> {
  const path = join(folder, `${Math.random()}.pdf`);
  writeFileSync(path, await stripsPdf(strips, { title: 'Tank', paper, unit }));
  const pages = JSON.parse(execFileSync('node', ['tests/readPdf.mjs', path], { encoding: 'utf8' })) as Page[];
  const mm = (points: number) => points / POINTS_PER_MM;
  return pages.map(({ width, height, words, strokes }) => ({
    width: mm(width),
    height: mm(height),
    words: words
      .filter(({ text }) => text.trim() !== '')
      .map((one) => ({ ...one, x: mm(one.x), y: mm(one.y) })),
    strokes: strokes.map(([a, b, c, d]) => [mm(a), mm(b), mm(c), mm(d)] as const),
  }));
}

const strip: MarkingStrip = {
  title: 'Leg, elastic',
  lengthMm: 612,
  marks: [
    { atMm: 0, label: 'start', kind: 'mark' },
    { atMm: 153, label: 'quarter', kind: 'mark' },
    { atMm: 400.5, label: 'side seam', kind: 'seam' },
    { atMm: 600, label: 'overlap', kind: 'end' },
  ],
};
/** Upright strokes: x of each, mm. */
const uprights = (page: Page) =>
  page.strokes
    .filter(([x1, y1, x2, y2]) => Math.abs(x1 - x2) < 0.01 && Math.abs(y2 - y1) > 5)
    .map(([x]) => x);

test.each([
  ['a4', 297, 210],
  ['letter', 279.4, 215.9],
] as const)(
  '%s lies on its long side, %d by %d mm (S: ISO 216; ANSI/ASME Y14.1)',
  async (paper, wide, high) => {
    const pages = await read([strip], paper);
    for (const page of pages) {
      expect(page.width).toBeCloseTo(wide, 3);
      expect(page.height).toBeCloseTo(high, 3);
    }
  },
);

test.each(['a4', 'letter'] as const)(
  '%s: every page has a 5 cm and a 2 in square that measure so',
  async (paper) => {
    const pages = await read([strip, strip, strip], paper);
    expect(pages.length).toBeGreaterThan(1);
    for (const { strokes, words } of pages) {
      const squares = strokes
        .map(([x1, y1, x2, y2]) => [x2 - x1, y2 - y1] as const)
        .filter(([w, h]) => Math.abs(w - h) < 0.01 && w > 40);
      expect(squares.map(([w]) => w)).toEqual([expect.closeTo(50, 3), expect.closeTo(50.8, 3)]);
      expect(words.map(({ text }) => text)).toEqual(expect.arrayContaining(['5 cm square', '2 in square']));
    }
  },
);

test.each(['a4', 'letter'] as const)(
  '%s: marks lie true to scale, piece by piece, each where it belongs',
  async (paper) => {
    const [page] = await read([strip], paper);
    const [sheet] = layStrips([strip], paper);
    const across = STRIP_PAPERS[paper].widthMm - 2 * MARGIN_MM;
    expect(sheet?.tiles.map(({ fromMm }) => fromMm)).toEqual([
      0,
      across - OVERLAP_MM,
      2 * (across - OVERLAP_MM),
    ]);
    const at = uprights(page as Page);
    for (const { atMm } of strip.marks) {
      const places = sheet?.tiles
        .filter(({ fromMm, toMm }) => atMm >= fromMm && atMm <= toMm)
        .map(({ xMm, fromMm }) => xMm + atMm - fromMm);
      expect(places?.length).toBeGreaterThan(0);
      for (const place of places ?? []) expect(at.some((x) => Math.abs(x - place) < 0.01)).toBe(true);
    }
  },
);

test('pieces laid over one another make the whole strip, with the overlap at every joint', () => {
  for (const lengthMm of [1, 120, 277, 277.01, 544, 612, 1740, 3000]) {
    const tiles = layStrips([{ ...strip, lengthMm, marks: [] }], 'a4').flatMap((sheet) => sheet.tiles);
    expect(tiles[0]?.fromMm).toBe(0);
    expect(tiles.at(-1)?.toMm).toBeCloseTo(lengthMm, 9);
    tiles.forEach((tile, at) => {
      expect(tile.toMm - tile.fromMm).toBeLessThanOrEqual(277 + 1e-9);
      const before = tiles[at - 1];
      if (before) expect(before.toMm - tile.fromMm).toBeCloseTo(OVERLAP_MM, 9);
    });
  }
});

test('names in other letters, and eighths of an inch, print as they are', async () => {
  const [page] = await read([{ ...strip, title: 'Край 🧵 leg', lengthMm: 28.575 }], 'letter', 'in');
  const text = page?.words.map((one) => one.text).join('') ?? '';
  expect(text).toContain('Край🧵leg');
  expect(text).toContain('1 ⅛ in');
});

/** Invented data of the demo; what must hold is that a strip is as long as what it is laid along. */
test.each(demoFacts().map(([id, facts]) => [id, facts] as const))(
  '%s: its strips hold its marks, in order',
  (_id, facts) => {
    const plan = planGarment(facts, { onDate: TODAY });
    for (const one of stripsOf(plan, { withEdges: true })) {
      expect(one.lengthMm).toBeGreaterThan(0);
      const places = one.marks.map(({ atMm }) => atMm);
      expect(places).toEqual(places.toSorted((a, b) => a - b));
      expect(places.every((mm) => mm >= -1e-6 && mm <= one.lengthMm + 1e-6)).toBe(true);
    }
  },
);

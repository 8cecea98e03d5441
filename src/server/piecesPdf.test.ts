import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { DrawnShape } from '@/core/formats/drawing/drawing';
import { readPdfPage, type PdfSheet } from '@/core/formats/drawing/pdfDrawing';
import { distance, point, type Point } from '@/core/geometry/point';
import { boundsOfPoints, flattened, type Bounds } from '@/core/geometry/ring';
import { nearestOnPath } from '@/core/geometry/nearest';
import { polyline } from '@/core/geometry/path';
import { jointMark } from '@/core/paper/joining';
import { onSheets } from '@/core/paper/laid';
import { paperPlan, type PaperPlan } from '@/core/paper/paperPlan';
import { insideOf, MARGIN_MM, type AskedPaper } from '@/core/paper/papers';
import { demoPaper, sheetsOf } from '@/core/paper/testPaper';
import { sheetHead, type SheetHead } from '@/core/paper/words';
import { runsOfText, POINTS_PER_MM } from './pdfText';
import { piecesPdf } from './piecesPdf';

const folder = mkdtempSync(join(tmpdir(), 'pieces-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

interface Words {
  readonly width: number;
  readonly height: number;
  readonly words: readonly { readonly text: string }[];
  readonly strokes: readonly (readonly [number, number, number, number])[];
}

/** The PDF as a general reader has it (reference library: pdfjs-dist), page by page. */
async function printed(plan: PaperPlan, head: SheetHead) {
  const path = join(folder, `${Math.random()}.pdf`);
  writeFileSync(path, await piecesPdf(plan, head));
  const read = <Out>(program: string): Out =>
    JSON.parse(execFileSync('node', [program, path], { encoding: 'utf8', maxBuffer: 1e8 })) as Out;
  // Each reading is a program of its own: only what is asked for is read.
  return {
    get pages() {
      return read<readonly Words[]>('tests/readPdf.mjs');
    },
    get sheets() {
      return read<readonly PdfSheet[]>('tests/pdfOperators.mjs');
    },
  };
}

function laidOut(id: string, asked: AskedPaper) {
  const { pieces, facts, plan, onDate } = demoPaper(id);
  return { plan: paperPlan(pieces, sheetsOf(asked)), head: sheetHead(facts, plan, { onDate }) };
}

/** Lines of a page, mm from its upper left corner. */
function linesOf({ page }: PdfSheet): readonly (readonly Point[])[] {
  const read = readPdfPage(page);
  if (!read.ok) throw new Error(read.sentence);
  const mm = read.mmPerUnit ?? NaN;
  return read.lines.map(({ path }: DrawnShape) => flattened(path).map(({ x, y }) => point(x * mm, y * mm)));
}

/** How far a point is from the nearest of lines whose boxes it is in, mm. */
const offMm = (lines: readonly BoxedLine[], one: Point): number =>
  Math.min(
    Infinity,
    ...lines
      .filter(
        ({ box }) =>
          one.x > box.left - 1 && one.x < box.right + 1 && one.y > box.top - 1 && one.y < box.bottom + 1,
      )
      .map(({ line }) => nearestOnPath(polyline(line), one).offMm),
  );
interface BoxedLine {
  readonly line: readonly Point[];
  readonly box: Bounds;
}

/** Every seventh point of a line, and its ends. */
const some = (points: readonly Point[]): readonly Point[] =>
  points.filter((_, nth) => nth % 7 === 0 || nth === points.length - 1);

/** Put together again the sheets are the pieces to this, mm. */
const TRUE_MM = 0.1;

test.each([
  ['cartwheel', { paper: 'a4' }],
  ['ripple', { paper: 'letter' }],
  ['springboard', { paper: 'a4' }],
  ['encore', { paper: 'own', widthMm: 300, heightMm: 420 }],
  ['encore', { paper: 'a0' }],
  ['confetti', { paper: 'roll', widthMm: 610 }],
] as const)(
  '%s (invented) on %o: its sheets laid together are its pieces, to a tenth of a millimetre',
  async (id, asked) => {
    const { plan, head } = laidOut(id, asked);
    const { sheets } = await printed(plan, head);
    const after = sheets.slice(plan.sheet.apart ? 0 : 1);
    expect(after).toHaveLength(plan.pages.length);
    const found = plan.pages.map(({ box }, nth) => ({
      box,
      lines: linesOf(after[nth] as PdfSheet).map((read) => {
        const line = read.map(({ x, y }) => point(x - MARGIN_MM + box.left, y - MARGIN_MM + box.top));
        return { line, box: boundsOfPoints(line) };
      }),
    }));
    for (const { piece, laid } of plan.pieces) {
      for (const { lines } of piece.sizes) {
        for (const { points } of lines) {
          for (const one of some(points).map(onSheets(laid))) {
            const on = found.filter(
              ({ box }) =>
                one.x >= box.left - 1e-6 &&
                one.x <= box.right + 1e-6 &&
                one.y >= box.top - 1e-6 &&
                one.y <= box.bottom + 1e-6,
            );
            expect(on.length).toBeGreaterThan(0);
            const near = Math.min(...on.map((sheet) => offMm(sheet.lines, one)));
            expect(near).toBeLessThan(TRUE_MM);
          }
        }
      }
    }
  },
);

test('the halves of every joining mark make a diamond where two sheets meet', async () => {
  const { plan, head } = laidOut('springboard', { paper: 'a4' });
  const { pages } = await printed(plan, head);
  const inside = insideOf(plan.sheet);
  // A PDF’s y upwards, from the sheet’s lower edge.
  const boxOf = (half: readonly Point[]) => {
    const { left, top, right, bottom } = boundsOfPoints(half);
    const up = (y: number) => plan.sheet.heightMm - MARGIN_MM - y;
    return [left + MARGIN_MM, up(bottom), right + MARGIN_MM, up(top)];
  };
  let met = 0;
  plan.pages.forEach(({ box, joints }, nth) => {
    const marks = (pages[nth + 1]?.strokes ?? []).map((box) => box.map((one) => one / POINTS_PER_MM));
    for (const { side, number } of joints) {
      expect(marks).toContainEqual(
        boxOf(jointMark(inside, side)).map((mm) => expect.closeTo(mm, 2) as number),
      );
      const other = plan.pages.find(
        (one) => one.number !== nth + 1 && one.joints.some((joint) => joint.number === number),
      );
      const itsSide = other?.joints.find((joint) => joint.number === number)?.side;
      if (!other || !itsSide) throw new Error(`expected joint ${number} on another sheet`);
      const onTable = (from: typeof box, [a, , b]: readonly [Point, Point, Point]) =>
        [a, b].map(({ x, y }) => point(x + from.left, y + from.top));
      const [a, b] = [onTable(box, jointMark(inside, side)), onTable(other.box, jointMark(inside, itsSide))];
      a.forEach((one, which) => expect(distance(one, b[which] as Point)).toBeLessThan(1e-6));
      met += 1;
    }
  });
  expect(met).toBeGreaterThan(10);
});

/** Sides of the squares on a page, mm. */
const squaresOn = (sheet: PdfSheet): readonly number[] =>
  linesOf(sheet)
    .map((line) => boundsOfPoints(line))
    .map(({ left, top, right, bottom }) => [right - left, bottom - top] as const)
    .filter(([wide, high]) => Math.abs(wide - high) < 0.01 && wide > 45 && wide < 55)
    .map(([wide]) => wide)
    .toSorted((x, y) => x - y);

test.each([
  { paper: 'a4' },
  { paper: 'letter' },
  { paper: 'a0' },
  { paper: 'roll' },
  { paper: 'own', widthMm: 150, heightMm: 210 },
] as const)(
  'on %o: the first page has a square of 5 cm and one of 2 in that measure so, and the sheets are as large as asked',
  async (asked) => {
    const { plan, head } = laidOut('ripple', asked);
    const { pages, sheets } = await printed(plan, head);
    const [first] = pages;
    expect(squaresOn(sheets[0] as PdfSheet)).toEqual([expect.closeTo(50, 2), expect.closeTo(50.8, 2)]);
    for (const { width, height } of pages) {
      expect(width / POINTS_PER_MM).toBeCloseTo(plan.sheet.widthMm, 3);
      if (!plan.sheet.trimmed) expect(height / POINTS_PER_MM).toBeCloseTo(plan.sheet.heightMm, 3);
    }
    if (plan.sheet.trimmed) expect((first?.height ?? 0) / POINTS_PER_MM).toBeLessThan(700);
  },
);

/** What is written on a page, without what keeps words apart: the reader tells each stretch by itself. */
const written = (page: Words | undefined): string =>
  (page?.words ?? [])
    .map(({ text }) => text)
    .join('')
    .replaceAll(/\s/g, '');
const tight = (text: string): string => text.replaceAll(/\s/g, '');

test('every page says garment, wearer, cloth, size, day and what was altered; the first has all numbers of its map', async () => {
  const { plan, head } = laidOut('cartwheel', { paper: 'a4' });
  const { pages } = await printed(plan, head);
  expect(pages).toHaveLength(plan.pages.length + 1);
  for (const page of pages) {
    for (const part of [head.garment, head.wearer, head.cloth, head.size, head.date, ...head.altered])
      expect(written(page)).toContain(tight(part));
  }
  expect(head.altered.length).toBeGreaterThan(0);
  expect(written(pages[0])).toContain(`${plan.pages.length}sheetsafterthisone`);
  plan.pages.forEach(({ number }, nth) =>
    expect(written(pages[nth + 1])).toContain(`sheet${number}of${plan.pages.length}`),
  );
});

test.each([
  ['right to left', 'שרה בת־אל'],
  ['right to left, with marks that join', 'فاطمة الزهراء'],
  ['both ways, with a number', 'Wren שרה 12'],
  ['emoji, one of several signs', 'Wren 🧵👩‍🦰'],
  ['Han, kana, hangul', '春 はる 봄'],
  ['Devanagari', 'वसंत'],
  ['accents of every kind', 'Ǧrünław Đỗ Žāńa'],
] as const)('a name of %s prints: every letter of it is there', async (_, wearer) => {
  const { plan, head } = laidOut('ripple', { paper: 'a0' });
  const { pages } = await printed(plan, { ...head, wearer });
  const letters = (text: string): readonly string[] =>
    [...text.normalize('NFKC')].filter((one) => !/[\s\u200d\ufe0f]/.test(one)).toSorted();
  const there = letters(written(pages[0]));
  for (const one of letters(wearer)) expect(there).toContain(one);
});

test('text is laid in runs as it is seen: what is read from the right stands in one run, its letters as spoken', () => {
  const runs = runsOfText('for שרה 12, M').map(({ text }) => text);
  expect(runs.join('')).toHaveLength('for שרה 12, M'.length);
  // After the word read from the left: the number first, then the name to its right (S: Unicode Standard Annex 9).
  expect(runs.map((one) => one.trim()).filter((one) => one !== '')).toEqual(['for', '12', 'שרה', ', M']);
});

test('sizes that lie on each other are layers a reader can hide', async () => {
  const { plan, head } = laidOut('confetti', { paper: 'a0' });
  const two = {
    ...plan,
    pieces: plan.pieces.map((one) => ({
      ...one,
      piece: {
        ...one.piece,
        sizes: one.piece.sizes.flatMap((size) => [
          { ...size, label: 'S' },
          { ...size, label: 'M 袖' },
        ]),
      },
    })),
  };
  const { sheets } = await printed(two, head);
  const [first] = sheets;
  expect(Object.values(first?.page.layers ?? {}).toSorted()).toEqual(['M 袖', 'S']);
  const read = readPdfPage(first?.page as PdfSheet['page']);
  if (!read.ok) throw new Error(read.sentence);
  const byLayer = (name: string) => read.lines.filter(({ layer }) => layer.includes(name)).length;
  expect(byLayer('S')).toBeGreaterThan(5);
  expect(byLayer('S')).toBe(byLayer('M 袖'));
});

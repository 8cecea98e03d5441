import {
  closePath,
  degrees,
  lineTo,
  moveTo,
  appendBezierCurve,
  concatTransformationMatrix,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  stroke,
  type PDFPage,
} from '@cantoo/pdf-lib';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { lengthOf, startOf } from '../../geometry/path';
import { areaOf, boundsOf } from '../../geometry/ring';
import type { DrawingRead } from './drawing';
import { readPdfPage, matched, readPdfSheets, type PdfPage, type PdfSheet } from './pdfDrawing';

const PT_PER_MM = 72 / 25.4;
const folder = mkdtempSync(join(tmpdir(), 'pages-'));

/** Pages another library made (pdf-lib), as a general reader (pdfjs-dist) lists them. */
async function sheetsOf(draw: (file: PDFDocument) => void): Promise<readonly PdfSheet[]> {
  const file = await PDFDocument.create();
  draw(file);
  const path = join(folder, `${Math.random()}.pdf`);
  writeFileSync(path, await file.save());
  const listed = execFileSync('node', ['tests/pdfOperators.mjs', path], { encoding: 'utf8', maxBuffer: 1e8 });
  return JSON.parse(listed) as readonly PdfSheet[];
}

/** A page of 600 by 900 mm, read. */
async function pageOf(draw: (page: PDFPage) => void): Promise<DrawingRead> {
  const [sheet] = await sheetsOf((file) => draw(file.addPage([600 * PT_PER_MM, 900 * PT_PER_MM])));
  if (!sheet) throw new Error('expected a page');
  return readPdfPage(sheet.page);
}

const shapesOf = (read: DrawingRead) => {
  if (!read.ok) throw new Error(`expected lines, got: ${read.sentence}`);
  return read.shapes.map(({ name, path }) => {
    const mm = read.mmPerUnit ?? NaN;
    const { left, top, right, bottom } = boundsOf(path);
    return {
      name,
      lengthMm: lengthOf(path) * mm,
      areaMm2: Math.abs(areaOf(path)) * mm * mm,
      box: [left, top, right, bottom].map((one) => one * mm),
      start: startOf(path),
    };
  });
};
const mm = (one: number): number => one * PT_PER_MM;

test('a rectangle at known coordinates comes back to a twentieth of a millimetre, y from the top', async () => {
  const read = await pageOf((page) =>
    page.drawRectangle({
      x: mm(100),
      y: mm(300),
      width: mm(250),
      height: mm(400),
      borderWidth: 1,
      borderColor: rgb(0, 0, 0),
    }),
  );
  const [one, ...others] = shapesOf(read);
  expect(others).toEqual([]);
  // 900 high: from 300 to 700 above the foot is from 200 to 600 below the top.
  [100, 200, 350, 600].forEach((wanted, nth) =>
    expect(Math.abs((one?.box[nth] ?? 0) - wanted)).toBeLessThan(0.05),
  );
  expect(one?.lengthMm).toBeCloseTo(1300, 1);
});

test('curves stay curves, under any turn and scale: a circle has its length and area (closed form)', async () => {
  const read = await pageOf((page) => {
    const k = 0.5522847498;
    const r = mm(40);
    page.pushOperators(
      pushGraphicsState(),
      concatTransformationMatrix(0, 2.5, -2.5, 0, mm(300), mm(400)),
      moveTo(r, 0),
      appendBezierCurve(r, k * r, k * r, r, 0, r),
      appendBezierCurve(-k * r, r, -r, k * r, -r, 0),
      appendBezierCurve(-r, -k * r, -k * r, -r, 0, -r),
      appendBezierCurve(k * r, -r, r, -k * r, r, 0),
      closePath(),
      stroke(),
      popGraphicsState(),
    );
  });
  const [one] = shapesOf(read);
  expect(Math.abs((one?.lengthMm ?? 0) / (200 * Math.PI) - 1)).toBeLessThan(3e-4);
  expect(Math.abs((one?.areaMm2 ?? 0) / (10_000 * Math.PI) - 1)).toBeLessThan(6e-4);
});

test('open lines that meet within a millimetre are one outline, and that is said; a turned page lies as it is seen', async () => {
  const read = await pageOf((page) => {
    const run = (...points: readonly (readonly [number, number])[]) =>
      page.pushOperators(
        ...points.map(([x, y], nth) => (nth === 0 ? moveTo(mm(x), mm(y)) : lineTo(mm(x), mm(y)))),
        stroke(),
      );
    run([0, 0], [200, 0], [200, 100]);
    run([0.4, 0.4], [0, 100], [200, 100]);
    run([300, 300], [400, 400]);
    page.setRotation(degrees(90));
  });
  const [one] = shapesOf(read);
  expect(one?.areaMm2).toBeCloseTo(20_000, -2);
  expect(read.ok && read.notes).toEqual([
    '1 open line is closed, ends within 1 mm.',
    '1 open line is not closed: lay the drawing under the table and click along.',
  ]);
  // A quarter turn: what was 200 wide is 200 high.
  expect((one?.box[3] ?? 0) - (one?.box[1] ?? 0)).toBeCloseTo(200, 0);
});

test('a page of words has no lines: a sentence', async () => {
  const read = await pageOf((page) => page.drawText('Cut two on the fold', { x: 50, y: 50 }));
  expect(read).toEqual({ ok: false, sentence: expect.stringMatching('no lines') });
});

test('what is only clipped by, not drawn, is no outline', async () => {
  const operators = {
    fnArray: [91, 28],
    argsArray: [
      [
        [13, 14, 14, 18],
        [0, 0, 9, 0, 9, 9],
      ],
      null,
    ],
  };
  const names = {
    constructPath: 91,
    endPath: 28,
    moveTo: 13,
    lineTo: 14,
    closePath: 18,
    fill: 22,
  } as PdfPage['names'];
  const page = { names, transform: [1, 0, 0, -1, 0, 0], userUnit: 1, layers: {} };
  expect(readPdfPage({ ...page, operators }).ok).toBe(false);
  const filled = { ...operators, fnArray: [91, 22] };
  expect(readPdfPage({ ...page, operators: filled }).ok).toBe(true);
  // A unit of ten points is ten times as large.
  const [one] = shapesOf(readPdfPage({ ...page, userUnit: 10, operators: filled }));
  expect(one?.areaMm2).toBeCloseTo(40.5 * (10 * (25.4 / 72)) ** 2, 6);
});

describe('sheets put together', () => {
  /** A pattern of 400 by 500 on four sheets of 230 by 280, each with a frame 15 inside it: 200 by 250 are left of each. */
  const tiled = () =>
    sheetsOf((file) => {
      for (const [column, row] of [
        [0, 0],
        [1, 0],
        [0, 1],
        [1, 1],
      ] as const) {
        const page = file.addPage([mm(230), mm(280)]);
        page.drawRectangle({ x: mm(15), y: mm(15), width: mm(200), height: mm(250), borderWidth: 1 });
        // Where the corner of the whole pattern lies on this sheet; y upwards, as a page has it.
        const [x, y] = [mm(15 - 200 * column), mm(280 - 15 + 250 * row)];
        page.pushOperators(
          moveTo(x + mm(50), y - mm(60)),
          lineTo(x + mm(350), y - mm(60)),
          appendBezierCurve(x + mm(380), y - mm(200), x + mm(380), y - mm(300), x + mm(350), y - mm(440)),
          lineTo(x + mm(50), y - mm(440)),
          closePath(),
          stroke(),
          // A small piece on the first sheet alone.
          moveTo(x + mm(60), y - mm(80)),
          lineTo(x + mm(110), y - mm(80)),
          lineTo(x + mm(110), y - mm(110)),
          closePath(),
          stroke(),
        );
      }
    });

  test('a piece that runs over four sheets comes back whole, at its place; a small one with its own; frames are no pieces', async () => {
    const read = readPdfSheets(await tiled(), { columns: 2, sidesMm: 15, endsMm: 15 });
    const shapes = shapesOf(read);
    const [whole, ...small] = shapes;
    [50, 60, 372.5, 440].forEach((wanted, nth) =>
      expect(Math.abs((whole?.box[nth] ?? 0) - wanted)).toBeLessThan(0.1),
    );
    expect(small.map(({ areaMm2 }) => Math.round(areaMm2))).toEqual([750]);
  });

  test('two marks that are one bring their sheets together: each loses half of what they are apart', () => {
    const layout = { columns: 2, sidesMm: 0, endsMm: 5 };
    expect(matched(layout, { x: 190, y: 100 }, { x: 220, y: 101 })).toEqual({ ...layout, sidesMm: 15 });
    expect(matched(layout, { x: 50, y: 300 }, { x: 50, y: 280 })).toEqual({ ...layout, endsMm: 15 });
  });

  test('a margin five too large loses ten where two sheets meet: the size tells; one larger than the sheet is refused', async () => {
    const sheets = await tiled();
    const [whole] = shapesOf(readPdfSheets(sheets, { columns: 2, sidesMm: 20, endsMm: 20 }));
    const wide = (whole?.box[2] ?? 0) - (whole?.box[0] ?? 0);
    expect(Math.abs(wide - (322.5 - 10))).toBeLessThan(0.1);
    expect(readPdfSheets(sheets, { columns: 2, sidesMm: 140, endsMm: 140 })).toEqual({
      ok: false,
      sentence: expect.stringMatching('margin is larger'),
    });
  });
});

import 'server-only';
import {
  lineTo,
  moveTo,
  PDFHexString,
  PDFName,
  PDFOperator,
  PDFOperatorNames,
  popGraphicsState,
  pushGraphicsState,
  setDashPattern,
  setLineWidth,
  setStrokingColor,
  stroke,
  type PDFDocument,
  type PDFPage,
} from '@cantoo/pdf-lib';
import type { Point } from '@/core/geometry/point';
import { INK, POINTS_PER_MM, type TextWriter, type Written } from './pdfText';

export interface LineStyle {
  /** Points. */
  readonly width: number;
  readonly color?: typeof INK;
  /** Drawn and left out, points. */
  readonly dash?: readonly number[];
}

/** Where a page’s own lengths begin: mm from the left and from the top of the sheet. */
export interface Origin {
  readonly page: PDFPage;
  readonly leftMm: number;
  readonly topMm: number;
}

/** A point in mm, y downwards, as PDF points. */
export const pdfPoint = ({ page, leftMm, topMm }: Origin, { x, y }: Point): Point => ({
  x: (leftMm + x) * POINTS_PER_MM,
  y: page.getHeight() - (topMm + y) * POINTS_PER_MM,
});

/** Draws lines of one style, straight from point to point, mm. */
export function drawLines(
  origin: Origin,
  lines: readonly (readonly Point[])[],
  { width, color = INK, dash = [] }: LineStyle,
): void {
  const paths = lines.flatMap((points) =>
    points.map((one, nth) => {
      const { x, y } = pdfPoint(origin, one);
      return nth === 0 ? moveTo(x, y) : lineTo(x, y);
    }),
  );
  if (paths.length === 0) return;
  origin.page.pushOperators(
    pushGraphicsState(),
    setLineWidth(width),
    setStrokingColor(color),
    setDashPattern([...dash], 0),
    ...paths,
    stroke(),
    popGraphicsState(),
  );
}

/** Draws on a layer that a reader can hide. */
export type OnLayer = (page: PDFPage, layer: string, draw: () => void) => void;

/** Layers of a document, by their names (S: ISO 32000, optional content). What has no name, and one alone, cannot be hidden. */
export function createLayers(pdf: PDFDocument, all: readonly string[]): OnLayer {
  const names = all.filter((name) => name !== '');
  if (names.length < 2) return (_page, _layer, draw) => draw();
  const { context, catalog } = pdf;
  const groups = new Map(
    names.map((name, nth) => [
      name,
      {
        key: PDFName.of(`Layer${nth}`),
        ref: context.register(context.obj({ Type: 'OCG', Name: PDFHexString.fromText(name) })),
      },
    ]),
  );
  const refs = [...groups.values()].map(({ ref }) => ref);
  catalog.set(PDFName.of('OCProperties'), context.obj({ OCGs: refs, D: { ON: refs, Order: refs } }));
  return (page, layer, draw) => {
    const group = groups.get(layer);
    if (!group) return draw();
    const resources = page.node.normalizedEntries().Resources;
    const known = resources.lookup(PDFName.of('Properties'));
    if (!known)
      resources.set(
        PDFName.of('Properties'),
        context.obj(Object.fromEntries([...groups.values()].map(({ key, ref }) => [key.decodeText(), ref]))),
      );
    page.pushOperators(
      PDFOperator.of(PDFOperatorNames.BeginMarkedContentSequence, [PDFName.of('OC'), group.key]),
    );
    draw();
    page.pushOperators(PDFOperator.of(PDFOperatorNames.EndMarkedContent));
  };
}

/** Writes words that begin at a place of the page, mm, y downwards. */
export async function writeAt(
  origin: Origin,
  text: TextWriter,
  words: string,
  at: Point,
  how: Omit<Written, 'xMm' | 'yMm'>,
): Promise<void> {
  const { x, y } = pdfPoint(origin, at);
  await text.write(origin.page, words, { ...how, xMm: x / POINTS_PER_MM, yMm: y / POINTS_PER_MM });
}

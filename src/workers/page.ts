import type { DrawingRead } from '@/core/formats/drawing/drawing';
import {
  pdfOperators,
  readPdfPage,
  readPdfSheets,
  type PdfOperator,
  type PdfPage,
  type PdfSheet,
  type SheetLayout,
} from '@/core/formats/drawing/pdfDrawing';

/** A page of a PDF whose lines are asked for, the first is 1; or all of them, put together. */
export interface PageRequest {
  readonly file: Blob;
  readonly page: number;
  readonly sheets?: SheetLayout | undefined;
}

/** What the page has, and how many pages there are. */
export interface PageReply {
  readonly drawing: DrawingRead;
  readonly pages: number;
}

/** What is needed of a PDF reader. */
export interface PdfReader {
  readonly getDocument: (given: Readonly<Record<string, unknown>>) => { readonly promise: Promise<PdfFile> };
  readonly OPS: Readonly<Record<string, number>>;
}
interface PdfFile {
  readonly numPages: number;
  readonly getPage: (page: number) => Promise<{
    readonly userUnit: number;
    readonly getViewport: (of: { readonly scale: number }) => {
      readonly transform: readonly number[];
      readonly width: number;
      readonly height: number;
    };
    readonly getOperatorList: () => Promise<PdfPage['operators']>;
  }>;
  readonly getOptionalContentConfig: () => Promise<{
    readonly getGroups: () => Readonly<Record<string, { readonly name?: string | null }>> | null;
  }>;
  readonly destroy: () => Promise<void>;
}

/** Larger files, or such with more pages, are books. */
const MOST_BYTES = 60_000_000;
const MOST_PAGES = 400;
/** More sheets than this lie on no floor. */
const MOST_SHEETS = 120;

const refused = (sentence: string, pages = 0): PageReply => ({ drawing: { ok: false, sentence }, pages });

/** The lines of one page of a PDF, read by a reader that is brought along. */
export async function answerPage(
  { file, page, sheets }: PageRequest,
  { getDocument, OPS }: PdfReader,
): Promise<PageReply> {
  if (file.size > MOST_BYTES)
    return refused('This PDF is larger than 60 MB: save the pages with the outlines on them alone.');
  let pdf: PdfFile;
  try {
    const data = new Uint8Array(await file.arrayBuffer());
    pdf = await getDocument({ data, verbosity: 0, isEvalSupported: false, disableFontFace: true }).promise;
  } catch (error) {
    return refused(
      error instanceof Error && error.name === 'PasswordException'
        ? 'This PDF is locked with a password: save it without one and choose it again.'
        : 'This PDF breaks off or is damaged, or is none: save it again and choose it once more.',
    );
  }
  try {
    const pages = pdf.numPages;
    if (pages > MOST_PAGES)
      return refused(
        `This PDF has ${pages} pages: save the pages with the outlines on them alone, and choose that file.`,
        pages,
      );
    if (sheets && pages > MOST_SHEETS)
      return refused(`${pages} sheets are too many to put together: save those of one size alone.`, pages);
    const groups = (await pdf.getOptionalContentConfig()).getGroups() ?? {};
    const ofFile: OfFile = {
      names: Object.fromEntries(pdfOperators.map((name) => [name, OPS[name]])) as Record<PdfOperator, number>,
      layers: Object.fromEntries(Object.entries(groups).map(([id, { name }]) => [id, name ?? ''])),
    };
    const sheetAt = (number: number) => sheetOf(pdf, number, ofFile);
    const drawing = sheets
      ? readPdfSheets(await Promise.all(Array.from({ length: pages }, (_, nth) => sheetAt(nth + 1))), sheets)
      : readPdfPage((await sheetAt(Math.min(Math.max(page, 1), pages))).page);
    return { drawing, pages };
  } catch {
    return refused('This page cannot be read: choose another page, or save the PDF again.', pdf.numPages);
  } finally {
    await pdf.destroy();
  }
}

/** What all pages of a file have in common. */
type OfFile = Pick<PdfPage, 'names' | 'layers'>;

async function sheetOf(pdf: PdfFile, number: number, ofFile: OfFile): Promise<PdfSheet> {
  const page = await pdf.getPage(number);
  const { transform, width, height } = page.getViewport({ scale: 1 });
  const operators = await page.getOperatorList();
  return { width, height, page: { ...ofFile, operators, transform, userUnit: page.userUnit } };
}

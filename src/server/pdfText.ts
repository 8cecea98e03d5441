import 'server-only';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fontkit from '@cantoo/fontkit';
import { degrees, rgb, StandardFonts, type PDFDocument, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import bidiFactory from 'bidi-js';
import { MM_PER_INCH } from '@/core/units/constants';

/** PDF points in a millimetre: 72 to the inch (S: ISO 32000). */
export const POINTS_PER_MM = 72 / MM_PER_INCH;

export const INK = rgb(0.11, 0.13, 0.27);
export const SOFT = rgb(0.35, 0.37, 0.5);
export const DEMAND = rgb(0.75, 0.16, 0.35);
type Colour = ReturnType<typeof rgb>;

/** Fonts that ship with the product, in the order in which a letter is looked for: alphabets, every other script, emoji. */
const FONT_FILES = [
  'dejavu-fonts-ttf/ttf/DejaVuSans.ttf',
  '@fontsource/unifont/files/unifont-latin-400-normal.woff',
  '@fontsource/noto-emoji/files/noto-emoji-emoji-400-normal.woff',
] as const;

interface Font {
  readonly bytes: Uint8Array;
  readonly font: fontkit.Font;
}

const fonts = new Map<number, Font>();
/** Read once, and only when a letter is not in those before it. */
function fontAt(nth: number): Font {
  const known = fonts.get(nth);
  if (known) return known;
  const bytes = readFileSync(join(process.cwd(), 'node_modules', FONT_FILES[nth] as string));
  const font = fontkit.create(bytes);
  if (!('hasGlyphForCodePoint' in font))
    throw new Error(`expected one font in ${FONT_FILES[nth]}, got several`);
  const read = { bytes, font };
  fonts.set(nth, read);
  return read;
}

/** Joins letters to one sign, or says how one is drawn: no font has to have them. */
const SILENT = /[\p{Default_Ignorable_Code_Point}\p{Variation_Selector}]/u;
/** What the font that every reader has by itself can write (WinAnsi, S: ISO 32000); as most text is, it takes no font along. */
const PLAIN = /^[\u0020-\u007e\u00a1-\u00ff–—‘’“”•]*$/;
const PLAIN_FONT = -1;
const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });
const bidi = bidiFactory();

/** A stretch of text in one font, one direction. */
interface TextRun {
  readonly text: string;
  /** Of those that ship, or `PLAIN_FONT`. */
  readonly font: number;
}

/** Text as it is seen from left to right: each stretch as it is read, its letters in the order in which they are spoken. */
export function runsOfText(given: string): readonly TextRun[] {
  const text = given.replaceAll(/[\n\r\t]+/g, ' ').normalize('NFC');
  if (PLAIN.test(text)) return [{ text, font: PLAIN_FONT }];
  const levels = bidi.getEmbeddingLevels(text, 'ltr');
  const fontOf: number[] = [];
  for (const { segment, index } of graphemes.segment(text)) {
    const font = fontFor(segment);
    for (let at = 0; at < segment.length; at += 1) fontOf[index + at] = font;
  }
  const runs: { from: number; to: number; level: number; font: number }[] = [];
  for (const at of bidi.getReorderedIndices(text, levels)) {
    const [level, font] = [levels.levels[at] as number, fontOf[at] as number];
    const last = runs.at(-1);
    if (last?.level === level && last.font === font && (at === last.to || at === last.from - 1)) {
      last.from = Math.min(last.from, at);
      last.to = Math.max(last.to, at + 1);
    } else runs.push({ from: at, to: at + 1, level, font });
  }
  return runs.map(({ from, to, font }) => ({ text: text.slice(from, to), font }));
}

/** The first font that has every letter of a sign; the last but one where none has. */
function fontFor(sign: string): number {
  const codePoints = [...sign].filter((one) => !SILENT.test(one)).map((one) => one.codePointAt(0) as number);
  const found = FONT_FILES.findIndex((_, nth) =>
    codePoints.every((one) => fontAt(nth).font.hasGlyphForCodePoint(one)),
  );
  return found === -1 ? 0 : found;
}

interface MeasuredRun {
  readonly text: string;
  readonly font: PDFFont;
  /** At a size of 1. */
  readonly wide: number;
}

export interface Written {
  readonly xMm: number;
  readonly yMm: number;
  /** Points. */
  readonly size: number;
  readonly color?: Colour;
  /** Clockwise as it is seen, about (x, y). */
  readonly turnedDeg?: number;
}

/** Writes any text in one document. Places are mm from a page’s lower left corner. */
export interface TextWriter {
  readonly write: (page: PDFPage, text: string, at: Written) => Promise<void>;
  /** How wide a text is, mm. */
  readonly widthMm: (text: string, size: number) => Promise<number>;
}

/** The writer of a document: embeds of each font it needs only the letters that were used. */
export function createTextWriter(pdf: PDFDocument): TextWriter {
  // What was read of a font once, its letters among it, serves every document.
  pdf.registerFontkit({
    create: (bytes) => [...fonts.values()].find((one) => one.bytes === bytes)?.font ?? fontkit.create(bytes),
  });
  const embedded = new Map<number, Promise<PDFFont>>();
  const embed = (nth: number): Promise<PDFFont> => {
    const known =
      embedded.get(nth) ??
      (nth === PLAIN_FONT
        ? pdf.embedFont(StandardFonts.Helvetica)
        : pdf.embedFont(fontAt(nth).bytes, { subset: true }));
    embedded.set(nth, known);
    return known;
  };
  const measured = new Map<string, Promise<readonly MeasuredRun[]>>();
  const measure = async (text: string): Promise<readonly MeasuredRun[]> =>
    Promise.all(
      runsOfText(text).map(async (run) => {
        const font = await embed(run.font);
        return { text: run.text, font, wide: font.widthOfTextAtSize(run.text, 1) };
      }),
    );
  // The same words stand on every sheet.
  const runs = (text: string): Promise<readonly MeasuredRun[]> => {
    const known = measured.get(text) ?? measure(text);
    measured.set(text, known);
    return known;
  };
  return {
    widthMm: async (text, size) =>
      ((await runs(text)).reduce((sum, { wide }) => sum + wide, 0) * size) / POINTS_PER_MM,
    write: async (page, text, { xMm, yMm, size, color = INK, turnedDeg = 0 }) => {
      const turn = (-turnedDeg * Math.PI) / 180;
      let past = 0;
      for (const { text: part, font, wide } of await runs(text)) {
        page.drawText(part, {
          x: xMm * POINTS_PER_MM + Math.cos(turn) * past,
          y: yMm * POINTS_PER_MM + Math.sin(turn) * past,
          size,
          font,
          color,
          rotate: degrees(-turnedDeg),
        });
        past += wide * size;
      }
    },
  };
}

/** Words in lines no wider than there is room, mm. */
export async function wrapped(
  text: TextWriter,
  words: string,
  size: number,
  wideMm: number,
): Promise<readonly string[]> {
  const lines: string[] = [];
  for (const word of words.split(' ')) {
    const last = lines.at(-1);
    const longer = last === undefined ? word : `${last} ${word}`;
    if (last !== undefined && (await text.widthMm(longer, size)) <= wideMm) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

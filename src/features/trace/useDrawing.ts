'use client';
import { useMemo, useState } from 'react';
import {
  MOST_DRAWING_BYTES,
  TOO_LARGE,
  type DrawingRead,
  type DrawnShape,
} from '@/core/formats/drawing/drawing';
import { matched, type SheetLayout } from '@/core/formats/drawing/pdfDrawing';
import { squareAt, type SquareSides } from '@/core/formats/drawing/testSquare';
import { mapped, type Path } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';
import { MM_PER_INCH } from '@/core/units/constants';
import { askOnce } from '@/workers/askOnce';
import type { PageReply, PageRequest } from '@/workers/page';

/** What one unit of a drawing can be, mm. */
const UNITS = { mm: 1, cm: 10, inch: MM_PER_INCH, pixel: MM_PER_INCH / 96, point: MM_PER_INCH / 72 } as const;
export type DrawingUnit = keyof typeof UNITS;

/** A PDF that is looked through. */
interface Paper {
  readonly file: File;
  readonly page: number;
  readonly pages: number;
  /** How its sheets were put together. */
  readonly sheets?: SheetLayout | undefined;
}

/** What the next click on the table is for: the test square, or a mark that stands on two sheets. */
export type AsksFor = 'square' | 'mark' | 'same mark';

/** A drawing or a page that outlines are taken from: chosen from a list, or laid under the table and clicked along. */
export interface Drawing {
  readonly read: DrawingRead | undefined;
  readonly paper: Paper | undefined;
  readonly busy: boolean;
  readonly unit: DrawingUnit | undefined;
  /** Millimetres in one of its units, once that is known. */
  readonly mmPerUnit: number | undefined;
  /** Its layers by name, and those that are not looked at. */
  readonly layers: readonly string[];
  readonly hidden: ReadonlySet<string>;
  /** Closed lines that may be pieces, of the layers that are looked at. */
  readonly shapes: readonly DrawnShape[];
  /** It lies under the table: its lines, mm. */
  readonly laid: readonly Path[] | undefined;
  readonly from: 'a page' | 'a drawing';
  readonly asks: AsksFor | undefined;
  /** The test square that was clicked. */
  readonly square: SquareSides | undefined;
  readonly choose: (file: File | undefined) => Promise<void>;
  readonly turnTo: (page: number, sheets?: SheetLayout) => Promise<void>;
  readonly sayUnit: (unit: DrawingUnit) => void;
  readonly hide: (layer: string, hidden: boolean) => void;
  readonly lay: (laid: boolean) => void;
  readonly clear: () => void;
  readonly ask: (asks: AsksFor | undefined) => void;
  /** The table was clicked at a place while that is asked for. */
  readonly click: (at: Point) => void;
  readonly scaleBy: (factor: number) => void;
}

interface State {
  readonly read?: DrawingRead;
  readonly paper?: Paper;
  readonly unit?: DrawingUnit;
  /** What a test square made of its scale. */
  readonly factor: number;
  readonly hidden: ReadonlySet<string>;
  readonly isLaid: boolean;
  readonly asks?: AsksFor | undefined;
  readonly square?: SquareSides | undefined;
  /** The first of two marks. */
  readonly mark?: Point;
}
const NONE: State = { factor: 1, hidden: new Set(), isLaid: false };

export function useDrawing(): Drawing {
  const [state, setState] = useState<State>(NONE);
  const [busy, setBusy] = useState(false);
  const set = (changes: Partial<State>) => setState((was) => ({ ...was, ...changes }));
  const { read, paper, unit, factor, hidden, isLaid, asks, square } = state;
  const own = read?.ok ? (read.mmPerUnit ?? (unit && UNITS[unit])) : undefined;
  const mmPerUnit = own === undefined ? undefined : own * factor;
  const lines = useMemo(() => {
    if (!read?.ok || mmPerUnit === undefined) return undefined;
    return read.lines
      .filter(({ layer }) => !hidden.has(layer))
      .map(({ path }) => mapped(path, ({ x, y }) => ({ x: x * mmPerUnit, y: y * mmPerUnit })));
  }, [read, hidden, mmPerUnit]);
  const openPage = async (file: File, page: number, sheets?: SheetLayout) => {
    setBusy(true);
    const { drawing, pages } = await readPage({ file, page, sheets });
    setState((was) => ({
      ...NONE,
      read: drawing,
      isLaid: sheets !== undefined && was.isLaid,
      ...(pages > 0 ? { paper: { file, page, pages, sheets } } : {}),
    }));
    setBusy(false);
  };
  return {
    read,
    paper,
    busy,
    unit,
    mmPerUnit,
    hidden,
    asks,
    square,
    layers: read?.ok ? [...new Set(read.lines.map(({ layer }) => layer))] : [],
    shapes: read?.ok ? read.shapes.filter(({ layer }) => !hidden.has(layer)) : [],
    laid: isLaid ? lines : undefined,
    from: paper ? 'a page' : 'a drawing',
    choose: async (file) => {
      if (!file) return;
      if (await isPdf(file)) return openPage(file, 1);
      setState({ ...NONE, read: await readDrawing(file) });
    },
    turnTo: async (page, sheets) => paper && openPage(paper.file, page, sheets),
    sayUnit: (said) => set({ unit: said }),
    hide: (layer, hide) => {
      const others = [...hidden].filter((one) => one !== layer);
      set({ hidden: new Set(hide ? [...others, layer] : others) });
    },
    lay: (now) => set({ isLaid: now, asks: undefined, square: undefined }),
    clear: () => setState(NONE),
    ask: (next) => set({ asks: next, square: undefined }),
    click: (at) => {
      if (asks === 'mark') return set({ asks: 'same mark', mark: at });
      if (asks === 'same mark' && state.mark && paper?.sheets)
        return void openPage(paper.file, paper.page, matched(paper.sheets, state.mark, at));
      const sides = squareAt(lines ?? [], at);
      if (sides) set({ asks: undefined, square: sides });
    },
    scaleBy: (by) => set({ factor: factor * by, square: undefined }),
  };
}

/** Whether a file is a PDF, by how it begins and not by its name. */
const isPdf = async (file: File): Promise<boolean> => (await file.slice(0, 1024).text()).includes('%PDF-');

/** Reads a drawing by what it is: SVG or DXF. The readers come only when one is chosen. */
async function readDrawing(file: File): Promise<DrawingRead> {
  if (file.size > MOST_DRAWING_BYTES) return TOO_LARGE;
  const text = await file.text();
  if (/<svg[\s>]|<\?xml/i.test(text.slice(0, 2000)))
    return (await import('@/core/formats/drawing/svgDrawing')).readSvg(text);
  return (await import('@/core/formats/drawing/dxfDrawing')).readDxf(text);
}

const UNREAD: PageReply = {
  drawing: { ok: false, sentence: 'This PDF could not be read: save it again and choose it once more.' },
  pages: 0,
};

/** Reads a page, or all of them together, in a worker of its own. */
const readPage = (request: PageRequest): Promise<PageReply> =>
  askOnce<PageRequest, PageReply>(
    new Worker(new URL('../../workers/page.worker.ts', import.meta.url), { type: 'module' }),
    request,
    // The reader inside says that it is ready: that is no answer.
    (data): data is PageReply => typeof data === 'object' && data !== null && 'drawing' in data,
  ).answer.catch(() => UNREAD);

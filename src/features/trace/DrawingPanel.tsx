'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { Knot } from '@/core/facts/outline';
import {
  knotsOfDrawn,
  MOST_DRAWING_BYTES,
  TOO_LARGE,
  type DrawingRead,
  type DrawnShape,
} from '@/core/formats/drawing/drawing';
import { boundsOf } from '@/core/geometry/ring';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import type { SheetLayout } from '@/core/formats/drawing/pdfDrawing';
import { lengthMm, numberOf } from '@/core/facts/spec';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import type { PageReply, PageRequest } from '@/workers/page';
import { pathOnTable } from './OutlineLayer';
import styles from './Trace.module.css';

/** What one unit of a drawing can be, mm. */
const UNITS = { mm: 1, cm: 10, inch: MM_PER_INCH, pixel: MM_PER_INCH / 96, point: MM_PER_INCH / 72 } as const;
type Unit = keyof typeof UNITS;
const UNIT_CHOICES: readonly { readonly value: Unit; readonly label: string }[] = [
  { value: 'mm', label: 'a millimetre' },
  { value: 'cm', label: 'a centimetre' },
  { value: 'inch', label: 'an inch' },
  { value: 'pixel', label: 'a pixel, 96 to the inch' },
  { value: 'point', label: 'a point, 72 to the inch' },
];
/** So many outlines are shown: a pattern has fewer pieces. */
const MOST_SHOWN = 40;

/** Takes an outline out of a drawing or a page: its closed lines, to choose the piece’s own from. */
export function DrawingPanel({ onTake }: { onTake: (ring: readonly Knot[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<DrawingRead | undefined>(undefined);
  const [said, setSaid] = useState<Unit | undefined>(undefined);
  const [paper, setPaper] = useState<Paper | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const turnTo = async (file: File, page: number, sheets?: SheetLayout) => {
    setBusy(true);
    const { drawing, pages } = await readPage({ file, page, sheets });
    setPaper(pages > 0 ? { file, page, pages } : undefined);
    setRead(drawing);
    setBusy(false);
  };
  const choose = async (file: File | undefined) => {
    if (!file) return;
    setSaid(undefined);
    setPaper(undefined);
    if (await isPdf(file)) return turnTo(file, 1);
    setRead(await readDrawing(file));
  };
  const mmPerUnit = read?.ok ? (read.mmPerUnit ?? (said && UNITS[said])) : undefined;
  return (
    <div className={styles.part}>
      <div>
        <Button size="small" onClick={() => input.current?.click()}>
          Take it from a drawing or a page (SVG, DXF, PDF)
        </Button>
      </div>
      <input
        ref={input}
        type="file"
        accept=".svg,.dxf,.pdf,image/svg+xml,application/pdf"
        hidden
        aria-label="Drawing of the piece"
        onChange={(event) => {
          void choose(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {busy && <p className="soft">Reading the page…</p>}
      {paper && paper.pages > 1 && (
        <>
          <PickField
            label="Page"
            value={String(paper.page)}
            options={Array.from({ length: paper.pages }, (_, nth) => ({
              id: String(nth + 1),
              name: `${nth + 1} of ${paper.pages}`,
            }))}
            empty="choose a page"
            onChange={(page) => page !== '' && void turnTo(paper.file, Number(page))}
          />
          <Sheets onLay={(sheets) => void turnTo(paper.file, paper.page, sheets)} />
        </>
      )}
      {read && !read.ok && <Alert>{read.sentence}</Alert>}
      {read?.ok && (
        <>
          {read.notes.map((note) => (
            <p key={note} className="soft small">
              {note}
            </p>
          ))}
          {read.mmPerUnit === undefined && (
            <>
              <p className={styles.next}>
                The drawing does not say its unit: choose it, and look whether the sizes are right.
              </p>
              <ChoiceRow legend="One unit of it is" value={said} options={UNIT_CHOICES} onChange={setSaid} />
            </>
          )}
          <ul className={styles.edges} aria-label="Closed lines of the drawing">
            {read.shapes.slice(0, MOST_SHOWN).map((shape, nth) => (
              <li key={nth} className={styles.edge}>
                <Picture shape={shape} mmPerUnit={mmPerUnit} />
                <Button
                  size="small"
                  variant="outlined"
                  disabled={mmPerUnit === undefined}
                  onClick={() => {
                    if (mmPerUnit !== undefined) onTake(knotsOfDrawn(shape, mmPerUnit));
                    setRead(undefined);
                    setPaper(undefined);
                  }}
                >
                  Take this
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

const LOOK_PX = 56;

function Picture({ shape, mmPerUnit }: { shape: DrawnShape; mmPerUnit: number | undefined }) {
  const { unit } = useUnit();
  const { left, top, right, bottom } = boundsOf(shape.path);
  const [w, h] = [right - left, bottom - top];
  const scale = (LOOK_PX - 4) / Math.max(w, h);
  const view = { x: left - 2 / scale, y: top - 2 / scale, scale };
  const size = (length: number): string =>
    mmPerUnit === undefined ? length.toFixed(1) : formatLength(length * mmPerUnit, unit);
  return (
    <span className={styles.drawn}>
      <svg width={LOOK_PX} height={LOOK_PX} aria-hidden>
        <path d={pathOnTable(view, shape.path)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      </svg>
      <span>
        {shape.name}
        <span className="soft small">
          {' '}
          {size(w)} × {size(h)}
        </span>
      </span>
    </span>
  );
}

/** Reads a drawing by what it is: SVG or DXF. The readers come only when one is chosen. */
async function readDrawing(file: File): Promise<DrawingRead> {
  if (file.size > MOST_DRAWING_BYTES) return TOO_LARGE;
  const text = await file.text();
  if (/<svg[\s>]|<\?xml/i.test(text.slice(0, 2000)))
    return (await import('@/core/formats/drawing/svgDrawing')).readSvg(text);
  return (await import('@/core/formats/drawing/dxfDrawing')).readDxf(text);
}

/** A PDF that is looked through. */
interface Paper {
  readonly file: File;
  readonly page: number;
  readonly pages: number;
}

const ACROSS = numberOf('count', 'Sheets across', 1, 30);
const MARGIN = lengthMm('Margin', 0, 80);
/** What a home printer leaves white, mm (common practice, no source). */
const USUAL_MARGIN_MM = 10;

/** How the sheets of a pattern are put together. */
function Sheets({ onLay }: { onLay: (sheets: SheetLayout) => void }) {
  const [columns, setColumns] = useState<number | undefined>(undefined);
  const [marginMm, setMarginMm] = useState<number | undefined>(USUAL_MARGIN_MM);
  return (
    <Fold summary="Its sheets belong together">
      <div className={styles.two}>
        <NumberField spec={ACROSS} help="In one row." value={columns} onChange={setColumns} live />
        <LengthField
          spec={MARGIN}
          help="Trimmed off each side, up to the frame."
          valueMm={marginMm}
          onChange={setMarginMm}
          live
        />
      </div>
      <div>
        <Button
          size="small"
          variant="outlined"
          disabled={columns === undefined || marginMm === undefined}
          onClick={() => columns !== undefined && marginMm !== undefined && onLay({ columns, marginMm })}
        >
          Put them together
        </Button>
      </div>
      <p className="soft small">
        Then look for the pattern’s test square among the lines: its size says whether the margin is right.
      </p>
    </Fold>
  );
}

/** Whether a file is a PDF, by how it begins and not by its name. */
const isPdf = async (file: File): Promise<boolean> => (await file.slice(0, 1024).text()).includes('%PDF-');

/** Reads a page, or all of them together, in a worker of its own, which goes when it has answered. */
function readPage(request: PageRequest): Promise<PageReply> {
  const worker = new Worker(new URL('../../workers/page.worker.ts', import.meta.url), { type: 'module' });
  return new Promise<PageReply>((resolve) => {
    // The reader inside says that it is ready: that is no answer.
    worker.addEventListener('message', ({ data }: MessageEvent<PageReply | { readonly action: string }>) => {
      if ('drawing' in data) resolve(data);
    });
    worker.addEventListener('error', () =>
      resolve({
        drawing: {
          ok: false,
          sentence: 'This PDF could not be read: save it again and choose it once more.',
        },
        pages: 0,
      }),
    );
    worker.postMessage(request);
  }).finally(() => worker.terminate());
}

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
import { useUnit } from '@/ui/unit';
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

/** Takes an outline out of an SVG or DXF drawing: its closed lines, to choose the piece’s own from. */
export function DrawingPanel({ onTake }: { onTake: (ring: readonly Knot[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<DrawingRead | undefined>(undefined);
  const [said, setSaid] = useState<Unit | undefined>(undefined);
  const choose = async (file: File | undefined) => {
    if (!file) return;
    setSaid(undefined);
    setRead(await readDrawing(file));
  };
  const mmPerUnit = read?.ok ? (read.mmPerUnit ?? (said && UNITS[said])) : undefined;
  return (
    <div className={styles.part}>
      <div>
        <Button size="small" onClick={() => input.current?.click()}>
          Take it from a drawing (SVG, DXF)
        </Button>
      </div>
      <input
        ref={input}
        type="file"
        accept=".svg,.dxf,image/svg+xml"
        hidden
        aria-label="Drawing of the piece"
        onChange={(event) => {
          void choose(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
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

'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { Knot } from '@/core/facts/outline';
import { lengthMm, numberOf } from '@/core/facts/spec';
import { knotsOfDrawn, type DrawnShape } from '@/core/formats/drawing/drawing';
import { checkScale } from '@/core/formats/drawing/testSquare';
import type { SheetLayout } from '@/core/formats/drawing/pdfDrawing';
import { boundsOf } from '@/core/geometry/ring';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import { Tick } from '@/ui/Tick';
import { useUnit } from '@/ui/unit';
import { pathOnTable } from './OutlineLayer';
import styles from './Trace.module.css';
import type { Drawing, DrawingUnit } from './useDrawing';

const UNIT_CHOICES: readonly { readonly value: DrawingUnit; readonly label: string }[] = [
  { value: 'mm', label: 'a millimetre' },
  { value: 'cm', label: 'a centimetre' },
  { value: 'inch', label: 'an inch' },
  { value: 'pixel', label: 'a pixel, 96 to the inch' },
  { value: 'point', label: 'a point, 72 to the inch' },
];
/** So many outlines are shown: a pattern has fewer pieces. */
const MOST_SHOWN = 40;

interface Props {
  readonly drawing: Drawing;
  readonly onTake: (ring: readonly Knot[]) => void;
}

/** Takes outlines out of a drawing or a page: one of its closed lines as it is, or all of it under the table. */
export function DrawingPanel({ drawing, onTake }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const { read, paper, busy, mmPerUnit, laid } = drawing;
  return (
    <div className={styles.part}>
      <div className={styles.tools}>
        <Button size="small" onClick={() => input.current?.click()}>
          {read?.ok ? 'Another drawing or page' : 'Take it from a drawing or a page (SVG, DXF, PDF)'}
        </Button>
        {read?.ok && (
          <Button size="small" onClick={drawing.clear}>
            Take the drawing away
          </Button>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept=".svg,.dxf,.pdf,image/svg+xml,application/pdf"
        hidden
        aria-label="Drawing of the piece"
        onChange={(event) => {
          void drawing.choose(event.target.files?.[0]);
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
            onChange={(page) => page !== '' && void drawing.turnTo(Number(page))}
          />
          <Sheets onLay={(sheets) => void drawing.turnTo(paper.page, sheets)} />
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
              <ChoiceRow
                legend="One unit of it is"
                value={drawing.unit}
                options={UNIT_CHOICES}
                onChange={drawing.sayUnit}
              />
            </>
          )}
          {drawing.layers.length > 1 && <Layers drawing={drawing} />}
          <div>
            <Button
              size="small"
              variant="outlined"
              disabled={mmPerUnit === undefined}
              onClick={() => drawing.lay(laid === undefined)}
            >
              {laid ? 'Take it from under the table' : 'Lay it under the table'}
            </Button>
          </div>
          {laid && <TestSquare drawing={drawing} />}
          {drawing.shapes.length > 0 && !laid && (
            <ul className={styles.edges} aria-label="Closed lines of the drawing">
              {drawing.shapes.slice(0, MOST_SHOWN).map((shape, nth) => (
                <li key={nth} className={styles.edge}>
                  <Picture shape={shape} mmPerUnit={mmPerUnit} />
                  <Button
                    size="small"
                    variant="outlined"
                    disabled={mmPerUnit === undefined}
                    onClick={() => {
                      if (mmPerUnit !== undefined) onTake(knotsOfDrawn(shape, mmPerUnit));
                      drawing.clear();
                    }}
                  >
                    Take this
                  </Button>
                </li>
              ))}
            </ul>
          )}
        </>
      )}
    </div>
  );
}

/** Which layers are looked at: of a nested pattern one size alone. */
function Layers({ drawing }: { drawing: Drawing }) {
  return (
    <Fold summary={`Its ${drawing.layers.length} layers`}>
      {drawing.layers.map((layer) => (
        <Tick
          key={layer}
          checked={!drawing.hidden.has(layer)}
          onChange={(shown) => drawing.hide(layer, !shown)}
        >
          {layer === '' ? 'what lies on none' : layer}
        </Tick>
      ))}
    </Fold>
  );
}

const SIDE = lengthMm('In truth one side is', 10, 500);
/** The square most patterns print, mm (common practice, no source). */
const USUAL_SIDE_MM = 100;

/** The printed test square is clicked; what it says of the scale, and the scale mended by it. */
function TestSquare({ drawing: { square, askSquare, scaleBy } }: { drawing: Drawing }) {
  const { unit } = useUnit();
  const [trueMm, setTrueMm] = useState<number | undefined>(USUAL_SIDE_MM);
  const sides = square === 'asks' ? undefined : square;
  const check = sides && trueMm !== undefined ? checkScale(sides, trueMm) : undefined;
  return (
    <>
      <div>
        <Button
          size="small"
          variant="outlined"
          aria-pressed={square === 'asks'}
          onClick={() => askSquare(square === 'asks' ? undefined : 'asks')}
        >
          Check its scale
        </Button>
      </div>
      {square === 'asks' && <p className={styles.next}>Click inside the printed test square.</p>}
      {sides && (
        <>
          <p>
            Here it is{' '}
            <strong>
              {formatLength(sides.wideMm, unit)} × {formatLength(sides.highMm, unit)}
            </strong>
            .
          </p>
          <LengthField spec={SIDE} valueMm={trueMm} onChange={setTrueMm} live />
          {check?.says === 'right' && <p>The scale is right.</p>}
          {check?.says === 'no square' && (
            <p className={styles.next}>
              Its sides are not alike: click the square itself, or save the page again without fitting it to
              the paper.
            </p>
          )}
          {check?.says === 'off' && (
            <>
              <p className={styles.next}>
                The scale is {Math.abs((check.factor - 1) * 100).toFixed(1)} % too{' '}
                {check.factor > 1 ? 'small' : 'large'}.
              </p>
              <Button size="small" variant="contained" onClick={() => scaleBy(check.factor)}>
                Make it true
              </Button>
            </>
          )}
        </>
      )}
    </>
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
        Then lay them under the table: lines that run on from sheet to sheet say whether the margin is right.
      </p>
    </Fold>
  );
}

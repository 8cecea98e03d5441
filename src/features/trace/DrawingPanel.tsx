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
          <Sheets drawing={drawing} />
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
function TestSquare({ drawing: { asks, square, ask, scaleBy } }: { drawing: Drawing }) {
  const { unit } = useUnit();
  const [trueMm, setTrueMm] = useState<number | undefined>(USUAL_SIDE_MM);
  const check = square && trueMm !== undefined ? checkScale(square, trueMm) : undefined;
  return (
    <>
      <div>
        <Button
          size="small"
          variant="outlined"
          aria-pressed={asks === 'square'}
          onClick={() => ask(asks === 'square' ? undefined : 'square')}
        >
          Check its scale
        </Button>
      </div>
      {asks === 'square' && <p className={styles.next}>Click inside the printed test square.</p>}
      {square && (
        <>
          <p>
            Here it is{' '}
            <strong>
              {formatLength(square.wideMm, unit)} × {formatLength(square.highMm, unit)}
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
/** What a home printer leaves white, mm (common practice, no source). */
const USUAL_MARGIN_MM = 10;

/** How the sheets of a pattern are put together: in rows, trimmed; or until their marks lie on each other. */
function Sheets({ drawing }: { drawing: Drawing }) {
  const { paper, laid, asks } = drawing;
  const [columns, setColumns] = useState<number | undefined>(undefined);
  const [typed, setTyped] = useState<Trim>(USUAL_TRIM);
  // What two marks made of the trimming counts until something else is typed.
  const trim = typed.of === paper?.sheets ? typed : { ...paper?.sheets, of: paper?.sheets };
  const { sidesMm, endsMm } = trim;
  const layout =
    columns === undefined || sidesMm === undefined || endsMm === undefined
      ? undefined
      : { columns, sidesMm, endsMm };
  return (
    <Fold summary="Its sheets belong together">
      <NumberField spec={ACROSS} help="In one row." value={columns} onChange={setColumns} live />
      <div className={styles.two}>
        {(['sidesMm', 'endsMm'] as const).map((side) => (
          <LengthField
            key={side}
            spec={TRIMMED[side]}
            valueMm={trim[side]}
            onChange={(mm) => setTyped({ ...trim, [side]: mm })}
            live
          />
        ))}
      </div>
      <div className={styles.tools}>
        <Button
          size="small"
          variant="outlined"
          disabled={layout === undefined}
          onClick={() => paper && layout && void drawing.turnTo(paper.page, layout)}
        >
          Put them together
        </Button>
        {paper?.sheets && laid && (
          <Button
            size="small"
            variant="outlined"
            aria-pressed={asks === 'mark' || asks === 'same mark'}
            onClick={() => drawing.ask(asks === undefined ? 'mark' : undefined)}
          >
            Match two marks
          </Button>
        )}
      </div>
      {asks === 'mark' && (
        <p className={styles.next}>Click a mark that stands on two sheets, on the first of them.</p>
      )}
      {asks === 'same mark' && <p className={styles.next}>Click the same mark on the other sheet.</p>}
      <p className="soft small">
        Trim nothing when you do not know: lay them under the table, and match a mark that stands on two
        sheets until they lie on each other.
      </p>
    </Fold>
  );
}

/** What is trimmed off each sheet, and the layout it was typed over. */
interface Trim {
  readonly sidesMm?: number | undefined;
  readonly endsMm?: number | undefined;
  readonly of?: SheetLayout | undefined;
}
const USUAL_TRIM: Trim = { sidesMm: USUAL_MARGIN_MM, endsMm: USUAL_MARGIN_MM };
const TRIMMED = {
  sidesMm: lengthMm('Trimmed left and right', 0, 80),
  endsMm: lengthMm('Trimmed above and below', 0, 80),
} as const;

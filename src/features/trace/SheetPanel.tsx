'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import { lengthMm } from '@/core/facts/spec';
import { sheets, type ReadPhoto, type SheetId } from '@/core/pieces/sheets';
import type { Knot } from '@/core/facts/outline';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { Tick } from '@/ui/Tick';
import { DrawingPanel } from './DrawingPanel';
import styles from './Trace.module.css';
import type { Drawing } from './useDrawing';
import type { Under } from './useUnder';

const SIDE = lengthMm('Side of the rectangle', 30, 3000);

const SHEETS: readonly { readonly value: SheetId; readonly label: string }[] = [
  ...(Object.keys(sheets) as (keyof typeof sheets)[]).map((value) => ({ value, label: sheets[value].label })),
  { value: 'own', label: 'Another rectangle' },
];

interface Props {
  readonly under: Under;
  readonly drawing: Drawing;
  readonly read: ReadPhoto | undefined;
  /** Whether a practice photo can be made of this piece. */
  readonly onPractise: (() => void) | undefined;
  /** An outline was taken out of a drawing. */
  readonly onTake: (ring: readonly Knot[]) => void;
  readonly selected: number | undefined;
  readonly onSelect: (nth: number) => void;
}

/** What lies under the outline: a photo, and the sheet in it that tells its scale. */
export function SheetPanel({ under, drawing, read, onPractise, onTake, selected, onSelect }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const { photo, state, trouble } = under;
  return (
    <section className={styles.part}>
      <h2>What lies under it</h2>
      {!photo && !drawing.read?.ok && (
        <p className="soft">
          Lay the paper piece flat with a sheet of A4 or Letter beside it, hold the camera straight above
          both, and choose the photo. It stays on this device.
        </p>
      )}
      <div className={styles.tools}>
        <Button
          variant={photo || drawing.read?.ok ? 'outlined' : 'contained'}
          onClick={() => input.current?.click()}
        >
          {photo ? 'Another photo' : 'Choose a photo'}
        </Button>
        {onPractise && !photo && <Button onClick={onPractise}>Practise on a made photo</Button>}
        {photo && <Button onClick={under.clear}>Take the photo away</Button>}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label="Photo of the piece"
        onChange={(event) => {
          drawing.clear();
          void under.choose(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {trouble && <Alert>{trouble}</Alert>}
      {!photo && <DrawingPanel drawing={drawing} onTake={onTake} />}
      {photo && state && !state.settled && (
        <>
          <p className={styles.next}>
            Drag the four handles onto the corners of the sheet; then the photo is laid flat.
          </p>
          <ChoiceRow
            legend="The sheet is"
            value={state.sheet}
            options={SHEETS}
            onChange={(sheet) => under.set({ sheet })}
          />
          {state.sheet === 'own' && (
            <div className={styles.two}>
              {(['widthMm', 'heightMm'] as const).map((key) => (
                <LengthField
                  key={key}
                  spec={SIDE}
                  label={key === 'widthMm' ? 'One side' : 'The other side'}
                  required
                  valueMm={state.ownSheet?.[key] ?? sheets.a4[key]}
                  onChange={(mm) =>
                    mm !== undefined &&
                    under.set({
                      ownSheet: { ...(state.ownSheet ?? sizeOf('a4')), [key]: mm },
                    })
                  }
                />
              ))}
            </div>
          )}
          <div className={styles.tools} role="group" aria-label="Corners, for the arrow keys">
            {state.corners.map((_, nth) => (
              <Button
                key={nth}
                size="small"
                variant={nth === selected ? 'contained' : 'outlined'}
                aria-pressed={nth === selected}
                onClick={() => onSelect(nth)}
              >
                Corner {nth + 1}
              </Button>
            ))}
          </div>
          <Tick checked={state.turned} onChange={(turned) => under.set({ turned })}>
            Its long side is the one that looks shorter
          </Tick>
          {read && !read.ok && <Alert>{read.sentence}</Alert>}
          {read?.ok && read.warning && <Alert severity="warning">{read.warning}</Alert>}
          <div>
            <Button variant="contained" disabled={!read?.ok} onClick={() => under.set({ settled: true })}>
              The corners are right
            </Button>
          </div>
        </>
      )}
      {photo && state?.settled && (
        <div>
          <Button size="small" onClick={() => under.set({ settled: false })}>
            Move the corners again
          </Button>
        </div>
      )}
    </section>
  );
}

const sizeOf = (id: keyof typeof sheets) => ({ widthMm: sheets[id].widthMm, heightMm: sheets[id].heightMm });

'use client';
import Button from '@mui/material/Button';
import { lengthMm } from '@/core/facts/spec';
import type { OutlineFacts } from '@/core/facts/outline';
import { movedKnot, removedKnot, turnedKnot } from '@/core/pieces/edits';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from './Trace.module.css';

const PLACE = lengthMm('Place', -20_000, 20_000);

interface Props {
  readonly onPhoto: boolean;
  readonly outline: OutlineFacts | undefined;
  readonly drawn: OutlineFacts['drawn'];
  readonly onDrawn: (drawn: OutlineFacts['drawn']) => void;
  readonly corner: boolean;
  readonly onCorner: (corner: boolean) => void;
  readonly selected: number | undefined;
  readonly onKeep: (label: string, outline: OutlineFacts | undefined) => void;
  readonly onClose: () => void;
}

/** Clicking round a piece: which line is traced, what the next click is, and the point that is taken hold of. */
export function OutlinePanel({
  onPhoto,
  outline,
  drawn,
  onDrawn,
  corner,
  onCorner,
  selected,
  onKeep,
  onClose,
}: Props) {
  const { unit } = useUnit();
  const count = outline?.ring.length ?? 0;
  const unfinished = !outline || outline.unfinished === true;
  const knot = selected === undefined ? undefined : outline?.ring[selected];
  return (
    <section className={styles.part}>
      <h2>The outline</h2>
      <ChoiceRow
        legend="The line you click along is"
        value={outline?.drawn ?? drawn}
        options={[
          { value: 'cut line', label: 'the cut edge' },
          { value: 'seamline', label: 'the seamline' },
        ]}
        onChange={onDrawn}
      />
      {unfinished && (
        <>
          <p className={onPhoto || count > 0 ? styles.next : 'soft'}>
            {count === 0
              ? onPhoto
                ? 'Click the first corner of the piece, then on round it.'
                : `Without a photo you click on the bare table, whose squares are ${formatLength(100, unit)}.`
              : count < 3
                ? 'Click on round the piece: corners where it turns sharply, curve points where it bends.'
                : 'Click on round the piece; click the first point again to close it.'}
          </p>
          <ChoiceRow
            legend="The next click sets"
            value={corner ? 'corner' : 'curve'}
            options={[
              { value: 'corner', label: 'a corner (C)' },
              { value: 'curve', label: 'a curve point (V)' },
            ]}
            onChange={(next) => onCorner(next === 'corner')}
          />
        </>
      )}
      {!unfinished && !knot && (
        <p className="soft">
          Click a point to move it, turn it into a corner or a curve point, or take it away; click the line to
          put one there.
        </p>
      )}
      {outline && knot && selected !== undefined && (
        <>
          <div className={styles.two}>
            {(['x', 'y'] as const).map((axis) => (
              <LengthField
                key={`${selected}${axis}`}
                spec={PLACE}
                label={axis === 'x' ? 'To the right' : 'Down'}
                required
                valueMm={knot[axis]}
                onChange={(mm) =>
                  mm !== undefined &&
                  onKeep(`Point ${selected + 1} moved`, movedKnot(outline, selected, { ...knot, [axis]: mm }))
                }
              />
            ))}
          </div>
          <div className={styles.tools}>
            <Button
              size="small"
              variant="outlined"
              onClick={() =>
                onKeep(
                  `Point ${selected + 1} is a ${knot.corner ? 'curve point' : 'corner'}`,
                  turnedKnot(outline, selected),
                )
              }
            >
              Make it a {knot.corner ? 'curve point' : 'corner'}
            </Button>
            <Button
              size="small"
              variant="outlined"
              onClick={() => onKeep(`Point ${selected + 1} taken away`, removedKnot(outline, selected))}
            >
              Take the point away
            </Button>
          </div>
        </>
      )}
      <div className={styles.tools}>
        {unfinished && (
          <Button variant="contained" disabled={count < 3} onClick={onClose}>
            Close the outline
          </Button>
        )}
        {outline && (
          <Button size="small" onClick={() => onKeep('Outline taken away', undefined)}>
            Take the outline away
          </Button>
        )}
      </div>
    </section>
  );
}

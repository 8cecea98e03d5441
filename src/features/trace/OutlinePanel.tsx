'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { lengthMm } from '@/core/facts/spec';
import type { OutlineFacts } from '@/core/facts/outline';
import { movedKnot, removedKnot, turnedKnot } from '@/core/pieces/edits';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import type { Finding } from './useFinding';
import styles from './Trace.module.css';

const PLACE = lengthMm('Place', -20_000, 20_000);

interface Props {
  /** What lies under it, laid flat. */
  readonly under: 'a photo' | 'a drawing' | 'nothing';
  readonly finding: Finding;
  readonly outline: OutlineFacts | undefined;
  readonly drawn: OutlineFacts['drawn'];
  readonly onDrawn: (drawn: OutlineFacts['drawn']) => void;
  readonly corner: boolean;
  readonly onCorner: (corner: boolean) => void;
  readonly selected: number | undefined;
  readonly onKeep: (label: string, outline: OutlineFacts | undefined) => void;
  readonly onClose: () => void;
}

/** A plain piece on ground of another colour is found by itself. */
function FindIt({ finding }: { finding: Finding }) {
  if (finding.now === 'works') return <p className={styles.next}>Looking for its edge…</p>;
  return (
    <>
      {finding.now === 'asks' ? (
        <p className={styles.next}>Click anywhere inside the piece: its edge is looked for from there.</p>
      ) : (
        <p className="soft">
          A plain piece on ground of another colour is found by itself; then look at its corners.
        </p>
      )}
      <div>
        <Button variant="outlined" onClick={finding.now === 'asks' ? finding.stop : finding.ask}>
          {finding.now === 'asks' ? 'Click round it instead' : 'Find the outline'}
        </Button>
      </div>
      {finding.trouble && <Alert>{finding.trouble}</Alert>}
    </>
  );
}

/** Clicking round a piece: which line is traced, what the next click is, and the point that is taken hold of. */
export function OutlinePanel({
  under,
  finding,
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
      {under === 'a photo' && count === 0 && <FindIt finding={finding} />}
      {unfinished && finding.now === undefined && (
        <>
          <p className={under !== 'nothing' || count > 0 ? styles.next : 'soft'}>
            {count === 0
              ? under === 'a photo'
                ? 'Click the first corner of the piece, then on round it.'
                : under === 'a drawing'
                  ? 'Click the piece’s corners in order, on its lines: between two clicks on one line the line is followed.'
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

'use client';
import Button from '@mui/material/Button';
import { notchFields, type Notch, type OutlineFacts } from '@/core/facts/outline';
import type { PieceShape, ShapeEdge } from '@/core/fit/pieceShape';
import { withNotches } from '@/core/pieces/notches';
import { lengthEachSide } from '@/core/pieces/measure';
import type { Outline } from '@/core/pieces/outline';
import { formatLength } from '@/core/units/formatLength';
import { LengthField } from '@/ui/LengthField';
import { Tick } from '@/ui/Tick';
import { useUnit } from '@/ui/unit';
import styles from './Trace.module.css';

interface Props {
  readonly shape: PieceShape;
  readonly outline: OutlineFacts;
  /** Its seamlines. */
  readonly laid: Outline;
  /** Clicks on the table set notches. */
  readonly setting: boolean;
  readonly onSet: (setting: boolean) => void;
  readonly onKeep: (label: string, outline: OutlineFacts) => void;
}

/** The notches of a piece, edge by edge: set on the table, placed by their distance along the seamline. */
export function NotchesPanel({ shape, outline, laid, setting, onSet, onKeep }: Props) {
  const withAny = shape.edges.filter(({ id }) => outline.edges?.[id]?.notches);
  return (
    <section className={styles.part}>
      <h2>Its notches</h2>
      <p className={setting ? styles.next : 'soft'}>
        {setting
          ? 'Click the edge where a notch is; click a notch to take it away.'
          : 'Seams are walked from notch to notch: set the same notches on both of their pieces.'}
      </p>
      <div>
        <Button size="small" variant="outlined" aria-pressed={setting} onClick={() => onSet(!setting)}>
          {setting ? 'Done with notches' : 'Set notches'}
        </Button>
      </div>
      {withAny.map((edge) => (
        <OnEdge key={edge.id} {...{ edge, outline, onKeep }} longMm={lengthEachSide(laid, edge.id) ?? 0} />
      ))}
    </section>
  );
}

interface OnEdgeProps extends Pick<Props, 'outline' | 'onKeep'> {
  readonly edge: ShapeEdge;
  readonly longMm: number;
}

function OnEdge({ edge, outline, longMm, onKeep }: OnEdgeProps) {
  const { unit } = useUnit();
  const notches = outline.edges?.[edge.id]?.notches ?? [];
  const keep = (label: string, next: readonly Notch[]) => onKeep(label, withNotches(outline, edge.id, next));
  const change = (nth: number, by: Notch) =>
    keep(
      `Notch at ${edge.label}`,
      notches.map((one, at) => (at === nth ? by : one)),
    );
  return (
    <div role="group" aria-label={`Notches at ${edge.label}`}>
      {notches.map((notch, nth) => (
        <div key={nth} className={styles.tools}>
          <div className={styles.notchAt}>
            <LengthField
              spec={notchFields.atMm}
              label={`${edge.label}, from its start`}
              required
              valueMm={notch.atMm}
              onChange={(mm) => mm !== undefined && change(nth, { ...notch, atMm: mm })}
            />
          </div>
          <Tick
            checked={notch.double ?? false}
            onChange={(double) => change(nth, { atMm: notch.atMm, ...(double ? { double } : {}) })}
          >
            double
          </Tick>
          <Button
            size="small"
            onClick={() =>
              keep(
                'Notch taken away',
                notches.filter((one) => one !== notch),
              )
            }
          >
            Take away
          </Button>
        </div>
      ))}
      {notches.some(({ atMm }) => atMm >= longMm) && (
        <p className={styles.next}>
          The {edge.label} is {formatLength(longMm, unit)} long: a notch beyond that counts for nothing.
        </p>
      )}
    </div>
  );
}

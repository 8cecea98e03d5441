import Alert from '@mui/material/Alert';
import type { ToLayOut } from '@/core/onCloth/toLayOut';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';

/** Why nothing can be laid out yet, and what to do. */
export function Refused({ asked }: { asked: Extract<ToLayOut, { ok: false }> }) {
  const { unit } = useUnit();
  switch (asked.why) {
    case 'nothing':
      return (
        <Alert severity="info">
          There is nothing to lay out yet: choose what the garment is made of first.
        </Alert>
      );
    case 'width':
      return (
        <Alert severity="info">
          Type the width of the cloth, between its selvedges: then the pieces are laid out on it.
        </Alert>
      );
    case 'many':
      return (
        <Alert severity="warning">
          These are more pieces than one layout takes: lay out one cloth or one garment at a time.
        </Alert>
      );
    case 'wide':
      return (
        <Alert severity="warning">
          {asked.pieces.map(({ label, widthMm, fitsTurned }) => (
            <p key={label}>
              {label} is {formatLength(widthMm, unit)} wide, wider than the cloth.{' '}
              {fitsTurned
                ? 'It would lie along the cloth: turn it only where its stretch may run that way.'
                : 'Cut it in two with a seam, or take a wider cloth.'}
            </p>
          ))}
        </Alert>
      );
    case 'repeat':
      return (
        <Alert severity="warning">
          The print repeats every {formatLength(asked.repeatMm, unit)} across, and {asked.pieces.join(', ')}{' '}
          finds no place on it between the selvedges. Measure the repeat again on the cloth’s page, leave the
          print unmatched, or take a wider cloth.
        </Alert>
      );
    default:
      throw new Error(`expected a known reason, got ${JSON.stringify(asked satisfies never)}`);
  }
}

'use client';
import Button from '@mui/material/Button';
import { ExplainedNumber } from '@/ui/ExplainedNumber';

interface Props {
  /** What it measures on the outlines. */
  readonly outlined: string;
  /** The pieces are altered before they are cut. */
  readonly altered?: boolean;
  /** How far what was typed is from that; absent where nothing was typed. */
  readonly apart: string | undefined;
  /** Takes away what was typed. */
  readonly onGoBy: () => void;
}

/** What the outlines say of a length: it counts, unless a length was typed; then how far apart they are. */
export function OnOutlines({ outlined, altered = false, apart, onGoBy }: Props) {
  return (
    <div>
      <p>
        Measured on the outline{altered ? ', as altered' : ''}: <ExplainedNumber id={outlined} />
        {apart === undefined ? '.' : ', '}
        {apart !== undefined && (
          <>
            what was typed differs by <ExplainedNumber id={apart} />, and counts.
          </>
        )}
      </p>
      {apart !== undefined && (
        <Button size="small" onClick={onGoBy}>
          Go by the outline
        </Button>
      )}
    </div>
  );
}

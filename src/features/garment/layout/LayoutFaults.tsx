import Alert from '@mui/material/Alert';
import type { LayoutFault } from '@/core/layout/check';

interface Props {
  readonly faults: readonly LayoutFault[];
  readonly called: (name: string) => string;
}

/** So many are said one by one. */
const SAID = 4;

/** What is wrong with a layout that somebody keeps: what lies on what, and what is beside the cloth. */
export function LayoutFaults({ faults, called }: Props) {
  if (faults.length === 0) return null;
  return (
    <Alert severity="warning">
      {faults.slice(0, SAID).map((fault) => (
        <p key={`${fault.kind} ${fault.pieces.join()}`}>{sentenceOf(fault, called)}</p>
      ))}
      {faults.length > SAID && <p>And {faults.length - SAID} more.</p>}
      <p>
        Move them apart, or let them go and lay out the rest again: until then this length does not count.
      </p>
    </Alert>
  );
}

function sentenceOf({ kind, pieces }: LayoutFault, called: (name: string) => string): string {
  const [one, other] = pieces.map(called);
  switch (kind) {
    case 'overlap':
      return `${one} lies on ${other}.`;
    case 'outside':
      return `${one} is partly beside the cloth.`;
    case 'turn':
      return `${one} lies turned as it may not.`;
    case 'fold':
      return `${one} does not lie on the fold.`;
    case 'face':
      return `${one}: too many lie the same face up.`;
    case 'edge':
      return `${one} does not lie with its scallop on the edge of the lace.`;
    case 'repeat':
      return `${one} lies off the repeat of the print.`;
    case 'count':
      return `${one}: not every one is laid.`;
    default:
      throw new Error(`expected a known fault, got ${JSON.stringify(kind satisfies never)}`);
  }
}

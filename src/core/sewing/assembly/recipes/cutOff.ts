import { say } from '../../../explain/ledger';
import type { Edge } from '../../../fit/garmentKind';
import { step } from '../recipe';
import type { StepSpec } from '../step';

/** The step that takes an edge's old end off. */
export const offId = (edgeId: string): string => `${edgeId}-off`;

/** The old end of an edge of a garment that is made already comes off, before anything new is sewn there. */
export const cutOff = ({ id: edgeId, label }: Pick<Edge, 'id' | 'label'>): StepSpec =>
  step(
    offId(edgeId),
    say`${label}: take the old edge off`,
    [
      (f) => {
        const off = f.cutOff(edgeId);
        return off && off.value > 0
          ? say`Lay it flat, seams matched. Mark ${off} from the finished edge all along, and cut on the line: what is turned or sewn is in it.`
          : say`Unpick the old finish, or cut it off close beside its seam; the edge is not pulled.`;
      },
      say`Keep what comes off: the stitch is tried on it first.`,
    ],
    say`Both sides are the same, measured from a seam that stays.`,
    { minutes: 8, edge: edgeId, cautions: ['rotary'] },
  );

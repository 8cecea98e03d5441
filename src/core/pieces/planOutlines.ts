import { createMemory } from '../explain/remember';
import { stage, type SeenBy } from '../explain/stage';
import type { Shapes } from '../facts/outline';
import type { GarmentKind } from '../fit/garmentKind';
import type { Ledger } from '../explain/ledger';
import type { Outline, OutlineFault } from './outline';
import { readOutlines, shapesOf } from './readOutlines';

const outlinesSee = { records: ['pattern'], garment: ['pattern'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof outlinesSee>;
  readonly kind: GarmentKind;
  /** The size that is cut, where there are several. */
  readonly size: string | undefined;
}

/** The outlines of a garment’s pieces as they were drawn, by piece, and what is wrong with the others. */
export interface DrawnPieces {
  readonly facts: Shapes;
  readonly outlines: Readonly<Record<string, Outline>>;
  readonly faults: Readonly<Record<string, OutlineFault>>;
}

const recall = createMemory<DrawnPieces>();
const NONE: DrawnPieces = { facts: {}, outlines: {}, faults: {} };

/** The outlines of a garment’s pattern in the size that is cut; the same object while they are the same. */
export const planOutlines = stage(outlinesSee, ({ facts: { garment, pattern }, kind, size }: Inputs) => {
  const shapes = shapesOf(pattern, size);
  if (Object.keys(shapes).length === 0) return NONE;
  const read = readOutlines(kind, shapes, pattern, garment.pattern);
  return recall([kind, shapes, ...Object.values(read)], (): DrawnPieces => {
    const all = Object.entries(read);
    return {
      facts: shapes,
      outlines: Object.fromEntries(all.flatMap(([id, one]) => (one.ok ? [[id, one.outline]] : []))),
      faults: Object.fromEntries(all.flatMap(([id, one]) => (one.ok ? [] : [[id, one.fault]]))),
    };
  });
});

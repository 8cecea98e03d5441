import { untickedRow } from '@/core/onCloth/cutCopies';
import { piecesOnCloth, type LaidInputs } from '@/core/onCloth/garmentPieces';

/** The changes that take back the tick of a row on the ticket and on the layouts. */
export const untick = (inputs: LaidInputs, rowId: string): Readonly<Record<string, unknown>> =>
  untickedRow(inputs.facts.garment, rowId, { cloths: piecesOnCloth(inputs), plan: inputs.plan });

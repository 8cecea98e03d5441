import { demoFact, TODAY } from '../../../tests/demoFacts';
import type { GarmentFacts } from '../facts/garmentFacts';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { paperPieces, type PaperChoices, type PaperInputs } from './paperPieces';
import { readPaper, type AskedPaper, type PaperSheet } from './papers';

export const OWN_SIZE: PaperChoices = { nested: false, bands: true, opened: false };

/** What the paper of a garment is made of. */
export function paperInputs(facts: GarmentFacts): PaperInputs {
  return {
    facts,
    kind: kindOf(facts.garment, facts.ownKind),
    plan: planGarment(facts, { onDate: TODAY }),
    onDate: TODAY,
  };
}

/** A garment of the demo (invented), and its pieces on paper. */
export function demoPaper(id: string, choices: Partial<PaperChoices> = {}) {
  const inputs = paperInputs(demoFact(id));
  return { ...inputs, pieces: paperPieces(inputs, { ...OWN_SIZE, ...choices }) };
}

/** Sheets that can be printed on. */
export function sheetsOf(asked: AskedPaper): PaperSheet {
  const read = readPaper(asked);
  if (!read.ok) throw new Error(`expected paper, got: ${read.sentence}`);
  return read.sheet;
}

import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { kindOf } from '@/core/garments/kindOf';
import { pageMap, type PageMap } from '@/core/paper/joining';
import { paperPieces, type PaperChoices } from '@/core/paper/paperPieces';
import { paperPlan } from '@/core/paper/paperPlan';
import { readPaper, type AskedPaper } from '@/core/paper/papers';
import { planGarment } from '@/core/plan/planGarment';

/** A garment whose pieces are laid on paper, and how large their map may be. */
export interface PaperRequest {
  readonly facts: GarmentFacts;
  readonly onDate: string;
  readonly paper: AskedPaper;
  readonly choices: PaperChoices;
  readonly room: { readonly widthMm: number; readonly heightMm: number };
}

/** How many sheets it takes, and their map; or why it cannot be printed on such. */
export type PaperReply =
  | {
      readonly ok: true;
      readonly sheets: number;
      /** How long the last sheet is, mm. */
      readonly lastMm: number;
      readonly map: PageMap;
    }
  | { readonly ok: false; readonly sentence: string };

/** Lays the pieces of a garment on paper. */
export function answerPaper({ facts, onDate, paper, choices, room }: PaperRequest): PaperReply {
  const sheet = readPaper(paper);
  if (!sheet.ok) return sheet;
  const plan = planGarment(facts, { onDate });
  const kind = kindOf(facts.garment, facts.ownKind);
  const pieces = paperPieces({ facts, kind, plan, onDate }, choices);
  const laid = paperPlan(pieces, sheet.sheet);
  const last = laid.pages.at(-1)?.box;
  return {
    ok: true,
    sheets: laid.pages.length,
    lastMm: last ? last.bottom - last.top : 0,
    map: pageMap(laid, room),
  };
}

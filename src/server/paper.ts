import 'server-only';
import Joi from 'joi';
import { kindOf } from '@/core/garments/kindOf';
import { writeDxf } from '@/core/formats/drawing/writeDxf';
import { writeSvg } from '@/core/formats/drawing/writeSvg';
import { paperPieces, sizesOnPaper } from '@/core/paper/paperPieces';
import { paperPlan } from '@/core/paper/paperPlan';
import { readPaper, papers, type PaperId } from '@/core/paper/papers';
import { sheetHead } from '@/core/paper/words';
import { planGarment } from '@/core/plan/planGarment';
import type { Database } from '@/data/database';
import { download, garmentGone, refusal } from './http';
import { piecesPdf } from './piecesPdf';
import { garmentFacts, garmentHere } from './present';
import { today } from './today';

/** What a drawing of the pieces can be written as. */
const DRAWN = ['pdf', 'svg', 'dxf'] as const;

interface Asked {
  readonly as: (typeof DRAWN)[number];
  readonly paper: PaperId;
  readonly widthMm?: number;
  readonly heightMm?: number;
  readonly nested: boolean;
  readonly bands: boolean;
  readonly opened: boolean;
}

const asked = Joi.object<Asked>({
  as: Joi.string()
    .valid(...DRAWN)
    .default('pdf'),
  paper: Joi.string()
    .valid(...Object.keys(papers))
    .default('a4'),
  widthMm: Joi.number(),
  heightMm: Joi.number(),
  nested: Joi.boolean().default(false),
  bands: Joi.boolean().default(true),
  opened: Joi.boolean().default(false),
}).options({ stripUnknown: true });

/** The pieces of a garment on paper or as a drawing, at true scale; a sentence where there are none, or no such paper. */
export async function garmentPaper(db: Database, id: string, query: URLSearchParams): Promise<Response> {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const { value, error } = asked.validate(Object.fromEntries(query));
  if (error)
    return refusal(400, 'paper', 'This paper is not known here: choose it on the garment’s page again.');
  const sheet = readPaper(value.as === 'pdf' ? value : { paper: 'roll' });
  if (!sheet.ok) return refusal(400, 'paper', sheet.sentence);
  const facts = garmentFacts(db, garment);
  const onDate = today();
  const plan = planGarment(facts, { onDate });
  const kind = kindOf(facts.garment, facts.ownKind);
  const sizes = value.nested ? sizesOnPaper({ facts }) : [];
  const pieces = paperPieces({ facts, kind, plan, onDate }, { ...value, nested: sizes.length > 1 });
  if (pieces.length === 0)
    return refusal(
      409,
      'nothing-drawn',
      'There is no piece to print yet: draft the pieces from measures, or trace those of the pattern.',
    );
  const laid = paperPlan(pieces, sheet.sheet);
  const head = sheetHead(facts, plan, { onDate, sizes });
  switch (value.as) {
    case 'pdf':
      return download(Buffer.from(await piecesPdf(laid, head)), 'application/pdf', 'pieces.pdf', 'inline');
    case 'svg':
      return download(
        writeSvg(laid.pieces, head.garment),
        'image/svg+xml; charset=utf-8',
        'pieces.svg',
        'attachment',
      );
    case 'dxf':
      return download(writeDxf(laid.pieces), 'application/dxf; charset=utf-8', 'pieces.dxf', 'attachment');
    default:
      throw new Error(
        `expected a kind of drawing, got ${String(value.as satisfies never)}; add it to garmentPaper`,
      );
  }
}

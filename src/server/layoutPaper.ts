import 'server-only';
import Joi from 'joi';
import { writeDxf } from '@/core/formats/drawing/writeDxf';
import { writeSvg } from '@/core/formats/drawing/writeSvg';
import { newCloth } from '@/core/facts/cloth';
import { clothRoles, type ClothRole } from '@/core/facts/layout';
import { kindOf } from '@/core/garments/kindOf';
import { inCuttingOrder, rowsOfCopies } from '@/core/onCloth/cutCopies';
import { piecesOnCloth } from '@/core/onCloth/garmentPieces';
import { keptPlacements, usingOf, withCut } from '@/core/onCloth/keptLayout';
import { laidOn } from '@/core/onCloth/laidOn';
import { layoutDrawing } from '@/core/onCloth/layoutDrawing';
import { toLayOut } from '@/core/onCloth/toLayOut';
import { paperPieces } from '@/core/paper/paperPieces';
import { planGarment } from '@/core/plan/planGarment';
import type { UnitSystem } from '@/core/units/constants';
import type { Database } from '@/data/database';
import { cuttingSheet } from './cuttingSheet';
import { download, garmentGone, refusal } from './http';
import { garmentFacts, garmentHere } from './present';
import { today } from './today';

/** What a kept layout can be written as: a cutting sheet of one page, or a drawing at true scale. */
const WRITTEN = ['pdf', 'svg', 'dxf'] as const;

interface Asked {
  readonly role: ClothRole;
  readonly as: (typeof WRITTEN)[number];
  readonly paper: 'a4' | 'letter';
  readonly unit: UnitSystem;
}

const asking = Joi.object<Asked>({
  role: Joi.string()
    .valid(...clothRoles)
    .default('outer'),
  as: Joi.string()
    .valid(...WRITTEN)
    .default('pdf'),
  paper: Joi.string().valid('a4', 'letter').default('a4'),
  unit: Joi.string().valid('cm', 'in').default('cm'),
}).options({ stripUnknown: true });

/** The layout kept of one cloth of a garment, as a sheet to cut by or a drawing; a sentence where none is kept. */
export async function garmentLayout(db: Database, id: string, query: URLSearchParams): Promise<Response> {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const { value, error } = asking.validate(Object.fromEntries(query));
  if (error)
    return refusal(
      400,
      'layout',
      'This is no way a layout is written: choose it on the layout’s page again.',
    );
  const facts = garmentFacts(db, garment);
  const onDate = today();
  const plan = planGarment(facts, { onDate });
  const kind = kindOf(facts.garment, facts.ownKind);
  const inputs = { facts, kind, plan, onDate };
  const kept = facts.garment.layouts?.[value.role];
  const on = piecesOnCloth(inputs).find(({ role }) => role === value.role);
  const cloth = on?.cloth ?? newCloth('cloth');
  const asked = on && kept ? toLayOut(on.pieces, laidOn(cloth, usingOf(kept))) : undefined;
  const problem = asked?.ok ? withCut(asked.problem, kept) : undefined;
  const laid = problem && kept ? keptPlacements(problem, kept) : undefined;
  if (!on || !kept || !laid || !problem)
    return refusal(
      409,
      'not-laid',
      'No layout of these pieces is kept yet: lay them out on the cloth, and keep that.',
    );
  const { layout } = laid;
  const rows = rowsOfCopies(on.pieces, plan);
  const { widthMm, asCut } = problem;
  const printed = paperPieces(inputs, { nested: false, bands: false, opened: true });
  const drawing = layoutDrawing({
    pieces: on.pieces,
    asCut,
    printed,
    layout,
    widthMm,
    cloth: cloth.name,
    rows,
  });
  const { name } = facts.garment;
  switch (value.as) {
    case 'pdf': {
      const sheet = await cuttingSheet({
        drawing,
        head: { garment: name, cloth: cloth.name, date: onDate, wearer: facts.wearer?.name },
        order: inCuttingOrder(problem, layout.placements),
        pieces: on.pieces,
        rows,
        numbers: plan.numbers,
        layout: { ...kept, laidWidthMm: widthMm, lengthMm: layout.lengthMm },
        paper: value.paper,
        unit: value.unit,
      });
      return download(Buffer.from(sheet), 'application/pdf', 'cutting-sheet.pdf', 'inline');
    }
    case 'svg':
      return download(writeSvg(drawing, name), 'image/svg+xml; charset=utf-8', 'layout.svg', 'attachment');
    case 'dxf':
      return download(writeDxf(drawing), 'application/dxf; charset=utf-8', 'layout.dxf', 'attachment');
    default:
      throw new Error(
        `expected a kind of file, got ${String(value.as satisfies never)}; add it to garmentLayout`,
      );
  }
}

import { demoFact, TODAY } from '../../../tests/demoFacts';
import { kindOf } from '../garments/kindOf';
import { areaOfRings } from '../geometry/clip';
import { boundsOfPoints } from '../geometry/ring';
import { ringAt } from '../layout/problem';
import { Searching } from '../layout/progress';
import { paperPieces } from '../paper/paperPieces';
import { planGarment } from '../plan/planGarment';
import type { ClothRole } from '../facts/layout';
import { rowsOfCopies } from './cutCopies';
import { piecesOnCloth } from './garmentPieces';
import { CLOTH_ID, layoutDrawing } from './layoutDrawing';
import { toLayOut } from './toLayOut';

function drawn(name: string, role: ClothRole, widthMm: number) {
  const facts = demoFact(name);
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment, facts.ownKind);
  const inputs = { facts, kind, plan, onDate: TODAY };
  const { pieces } = piecesOnCloth(inputs).find((one) => one.role === role)!;
  const asked = toLayOut(pieces, { widthMm, cutWith: 'rotary' });
  if (!asked.ok) throw new Error('expected pieces that fit');
  const layout = new Searching(asked.problem, 1).goOn(({ best }) => !best).best!;
  const printed = paperPieces(inputs, { nested: false, bands: false, opened: true });
  const rows = rowsOfCopies(pieces, plan);
  return {
    pieces,
    layout,
    drawing: layoutDrawing({ pieces, printed, layout, widthMm, cloth: 'knit', rows }),
  };
}

test('the cloth comes first, then every copy as it was laid, its cut line where the layout has it', () => {
  const { pieces, layout, drawing } = drawn('encore', 'outer', 1500);
  const [cloth, ...copies] = drawing.map(({ piece }) => piece);
  expect(cloth).toMatchObject({ id: CLOTH_ID, label: 'knit' });
  const { right, bottom } = boundsOfPoints(cloth!.sizes[0]!.ring);
  expect([right, bottom]).toEqual([1500, layout.lengthMm]);
  expect(copies).toHaveLength(layout.placements.length);
  copies.forEach(({ sizes: [size], words }, nth) => {
    const one = layout.placements[nth]!;
    expect(size!.ring).toEqual(ringAt({ pieces }, one));
    const cut = size!.lines.find(({ kind }) => kind === 'cut')!;
    expect(Math.abs(areaOfRings([cut.points]))).toBeCloseTo(areaOfRings([size!.ring]), 3);
    // Seamlines and arrows come along.
    const kinds = new Set(size!.lines.map(({ kind }) => kind));
    expect(['seam', 'grain', 'stretch'].filter((kind) => !kinds.has(kind as never))).toEqual([]);
    expect(words).toEqual(one.mirrored ? ['face down'] : []);
  });
});

test('a band is a rectangle with its arrows, and its words stand inside it', () => {
  const { drawing } = drawn('ringmaster', 'band', 700);
  for (const { piece } of drawing.slice(1)) {
    const [size] = piece.sizes;
    expect(size!.lines.map(({ kind }) => kind)).toEqual(['cut', 'grain', 'stretch']);
    const { left, top, right, bottom } = boundsOfPoints(size!.ring);
    const { x, y } = piece.room.at;
    expect(x > left && x < right && y > top && y < bottom).toBe(true);
  }
  expect(drawing.map(({ piece }) => piece.label)).toContain('Cuff, left');
});

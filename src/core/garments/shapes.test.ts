import { kindIds } from '../facts/kindIds';
import { newOwnKind } from '../facts/ownKind';
import { catalogue } from './catalogue';
import { kindOf } from './kindOf';

const repeated = (ids: readonly string[]) => ids.filter((id, at) => ids.indexOf(id) !== at);

/** Pieces that are rectangles: their size is the ticket’s, and nobody draws them. */
const RECTANGLES = /^(rib|band|band-strip|waistband|cuff-.*|hem-band|front-band|pocket-top-.*|tie|strap)$/;
/** Edges that no outline has: straps, hooks, and what is sewn to a body that is there already. */
const ON_NO_OUTLINE = new Set([
  'strap',
  'side-strap',
  'knit-band neckline',
  'bralette band',
  'bralette closure',
]);

describe.each(kindIds)('%s', (id) => {
  const kind = catalogue[id];
  const edgesOf = (name: string) => {
    const [piece, edge] = name.split('.');
    return kind.shapes.find((one) => one.id === piece)?.edges.find((one) => one.id === edge);
  };

  test('every piece is cut by one outline, or is a rectangle', () => {
    const cut = kind.shapes.flatMap(({ pieces, also = [] }) => [...pieces, ...also]);
    expect(repeated(cut)).toEqual([]);
    const known = new Set(kind.pieces.map((piece) => piece.id));
    expect(cut.filter((piece) => !known.has(piece))).toEqual([]);
    const left = kind.pieces.map((piece) => piece.id).filter((piece) => !cut.includes(piece));
    const rectangles = left.filter((piece) => id !== 'bra' && RECTANGLES.test(piece));
    expect(left).toEqual(rectangles);
  });

  test('an outline on the fold is for a piece on the fold, or is half of one; it has one fold, and it comes last', () => {
    for (const shape of kind.shapes) {
      const folds = shape.edges.filter(({ fold }) => fold);
      expect(folds.length).toBeLessThanOrEqual(1);
      if (folds.length > 0) expect(shape.edges.at(-1)?.fold).toBe(true);
      if (folds.length > 0) expect(shape.pieces).toHaveLength(1);
      expect(repeated(shape.edges.map((edge) => edge.id))).toEqual([]);
    }
  });

  test('its edges become seams and edges that the garment has', () => {
    const [seams, edges] = [kind.seams.map((one) => one.id), kind.edges.map((one) => one.id)];
    for (const { edges: own } of kind.shapes)
      for (const { seam, edge } of own) {
        expect([...seams, ...edges, 'shelf', 'facing-join', undefined]).toContain(seam);
        expect([...edges, undefined]).toContain(edge);
      }
  });

  test('every edge of the garment lies on an outline, but those that cannot', () => {
    const on = new Set(kind.shapes.flatMap((shape) => shape.edges.flatMap(({ edge }) => edge ?? [])));
    const off = kind.edges.map((edge) => edge.id).filter((edge) => !on.has(edge));
    expect(off.filter((edge) => !ON_NO_OUTLINE.has(edge) && !ON_NO_OUTLINE.has(`${id} ${edge}`))).toEqual([]);
  });

  test('its zones lie on edges that the piece has', () => {
    const zones = new Set(kind.zones.map((zone) => zone.id));
    for (const { edges, levels = {}, along = {} } of kind.shapes) {
      const ids = edges.map((edge) => edge.id);
      for (const [zone, [edge, share]] of Object.entries(levels)) {
        expect(zones).toContain(zone);
        expect(ids).toContain(edge);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1);
      }
      for (const [zone, on] of Object.entries(along)) {
        expect(zones).toContain(zone);
        for (const edge of on) expect(ids).toContain(edge);
      }
    }
  });

  test('edges that are sewn together are there, become a seam, and each is sewn once', () => {
    const both = kind.sewn.flatMap(({ a, b }) => [...a, ...b]);
    for (const name of both) expect([name, edgesOf(name) !== undefined]).toEqual([name, true]);
    // A bridge has a left and a right, and one of them stands for both; a neckline is faced as well as sewn.
    expect(repeated(both)).toEqual([]);
    expect(repeated(kind.sewn.map((one) => one.id))).toEqual([]);
  });
});

test('a style has the edges of its outlines that it has parts for', () => {
  const edges = (style: 'regular' | 'fitted') =>
    kindOf({ kind: 'shelf-bra-top', style })
      .shapes.find(({ id }) => id === 'front')
      ?.edges.map(({ id }) => id);
  expect(edges('regular')).toContain('leg');
  expect(edges('regular')).not.toContain('hem');
  expect(edges('fitted')).toContain('hem');
  expect(edges('fitted')).not.toContain('crotch');
});

test('a person’s own version loses the outlines of pieces it has not, and gains those it has more', () => {
  const own = {
    ...newOwnKind('Vest', 'tee'),
    without: { 'piece-sleeve-left': true, 'piece-sleeve-right': true, 'edge-sleeve-hem': true },
    renamed: { 'piece-front': { label: 'Vest front' } },
    edges: { slit: { label: 'Slit', finish: 'facing' as const, at: 0.9 } },
    pieces: { pocket: { label: 'Pocket', count: 1, cloth: 'outer' as const } },
  };
  const { shapes, sewn } = kindOf({ kind: 'tee' }, own);
  expect(shapes.map(({ id, label }) => `${id}: ${label}`)).toEqual([
    'front: Vest front',
    'back: Back',
    'pocket: Pocket',
  ]);
  expect(shapes.at(-1)?.edges.map(({ id }) => id)).toEqual(['sewn', 'slit', 'other']);
  expect(sewn.map(({ id }) => id)).toEqual(['shoulder', 'side']);
});

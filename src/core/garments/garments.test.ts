import { newCloth, type Cloth } from '../facts/cloth';
import { newGarment } from '../facts/garment';
import { kindIds, type KindId } from '../facts/kindIds';
import { newOwnKind, type OwnKind } from '../facts/ownKind';
import { bodyMeasures, type Wearer } from '../facts/wearer';
import { tapeTips } from '../fit/tapeTips';
import { planGarment } from '../plan/planGarment';
import { TODAY } from '../../../tests/demoFacts';
import { household } from '@/demo/household';
import { catalogue } from './catalogue';
import { drawGarment } from './drawings/drawGarment';
import type { DrawnBody } from './drawings/figure';
import type { GarmentDrawing } from './drawings/garmentDrawing';
import { kindOf } from './kindOf';
import { startGarment } from './startGarment';

const repeated = (ids: readonly string[]) => ids.filter((id, at) => ids.indexOf(id) !== at);
const partsOf = (drawing: GarmentDrawing) =>
  [...drawing.front.shapes, ...drawing.back.shapes].map(({ part }) => part);

test('all nineteen garments are there, each under its own name', () => {
  expect(kindIds).toHaveLength(19);
  for (const id of kindIds) expect(catalogue[id].kind).toBe(id);
  expect(repeated(kindIds.map((id) => catalogue[id].label))).toEqual([]);
});

test('every measurement has where the tape goes', () => {
  for (const measure of bodyMeasures) expect(tapeTips[measure]).toMatch(/^[A-Z].*\.$/);
});

describe.each(kindIds)('%s', (id) => {
  const kind = catalogue[id];
  const zones = new Set(kind.zones.map((zone) => zone.id));
  const edges = new Set(kind.edges.map((edge) => edge.id));

  test('has every field filled in, and no id twice', () => {
    for (const words of [kind.label, kind.about, ...kind.quirks]) expect(words.length).toBeGreaterThan(2);
    for (const list of [kind.needs, kind.zones, kind.edges, kind.seams, kind.styles, kind.quirks])
      expect(list.length).toBeGreaterThan(0);
    expect(kind.pieces.length > 0 || id === 'knit-band').toBe(true);
    for (const list of [kind.zones, kind.pieces, kind.edges, kind.seams, kind.openings, kind.styles])
      expect(repeated(list.map((one) => one.id))).toEqual([]);
    for (const { label } of [...kind.zones, ...kind.pieces, ...kind.edges, ...kind.seams, ...kind.openings])
      expect(label).not.toBe('');
    for (const need of kind.needs) expect(need.why).not.toBe('');
  });
  test('names only zones, edges and openings that it has', () => {
    for (const piece of kind.pieces) expect(piece.zones.filter((zone) => !zones.has(zone))).toEqual([]);
    for (const edge of kind.edges) expect(edge.zone === undefined || zones.has(edge.zone)).toBe(true);
    for (const opening of kind.openings) {
      expect(edges.has(opening.edge)).toBe(true);
      if (typeof opening.at === 'object') expect(zones.has(opening.at.zone)).toBe(true);
    }
    const openings = new Set(kind.openings.map((opening) => opening.id));
    for (const seam of kind.seams)
      expect(seam.opening === undefined || openings.has(seam.opening)).toBe(true);
  });
  test('asks for the measurement of each of its zones', () => {
    const needed = new Set(kind.needs.map(({ measure }) => measure));
    expect(kind.zones.filter(({ measure }) => !needed.has(measure)).map((zone) => zone.id)).toEqual([]);
  });
  test('every style has a default, and its range is in order', () => {
    for (const style of kind.styles) {
      expect(style.share === undefined).toBe(style.looseMm !== undefined);
      if (style.range) expect(style.range[0]).toBeLessThanOrEqual(style.range[1]);
    }
  });
  test.each(kind.styles.map((style) => style.id))('%s: every zone and edge has one shape', (style) => {
    const styled = kindOf({ kind: id, style });
    const wanted = [
      ...styled.zones.map((zone) => `zone-${zone.id}`),
      ...styled.edges.map((edge) => `edge-${edge.id}`),
    ];
    expect(partsOf(drawGarment(id, {}, { style })).sort()).toEqual(wanted.sort());
  });
});

describe('drawings', () => {
  const bodies: readonly DrawnBody[] = [{}, { bust: 590, hip: 620 }, { bust: 1300, waist: 1200, hip: 1400 }];
  test.each(bodies.map((body, at) => [at, body] as const))(
    'body %i: no two share an outline, no number is broken',
    (_at, body) => {
      const drawings = kindIds.map((id) => drawGarment(id, body));
      const outlines = drawings.flatMap(({ front, back }) => [
        front.outline === back.outline ? '' : back.outline,
        front.outline,
      ]);
      expect(repeated(outlines.filter((outline) => outline !== ''))).toEqual([]);
      expect(JSON.stringify(drawings)).not.toMatch(/NaN|Infinity|null/);
    },
  );
  test('proportions follow the wearer: a wider hip is drawn wider, longer legs longer', () => {
    const usual = drawGarment('leggings', { hip: 900, inseam: 700 });
    expect(drawGarment('leggings', { hip: 1200, inseam: 700 }).half).toBeGreaterThan(usual.half);
    const long = drawGarment('leggings', { hip: 900, inseam: 850 });
    expect(long.foot - long.top).toBeGreaterThan(usual.foot - usual.top);
    for (const id of kindIds) {
      const [slim, wide] = [
        { bust: 800, hip: 850, waist: 650 },
        { bust: 1200, hip: 1250, waist: 1050 },
      ];
      expect([id, drawGarment(id, wide).front.outline]).not.toEqual([
        id,
        drawGarment(id, slim).front.outline,
      ]);
    }
  });
});

describe('a person’s own version', () => {
  const own: OwnKind = {
    ...newOwnKind('Long swim shirt', 'tee'),
    without: { 'zone-waist': true, 'edge-sleeve-hem': true, 'piece-sleeve-left': true },
    renamed: { 'edge-hem': { label: 'Lower edge' } },
    zones: { upper: { label: 'High bust', measure: 'highBust', axis: 'around', seamEdges: 4, at: 0.2 } },
    edges: { slit: { label: 'Side slits', finish: 'facing', at: 0.9 } },
    pieces: { pocket: { label: 'Pocket', count: 2, cloth: 'outer' } },
  };
  const kind = kindOf({ kind: 'tee' }, own);
  test('has what was added and not what was taken away, and what lost its place goes too', () => {
    expect(kind.zones.map(({ id }) => id)).toEqual(['bust', 'hip', 'biceps', 'upper']);
    expect(kind.edges.map(({ id, label }) => `${id}: ${label}`)).toContain('hem: Lower edge');
    expect(kind.openings.map(({ id }) => id)).toEqual(['neckline', 'hem']);
    expect(kind.pieces.map(({ id }) => id)).toEqual(['front', 'back', 'sleeve-right', 'pocket']);
    expect(kind.needs.at(-1)).toMatchObject({ measure: 'highBust', required: false });
  });
  test('is drawn with one shape for each part', () => {
    const wanted = [...kind.zones.map(({ id }) => `zone-${id}`), ...kind.edges.map(({ id }) => `edge-${id}`)];
    expect(partsOf(drawGarment('tee', {}, { own })).sort()).toEqual(wanted.sort());
  });
  test('plans its added zone and two pockets', () => {
    const { wearers, cloths } = household(TODAY);
    const plan = planGarment(
      {
        garment: newGarment('Shirt', 'tee'),
        ownKind: own,
        wearer: wearers.odile as Wearer,
        outer: cloths['loon-swim'] as Cloth,
      },
      { onDate: TODAY },
    );
    expect(plan.zones.map(({ zone }) => zone)).toContain('upper');
    const pocket = plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'pocket');
    expect(plan.numbers[pocket?.count ?? '']?.value).toBe(2);
  });
});

describe('a plan for every garment, three wearers, five cloths', () => {
  const { wearers, cloths } = household(TODAY);
  const shelf: readonly (readonly [string, Cloth])[] = [
    ...['loon-swim', 'heron-jersey', 'boulder-firm', 'driftwood-jersey'].map(
      (id) => [id, cloths[id] as Cloth] as const,
    ),
    ['untested', newCloth('Untested')],
  ];
  const cases = kindIds.flatMap((kind) =>
    ['wren', 'odile', 'bram'].flatMap((wearer) =>
      shelf.map(([cloth, facts]) => [kind, wearer, cloth, facts] as const),
    ),
  );
  test.each(cases)('%s for %s in %s', (kind: KindId, wearerId, _cloth, cloth) => {
    const facts = {
      garment: newGarment('x', kind),
      wearer: wearers[wearerId] as Wearer,
      outer: cloth,
      band: cloth,
    };
    for (const lining of [undefined, cloths['minnow-lining'] as Cloth]) {
      const plan = planGarment(lining ? { ...facts, lining } : facts, { onDate: TODAY });
      expect(JSON.stringify(plan)).not.toMatch(/NaN|Infinity|:null/);
      const negative = Object.values(plan.numbers).filter(
        ({ unit, value, id }) =>
          unit === 'mm' &&
          value < 0 &&
          !/smallerBy|\.seam\d+$|size\.bust$|\.left\d+$|allowance\.(add|grows)$/.test(id),
      );
      expect(negative.map(({ id, value }) => `${id} ${value}`)).toEqual([]);
      for (const problem of plan.problems) expect(problem.sentence.length).toBeGreaterThan(0);
      for (const check of plan.checks) expect(check.sentence.length).toBeGreaterThan(0);
      for (const { severity, remedies, id } of plan.problems)
        if (severity === 'stop') expect([id, remedies.length > 0]).toEqual([id, true]);
      expect(plan.zones.length + plan.needs.length).toBeGreaterThan(0);
    }
  });
});

test('on an inch tape a neckband starts at ¾ in; an edge without one is left alone, and so is the other tape', () => {
  expect(startGarment('Tee', 'tee', 'in').edges?.neckline?.finishedMm).toBeCloseTo(19.05, 9);
  expect(startGarment('Tights', 'leggings', 'in').edges).toBeUndefined();
  expect(startGarment('Tee', 'tee', 'cm').edges).toBeUndefined();
});

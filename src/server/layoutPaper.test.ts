import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import svgpath from 'svgpath';
import { readDxf } from '@/core/formats/drawing/dxfDrawing';
import { layoutBasis } from '@/core/facts/layoutBasis';
import { newGarment, type Garment } from '@/core/facts/garment';
import { kindOf } from '@/core/garments/kindOf';
import { areaOfRings } from '@/core/geometry/clip';
import { areaOfPieces } from '@/core/layout/problem';
import { Searching } from '@/core/layout/progress';
import { piecesOnCloth } from '@/core/onCloth/garmentPieces';
import { factsOfLayout } from '@/core/onCloth/keptLayout';
import { toLayOut } from '@/core/onCloth/toLayOut';
import type { GarmentOnCloth } from '@/core/views/pageViews';
import { planGarment } from '@/core/plan/planGarment';
import { household } from '@/demo/household';
import { testDatabase } from '../../tests/testDatabase';
import { clothPieces } from './clothPieces';
import { garmentLayout } from './layoutPaper';
import { garmentFacts } from './present';
import { write } from './recordRoutes';
import { today } from './today';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);

const drafted: Garment = {
  ...newGarment('Drafted', 'tee'),
  wearerId: 'odile',
  outerClothId: 'heron-jersey',
  bandClothId: 'marsh-rib',
  draft: {},
};
let areaMm2 = 0;
let lengthMm = 0;

beforeAll(() => {
  const made = household(today());
  const shelf = [
    ...Object.entries(made.wearers).map(([id, facts]) => ({ kind: 'wearer' as const, id, facts })),
    ...Object.entries(made.cloths).map(([id, facts]) => ({ kind: 'cloth' as const, id, facts })),
  ];
  write(db, { label: 'House', ops: shelf.map((one) => ({ op: 'create' as const, ...one })) } as never);
  const facts = garmentFacts(db, drafted);
  const kind = kindOf(drafted, undefined);
  const plan = planGarment(facts, { onDate: today() });
  const [on] = piecesOnCloth({ facts, kind, plan, onDate: today() });
  const asked = toLayOut(on!.pieces, { widthMm: 1500, cutWith: 'rotary' });
  if (!asked.ok) throw new Error('expected a tee that can be laid out');
  const { placements } = new Searching(asked.problem, 1).goOn(({ best }) => !best).best!;
  const basis = layoutBasis(facts);
  const keeping = {
    keptOn: today(),
    widthMm: 1500,
    cutWith: 'rotary' as const,
    basis,
    pinned: new Set<string>(),
  };
  const outer = factsOfLayout(asked.problem, placements, keeping);
  areaMm2 = areaOfPieces(on!.pieces);
  ({ lengthMm } = outer);
  const garments = [
    { kind: 'garment' as const, id: 'laid', facts: { ...drafted, layouts: { outer } } },
    { kind: 'garment' as const, id: 'bare', facts: drafted },
  ];
  write(db, { label: 'Two', ops: garments.map((one) => ({ op: 'create' as const, ...one })) } as never);
});

const asked = (id: string, query: string) => garmentLayout(db, id, new URLSearchParams(query));

test('as SVG, read by another library (svgpath): the cloth and every copy, true to their areas', async () => {
  const response = await asked('laid', 'as=svg');
  expect(response.headers.get('content-disposition')).toContain('layout.svg');
  const text = await response.text();
  const rings = [...text.matchAll(/<path class="(cut|inside)" d="([^"]+)"/g)].map(([, kind, d]) => {
    const points: { x: number; y: number }[] = [];
    svgpath(d as string)
      .abs()
      .iterate((segment) => {
        if (segment.length > 2) points.push({ x: Number(segment[1]), y: Number(segment[2]) });
      });
    return { kind, area: Math.abs(areaOfRings([points])) };
  });
  expect(rings.filter(({ kind }) => kind === 'cut')).toHaveLength(4);
  const cut = rings.filter(({ kind }) => kind === 'cut').reduce((sum, { area }) => sum + area, 0);
  expect(cut / areaMm2).toBeCloseTo(1, 4);
  // The first is the cloth.
  expect(rings[0]!.area / lengthMm).toBeGreaterThan(1300);
  expect(text).toContain('face down');
});

test('as DXF, read again: four outlines on the layer of boundaries', async () => {
  const response = await asked('laid', 'as=dxf');
  const read = readDxf(await response.text());
  if (!read.ok) throw new Error(read.sentence);
  expect(read.shapes.length).toBeGreaterThanOrEqual(5);
});

test.each(['a4', 'letter'])(
  'as a cutting sheet on %s: one page that says what is cut, in which order',
  async (paper) => {
    const response = await asked('laid', `as=pdf&paper=${paper}&unit=in`);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    const folder = mkdtempSync(join(tmpdir(), 'sheet-'));
    try {
      const path = join(folder, 'sheet.pdf');
      writeFileSync(path, Buffer.from(await response.arrayBuffer()));
      const pages = JSON.parse(
        spawnSync(process.execPath, ['tests/readPdf.mjs', path], { encoding: 'utf8', maxBuffer: 1e8 }).stdout,
      ) as unknown;
      const words = JSON.stringify(pages);
      expect(pages).toHaveLength(1);
      for (const said of ['Drafted', 'Heron jersey', 'Sleeve, left', 'Sleeve, right, face down'])
        expect(words).toContain(said);
    } finally {
      rmSync(folder, { recursive: true });
    }
  },
);

test('what cannot be written is refused with a sentence that says what to do', async () => {
  const refused: readonly (readonly [string, string, number, RegExp])[] = [
    ['nobody', '', 404, /no longer here/],
    ['bare', '', 409, /lay them out on the cloth, and keep that/],
    ['laid', 'role=band', 409, /No layout of these pieces is kept yet/],
    ['laid', 'as=gif', 400, /choose it on the layout’s page again/],
  ];
  for (const [id, query, status, sentence] of refused) {
    const response = await asked(id, query);
    expect(response.status).toBe(status);
    expect(((await response.json()) as { sentence: string }).sentence).toMatch(sentence);
  }
});

test('garments of one cloth that nothing is cut of yet, with their pieces on it; without the one that asks', async () => {
  const other = { ...drafted, name: 'Other', bandClothId: 'heron-jersey' };
  const cut = { ...other, name: 'Cut', cuts: { front: { cutOn: today() } } };
  const slinky = { ...other, name: 'Slinky', outerClothId: 'eel-slinky' };
  const inside = {
    ...cut,
    name: 'Inside',
    layouts: {
      outer: {
        keptOn: today(),
        widthMm: 1500,
        cutWith: 'rotary',
        basis: 'x',
        lengthMm: 900,
        within: 'other',
        places: {},
      },
    },
  };
  const garments = { other, cut, slinky, inside };
  const ops = Object.entries(garments).map(([id, facts]) => ({
    op: 'create' as const,
    kind: 'garment' as const,
    id,
    facts,
  }));
  write(db, { label: 'More', ops } as never);
  const ask = async (query: string) => {
    const answer = clothPieces(db, new URLSearchParams(query));
    return { status: answer.status, body: (await answer.json()) as readonly GarmentOnCloth[] };
  };
  const idsOf = (body: readonly GarmentOnCloth[]) => body.map(({ record }) => record.id).toSorted();
  const { body } = await ask('cloth=heron-jersey&except=laid');
  expect(idsOf(body)).toEqual(['bare', 'other', 'slinky']);
  // Of the slinky one only the band is cut from it; of the other all, on one cloth.
  const piecesOf = (id: string) =>
    body.find(({ record }) => record.id === id)!.cloths.map(({ pieces }) => pieces.map((piece) => piece.id));
  expect(piecesOf('slinky')).toEqual([['neckband']]);
  expect(piecesOf('other')).toEqual([['front', 'back', 'sleeve', 'neckband']]);
  expect(body.every(({ basis }) => /^[0-9a-f]{16}$/.test(basis))).toBe(true);
  expect(idsOf((await ask('')).body)).toEqual(['bare', 'laid', 'other', 'slinky']);
  expect((await ask('cloth=nowhere')).body).toEqual([]);
  // What lies in the layout of the one that asks is there, cut or not, with the rows its copies are cut for.
  const within = (await ask('cloth=heron-jersey&except=other')).body;
  expect(idsOf(within)).toEqual(['bare', 'inside', 'laid', 'slinky']);
  const { copies } = within.find(({ record }) => record.id === 'inside')!.cloths[0]!;
  expect(copies.map(({ copy, id }) => `${copy}: ${id}`)).toEqual(
    expect.arrayContaining(['front 1: front', 'sleeve 2: sleeve-right', 'neckband 1: neckband']),
  );
  const { frozen } = copies.find(({ id }) => id === 'neckband')!;
  expect(frozen.in.lengthMm! / frozen.cm.lengthMm!).toBeCloseTo(1, 1);
  expect(frozen.in.lengthMm).not.toBe(frozen.cm.lengthMm);
  expect((await ask(`cloth=${'x'.repeat(80)}`)).status).toBe(400);
});

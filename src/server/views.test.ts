import { newCloth } from '@/core/facts/cloth';
import { phraseText } from '@/core/explain/display';
import { edgeRefsOf, newTee, type Garment } from '@/core/facts/garment';
import type { StoredRecord } from '@/core/facts/records';
import { newWearer } from '@/core/facts/wearer';
import { household } from '@/demo/household';
import { householdOps } from '@/demo/ops';
import { testDatabase } from '../../tests/testDatabase';
import { copyGarment, exportGarment, importGarmentFile, importOps } from './garmentFiles';
import { findRecord } from '@/data/records';
import { removeRecord, write } from './recordRoutes';
import { shoppingView } from './rolls';
import { garmentLines, garmentView, jumpTargets, recordView, today, worthAMinute } from './views';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);
const made = household(today());

beforeAll(() => {
  const { shelf, garments } = householdOps(today());
  const result = write(db, { label: 'Demo', ops: [...shelf, ...garments] });
  if (!result.ok) throw new Error(JSON.stringify(result));
});

const line = (id: string) => {
  const found = garmentLines(db).lines.find((one) => one.id === id);
  if (!found) throw new Error(`expected ${id} in the list`);
  return found;
};
const next = (id: string) => phraseText(line(id).next, line(id).numbers, 'cm');

describe('the table', () => {
  // Invented data of the demo; what must hold is that each line says the first thing that is not yet done.
  test.each([
    ['ring-toss', 'sew', 'Neckline: measure it as it is now'],
    ['matinee', 'cut', 'Cut: sleeve, left'],
    ['lantern', 'bands', 'Choose the neckband’s length'],
    ['trapeze', 'fit', 'Choose how close it should be'],
    ['rigging', 'measure', 'Measure Bram: biceps'],
    ['moth', 'stretch', 'Pull a swatch of Moth jersey'],
    ['curtain', 'wear', 'Try it on and write down what came out'],
  ])('%s is at %s: %s', (id, stage, words) => {
    expect([line(id).nextStage, next(id)]).toEqual([stage, words]);
  });

  test('a garment being sewn says how far it is and which setup it wants', () => {
    expect(line('ring-toss')).toMatchObject({
      sewn: [4, 16],
      setup: 'Old green: zigzag seam',
      finished: false,
    });
    expect(line('ring-toss').minutesLeft).toBeGreaterThan(30);
  });

  test('what cannot work says at which stages, what is finished says what to do next time', () => {
    expect(line('buoy').blockedAt).toContain('bands');
    expect(line('driftwood').blockedAt).toEqual(['stretch']);
    expect(line('overture')).toMatchObject({
      finished: true,
      lastNote: 'Band a centimetre shorter, and out of rib.',
    });
  });

  test('every number a line speaks of comes with it', () => {
    for (const one of garmentLines(db).lines) {
      expect(() => phraseText(one.next, one.numbers, 'in')).not.toThrow();
    }
  });

  test('pages follow each other without gap or repeat', () => {
    const all = Object.keys(made.garments).length;
    const last = Math.floor((all - 1) / 4) * 4;
    const offsets = Array.from({ length: last / 4 + 1 }, (_, at) => at * 4);
    const pages = offsets.flatMap((offset) =>
      garmentLines(db, { offset, limit: 4 }).lines.map(({ id }) => id),
    );
    expect(new Set(pages).size).toBe(all);
    expect(garmentLines(db, { limit: 4 }).more).toBe(true);
    expect(garmentLines(db, { offset: last, limit: 4 }).more).toBe(false);
  });

  test('worth a minute: a child measured long ago, a cloth not washed; not an adult measured lately', () => {
    const said = worthAMinute(db).map(({ sentence }) => sentence);
    expect(said).toEqual(
      expect.arrayContaining([
        'Wren was measured 7 months ago. Children grow.',
        'Marsh rib has not been washed.',
      ]),
    );
    expect(said.join()).not.toContain('Odile');
  });
});

describe('a garment’s page', () => {
  test('brings its records, and what came out earlier for that wearer or out of that cloth, not its own', () => {
    const view = garmentView(db, 'ring-toss');
    expect(view?.records.find(({ kind }) => kind === 'wearer')?.facts.name).toBe('Wren');
    expect(view?.earlier).toMatchObject([{ garmentId: 'overture', sameWearer: true, sameCloth: true }]);
    expect(garmentView(db, 'overture')?.earlier).toEqual([]);
    expect(garmentView(db, 'nobody')).toBeUndefined();
  });
  test('one cloth or wearer, or nothing', () => {
    expect(recordView(db, 'cloth', 'marsh-rib')?.facts.name).toBe('Marsh rib');
    expect(recordView(db, 'wearer', 'marsh-rib')).toBeUndefined();
  });
});

describe('the jump box', () => {
  test.each([
    ['rib', '/cloth/marsh-rib'],
    ['REN', '/wearers/wren'],
    ['toss', '/garments/ring-toss'],
    ['wear', '/wearers'],
    ['', '/garments'],
  ])('%j finds %s', (text, href) =>
    expect(jumpTargets(db, text).map((target) => target.href)).toContain(href),
  );
  test('nothing for nonsense', () => expect(jumpTargets(db, '🧵')).toEqual([]));
});

describe('copies and files', () => {
  const count = (table: string) =>
    (db.$client.prepare(`select count(*) as n from ${table}`).get() as { n: number }).n;
  test('a copy keeps the choices and leaves out what was done', async () => {
    const { records } = (await copyGarment(db, 'overture').json()) as { records: { facts: Garment }[] };
    expect(records[0]?.facts).toMatchObject({
      name: 'Overture tee, again',
      wearerId: 'wren',
      cuts: {},
      sewn: {},
      fittings: {},
      agreed: {},
    });
    expect(records[0]?.facts.pattern).toEqual(made.garments.overture?.pattern);
    expect((await copyGarment(db, 'nobody')).status).toBe(404);
  });

  test('brought back into the same house a file uses the wearer and cloths that are here', async () => {
    const before = [count('wearers'), count('cloths')];
    const text = await exportGarment(db, 'ring-toss', true).text();
    const answer = await importGarmentFile(
      db,
      new Request('http://127.0.0.1/x', { method: 'POST', body: text }),
    );
    expect(answer.status).toBe(201);
    expect([count('wearers'), count('cloths')]).toEqual(before);
  });

  test('a copy leaves out the rounds of trying on; what is on its edges stays', async () => {
    const { records } = (await copyGarment(db, 'lakeside').json()) as { records: { facts: Garment }[] };
    const shelf = records[0]?.facts.edges?.['shelf-hem'];
    expect(shelf).toMatchObject({ elasticId: 'down-plush', gatheredFromMm: 860 });
    expect(shelf?.rounds).toBeUndefined();
  });

  test('a file brings elastics and findings along, and its edges name them in another house', async () => {
    const text = await exportGarment(db, 'dressing-room', true).text();
    const other = testDatabase();
    const post = () => new Request('http://127.0.0.1/x', { method: 'POST', body: text });
    const answer = await importGarmentFile(other.db, post());
    expect(answer.status).toBe(201);
    const { records } = (await answer.json()) as { records: StoredRecord[] };
    const garment = records.find(({ kind }) => kind === 'garment')?.facts as Garment;
    const named = edgeRefsOf(garment);
    expect(named.length).toBe(5);
    for (const { kind, id } of named)
      expect(records.some((one) => one.kind === kind && one.id === id)).toBe(true);
    other.clear();
  });

  test('a garment may not name an elastic that is not here, nor lose one it names', async () => {
    const facts: Garment = { ...newTee('Lost'), edges: { shoulder: { elasticId: 'nobody' } } };
    const lost = write(db, { label: 'Lost', ops: [{ op: 'create', kind: 'garment', id: 'lost', facts }] });
    expect(lost).toMatchObject({ ok: false, faults: [{ path: 'edges.shoulder.elasticId' }] });
    const request = new Request('http://127.0.0.1/x', {
      method: 'DELETE',
      body: JSON.stringify({ baseRevision: 1 }),
      headers: { 'content-type': 'application/json' },
    });
    const answer = await removeRecord(db, 'elastic', 'fern-picot', request);
    expect(answer.status).toBe(409);
    expect(((await answer.json()) as { sentence: string }).sentence).toMatch(/2 garments use this elastic/);
  });

  test('a garment’s page knows what others take of each roll, and frees it when they no longer name it', () => {
    const taken = () => garmentView(db, 'lakeside')?.takenMm['down-plush'] ?? 0;
    const before = taken();
    expect(before).toBeGreaterThan(1000);
    const base = findRecord(db, 'garment', 'spotlight')?.revision ?? 0;
    const changes = [{ path: 'edges.band.elasticId', value: null }];
    const op = { op: 'set', kind: 'garment', id: 'spotlight', baseRevision: base, changes } as const;
    expect(write(db, { label: 'Free it', ops: [op] }).ok).toBe(true);
    expect(taken()).toBeCloseTo(before - 633.95, 2);
    const line = shoppingView(db).lines.find(({ id }) => id === 'down-plush');
    expect(line?.garments.map(({ id }) => id)).not.toContain('spotlight');
  });

  test('a wearer who has changed since is not overwritten: the file’s own is added beside', () => {
    const file = {
      format: 'idle-stretch-garment',
      version: '2',
      garment: { ...newTee('Tee'), wearerId: 'wren', outerClothId: 'shared', bandClothId: 'shared' },
      wearer: newWearer('Wren', 'child'),
      outer: newCloth('Shared'),
      band: newCloth('Shared'),
    } as const;
    let ids = 0;
    const { ops } = importOps(db, file, () => `new-${(ids += 1)}`);
    expect(ops.map(({ kind, id }) => [kind, id])).toEqual([
      ['wearer', 'new-1'],
      ['cloth', 'shared'],
      ['garment', 'new-2'],
    ]);
    expect(ops.at(-1)).toMatchObject({
      facts: { wearerId: 'new-1', outerClothId: 'shared', bandClothId: 'shared' },
    });
  });

  test('a file’s name is safe whatever the garment is called', async () => {
    write(db, {
      label: 'x',
      ops: [{ op: 'create', kind: 'garment', id: 'odd', facts: newTee('"; \r\n🧵 / tee') }],
    });
    expect(exportGarment(db, 'odd', false).headers.get('content-disposition')).toBe(
      'attachment; filename="tee.json"',
    );
    expect(exportGarment(db, 'nobody', false).status).toBe(404);
  });
});

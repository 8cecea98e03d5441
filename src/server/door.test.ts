import { garmentRefFields, newTee } from '@/core/facts/garment';
import { newCloth } from '@/core/facts/cloth';
import { applyChange, inverseOf, applyChanges, valueAt } from '@/core/facts/change';
import { findFaults } from '@/core/facts/faults';
import { recordKinds, recordSpecs, type RecordKind } from '@/core/facts/records';
import { garmentFileSpec } from '@/core/formats/garmentFile';
import type { Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { badValuesFor, isHuge, leavesOf } from '../../tests/badInput';
import { testDatabase } from '../../tests/testDatabase';
import { leastFacts, wholeFacts } from '../../tests/wholeFacts';
import { importGarmentFile } from './garmentFiles';
import { joiFaults, joiOf } from './joiSpec';
import { bodySchemas, changeRecord, createRecord, removeRecord, undo, write } from './recordRoutes';

const house = testDatabase();
const db: Database = house.db;
afterAll(house.clear);
beforeAll(() => {
  // The layer of a stack with every field filled in.
  write(db, {
    label: 'Layer',
    ops: [{ op: 'create', kind: 'cloth', id: 'some-id', facts: newCloth('Layer') }],
  });
});

const post = (body: unknown): Request =>
  new Request('http://127.0.0.1/x', {
    method: 'POST',
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });

interface Answer {
  readonly status: number;
  readonly body: {
    readonly code?: string;
    readonly sentence?: string;
    readonly faults?: readonly { path: string; sentence: string }[];
    readonly records?: readonly { id: string; revision: number }[];
  };
}
const read = async (response: Response): Promise<Answer> => ({
  status: response.status,
  body: (await response.json()) as Answer['body'],
});

async function make(kind: RecordKind): Promise<{ id: string; revision: number }> {
  const { body } = await read(await createRecord(db, kind, post({ label: 'Make', facts: wholeFacts(kind) })));
  const record = body.records?.[0];
  if (!record) throw new Error(`expected a ${kind}, got ${JSON.stringify(body)}`);
  return record;
}

const leaves = recordKinds.flatMap((kind) => leavesOf(recordSpecs[kind]).map((leaf) => ({ kind, ...leaf })));

test('every field of every record has its bad values', () => {
  expect(leaves.length).toBeGreaterThan(70);
  const without = leaves
    .filter(({ spec }) => badValuesFor(spec).length < 5)
    .map(({ kind, path }) => `${kind}.${path}`);
  expect(without).toEqual([]);
});

describe.each(recordKinds)('%s', (kind) => {
  let record: { id: string; revision: number };
  beforeAll(async () => {
    record = await make(kind);
  });

  test.each(leavesOf(recordSpecs[kind]).map((leaf) => [leaf.path, leaf] as const))(
    '%s: each bad value is refused at the field with a sentence, and nothing changes',
    async (path, { spec }) => {
      for (const { name, value } of badValuesFor(spec)) {
        // Ten megabytes are refused before any field is looked at: one of each kind of record will do.
        if (isHuge(value) && path !== 'name') continue;
        const before = findRecord(db, kind, record.id);
        const request = post({ label: 'Try', baseRevision: record.revision, changes: [{ path, value }] });
        const { status, body } = await read(await changeRecord(db, kind, record.id, request));
        expect([name, status]).toEqual([name, isHuge(value) ? 413 : 422]);
        expect(body.sentence).toMatch(/^[A-Z“"].*[.]$/s);
        if (!isHuge(value))
          expect([
            name,
            body.faults?.some((fault) => fault.path === path || fault.path.startsWith(`${path}.`)),
          ]).toEqual([name, true]);
        expect(findRecord(db, kind, record.id)).toEqual(before);
      }
    },
  );

  test('a field that must be there is not cleared, an optional one is', async () => {
    for (const { path, optional } of leavesOf(recordSpecs[kind]).filter(
      ({ path: at }) => !at.includes('.entry'),
    )) {
      if (valueAt(wholeFacts(kind), path) === undefined) continue;
      const { status, body } = await read(
        await changeRecord(
          db,
          kind,
          record.id,
          post({ label: 'Clear', baseRevision: record.revision, changes: [{ path, value: null }] }),
        ),
      );
      expect([path, status]).toEqual([path, optional ? 200 : 422]);
      record = body.records?.[0] ?? record;
    }
  });

  test('unknown keys are refused by name, at every level', async () => {
    for (const facts of [
      { ...(leastFacts(recordSpecs[kind]) as object), surprise: 1 },
      JSON.parse('{"__proto__": {"a": 1}, "name": "x"}') as object,
    ]) {
      const { status, body } = await read(await createRecord(db, kind, post({ label: 'Make', facts })));
      expect(status).toBe(422);
      expect(body.faults?.length).toBeGreaterThan(0);
    }
    for (const path of [
      'surprise',
      'constructor',
      '__proto__.polluted',
      'name.deeper.still',
      'a'.repeat(60),
      'x..y',
      '',
    ]) {
      const { status } = await read(
        await changeRecord(
          db,
          kind,
          record.id,
          post({ label: 'Try', baseRevision: record.revision, changes: [{ path, value: 1 }] }),
        ),
      );
      expect([path, status]).toEqual([path, 422]);
    }
    expect(({} as { polluted?: unknown }).polluted).toBeUndefined();
  });

  test('a stale revision is refused with what changed, and never written', async () => {
    const stale = record.revision;
    const first = await read(
      await changeRecord(
        db,
        kind,
        record.id,
        post({ label: 'Name', baseRevision: stale, changes: [{ path: 'name', value: 'First' }] }),
      ),
    );
    expect(first.status).toBe(200);
    const second = await read(
      await changeRecord(
        db,
        kind,
        record.id,
        post({ label: 'Name', baseRevision: stale, changes: [{ path: 'name', value: 'Second' }] }),
      ),
    );
    expect(second).toMatchObject({
      status: 409,
      body: { code: 'stale', changed: ['name'], record: { facts: { name: 'First' } } },
    });
    expect(findRecord(db, kind, record.id)?.facts.name).toBe('First');
    record = first.body.records?.[0] ?? record;
  });

  test('the least and the whole of its facts are both accepted', async () => {
    for (const facts of [leastFacts(recordSpecs[kind]), wholeFacts(kind)]) {
      expect((await read(await createRecord(db, kind, post({ label: 'Make', facts })))).status).toBe(201);
    }
  });

  test('the door’s schema and the field’s check agree on every bad value, to the path and the sentence', () => {
    const schema = joiOf(recordSpecs[kind]);
    const whole = {
      ...wholeFacts(kind),
      ...(kind === 'garment' ? Object.fromEntries(garmentRefFields.map((field) => [field, 'a'])) : {}),
    };
    expect(joiFaults(schema, whole)).toEqual(findFaults(recordSpecs[kind], whole));
    const key = (fault: { code: string; path: string; sentence: string }) =>
      `${fault.path}|${fault.code}|${fault.sentence}`;
    const least = leastFacts(recordSpecs[kind]) as object;
    for (const { path, spec } of leavesOf(recordSpecs[kind])) {
      // Of the whole, what the path leads into: the rest is the same each time.
      const [top = ''] = path.split('.');
      const around = { ...least, [top]: valueAt(whole, top) };
      for (const { name, value } of badValuesFor(spec)) {
        // What is far too long is so at a hundredth of it too.
        const facts = applyChange(around, { path, value: isHuge(value) ? 'x'.repeat(100_000) : value });
        const [door, field] = [joiFaults(schema, facts), findFaults(recordSpecs[kind], facts)];
        expect([path, name, [...new Set(door.map(key))]]).toEqual([path, name, [...new Set(field.map(key))]]);
      }
    }
  });
});

describe('bodies that are not what a route expects', () => {
  const bodies: readonly (readonly [string, string])[] = [
    ['empty', ''],
    ['not JSON', '{"label":'],
    ['a number', '5'],
    ['null', 'null'],
    ['a list', '[]'],
    ['unknown keys', '{"surprise":1}'],
    ['emoji', '"🧵"'],
  ];
  const routes: readonly (readonly [keyof typeof bodySchemas, (request: Request) => Promise<Response>])[] = [
    ['create', (request) => createRecord(db, 'cloth', request)],
    ['change', (request) => changeRecord(db, 'cloth', 'nobody', request)],
    ['remove', (request) => removeRecord(db, 'cloth', 'nobody', request)],
    ['undo', (request) => undo(db, request)],
  ];
  test('every route that writes is here', () =>
    expect(routes.map(([name]) => name).sort()).toEqual(Object.keys(bodySchemas).sort()));
  test.each(routes)('%s answers with a sentence', async (_name, route) => {
    for (const [name, text] of bodies) {
      const { status, body } = await read(await route(post(text)));
      expect([name, status >= 400 && status < 500]).toEqual([name, true]);
      expect(body.sentence).toMatch(/[.]$/);
    }
  });
  test('ten megabytes are refused, said or not beforehand', async () => {
    const stream = new ReadableStream({
      pull(controller) {
        controller.enqueue(new Uint8Array(1_000_000));
      },
    });
    const request = new Request('http://127.0.0.1/x', {
      method: 'POST',
      body: stream,
      duplex: 'half',
    } as RequestInit);
    expect((await read(await createRecord(db, 'cloth', request))).status).toBe(413);
  });
  test('a kind or record that is not there is a 404 with a sentence', async () => {
    expect((await read(await createRecord(db, 'elephant', post({})))).status).toBe(404);
    const { status, body } = await read(
      await changeRecord(
        db,
        'cloth',
        'nobody',
        post({ label: 'x', baseRevision: 1, changes: [{ path: 'name', value: 'x' }] }),
      ),
    );
    expect([status, body.sentence]).toEqual([404, expect.stringMatching(/no longer here/)]);
  });
  test('a wearer or cloth that is not there cannot be named', async () => {
    const garment = await make('garment');
    const { status, body } = await read(
      await changeRecord(
        db,
        'garment',
        garment.id,
        post({ label: 'x', baseRevision: 1, changes: [{ path: 'wearerId', value: 'nobody' }] }),
      ),
    );
    expect([status, body.faults?.[0]?.path]).toEqual([422, 'wearerId']);
  });
  test('an impossible reading is refused at its field', async () => {
    const cloth = await make('cloth');
    const value = { direction: 'across', testedOn: '2026-01-01', restMm: 100, pulledMm: 90 };
    const { status, body } = await read(
      await changeRecord(
        db,
        'cloth',
        cloth.id,
        post({ label: 'x', baseRevision: 1, changes: [{ path: 'tests.t', value }] }),
      ),
    );
    expect([status, body.faults?.[0]?.path]).toEqual([422, 'tests.t.pulledMm']);
  });
});

test.each(leavesOf(garmentFileSpec).map((leaf) => [leaf.path, leaf] as const))(
  'a file with a bad %s brings nothing in',
  async (path, { spec }) => {
    const whole = {
      format: 'idle-stretch-garment',
      version: '1',
      garment: wholeFacts('garment'),
      wearer: wholeFacts('wearer'),
      outer: wholeFacts('cloth'),
      band: wholeFacts('cloth'),
    };
    const count = () =>
      db.$client
        .prepare(
          'select (select count(*) from garments) + (select count(*) from cloths) + (select count(*) from wearers) as n',
        )
        .get();
    const before = count();
    for (const { value } of badValuesFor(spec)
      .filter((bad) => !isHuge(bad.value))
      .slice(0, 4)) {
      const { status, body } = await read(
        await importGarmentFile(db, post(applyChange(whole, { path, value }))),
      );
      expect(status).toBe(422);
      expect(body.faults?.length).toBeGreaterThan(0);
    }
    expect(count()).toEqual(before);
  },
);

describe('changes', () => {
  const facts = { name: 'a', fit: {}, cuts: { one: { cutOn: 'x' } } };
  test('undoing any change gives back what was there, parents that had to be made included', () => {
    for (const change of [
      { path: 'name', value: 'b' },
      { path: 'fit.bust.school', value: 'class' },
      { path: 'cuts.one', value: null },
      { path: 'cuts.two', value: { cutOn: 'y' } },
      { path: 'new.deep.path', value: 1 },
    ]) {
      expect(applyChanges(applyChange(facts, change), inverseOf(facts, [change]))).toEqual(facts);
    }
  });
  test('what does not change is the same reference', () => {
    expect(applyChange(facts, { path: 'name', value: 'a' })).toBe(facts);
    expect(applyChange(facts, { path: 'gone.deep', value: null })).toBe(facts);
    expect(applyChange(facts, { path: 'name', value: 'b' }).cuts).toBe(facts.cuts);
  });
});

describe('a garment whose cloth is gone', () => {
  test('comes back all the same, can be renamed, and takes another cloth; only naming one that is not there is refused', async () => {
    const made = (kind: RecordKind, id: string, facts: object) =>
      write(db, { label: 'Make', ops: [{ op: 'create', kind, id, facts: facts as never }] });
    made('cloth', 'going', newCloth('Going'));
    made('cloth', 'staying', newCloth('Staying'));
    made('garment', 'orphan', { ...newTee('Orphan'), outerClothId: 'going' });
    const removed = await read(await removeRecord(db, 'garment', 'orphan', post({ baseRevision: 1 })));
    expect((await removeRecord(db, 'cloth', 'going', post({ baseRevision: 1 }))).status).toBe(200);
    const commandId = (removed.body as { commandId?: number }).commandId;
    expect((await undo(db, post({ commandId }))).status).toBe(200);
    const change = async (path: string, value: unknown) => {
      const at = findRecord(db, 'garment', 'orphan')?.revision;
      return read(
        await changeRecord(
          db,
          'garment',
          'orphan',
          post({ label: 'x', baseRevision: at, changes: [{ path, value }] }),
        ),
      );
    };
    expect((await change('name', 'Renamed')).status).toBe(200);
    const refused = await change('outerClothId', 'going');
    expect(refused).toMatchObject({
      status: 422,
      body: { sentence: expect.stringMatching(/no longer here/) },
    });
    expect((await change('outerClothId', 'staying')).status).toBe(200);
  });
});

test('a body that breaks off is refused in a sentence, and nothing is logged as a crash', async () => {
  const log = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const broken = new ReadableStream({
    start(controller) {
      controller.enqueue(new TextEncoder().encode('{"lab'));
      controller.error(new Error('aborted'));
    },
  });
  const request = new Request('http://127.0.0.1/x', {
    method: 'POST',
    body: broken,
    duplex: 'half',
  } as RequestInit);
  const { status, body } = await read(await createRecord(db, 'cloth', request));
  expect([status, body.code]).toEqual([400, 'broken-off']);
  expect(log).not.toHaveBeenCalled();
  log.mockRestore();
});

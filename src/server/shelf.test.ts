import { newCloth, type Cloth } from '@/core/facts/cloth';
import { newGarment } from '@/core/facts/garment';
import { newOwnKind } from '@/core/facts/ownKind';
import { newPattern } from '@/core/facts/pattern';
import { newWearer } from '@/core/facts/wearer';
import { countUses } from '@/data/records';
import { household } from '@/demo/household';
import { testDatabase } from '../../tests/testDatabase';
import { clothBecomings, garmentCloths } from './becoming';
import { exportGarment, importGarmentFile } from './garmentFiles';
import { changeRecord, removeRecord, write } from './recordRoutes';
import { today } from './views';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);

const request = (body: unknown, method = 'POST') =>
  new Request('http://127.0.0.1/x', {
    method,
    body: body instanceof Uint8Array ? (body as BodyInit) : JSON.stringify(body),
  });
const answer = async (response: Response | Promise<Response>) => {
  const got = await response;
  return {
    status: got.status,
    body: (await got.json()) as Record<string, unknown> & { faults?: { path: string }[] },
  };
};
const stack = (name: string, ...ids: readonly string[]): Cloth => ({
  ...newCloth(name),
  layers: Object.fromEntries(ids.map((clothId, at) => [`l${at}`, { clothId, turned: false }])),
});
const made = household(today());

beforeAll(() => {
  const done = write(db, {
    label: 'Shelf',
    ops: [
      ...(['loon-swim', 'minnow-lining', 'heron-jersey', 'loon-minnow'] as const).map(
        (id) => ({ op: 'create', kind: 'cloth', id, facts: made.cloths[id] as Cloth }) as const,
      ),
      { op: 'create', kind: 'wearer', id: 'odile', facts: made.wearers.odile ?? newWearer('Odile', 'adult') },
      { op: 'create', kind: 'pattern', id: 'paper', facts: newPattern('Paper', 'briefs') },
      { op: 'create', kind: 'ownKind', id: 'mine', facts: newOwnKind('Mine', 'briefs') },
      {
        op: 'create',
        kind: 'garment',
        id: 'piece',
        facts: {
          ...newGarment('Piece', 'briefs'),
          outerClothId: 'loon-minnow',
          liningClothId: 'minnow-lining',
          wearerId: 'odile',
          patternId: 'paper',
          ownKindId: 'mine',
        },
      },
    ],
  });
  if (!done.ok) throw new Error(JSON.stringify(done));
});

describe('stacks at the door', () => {
  const change = (id: string, baseRevision: number, path: string, value: unknown) =>
    answer(
      changeRecord(db, 'cloth', id, request({ label: 'Layer', baseRevision, changes: [{ path, value }] })),
    );
  test('a stack that would contain itself is refused at the layer, and nothing changes', async () => {
    const nested = write(db, {
      label: 'Nest',
      ops: [{ op: 'create', kind: 'cloth', id: 'nest', facts: stack('Nest', 'loon-minnow') }],
    });
    expect(nested.ok).toBe(true);
    const { status, body } = await change('loon-minnow', 1, 'layers.outer.clothId', 'nest');
    expect([status, body.faults?.[0]?.path]).toEqual([422, 'layers.outer.clothId']);
    expect(body.sentence).toMatch(/contains the stack itself/);
  });
  test('an empty stack, and one with a cloth that is not here, are refused', async () => {
    const empty = write(db, {
      label: 'Empty',
      ops: [{ op: 'create', kind: 'cloth', id: 'empty', facts: stack('Empty') }],
    });
    expect(empty).toMatchObject({ ok: false, code: 'faults' });
    expect((await change('loon-minnow', 1, 'layers.outer.clothId', 'nobody')).status).toBe(422);
  });
});

describe('what is in use stays', () => {
  test.each([
    ['cloth', 'minnow-lining', 3],
    ['cloth', 'loon-minnow', 2],
    ['pattern', 'paper', 1],
    ['ownKind', 'mine', 1],
    ['wearer', 'odile', 1],
  ] as const)('%s %s', async (kind, id, uses) => {
    // A stack's layers count as uses, as do garments.
    expect(countUses(db, kind, id)).toBeGreaterThanOrEqual(uses - 1);
    const { status, body } = await answer(removeRecord(db, kind, id, request({ baseRevision: 1 })));
    expect([status, body.code]).toEqual([409, 'in-use']);
  });
});

describe('what a cloth can become, over the wire', () => {
  test('every garment with its answer, and the numbers each sentence speaks of', async () => {
    const found = (await clothBecomings(db, 'heron-jersey', 'odile').json()) as {
      kind: string;
      verdict: { answer: string; because: unknown; numbers: object };
    }[];
    expect(found).toHaveLength(19);
    for (const { verdict } of found) {
      const named = [...JSON.stringify(verdict.because).matchAll(/"n":"([^"]+)"/g)].map(
        (match) => match[1] as string,
      );
      expect(named.filter((id) => !(id in verdict.numbers))).toEqual([]);
    }
  });
  test('the shelf held against a garment', async () => {
    const found = (await garmentCloths(db, 'piece').json()) as { id: string }[];
    expect(found.map(({ id }) => id).sort()).toEqual([
      'heron-jersey',
      'loon-minnow',
      'loon-swim',
      'minnow-lining',
      'nest',
    ]);
  });
  test('a cloth or garment that is gone says so', async () => {
    expect((await answer(clothBecomings(db, 'nobody', null))).status).toBe(404);
    expect((await answer(garmentCloths(db, 'nobody'))).status).toBe(404);
  });
});

test('a garment with stack, lining, pattern and own kind goes into a file and comes back whole elsewhere', async () => {
  const file = await exportGarment(db, 'piece', true).text();
  const other = testDatabase();
  try {
    const { status, body } = await answer(
      importGarmentFile(other.db, new Request('http://127.0.0.1/x', { method: 'POST', body: file })),
    );
    expect(status).toBe(201);
    const kinds = (body.records as { kind: string }[]).map(({ kind }) => kind).sort();
    expect(kinds).toEqual(['cloth', 'cloth', 'cloth', 'garment', 'ownKind', 'pattern', 'wearer']);
  } finally {
    other.clear();
  }
});

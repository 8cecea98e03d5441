import { newCloth } from '@/core/facts/cloth';
import { undoCommand } from '@/data/commands';
import { findRecord, listAll } from '@/data/records';
import { testDatabase } from '../../../tests/testDatabase';
import { checkRecord } from '../checkRecord';
import { write } from '../recordRoutes';
import { bringTable, downloadTable } from './tables';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);
write(db, {
  label: 'Shelf',
  ops: [{ op: 'create', kind: 'cloth', id: 'loon', facts: { ...newCloth('Loon'), widthMm: 1500 } }],
});

const bring = async (text: string, asked = '') => {
  const request = new Request('http://127.0.0.1/x', { method: 'POST', body: text });
  const response = await bringTable(db, 'cloths', new URLSearchParams(asked), request);
  return { status: response.status, body: (await response.json()) as Record<string, unknown> };
};
const TABLE = 'Name,Width (cm)\nLoon,140\nHeron,160';

test('a table is reported first, brought in as one change, and undone as one', async () => {
  expect(await bring(TABLE)).toEqual({
    status: 200,
    body: { fresh: ['Heron'], changed: [{ name: 'Loon', labels: ['Width'] }], same: 0 },
  });
  expect(listAll(db, 'cloth')).toHaveLength(1);
  const { status, body } = await bring(TABLE, 'keep=yes');
  expect(status).toBe(201);
  expect(listAll(db, 'cloth').map(({ facts }) => [facts.name, facts.widthMm])).toEqual(
    expect.arrayContaining([
      ['Loon', 1400],
      ['Heron', 1600],
    ]),
  );
  expect(await bring(TABLE, 'keep=yes')).toMatchObject({ status: 422, body: { code: 'nothing' } });
  undoCommand(db, Number(body.commandId), { now: '2026-06-02T00:00:00Z', check: checkRecord });
  expect([listAll(db, 'cloth').length, findRecord(db, 'cloth', 'loon')?.facts.widthMm]).toEqual([1, 1500]);
});

test('nothing of a table with a fault is taken', async () => {
  const { status, body } = await bring('Name,Width (cm)\nPike,160\nEel,wide', 'keep=yes');
  expect([status, body.faults]).toEqual([422, [expect.objectContaining({ path: '3' })]]);
  expect(listAll(db, 'cloth')).toHaveLength(1);
  expect((await bring('x'.repeat(2_000_001))).status).toBe(413);
});

test('it is written in the unit that is asked for', async () => {
  const text = await downloadTable(db, 'cloths', new URLSearchParams('unit=in')).text();
  expect(text).toMatch(/Width \(in\).*\r\n.*59\.0551/s);
  expect(downloadTable(db, 'spoons', new URLSearchParams()).status).toBe(404);
});

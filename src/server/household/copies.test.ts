import { existsSync, mkdirSync, readdirSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { newCloth } from '@/core/facts/cloth';
import { bytesHere, emptyHouse, run } from '../../../tests/householdOf';
import { keepCopy, listCopies } from './copies';
import { copiesFolder, copyPath, incomingPath } from './folder';
import {
  downloadCopy,
  downloadHousehold,
  householdView,
  reportCopy,
  reportIncoming,
  restore,
} from './householdRoutes';
import { clearSent } from './incoming';

const withCloth = () => {
  const { db } = emptyHouse();
  run(db, { op: 'create', kind: 'cloth', id: 'loon', facts: newCloth('Loon') });
  return db;
};
const at = (day: string) => new Date(`${day}T12:00:00`);
const post = (body: unknown) =>
  new Request('http://127.0.0.1/x', {
    method: 'POST',
    body: body instanceof Uint8Array ? (body as BodyInit) : JSON.stringify(body),
  });
const told = async (response: Response) => ({
  status: response.status,
  body: (await response.json()) as Record<string, unknown>,
});

describe('dated copies', () => {
  test('one a day, whole before it has its name; the old ones go', async () => {
    const db = withCloth();
    const folder = copiesFolder(db);
    mkdirSync(folder, { recursive: true });
    for (const day of ['2024-01-01', '2024-01-02']) writeFileSync(join(folder, `${day}.zip`), 'old');
    writeFileSync(join(folder, '2026-05-31.zip.unfinished'), 'cut off');
    for (let day = 1; day <= 9; day += 1) await keepCopy(db, at(`2026-06-0${day}`));
    const days = (await listCopies(db)).map((copy) => copy.day);
    // Seven days, and the last of the week before (2026-06-07 is a Sunday): the first of June goes with its week’s last.
    expect(days).toEqual([
      ...['09', '08', '07', '06', '05', '04', '03'].map((day) => `2026-06-${day}`),
      '2024-01-02',
    ]);
    const before = readdirSync(folder).sort();
    await keepCopy(db, at('2026-06-09'));
    expect(readdirSync(folder).sort()).toEqual(before);
  });
  test('a household with nothing in it is not copied', async () => {
    const { db } = emptyHouse();
    await keepCopy(db, at('2026-06-01'));
    expect([await listCopies(db), existsSync(copiesFolder(db))]).toEqual([[], false]);
  });
});

describe('by its routes', () => {
  test('a copy is saved, sent to another house, looked at, brought back, and the file that was sent is gone', async () => {
    const db = withCloth();
    const copy = new Uint8Array(await downloadHousehold(db, at('2026-06-01')).arrayBuffer());
    const { db: other } = emptyHouse();
    const { status, body } = await told(await reportIncoming(other, post(copy)));
    expect([status, body.report]).toMatchObject([200, { fresh: [{ kind: 'cloth', name: 'Loon' }], same: 0 }]);
    const { incoming } = body.source as { incoming: string };
    expect(existsSync(incomingPath(other, incoming))).toBe(true);
    expect((await told(await restore(other, post({ incoming, take: [] })))).status).toBe(200);
    expect(bytesHere(other)).toEqual(bytesHere(db));
    expect(existsSync(incomingPath(other, incoming))).toBe(false);
  });
  test('a dated copy is looked at, saved and brought back; of a day that has none that is said', async () => {
    const db = withCloth();
    await keepCopy(db, at('2026-06-01'));
    expect(await told(await reportCopy(db, post({ copy: '2026-06-01' })))).toMatchObject({
      status: 200,
      body: { source: { copy: '2026-06-01' }, report: { same: 1 } },
    });
    expect((await downloadCopy(db, '2026-06-01')).headers.get('content-disposition')).toContain(
      '2026-06-01.zip',
    );
    expect((await told(await restore(db, post({ copy: '2026-06-01', take: [] })))).status).toBe(200);
    for (const day of ['2026-06-02', '../../etc/passwd', ''])
      expect([day, (await downloadCopy(db, day)).status]).toEqual([day, 404]);
    expect((await told(await reportCopy(db, post({ copy: '../x' })))).status).toBe(422);
    expect(
      (await told(await restore(db, post({ copy: '2026-06-01', incoming: 'x', take: [] })))).status,
    ).toBe(422);
  });
  test('what cannot be read is refused and not kept; what was left lying is cleared after a day', async () => {
    const db = withCloth();
    expect(await told(await reportIncoming(db, post(new TextEncoder().encode('Dear diary'))))).toMatchObject({
      status: 422,
      body: { sentence: expect.stringMatching(/damaged or cut off/) as string },
    });
    expect(readdirSync(copiesFolder(db))).toEqual([]);
    const tooLarge = new Request('http://127.0.0.1/x', {
      method: 'POST',
      body: 'x',
      headers: { 'content-length': '4000000001' },
    });
    expect(await told(await reportIncoming(db, tooLarge))).toMatchObject({ status: 413 });
    const [old, fresh] = ['11111111-1111-4111-8111-111111111111', '22222222-2222-4222-8222-222222222222'].map(
      (id) => incomingPath(db, id),
    ) as [string, string];
    const unfinished = `${copyPath(db, '2026-05-31')}.unfinished`;
    for (const path of [old, fresh, unfinished]) writeFileSync(path, 'x');
    utimesSync(unfinished, at('2026-05-31'), at('2026-05-31'));
    utimesSync(old, at('2026-06-01'), at('2026-06-01'));
    utimesSync(fresh, at('2026-06-03'), at('2026-06-03'));
    await clearSent(db, new Date('2026-06-03T13:00:00'));
    expect([old, unfinished, fresh].map((path) => existsSync(path))).toEqual([false, false, true]);
  });
  test('the page tells how much there is and where', async () => {
    const db = withCloth();
    await keepCopy(db, at('2026-06-01'));
    expect(await householdView(db)).toMatchObject({
      path: db.$client.name,
      records: 1,
      photos: 0,
      strayPhotos: 0,
      copies: [{ day: '2026-06-01' }],
    });
    expect(existsSync(copyPath(db, '2026-06-01'))).toBe(true);
  });
});

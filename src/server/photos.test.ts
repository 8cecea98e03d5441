import sharp from 'sharp';
import { newCloth } from '@/core/facts/cloth';
import { newTee } from '@/core/facts/garment';
import { strayPhotos } from '@/data/photos';
import { findRecord } from '@/data/records';
import { testDatabase } from '../../tests/testDatabase';
import { deletePhoto, deleteStrayPhotos, keepPhoto, showPhoto } from './photos';
import { write } from './recordRoutes';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);
beforeAll(() => {
  write(db, {
    label: 'Shelf',
    ops: [
      { op: 'create', kind: 'cloth', id: 'loon', facts: newCloth('Loon') },
      { op: 'create', kind: 'garment', id: 'tee', facts: newTee('Tee') },
    ],
  });
});

const keep = async (kind: string, of: string, body: Uint8Array) => {
  const request = new Request('http://127.0.0.1/x', { method: 'POST', body: body as BodyInit });
  const response = await keepPhoto(db, new URLSearchParams({ kind, of }), request);
  return { status: response.status, body: (await response.json()) as { id: string; sentence: string } };
};
const shown = async (id: string, size?: 'small') =>
  sharp(Buffer.from(await showPhoto(db, id, size).arrayBuffer())).metadata();

/** A photo as a telephone writes one: lying on its side, with the place and the device in it. */
const telephone = () =>
  sharp({ create: { width: 3000, height: 2000, channels: 3, background: '#88aacc' } })
    .withExif({ IFD0: { Model: 'A telephone' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

test('a photo is kept upright, smaller, with nothing in it but the picture; a small one goes into lists', async () => {
  const { status, body } = await keep('garment', 'tee', await telephone());
  expect(status).toBe(201);
  const sent = await sharp(await telephone()).metadata();
  expect([sent.orientation, sent.exif === undefined]).toEqual([6, false]);
  const kept = await shown(body.id);
  expect([kept.format, kept.width, kept.height, kept.exif, kept.orientation]).toEqual([
    'jpeg',
    1067,
    1600,
    undefined,
    undefined,
  ]);
  const small = await shown(body.id, 'small');
  expect([small.width, small.height]).toEqual([240, 360]);
  deletePhoto(db, body.id);
  expect(showPhoto(db, body.id).status).toBe(404);
});

test.each([
  ['a script', 'tee', new TextEncoder().encode('<script>alert(1)</script>'), 422, /not a photo/],
  [
    'a drawing that could hold a script',
    'tee',
    new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"></svg>'),
    422,
    /JPEG, PNG or WebP/,
  ],
  ['the beginning of a picture', 'tee', Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 1, 2]), 422, /not a photo/],
  ['nothing', 'tee', new Uint8Array(), 422, /not a photo/],
  ['more than is kept', 'tee', new Uint8Array(25_000_001), 413, /more than 25 MB/],
  ['a photo of nobody', 'nobody', new Uint8Array(9), 404, /no longer here/],
])('%s is refused with a sentence', async (_name, of, bytes, status, words) => {
  const refused = await keep('garment', of, bytes);
  expect([refused.status, refused.body.sentence]).toEqual([status, expect.stringMatching(words)]);
});

test('a hundred megabytes are refused before they are sent', async () => {
  const request = new Request('http://127.0.0.1/x', {
    method: 'POST',
    headers: { 'content-length': '100000000' },
    body: 'x',
  });
  const response = await keepPhoto(db, new URLSearchParams({ kind: 'cloth', of: 'loon' }), request);
  expect(response.status).toBe(413);
});

test('a few bytes that ask for all the memory there is are no photo', async () => {
  const bomb = await sharp({ create: { width: 16_000, height: 9000, channels: 3, background: '#000' } })
    .png({ compressionLevel: 9 })
    .toBuffer();
  expect(bomb.length).toBeLessThan(2_000_000);
  expect((await keep('garment', 'tee', bomb)).status).toBe(422);
});

test('what nothing shows any more can be deleted for good; what a cloth or a round shows stays', async () => {
  const photo = await telephone();
  const [ofCloth, ofRound, stray] = [
    (await keep('cloth', 'loon', photo)).body.id,
    (await keep('garment', 'tee', photo)).body.id,
    (await keep('garment', 'tee', photo)).body.id,
  ];
  const set = (kind: 'cloth' | 'garment', id: string, path: string, value: unknown) =>
    write(db, {
      label: 'Show',
      ops: [
        {
          op: 'set',
          kind,
          id,
          baseRevision: findRecord(db, kind, id)?.revision ?? 0,
          changes: [{ path, value }],
        },
      ],
    });
  set('cloth', 'loon', 'photo', ofCloth);
  set('garment', 'tee', 'fittings.first', {
    triedOn: '2026-01-01',
    outcomes: {},
    photos: { [ofRound]: 'front' },
  });
  expect(strayPhotos(db).map(({ id }) => id)).toEqual([stray]);
  expect(await deleteStrayPhotos(db).json()).toEqual({ photos: 1 });
  expect([showPhoto(db, ofCloth).status, showPhoto(db, ofRound).status, showPhoto(db, stray).status]).toEqual(
    [200, 200, 404],
  );
});

import { readPhoto } from './photo';

const JPEG = [0xff, 0xd8, 0xff, 0xe0];
const PNG = [0x89, 0x50, 0x4e, 0x47];
const WEBP = [0x52, 0x49, 0x46, 0x46, 0, 0, 0, 0, 0x57, 0x45, 0x42, 0x50];

/** A file that begins so, and is a picture of that size to the browser, or none. */
function file(starts: readonly number[], picture?: { width: number; height: number }, bytes?: number): Blob {
  const blob = new Blob([new Uint8Array([...starts, ...Array.from({ length: 12 }, () => 1)])]);
  if (bytes !== undefined) Object.defineProperty(blob, 'size', { value: bytes });
  Object.assign(globalThis, {
    createImageBitmap: () =>
      picture
        ? Promise.resolve({ ...picture, close: () => undefined })
        : Promise.reject(new Error('no picture')),
  });
  return blob;
}

test.each([
  ['JPEG', JPEG],
  ['PNG', PNG],
  ['WebP', WEBP],
])('a %s is taken as it is where it is not too large', async (_, starts) => {
  const blob = file(starts, { width: 4000, height: 3000 });
  const read = await readPhoto(blob);
  expect(read).toMatchObject({ ok: true, photo: { width: 4000, height: 3000 } });
  expect(read.ok && read.photo.blob).toBe(blob);
});

test.each<[string, Blob, RegExp]>([
  ['words under a photo’s name', file([0x68, 0x65, 0x6c, 0x6c, 0x6f]), /whatever its name says/],
  ['an empty file', new Blob([]), /whatever its name says/],
  ['a page of a PDF', file([0x25, 0x50, 0x44, 0x46]), /choose a JPEG, PNG or WebP/],
])('%s is refused, with what to choose', async (_, blob, sentence) => {
  expect(await readPhoto(blob)).toMatchObject({ ok: false, sentence: expect.stringMatching(sentence) });
});

test('a photo that is broken, has too many pixels or is too large a file is refused', async () => {
  expect(await readPhoto(file(JPEG))).toMatchObject({ ok: false });
  expect(await readPhoto(file(JPEG, { width: 10_000, height: 5_001 }))).toMatchObject({
    ok: false,
    sentence: expect.stringMatching(/more than 50 million pixels/),
  });
  expect(await readPhoto(file(JPEG, { width: 10, height: 10 }, 60_000_001))).toMatchObject({
    ok: false,
    sentence: expect.stringMatching(/larger than 60 MB/),
  });
});

test('one of up to 50 million pixels is made smaller, its sides in proportion', async () => {
  const drawn: number[][] = [];
  class Canvas {
    constructor(
      readonly width: number,
      readonly height: number,
    ) {}
    getContext() {
      return { drawImage: (_: unknown, ...at: number[]) => drawn.push(at) };
    }
    convertToBlob() {
      return Promise.resolve(new Blob(['smaller']));
    }
  }
  Object.assign(globalThis, { OffscreenCanvas: Canvas });
  const read = await readPhoto(file(JPEG, { width: 8192, height: 6000 }));
  expect(read).toMatchObject({ ok: true, photo: { width: 4096, height: 3000 } });
  expect(drawn).toEqual([[0, 0, 4096, 3000]]);
});

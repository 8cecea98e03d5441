import { photoMap, sheets } from '@/core/pieces/sheets';
import { answerOutline } from './outline';

const corners = [
  { x: 100, y: 100 },
  { x: 310, y: 100 },
  { x: 310, y: 397 },
  { x: 100, y: 397 },
];
const read = photoMap(corners, sheets.a4);
if (!read.ok) throw new Error(read.sentence);
const request = { picture: new Blob(), photo: read.photo, inside: { x: 400, y: 100 } };

/** A photo from straight above, a pixel a millimetre: a light square of 120 on dark ground. */
function square() {
  const [width, height] = [700, 500];
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      data.fill(
        x >= 440 && x < 560 && y >= 140 && y < 260 ? 220 : 60,
        4 * (y * width + x),
        4 * (y * width + x) + 4,
      );
  return { data, width, height };
}

test('a photo comes back as the outline round the place that was clicked', async () => {
  const found = await answerOutline(request, () => Promise.resolve(square()));
  const ring = found.ok ? found.ring : [];
  expect(ring.map(({ x, y }) => [Math.round(x), Math.round(y)]).toSorted()).toEqual([
    [340, 160],
    [340, 40],
    [460, 160],
    [460, 40],
  ]);
});

test('a picture that cannot be decoded is a sentence', async () => {
  const found = await answerOutline(request, () => Promise.reject(new Error('it is empty')));
  expect(found).toEqual({
    ok: false,
    sentence: expect.stringMatching('it is empty. Click round the piece instead'),
  });
});

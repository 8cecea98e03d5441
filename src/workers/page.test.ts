import { answerPage, type PdfReader } from './page';

const OPS = { constructPath: 91, stroke: 20, moveTo: 13, lineTo: 14, closePath: 18 };
const operators = {
  fnArray: [91, 20],
  argsArray: [
    [
      [13, 14, 14, 18],
      [0, 0, 720, 0, 720, 720],
    ],
    null,
  ],
};

const reader = (numPages: number, asked: number[] = []): PdfReader => ({
  OPS,
  getDocument: () => ({
    promise: Promise.resolve({
      numPages,
      getPage: (page: number) => {
        asked.push(page);
        return Promise.resolve({
          userUnit: 1,
          getViewport: () => ({ transform: [1, 0, 0, -1, 0, 720], width: 720, height: 720 }),
          getOperatorList: () => Promise.resolve(operators),
        });
      },
      getOptionalContentConfig: () => Promise.resolve({ getGroups: () => null }),
      destroy: () => Promise.resolve(),
    }),
  }),
});
const refusing = (name: string): PdfReader => ({
  OPS,
  getDocument: () => ({ promise: Promise.reject(Object.assign(new Error('no'), { name })) }),
});
const file = new Blob(['%PDF-1.7']);

test('the page that is asked for is read, the last where there are fewer', async () => {
  const asked: number[] = [];
  const reply = await answerPage({ file, page: 9 }, reader(3, asked));
  expect(asked).toEqual([3]);
  expect(reply.pages).toBe(3);
  expect(reply.drawing.ok && reply.drawing.shapes).toHaveLength(1);
});

test('all sheets are put together where that is asked, unless they are too many', async () => {
  const asked: number[] = [];
  const sheets = { columns: 2, sidesMm: 0, endsMm: 0 };
  const reply = await answerPage({ file, page: 1, sheets }, reader(4, asked));
  expect(asked).toEqual([1, 2, 3, 4]);
  expect(reply.drawing.ok).toBe(true);
  const many = await answerPage({ file, page: 1, sheets }, reader(200));
  expect(many.drawing).toEqual({ ok: false, sentence: expect.stringMatching('too many to put together') });
});

test.each([
  ['locked', refusing('PasswordException'), /locked with a password/],
  ['damaged', refusing('InvalidPDFException'), /damaged, or is none/],
  ['a book', reader(2000), /has 2000 pages: save the pages with the outlines/],
])('a PDF that is %s is a sentence', async (_, one, sentence) => {
  const { drawing } = await answerPage({ file, page: 1 }, one);
  expect(drawing).toEqual({ ok: false, sentence: expect.stringMatching(sentence) });
});

test('a PDF that is too large is refused by its own limit', async () => {
  const large = { size: 60_000_001 } as Blob;
  const { drawing } = await answerPage({ file: large, page: 1 }, reader(1));
  expect(drawing).toEqual({ ok: false, sentence: expect.stringMatching('larger than 60 MB') });
});

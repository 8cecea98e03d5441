import { newGarment } from '@/core/facts/garment';
import { household } from '@/demo/household';
import { testDatabase } from '../../tests/testDatabase';
import { garmentPaper } from './paper';
import { write } from './recordRoutes';
import { today } from './today';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);

beforeAll(() => {
  const made = household(today());
  const all = [
    ...Object.entries(made.wearers).map(([id, facts]) => ({ kind: 'wearer' as const, id, facts })),
    ...Object.entries(made.cloths).map(([id, facts]) => ({ kind: 'cloth' as const, id, facts })),
    {
      kind: 'garment' as const,
      id: 'drafted',
      facts: {
        ...newGarment('Drafted', 'tee'),
        wearerId: 'odile',
        outerClothId: 'heron-jersey',
        bandClothId: 'marsh-rib',
        draft: {},
      },
    },
    { kind: 'garment' as const, id: 'bare', facts: newGarment('Bare', 'tee') },
  ];
  write(db, { label: 'House', ops: all.map((one) => ({ op: 'create' as const, ...one })) } as never);
});

const asked = (id: string, query: string) => garmentPaper(db, id, new URLSearchParams(query));
const sentence = async (response: Response) => ((await response.json()) as { sentence: string }).sentence;

test.each([
  ['pdf', 'application/pdf', /^%PDF-/],
  ['svg', 'image/svg+xml; charset=utf-8', /^<\?xml/],
  ['dxf', 'application/dxf; charset=utf-8', /^ {2}0\r\nSECTION/],
] as const)('drafted pieces as %s', async (as, type, begins) => {
  const response = await asked('drafted', `as=${as}&paper=a4`);
  expect([response.status, response.headers.get('content-type')]).toEqual([200, type]);
  expect(response.headers.get('content-disposition')).toContain(`pieces.${as}`);
  expect(await response.text()).toMatch(begins);
});

test('as it is asked: opened out, or without its bands', async () => {
  const bytes = async (query: string) => (await asked('drafted', query)).text();
  const [half, open] = [await bytes('as=svg'), await bytes('as=svg&opened=true')];
  expect(half).toContain('on the fold');
  expect(open).not.toContain('on the fold');
  const bare = await bytes('as=svg&bands=false');
  expect(half.split('<g ').length).toBeGreaterThan(bare.split('<g ').length);
});

test('what cannot be printed is refused with a sentence that says what to do', async () => {
  const refused: readonly (readonly [string, string, number, RegExp])[] = [
    ['nobody', '', 404, /no longer here/],
    ['bare', 'bands=false', 409, /draft the pieces from measures/],
    ['drafted', 'paper=own&widthMm=1&heightMm=1', 400, /give its width and its height/],
    ['drafted', 'paper=own&widthMm=wide&heightMm=300', 400, /choose it on the garment/],
    ['drafted', 'paper=roll&widthMm=20', 400, /No plotter takes/],
    ['drafted', 'paper=vellum', 400, /not known here/],
    ['drafted', 'as=exe', 400, /not known here/],
  ];
  for (const [id, query, status, words] of refused) {
    const response = await asked(id, query);
    expect([query, response.status]).toEqual([query, status]);
    expect(await sentence(response)).toMatch(words);
  }
});

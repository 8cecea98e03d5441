import { expect, test } from './test';
import { saved, visit } from './hands';

test('every route over HTTP: nonsense is never a 500 or a blank page', async ({ request }) => {
  const bodies = [
    '',
    '{',
    '[]',
    'null',
    '"🧵"',
    '{"surprise":1}',
    JSON.stringify({ label: 'x'.repeat(10_000_000) }),
  ];
  const routes: readonly (readonly ['post' | 'patch' | 'delete' | 'get', string])[] = [
    ['post', '/api/records/cloth'],
    ['post', '/api/records/elephant'],
    ['patch', '/api/records/cloth/heron-jersey'],
    ['patch', '/api/records/cloth/nobody'],
    ['delete', '/api/records/cloth/heron-jersey'],
    ['post', '/api/undo'],
    ['post', '/api/garment-files'],
    ['post', '/api/garments/nobody/copy'],
    ['get', '/api/records/cloth/nobody'],
    ['get', '/api/garment-files/nobody'],
  ];
  for (const [method, url] of routes) {
    for (const data of bodies) {
      const response = await request[method](url, { data, headers: { 'content-type': 'application/json' } });
      expect([method, url, data.slice(0, 20), response.status() >= 400 && response.status() < 500]).toEqual([
        method,
        url,
        data.slice(0, 20),
        true,
      ]);
      expect(((await response.json()) as { sentence: string }).sentence).toMatch(/[.]$/);
    }
  }
  for (const url of [
    '/api/undo?scope=🧵',
    '/api/undo',
    '/api/jump?q=%25_%00',
    '/garments?offset=banana&q=🧵',
    '/garments?offset=-5',
    '/garments/ring-toss?stage=🧵',
    '/cloth/%00',
    '/garments/..%2f..',
  ]) {
    expect([url, (await request.get(encodeURI(url))).status() < 500]).toEqual([url, true]);
  }
});

test('another host or another site’s form is turned away', async ({ request }) => {
  const wrongHost = await request.get('/', { headers: { host: 'elsewhere.example' } });
  expect(wrongHost.status()).toBe(421);
  const wrongOrigin = await request.post('/api/undo', {
    data: {},
    headers: { origin: 'http://elsewhere.example' },
  });
  expect(wrongOrigin.status()).toBe(403);
});

test('two windows: the second is told what changed, keeps what it typed, and chooses', async ({
  context,
}) => {
  const [one, two] = [await context.newPage(), await context.newPage()];
  for (const page of [one, two]) await visit(page, '/wearers/odile');
  await one.getByLabel('Notes').fill('Typed in the first window');
  await saved(one);
  await two.getByLabel('Notes').fill('Typed in the second window');
  const dialog = two.getByRole('dialog');
  await expect(dialog).toContainText('was changed in another window');
  await expect(dialog).toContainText('Typed in the first window');
  await dialog.getByRole('button', { name: 'Keep what I typed here' }).click();
  await saved(two);
  await one.reload();
  await expect(one.getByLabel('Notes')).toHaveValue('Typed in the second window');
});

test('a value 2.54 times off is asked about once, and a bare fraction is echoed in both units', async ({
  page,
}) => {
  await visit(page, '/wearers/odile');
  const bust = page.getByLabel('Bust or chest (cm)').first();
  await bust.fill('38');
  await bust.blur();
  await page.getByRole('button', { name: /^Yes, 96\.5 cm/ }).click();
  await expect(bust).toHaveValue('96.52');
  await bust.fill('38 1/2');
  await expect(page.getByText('38 ½ in is 97.8 cm')).toBeVisible();
  await saved(page);
});

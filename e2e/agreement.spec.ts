import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { expect, test } from './test';
import { readIn } from './hands';
import { formatQuantity, phraseText } from '../src/core/explain/display';
import type { GarmentPlan } from '../src/core/plan/types';
import { demoFacts } from '../tests/demoFacts';

/**
 * The ticket on the page, the printed ticket, and `bin/plan` of the exported file, to the displayed digit:
 * of every tee with its neckband, and of the other kinds one that is lined, sized and graded, and one with bands.
 */
const checked = demoFacts().filter(
  ([id, { garment }]) => garment.kind === 'tee' || ['otter-bottoms', 'ringmaster'].includes(id),
);

for (const unit of ['cm', 'in'] as const) {
  for (const [id, { garment }] of checked) {
    test(`${garment.name} in ${unit}: page, paper and bin/plan agree`, async ({
      page,
      context,
      request,
      folder,
    }) => {
      await readIn(context, unit);
      const found = (await (await request.get(`/api/jump?q=${encodeURIComponent(garment.name)}`)).json()) as {
        targets: { href: string; label: string }[];
      };
      const href = found.targets.find(({ label }) => label === garment.name)?.href;
      expect(href).toBe(`/garments/${id}`);

      const exported = await request.get(`/api/garment-files/${id}?measurements=yes`);
      writeFileSync(`${folder}/${id}.json`, await exported.text());
      const plan = JSON.parse(
        execFileSync('bin/plan', [`${folder}/${id}.json`], { encoding: 'utf8' }),
      ) as GarmentPlan;
      const show = (number: string): string => {
        const entry = plan.numbers[number];
        return entry ? formatQuantity(entry.value, entry.unit, unit) : 'missing';
      };
      const wanted = plan.ticket.flatMap((group) =>
        group.rows.map((row) => {
          const length = row.length && show(row.cut?.length ?? row.length[unit]);
          const width = row.width && show(row.cut?.width ?? row.width[unit]);
          return {
            row: row.id,
            size: length ? (width ? `${length} × ${width}` : length) : show(row.count),
            details: row.details.map((detail) => phraseText(detail, plan.numbers, unit)),
          };
        }),
      );

      const rows = (where: string) =>
        page.locator(where).evaluateAll((elements) =>
          elements.map((element) => ({
            row: element.getAttribute('data-row'),
            text: (element as HTMLElement).innerText.replaceAll(/\s+/g, ' '),
          })),
        );
      await page.goto(href as string);
      await expect(page.locator('aside [data-row]')).toHaveCount(wanted.length);
      const onPage = await rows('aside [data-row]');
      await page.goto(`${href}/ticket`);
      const onPaper = await rows('article [data-row]');
      for (const { row, size, details } of wanted) {
        for (const shown of [onPage, onPaper]) {
          const text = shown.find((one) => one.row === row)?.text ?? '';
          expect(text).toContain(size);
          for (const detail of details) expect(text).toContain(detail);
        }
      }
    });
  }
}

test('the printed ticket comes out on A4 and on Letter with its test squares true', async ({ page }) => {
  await page.goto('/garments/ring-toss/ticket');
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = await page.pdf({ format, preferCSSPageSize: false });
    expect(pdf.subarray(0, 4).toString()).toBe('%PDF');
  }
  await page.emulateMedia({ media: 'print' });
  for (const [text, mm] of [
    ['5 cm square', 50],
    ['2 in square', 50.8],
  ] as const) {
    const box = await page.getByText(text, { exact: true }).boundingBox();
    for (const side of [box?.width, box?.height]) expect(side).toBeCloseTo((mm / 25.4) * 96, 0);
  }
});

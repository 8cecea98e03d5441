import { demoFact, TODAY } from '../../tests/demoFacts';
import { answerPaper, type PaperRequest } from './paper';

const asked: PaperRequest = {
  facts: demoFact('cartwheel'),
  onDate: TODAY,
  paper: { paper: 'a4' },
  choices: { nested: false, bands: true, opened: false },
  room: { widthMm: 600, heightMm: 600 },
};

test('a garment in, its sheets out: the map fits into its room, with every piece on a sheet', () => {
  const reply = answerPaper(asked);
  if (!reply.ok) throw new Error(reply.sentence);
  const { map, sheets } = reply;
  expect(map.sheets.map(({ page }) => page.number)).toEqual(
    Array.from({ length: sheets }, (_, nth) => nth + 1),
  );
  expect(Math.max(map.widthMm, map.heightMm)).toBeCloseTo(600, 6);
  expect(map.pieces).toHaveLength(4);
  for (const { x, y } of map.pieces.flat()) {
    const on = map.sheets.some(
      ({ leftMm, topMm }) =>
        x >= leftMm && x <= leftMm + map.sheetWidthMm && y >= topMm && y <= topMm + map.sheetHeightMm,
    );
    expect(on).toBe(true);
  }
});

test('on a roll there is one sheet, as long as it has to be; on sheets that are none, a sentence', () => {
  const roll = answerPaper({ ...asked, paper: { paper: 'roll', widthMm: 600 } });
  if (!roll.ok) throw new Error(roll.sentence);
  expect(roll.sheets).toBe(1);
  expect(roll.lastMm).toBeGreaterThan(300);
  expect(roll.lastMm).toBeLessThan(2500);
  expect(answerPaper({ ...asked, paper: { paper: 'own' } })).toMatchObject({ ok: false });
});

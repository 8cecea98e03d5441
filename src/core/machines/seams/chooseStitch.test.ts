import { usualMachines } from '../usualMachines';
import { chooseStitch, FIRST_CHOICE_MARGIN } from './chooseStitch';

/** The first way that holds, and rows that are to look alike (handbook 08: the first choice has a margin of 1.25). */

const inputs = { machines: usualMachines['sewing-only'], clothId: undefined, pliesMm: 1 };
const hem = (needs: number, alike?: number) => chooseStitch(inputs, 'hem', needs, undefined, alike);

test('a hem that skims gets the twin needle; one that is asked more than it gives, a zigzag', () => {
  const skims = hem(0.1);
  expect(skims.stitch).toBe('twin');
  const stretched = hem(skims.gives);
  expect(stretched.stitch).not.toBe('twin');
  expect(stretched.gives).toBeGreaterThanOrEqual(FIRST_CHOICE_MARGIN * skims.gives);
});

test('beside a hem that is asked more, the same stitch is chosen; its own margin stays its own', () => {
  const most = hem(0.1).gives;
  const alone = hem(0.1);
  const alike = hem(0.1, most);
  expect(alike.stitch).toBe(hem(most).stitch);
  expect(alike.stitch).not.toBe(alone.stitch);
  expect(alike.needs).toBe(0.1);
  expect(alike.margin).toBeCloseTo(alike.gives - 0.1, 12);
});

test('a row that is asked less beside it changes nothing; a pick stands whatever the others want', () => {
  expect(hem(0.2, 0.05).stitch).toBe(hem(0.2).stitch);
  const picked = chooseStitch(inputs, 'hem', 0.1, { stitch: 'twin' }, 0.9);
  expect([picked.stitch, picked.pinned]).toEqual(['twin', true]);
});

import { join } from 'node:path';
import { ringPath } from '@/core/pieces/ring';
import { lengthOf } from '@/core/geometry/path';
import { areaOf } from '@/core/geometry/ring';
import { findFaults } from '@/core/facts/faults';
import { shapesSpec } from '@/core/facts/outline';
import { drawnPatterns, type DrawnPattern } from '@/demo/drawn/pieces';
import taken from '@/demo/drawn/taken.json';
import { takenFrom } from '../scripts/takenFrom';

const FOLDER = join(__dirname, '../src/demo/drawn');

describe.each(Object.keys(drawnPatterns) as (keyof typeof drawnPatterns)[])('the demo’s %s', (id) => {
  const found = takenFrom(FOLDER, id);

  test('what the readers take out of its file is what the demo has', () => {
    // Files come back to a thousandth of a millimetre, whatever the platform’s last digits are.
    const rounded = (value: unknown): unknown =>
      JSON.parse(JSON.stringify(value), (_, one: unknown) =>
        typeof one === 'number' ? Math.round(one * 1000) / 1000 : one,
      );
    expect(rounded(found)).toEqual(rounded(taken[id]));
    expect(findFaults(shapesSpec, found)).toEqual([]);
  });

  test('and is as long and as large as the piece that was drawn, to a twentieth of a millimetre', () => {
    const { pieces }: DrawnPattern = drawnPatterns[id];
    for (const [piece, ring] of Object.entries(pieces)) {
      const [made, read] = [ringPath(ring), ringPath(found[piece]?.ring ?? [])];
      if (!made || !read) throw new Error(`expected ${piece}`);
      expect(Math.abs(lengthOf(made) - lengthOf(read))).toBeLessThan(0.05);
      expect(Math.abs(areaOf(made) - areaOf(read)) / lengthOf(made)).toBeLessThan(0.05);
    }
  });
});

import fc from 'fast-check';
import { multiply, norm } from 'mathjs';
import { demandClasses, jobs, startingSettings } from './jobs';
import { stitchIds } from '../../facts/stitchIds';
import { catalogue } from '../../garments/catalogue';
import { demandOf } from './demand';
import { lockstitchStretch, needleThreadStretch, plannedStretch, seamStretch } from './stitchStretch';
import { stitches, type StitchId } from './stitches';
import { threadRatios } from './threadUse';

describe('overlock and cover (S, from memory: industrial thread-consumption tables)', () => {
  test.each([
    ['504', 14, 0.2, 1, 1.8],
    ['514', 18, 0.25, 2, 1.25],
    ['406', 18, 0.3, 2, 1.7],
    ['602', 25, 0.2, 2, 1.5],
    ['605', 28, 0.3, 3, 1.8],
  ])('%s: thread %d, share %d, needles %d → %d', (_iso, thread, share, needles, wanted) => {
    expect(needleThreadStretch(thread, share, needles)).toBeCloseTo(wanted, 9);
  });
});

describe('lockstitch rows (D: the path of the thread)', () => {
  // Two further values of the same formula, worked out by hand: basting 5 mm, zigzag 2 × 3.5.
  test.each([
    [5, 0, 0.2],
    [3.5, 2, 0.44],
  ])('length %d, width %d: %d', (length, width, wanted) =>
    expect(lockstitchStretch(length, width, 1)).toBeCloseTo(wanted, 2),
  );

  const mm = fc.double({ min: 0.5, max: 6, noNaN: true });
  test('shorter, wider or thicker never stretches less', () => {
    fc.assert(
      fc.property(mm, mm, mm, fc.double({ min: 1, max: 2, noNaN: true }), (length, width, plies, more) => {
        const now = lockstitchStretch(length, width, plies);
        return (
          lockstitchStretch(length / more, width, plies) >= now - 1e-9 &&
          lockstitchStretch(length, width * more, plies) >= now - 1e-9 &&
          lockstitchStretch(length, width, plies * more) >= now - 1e-9
        );
      }),
      { seed: 61 },
    );
  });
  test('scaling stitch and cloth together changes nothing', () => {
    fc.assert(
      fc.property(mm, mm, mm, fc.double({ min: 0.2, max: 5, noNaN: true }), (length, width, plies, by) => {
        return (
          Math.abs(
            lockstitchStretch(length * by, width * by, plies * by) - lockstitchStretch(length, width, plies),
          ) < 1e-9
        );
      }),
      { seed: 62 },
    );
  });
});

describe('thread for each length of seam', () => {
  // S, from memory: industrial thread-consumption tables; 301 by its path: 2 × (2.5 + 1) / 2.5.
  test.each<[StitchId, number]>([
    ['overlock3', 14],
    ['overlock4', 18],
    ['cover2', 18],
    ['top-cover', 25],
    ['chain', 5.5],
    ['straight-seam', 2.8],
  ])('%s: %d', (id, wanted) => {
    const paths = threadRatios(stitches[id], 1);
    expect(paths.reduce((sum, { ratio }) => sum + ratio, 0)).toBeCloseTo(wanted, 9);
    for (const { ratio } of paths) expect(ratio).toBeGreaterThan(0);
  });
  test.each<[StitchId, number, number]>([
    ['overlock4', 2, 0.25],
    ['overlock3', 1, 0.2],
    ['cover2', 2, 0.3],
  ])('%s: %d needles take %d of it', (id, needles, share) => {
    const stitch = stitches[id];
    const needle = threadRatios(stitch, 1).find(({ path }) => path === 'needle');
    expect([needle?.spools, (needle?.ratio ?? 0) / (stitch.threadRatio ?? 1)]).toEqual([needles, share]);
  });
});

describe('a seam at an angle (D)', () => {
  const right = Math.PI / 2;
  // Handbook 10: along the body 5 %, across 15 %, at 45° the root mean square of both.
  test.each([
    [0.15, 0.05, 0, 0.05],
    [0.15, 0.05, right, 0.15],
    [0.15, 0.05, right / 2, 0.1012],
  ])('eₓ %d, e_y %d, θ %d: %d', (across, along, angle, wanted) =>
    expect(seamStretch(0, across, along, angle)).toBeCloseTo(wanted, 3),
  );
  test('agrees with the length of a stretched vector, worked out by another library', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, fc.double({ min: 0, max: right, noNaN: true }), (x, y, angle) => {
        const stretched = multiply(
          [
            [1 + x, 0],
            [0, 1 + y],
          ],
          [Math.sin(angle), Math.cos(angle)],
        );
        return Math.abs(Number(norm(stretched)) - 1 - seamStretch(0, x, y, angle)) < 1e-9;
      }),
      { seed: 63 },
    );
  });
});

describe.each(stitchIds)('%s', (id) => {
  const stitch = stitches[id];
  test('has its name, its machine, and dials that agree with what its stretch is computed from', () => {
    expect(stitch.id).toBe(id);
    if (stitch.iso !== undefined) expect(stitch.iso).toMatch(/^\d{3}$/);
    expect(stitch.start.stitch).toBe(id);
    if (stitch.model.kind === 'lockstitch' && stitch.machine === 'sewing machine') {
      expect([stitch.start.length, stitch.start.width]).toEqual([
        stitch.model.lengthMm,
        stitch.model.widthMm,
      ]);
    }
    expect(plannedStretch(stitch.model)).toBeGreaterThan(0);
  });
});

test.each(startingSettings)('$job: the starting setting covers the demand class it is listed for', (row) => {
  expect(plannedStretch(stitches[row.stitch].model)).toBeGreaterThanOrEqual(demandClasses[row.demand]);
});

test('every job has a way that covers its class, and its own first one does so on a usual machine', () => {
  for (const [id, job] of Object.entries(jobs)) {
    const best = Math.max(...job.ways.map((one) => plannedStretch(stitches[one].model)));
    expect([id, best >= demandClasses[job.demand]]).toEqual([id, true]);
  }
});

test('twin needle: its straight rows, planned 23 % (T, handbook 07)', () => {
  expect(plannedStretch(stitches.twin.model)).toBeCloseTo(0.233, 3);
});
test('a straight topstitch is planned at 28 % (T, handbook 07)', () => {
  expect(plannedStretch(stitches['straight-top'].model)).toBeCloseTo(0.28, 9);
});

/** A garment of nothing but swim bottoms' side seams. */
const bottoms = (zones: Readonly<Record<string, number>>, stated: Readonly<Record<string, number>> = {}) =>
  demandOf(
    { kind: catalogue.briefs, zones, openings: {}, stated },
    { seam: catalogue.briefs.seams.find(({ id }) => id === 'side') },
  );

describe('side seams of swim bottoms (handbook 07)', () => {
  const straight = plannedStretch(stitches['straight-seam'].model);
  test('it is still: no zone it crosses stretches it, and a straight stitch does not pop', () => {
    const demand = bottoms({ hip: 0.2, rise: 0.05 });
    expect(demand).toMatchObject({ share: 0, from: 'still' });
    expect(demand?.share).toBeLessThan(straight);
  });
  test('it does once the stated pull-on extension along them exceeds what it gives', () => {
    const demand = bottoms({ hip: 0.2, rise: 0.05 }, { side: straight + 0.01 });
    expect(demand).toMatchObject({ from: 'stated' });
    expect(demand?.share).toBeGreaterThan(straight);
  });
});

test('demand: skin in motion is compounded, an opening counts where it asks more', () => {
  const { leggings } = catalogue;
  const seam = leggings.seams.find(({ id }) => id === 'inseam');
  const worn = { kind: leggings, zones: { knee: 0.1, rise: 0.05 }, openings: {}, stated: {} };
  // By hand: the knee’s skin 45 % along (S, from memory: Kirk and Ibrahim); the crotch length is no zone of the inside leg.
  expect(demandOf(worn, { seam })?.share).toBeCloseTo(0.45, 9);
  const crotch = leggings.seams.find(({ id }) => id === 'crotch');
  expect(demandOf(worn, { seam: crotch })?.share).toBeCloseTo(1.05 * 1.15 - 1, 9);
  const band = leggings.seams.find(({ id }) => id === 'waistband');
  expect(demandOf({ ...worn, openings: { 'waist-edge': 0.6 } }, { seam: band })).toMatchObject({
    share: 0.6,
    from: 'pulled on',
  });
  const still = leggings.seams.filter(({ demand }) => demand === 'still');
  expect(still).toEqual([]);
});

test('every still seam of the catalogue says why it is still', () => {
  for (const kind of Object.values(catalogue))
    for (const seam of kind.seams)
      expect([kind.kind, seam.id, seam.demand === 'still']).toEqual([
        kind.kind,
        seam.id,
        seam.why !== undefined,
      ]);
});

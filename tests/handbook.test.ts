import { MM_PER_M } from '@/core/units/constants';
import { readFileSync } from 'node:fs';
import {
  flatLyingBand,
  foldEdge,
  mitreOf,
  foldEdgeSlack,
  foldedWidth,
  FIXED_MM,
  USUAL_EASE_IN,
} from '@/core/edges/fold/formulas';
import { EIGHTHS_FROM_MM, markCount, quarterInFront } from '@/core/edges/marks/marks';
import { ringOfPieces } from '@/core/edges/seamline';
import {
  CASING_ROOM_MM,
  afterPinching,
  casingWidth,
  shorterBy,
  sideStrap,
} from '@/core/edges/elastics/lengths';
import { edgeUses } from '@/core/edges/elastics/uses';
import { STRIP_PAPERS } from '@/core/paper/markingStrips';
import type { Sum, SumValues, Worked } from '@/core/answers/sums/sum';
import { sums } from '@/core/answers/sums/sums';
import { fiveCloths, twelveBodies } from '@/core/blocks/testBodies';
import { createLedger } from '@/core/explain/ledger';
import { newGarment } from '@/core/facts/garment';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { homographyOf, projected, type Corners } from '@/core/geometry/homography';
import { endOf, startOf } from '@/core/geometry/path';
import { point } from '@/core/geometry/point';
import { pathOfEdge } from '@/core/pieces/outline';
import { planFitted } from '@/core/plan/planFitted';
import { stackStretch, transferExtension } from '@/core/cloth/layers';
import { tensionAt } from '@/core/cloth/pullCurve';
import { CARD } from '@/core/cloth/screenGauge';
import { growthOf, recoveryOf, stretchOf } from '@/core/cloth/handTest';
import { USUAL_TURN } from '@/core/edges/turns';
import { easeFromExtension, extensionFromEase, passingExtension } from '@/core/fit/ease';
import { pressureUnder } from '@/core/fit/pressure';
import { catalogue } from '@/core/garments/catalogue';
import { NAP_MM } from '@/core/cloth/amount';
import { bladeMm } from '@/core/machines/needles';
import { lockstitchStretch, seamStretch } from '@/core/machines/seams/stitchStretch';
import { stitches } from '@/core/machines/seams/stitches';
import { MM_PER_INCH, STANDARD_GRAVITY } from '@/core/units/constants';
import { parseLength } from '@/core/units/parseLength';

/** Every row of the values to test against, by name. */
interface Row {
  readonly name: string;
  readonly mark: string;
  readonly check: () => void;
}

const inch = MM_PER_INCH;
const { d, c } = { d: USUAL_TURN.neck, c: USUAL_EASE_IN };
/** A ply of this stretch in comfortable pulls. */
const plies = (S: number) => ({ S, weight: 1, k: 2 });
const near = (got: number, wanted: number, digits: number) => expect(got).toBeCloseTo(wanted, digits);

const ok = (worked: Worked) => {
  if (!worked.ok) throw new Error(worked.sentence);
  return worked;
};
/** A number of a sum, in inches. */
const inches = (sum: Sum, values: SumValues, id: string) =>
  (ok(sum.work(values)).numbers[id]?.value ?? Number.NaN) / inch;

const rows: readonly Row[] = [
  {
    name: 'inch',
    mark: 'S: international inch, 1959',
    check: () => {
      expect(MM_PER_INCH).toBe(25.4);
      expect(parseLength('1 in', 'cm')).toMatchObject({ mm: 25.4 });
    },
  },
  {
    name: 'standard gravity',
    mark: 'S: CGPM 1901',
    check: () => expect(STANDARD_GRAVITY).toBe(9.80665),
  },
  {
    name: 'stretch, growth',
    mark: 'S: ASTM D2594',
    check: () => {
      near(stretchOf(80, 120), 0.5, 12);
      near(growthOf(80, 84), 0.05, 12);
    },
  },
  {
    name: 'recovery',
    mark: 'D',
    check: () => {
      near(stretchOf(100, 178), 0.78, 12);
      near(growthOf(100, 101), 0.01, 12);
      near(recoveryOf(100, 178, 101), 0.987, 3);
    },
  },
  {
    name: 'ID-1 card',
    mark: 'S: ISO/IEC 7810, from memory',
    check: () => expect(CARD).toEqual({ widthMm: 85.6, heightMm: 53.98 }),
  },
  {
    name: 'A4, Letter',
    mark: 'S: ISO 216; ANSI/ASME Y14.1',
    check: () => {
      expect(STRIP_PAPERS.a4).toMatchObject({ widthMm: 297, heightMm: 210 });
      near(STRIP_PAPERS.letter.widthMm, 279.4, 9);
      near(STRIP_PAPERS.letter.heightMm, 215.9, 9);
    },
  },
  { name: 'needle size', mark: 'S: needle metric numbering', check: () => near(bladeMm(75), 0.75, 12) },
  {
    name: 'stitch numbers',
    mark: 'S: ISO 4915',
    check: () => {
      expect(stitches.overlock4.iso).toBe('514');
      expect(stitches.cover2.iso).toBe('406');
      expect(stitches['zigzag-neck'].iso).toBe('304');
      expect(stitches['straight-top'].iso).toBe('301');
      const numbers = ['chain', 'cover3', 'overlock3', 'top-cover'] as const;
      expect(numbers.map((id) => stitches[id].iso)).toEqual(['401', '407', '504', '602']);
    },
  },
  {
    name: '10 in stretches to 17.5 in',
    mark: 'D',
    check: () => near(stretchOf(10 * inch, 17.5 * inch), 0.75, 12),
  },
  { name: '20 % negative ease', mark: 'D', check: () => near(extensionFromEase(0.2), 0.25, 12) },
  {
    name: 'neckline 20 in, band finished ¾ in, Θ 280°, c 0.84',
    mark: 'D',
    check: () => {
      near(flatLyingBand(20, d, 0.75, c), 16.92, 2);
      near(foldEdgeSlack(flatLyingBand(20, d, 0.75, c), foldEdge(20, d, 0.75)), 0.036, 3);
    },
  },
  { name: 'same, c 1', mark: 'D', check: () => near(flatLyingBand(20, d, 0.75, 1), 16.33, 2) },
  {
    name: 'same on a flat ring, Θ 360°, c 1',
    mark: 'D: Steiner’s formula',
    check: () => near(flatLyingBand(20, 2 * Math.PI, 0.75, 1), 15.29, 2),
  },
  {
    name: 'neckline 38 cm, band 1.5 cm, Θ 280°, c 0.84',
    mark: 'D',
    check: () => {
      near(flatLyingBand(38, d, 1.5, c), 31.84, 2);
      near(foldEdgeSlack(38 * 0.9, foldEdge(38, d, 1.5)), 0.115, 3);
    },
  },
  { name: 'shoulder slope 20°', mark: 'D', check: () => near((d * 180) / Math.PI, 4 * (90 - 20), 9) },
  {
    name: 'neckline measured on cut front and back, 1 cm allowances',
    mark: 'D',
    check: () => {
      near(41.5 - ringOfPieces(41.5, 2, 1), 4, 12);
      near(d * 1, 4.9, 1);
    },
  },
  {
    name: 'strip cut 2 in, ¼ in seam, folded',
    mark: 'T',
    check: () => near(foldedWidth(0.75, 0.25, 0, 0), 2, 12),
  },
  {
    name: 'half neckline 10 in, one fifth shorter, + 1 in seam',
    mark: 'T',
    check: () => near(20 * 0.8 + 1, 17, 12),
  },
  { name: 'half neckline 10 in, ten percent shorter', mark: 'T', check: () => near(20 * 0.9, 18, 12) },
  {
    name: 'adult neckline',
    mark: 'T',
    check: () => {
      near(FIXED_MM.least / inch, 2, 12);
      near(FIXED_MM.most / inch, 4, 12);
    },
  },
  {
    name: 'snug underbust 31 in, shelf bra elastic',
    mark: 'T',
    check: () => near(inches(sums.shelfBra, { underbustMm: 31 * inch, lessMm: 3 * inch }, 'first'), 27, 9),
  },
  {
    name: 'pinched 2 in after that',
    mark: 'D',
    check: () => {
      near(afterPinching(27, 2), 25, 12);
      near(shorterBy(25, 31), 0.194, 3);
      const pinched = { underbustMm: 31 * inch, lessMm: 3 * inch, pinchedMm: 2 * inch };
      near(inches(sums.shelfBra, pinched, 'after'), 25, 9);
    },
  },
  {
    name: 'leg edge 23.25 in, 3 %',
    mark: 'T',
    check: () => {
      const leg = { edgeMm: 23.25 * inch, shorter: 0.03, overlapMm: 0 };
      near(inches(sums.edgeElastic, leg, 'off'), 0.6975, 9);
      near(inches(sums.edgeElastic, leg, 'elastic'), 22.5525, 9);
      near(shorterBy(22.5, 23.25), 0.0323, 4);
    },
  },
  {
    name: 'boxer brief pattern waist 28 in',
    mark: 'T',
    check: () => near(inches(sums.exposed, sums.exposed.usual, 'cut'), 27, 9),
  },
  {
    name: 'hip where worn 94 cm, front 38, back 36 ring to ring',
    mark: 'D',
    check: () => {
      near(sideStrap(94, 38, 36), 10, 12);
      const cut = ok(sums.sideStraps.work(sums.sideStraps.usual)).numbers.cut?.value ?? 0;
      expect(cut).toBeGreaterThanOrEqual(130);
      expect(cut).toBeLessThanOrEqual(140);
    },
  },
  {
    name: 'lingerie elastic',
    mark: 'T',
    check: () => expect(edgeUses.lingerie.strips[0]?.rules[0].rule).toEqual({ by: 'edge', ratio: 0.9 }),
  },
  {
    name: 'casing for elastic of width v',
    mark: 'T',
    check: () => near(casingWidth(19, CASING_ROOM_MM), 2 * 19 + 10, 12),
  },
  {
    name: 'stack of two plies',
    mark: 'D',
    check: () => {
      near(stackStretch([plies(0.75), plies(0.75)]), 0.53, 3);
      near(stackStretch([plies(0.75), plies(1)]), 0.6, 3);
    },
  },
  {
    name: 'ease transfer',
    mark: 'D',
    check: () => {
      const worn = transferExtension([plies(0.75), plies(0.75)], extensionFromEase(0.1), [
        plies(0.75),
        plies(1),
      ]);
      near(worn, 0.1257, 4);
      near(easeFromExtension(worn), 0.1117, 4);
    },
  },
  { name: 'pressure', mark: 'D: Laplace', check: () => near(pressureUnder(40, 800, MM_PER_M), 314, 0) },
  {
    name: 'whole curve to pressure',
    mark: 'D',
    check: () => {
      const tension = tensionAt({ kind: 'power', S: 0.78, tS: 150, k: 1.6, residuals: [] }, 0.15);
      near(tension, 10.7, 1);
      near(pressureUnder(tension, 940, MM_PER_M), 72, 0);
    },
  },
  {
    name: 'lockstitch extension, t = 1 mm',
    mark: 'D',
    check: () => {
      near(lockstitchStretch(2.5, 0, 1), 0.4, 12);
      near(lockstitchStretch(3, 1.5, 1), 0.45, 2);
      near(lockstitchStretch(1.5, 1.5, 1), 1.08, 2);
      near(lockstitchStretch(3, 6, 1), 1.57, 2);
    },
  },
  {
    name: 'seam along the body (θ 0), e_y 5 %',
    mark: 'D',
    check: () => {
      near(seamStretch(0, 0.15, 0.05, 0), 0.05, 12);
      near(seamStretch(0, 0.15, 0.05, Math.PI / 2), 0.15, 12);
      near(seamStretch(0, 0.15, 0.05, Math.PI / 4), 0.101, 3);
    },
  },
  { name: 'toddler neck', mark: 'D', check: () => near(passingExtension(490, 340), 0.441, 3) },
  {
    name: 'sports fabric',
    mark: 'T',
    check: () => expect(catalogue['one-shoulder-top'].asks).toMatchObject({ around: 0.75, along: 0.5 }),
  },
  { name: 'leggings fabric', mark: 'T', check: () => near(catalogue.leggings.asks.around, 0.5, 12) },
  {
    name: 'quarter point',
    mark: 'D',
    check: () => near(quarterInFront(38, 7.9), 38 / 4 - 7.9, 12),
  },
  {
    name: 'eighths',
    mark: 'T',
    check: () => {
      expect(markCount('auto', EIGHTHS_FROM_MM)).toBe(8);
      for (const mm of [200, 380, 500, 900]) expect(markCount('auto', mm) % 4).toBe(0);
    },
  },
  {
    name: 'V of 60 cm, band 2 cm, turn 100°',
    mark: 'D',
    check: () => {
      const point = (100 * Math.PI) / 180;
      near(flatLyingBand(60, d - point, 2, c), 54.72, 2);
      near(mitreOf(2, point) / 2, 2.38, 2);
    },
  },
  {
    name: 'homography of handbook 11',
    mark: 'D',
    check: () => {
      const sheet = (...at: readonly (readonly [number, number])[]) =>
        at.map(([x, y]) => point(x, y)) as unknown as Corners;
      const seen = sheet([412, 318], [1490, 352], [1622, 1710], [296, 1655]);
      const there = projected(
        homographyOf(seen, sheet([0, 0], [210, 0], [210, 297], [0, 297])),
        point(950, 1000),
      );
      near(there?.x ?? NaN, 104.604, 3);
      near(there?.y ?? NaN, 161.945, 3);
    },
  },
  {
    name: 'leg block, hip 850, thigh 520',
    mark: 'D',
    check: () => {
      const body = twelveBodies.find(({ name }) => name === 'small');
      const now = body?.measurements.now;
      if (!now) throw new Error('expected the small body');
      const wearer = {
        ...body,
        measurements: { now: { ...now, values: { ...now.values, hip: 850, thigh: 520, rise: 620 } } },
      };
      // The first cloth does not stretch: what is drawn is the body's own.
      const facts = {
        garment: { ...newGarment('Legs', 'leggings'), draft: {} },
        wearer,
        outer: fiveCloths[0],
      };
      const { drawn } = planFitted(createLedger(), facts as GarmentFacts, catalogue.leggings, '2026-06-01');
      const beyond = (piece: 'front' | 'back') => {
        const outline = drawn.outlines[piece];
        const path = outline && pathOfEdge(outline, 'crotch');
        return path ? Math.max(Math.abs(startOf(path).x), Math.abs(endOf(path).x)) : NaN;
      };
      near(beyond('front'), 31.7, 1);
      near(beyond('back'), 63.3, 1);
    },
  },
  {
    name: 'pinch 2 in out of 27 on 31',
    mark: 'D',
    check: () => {
      near(afterPinching(27, 2), 25, 12);
      near(shorterBy(afterPinching(27, 2), 31), 0.194, 3);
      near(shorterBy(27, 31), 0.129, 3);
    },
  },
  { name: 'yardage with nap', mark: 'T', check: () => near(NAP_MM, 230, 12) },
];

for (const { name, mark, check } of rows) test(`${name} (${mark})`, check);

test('no row of the handbook’s table is missing here, where the handbook is at hand', () => {
  let table: string;
  try {
    table = readFileSync('../shared/handbook/10-checks.md', 'utf8');
  } catch {
    expect(rows.length).toBe(43);
    return;
  }
  const names = [...table.matchAll(/^\| (?!what|---)([^|]+) \|/gm)].map((match) =>
    (match[1] as string).trim(),
  );
  const here = rows.map((row) => row.name);
  expect(names.filter((name) => !here.includes(name))).toEqual([]);
  expect(here.filter((name) => !names.includes(name))).toEqual([]);
});

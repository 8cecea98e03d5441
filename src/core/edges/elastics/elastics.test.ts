import fc from 'fast-check';
import { createLedger } from '../../explain/ledger';
import { elasticKinds, newElastic, type Elastic } from '../../facts/elastic';
import { finishIds, useIds } from '../../facts/edgeUses';
import { newFinding } from '../../facts/finding';
import { ruleFaults } from '../readingFaults';
import { catalogue } from '../../garments/catalogue';
import { formatLength } from '../../units/formatLength';
import { USUAL_STRETCH, readElastic, sewnFault } from './elasticReading';
import { afterPinching, beforeGrowth, casingWidth, shorterBy, sideStrap, waistbandWidth } from './lengths';
import {
  casingFault,
  cutNarrowerFault,
  elasticFault,
  findingFault,
  mismatchText,
  type Mismatch,
} from './matching';
import { USE_OF_FINISH, edgeUses } from './uses';

const words = (mismatch: Mismatch | undefined) =>
  mismatch && mismatchText(mismatch, (mm) => formatLength(mm, 'cm'));
const elastic = (rest: Partial<Elastic>): Elastic => ({ ...newElastic('Roll'), ...rest });

describe('uses', () => {
  test('every use has its data under its own id, and every finish has a use', () => {
    for (const id of useIds) expect(edgeUses[id].id).toBe(id);
    expect(Object.keys(edgeUses).toSorted()).toEqual([...useIds].toSorted());
    for (const finish of finishIds) expect(edgeUses[USE_OF_FINISH[finish]].finish).toBe(finish);
  });
  test('a use that takes elastic says which kinds and widths suit it', () => {
    for (const use of Object.values(edgeUses)) {
      if (!use.strips.some(({ of }) => of === 'elastic')) continue;
      expect([use.id, use.kinds?.length, use.widthsMm?.length]).toEqual([use.id, expect.any(Number), 2]);
      const [low, high] = use.widthsMm as readonly [number, number];
      expect(use.usualWidthMm).toBeGreaterThanOrEqual(low);
      expect(use.usualWidthMm).toBeLessThanOrEqual(high);
    }
  });
  test('rules have ids of their own, and their least lies under their most', () => {
    for (const use of Object.values(edgeUses)) {
      for (const { rules } of use.strips) {
        expect(new Set(rules.map(({ id }) => id)).size).toBe(rules.length);
        for (const { rule } of rules) {
          if (!('low' in rule) || rule.low === undefined || rule.high === undefined) continue;
          const least = rule.by === 'edge-less' ? -rule.low : rule.low;
          const most = rule.by === 'edge-less' ? -rule.high : rule.high;
          const middle = rule.by === 'edge-less' ? -rule.mm : rule.ratio;
          expect(least).toBeLessThan(middle);
          expect(most).toBeGreaterThan(middle);
        }
      }
    }
  });
  test('every edge of every garment names a use that finishes it as its kind does', () => {
    for (const kind of Object.values(catalogue)) {
      for (const edge of kind.edges) {
        if (!edge.use) continue;
        expect([kind.kind, edge.id, edgeUses[edge.use].finish]).toEqual([kind.kind, edge.id, edge.finish]);
      }
    }
  });
  test('the parts of an edge are the whole of it', () => {
    for (const { edges } of Object.values(catalogue))
      for (const { sections = [] } of edges)
        if (sections.length > 0)
          expect(sections.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
  test('every kind of elastic has a usual stretch for one that nobody pulled', () => {
    for (const kind of elasticKinds) expect(USUAL_STRETCH[kind]).toBeGreaterThan(0);
  });
});

describe('an elastic’s tests', () => {
  test('pulls along it are read as cloth is, and a sewn sample gives its growth', () => {
    const { reading, growth, assumed } = readElastic(
      createLedger(),
      'e',
      elastic({
        tests: { a: { testedOn: '2026-01-01', restMm: 100, pulledMm: 180, releasedMm: 101 } },
        sewn: { a: { sewnOn: '2026-01-01', beforeMm: 200, afterMm: 208 } },
      }),
    );
    expect(reading.stretch.value).toBeCloseTo(0.8, 12);
    expect(reading.recovery?.value).toBeCloseTo(0.9875, 9);
    expect(growth?.value).toBeCloseTo(0.04, 12);
    expect(assumed).toBe(false);
  });
  test('untested it is planned with what is usual for its kind, and says so', () => {
    const read = readElastic(createLedger(), 'e', elastic({ kind: 'clear' }));
    expect(read.assumed).toBe(true);
    expect(read.reading.stretch.value).toBe(USUAL_STRETCH.clear);
    expect(read.reading.stretch.mark).toBe('default');
    expect(read.growth).toBeUndefined();
  });
  test('a sample that grew over 20 %, or shrank, is refused with what to do', () => {
    expect(sewnFault({ beforeMm: 200, afterMm: 241 })).toMatch(/more than 20 %.*sew another sample/);
    expect(sewnFault({ beforeMm: 200, afterMm: 190 })).toMatch(/measure both again/);
    expect(sewnFault({ beforeMm: 200, afterMm: 240 })).toBeUndefined();
    const faults = ruleFaults(
      'elastic',
      elastic({ sewn: { a: { sewnOn: '2026-01-01', beforeMm: 100, afterMm: 130 } } }),
    );
    expect(faults.map(({ path }) => path)).toEqual(['sewn.a.afterMm']);
  });
});

describe('what goes together', () => {
  const ring = (sizeMm?: number) => ({ ...newFinding('Ring', 'ring'), ...(sizeMm ? { sizeMm } : {}) });
  test.each([
    [
      'a swim leg takes a swim elastic',
      words(elasticFault(edgeUses.turned, elastic({ kind: 'knitted', swim: 'no' }), true)),
      /chlorine/,
    ],
    [
      'no stiff weave on the skin',
      words(elasticFault(edgeUses['shelf-bra'], elastic({ kind: 'woven', widthMm: 19 }), false)),
      /too stiff/,
    ],
    [
      'too wide, and not to be cut',
      words(elasticFault(edgeUses.turned, elastic({ kind: 'knitted', widthMm: 38 }), false)),
      /3\.8 cm wide.*may not be cut narrower/,
    ],
    [
      'a ring as wide as its strap',
      words(findingFault(ring(15), 12, 'strap')),
      /takes 1\.5 cm and the strap is 1\.2 cm wide: choose a ring/,
    ],
    [
      'a hook as high as its band',
      words(findingFault({ ...newFinding('Hook', 'hook-and-eye'), sizeMm: 38 }, 19, 'band')),
      /3\.8 cm.*1\.9 cm high/,
    ],
    ['a ring nobody measured', words(findingFault(ring(), 12, 'strap')), /measure it first/],
    ['only what is made to be cut', words(cutNarrowerFault(elastic({ widthMm: 20 }), 12)), /would ravel/],
    [
      'no wider than it is',
      words(cutNarrowerFault(elastic({ widthMm: 20, cuttable: true }), 30)),
      /only 2\.0 cm wide/,
    ],
    ['the band holds its elastic', words(casingFault(40, 35)), /make the band wider/],
  ])('%s', (_name, sentence, wanted) => expect(sentence).toMatch(wanted));
  test.each([
    [
      'a swim elastic',
      elasticFault(edgeUses.turned, elastic({ kind: 'swim rubber', widthMm: 8, swim: 'yes' }), true),
    ],
    [
      'a wide one that may be cut',
      elasticFault(edgeUses.turned, elastic({ kind: 'knitted', widthMm: 38, cuttable: true }), false),
    ],
    ['a ring within a millimetre', findingFault(ring(12.7), 12, 'strap')],
    ['its full width', cutNarrowerFault(elastic({ widthMm: 20 }), 20)],
    ['an elastic that fits its band', casingFault(40, 42)],
  ])('%s is taken', (_name, fault) => expect(fault).toBeUndefined());
});

describe('lengths', () => {
  const mm = fc.double({ min: 10, max: 2000, noNaN: true });
  test('what is cut shorter for growth rests at the wanted length', () => {
    fc.assert(
      fc.property(
        mm,
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (wanted, g) => Math.abs(beforeGrowth(wanted, g) * (1 + g) - wanted) < 1e-9,
      ),
      { seed: 401 },
    );
  });
  test('scaling every length, the rules’ own constants included, scales the result', () => {
    fc.assert(
      fc.property(mm, mm, mm, fc.double({ min: 0.2, max: 5, noNaN: true }), (a, b, c, by) =>
        [
          [sideStrap(a + b + c, b, c), sideStrap(by * (a + b + c), by * b, by * c)],
          [afterPinching(a + b, b), afterPinching(by * (a + b), by * b)],
          [casingWidth(a, b), casingWidth(by * a, by * b)],
          [waistbandWidth(a, b, c), waistbandWidth(by * a, by * b, by * c)],
        ].every(([plain, scaled]) => Math.abs((scaled as number) - by * (plain as number)) < 1e-6),
      ),
      { seed: 402 },
    );
  });
  test('both side straps and both panels make the whole girth', () =>
    expect(2 * sideStrap(940, 380, 360) + 380 + 360).toBe(940));
  test('as long as its edge it is no shorter', () => expect(shorterBy(500, 500)).toBe(0));
});

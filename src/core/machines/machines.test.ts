import fc from 'fast-check';
import { machineKinds, newMachine, symptomIds, type Machine, type MachineKind } from '../facts/machine';
import { powerOffFields, setupSpec, type Setup, type SetupField } from '../facts/setup';
import { stitchIds } from '../facts/stitchIds';
import { stitches } from './seams/stitches';
import { capabilityOf, whyNot } from './capability';
import { applySetup, changeMinutes, changesBetween, checklist, toPutBack } from './changeover';
import { fieldsOf, wholeSetup } from './machineFields';
import { helpsFor, needleFor, needleText } from './needles';
import { cardFor, setupFor } from './setupFor';
import { DIFFERENTIAL_RANGE, measuredCapacity, nextDifferential, swatchAdvice } from './swatch';
import { causesOf, troubles } from './troubles';

/** Any whole setup of a machine of that kind. */
const setupsOf = (kind: MachineKind): fc.Arbitrary<Setup> =>
  fc.record(
    Object.fromEntries(
      fieldsOf(kind).map((field) => {
        const spec = setupSpec.fields[field];
        return [
          field,
          spec.kind === 'choice' ? fc.constantFrom(...spec.options) : fc.integer({ min: 1, max: 5 }),
        ];
      }),
    ),
  ) as fc.Arbitrary<Setup>;

describe.each(machineKinds)('changing over a %s', (kind) => {
  const pairs = fc.tuple(setupsOf(kind), setupsOf(kind), setupsOf(kind));
  test('there and back restores it', () => {
    fc.assert(
      fc.property(pairs, ([a, b]) => {
        expect(applySetup(applySetup(a, b), a)).toEqual(a);
        const back = Object.fromEntries(changesBetween(b, a).map(({ field, to }) => [field, to])) as Setup;
        expect(applySetup(b, back)).toEqual(a);
      }),
      { seed: 81 },
    );
  });
  test('each field that differs appears once, none that does not', () => {
    fc.assert(
      fc.property(pairs, ([a, b]) => {
        const fields = changesBetween(a, b).map(({ field }) => field);
        expect(new Set(fields).size).toBe(fields.length);
        const differing = (Object.keys(b) as SetupField[]).filter((field) => a[field] !== b[field]);
        expect([...fields].sort()).toEqual(differing.sort());
      }),
      { seed: 82 },
    );
  });
  test('power is off before needles, threads and plates, and on again before dials', () => {
    fc.assert(
      fc.property(pairs, ([a, b]) => {
        const items = checklist(a, b);
        const off = items.findIndex((item) => item.kind === 'power-off');
        const on = items.findIndex((item) => item.kind === 'power-on');
        items.forEach((item, at) => {
          if (item.kind !== 'set') return;
          const inside = off !== -1 && at > off && at < on;
          expect([item.change.field, inside]).toEqual([
            item.change.field,
            powerOffFields.has(item.change.field),
          ]);
        });
        expect(items.length === 0 || items.at(-1)?.kind === 'scrap').toBe(true);
      }),
      { seed: 83 },
    );
  });
  test('a detour never costs less, and nothing costs nothing', () => {
    fc.assert(
      fc.property(pairs, ([a, b, c]) => {
        expect(changeMinutes(kind, a, a)).toBe(0);
        expect(changeMinutes(kind, a, c)).toBeLessThanOrEqual(
          changeMinutes(kind, a, b) + changeMinutes(kind, b, c) + 1e-9,
        );
        expect(changeMinutes(kind, a, b) > 0).toBe(changesBetween(a, b).length > 0);
      }),
      { seed: 84 },
    );
  });
  test('what is put back is what was taken off: parts, not dials', () => {
    fc.assert(
      fc.property(pairs, ([a, b]) => {
        for (const { field, to } of toPutBack(a, b)) {
          expect(to).toBe(a[field]);
          expect(field).not.toMatch(/tension|length|width|differential|thread|stitch/);
        }
      }),
      { seed: 85 },
    );
  });
});

// T, handbook 08: converting 10–15 min, re-threading a serger 5–10 min, stitch or foot on a sewing machine 1 min.
test.each<[string, MachineKind, Setup, Setup, number, number]>([
  ['converting', 'combined', { mode: 'serger' }, { mode: 'coverstitch' }, 10, 15],
  ['re-threading', 'serger', { needles: 'both' }, { needles: 'left' }, 5, 10],
  ['another stitch', 'sewing machine', { stitch: 'straight-seam' }, { stitch: 'zigzag-seam' }, 1, 1],
  ['another foot', 'sewing machine', { foot: 'standard' }, { foot: 'walking' }, 1, 1],
])('%s takes what it takes', (_name, kind, from, to, least, most) => {
  const minutes = changeMinutes(kind, wholeSetup(kind, from), wholeSetup(kind, to));
  expect(minutes).toBeGreaterThanOrEqual(least);
  expect(minutes).toBeLessThanOrEqual(most);
});

const sewing: Machine = { ...newMachine('Plain'), twin: true };
const serger: Machine = { ...newMachine('Four', 'serger') };
const combined: Machine = { ...newMachine('Both', 'combined') };

describe('what a machine can do', () => {
  test.each<[string, Machine, (typeof stitchIds)[number], RegExp | undefined]>([
    ['a sewing machine zigzags', sewing, 'zigzag-neck', undefined],
    ['it is no serger', sewing, 'overlock4', /no serger/],
    ['without a twin needle', { ...sewing, twin: false }, 'twin', /twin needle/],
    ['three threads are not four', { ...serger, threads: 3 }, 'overlock4', /4 threads; Four takes 3/],
    ['three threads do', { ...serger, threads: 3 }, 'overlock3', undefined],
    ['both in one', combined, 'cover2', undefined],
    ['no upper looper', combined, 'top-cover', /upper looper/],
    ['a stitch it has not', { ...sewing, cannot: { 'three-step': true } }, 'three-step', /has no/],
    ['too wide', { ...sewing, maxWidth: 5 }, 'zigzag-elastic', /give 5 or less/],
    ['out of order', { ...serger, broken: { since: '2026-01-01' } }, 'overlock4', /out of order/],
    [
      'one stitch out of order',
      { ...serger, brokenStitches: { overlock4: { since: '2026-01-01' } } },
      'overlock4',
      /does not work/,
    ],
  ])('%s', (_name, machine, stitch, wanted) => {
    const why = whyNot(machine, stitch);
    if (wanted) expect(why).toMatch(wanted);
    else expect(why).toBeUndefined();
  });
  test('a setup outside its range is said with the range', () => {
    expect(whyNot(serger, 'overlock4', { differential: 2.4 })).toMatch(/give 0.6 to 2\./);
    expect(whyNot(sewing, 'straight-seam', { length: 8 })).toMatch(/Stitch length 8 .* give 5 or less/);
  });
});

describe('the setup for a stitch on a cloth', () => {
  test.each(machineKinds)('%s: whole, and within the machine’s range, for every stitch it has', (kind) => {
    const machine: Machine = { ...newMachine('M', kind), twin: true, topCover: true };
    for (const stitch of stitchIds) {
      if (whyNot(machine, stitch) !== undefined) continue;
      const setup = setupFor({ machine, stitch });
      expect(Object.keys(setup).sort()).toEqual([...fieldsOf(kind)].sort());
      expect(setup.stitch).toBe(stitch);
      expect(whyNot(machine, stitch, setup)).toBeUndefined();
    }
  });
  const card = {
    clothId: 'a',
    stitch: 'overlock4',
    setup: { differential: 1.7 },
    sewnOn: '2026-02-01',
  } as const;
  const carded: Machine = {
    ...serger,
    cards: { old: { ...card, setup: { differential: 1.1 }, sewnOn: '2025-02-01' }, own: card },
  };
  test('one’s own newest record wins, on its cloth only', () => {
    expect(setupFor({ machine: carded, stitch: 'overlock4', clothId: 'a' }).differential).toBe(1.7);
    expect(setupFor({ machine: carded, stitch: 'overlock4', clothId: 'b' }).differential).toBe(
      stitches.overlock4.start.differential,
    );
    expect(cardFor(carded, 'overlock4', 'a')?.id).toBe('own');
  });
  test('a card of no cloth in particular is where every other cloth starts', () => {
    const any = {
      ...carded,
      cards: {
        ...carded.cards,
        any: { stitch: 'overlock4', setup: { length: 3.3 }, sewnOn: '2026-03-01' } as const,
      },
    };
    expect(setupFor({ machine: any, stitch: 'overlock4', clothId: 'b' }).length).toBe(3.3);
    expect(setupFor({ machine: any, stitch: 'overlock4', clothId: 'a' }).length).toBe(2.5);
    expect(cardFor(any, 'overlock4', 'b')).toBeUndefined();
  });
  // T, handbook 07: lace and tricot 65–75, jersey 75–80, swim 75–80 stretch, sweatshirt 90.
  test.each([
    ['lace', { weightGsm: 90 }, 'ball-point', 65, 75],
    ['jersey', { weightGsm: 180 }, 'ball-point', 75, 80],
    ['swim', { weightGsm: 200, swim: 'yes' }, 'stretch', 75, 80],
    ['sweatshirt', { weightGsm: 320 }, 'ball-point', 90, 90],
  ] as const)('needle for %s', (name, rest, kind, least, most) => {
    const advice = needleFor({ name, washed: 'yes', tests: {}, ...rest });
    expect(advice.kind).toBe(kind);
    expect(advice.needleNm).toBeGreaterThanOrEqual(least);
    expect(advice.needleNm).toBeLessThanOrEqual(most);
  });
  test('through elastic a stretch needle; paired trade sizes (S: needle metric numbering)', () => {
    expect(needleFor(undefined, { onElastic: true }).kind).toBe('stretch');
    expect([60, 65, 70, 75, 80, 90, 100].map(needleText)).toEqual([
      '60/8',
      '65/9',
      '70/10',
      '75/11',
      '80/12',
      '90/14',
      '100/16',
    ]);
  });
  test('slinky and napped cloth ask for help', () => {
    expect(helpsFor({ name: 'x', washed: 'yes', tests: {}, drape: 'slinky' }).join()).toMatch(/walking foot/);
    expect(helpsFor({ name: 'x', washed: 'yes', tests: {}, pile: 'yes' }).join()).toMatch(/one direction/);
    expect(helpsFor(undefined)).toEqual([]);
  });
});

describe('a swatch’s advice (D, handbook 07: waved multiply, puckered divide, clamped to 0.6–2.0)', () => {
  test.each([
    [1.3, 100, 108, 1.404],
    [1.3, 100, 95, 1.235],
    [1.9, 100, 120, 2],
    [0.7, 100, 80, 0.6],
  ])('at %d, %d mm came out %d mm: %d', (ratio, before, after, wanted) =>
    expect(nextDifferential(ratio, before, after, ...DIFFERENTIAL_RANGE)).toBeCloseTo(wanted, 9),
  );
  test('flat is kept; waves lighten the foot; what the machine cannot reach is said', () => {
    const of = (afterMm: number, differential = 1.3) =>
      swatchAdvice({ beforeMm: 100, afterMm, setup: { differential } }, [0.6, 2]);
    expect(of(100.5).state).toBe('flat');
    expect(of(108)).toMatchObject({
      state: 'waved',
      lines: expect.arrayContaining([expect.stringMatching(/lighter/)]),
    });
    expect(of(94)).toMatchObject({
      state: 'puckered',
      lines: expect.arrayContaining([expect.stringMatching(/tension/)]),
    });
    expect(of(130, 1.9)).toMatchObject({ differential: 2, clamped: true });
  });
  test('capacity is what it reached over how it lay; not pulled, none', () => {
    expect(measuredCapacity({ beforeMm: 100, afterMm: 104, reachedMm: 182 })).toBeCloseTo(0.75, 9);
    expect(measuredCapacity({ beforeMm: 100, reachedMm: 162 })).toBeCloseTo(0.62, 9);
    expect(measuredCapacity({ beforeMm: 100 })).toBeUndefined();
  });
});

describe('troubles', () => {
  test('every symptom has causes, each with an id of its own', () => {
    expect(troubles.map(({ id }) => id).sort()).toEqual([...symptomIds].sort());
    for (const { causes } of troubles) expect(new Set(causes.map(({ id }) => id)).size).toBe(causes.length);
  });
  const standing = (machine: Machine, setup: Setup): Machine => ({
    ...machine,
    present: wholeSetup(machine.kind, setup),
  });
  test.each<[string, Machine, 'skipped' | 'wavy' | 'loops' | 'popping', string]>([
    ['a stretch needle is in', standing(sewing, { needleKind: 'stretch' }), 'skipped', 'needle-kind'],
    ['the differential is at its most', standing(serger, { differential: 2 }), 'wavy', 'differential-up'],
    ['the foot is light', standing(serger, { pressure: 'lighter' }), 'wavy', 'foot-lighter'],
    ['it has no differential', sewing, 'wavy', 'differential-up'],
    ['it has no knife', sewing, 'loops', 'knife'],
    ['textured thread is in', standing(sewing, { threadBobbin: 'textured' }), 'popping', 'thread'],
  ])('%s: not offered', (_name, machine, symptom, cause) => {
    expect(causesOf(machine, symptom).map(({ id }) => id)).not.toContain(cause);
  });
  test('otherwise it is, in the order of the trade; what helped here before comes first', () => {
    expect(causesOf(serger, 'wavy').map(({ id }) => id)).toEqual([
      'differential-up',
      'foot-lighter',
      'pulling',
    ]);
    const helped: Machine = {
      ...serger,
      faults: {
        a: { foundOn: '2026-01-01', symptom: 'wavy', cause: 'pulling', helped: true },
        b: { foundOn: '2026-01-02', symptom: 'wavy', cause: 'foot-lighter', helped: false },
      },
    };
    expect(causesOf(helped, 'wavy').map(({ id }) => id)).toEqual([
      'pulling',
      'differential-up',
      'foot-lighter',
    ]);
  });
  test('capability says what is usual where nobody typed it', () => {
    expect(capabilityOf({ ...serger, threads: 3 })).toMatchObject({ threads: 3, needles: 2 });
  });
});

import { evaluate } from 'mathjs';
import { phraseText } from '../explain/display';
import type { Garment } from '../facts/garment';
import type { Machine } from '../facts/machine';
import { factsOf, readGarmentFile, writeGarmentFile } from '../formats/garmentFile';
import { stitches } from '../machines/seams/stitches';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { compareSets } from '../answers/compareSets';
import { planTogether } from '../answers/together';
import { answerSewing } from '../../workers/sewing';
import type { SewingPlan, StepPlan } from './types';
import { TODAY, demoFact } from '../../../tests/demoFacts';
import { demoSets, garmentOf, machineCases, sewingOf, topstitchedWith, unsewn } from '../../../tests/sewn';

const change = (facts: GarmentFacts, garment: Partial<Garment>): GarmentFacts => ({
  ...facts,
  garment: { ...facts.garment, ...garment },
});
const on = (name: string, facts: GarmentFacts): GarmentFacts => {
  const found = machineCases.find(([one]) => one === name);
  if (!found) throw new Error(`expected a machine case, got ${name}`);
  return found[1](facts);
};
const step = (of: SewingPlan, id: string): StepPlan => {
  const found = of.steps.find((one) => one.id === id);
  if (!found) throw new Error(`expected step ${id}, got ${of.steps.map((one) => one.id).join(', ')}`);
  return found;
};
const value = (of: SewingPlan, id: string | undefined) => of.numbers[id ?? '']?.value ?? NaN;
const machine = (facts: GarmentFacts, id: string, rest: Partial<Machine>): GarmentFacts => ({
  ...facts,
  machines: { ...facts.machines, [id]: { ...(facts.machines?.[id] as Machine), ...rest } },
});

describe('a machine that gives out in the middle', () => {
  const facts = demoFact('ring-toss');
  const before = sewingOf(facts);
  const after = sewingOf(machine(facts, 'two-in-one', { broken: { since: TODAY } }));
  test('what is left is planned anew on what still works, what is done stays', () => {
    const done = (of: SewingPlan) => of.steps.filter((one) => one.done).map(({ id }) => id);
    expect(done(after)).toEqual(expect.arrayContaining(done(before)));
    for (const one of after.steps.filter((left) => !left.done && left.machineId !== undefined))
      expect([one.id, one.machineId]).toEqual([one.id, 'old-green']);
    expect(step(before, 'side').machineId).toBe('two-in-one');
    expect(step(after, 'side').machineId).toBe('old-green');
  });
  test('a seam that was serged is not overcast again; one sewn with a zigzag still is', () => {
    const ids = (of: SewingPlan) => of.steps.map(({ id }) => id);
    expect(ids(after)).not.toContain('shoulder-finish');
    expect(ids(after)).toContain('side-finish');
    const zigzagged = change(facts, {
      sewn: { ...facts.garment.sewn, shoulder: { doneOn: TODAY, stitch: 'zigzag-seam' } },
    });
    expect(ids(sewingOf(zigzagged))).toContain('shoulder-finish');
  });
  test('only a stitch that fails: the others of that machine stay in use', () => {
    const of = sewingOf(machine(facts, 'two-in-one', { brokenStitches: { cover2: { since: TODAY } } }));
    expect(step(of, 'side').stitch).toBe('overlock4');
    expect(step(of, 'hem').stitch).not.toBe('cover2');
    expect(step(of, 'hem').row?.ok).toBe(true);
  });
  test('borrowed, it is planned on: the hall’s serger takes the seams', () => {
    const of = sewingOf(on('with-loan', change(facts, { sewn: {} })));
    expect(of.steps.some(({ machineId }) => machineId === 'hall-serger')).toBe(true);
  });
});

describe('machines that can do nothing asked', () => {
  const facts = garmentOf('tee');
  const empty: GarmentFacts = {
    ...change(facts, { machineSetId: 'none' }),
    machineSet: { name: 'Nothing', machines: {} },
    machines: {},
  };
  test('everything is planned by hand, and what to borrow is said', () => {
    const of = sewingOf(empty);
    for (const one of of.steps.filter(({ job }) => job))
      expect([one.id, one.stitch]).toEqual([one.id, 'by-hand']);
    const plan = planGarment(empty, { onDate: TODAY });
    const problem = plan.problems.find(({ id }) => id === 'by-hand');
    expect(problem?.remedies.map((one) => phraseText(one, plan.numbers, 'cm')).join(' ')).toMatch(
      /Borrow a .*serger/,
    );
    expect(of.broken).toEqual([]);
  });
  test('a coverstitch alone hems, and says what else is wanted', () => {
    const cover: GarmentFacts = {
      ...empty,
      machines: { cover: { name: 'Cover', kind: 'coverstitch', cards: {}, faults: {}, repairs: {} } },
    };
    const of = sewingOf(cover);
    expect(step(of, 'hem').stitch).toBe('cover2');
    expect(step(of, 'side').stitch).toBe('by-hand');
  });
});

describe('own choices', () => {
  const facts = on('serger-coverstitch', garmentOf('tee'));
  test('a stitch that is picked is kept, and pops where it must', () => {
    const picked = change(facts, { picks: { armhole: { stitch: 'straight-seam' } } });
    const of = sewingOf(picked);
    expect(step(of, 'armhole')).toMatchObject({ stitch: 'straight-seam', pinned: true });
    const plan = planGarment(change(picked, { seams: { armhole: { pulledOn: 0.5 } } }), { onDate: TODAY });
    expect(plan.problems.map(({ id }) => id)).toContain('pop-armhole');
    expect(plan.stages.sew).toBe('attention');
  });
  test('a pinned way is kept whatever it costs, and the cost of the others is there', () => {
    for (const hems of ['flat', 'round'] as const) {
      const of = sewingOf(change(facts, { ways: { 'sleeve-hems': hems } }));
      const way = of.ways.find(({ alternative }) => alternative.id === 'sleeve-hems');
      expect(way).toMatchObject({ chosen: hems, pinned: true });
      const order = of.steps.map(({ id }) => id);
      expect(order.indexOf('sleeve-hem') < order.indexOf('side')).toBe(hems === 'flat');
    }
  });
  test('on a combined machine flat sleeve hems cost two conversions more (T, handbook 08: 10–15 min each)', () => {
    const of = sewingOf(change(demoFact('ring-toss'), { sewn: {} }));
    const flat = of.ways
      .find(({ alternative }) => alternative.id === 'sleeve-hems')
      ?.options.find(({ id }) => id === 'flat');
    expect(flat?.change).toBeGreaterThanOrEqual(20);
    expect(flat?.change).toBeLessThanOrEqual(30);
  });
  test('this before that is kept; a circle is named and none of them kept', () => {
    const own = (first: string, then: string) => ({ first, then });
    const kept = change(facts, { befores: { a: own('hem', 'neckline-measure') } });
    const order = sewingOf(kept).steps.map(({ id }) => id);
    expect(order.indexOf('hem')).toBeLessThan(order.indexOf('neckline-measure'));
    const circle = change(facts, { befores: { a: own('hem', 'side') } });
    const plan = planGarment(circle, { onDate: TODAY });
    const problem = plan.problems.find(({ id }) => id === 'order-circle');
    const words = phraseText(problem?.sentence ?? [], plan.numbers, 'cm');
    expect(words).toMatch(/circle: .*Hem.*before.*/);
    expect(sewingOf(circle).broken).toEqual([]);
  });
  test('a dragged order is followed, with what it breaks and costs', () => {
    const best = sewingOf(facts);
    const ids = best.order.ids;
    const moved = [...ids.filter((id) => id !== 'side'), 'side'];
    const of = sewingOf(change(facts, { order: Object.fromEntries(moved.map((id, at) => [id, at])) }));
    expect(of.own).toBe(true);
    expect(of.order.ids).toEqual(moved);
    expect(of.broken).toContainEqual(['side', 'hem']);
    expect(value(of, of.order.changeMinutes)).toBeGreaterThanOrEqual(value(of, of.best.changeMinutes));
  });
  test('a step that an own order does not know goes where the best order has it', () => {
    const of = sewingOf(
      change(facts, { order: { shoulder: 0, armhole: 1, side: 2, hem: 3, 'last-look': 4 } }),
    );
    expect(new Set(of.order.ids).size).toBe(of.steps.length);
    expect(of.order.ids).toEqual(expect.arrayContaining(['neckline-sew', 'press-hems']));
  });
  test('the pattern’s own sheet is what the order is compared with', () => {
    const ids = sewingOf(facts).order.ids;
    const pattern = {
      ...demoFact('otter-top').pattern,
      order: Object.fromEntries(ids.map((id, at) => [id, at])),
    };
    const of = sewingOf({ ...facts, pattern: pattern as NonNullable<GarmentFacts['pattern']> });
    expect(of.written.ids).toEqual(of.best.ids);
  });
});

test.each(machineCases)(
  'sewn step by step on %s, the order that was begun is kept to its end',
  (_name, own) => {
    for (const kind of ['tee', 'briefs', 'boxer-briefs'] as const) {
      let facts = own(garmentOf(kind));
      const first = sewingOf(facts);
      const { ids } = first.order;
      facts = change(facts, {
        ways: Object.fromEntries(first.ways.map(({ alternative, chosen }) => [alternative.id, chosen])),
        followed: Object.fromEntries(ids.map((id, at) => [id, at])),
      });
      ids.forEach((id, at) => {
        const of = sewingOf(facts);
        expect([kind, at, of.order.ids]).toEqual([kind, at, ids.slice(at)]);
        const now = step(of, id);
        const setup = of.setups.find((one) => one.id === now.setup);
        facts = change(facts, {
          sewn: {
            ...facts.garment.sewn,
            [id]: { doneOn: TODAY, ...(now.stitch ? { stitch: now.stitch } : {}) },
          },
          ...(setup && !facts.machineSet
            ? { stands: { ...facts.garment.stands, [setup.machineId]: setup.setup } }
            : {}),
        });
        if (setup && facts.machineSet) facts = machine(facts, setup.machineId, { present: setup.setup });
      });
      expect(sewingOf(facts).steps.every(({ done }) => done)).toBe(true);
    }
  },
);

test('what was taken off goes back on, also when all is sewn: to how it stood before this garment', () => {
  const facts = demoFact('ring-toss');
  const stood = facts.machines?.['two-in-one']?.present;
  const before = sewingOf(facts);
  const fields = (of: SewingPlan) =>
    of.putBack.find(({ machineId }) => machineId === 'two-in-one')?.changes.map(({ field }) => field) ?? [];
  expect(fields(before)).toEqual(expect.arrayContaining(['mode', 'needles', 'bed']));
  const last = before.setups.findLast((one) => one.machineId === 'two-in-one' && one.stitch === 'cover2');
  const sewn = Object.fromEntries(before.steps.map(({ id }) => [id, { doneOn: TODAY }]));
  const finished = machine(
    change(facts, { sewn, stoodBefore: { 'two-in-one': stood ?? {} } }),
    'two-in-one',
    { present: last?.setup ?? {} },
  );
  expect(fields(sewingOf(finished))).toEqual(expect.arrayContaining(['mode', 'needles']));
});

describe('minutes', () => {
  const facts = on('serger-coverstitch', garmentOf('tee'));
  test.each([
    [[30], 12, false],
    [[30, 10], 12, false],
    [[30, 10, 20], 20, true],
    [[30, 10, 20, 24], 22, true],
    // The last five: the hour at the beginning counts no more.
    [[60, 30, 10, 20, 24, 22], 22, true],
  ] as const)('after %j: %d', (runs, wanted, learned) => {
    const of = sewingOf({ ...facts, runs: { side: runs } });
    expect(value(of, step(of, 'side').minutes)).toBe(wanted);
    expect(step(of, 'side').learned !== undefined).toBe(learned);
    if (learned) expect(value(of, step(of, 'side').learned?.most)).toBe(30);
  });
});

describe('thread', () => {
  const facts = on('serger-coverstitch', garmentOf('tee'));
  const of = sewingOf(facts);
  test('each path’s formula, worked out by another library, gives what is shown', () => {
    for (const { needs } of of.threads) {
      const number = of.numbers[needs];
      const scope = Object.fromEntries(
        Object.entries(number?.terms ?? {}).map(([key, term]) => [key, term.value]),
      );
      expect(evaluate(number?.formula ?? '', scope)).toBeCloseTo(number?.value ?? NaN, 6);
    }
  });
  test('a metre of four-thread seam takes 18 m, 4.5 in the needles, plus a fifth (S, from memory)', () => {
    const one = change(facts, {
      seams: Object.fromEntries(
        ['shoulder', 'armhole', 'side', 'neckband'].map((id) => [id, { lengthMm: 500 }]),
      ),
    });
    const sewn = sewingOf(one);
    const needles = sewn.threads.find(({ id }) => id === 'thread.serger-needle');
    const loopers = sewn.threads.find(({ id }) => id === 'thread.serger-looper');
    expect(value(sewn, loopers?.needs) / value(sewn, needles?.needs)).toBeCloseTo(3, 9);
    expect(value(sewn, needles?.each)).toBeCloseTo(value(sewn, needles?.needs) / 2, 9);
  });
  test('a row that is sewn on both sides says each side and both; a swatch says its length once', () => {
    const text = (id: string) =>
      phraseText(step(of, id).tells.find(({ label }) => label === 'Length')?.text ?? [], of.numbers, 'cm');
    expect(text('side')).toMatch(/^2 of ([\d.]+) cm, ([\d.]+) cm altogether$/);
    const [, each, both] = /of ([\d.]+) cm, ([\d.]+) cm/.exec(text('side')) ?? [];
    expect(Math.abs(2 * Number(each) - Number(both))).toBeLessThanOrEqual(0.1 + 1e-9);
    expect(text('neckline-sew')).toMatch(/^[\d.]+ cm$/);
    expect(of.steps.filter(({ id }) => id.startsWith('swatch-')).map(({ id }) => text(id))).toEqual(
      of.steps.filter(({ id }) => id.startsWith('swatch-')).map(() => ''),
    );
  });
  test('what is sewn takes no more; a spool that is too short is said', () => {
    const started = change(facts, { sewn: { side: { doneOn: TODAY }, armhole: { doneOn: TODAY } } });
    const loopers = (plan: SewingPlan) =>
      value(plan, plan.threads.find(({ id }) => id.endsWith('looper'))?.needs);
    expect(loopers(sewingOf(started))).toBeLessThan(loopers(of));
    const spool = (lengthMm: number): GarmentFacts => ({
      ...change(facts, { threads: { looperId: 'grey' } }),
      findings: { grey: { name: 'Grey cone', kind: 'thread', lengthMm } },
    });
    expect(sewingOf(spool(1000)).threads.find(({ id }) => id.endsWith('looper'))).toMatchObject({
      thread: 'Grey cone',
      enough: false,
    });
    expect(sewingOf(spool(5_000_000)).threads.find(({ id }) => id.endsWith('looper'))?.enough).toBe(true);
  });
});

describe('cards and pop check', () => {
  const facts = demoFact('ring-toss');
  test('a measured swatch replaces the model, without the seven tenths', () => {
    const of = sewingOf(facts);
    const row = step(of, 'neckline-sew').row;
    expect(row?.measured).toBe(true);
    expect(value(of, row?.gives)).toBeCloseTo(0.62, 9);
    expect(of.steps.map(({ id }) => id)).not.toContain('swatch-overlock4');
  });
  test('every dial of a setup stands in the ledger, as the card has it or as such a stitch starts', () => {
    const of = sewingOf(facts);
    expect(of.setups.length).toBeGreaterThan(2);
    for (const { dials, setup, card } of of.setups) {
      expect(dials.map(({ at }) => of.numbers[at]?.value)).toEqual(dials.map(({ field }) => setup[field]));
      expect(dials.map(({ field }) => field)).toContain('length');
      const marks = new Set(dials.map(({ at }) => of.numbers[at]?.mark));
      expect(marks.has('own record')).toBe(card !== undefined);
    }
    const cover = of.setups.find(({ stitch }) => stitch === 'cover2');
    // Two needles and one looper: the upper looper is out, and so has no dial.
    expect(cover?.dials.filter(({ field }) => field.startsWith('tension'))).toHaveLength(3);
  });
  test('the worst comes first', () => {
    const of = sewingOf(change(facts, topstitchedWith('straight-top')));
    const margins = of.pops.map((id) => value(of, step(of, id).row?.margin));
    expect([...margins].sort((a, b) => a - b)).toEqual(margins);
    expect(of.pops[0]).toBe('neckline-topstitch');
  });
  test('other stitches come with what each gives and costs', () => {
    const of = sewingOf(facts);
    const { others, row } = step(of, 'side');
    expect(others.length).toBeGreaterThan(2);
    for (const other of others) {
      expect(value(of, other.minutes)).toBeGreaterThan(0);
      expect(value(of, other.margin)).toBeCloseTo(value(of, other.gives) - value(of, row?.needs), 12);
      expect(other.name).toBe(stitches[other.stitch].name);
    }
  });
});

describe('other sets, and two garments together', () => {
  const facts = on('corner', change(demoFact('ring-toss'), { sewn: {} }));
  test('each set says what it costs and what is sewn otherwise', () => {
    const rows = compareSets(facts, demoSets, TODAY, sewingOf(facts));
    expect(rows.map(({ id }) => id)).toEqual(demoSets.map(({ id }) => id));
    const tour = rows.find(({ id }) => id === 'tour');
    expect(tour?.instead.map(({ from }) => from)).toContain('four-thread overlock');
    expect(rows.find(({ id }) => id === 'corner')?.instead).toEqual([]);
  });
  test('together they are sewn on the machines of the first, whatever the second names', () => {
    const usual = on('serger-coverstitch', garmentOf('tee'));
    const second = change(demoFact('ring-toss'), { sewn: {} });
    const stations = (other: GarmentFacts) =>
      planTogether(usual, other, TODAY).steps.map(({ station }) => station);
    expect(stations(on('corner', second))).toEqual(stations(on('serger-coverstitch', second)));
  });
  test('together they never change over more than one after the other, and every step is there once', () => {
    for (const [, other] of unsewn.filter(([id]) => ['matinee', 'tightrope', 'otter-bottoms'].includes(id))) {
      const both = planTogether(facts, other, TODAY);
      expect(both.changeMinutes).toBeLessThanOrEqual(both.apartMinutes + 1e-9);
      const keys = both.steps.map(({ garment, id }) => `${garment} ${id}`);
      expect(new Set(keys).size).toBe(keys.length);
      expect(both.provedChanges).toBe(true);
    }
  });
});

describe('the worker', () => {
  const facts = demoFact('ring-toss');
  test('answers what the core answers, and survives being cloned', () => {
    const request = structuredClone({ serial: 7, ask: 'sew', facts, onDate: TODAY } as const);
    const reply = structuredClone(answerSewing(request));
    if (!reply.ok) throw new Error(reply.sentence);
    expect(reply.serial).toBe(7);
    expect((reply.answer as SewingPlan).steps.map(({ id }) => id)).toEqual(
      sewingOf(facts).steps.map(({ id }) => id),
    );
  });
  test('what goes wrong comes back as a sentence', () => {
    const reply = answerSewing({ serial: 1, ask: 'nonsense', facts, onDate: TODAY } as never);
    expect(reply).toMatchObject({
      serial: 1,
      ok: false,
      sentence: expect.stringMatching(/could not be worked out/),
    });
  });
});

test('a garment file holds its machines, and is planned alike elsewhere', () => {
  const facts = demoFact('ring-toss');
  const file = writeGarmentFile(facts, { withMeasurements: true });
  const read = readGarmentFile(JSON.stringify(file));
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  expect(Object.keys(read.file.machines ?? {}).sort()).toEqual(['old-green', 'two-in-one']);
  expect(sewingOf(factsOf(read.file)).order.ids).toEqual(sewingOf(facts).order.ids);
});

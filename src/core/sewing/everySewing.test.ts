import { jobOf } from '../machines/seams/jobs';
import { recipes } from './assembly/recipes';
import { bestOrder, brokenBy, orderCost } from './assembly/order';
import { findCircle } from './assembly/assemble';
import { phraseText } from '../explain/display';
import { whyNot } from '../machines/capability';
import { kindIds } from '../facts/kindIds';
import { newOwnKind, type OwnKind } from '../facts/ownKind';
import { kindOf } from '../garments/kindOf';
import { stitches } from '../machines/seams/stitches';
import { finishOf, edgeUseOf, usualUse } from '../edges/useOf';
import { planGarment } from '../plan/planGarment';
import { bestPlan } from './ordering';
import { wearingOf } from './wearing';
import { machinesFor } from './machinesFor';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { SewingPlan } from './types';
import { TODAY } from '../../../tests/demoFacts';
import { bruteForce } from '../../../tests/everyOrder';
import { garmentOf, everyGarment, machineCases, sewingOf, unsewn } from '../../../tests/sewn';

/** Everything that has to happen once to the seams and edges of a garment (T, handbook 04, 05 and 08). */
function requiredPasses({ garment, ownKind }: GarmentFacts): readonly string[] {
  const kind = kindOf(garment, ownKind);
  const ofUse: Readonly<Record<string, readonly string[]>> = {
    neckband: ['join', 'seam', 'finish'],
    cuff: ['join', 'seam', 'finish'],
    'hem-band': ['join', 'seam', 'finish'],
    waistband: ['join', 'seam', 'finish'],
    'front-band': ['join', 'seam', 'finish'],
    'waistband-elastic': ['join', 'elastic join', 'elastic in', 'seam', 'finish'],
    'sports-band': ['join', 'elastic join', 'elastic in', 'seam', 'finish'],
    'flat-binding': ['seam', 'second row'],
    turned: ['elastic join', 'first row', 'second row'],
    concealed: ['seam', 'elastic'],
    lingerie: ['first row', 'second row'],
    'shelf-bra': ['elastic join', 'first row'],
    casing: ['elastic'],
    exposed: ['elastic join', 'first row'],
    'stretch-waistband': ['elastic join', 'finish', 'first row'],
    strap: ['first end', 'second end'],
    'side-strap': ['second end'],
    'extra-strap': ['seam', 'first end', 'second end'],
    'hook-and-eye': ['ends'],
    facing: ['seam', 'understitch'],
    hem: ['hem'],
    lettuce: ['edge'],
    left: [],
    stay: ['stay'],
  };
  const edges = kind.edges.flatMap((edge) => {
    const use = edgeUseOf(edge, garment).id;
    if (use === 'stay' && garment.stay === 'none') return [];
    return (ofUse[use] ?? ['a use without its passes']).map((pass) => `edge:${edge.id}/${pass}`);
  });
  return edges;
}

const passesOf = (of: SewingPlan) => of.steps.flatMap(({ passes }) => passes);
const texts = (of: SewingPlan) =>
  of.steps.flatMap((step) =>
    [step.title, ...step.lines, step.check, ...step.tells.map(({ text }) => text)].map((phrase) =>
      phraseText(phrase, of.numbers, 'cm'),
    ),
  );

describe.each(machineCases)('on %s', (_machines, on) => {
  const cases = [...everyGarment, ...unsewn].map(([name, facts]) => [name, on(facts)] as const);
  test.each(cases)('%s: a whole plan that a person can sew from', (_name, facts) => {
    const of = sewingOf(facts);
    const machines = machinesFor(facts);
    const ids = of.steps.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(findCircle(of.steps)).toBeUndefined();
    // None before what it needs, in the best order and in the written one.
    for (const step of of.steps)
      for (const before of step.after) {
        expect(ids).toContain(before);
        expect([step.id, before, ids.indexOf(before) < ids.indexOf(step.id)]).toEqual([
          step.id,
          before,
          true,
        ]);
      }
    expect(of.broken).toEqual([]);
    // Each step's setup is possible on the machine it names.
    for (const step of of.steps) {
      if (step.job === undefined) continue;
      expect([step.id, step.stitch]).not.toEqual([step.id, undefined]);
      const setup = of.setups.find(({ id }) => id === step.setup);
      if (!setup) {
        expect([step.id, step.stitch]).toEqual([step.id, 'by-hand']);
        continue;
      }
      const machine = machines[setup.machineId];
      expect([step.id, machine && whyNot(machine, setup.stitch, setup.setup)]).toEqual([step.id, undefined]);
      expect(setup.setup.stitch).toBe(setup.stitch);
    }
    // Every required pass once.
    const counts = new Map<string, number>();
    for (const pass of passesOf(of)) counts.set(pass, (counts.get(pass) ?? 0) + 1);
    for (const pass of requiredPasses(facts)) expect([pass, counts.get(pass)]).toEqual([pass, 1]);
    const kind = kindOf(facts.garment, facts.ownKind);
    for (const { id } of kind.seams) {
      const own = [...counts].filter(([pass]) => pass.startsWith(`seam:${id}/`));
      const sewn = own.find(([pass]) => pass.endsWith('/seam'));
      const rows = of.steps.filter((step) => step.passes.some((pass) => pass.startsWith('edge:')));
      if (!sewn) {
        // A seam that is an edge's own row: some step of that edge sews it.
        expect([id, rows.length > 0]).toEqual([id, true]);
        continue;
      }
      expect([id, sewn[1]]).toEqual([id, 1]);
      for (const [pass, count] of own) expect([pass, count]).toEqual([pass, 1]);
    }
    // Basting comes out again, after it went in.
    for (const step of of.steps.filter(({ temporary }) => temporary)) {
      const out = of.steps.filter(({ takesOut }) => takesOut === step.id);
      expect([step.id, out.length]).toEqual([step.id, 1]);
      expect(ids.indexOf(out[0]?.id ?? '')).toBeGreaterThan(ids.indexOf(step.id));
    }
    // A swatch of every setup that matters, or a card of it.
    for (const step of of.steps) {
      if (!step.job || jobOf(step.job).noSwatch || step.id.startsWith('swatch-') || !step.stitch) continue;
      const swatch = of.steps.find(({ id, stitch }) => id.startsWith('swatch-') && stitch === step.stitch);
      const carded = of.setups.some(({ id, card }) => id === step.setup && card);
      expect([step.id, swatch !== undefined || carded]).toEqual([step.id, true]);
      if (swatch && !carded) expect(ids.indexOf(swatch.id)).toBeLessThan(ids.indexOf(step.id));
    }
    // Proved, and never dearer than the written order.
    const value = (id: string) => of.numbers[id]?.value ?? NaN;
    expect(of.best.provedChanges).toBe(true);
    expect(value(of.best.changeMinutes)).toBeLessThanOrEqual(value(of.written.changeMinutes) + 1e-9);
    // What is said is whole.
    for (const text of texts(of)) {
      expect(text.trim()).not.toBe('');
      expect(text).not.toMatch(/undefined|NaN|Infinity|\[object/);
    }
    // What changes before each step adds up.
    const changes = of.steps.reduce((sum, { changeMinutes }) => sum + changeMinutes, 0);
    expect(changes).toBeCloseTo(value(of.order.changeMinutes), 6);
    if (facts.garment.machineSetId === 'sewing-only') {
      for (const { stitch } of of.setups) expect(stitches[stitch].machine).toBe('sewing machine');
      expect(of.steps.filter(({ stitch }) => stitch === 'by-hand')).toEqual([]);
    }
  });
});

test('a sewing machine alone: no row of any garment that can be worn pops', () => {
  const [, on] = machineCases.find(([name]) => name === 'sewing-only') as (typeof machineCases)[number];
  for (const [name, facts] of everyGarment) {
    const of = sewingOf(on(facts));
    const popping = of.steps.filter(({ row }) => row && !row.ok).map(({ id }) => id);
    expect([name, popping]).toEqual([name, []]);
  }
});

test('every recipe names an alternative only once, and its ways change something', () => {
  for (const kind of kindIds) {
    const ids = recipes[kind].alternatives.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { options } of recipes[kind].alternatives) expect(options.length).toBeGreaterThan(1);
  }
});

test.each(everyGarment.filter(([name]) => name.endsWith('regular')))(
  '%s: constraints of the handbook hold (T, handbook 08)',
  (name, facts) => {
    const of = sewingOf(facts);
    const at = (id: string) => of.steps.findIndex((step) => step.id === id);
    const kind = name.split(',')[0] as string;
    const wanted: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
      tee: [
        ['shoulder', 'armhole'],
        ['shoulder', 'neckline-sew'],
        ['press-hems', 'side'],
        ['neckline-measure', 'neckline-join'],
        ['neckline-join', 'neckline-mark'],
        ['neckline-mark', 'neckline-sew'],
        ['neckline-sew', 'neckline-press'],
        ['side', 'hem'],
      ],
      'bound-tee': [
        ['shoulder', 'neckline-bind'],
        ['neckline-bind', 'neckline-press'],
        ['side', 'length-try'],
        ['length-try', 'hem'],
      ],
      raglan: [
        ['raglan', 'neckline-sew'],
        ['raglan', 'side'],
      ],
      'shaped-blouse': [
        ['gathers', 'panel'],
        ['panel', 'shoulder'],
        ['collar', 'hem'],
      ],
      'collar-pullover': [
        ['interfacing', 'shoulder'],
        ['collar-make', 'collar-tack'],
        ['collar-tack', 'neckline-face'],
        ['neckline-face', 'neckline-understitch'],
      ],
      cardigan: [
        ['pocket-tops', 'pockets'],
        ['pockets', 'shoulder'],
        ['shoulder', 'armhole'],
        ['side', 'cuff-sew'],
        ['hem-sew', 'front-band-sew'],
      ],
      leggings: [
        ['inseam', 'crotch'],
        ['length-try', 'leg-hem'],
        ['waist-join', 'waist-elastic'],
        ['waist-elastic', 'waist-close'],
        ['waist-close', 'waist-mark'],
        ['waist-mark', 'waist-sew'],
      ],
      'foldover-trousers': [
        ['inseam', 'crotch'],
        ['crotch', 'waist-sew'],
      ],
      'boxer-briefs': [
        ['pouch-curves', 'pouch'],
        ['pouch', 'pouch-2'],
        ['pouch-2', 'crotch'],
        ['crotch', 'waist-sew'],
      ],
      'lace-panties': [
        ['mirror', 'centre-back'],
        ['gusset', 'gusset-back'],
        ['gusset-back', 'leg-mark'],
        ['centre-back', 'gusset-back'],
        ['leg-sew', 'leg-turn'],
        ['leg-turn', 'back-top-sew'],
        ['side-strap-measure', 'side-strap-thread'],
        ['side-strap-thread', 'side-strap-secure'],
      ],
      briefs: [
        ['openings', 'leg-sew'],
        ['leg-baste', 'leg-sew'],
        ['leg-sew', 'leg-turn'],
        ['leg-turn', 'leg-unbaste'],
        ['side', 'waist-sew'],
      ],
      'shelf-bra-top': [
        ['shelf-hem-baste', 'shelf-hem-try'],
        ['shelf-hem-try', 'shelf-hem-sew'],
      ],
      'one-shoulder-top': [
        ['strap-make', 'strap-front'],
        ['strap-front', 'upper-edge-sew'],
        ['upper-edge-sew', 'armhole-sew'],
        ['armhole-sew', 'turned'],
        ['turned', 'side'],
        ['strap-try', 'strap-secure'],
        ['layers', 'band-sew'],
      ],
      bralette: [
        ['strap-thread', 'strap-front'],
        ['strap-front', 'cup-band'],
        ['band-casing', 'casing-mark'],
        ['casing-mark', 'cup-band'],
        ['back-straps', 'strap-secure'],
        ['strap-secure', 'closure-sew'],
      ],
      bra: [
        ['materials', 'cup'],
        ['cup', 'cup-topstitch'],
        ['strap-thread', 'strap-secure'],
      ],
      'stretch-waist': [
        ['waist-edge', 'waist-sew'],
        ['waist-join', 'waist-mark'],
      ],
      'lettuce-top': [
        ['neckline-press', 'neckline-ripple'],
        ['side', 'lower-edge-ripple'],
      ],
      'crop-top': [
        ['lining-in', 'neckline-baste'],
        ['neckline-baste', 'neckline-sew'],
      ],
      'knit-band': [['edge-ready', 'neckline-sew']],
    };
    const pairs = wanted[kind];
    expect([kind, pairs === undefined]).toEqual([kind, false]);
    for (const [first, then] of pairs ?? []) {
      expect([kind, first, at(first) >= 0]).toEqual([kind, first, true]);
      expect([kind, then, at(then) >= 0]).toEqual([kind, then, true]);
      expect([first, then, at(first) < at(then)]).toEqual([first, then, true]);
    }
    expect(of.steps[0]?.id === 'mark-front' || !of.steps.some(({ id }) => id === 'mark-front')).toBe(true);
    expect(of.steps.at(-1)?.id).toBe('last-look');
  },
);

/** Every garment cut down to nine machine and hand steps: small enough to try every order. */
test.each(everyGarment.filter(([name]) => name.endsWith('regular')))(
  '%s cut down to nine steps: no order that was tried is better',
  (_name, facts) => {
    for (const [, on] of machineCases) {
      const own = on(facts);
      const plan = planGarment(own, { onDate: TODAY });
      const kind = kindOf(own.garment, own.ownKind);
      const wearing = wearingOf(kind, own.garment, plan.zones, plan.openings, plan.numbers);
      const { best } = bestPlan(own, kind, wearing);
      const whole = best.ordering.problem;
      const start = Math.floor((whole.steps.length - 9) / 2);
      const kept = whole.steps.map((_, at) => at).slice(Math.max(0, start), Math.max(0, start) + 9);
      const cut = {
        ...whole,
        steps: kept.map((at) => {
          const step = whole.steps[at] as (typeof whole.steps)[number];
          return { ...step, after: step.after.map((one) => kept.indexOf(one)).filter((one) => one >= 0) };
        }),
      };
      const found = bestOrder(cut);
      const wanted = bruteForce(cut);
      expect([found.changeMinutes, found.moves]).toEqual([
        expect.closeTo(wanted.changeMinutes, 9) as number,
        wanted.moves,
      ]);
      expect(brokenBy(cut, found.order)).toEqual([]);
      expect(orderCost(cut, found.order).changeMinutes).toBeCloseTo(found.changeMinutes, 9);
    }
  },
);

test('finishes that are changed still give whole plans', () => {
  for (const [name, facts] of everyGarment) {
    const kind = kindOf(facts.garment);
    for (const finish of [
      'hem',
      'band',
      'elastic',
      'lettuce',
      'binding',
      'facing',
      'left as it is',
    ] as const) {
      const edges = Object.fromEntries(kind.edges.map((edge) => [edge.id, { use: usualUse(edge, finish) }]));
      const changed = { ...facts, garment: { ...facts.garment, edges } };
      expect(kind.edges.every((edge) => finishOf(edge, changed.garment) === finish)).toBe(true);
      const of = sewingOf(changed);
      const counts = new Map<string, number>();
      for (const pass of passesOf(of)) counts.set(pass, (counts.get(pass) ?? 0) + 1);
      for (const pass of requiredPasses(changed))
        expect([name, finish, pass, counts.get(pass)]).toEqual([name, finish, pass, 1]);
      expect(of.broken).toEqual([]);
    }
  }
});

test('a kind of one’s own, with edges taken away and one added, is sewn whole', () => {
  for (const kind of kindIds) {
    const facts = garmentOf(kind);
    const base = kindOf(facts.garment);
    for (const finish of ['hem', 'elastic', 'band'] as const) {
      const own: OwnKind = {
        ...newOwnKind('Mine', kind),
        without: Object.fromEntries(base.edges.slice(0, 2).map(({ id }) => [`edge-${id}`, true])),
        edges: { extra: { label: 'Slit', finish, at: 0.5 } },
      };
      const changed = { ...facts, ownKind: own };
      const of = sewingOf(changed);
      const counts = new Map<string, number>();
      for (const pass of passesOf(of)) counts.set(pass, (counts.get(pass) ?? 0) + 1);
      for (const pass of requiredPasses(changed))
        expect([kind, finish, pass, counts.get(pass)]).toEqual([kind, finish, pass, 1]);
      expect(of.steps.some(({ passes }) => passes.some((pass) => pass.startsWith('edge:extra/')))).toBe(true);
      expect(of.broken).toEqual([]);
    }
  }
});

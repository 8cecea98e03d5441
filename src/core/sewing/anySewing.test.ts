import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { anyGarment } from '../../../tests/randomGarments';
import { jobOf } from '../machines/seams/jobs';
import { phraseText } from '../explain/display';
import { kindOf } from '../garments/kindOf';
import { FIRST_CHOICE_MARGIN } from '../machines/seams/chooseStitch';
import { isHandled } from '../machines/seams/demand';
import { stitches } from '../machines/seams/stitches';
import { SHARE_TOLERANCE } from '../units/tolerance';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from '../plan/types';
import { planSewing } from './planSewing';
import { machinesFor } from './machinesFor';
import { sewnSteps } from './sewnSteps';
import type { SewingPlan, StepPlan } from './types';
import { wearingOf } from './wearing';

/** Every garment there can be, in every way, on every set of machines, each planned once. */
const planned = fc.sample(anyGarment, { seed: 19, numRuns: 160 }).map((facts) => {
  const plan = planGarment(facts, { onDate: TODAY });
  return { facts, plan, of: planSewing(facts, plan) };
});

/** No check of these may be broken by any of them (handbook 08). */
const forAll = (check: (facts: GarmentFacts, of: SewingPlan, plan: GarmentPlan) => void): void =>
  planned.forEach(({ facts, of, plan }, nth) => {
    try {
      check(facts, of, plan);
    } catch (error) {
      throw new Error(`Garment ${nth}, ${facts.garment.kind}: ${JSON.stringify(facts.garment)}`, {
        cause: error,
      });
    }
  });
const value = (of: SewingPlan, id: string | undefined) => of.numbers[id ?? '']?.value ?? Number.NaN;
const words = (of: SewingPlan, step: StepPlan) =>
  [step.title, ...step.lines, step.check, ...step.tells.map(({ text }) => text)].map((phrase) =>
    phraseText(phrase, of.numbers, 'in'),
  );
const serged = ({ stitch }: StepPlan) => stitch !== undefined && stitches[stitch].machine === 'serger';

test('a whole order always comes out: nothing throws, nothing stands before what it needs', () => {
  forAll((_facts, of) => {
    const at = new Map(of.steps.map(({ id }, index) => [id, index]));
    expect(at.size).toBe(of.steps.length);
    for (const step of of.steps)
      for (const before of step.after)
        expect([before, step.id, (at.get(before) ?? Infinity) < (at.get(step.id) ?? -1)]).toEqual([
          before,
          step.id,
          true,
        ]);
  });
});

test('length before its hem: an edge is finished after its length was settled', () => {
  let settled = 0;
  forAll((facts, of, plan) => {
    const kind = kindOf(facts.garment);
    const { assembly } = sewnSteps({
      facts,
      kind,
      wearing: wearingOf(kind, facts.garment, plan.zones, plan.openings, plan.numbers),
    });
    const at = (id: string) => of.steps.findIndex((step) => step.id === id);
    for (const { id, settles = [] } of assembly.steps) {
      if (at(id) < 0) continue;
      for (const edge of settles)
        for (const row of of.steps.filter((step) =>
          step.passes.some((pass) => pass.startsWith(`edge:${edge}/hem`)),
        )) {
          settled += 1;
          expect([id, row.id, at(id) < at(row.id)]).toEqual([id, row.id, true]);
        }
    }
  });
  expect(settled).toBeGreaterThan(5);
});

test('creases that are pressed while the pieces are flat come before the seams that close them', () => {
  let pressed = 0;
  forAll((_facts, of) => {
    const at = (id: string) => of.steps.findIndex((step) => step.id === id);
    if (at('press-hems') < 0) return;
    for (const closes of ['side', 'inseam'].filter((id) => at(id) >= 0)) {
      pressed += 1;
      expect([closes, at('press-hems') < at(closes)]).toEqual([closes, true]);
    }
  });
  expect(pressed).toBeGreaterThan(10);
});

test('what is serged is not pressed open, notched or topstitched on both sides', () => {
  forAll((_facts, of) => {
    for (const step of of.steps.filter(serged))
      for (const text of words(of, step))
        expect([step.id, text]).not.toEqual([
          step.id,
          expect.stringMatching(
            /press(ed)? (it |them )?open|^open$|^open,|notch the curve|both sides of (it|the seam)/i,
          ),
        ]);
  });
});

test('a first choice has its margin wherever a machine at hand has it; hands pull every seam along the body', () => {
  forAll((facts, of) => {
    const kind = kindOf(facts.garment);
    const handling = value(of, 'seams.handling');
    for (const step of of.steps) {
      if (!step.row || step.pinned || step.id.startsWith('swatch-')) continue;
      const [needs, gives] = [value(of, step.row.needs), value(of, step.row.gives)];
      const others = step.others.map((one) => value(of, one.gives));
      const best = Math.max(gives, ...others);
      if (best >= needs * FIRST_CHOICE_MARGIN)
        expect([step.id, gives >= needs * FIRST_CHOICE_MARGIN - SHARE_TOLERANCE]).toEqual([step.id, true]);
      const seam = kind.seams.find(({ id }) => id === step.id);
      if (seam && isHandled(seam))
        expect([step.id, needs >= handling - SHARE_TOLERANCE]).toEqual([step.id, true]);
    }
  });
});

test('a row’s length is its own: an end is as long as what it crosses, nothing is longer than three bodies', () => {
  forAll((facts, of) => {
    const tall = 4 * Math.max(value(of, 'body.hip') || 0, value(of, 'body.bust') || 0, 900);
    for (const step of of.steps) {
      const line = step.tells.find(({ label }) => label === 'Length')?.text;
      const id = line?.find((part) => typeof part === 'object' && 'n' in part);
      if (!id || typeof id !== 'object' || !('n' in id)) continue;
      const mm = value(of, id.n);
      const across = step.job === 'elastic-join' || step.job === 'bar' || step.job === 'band-join';
      expect([step.id, mm > 0 && mm < (across ? 1400 : 4 * tall)]).toEqual([step.id, true]);
      if (step.job === 'elastic-join') expect(mm).toBeLessThanOrEqual(2 * 50);
    }
    void facts;
  });
});

test('a row on both sides of a seam is twice as long as the seam', () => {
  let seen = 0;
  forAll((_facts, of) => {
    const [seam, both] = ['cup', 'cup-topstitch'].map((id) => value(of, `row.${id}.length`));
    if (!(seam && both)) return;
    seen += 1;
    expect(both / seam).toBeCloseTo(2, 9);
  });
  expect(seen).toBeGreaterThan(0);
});

test('the hems of one garment are sewn alike, unless a person chose one', () => {
  let several = 0;
  forAll((facts, of) => {
    const hems = of.steps.filter(
      ({ id, job }) => job === 'hem' && !id.startsWith('swatch-') && facts.garment.picks?.[id] === undefined,
    );
    if (hems.length > 1) several += 1;
    expect(new Set(hems.map(({ stitch }) => stitch)).size).toBeLessThanOrEqual(1);
  });
  expect(several).toBeGreaterThan(5);
});

test('a row along a strip that lies at rest is as long as the strip, not as the edge', () => {
  let seen = 0;
  forAll((_facts, of, plan) => {
    for (const { id, strips } of plan.edges) {
      const rows = [`${id}-close`, `${id}-casing`].filter((row) => of.numbers[`row.${row}.needs`]);
      for (const row of rows) {
        const line = of.steps.find((step) => step.id === row)?.tells.find(({ label }) => label === 'Length');
        const figure = line?.text.find((part) => typeof part === 'object' && 'n' in part);
        if (!figure || !strips[0]) continue;
        seen += 1;
        expect([row, figure]).toMatchObject([row, { n: strips[0].sewn }]);
      }
    }
  });
  expect(seen).toBeGreaterThan(5);
});

test('what a step tells fits the stitch it got and the lengths it joins', () => {
  let [hidden, level, necks] = [0, 0, 0];
  forAll((facts, of) => {
    const shoulders = kindOf(facts.garment).seams.some(({ id }) => id === 'shoulder');
    for (const step of of.steps) {
      const text = words(of, step).join(' ');
      if (/fold back on itself/.test(text)) {
        hidden += 1;
        expect([step.id, step.stitch]).toEqual([step.id, 'flatlock']);
      }
      if (/neither is pulled/.test(text)) {
        level += 1;
        expect([step.id, text]).not.toEqual([step.id, expect.stringMatching(/longer\.|only the band/)]);
      }
      expect([step.id, text]).not.toEqual([step.id, expect.stringMatching(/\b0(\.\d)? % longer/)]);
      if (/quarter marks lie/.test(text)) {
        necks += 1;
        expect([facts.garment.kind, shoulders]).toEqual([facts.garment.kind, true]);
      }
    }
  });
  expect(Math.min(hidden, level, necks)).toBeGreaterThan(0);
});

test('a pass of finishing is called by its seam, not by its seam’s step', () => {
  let seen = 0;
  forAll((_facts, of) => {
    for (const step of of.steps.filter(({ job }) => job === 'finish')) {
      const title = phraseText(step.title, of.numbers, 'cm');
      if (!/trim and overcast/.test(title)) continue;
      seen += 1;
      expect(title).toMatch(/^[^:]+: trim and overcast$/);
    }
  });
  expect(seen).toBeGreaterThan(10);
});

test('a band whose ends are closed apart is not told to bring them together', () => {
  let seen = 0;
  forAll((_facts, of) => {
    for (const step of of.steps) {
      const [title = '', ...rest] = words(of, step);
      if (!/close the ends of the band/.test(title)) continue;
      seen += 1;
      expect(rest.filter((text) => /[Ee]nds together|press open/i.test(text))).toEqual([]);
    }
  });
  expect(seen).toBeGreaterThan(0);
});

test('no layer is basted twice, pile is sewn downwards, and a pile’s caution stands on pile only', () => {
  forAll((facts, of) => {
    const pile = facts.outer?.pile === 'yes';
    for (const step of of.steps) {
      const start = step.tells.find(({ label }) => label === 'Start at')?.text.join('');
      const ring = step.tells.some(({ text }) => /overlap the start/.test(text.join('')));
      if (pile && start !== undefined && !ring && step.job)
        expect([step.id, start]).toEqual([step.id, expect.stringMatching(/upper end/)]);
      if (!pile) expect([step.id, step.cautions.some((text) => /pile/.test(text))]).toEqual([step.id, false]);
    }
    const basted = of.steps
      .filter(({ id }) => id.endsWith('-baste') || id === 'shelf-in')
      .map(({ id }) => id);
    if (facts.garment.kind === 'shelf-bra-top')
      expect(
        basted.filter((id) => id !== 'shelf-in' && id !== 'shelf-hem-baste' && !isShelf(facts, id)),
      ).toEqual([]);
  });
});

/** An edge that is itself finished as under a shelf is basted to be tried on. */
const isShelf = ({ garment }: GarmentFacts, id: string) =>
  garment.edges?.[id.replace(/-baste$/, '')]?.use === 'shelf-bra';

test('rows through elastic are never straight: they stretch with what they are sewn to', () => {
  forAll((facts, of) => {
    const machines = machinesFor(facts);
    for (const step of of.steps) {
      if (!step.job || !jobOf(step.job).onElastic || jobOf(step.job).noSwatch || !step.stitch) continue;
      const straight = ['straight-seam', 'straight-top', 'basting'].includes(step.stitch);
      expect([step.id, Object.keys(machines).length, straight]).toEqual([step.id, expect.any(Number), false]);
    }
  });
});

import { phraseText } from '../explain/display';
import { newCloth } from '../facts/cloth';
import { newTee, type Garment } from '../facts/garment';
import { newWearer } from '../facts/wearer';
import { stageIds } from '../explain/problem';
import { type GarmentFacts } from '../facts/garmentFacts';
import { type GarmentPlan } from './types';
import { planGarment } from './planGarment';
import { planSewing } from '../sewing/planSewing';
import { TODAY, demoFact, demoFacts } from '../../../tests/demoFacts';
import { neckbandIn } from '../../../tests/planned';
import { atNeckline, topstitchedWith, without } from '../../../tests/sewn';

const plan = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const value = (of: GarmentPlan, id: string | undefined) => of.numbers[id ?? '']?.value ?? Number.NaN;
const change = (facts: GarmentFacts, garment: Partial<Garment>): GarmentFacts => ({
  ...facts,
  garment: { ...facts.garment, ...garment },
});
const zone = (of: GarmentPlan, id: string) => of.zones.find((one) => one.zone === id);
const sewn = (facts: GarmentFacts) => planSewing(facts, plan(facts));
const texts = (facts: GarmentFacts) => {
  const of = sewn(facts);
  return of.steps
    .flatMap((step) => [step.title, ...step.lines, ...step.tells.map(({ text }) => text), step.check])
    .map((phrase) => phraseText(phrase, of.numbers, 'cm'));
};

describe('facts that are missing leave their part out and say so', () => {
  const steps: readonly (readonly [string, GarmentFacts, RegExp])[] = [
    ['nothing known', { garment: newTee('Empty') }, /Choose who it is for/],
    [
      'a wearer without measurements',
      { garment: newTee('Empty'), wearer: newWearer('Ada', 'adult') },
      /Measure Ada: bust/,
    ],
    ['a cloth without a test', { ...demoFact('moth') }, /Pull a swatch of Moth jersey/],
  ];
  test.each(steps)('%s', (_name, facts, words) => {
    const of = plan(facts);
    expect(of.needs.map((need) => phraseText(need.sentence, of.numbers, 'cm')).join('; ')).toMatch(words);
    expect(of.stages[of.next.stage]).toBe('next');
    expect(JSON.stringify(of)).not.toMatch(/NaN|Infinity|null/);
  });
  test('a head that is not measured is a marked default', () => {
    const facts = demoFact('ring-toss');
    const { wearer } = facts;
    if (!wearer) throw new Error('expected a wearer in the demo');
    const of = plan({
      ...facts,
      wearer: {
        ...wearer,
        measurements: {
          a: { measuredOn: TODAY, how: 'measured', values: { bust: 590, hip: 620, biceps: 180 } },
        },
      },
    });
    expect(of.measures.find(({ measure }) => measure === 'head')).toMatchObject({
      source: 'default',
      value: 'body.head',
    });
    expect(of.numbers['body.head']).toMatchObject({ mark: 'default' });
    expect(neckbandIn(of)).toBeDefined();
  });
});

describe('fit', () => {
  const fitted = demoFact('matinee');
  test('a fitted tee takes a tenth of the stretch, less than the cap', () => {
    const of = plan(fitted);
    const bust = zone(of, 'bust');
    expect(value(of, bust?.extension)).toBeCloseTo(0.1 * value(of, bust?.stretch), 9);
    expect(value(of, bust?.body) - value(of, bust?.rest)).toBeCloseTo(value(of, bust?.smallerBy), 9);
  });
  test('a school that is chosen is what is planned', () => {
    const of = plan(change(fitted, { fit: { bust: { school: 'class' }, hip: { school: 'kind' } } }));
    for (const id of ['bust', 'hip']) {
      const one = zone(of, id);
      const school = one?.schools.find((entry) => entry.school === one.school);
      expect(value(of, one?.rest)).toBeCloseTo(value(of, school?.rest), 9);
    }
  });
  test('loose is larger by 5 cm at the chest, and less at the arm', () => {
    const of = plan(change(fitted, { style: 'loose', fit: {} }));
    expect(value(of, zone(of, 'bust')?.smallerBy)).toBeCloseTo(-50, 9);
    expect(value(of, zone(of, 'biceps')?.smallerBy)).toBeGreaterThan(-50);
    expect(zone(of, 'bust')?.margin).toBeUndefined();
  });
  test('pattern’s girth becomes a change at each seam edge', () => {
    const of = plan(
      change(fitted, {
        pattern: { ...fitted.garment.pattern, finished: { bust: value(plan(fitted), 'fit.bust.rest') + 40 } },
      }),
    );
    expect(value(of, 'fit.bust.perSeamEdge')).toBeCloseTo(10, 6);
  });
});

test('planning again, and with a cloth changed, is the same as planning afresh', () => {
  const facts = demoFact('ring-toss');
  const fresh = () => structuredClone(facts);
  expect(plan(facts)).toEqual(plan(fresh()));
  plan({ ...facts, outer: demoFact('trapeze').outer ?? newCloth('x') });
  expect(plan(facts)).toEqual(plan(fresh()));
});

describe('what is cut stays as cut', () => {
  const facts = demoFact('ring-toss');
  const wider = change(facts, atNeckline(facts.garment, { finishedMm: 25 }));
  test('the steps sew the band that was cut, and the ticket says how the plan has moved', () => {
    const of = plan(wider);
    const row = of.ticket.flatMap((group) => group.rows).find(({ id }) => id === 'neckband');
    expect(value(of, row?.cut?.length)).toBe(331);
    expect(value(of, neckbandIn(of)?.sewn)).toBe(331 - 12);
    expect(phraseText(row?.cut?.changed ?? [], of.numbers, 'cm')).toMatch(
      /as cut it is .* longer than the plan now; as cut it is .* narrower/,
    );
  });
  test('nothing is said while it agrees within the tape’s rounding', () => {
    const of = plan(facts);
    expect(of.ticket.flatMap((group) => group.rows).filter((row) => row.cut?.changed)).toEqual([]);
  });
});

describe('sewing text', () => {
  const facts = demoFact('ring-toss');
  test('no length, setting or count in any step, check or problem is literal', () => {
    for (const [id, one] of demoFacts()) {
      const of = sewn(one);
      const phrases = [
        ...of.steps.flatMap((step) => [
          step.title,
          ...step.lines,
          ...step.tells.map(({ text }) => text),
          step.check,
          ...(step.row ? [step.row.askedBy] : []),
        ]),
        ...plan(one).problems.flatMap(({ sentence, remedies }) => [sentence, ...remedies]),
      ];
      const literal = phrases.flatMap((phrase) =>
        phrase.filter((part) => typeof part === 'string' && /\d/.test(part)),
      );
      expect([id, literal]).toEqual([id, []]);
      expect(of.steps.flatMap(({ cautions }) => cautions).filter((caution) => /\d/.test(caution))).toEqual(
        [],
      );
    }
  });
  const uncut: GarmentFacts = without(change(facts, { cuts: {}, sewn: {} }), 'machineSet', 'machines');
  const before = texts(uncut);
  test.each<[string, GarmentFacts]>([
    ['the neckline', change(uncut, atNeckline(facts.garment, { measured: { frontMm: 260 } }))],
    ['the band’s width', change(uncut, atNeckline(facts.garment, { finishedMm: 20 }))],
    ['the cloth', { ...uncut, outer: demoFact('trapeze').outer ?? newCloth('x') }],
    ['the band’s cloth', { ...uncut, band: demoFact('trapeze').outer ?? newCloth('x') }],
    ['the machines', change(uncut, { machineSetId: 'sewing-only' })],
    ['the hems', change(uncut, { pattern: { ...facts.garment.pattern, hemAllowanceMm: 40 } })],
    ['sleeve hems in the round', change(uncut, { ways: { 'sleeve-hems': 'round' } })],
    ['a topstitched neck', change(uncut, topstitchedWith('zigzag-neck'))],
  ])('changing %s changes the text', (_what, changed) => expect(texts(changed)).not.toEqual(before));

  test.each(['serger-coverstitch', 'sewing-only'] as const)(
    '%s: a tee in an order that holds',
    (machineSetId) => {
      for (const sleeveHems of ['flat', 'round'] as const) {
        const of = sewn(
          change(uncut, {
            machineSetId,
            ways: { 'sleeve-hems': sleeveHems },
            ...topstitchedWith('zigzag-neck'),
          }),
        );
        const order = of.steps.map(({ id }) => id);
        const mustPrecede: readonly (readonly [string, string])[] = [
          ['mark-front', 'shoulder'],
          ['press-hems', 'side'],
          ['shoulder', 'armhole'],
          ['armhole', 'side'],
          sleeveHems === 'flat' ? ['sleeve-hem', 'side'] : ['side', 'sleeve-hem'],
          ['press-hems', 'sleeve-hem'],
          ['shoulder', 'neckline-measure'],
          ['neckline-measure', 'neckline-join'],
          ['neckline-join', 'neckline-mark'],
          ['neckline-mark', 'neckline-sew'],
          ['neckline-sew', 'neckline-press'],
          ['neckline-press', 'neckline-topstitch'],
          ['side', 'hem'],
          ['hem', 'last-look'],
        ];
        for (const [first, second] of mustPrecede) {
          expect(order).toEqual(expect.arrayContaining([first, second]));
          expect([first, second, order.indexOf(first) < order.indexOf(second)]).toEqual([
            first,
            second,
            true,
          ]);
        }
      }
    },
  );
  test('a straight topstitch on a small neck will pop: it comes out of the numbers (handbook 07)', () => {
    const plain = without(uncut.outer ?? newCloth('x'), 'thicknessMm');
    const toddler = { ...change(uncut, topstitchedWith('straight-top')), outer: plain };
    const of = sewn(toddler);
    const row = of.steps.find(({ id }) => id === 'neckline-topstitch')?.row;
    expect(row?.ok).toBe(false);
    expect(of.pops[0]).toBe('neckline-topstitch');
    expect(of.numbers[row?.gives ?? '']?.value).toBeCloseTo(0.28, 9);
    expect(plan(toddler).problems.find(({ id }) => id === 'opening-neckline')).toMatchObject({
      stage: 'sew',
      severity: 'stop',
    });
  });
  test('34 cm of neckline over a 49 cm head: 44 % or more is asked, 28 % is given (handbook 07)', () => {
    const { wearer } = facts;
    if (!wearer) throw new Error('expected a wearer in the demo');
    const toddler: GarmentFacts = {
      ...change(uncut, {
        ...topstitchedWith('straight-top'),
        ...atNeckline(facts.garment, { measured: { as: 'seamline', wholeMm: 340 } }),
      }),
      wearer: {
        ...wearer,
        measurements: {
          a: {
            measuredOn: TODAY,
            how: 'measured',
            values: { bust: 520, hip: 530, biceps: 165, head: 490 },
          },
        },
      },
    };
    const of = sewn(toddler);
    const row = of.steps.find(({ id }) => id === 'neckline-topstitch')?.row;
    expect(of.numbers[row?.needs ?? '']?.value).toBeCloseTo(0.441, 3);
    expect(row?.ok).toBe(false);
    const others = of.steps.find(({ id }) => id === 'neckline-topstitch')?.others ?? [];
    expect(others.filter(({ ok }) => ok).map(({ stitch }) => stitch)).toContain('zigzag-neck');
  });
});

describe('a garment that cannot work still shows its plan, and each remedy mends it', () => {
  const buoy = demoFact('buoy');
  const of = plan(buoy);
  test('what is wrong is said, with remedies, and everything else is there', () => {
    expect(of.problems.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['band-window-neckline', 'opening-neckline']),
    );
    for (const problem of of.problems) expect(problem.remedies.length).toBeGreaterThan(0);
    expect(neckbandIn(of)).toBeDefined();
    expect(of.steps.length).toBeGreaterThan(10);
    expect(of.stages.bands).toBe('attention');
  });
  const stops = (facts: GarmentFacts) =>
    plan(facts)
      .problems.filter(({ severity }) => severity === 'stop')
      .map(({ id }) => id);
  test('a stretchier band opens the window', () => {
    const needed = value(of, 'problem.neckline.stretch');
    expect(needed).toBeGreaterThan(0);
    const after = stops({ ...buoy, band: { ...newCloth('Stretchy'), statedAcross: needed + 0.001 } });
    expect(after).not.toContain('band-window-neckline');
  });
  test('a wider neckline opens the window and passes the head', () => {
    const needed = Math.max(value(of, 'problem.neckline.wider'), value(of, 'problem.neckline.girth')) + 0.5;
    const wider = change(buoy, {
      topstitched: false,
      ...atNeckline(buoy.garment, { measured: { as: 'seamline', wholeMm: needed } }),
    });
    expect(stops(wider)).toEqual([]);
  });
  test('poor recovery is refused for negative ease and for bands, and mended by skim and another band', () => {
    const driftwood = demoFact('driftwood');
    expect(stops(driftwood)).toEqual(expect.arrayContaining(['outer-recovery', 'band-recovery']));
    const rib = demoFact('ring-toss').band ?? newCloth('x');
    expect(stops({ ...change(driftwood, { style: 'regular' }), band: rib })).toEqual([]);
  });
  test('a cloth too stable for the ease asked is refused, and the stretch it asks for is enough', () => {
    const firm = {
      ...change(demoFact('matinee'), { fit: { bust: { school: 'share', share: 0.9 } } }),
      outer: { ...newCloth('Firm'), statedAcross: 0.2 },
    };
    expect(stops(firm)).toContain('zone-bust');
    const wanted = value(plan(firm), 'problem.bust.stretch');
    const worn = value(plan(firm), 'fit.bust.extension');
    expect(worn).toBeLessThanOrEqual(0.6 * wanted + 1e-9);
  });
});

describe('the demo', () => {
  test('has a garment at every stage, one finished with notes, one that cannot work', () => {
    const plans = demoFacts().map(([, facts]) => plan(facts));
    const at = new Set(plans.map(({ next }) => next.stage));
    expect([...at].sort()).toEqual([...stageIds].sort());
    expect(plans.filter(({ stages }) => stages.wear === 'done').length).toBeGreaterThan(0);
    expect(plans.filter(({ problems }) => problems.length > 0).length).toBeGreaterThanOrEqual(2);
  });
});

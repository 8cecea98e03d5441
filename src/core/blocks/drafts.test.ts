import { Bezier } from 'bezier-js';
import newton from 'newton-raphson-method';
import { createLedger, getNumber, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { KindId } from '../facts/kindIds';
import type { BodyMeasure, Wearer } from '../facts/wearer';
import { catalogue } from '../garments/catalogue';
import { kindOf } from '../garments/kindOf';
import { endOf, lengthOf, pointAlong, startOf, type Path } from '../geometry/path';
import { nearestOnPath } from '../geometry/nearest';
import { distance } from '../geometry/point';
import { areaOf, crossingsOf, flattened } from '../geometry/ring';
import { girthMm, girthParts } from '../pieces/girth';
import { pathOfEdge, roundPiece } from '../pieces/outline';
import { planPieces } from '../pieces/planPieces';
import { planFitted } from '../plan/planFitted';
import { planGarment } from '../plan/planGarment';
import { phraseText } from '../explain/display';
import { capOf } from './sleeve';
import { fiveCloths, twelveBodies } from './testBodies';

const TODAY = '2026-11-30';
const drafted = Object.values(catalogue).filter(({ drafting }) => drafting);
const everyStyle = drafted.flatMap(({ kind, styles }) => styles.map(({ id }) => [kind, id] as const));
const [firm, , half, , twice] = fiveCloths as [Cloth, Cloth, Cloth, Cloth, Cloth];
const bodyCalled = (name: string): Wearer => {
  const found = twelveBodies.find((one) => one.name === name);
  if (!found) throw new Error(`expected a body called "${name}", got none`);
  return found;
};
const middle = bodyCalled('middle');
const withMeasures = (wearer: Wearer, values: Partial<Record<BodyMeasure, number>>): Wearer => ({
  ...wearer,
  measurements: {
    now: {
      measuredOn: '2026-01-01',
      how: 'measured',
      values: { ...wearer.measurements.now?.values, ...values },
    },
  },
});
const without = (wearer: Wearer, ...measures: readonly BodyMeasure[]): Wearer => {
  const values = { ...wearer.measurements.now?.values };
  for (const one of measures) delete values[one];
  return { ...wearer, measurements: { now: { measuredOn: '2026-01-01', how: 'measured', values } } };
};

interface Case {
  readonly kind: KindId;
  readonly style?: Garment['style'];
  readonly wearer?: Wearer;
  readonly cloth?: Cloth;
  readonly shaped?: Readonly<Record<string, number>>;
}

const factsOf = ({ kind, style, wearer = middle, cloth = half, shaped }: Case): GarmentFacts => ({
  garment: {
    ...newGarment('Drafted', kind),
    ...(style ? { style } : {}),
    draft: shaped ? { shaped } : {},
  },
  wearer,
  outer: cloth,
  band: twice,
});

/** A draft with what its pieces tell, and its numbers by name. */
function draftedOf(one: Case) {
  const facts = factsOf(one);
  const kind = kindOf(facts.garment);
  const book: Ledger = createLedger();
  const { draft, drawn, altered, zones } = planFitted(book, facts, kind, TODAY);
  if (!draft) throw new Error(`expected a draft of ${one.kind}, got none`);
  const pieces = planPieces({ book, facts: { garment: {} }, kind, drawn, altered });
  const mm = (id: string): number => getNumber(book.numbers, id).value;
  const says = draft.plan.faults.map((fault) => phraseText(fault, book.numbers, 'cm'));
  return { kind, draft, drawn, zones, pieces, mm, says, numbers: book.numbers };
}

const edge = ({ drawn }: ReturnType<typeof draftedOf>, name: string): Path => {
  const [piece = '', id = ''] = name.split('.');
  const outline = drawn.outlines[piece];
  const path = outline && pathOfEdge(outline, id);
  if (!path) throw new Error(`expected the edge "${name}", got none`);
  return path;
};

/** Length by another library. */
const byBezier = (path: Path): number =>
  path.reduce(
    (sum, one) =>
      sum +
      (one.kind === 'line'
        ? distance(one.from, one.to)
        : new Bezier([one.from, one.c1, one.c2, one.to]).length()),
    0,
  );

describe('worked values of the top block (common practice, no source)', () => {
  // Bust 920 at rest as on the body: a cloth without stretch, skimming.
  const tee = draftedOf({ kind: 'tee', cloth: firm, wearer: withMeasures(middle, { biceps: 310 }) });

  test('half the shoulders, the underarm, and the armholes', () => {
    expect(tee.mm('draft.shoulder')).toBeCloseTo(0.17 * 920 + 38, 6);
    expect(tee.mm('draft.underarm')).toBeCloseTo(208.33, 1);
    expect(Math.abs(tee.mm('draft.drawn.armhole.front') - 196.3)).toBeLessThan(4);
    expect(Math.abs(tee.mm('draft.drawn.armhole.back') - 189.5)).toBeLessThan(4);
  });

  test('the cap is as long as both armholes and 5 mm, by another library’s curve lengths', () => {
    const armholes = byBezier(edge(tee, 'front.armhole')) + byBezier(edge(tee, 'back.armhole'));
    expect(byBezier(edge(tee, 'sleeve.cap'))).toBeCloseTo(armholes + 5, 2);
  });

  test('and so high as another library’s root finder makes it', () => {
    const wanted = tee.mm('draft.cap.wanted');
    const high = newton((h: number) => byBezier(capOf(310, h)) - wanted, 90);
    expect(tee.mm('draft.solved.cap')).toBeCloseTo(Number(high), 2);
    expect(Number(high)).toBeGreaterThan(90);
    expect(Number(high)).toBeLessThan(135);
  });
});

test('worked value of the leg block: hip 850 and thigh 520 leave 95 for the crotch, a third of it in front', () => {
  const leg = draftedOf({
    kind: 'leggings',
    cloth: firm,
    wearer: withMeasures(bodyCalled('small'), { hip: 850, thigh: 520, rise: 620 }),
  });
  expect(leg.mm('draft.extension')).toBeCloseTo(95, 6);
  const [front, back] = ['front', 'back'].map((piece) => leg.drawn.outlines[piece]);
  const reach = (outline: typeof front, id: string): number => {
    const path = outline && pathOfEdge(outline, id);
    return path ? Math.min(Math.abs(startOf(path).x), Math.abs(endOf(path).x)) : NaN;
  };
  // The crotch point lies that far beyond the centre line, which is x = 0.
  expect(Math.abs(startOf(edge(leg, 'front.crotch')).x)).toBeCloseTo(31.67, 1);
  expect(Math.abs(endOf(edge(leg, 'back.crotch')).x)).toBeCloseTo(63.33, 1);
  expect(reach(front, 'crotch')).toBeLessThan(31);
  expect(reach(back, 'crotch')).toBeLessThan(63);
  const crotch = byBezier(edge(leg, 'front.crotch')) + byBezier(edge(leg, 'back.crotch'));
  const rest = leg.zones.find(({ zone }) => zone === 'rise')?.rest ?? '';
  expect(crotch).toBeCloseTo(leg.mm(rest), 2);
  expect(byBezier(edge(leg, 'front.inseam'))).toBeCloseTo(byBezier(edge(leg, 'back.inseam')), 2);
});

test('worked value of the brief block: front, gusset and back are the leg’s girth, by another library', () => {
  const brief = draftedOf({ kind: 'briefs' });
  const leg = ['front.leg', 'gusset.leg', 'back.leg'].reduce(
    (sum, name) => sum + byBezier(edge(brief, name)),
    0,
  );
  expect(leg).toBeCloseTo(brief.mm(brief.zones.find(({ zone }) => zone === 'leg')?.rest ?? ''), 2);
  const centres = ['front', 'gusset', 'back'].reduce(
    (sum, piece) => sum + lengthOf(edge(brief, `${piece}.centre`)),
    0,
  );
  expect(centres).toBeCloseTo(brief.mm(brief.zones.find(({ zone }) => zone === 'rise')?.rest ?? ''), 6);
});

/** A peak is meant where a strap is folded into the top of two cups: nothing runs on over it. */
const MEANT = ['cup upper edge'];

describe.each(everyStyle)('%s, %s: every body in every cloth', (kind, style) => {
  const cases = twelveBodies.flatMap((wearer) => fiveCloths.map((cloth) => ({ kind, style, wearer, cloth })));
  const drafts = () =>
    cases.map((one) => ({ at: `${one.wearer.name}, ${one.cloth.name}`, of: draftedOf(one) }));

  test('comes out sound: simple outlines, seams that walk and run on, girths as planned', () => {
    const wrong: string[] = [];
    for (const { at, of } of drafts()) {
      const say = (what: string) => wrong.push(`${at}: ${what}`);
      of.says.forEach(say);
      for (const shape of of.kind.shapes) {
        const outline = of.drawn.outlines[shape.id];
        if (!outline) {
          say(`no ${shape.id}`);
          continue;
        }
        const round = roundPiece(outline);
        if (!(areaOf(round) > 0)) say(`${shape.id} runs the wrong way`);
        if (crossingsOf(flattened(round)).length > 0) say(`${shape.id} crosses itself`);
      }
      for (const seam of of.pieces.seams) {
        if (seam.verdict === 'wrong') say(`${seam.id} does not walk`);
        if (seam.notchFault || seam.stretches.some(({ goesOn }) => !goesOn)) say(`notches of ${seam.id}`);
        for (const { at: where, smooth, kink } of seam.crossings)
          if (!smooth && !MEANT.includes(`${seam.id} ${where}`))
            say(`${seam.id}, ${where}: a kink of ${of.mm(kink)}`);
      }
      for (const zone of of.kind.zones) {
        const parts = girthParts(of.kind, of.drawn.outlines, zone);
        const planned = of.zones.find((one) => one.zone === zone.id);
        if (
          parts &&
          planned &&
          Math.abs(girthMm(parts) - of.mm(planned.rest)) > 0.5 &&
          !isTakenIn(of, zone.id)
        )
          say(`${zone.id}: ${girthMm(parts)} for ${of.mm(planned.rest)}`);
      }
    }
    expect(wrong).toEqual([]);
  });
});

/** A leg edge that cannot be as short as its leg says so: its elastic takes it in. */
const isTakenIn = ({ draft }: ReturnType<typeof draftedOf>, zone: string): boolean =>
  zone === 'leg' && draft.plan.notes.length > 0;

test('a piece drafted for both sides is the same on both: a whole one is its own mirror image', () => {
  const outline = draftedOf({ kind: 'collar-pullover' }).drawn.outlines.collar;
  const round = outline ? flattened(roundPiece(outline)) : [];
  const middleX = (Math.min(...round.map(({ x }) => x)) + Math.max(...round.map(({ x }) => x))) / 2;
  expect(middleX).toBeCloseTo(0, 6);
  expect(round.length).toBeGreaterThan(20);
});

describe('no jumps: a measure that is 1 mm more moves no point by more than 5 mm', () => {
  test.each(drafted.map(({ kind }) => kind))('%s', (kind) => {
    const wearers = ['two years', 'large hips'].map(bodyCalled);
    let most = 0;
    for (const wearer of wearers) {
      const before = draftedOf({ kind, wearer });
      const values = wearer.measurements.now?.values ?? {};
      for (const measure of kindOf({ kind }).needs.map((need) => need.measure)) {
        const known = values[measure];
        if (known === undefined) continue;
        const after = draftedOf({ kind, wearer: withMeasures(wearer, { [measure]: known + 1 }) });
        for (const [id, { edges }] of Object.entries(before.drawn.outlines))
          for (const { of, path } of edges) {
            const moved = edge(after, `${id}.${of.id}`);
            for (const share of [0, 0.3, 0.7, 1])
              most = Math.max(
                most,
                distance(
                  pointAlong(path, share * lengthOf(path)),
                  pointAlong(moved, share * lengthOf(moved)),
                ),
              );
          }
      }
    }
    expect(most).toBeGreaterThan(0.05);
    expect(most).toBeLessThan(5);
  });
});

describe('what is missing, and what cannot be', () => {
  test('a measure that nobody took is estimated and named', () => {
    const { draft } = draftedOf({
      kind: 'tee',
      wearer: without(middle, 'backLength', 'stature', 'armLength'),
    });
    expect(draft.plan.faults).toEqual([]);
    expect(draft.plan.estimated.map(({ measure }) => measure).toSorted()).toEqual([
      'armLength',
      'backLength',
      'stature',
    ]);
  });

  test('a child’s height is the median of its age, by the published table (S, from memory: WHO child growth standards)', () => {
    const five = { ...without(bodyCalled('four years'), 'stature'), bornOn: '2021-11-30' };
    const { mm } = draftedOf({ kind: 'tee', wearer: without(five, 'backLength') });
    // 110.0 cm of boys and 109.4 cm of girls.
    expect(Math.abs(mm('draft.body.stature') - 1097)).toBeLessThan(3);
  });

  test.each([
    ['tee', { hip: 480, waist: 740 }, /hip.*waist.*measure both again/i],
    ['leggings', { inseam: 1100, stature: 1650 }, /inside leg.*height.*measure both again/i],
    ['leggings', { thigh: 400, hip: 1000 }, /thigh.*measure both again/i],
    ['briefs', { lowRise: 150 }, /crotch length.*measure it again/i],
    ['briefs', { legTop: 300 }, /top of the leg/i],
    ['leggings', { bodyRise: 120 }, /crotch length.*body rise.*measure both again/i],
    ['tee', { backLength: 215 }, /back length and the bust again/i],
    ['shelf-bra-top', { loop: 900 }, /torso loop/i],
  ] as const)('%s with %o says which measure', (kind, values, sentence) => {
    const { says, drawn } = draftedOf({ kind, wearer: withMeasures(middle, values) });
    expect(says.join(' ')).toMatch(sentence);
    expect(drawn.outlines).toEqual({});
  });

  test('without a tested cloth it waits', () => {
    const { outer: _, ...facts } = factsOf({ kind: 'tee' });
    void _;
    const plan = planGarment(facts, { onDate: TODAY });
    expect(plan.draft?.faults).toHaveLength(1);
    expect(plan.pieces.pieces.some(({ outlined }) => outlined)).toBe(false);
  });

  test('an arm too wide for its armhole makes that deeper, and says so', () => {
    const { draft, says, mm } = draftedOf({ kind: 'tee', wearer: withMeasures(middle, { biceps: 400 }) });
    expect(says).toEqual([]);
    expect(draft.plan.notes.length).toBe(1);
    expect(mm('draft.drawn.armhole.moved')).toBeGreaterThan(1);
  });
});

describe('shaped by hand', () => {
  test('a neckline that was moved is where it was put; one that was not goes over the head', () => {
    const solved = draftedOf({ kind: 'tee', cloth: firm });
    const round = (one: typeof solved): number =>
      2 * (lengthOf(edge(one, 'front.neckline')) + lengthOf(edge(one, 'back.neckline')));
    expect(round(solved)).toBeCloseTo(solved.mm('draft.asked.neckline'), 4);
    const moved = draftedOf({ kind: 'tee', cloth: firm, shaped: { 'neck-front': 140 } });
    expect(startOf(edge(moved, 'front.neckline')).y).toBeCloseTo(140, 6);
    expect(round(moved)).not.toBeCloseTo(round(solved), 0);
  });

  test('it moves within what is sensible, and says what that is', () => {
    const { draft, mm } = draftedOf({ kind: 'tee', shaped: { 'neck-front': 900, length: -50 } });
    for (const id of ['neck-front', 'length']) {
      const choice = draft.choices.find((one) => one.id === id);
      expect(choice?.chosen).toBe(true);
      expect(mm(choice?.value ?? '')).toBe(id === 'length' ? choice?.leastMm : choice?.mostMm);
    }
  });

  test('a tank goes past its shelf: its side is as wide under the bust as between bust and hip, whatever the shelf is', () => {
    const tank = (underbust: number) =>
      draftedOf({ kind: 'shelf-bra-top', style: 'fitted', wearer: withMeasures(middle, { underbust }) });
    expect(edge(tank(700), 'front.side')).toEqual(edge(tank(830), 'front.side'));
    expect(edge(tank(700), 'shelf-front.side')).not.toEqual(edge(tank(830), 'shelf-front.side'));
  });

  test('every handle is of a choice, and lies on its piece or at it', () => {
    for (const { kind } of drafted) {
      const { draft, drawn } = draftedOf({ kind });
      for (const { choice, piece, at } of draft.handles) {
        expect(draft.choices.map(({ id }) => id)).toContain(choice);
        const outline = drawn.outlines[piece];
        if (!outline) throw new Error(`expected the piece ${piece}, got none`);
        expect([choice, nearestOnPath(roundPiece(outline), at).offMm]).toEqual([
          choice,
          expect.closeTo(0, 0),
        ]);
      }
    }
  });

  test.each(['tee', 'leggings', 'briefs', 'cardigan', 'raglan', 'boxer-briefs', 'shelf-bra-top'] as const)(
    '%s: at either end of every choice the draft is sound, or says why not',
    (kind) => {
      const usual = draftedOf({ kind });
      for (const { id, leastMm, mostMm } of usual.draft.choices)
        for (const mm of [leastMm, mostMm]) {
          const { says, drawn, pieces } = draftedOf({ kind, shaped: { [id]: mm } });
          if (says.length > 0) continue;
          for (const outline of Object.values(drawn.outlines))
            expect([id, mm, crossingsOf(flattened(roundPiece(outline)))]).toEqual([id, mm, []]);
          expect([
            id,
            mm,
            pieces.seams.filter(({ verdict }) => verdict === 'wrong').map((one) => one.id),
          ]).toEqual([id, mm, []]);
        }
    },
  );
});

test('every solved number opens to its equation, and both its sides agree', () => {
  for (const { kind } of drafted) {
    const { draft, mm } = draftedOf({ kind });
    for (const { left, right, equation } of draft.plan.solved) {
      expect(equation.length).toBeGreaterThan(20);
      expect(mm(left)).toBeCloseTo(mm(right), 4);
    }
  }
});

test.each(everyStyle)('%s, %s: an opening passes, or the plan says that it does not', (kind, style) => {
  for (const wearer of [middle, bodyCalled('four years'), bodyCalled('bust 1,500')]) {
    const plan = planGarment(factsOf({ kind, style, wearer }), { onDate: TODAY });
    expect(plan.draft?.faults).toEqual([]);
    for (const { id, ok } of plan.openings)
      expect([id, ok || plan.problems.some((problem) => problem.id.includes(id))]).toEqual([id, true]);
  }
});

import { getNumber, createLedger } from '../explain/ledger';
import { newGarment, type Garment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import { ONE_SIZE } from '../facts/outline';
import { newPattern } from '../facts/pattern';
import { kindOf } from '../garments/kindOf';
import { endOf, lengthOf, startOf, type Path } from '../geometry/path';
import { dot } from '../geometry/point';
import { boundsOf } from '../geometry/ring';
import { pathOfEdge } from '../pieces/outline';
import { planFitted } from '../plan/planFitted';
import { planGarment } from '../plan/planGarment';
import { arrives, setsOut } from './lines';
import { COVERAGE, backLeg, frontLeg } from './legEdge';
import { fiveCloths, twelveBodies } from './testBodies';

const TODAY = '2026-11-30';
const [wearer] = twelveBodies.filter(({ name }) => name === 'middle');
const [, , outer, , band] = fiveCloths;

const factsOf = (
  kind: KindId,
  shaped: Readonly<Record<string, number>> = {},
  more: Partial<Garment> = {},
) => ({
  garment: { ...newGarment('Drafted', kind), draft: { shaped }, ...more },
  ...(wearer && outer && band ? { wearer, outer, band } : {}),
});

function drafted(kind: KindId, shaped: Readonly<Record<string, number>> = {}, more: Partial<Garment> = {}) {
  const facts = factsOf(kind, shaped, more);
  const book = createLedger();
  const { drawn, zones, draft } = planFitted(book, facts, kindOf(facts.garment), TODAY);
  const edge = (name: string): Path => {
    const [piece = '', id = ''] = name.split('.');
    const outline = drawn.outlines[piece];
    const path = outline && pathOfEdge(outline, id);
    if (!path) throw new Error(`expected the edge "${name}", got none`);
    return path;
  };
  return {
    edge,
    draft,
    outlines: drawn.outlines,
    mm: (name: string) => lengthOf(edge(name)),
    rest: (zone: string) => getNumber(book.numbers, zones.find((one) => one.zone === zone)?.rest ?? '').value,
  };
}

describe('legs', () => {
  test('the outside legs of front and back are one line: as long, and as far out at every height', () => {
    const leg = drafted('leggings');
    expect(leg.mm('front.outseam')).toBeCloseTo(leg.mm('back.outseam'), 9);
    expect(startOf(leg.edge('front.outseam')).x).toBeCloseTo(-endOf(leg.edge('back.outseam')).x, 9);
  });

  test('the waist edges together are the waist, square to the outside leg', () => {
    const leg = drafted('leggings');
    expect(2 * (leg.mm('front.waist') + leg.mm('back.waist'))).toBeCloseTo(leg.rest('waist'), 4);
    expect(dot(arrives(leg.edge('front.waist')), setsOut(leg.edge('front.outseam')))).toBeCloseTo(0, 9);
  });

  test('cut off above the knee they are shorter, and have no zone below the hem', () => {
    const [long, short] = [drafted('leggings'), drafted('leggings', { 'leg-length': 180 })];
    expect(endOf(short.edge('front.outseam')).y).toBeLessThan(endOf(long.edge('front.outseam')).y - 400);
    expect(Object.keys(short.outlines.front?.shape.levels ?? {})).not.toContain('calf');
    expect(Object.keys(long.outlines.front?.shape.levels ?? {})).toContain('ankle');
  });

  test('in one piece: the inside leg is the plan’s, and the side is straight: half the hip from crotch to crotch', () => {
    const leg = drafted('foldover-trousers');
    expect(leg.mm('leg.front-inseam')).toBeCloseTo(leg.rest('inseam'), 4);
    expect(leg.mm('leg.back-inseam')).toBeCloseTo(leg.mm('leg.front-inseam'), 4);
    expect(2 * leg.mm('leg.waist')).toBeCloseTo(leg.rest('waist'), 4);
    const wide = drafted('foldover-trousers', { 'hem-width': 700 });
    expect(wide.mm('leg.hem')).toBeCloseTo(700, 6);
  });

  test('boxer briefs: a leg as round at the hem as at the top, centre back and pouch as long as the crotch length', () => {
    const boxer = drafted('boxer-briefs');
    const [hem, front] = [boxer.edge('body.leg'), boxer.edge('body.front-crotch')];
    expect(boxer.mm('body.leg')).toBeCloseTo(boxer.rest('thigh'), 6);
    expect(dot(arrives(front), setsOut(hem))).toBeCloseTo(0, 9);
    expect(boxer.mm('body.centre') + boxer.mm('pouch.centre-seam')).toBeCloseTo(
      wearer?.measurements.now?.values.rise ?? NaN,
      3,
    );
    expect(boxer.mm('pouch.body')).toBeCloseTo(boxer.mm('body.pouch'), 9);
    const { left, right } = boundsOf(boxer.edge('pouch.centre-seam'));
    expect(right - left).toBeGreaterThan(10);
  });
});

describe('briefs', () => {
  test('sides agree, the gusset’s ends are as wide as what they meet, quarters are the girths', () => {
    const brief = drafted('briefs');
    expect(brief.mm('front.side')).toBeCloseTo(brief.mm('back.side'), 9);
    expect(brief.mm('front.crotch')).toBe(brief.mm('gusset.front'));
    expect(brief.mm('back.crotch')).toBe(brief.mm('gusset.back'));
    expect(4 * brief.mm('front.waist')).toBeCloseTo(brief.rest('low-hip'), 6);
    expect(4 * endOf(brief.edge('front.side')).x).toBeCloseTo(brief.rest('hip'), 6);
  });

  test('a front is cut away the more the fuller, a back covers the more; both arrive plumb and leave level', () => {
    const ends = { from: { x: 220, y: 70 }, down: { x: 0, y: 1 }, to: { x: 33, y: 160 } };
    expect([0.1, 0.5, 0.9].map((share) => lengthOf(frontLeg(ends, share)))).toEqual(
      [0.1, 0.5, 0.9].map((share) => lengthOf(frontLeg(ends, share))).toSorted((a, b) => a - b),
    );
    const lowest = (path: Path) => Math.max(...path.map(({ to, from }) => (to.y + from.y) / 2));
    expect(lowest(backLeg(ends, COVERAGE.full))).toBeGreaterThan(lowest(backLeg(ends, COVERAGE.less)));
    for (const path of [frontLeg(ends, 0.4), backLeg(ends, 20)]) {
      expect(setsOut(path).y).toBeCloseTo(0, 9);
      expect(arrives(path).x).toBeCloseTo(0, 9);
    }
  });

  test('whatever of side, gusset and coverage is chosen, the leg edge stays the leg', () => {
    const round = (one: ReturnType<typeof drafted>) =>
      one.mm('front.leg') + one.mm('gusset.leg') + one.mm('back.leg');
    for (const [choice, mm] of [
      ['coverage', 25],
      ['coverage', -20],
      ['gusset', 130],
      ['side', 60],
    ] as const) {
      const brief = drafted('briefs', { [choice]: mm });
      expect(brief.draft?.plan.faults).toEqual([]);
      expect(round(brief)).toBeCloseTo(brief.rest('leg'), 3);
    }
  });

  test('with rings: each panel is its share of the girth, and what is between them is left to the straps', () => {
    const panties = drafted('lace-panties');
    expect(2 * panties.mm('front.top')).toBeCloseTo(0.42 * panties.rest('low-hip'), 6);
    expect(2 * panties.mm('back.back-top')).toBeCloseTo(0.4 * panties.rest('low-hip'), 6);
  });

  test('a one-piece: over the shoulder and between the legs it is the loop, front and back together', () => {
    const swim = drafted('shelf-bra-top');
    const foot = (piece: string) => endOf(swim.edge(`${piece}.crotch`)).y;
    expect(foot('front') + foot('back')).toBeCloseTo(swim.rest('loop'), 6);
    expect(swim.mm('front.leg') + swim.mm('back.leg')).toBeCloseTo(swim.rest('leg'), 3);
  });
});

describe('the rest', () => {
  test('a skirt is as wide at the hip as planned, square at both ends of its side, and flares by what is said', () => {
    const skirt = drafted('stretch-waist', { 'hem-width': 400 });
    const side = skirt.edge('front.side');
    const [top, foot] = [startOf(side), endOf(side)];
    const atHip = top.x + 0.25 * (foot.x - top.x);
    expect(4 * atHip).toBeCloseTo(skirt.rest('hip'), 6);
    expect(4 * foot.x - skirt.rest('hip')).toBeCloseTo(400, 6);
    expect(dot(setsOut(skirt.edge('front.hem')), setsOut(side))).toBeCloseTo(0, 9);
  });

  test('cups: both sides of their seam are mirror images, and their lower edges are the band and its fullness', () => {
    const cups = drafted('bralette');
    expect(cups.mm('cup-inner.cup')).toBeCloseTo(cups.mm('cup-outer.cup'), 9);
    expect(4 * (cups.mm('cup-inner.lower') + cups.mm('cup-outer.lower'))).toBeCloseTo(
      1.1 * cups.rest('underbust'),
      3,
    );
  });
});

describe.each([
  'tee',
  'leggings',
  'briefs',
  'raglan',
  'cardigan',
  'boxer-briefs',
  'one-shoulder-top',
] as const)('%s: kept as a pattern', (kind) => {
  const facts = factsOf(kind);
  const of = kindOf(facts.garment);
  const { drawn } = planFitted(createLedger(), facts, of, TODAY);
  const pattern = {
    ...newPattern('Kept', kind),
    source: 'drafted here' as const,
    shapes: { [ONE_SIZE]: drawn.facts },
  };
  const { draft: _, ...bare } = facts.garment;
  void _;
  const kept = planGarment({ ...facts, garment: { ...bare, patternId: 'kept' }, pattern }, { onDate: TODAY });
  const drafting = planGarment(facts, { onDate: TODAY });

  test('its pieces are read as they were drafted: every edge, seam and girth', () => {
    expect(kept.draft).toBeUndefined();
    expect(kept.pieces.pieces.map(({ fault }) => fault)).toEqual(of.shapes.map(() => undefined));
    const lengths = ({ pieces, numbers }: typeof kept) => [
      ...pieces.pieces.flatMap(({ edges }) => edges.map(({ length }) => numbers[length]?.value)),
      ...Object.values(pieces.girths).map((id) => numbers[id]?.value),
    ];
    const [a, b] = [lengths(kept), lengths(drafting)];
    expect(a.length).toBeGreaterThan(5);
    a.forEach((mm, nth) => expect(mm).toBeCloseTo(b[nth] ?? NaN, 3));
    expect(kept.pieces.seams.map(({ verdict }) => verdict)).toEqual(
      drafting.pieces.seams.map(({ verdict }) => verdict),
    );
  });

  test('it fits as it is: nothing is to be taken off', () => {
    for (const { pattern: advice } of kept.zones)
      if (advice) expect(kept.numbers[advice.perSeamEdge]?.value).toBeLessThan(0.3);
  });
});

test('a garment with a pattern is not drafted, whatever its facts say', () => {
  const facts = factsOf('tee');
  const plan = planGarment({ ...facts, pattern: newPattern('Bought', 'tee') }, { onDate: TODAY });
  expect(plan.draft).toBeUndefined();
  const traced = planGarment(factsOf('bra'), { onDate: TODAY });
  expect(traced.draft).toBeUndefined();
});

import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { household } from '@/demo/household';
import { newGarment, type Garment } from '../facts/garment';
import { ONE_SIZE, type Shapes } from '../facts/outline';
import type { Cloth } from '../facts/cloth';
import { newPattern, type Pattern } from '../facts/pattern';
import { latestMeasures } from '../fit/latestMeasures';
import type { Wearer } from '../facts/wearer';
import { fittingGirths } from '../pieces/fittingGirths';
import { catalogue } from '../garments/catalogue';
import { made } from '../pieces/alter/testShapes';
import { practiceTee } from '../pieces/practice';
import { withNotches } from '../pieces/notches';
import { rectanglesOf } from '../ticket/rectangles';
import { phraseText } from '../explain/display';
import { planSewing } from '../sewing/planSewing';
import { planGarment } from './planGarment';

const { wearers, cloths } = household(TODAY);
const bare: Garment = { ...newGarment('Tee', 'tee'), style: 'regular' };
const traced: Pattern = { ...newPattern('Traced', 'tee'), shapes: { [ONE_SIZE]: practiceTee } };

const planOf = (garment: Garment, pattern?: Pattern) => {
  const facts = {
    garment,
    wearer: wearers.odile as Wearer,
    outer: cloths['heron-jersey'] as Cloth,
    band: cloths['marsh-rib'] as Cloth,
    ...(pattern ? { pattern } : {}),
  };
  const plan = planGarment(facts, { onDate: TODAY });
  return {
    plan,
    facts,
    mm: (id: string | undefined) => plan.numbers[id ?? '']?.value ?? NaN,
    edge: (id: string) => plan.edges.find((one) => one.id === id),
  };
};

const typedNeck = (wholeMm: number, turnRad: number, backMm: number): Garment => ({
  ...bare,
  edges: { neckline: { measured: { as: 'seamline', wholeMm, turnRad, backMm } } },
});

test('a neckband cut to the outline is the neckband cut to the same neckline typed', () => {
  const outlined = planOf(bare, traced);
  const run = outlined.plan.pieces.runs.neckline;
  const length = outlined.mm(outlined.edge('neckline')?.length);
  const typed = planOf(typedNeck(length, outlined.mm(run?.turn), outlined.mm(run?.back)));
  const bandOf = ({ plan }: typeof typed) =>
    plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'neckband')?.length?.exact;
  const [a, b] = [outlined.plan.numbers[bandOf(outlined) ?? ''], typed.plan.numbers[bandOf(typed) ?? '']];
  expect(a?.value).toBeGreaterThan(300);
  expect(a?.value).toBeCloseTo(b?.value ?? NaN, 6);
  const markingOf = ({ edge }: typeof typed) => edge('neckline')?.strips[0]?.marking?.seams[0]?.at;
  expect(outlined.mm(markingOf(outlined))).toBeCloseTo(typed.mm(markingOf(typed)), 6);
});

test('the length of an edge is the sum of its pieces, by hand', () => {
  const { plan, mm, edge } = planOf(bare, traced);
  const front = mm('piece.front.neckline');
  const back = mm('piece.back.neckline');
  expect(mm(edge('neckline')?.length)).toBeCloseTo(2 * front + 2 * back, 6);
  expect(plan.numbers[edge('neckline')?.length ?? '']?.note).toMatch(/Measured on the outlines/);
  // The stay is one back shoulder, the sleeve hem one sleeve.
  expect(mm(edge('shoulder')?.length)).toBeCloseTo(mm('piece.back.shoulder'), 6);
  expect(mm(edge('sleeve-hem')?.length)).toBeCloseTo(mm('piece.sleeve.hem'), 6);
});

test('what is typed counts, with how far it is from the outline', () => {
  const { plan, mm, edge } = planOf(typedNeck(500, 4.9, 190), traced);
  expect(mm(edge('neckline')?.length)).toBe(500);
  const apart = plan.pieces.apart.edges.neckline;
  expect(mm(apart)).toBeCloseTo(500 - mm(plan.pieces.edges.neckline), 6);
  expect(planOf(bare, traced).plan.pieces.apart).toEqual({ edges: {}, zones: {} });
});

test('the girth at a zone is the outline’s, and what to change follows; a typed one counts', () => {
  const outlined = planOf(bare, traced);
  const bust = outlined.plan.zones.find(({ zone }) => zone === 'bust');
  expect(outlined.mm(bust?.pattern?.girth)).toBeCloseTo(outlined.mm(outlined.plan.pieces.girths.bust), 6);
  const change = outlined.mm(bust?.pattern?.girth) - outlined.mm(bust?.rest);
  expect(outlined.mm(bust?.pattern?.perSeamEdge)).toBeCloseTo(Math.abs(change) / 4, 6);
  const typed = planOf({ ...bare, pattern: { ...bare.pattern, finished: { bust: 1000 } } }, traced);
  const own = typed.plan.zones.find(({ zone }) => zone === 'bust');
  expect(typed.mm(own?.pattern?.girth)).toBe(1000);
  expect(typed.mm(typed.plan.pieces.apart.zones.bust)).toBeCloseTo(
    1000 - outlined.mm(outlined.plan.pieces.girths.bust),
    6,
  );
});

test('rows are as long as their seams: thread is reckoned by the outlines', () => {
  const { plan, facts } = planOf(bare, traced);
  const sewing = planSewing(facts, plan);
  const side = sewing.numbers['seam.side.row']?.value ?? NaN;
  // A side and the underarm of its sleeve, in one go.
  const sideMm = plan.numbers['piece.front.side']?.value ?? NaN;
  const underarmMm = plan.numbers['piece.sleeve.front-underarm']?.value ?? NaN;
  expect(side).toBeCloseTo(sideMm + underarmMm, 6);
  const without = planSewing(planOf(bare).facts, planOf(bare).plan);
  expect(without.numbers['seam.side.row']).toBeUndefined();
  expect(without.numbers['length.side']).toBeDefined();
  expect(sewing.numbers['length.side']).toBeUndefined();
});

test('outlines of another size are not taken for those of the size that is cut', () => {
  const sized: Pattern = {
    ...traced,
    sizes: {
      s: { label: 'S', order: 0, values: { bust: 880 } },
      m: { label: 'M', order: 1, values: { bust: 960 } },
    },
    shapes: { s: practiceTee },
  };
  expect(planOf({ ...bare, sizeId: 'm' }, sized).plan.pieces.edges).toEqual({});
  expect(Object.keys(planOf({ ...bare, sizeId: 's' }, sized).plan.pieces.edges)).toContain('neckline');
});

test('graded between sizes, each zone is as wide as the outlines of the size advised there, and seams go together', () => {
  const { bust, hip } = latestMeasures(wearers.odile as Wearer);
  const [b, h] = [bust?.mm ?? 0, hip?.mm ?? 0];
  const wider = (by: number): Shapes =>
    Object.fromEntries(
      Object.entries(practiceTee).map(([id, facts]) => [
        id,
        { ...facts, ring: facts.ring.map((knot) => ({ ...knot, x: knot.x * by })) },
      ]),
    );
  const sized: Pattern = {
    ...traced,
    sizes: {
      s: { label: 'S', order: 0, values: { bust: b, hip: h - 80 } },
      m: { label: 'M', order: 1, values: { bust: b + 80, hip: h } },
    },
    shapes: { s: wider(1), m: wider(1.08) },
  };
  const girthsIn = (sizeId: string) => {
    const { plan, mm } = planOf({ ...bare, sizeId }, sized);
    return Object.fromEntries(Object.entries(plan.pieces.girths).map(([zone, id]) => [zone, mm(id)]));
  };
  const [small, medium] = [girthsIn('s'), girthsIn('m')];
  const alterations: Garment['alterations'] = [{ id: 'a', change: 'girths', bySizes: true }];
  const { plan, mm } = planOf({ ...bare, sizeId: 's', alterations }, sized);
  expect(plan.size?.zones.map(({ zone, nearest }) => [zone, nearest])).toEqual([
    ['bust', 's'],
    ['hip', 'm'],
  ]);
  expect(plan.pieces.alterations[0]).toMatchObject({ label: 'Graded between sizes' });
  expect(plan.pieces.alterations[0]?.fault).toBeUndefined();
  expect(mm(plan.pieces.girths.bust)).toBeCloseTo(small.bust ?? NaN, 0);
  expect(mm(plan.pieces.girths.hip)).toBeCloseTo(medium.hip ?? NaN, 0);
  expect(Math.abs((medium.hip ?? 0) - (small.hip ?? 0))).toBeGreaterThan(50);
  expect(plan.pieces.seams.filter(({ verdict }) => verdict === 'wrong')).toEqual([]);
  // Without a table nothing says which size to take where.
  const untold = planOf({ ...bare, alterations }, traced);
  expect(untold.plan.pieces.alterations[0]?.fault).toMatch(/needs a size table/);
});

test('who cuts a piece is told where its notches are, on the pieces as they are altered', () => {
  const side = withNotches(practiceTee.front, 'side', [{ atMm: 100 }, { atMm: 200, double: true }]);
  const notched: Pattern = { ...traced, shapes: { [ONE_SIZE]: { ...practiceTee, front: side } } };
  const line = (garment: Garment, piece: string) => {
    const { plan } = planOf(garment, notched);
    const row = plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === piece);
    return (row?.details ?? []).map((one) => phraseText(one, plan.numbers, 'cm')).join('; ');
  };
  expect(line(bare, 'front')).toMatch(
    /notch on the side, 10\.0 cm from the armhole; double notch on the side, 20\.0 cm from the armhole$/,
  );
  expect(line(bare, 'back')).not.toMatch(/notch/);
  const longer: Garment = {
    ...bare,
    alterations: [{ id: 'a', change: 'along', share: -0.1 }],
  };
  expect(line(longer, 'front')).toMatch(/notch on the side, 11\.0 cm from the armhole/);
});

test('bands are rectangles by themselves, as long and as wide as the ticket has them', () => {
  const { plan, mm } = planOf(bare, traced);
  const [band, ...others] = rectanglesOf(plan.ticket, plan.numbers);
  const row = plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'neckband');
  expect(others).toEqual([]);
  expect(band).toMatchObject({ id: 'neckband', count: 1 });
  expect(band?.longMm).toBe(mm(row?.length?.exact));
  expect(band?.wideMm).toBe(mm(row?.width?.exact));
});

test('a traced garment that fits has its girths as drawn, whatever is altered, and is a school of its own', () => {
  const { plan, mm } = planOf({ ...bare, alterations: [{ id: 'a', change: 'girths' }] }, traced);
  const girths = fittingGirths(catalogue.tee, plan.pieces, plan.numbers);
  expect(Object.keys(girths).toSorted()).toEqual(['biceps', 'bust', 'hip', 'waist']);
  expect(girths.bust).toBeCloseTo(mm('fit.bust.drawn'), 0);
  const odile = wearers.odile as Wearer;
  const wearer = { ...odile, fits: { own: { name: 'Old tee', stretchAround: 0.5, girths } } };
  const like = planGarment(
    { garment: { ...bare, likeId: 'own' }, wearer, outer: cloths['heron-jersey'] as Cloth },
    { onDate: TODAY },
  );
  const school = like.zones[0]?.schools.find((one) => one.school === 'like');
  // It is larger than the body, so this one is larger by as much, whatever the cloth (by hand).
  const body = like.numbers[like.zones[0]?.body ?? '']?.value ?? NaN;
  expect(girths.bust).toBeGreaterThan(body);
  expect(like.numbers[school?.extension ?? '']?.value).toBeCloseTo(body / (girths.bust ?? NaN) - 1, 9);
});

describe('alterations', () => {
  const toPlan: Garment = { ...bare, alterations: [{ id: 'to-plan', change: 'girths' }] };
  const ticketOf = ({ plan }: ReturnType<typeof planOf>) =>
    plan.ticket
      .flatMap(({ rows }) => rows)
      .filter(({ id }) => id === 'front')
      .flatMap(({ details }) =>
        details.map((line) => line.filter((part) => typeof part === 'string').join('…')),
      );

  test('to the plan: every zone is as the plan has it, and the ticket says what was altered and no more what to take off', () => {
    const [drawn, altered] = [planOf(bare, traced), planOf(toPlan, traced)];
    for (const zone of ['bust', 'waist', 'hip'])
      expect(
        Math.abs(altered.mm(altered.plan.pieces.girths[zone]) - altered.mm(`fit.${zone}.rest`)),
      ).toBeLessThan(0.5);
    expect(ticketOf(drawn).some((line) => /take|add/.test(line))).toBe(true);
    expect(ticketOf(altered).some((line) => /take|add/.test(line))).toBe(false);
    expect(ticketOf(altered).filter((line) => line.startsWith('altered: '))).toHaveLength(3);
    // By hand: the change all round, over four side edges.
    const each = altered.plan.numbers['alter.to-plan.waist.each'];
    const off = altered.mm('fit.waist.drawn') - altered.mm('fit.waist.rest');
    expect(each?.value).toBeCloseTo(Math.abs(off) / 4, 6);
  });

  test('a girth that was typed is the pattern as drawn: the outlines change by as much as that has to', () => {
    const typed: Garment = {
      ...toPlan,
      pattern: { ...toPlan.pattern, finished: { bust: 1040 } },
    };
    const { plan, mm } = planOf(typed, traced);
    const bust = plan.zones.find(({ zone }) => zone === 'bust');
    expect(Math.abs(mm(bust?.pattern?.girth) - mm(bust?.rest))).toBeLessThan(0.5);
    expect(mm(plan.pieces.girths.bust) - mm('fit.bust.drawn')).toBeCloseTo(mm(bust?.rest) - 1040, 1);
    expect(mm(plan.pieces.apart.zones.bust)).toBeCloseTo(1040 - mm('fit.bust.drawn'), 1);
  });

  test('switched off it changes nothing, and a lower neckline makes the neckband longer', () => {
    const off: Garment = { ...bare, alterations: [{ id: 'a', change: 'girths', off: true }] };
    const [drawn, same] = [planOf(bare, traced), planOf(off, traced)];
    expect(same.plan.pieces.girths.waist && same.mm('fit.waist.outline')).toBe(drawn.mm('fit.waist.outline'));
    const lower: Garment = {
      ...bare,
      alterations: [{ id: 'a', change: 'edge', piece: 'front', edge: 'neckline', startMm: 20 }],
    };
    const longer = planOf(lower, traced);
    const by = longer.mm(longer.edge('neckline')?.length) - drawn.mm(drawn.edge('neckline')?.length);
    expect(by).toBeGreaterThan(20);
    expect(by).toBeLessThan(40);
    expect(longer.plan.numbers['piece.front.neckline']?.note).toMatch('as altered');
  });

  test('one that cannot be made says so and is left out', () => {
    const far: Garment = {
      ...bare,
      alterations: [{ id: 'a', change: 'edge', piece: 'front', edge: 'neckline', endMm: 250 }],
    };
    const { plan } = planOf(far, traced);
    expect(plan.pieces.alterations).toEqual([
      {
        id: 'a',
        label: 'Front, neckline',
        off: false,
        does: [],
        pieces: [],
        fault: expect.stringMatching('less'),
      },
    ]);
  });
});

test('lengthwise by the plan’s ease: leggings become shorter by what they are to be smaller along the body', () => {
  const drawn = fc.sample(made.leggings!.facts, { seed: 21, numRuns: 1 })[0] ?? {};
  const garment: Garment = {
    ...newGarment('Leggings', 'leggings'),
    alterations: [{ id: 'a', change: 'along' }],
  };
  const facts = {
    garment,
    wearer: wearers.wren as Wearer,
    outer: cloths['loon-swim'] as Cloth,
    pattern: { ...newPattern('Leggings', 'leggings'), shapes: { [ONE_SIZE]: drawn } },
  };
  const length = (one: Garment) => {
    const plan = planGarment({ ...facts, garment: one }, { onDate: TODAY });
    return { plan, mm: plan.numbers['piece.front.outseam']?.value ?? NaN };
  };
  const [before, after] = [length({ ...garment, alterations: [] }), length(garment)];
  const rise = after.plan.zones.find(({ zone }) => zone === 'rise');
  const ease = after.plan.numbers[rise?.negativeEase ?? '']?.value ?? NaN;
  expect(ease).toBeGreaterThan(0.005);
  expect(after.mm / before.mm).toBeCloseTo(1 - ease, 2);
  // The sentence holds the plan’s own number, so that it opens to where that comes from.
  expect(after.plan.pieces.alterations[0]?.does[0]?.says).toContainEqual({ n: rise?.negativeEase });
});

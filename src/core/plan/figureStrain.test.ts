import { TODAY } from '../../../tests/demoFacts';
import { household } from '@/demo/household';
import type { Cloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import { ONE_SIZE, type OutlineFacts } from '../facts/outline';
import { newPattern, type Pattern } from '../facts/pattern';
import type { Wearer } from '../facts/wearer';
import { drawnBody } from '../garments/drawings/drawnBody';
import { figureOf, type DrawnBody } from '../garments/drawings/figure';
import { kindOf } from '../garments/kindOf';
import { piecesAsCut } from './asCut';
import { liesAt, plannedStrain, runsOf, strainOfPieces } from '../pieces/figureStrain';
import { practiceTee } from '../pieces/practice';
import { corner, seamlines } from '../pieces/testPieces';
import { planGarment } from './planGarment';

const { wearers, cloths } = household(TODAY);

const strainOf = (
  shapes: Readonly<Record<string, OutlineFacts>>,
  more: Partial<Garment> = {},
  measured: DrawnBody = {},
) => {
  const garment: Garment = { ...newGarment('Tee', 'tee'), ...more };
  const facts = {
    garment,
    wearer: wearers.odile as Wearer,
    outer: cloths['heron-jersey'] as Cloth,
    pattern: { ...newPattern('Traced', 'tee'), shapes: { [ONE_SIZE]: shapes } },
  };
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(garment, undefined);
  const figure = figureOf({ bust: 900, waist: 740, hip: 980 });
  const inputs = { kind, zones: plan.zones, numbers: plan.numbers, figure, measured };
  const cut = Object.fromEntries(
    piecesAsCut({ facts, kind, onDate: TODAY }).map((one) => [one.shape.id, one.cut]),
  );
  return { plan, planned: plannedStrain(inputs), cut: strainOfPieces(inputs, cut) };
};

const trunkZones = ['bust', 'waist', 'hip'];

test('at its zones the line is what the plan says of them: of the plan, and of the pieces as they are', () => {
  const { plan, planned, cut } = strainOf(practiceTee);
  const value = (id: string | undefined) => plan.numbers[id ?? '']?.value ?? NaN;
  for (const zone of trunkZones) {
    const of = plan.zones.find((one) => one.zone === zone);
    const at = (lines: typeof cut) => lines[0]?.zones.find((one) => one.zone === zone)?.extension;
    expect([zone, at(planned)?.toFixed(9)]).toEqual([zone, value(of?.extension).toFixed(9)]);
    expect([zone, at(cut)?.toFixed(9)]).toEqual([zone, value(of?.pattern?.extension).toFixed(9)]);
  }
  // From the bust to the hip, downwards; arms have no place on it.
  expect(cut.map(({ tube }) => tube)).toEqual(['trunk']);
  const ys = cut[0]?.spots.map(({ y }) => y) ?? [];
  expect(ys).toEqual(ys.toSorted((a, b) => a - b));
});

test('a tube of cloth is as wide at every height as it is (closed form)', () => {
  const half = (neck: number) =>
    seamlines(
      corner(0, neck, 'neckline'),
      corner(85, 0, 'shoulder'),
      corner(210, 45, 'armhole'),
      corner(240, 240, 'side'),
      corner(240, 640, 'hem'),
      corner(0, 640, 'centre'),
    );
  const { cut } = strainOf({ front: half(92), back: half(26) });
  const spots = cut[0]?.spots ?? [];
  expect(spots.length).toBeGreaterThan(40);
  for (const { garmentMm, bodyMm, extension } of spots) {
    expect(garmentMm).toBeCloseTo(960, 1);
    expect(extension).toBeCloseTo((bodyMm - 960) / 960, 4);
  }
});

test('altered to the plan it is as planned at every zone, and nothing bags there', () => {
  const { planned, cut } = strainOf(practiceTee, { alterations: [{ id: 'a', change: 'girths' }] });
  for (const one of cut[0]?.zones ?? []) {
    const plan = planned[0]?.zones.find(({ zone }) => zone === one.zone);
    expect(one.extension).toBeCloseTo(plan?.extension ?? NaN, 3);
    expect(liesAt(one, 0.3)).not.toBe('bags');
  }
});

test('without outlines there is the line through the zones alone', () => {
  const { planned, cut } = strainOf({});
  expect(cut).toEqual([]);
  expect(planned[0]?.zones.map(({ zone }) => zone)).toEqual(trunkZones);
});

test('stretches that lie alike: beyond the limit strained, much wider than planned bagging, each joined to the next', () => {
  const spot = (y: number, extension: number, plannedMm = 1000 / (1 + extension)) => ({
    y,
    bodyMm: 1000,
    garmentMm: 1000 / (1 + extension),
    plannedMm,
    extension,
  });
  const spots = [spot(0, 0.1), spot(1, 0.1), spot(2, 0.3), spot(3, 0.31), spot(4, 0.1), spot(5, 0, 900)];
  const runs = runsOf({ tube: 'trunk', spots, zones: [] }, 0.2);
  expect(runs.map(({ lies, spots: on }) => [lies, on.map(({ y }) => y)])).toEqual([
    ['well', [0, 1, 2]],
    ['strained', [2, 3, 4]],
    ['well', [4, 5]],
  ]);
  // At the limit itself it still holds.
  expect(liesAt(spot(0, 0.2), 0.2)).toBe('well');
  expect(liesAt(spot(0, 0, 950), 0.2)).toBe('bags');
});

/** A made garment of the demo, on the wearer it is for. */
const demoStrain = (id: string) => {
  const { garments, patterns } = household(TODAY);
  const garment = garments[id] as Garment;
  const wearer = wearers[garment.wearerId ?? ''] as Wearer;
  const facts = {
    garment,
    wearer,
    outer: cloths[garment.outerClothId ?? ''] as Cloth,
    pattern: patterns[garment.patternId ?? ''] as Pattern,
  };
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(garment, undefined);
  const body = drawnBody(wearer);
  const cut = Object.fromEntries(
    piecesAsCut({ facts, kind, onDate: TODAY }).map((one) => [one.shape.id, one.cut]),
  );
  return strainOfPieces(
    { kind, zones: plan.zones, numbers: plan.numbers, figure: figureOf(body), measured: body },
    cut,
  );
};

test('a slanting waist is no girth: trousers are not strained where their edge runs down to the side', () => {
  const [trunk] = demoStrain('warm-up');
  const extensions = trunk?.spots.map(({ extension }) => extension) ?? [];
  expect(extensions.length).toBeGreaterThan(20);
  expect(Math.max(...extensions)).toBeLessThan(0.15);
});

test('a top with one zone goes on below it, where the wearer was measured, down to its edge and not beside its armhole', () => {
  const [trunk, ...others] = demoStrain('confetti');
  expect(others).toEqual([]);
  const [spots, zone] = [trunk?.spots ?? [], trunk?.zones[0]];
  expect(zone?.zone).toBe('bust');
  const [top, foot] = [spots[0]?.y ?? 0, spots.at(-1)?.y ?? 0];
  // Its side is 18 cm long, and the bust a twentieth of that below the underarm.
  expect((zone?.y ?? 0) - top).toBeLessThan(1.1);
  expect(foot - (zone?.y ?? 0)).toBeGreaterThan(14);
  expect(foot - (zone?.y ?? 0)).toBeLessThan(18);
  // At the waist, where nothing was planned, the body is as it was measured.
  const waist = spots.toSorted((a, b) => a.bodyMm - b.bodyMm)[0];
  expect(waist?.bodyMm).toBeCloseTo(660, -1);
  expect(waist?.plannedMm).toBeUndefined();
});

import fc from 'fast-check';
import { useIds } from '@/core/facts/edgeUses';
import { newCloth, type Cloth } from '@/core/facts/cloth';
import { newElastic, type Elastic } from '@/core/facts/elastic';
import { newGarment, type EdgeChoice, type Garment } from '@/core/facts/garment';
import { kindIds } from '@/core/facts/kindIds';
import { bodyFields, bodyMeasures, newWearer, type BodyMeasure, type Wearer } from '@/core/facts/wearer';
import { recipes } from '@/core/sewing/assembly/recipes';
import { edgeUseOf } from '@/core/edges/useOf';
import { catalogue } from '@/core/garments/catalogue';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import { TODAY } from './demoFacts';
import { machineCases } from './sewn';

/** A grown body in round figures, every measure known, mm (invented). */
const BODY: Readonly<Record<BodyMeasure, number>> = Object.fromEntries(
  bodyMeasures.map((measure) => [measure, 400]),
) as Record<BodyMeasure, number>;
const GIRTHS: Partial<Record<BodyMeasure, number>> = {
  head: 560,
  neck: 360,
  bust: 920,
  highBust: 880,
  underbust: 790,
  cup: 190,
  shoulder: 125,
  strap: 400,
  backLength: 410,
  biceps: 290,
  wrist: 165,
  hand: 215,
  armLength: 590,
  waist: 720,
  hip: 960,
  lowHip: 920,
  rise: 680,
  pouch: 170,
  loop: 1520,
  thigh: 560,
  legTop: 540,
  knee: 380,
  calf: 360,
  ankle: 230,
  foot: 320,
  inseam: 760,
};

function inRange(measure: BodyMeasure, mm: number): number {
  const { min, max } = bodyFields[measure];
  return Math.round(Math.min(Math.max(mm, min), max));
}

export const bodyOf = (scale: number): Wearer => ({
  ...newWearer('Body', scale < 0.8 ? 'child' : 'adult'),
  measurements: {
    now: {
      measuredOn: TODAY,
      how: 'measured',
      values: Object.fromEntries(
        bodyMeasures.map((measure) => [
          measure,
          inRange(measure, (GIRTHS[measure] ?? BODY[measure]) * scale),
        ]),
      ),
    },
  },
});

const share = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const cloth = fc
  .record({ across: share(0.05, 1.6), part: share(0.1, 1), pile: fc.boolean(), thick: share(0.3, 2.5) })
  .map(({ across, part, pile, thick }): Cloth => ({
    ...newCloth('Cloth'),
    statedAcross: across,
    statedAlong: across * part,
    thicknessMm: thick,
    ...(pile ? { pile: 'yes' as const, nap: 'one way' as const } : {}),
  }));
const elastic = fc
  .record({
    stretch: share(0.2, 2),
    widthMm: fc.integer({ min: 5, max: 50 }),
    grows: fc.option(share(0, 0.1)),
  })
  .map(({ stretch, widthMm, grows }): Elastic => ({
    ...newElastic('Elastic', 'knitted', widthMm),
    statedStretch: stretch,
    ...(grows === null
      ? {}
      : { sewn: { one: { sewnOn: TODAY, beforeMm: 200, afterMm: 200 * (1 + grows) } } }),
  }));

/** What may be chosen at an edge, mm in tenths, some left empty. */
const choice = (curved: boolean) =>
  fc
    .record({
      use: fc.option(fc.constantFrom(...useIds), { freq: 2 }),
      join: fc.option(
        fc.constantFrom('butted' as const, 'overlapped' as const, 'seamed' as const, 'open' as const),
      ),
      parts: fc.option(fc.integer({ min: 1, max: 3 })),
      as: fc.constantFrom('pieces' as const, 'ring' as const, 'seamline' as const),
      whole: fc.option(fc.integer({ min: 1500, max: 12000 })),
      back: fc.option(share(0.2, 0.7)),
      own: fc.option(share(0.3, 1.4)),
    })
    .map(({ use, join, parts, as, whole, back, own }): EdgeChoice => {
      const wholeMm = whole === null ? undefined : whole / 10;
      return {
        elasticId: 'elastic',
        ...(own === null ? {} : { ownMm: (wholeMm ?? 500) * own, school: 'own' }),
        ...(use === null ? {} : { use }),
        ...(join === null ? {} : { join }),
        ...(parts === null ? {} : { parts }),
        ...(wholeMm === undefined
          ? {}
          : {
              measured: {
                as,
                wholeMm,
                ...(back === null ? {} : { backMm: Math.round(wholeMm * back) }),
                ...(curved ? { turnRad: 3 } : {}),
              },
            }),
      };
    });

/** Any garment there can be, with any way of finishing each edge and any way of going about it (all invented). */
export const anyGarment: fc.Arbitrary<GarmentFacts> = fc.constantFrom(...kindIds).chain((kindId) => {
  const kind = catalogue[kindId];
  const edges = fc.record(
    Object.fromEntries(kind.edges.map((edge) => [edge.id, choice(edge.curve !== undefined)])),
  );
  const ways = fc.record(
    Object.fromEntries(
      recipes[kindId].alternatives.map(({ id, options }) => [
        id,
        fc.constantFrom('', ...options.map((one) => one.id)),
      ]),
    ),
  );
  return fc
    .record({
      style: fc.constantFrom(...kind.styles.map(({ id }) => id)),
      scale: share(0.45, 1.4),
      outer: cloth,
      band: cloth,
      lining: fc.option(cloth),
      elastic,
      edges,
      ways,
      front: fc.integer({ min: 1500, max: 4200 }),
      backShare: share(0.4, 0.8),
      finishedMm: fc.integer({ min: 50, max: 600 }),
      shape: fc.constantFrom('round' as const, 'scoop' as const, 'boat' as const, 'V' as const),
      school: fc.constantFrom('flat' as const, 'tenth' as const, 'fifth' as const, 'stretch' as const),
      machines: fc.constantFrom(...machineCases),
    })
    .map((made): GarmentFacts => {
      const start = newGarment('Any', kindId);
      const edges = made.edges as Readonly<Record<string, EdgeChoice>>;
      const neck = catalogue[kindId].edges.find(({ id }) => id === 'neckline');
      const neckUse = neck && edgeUseOf(neck, { edges }).id;
      const frontMm = made.front / 10;
      const band = {
        measured: { as: 'pieces' as const, frontMm, backMm: frontMm * made.backShare },
        finishedMm: made.finishedMm / 10,
        shape: made.shape,
        school: made.school,
      };
      const garment: Garment = {
        ...start,
        style: made.style,
        edges: { ...edges, ...(neckUse === 'neckband' ? { neckline: { ...edges.neckline, ...band } } : {}) },
        ways: Object.fromEntries(
          Object.entries(made.ways as Readonly<Record<string, string>>).filter(([, way]) => way !== ''),
        ),
        pattern: {
          ...start.pattern,
          shoulderMm: 118,
        },
      };
      const [, on] = made.machines;
      return on({
        garment,
        wearer: bodyOf(made.scale),
        outer: made.outer,
        band: made.band,
        ...(made.lining === null ? {} : { lining: made.lining }),
        elastics: { elastic: made.elastic },
      });
    });
});

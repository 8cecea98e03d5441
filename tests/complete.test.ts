import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { sumIds, sums } from '@/core/answers/sums/sums';
import { edgeUses, USE_OF_FINISH } from '@/core/edges/elastics/uses';
import { finishIds, useIds } from '@/core/facts/edgeUses';
import { kindIds } from '@/core/facts/kindIds';
import { stitchIds } from '@/core/facts/stitchIds';
import { bodyMeasures } from '@/core/facts/wearer';
import { catalogue } from '@/core/garments/catalogue';
import { jobs } from '@/core/machines/seams/jobs';
import { household } from '@/demo/household';
import { TODAY, demoFacts } from './demoFacts';

/** What was added and is used nowhere is named here: the compiler finds the other half, what is used and is not there. */

const sources = (folder: string): string =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /(?<!\.test)\.tsx?$/.test(name))
    .map((name) => readFileSync(join(folder, name), 'utf8'))
    .join('\n');

test('every stitch is a way of doing some job, but by hand, which does any', () => {
  const used = new Set<string>(Object.values(jobs).flatMap(({ ways }) => ways));
  expect(stitchIds.filter((id) => !used.has(id) && id !== 'by-hand')).toEqual([]);
});

test('every job is sewn by a step of some recipe', () => {
  const said = sources('src/core/sewing');
  expect(Object.keys(jobs).filter((id) => !new RegExp(`'${id}'`).test(said))).toEqual([]);
});

test('every measure is asked for by some garment, so that it stands on a page', () => {
  const asked = new Set<string>(
    Object.values(catalogue).flatMap(({ needs, zones, edges, openings }) => [
      ...needs.map(({ measure }) => measure),
      ...zones.map(({ measure }) => measure),
      ...edges.flatMap(({ body }) => body ?? []),
      ...openings.map(({ passes }) => passes),
    ]),
  );
  // Figures are drawn from it; nothing is planned by it yet.
  expect(bodyMeasures.filter((measure) => !asked.has(measure))).toEqual(['shoulder']);
});

test('every way of sewing an edge is usual somewhere, or usual for its finish', () => {
  const usual = new Set<string>([
    ...Object.values(catalogue).flatMap(({ edges }) => edges.flatMap(({ use }) => use ?? [])),
    ...Object.values(USE_OF_FINISH),
  ]);
  expect(useIds.filter((id) => !usual.has(id))).toEqual([]);
  expect(finishIds.filter((finish) => edgeUses[USE_OF_FINISH[finish]].finish !== finish)).toEqual([]);
});

test('every kind of garment and of record is in the demo household', () => {
  const made = new Set(demoFacts().map(([, { garment }]) => garment.kind));
  expect(kindIds.filter((kind) => !made.has(kind))).toEqual([]);
  const { patterns, wearers, cloths, elastics, findings, machines, machineSets } = household(TODAY);
  const there = { patterns, wearers, cloths, elastics, findings, machines, machineSets };
  for (const [name, records] of Object.entries(there))
    expect([name, Object.keys(records).length > 0]).toEqual([name, true]);
});

test('every sum gives an answer to the values it starts with', () => {
  for (const id of sumIds) expect([id, sums[id].work(sums[id].usual).ok]).toEqual([id, true]);
});

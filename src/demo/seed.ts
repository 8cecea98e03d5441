import { databasePath, openDatabase } from '@/data/database';
import { migrateDatabase } from '@/data/migrate';
import type { Op } from '@/data/commands';
import type { RecordKind } from '@/core/facts/records';
import { write } from '@/server/recordRoutes';
import { today } from '@/server/views';
import { household } from './household';

/** Fills a new database with the made-up household, through the same door as everything a person writes. */
const path = databasePath();
migrateDatabase(path, new Date());
const database = openDatabase(path);
const made = household(today());
const create = <K extends RecordKind>(kind: K, records: Readonly<Record<string, unknown>>): Op[] =>
  Object.entries(records).map(([id, facts]) => ({ op: 'create', kind, id, facts }) as Op);
const ops = [
  ...create('wearer', made.wearers),
  ...create('cloth', made.cloths),
  ...create('elastic', made.elastics),
  ...create('finding', made.findings),
  ...create('pattern', made.patterns),
  ...create('machine', made.machines),
  ...create('machineSet', made.machineSets),
];
const garments = create('garment', made.garments);
for (const [label, batch] of [
  ['Set up the household', ops],
  ...garments
    .toReversed()
    .map((op) => [`Start ${(op as { facts: { name: string } }).facts.name}`, [op]] as const),
] as const) {
  const result = write(database, { label, ops: batch });
  if (!result.ok) throw new Error(`expected the demo to be accepted, got ${JSON.stringify(result)}`);
}
database.$client.close();
console.log(`Made the demo household in ${path}`);

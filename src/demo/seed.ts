import { databasePath, openDatabase } from '@/data/database';
import { migrateDatabase } from '@/data/migrate';
import { write } from '@/server/recordRoutes';
import { today } from '@/server/views';
import { householdOps } from './ops';

/** Fills a new database with the made-up household, through the same door as everything a person writes. */
const path = databasePath();
migrateDatabase(path, new Date());
const database = openDatabase(path);
const { shelf, garments } = householdOps(today());
for (const [label, batch] of [
  ['Set up the household', shelf],
  ...garments
    .toReversed()
    .map((op) => [`Start ${(op as { facts: { name: string } }).facts.name}`, [op]] as const),
] as const) {
  const result = write(database, { label, ops: batch });
  if (!result.ok) throw new Error(`expected the demo to be accepted, got ${JSON.stringify(result)}`);
}
database.$client.close();
console.log(`Made the demo household in ${path}`);

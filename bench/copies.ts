import type { Garment } from '../src/core/facts/garment';
import type { Database } from '../src/data/database';
import { write } from '../src/server/recordRoutes';

/** So many are written in one go. */
const AT_ONCE = 100;

/** Puts so many copies of these garments, in turn, into a household. */
export function copyGarments(db: Database, models: readonly Garment[], count: number): void {
  for (let from = 0; from < count; from += AT_ONCE) {
    const made = write(db, {
      label: 'Fill',
      ops: Array.from({ length: Math.min(AT_ONCE, count - from) }, (_, at) => {
        const model = models[(from + at) % models.length] as Garment;
        const facts = { ...model, name: `${model.name} ${from + at}` };
        return { op: 'create', kind: 'garment', id: `copy-${from + at}`, facts } as const;
      }),
    });
    if (!made.ok) throw new Error(`expected the copies to be taken, got ${made.code}`);
  }
}

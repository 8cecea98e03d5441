import { rmSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { expect, test } from './test';
import { kill, startServer } from './ownServer';

/** Kills the server in the middle of autosaving, twenty times, and looks for every write it had acknowledged. */
const KILLS = 20;
const SEED = 4242;
const PORT = 4172;
const BASE = `http://127.0.0.1:${PORT}`;
const DB = 'test-results/kills/household.db';

/** A small seeded generator (mulberry32), so that a failure can be run again. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

interface Written {
  readonly records: readonly {
    readonly id: string;
    readonly revision: number;
    readonly facts: { readonly name: string; readonly notes?: string; readonly fibre?: string };
  }[];
}
const send = async (method: string, path: string, body: unknown): Promise<Written> => {
  const response = await fetch(`${BASE}${path}`, {
    method,
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  });
  if (!response.ok) throw new Error(`expected the write to be taken, got ${response.status}`);
  return (await response.json()) as Written;
};

test(`${KILLS} kills during autosave (seed ${SEED}): every acknowledged write is there, none is half there`, async () => {
  test.setTimeout(240_000);
  rmSync('test-results/kills', { recursive: true, force: true });
  const random = seeded(SEED);
  let server = await startServer(PORT, DB);
  const made = await send('POST', '/api/records/cloth', {
    label: 'Add',
    facts: { name: 'Kill cloth', washed: 'no', tests: {} },
  });
  const { id } = made.records[0] as { id: string };
  let revision = 1;
  let acknowledged = 0;
  let lost = 0;
  for (let round = 0; round < KILLS; round += 1) {
    let going = true;
    let begin = (): void => undefined;
    const begun = new Promise<void>((resolve) => {
      begin = resolve;
    });
    const typing = (async () => {
      let next = acknowledged;
      while (going) {
        next += 1;
        try {
          const changes = [
            { path: 'notes', value: `write ${next}` },
            { path: 'fibre', value: `write ${next}` },
          ];
          const written = await send('PATCH', `/api/records/cloth/${id}`, {
            label: 'Type',
            baseRevision: revision,
            changes,
          });
          revision = written.records[0]?.revision ?? revision;
          acknowledged = next;
          begin();
        } catch {
          begin();
          return;
        }
      }
    })();
    // However slow the machine is, it is writing when it is killed.
    await begun;
    await wait(random() * 160);
    await kill(server);
    going = false;
    await typing;
    server = await startServer(PORT, DB);
    const { record } = (await (await fetch(`${BASE}/api/records/cloth/${id}`)).json()) as {
      record: Written['records'][number];
    };
    const kept = Number((record.facts.notes ?? 'write 0').slice(6));
    if (kept < acknowledged) lost += 1;
    expect(record.facts.fibre).toBe(record.facts.notes);
    acknowledged = kept;
    revision = record.revision;
  }
  await kill(server);
  expect(lost).toBe(0);
  expect(acknowledged).toBeGreaterThanOrEqual(KILLS);
});

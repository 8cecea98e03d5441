import fc from 'fast-check';
import { applyChanges } from '@/core/facts/change';
import { newCloth } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { RecordWriter, type Later, type Send, type SendResult } from './recordWriter';

/** As an answer is read: other objects, saying the same. */
const read = <T>(said: T): T => JSON.parse(JSON.stringify(said)) as T;

/** A server with one cloth, which answers when it is told to; and a clock that runs when it is told to. */
function bench() {
  let server: StoredRecord<'cloth'> = { kind: 'cloth', id: 'a', revision: 1, facts: newCloth('Start') };
  const sent: { label: string; base: number; writeId: string }[] = [];
  const answers: (() => void)[] = [];
  const timers = new Set<() => void>();
  let reachable = true;
  let written = 0;
  const send: Send = (record, { label, changes, writeId }) =>
    new Promise<SendResult>((resolve) => {
      sent.push({ label, base: record.revision, writeId });
      answers.push(() => {
        if (!reachable) return resolve({ kind: 'unreachable' });
        if (record.revision !== server.revision)
          return resolve({ kind: 'stale', record: server, changed: ['name'] });
        if (changes.some(({ value }) => value === 'refuse'))
          return resolve({ kind: 'refused', faults: [{ code: 'rule', path: 'name', sentence: 'No.' }] });
        server = {
          ...server,
          revision: server.revision + 1,
          facts: read(applyChanges(server.facts, changes)),
        };
        resolve({ kind: 'ok', record: server });
      });
    });
  const later: Later = (run) => {
    timers.add(run);
    return () => timers.delete(run);
  };
  const settle = async () => {
    for (let turn = 0; turn < 40; turn += 1) {
      for (const run of [...timers]) {
        timers.delete(run);
        run();
      }
      answers.shift()?.();
      await Promise.resolve();
      await Promise.resolve();
    }
  };
  return {
    writer: new RecordWriter(server, send, later, () => `write-${(written += 1)}`),
    sent,
    settle,
    server: () => server,
    elsewhere: (name: string) => {
      server = { ...server, revision: server.revision + 1, facts: { ...server.facts, name } };
    },
    reach: (can: boolean) => {
      reachable = can;
    },
  };
}

const name = (value: unknown) => [{ path: 'name', value }];

test('a fast typist sends one request at a time and is never stale against themselves', async () => {
  const { writer, sent, settle, server } = bench();
  for (const text of ['A', 'Ab', 'Abc']) writer.set('Name', name(text));
  writer.set('Fibre', [{ path: 'fibre', value: 'linen' }]);
  expect(writer.getSnapshot()).toMatchObject({ facts: { name: 'Abc', fibre: 'linen' }, state: 'saving' });
  await settle();
  expect(sent).toMatchObject([
    { label: 'Name', base: 1 },
    { label: 'Fibre', base: 2 },
  ]);
  expect(writer.getSnapshot()).toMatchObject({ state: 'saved', conflict: undefined });
  expect(server().facts).toMatchObject({ name: 'Abc', fibre: 'linen' });
});

test('what no change touched is the same object, while it is sent and when the server has answered', async () => {
  const { writer, settle } = bench();
  writer.set('Outline', [{ path: 'outline', value: [{ points: [{ x: 0, y: 0 }] }] }]);
  await settle();
  const { outline } = writer.getSnapshot().facts;
  expect(outline).toBeDefined();
  writer.set('Name', name('Sent'));
  const typed = writer.getSnapshot().facts;
  expect(typed.outline).toBe(outline);
  await settle();
  expect(writer.getSnapshot().state).toBe('saved');
  expect(writer.getSnapshot().facts).toBe(typed);
});

test('another window’s write is a conflict: nothing is lost, and either can be kept', async () => {
  for (const keep of ['mine', 'theirs'] as const) {
    const { writer, settle, server, elsewhere } = bench();
    elsewhere('Theirs');
    writer.set('Name', name('Mine'));
    await settle();
    expect(writer.getSnapshot()).toMatchObject({
      facts: { name: 'Mine' },
      conflict: { changed: ['name'], mine: [{ path: 'name', value: 'Mine' }] },
    });
    expect(server().facts.name).toBe('Theirs');
    writer.resolve(keep);
    await settle();
    const wanted = keep === 'mine' ? 'Mine' : 'Theirs';
    expect([writer.getSnapshot().facts.name, server().facts.name]).toEqual([wanted, wanted]);
  }
});

test('what the server refuses is shown at its field until it is typed over', async () => {
  const { writer, settle } = bench();
  writer.set('Name', name('refuse'));
  await settle();
  expect(writer.getSnapshot()).toMatchObject({
    facts: { name: 'Start' },
    refused: [{ path: 'name', sentence: 'No.' }],
  });
  writer.set('Name', name('Good'));
  expect(writer.getSnapshot().refused).toEqual([]);
});

test('without a server it keeps what was typed and sends it when there is one again', async () => {
  const { writer, settle, server, reach } = bench();
  reach(false);
  writer.set('Name', name('Kept'));
  await settle();
  expect(writer.getSnapshot()).toMatchObject({ facts: { name: 'Kept' }, state: 'offline' });
  reach(true);
  await settle();
  expect([writer.getSnapshot().state, server().facts.name]).toEqual(['saved', 'Kept']);
});

test('flush resolves once all is acknowledged', async () => {
  const { writer, settle, server } = bench();
  writer.set('Name', name('Now'));
  let done = false;
  void writer.flush().then(() => {
    done = true;
  });
  expect(done).toBe(false);
  await settle();
  expect([done, server().facts.name]).toEqual([true, 'Now']);
});

test('whatever is typed, the server ends with what the page shows (fast-check)', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc.tuple(
          fc.constantFrom('name', 'fibre', 'notes'),
          fc.string({ minLength: 1, maxLength: 4 }),
          fc.boolean(),
        ),
        { maxLength: 12 },
      ),
      async (typed) => {
        const { writer, settle, server } = bench();
        for (const [path, value, pause] of typed) {
          writer.set(path, [{ path, value: `v${value}` }]);
          if (pause) await settle();
        }
        await settle();
        await settle();
        expect(writer.getSnapshot().facts).toEqual(server().facts);
        expect(writer.getSnapshot().state).toBe('saved');
      },
    ),
    { seed: 41, numRuns: 60 },
  );
});

test('what had no answer is sent again as the same write, and what was typed meanwhile is another', async () => {
  const { writer, sent, settle, reach, server } = bench();
  reach(false);
  writer.set('Name', name('First'));
  await settle();
  writer.set('Name', name('Second'));
  reach(true);
  await settle();
  const ids = sent.map(({ writeId }) => writeId);
  expect(new Set(ids.slice(0, -1)).size).toBe(1);
  expect(ids.at(-1)).not.toBe(ids[0]);
  expect(server().facts.name).toBe('Second');
});

test('what is so already is no write', async () => {
  const { writer, sent, settle } = bench();
  writer.set('Name', name('Start'));
  writer.set('Notes', [{ path: 'notes', value: null }]);
  await settle();
  expect(sent).toEqual([]);
  expect(writer.getSnapshot().state).toBe('saved');
});

test('what had no answer when the page went is taken up by the next page, with its own id', async () => {
  const gone = bench();
  gone.reach(false);
  gone.writer.set('Name', name('Typed last'));
  await gone.settle();
  const kept = gone.writer.unanswered();
  expect(kept).toMatchObject([{ label: 'Name', changes: name('Typed last') }]);
  const next = bench();
  next.writer.recover(kept);
  expect(next.writer.getSnapshot().facts.name).toBe('Typed last');
  await next.settle();
  expect(next.server().facts.name).toBe('Typed last');
  expect(next.sent[0]?.writeId).toBe(kept[0]?.writeId);
});

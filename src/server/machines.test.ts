import ICAL from 'ical.js';
import type { Machine, MachineSet } from '@/core/facts/machine';
import { newMachine } from '@/core/facts/machine';
import { newGarment } from '@/core/facts/garment';
import { gatherFacts } from '@/core/plan/gatherFacts';
import { countUses, findRecord } from '@/data/records';

import { household } from '@/demo/household';
import { testDatabase } from '../../tests/testDatabase';
import { garmentCalendar } from './calendar';

import { exportGarment, importGarmentFile } from './garmentFiles';
import { write } from './recordRoutes';
import { runsOf } from './runs';
import { garmentView, jumpTargets, today } from './views';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);
const made = household(today());

const garment = (minutes: number) => ({
  ...newGarment('Piece', 'tee'),
  machineSetId: 'corner',
  threads: { looperId: 'grey' },
  sewn: { side: { doneOn: today(), minutes }, shoulder: { doneOn: today() } },
});

beforeAll(() => {
  const result = write(db, {
    label: 'Machines',
    ops: [
      ...(['two-in-one', 'old-green', 'suitcase'] as const).map(
        (id) => ({ op: 'create', kind: 'machine', id, facts: made.machines[id] as Machine }) as const,
      ),
      { op: 'create', kind: 'machineSet', id: 'corner', facts: made.machineSets.corner as MachineSet },
      { op: 'create', kind: 'machineSet', id: 'tour', facts: made.machineSets.tour as MachineSet },
      { op: 'create', kind: 'finding', id: 'grey', facts: { name: 'Grey cone', kind: 'thread' } },
      ...[9, 12, 15].map(
        (minutes, at) =>
          ({ op: 'create', kind: 'garment', id: `piece-${at}`, facts: garment(minutes) }) as const,
      ),
    ],
  });
  if (!result.ok) throw new Error(JSON.stringify(result));
});

test('what is used is counted: machines by their sets, sets and threads by garments', () => {
  expect(countUses(db, 'machine', 'two-in-one')).toBe(1);
  expect(countUses(db, 'machine', 'suitcase')).toBe(1);
  expect(countUses(db, 'machineSet', 'corner')).toBe(3);
  expect(countUses(db, 'machineSet', 'tour')).toBe(0);
  expect(countUses(db, 'finding', 'grey')).toBe(3);
});

test('a garment may not name a set or thread that is not here', () => {
  const refused = write(db, {
    label: 'Bad',
    ops: [{ op: 'create', kind: 'garment', id: 'bad', facts: { ...garment(1), machineSetId: 'nobody' } }],
  });
  expect(refused).toMatchObject({ ok: false, faults: [{ path: 'machineSetId' }] });
});

test('machines as most people have them are no record: kept by their name, in a copy and in a file too', async () => {
  const facts = { ...garment(1), machineSetId: 'sewing-only' };
  const made = write(db, { label: 'Usual', ops: [{ op: 'create', kind: 'garment', id: 'usual', facts }] });
  expect(made.ok).toBe(true);
  const asked: string[] = [];
  gatherFacts(facts, (kind, id) => void asked.push(`${kind} ${id}`));
  expect(asked.filter((one) => one.startsWith('machineSet'))).toEqual([]);
  const file = await exportGarment(db, 'usual', false).text();
  const request = new Request('http://127.0.0.1/x', { method: 'POST', body: file });
  const { records } = (await (await importGarmentFile(db, request)).json()) as { records: { id: string }[] };
  const id = records.at(-1)?.id ?? '';
  expect(findRecord(db, 'garment', id)?.facts.machineSetId).toBe('sewing-only');
  for (const gone of ['usual', id])
    write(db, { label: 'Away', ops: [{ op: 'remove', kind: 'garment', id: gone, baseRevision: 1 }] });
});

test('minutes are gathered over all garments of the kind, and come with a garment’s page', () => {
  expect(runsOf(db, 'tee')).toEqual({ side: [9, 12, 15] });
  expect(runsOf(db, 'briefs')).toEqual({});
  const view = garmentView(db, 'piece-0');
  expect(view?.runs).toEqual({ side: [9, 12, 15] });
  expect(view?.records.map(({ kind, id }) => `${kind} ${id}`)).toEqual(
    expect.arrayContaining(['machineSet corner', 'machine two-in-one', 'machine old-green', 'finding grey']),
  );
  expect(view?.garments.map(({ id }) => id).sort()).toEqual(['piece-1', 'piece-2']);
});

test('a file brings its machines along into another house, and its set names them there', async () => {
  const file = await exportGarment(db, 'piece-0', false).text();
  const other = testDatabase();
  try {
    const back = await importGarmentFile(
      other.db,
      new Request('http://127.0.0.1/x', { method: 'POST', body: file }),
    );
    expect(back.status).toBe(201);
    const { records } = (await back.json()) as { records: { id: string; kind: string }[] };
    const id = records.find(({ kind }) => kind === 'garment')?.id ?? '';
    const view = garmentView(other.db, id);
    const set = view?.records.find(({ kind }) => kind === 'machineSet')?.facts as MachineSet | undefined;
    expect(Object.keys(set?.machines ?? {})).toHaveLength(2);
    const names = view?.machines.filter((one) => set?.machines[one.id]).map(({ facts }) => facts.name);
    expect(names?.sort()).toEqual(['Old green', 'Two-in-one']);
  } finally {
    other.clear();
  }
});

test('the calendar: refused with a sentence without evenings, else a file that another library reads', async () => {
  const refused = garmentCalendar(db, 'piece-0', 'cm');
  expect(refused.status).toBe(409);
  expect(((await refused.json()) as { sentence: string }).sentence).toMatch(/add a free evening/);
  expect(garmentCalendar(db, 'nobody', 'cm').status).toBe(404);
  const evening = { day: '2026-12-01', from: '19:00', minutes: 60 };
  const written = write(db, {
    label: 'Evening',
    ops: [
      {
        op: 'set',
        kind: 'garment',
        id: 'piece-1',
        baseRevision: 1,
        changes: [{ path: 'evenings.a', value: evening }],
      },
    ],
  });
  expect(written.ok).toBe(true);
  const file = garmentCalendar(db, 'piece-1', 'in');
  expect(file.headers.get('content-type')).toMatch(/text\/calendar/);
  const events = new ICAL.Component(ICAL.parse(await file.text()) as unknown[]).getAllSubcomponents('vevent');
  expect(events.map((one) => new ICAL.Event(one).summary)).toEqual(['Sew: Piece']);
});

test('the jump box finds machines and their place', () => {
  expect(jumpTargets(db, 'green').map(({ href }) => href)).toContain('/machines/old-green');
  expect(jumpTargets(db, 'machi').map(({ href }) => href)).toContain('/machines');
});

test('a machine that was only named is kept', () => {
  const result = write(db, {
    label: 'Add',
    ops: [{ op: 'create', kind: 'machine', id: 'plain', facts: newMachine('Plain') }],
  });
  expect(result.ok).toBe(true);
});

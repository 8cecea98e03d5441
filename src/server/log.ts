import 'server-only';
import Papa from 'papaparse';
import { kindIds } from '@/core/facts/kindIds';
import type { RecordKind } from '@/core/facts/records';
import { figuresOf, type LogFigures } from '@/core/log/figures';
import type { NoteAtStep } from '@/core/log/notesAt';
import { noteKinds, thingsOf } from '@/core/log/notes';
import type { Ref } from '@/core/facts/refs';
import { readQuery } from '@/core/log/query';
import type { LogEntry, LogPage } from '@/core/views/logViews';
import type { Database } from '@/data/database';
import { findNotes, type FoundNote, type NoteQuery } from '@/data/notes';
import { countedGarments, listRecords, type Stored } from '@/data/records';
import { download, refusal } from './http';
import { keptWhole } from './kept';

/** How many entries are shown at once, and how many at most go into a file. */
export const ENTRIES_A_PAGE = 50;
const MOST_IN_A_FILE = 100_000;

/** What the log can be asked for, by the name of the parameter. */
const ABOUT = ['wearer', 'cloth', 'pattern', 'machine'] as const satisfies readonly RecordKind[];
const DAY = /^\d{4}-\d{2}-\d{2}$/;

type Asked =
  | { readonly ok: true; readonly query: Omit<NoteQuery, 'limit'> }
  | { readonly ok: false; readonly sentence: string };

function readAsked(db: Database, params: URLSearchParams): Asked {
  const read = readQuery(params.get('q') ?? '');
  if (!read.ok) return read;
  const given = (name: string) => params.get(name) || undefined;
  const [from, to] = [given('from'), given('to')];
  if ([from, to].some((day) => day !== undefined && !DAY.test(day)))
    return { ok: false, sentence: 'Type a day with its year, month and day.' };
  if (from !== undefined && to !== undefined && from > to)
    return { ok: false, sentence: 'The first day is after the last one: change one of them.' };
  const about = ABOUT.flatMap((kind) => {
    const id = given(kind);
    return id === undefined ? [] : [thingsFor(db, kind, id)];
  });
  return {
    ok: true,
    query: {
      match: read.match,
      what: noteKinds.find((what) => what === given('what')),
      garmentKind: kindIds.find((kind) => kind === given('kind')),
      about,
      from,
      to,
      offset: Math.max(0, Math.trunc(Number(params.get('offset') ?? 0)) || 0),
    },
  };
}

/** A garment names a set of machines: what is asked of a machine is asked of its sets too. */
function thingsFor(db: Database, kind: RecordKind, id: string): readonly Ref[] {
  const own: Ref = { kind, id };
  if (kind !== 'machine') return [own];
  const sets = listRecords(db, 'machineSet', { limit: 500 }).filter(({ facts }) =>
    Object.hasOwn(facts.machines, id),
  );
  return [own, ...sets.map((set): Ref => ({ kind: 'machineSet', id: set.id }))];
}

const MOST_NEXT_TIME = 12;
const MOST_OF_ONE = 6;

/** What was noted for next time of one thing. */
export const nextTimeOf = (db: Database, kind: (typeof ABOUT)[number], id: string): readonly LogEntry[] =>
  findNotes(db, { what: 'next time', about: [thingsFor(db, kind, id)], limit: MOST_OF_ONE }).map(entryOf);

/** What was noted for next time of what a garment is made of, for and on, and of other garments of its kind. */
export function nextTimeFor(db: Database, { id, facts }: Stored<'garment'>): readonly LogEntry[] {
  const things = thingsOf('garment', id, facts).filter((thing) => thing.kind !== 'garment');
  const ask = (query: Partial<NoteQuery>) =>
    findNotes(db, { what: 'next time', limit: MOST_NEXT_TIME, ...query });
  const found = [
    ...(things.length > 0 ? ask({ about: [things] }) : []),
    ...ask({ garmentKind: facts.kind }),
  ].filter((note) => note.recordId !== id);
  return [...new Map(found.map((note) => [note.id, note])).values()].slice(0, MOST_NEXT_TIME).map(entryOf);
}

const MOST_AT_STEPS = 200;

/** What was noted at the steps of other garments of a kind, by the step, the newest first. */
export function notedAtSteps(
  db: Database,
  { id, facts }: Stored<'garment'>,
): Readonly<Record<string, readonly NoteAtStep[]>> {
  const steps: Record<string, NoteAtStep[]> = {};
  const found = findNotes(db, { garmentKind: facts.kind, field: 'stepNotes', limit: MOST_AT_STEPS });
  for (const note of found.filter((one) => one.recordId !== id)) {
    const step = note.path.split('.')[1] ?? '';
    (steps[step] ??= []).push({ garment: note.name, href: hrefOf(note), at: note.at, text: note.text });
  }
  return steps;
}

/** What garments came to, counted. */
export const logFigures: (db: Database) => LogFigures = keptWhole(({ db }) => figuresOf(countedGarments(db)));

/** A page of the log; or a sentence where what is asked for cannot be looked for. */
export function logPage(db: Database, params: URLSearchParams): LogPage {
  const asked = readAsked(db, params);
  if (!asked.ok) return { entries: [], more: false, sentence: asked.sentence };
  const found = findNotes(db, { ...asked.query, limit: ENTRIES_A_PAGE + 1 });
  return { entries: found.slice(0, ENTRIES_A_PAGE).map(entryOf), more: found.length > ENTRIES_A_PAGE };
}

const PLACES: Readonly<Record<Exclude<RecordKind, 'garment'>, string>> = {
  wearer: '/wearers',
  cloth: '/cloth',
  elastic: '/elastics',
  finding: '/elastics/findings',
  pattern: '/patterns',
  ownKind: '/garments/own',
  machine: '/machines',
  machineSet: '/machines/sets',
};

/** Where the thing is that a note stands at. */
function hrefOf({ kind, recordId, path }: FoundNote): string {
  if (kind !== 'garment') return `${PLACES[kind]}/${recordId}`;
  const [field] = path.split('.');
  const stage = field === 'fittings' ? 'wear' : field === 'edges' ? 'bands' : 'sew';
  return `/garments/${recordId}?stage=${stage}`;
}

const entryOf = (note: FoundNote): LogEntry => ({
  id: note.id,
  href: hrefOf(note),
  name: note.name,
  of: note.kind,
  what: note.what,
  label: note.label,
  text: note.text,
  at: note.at,
});

/** All that is asked for as a file: a table for a spreadsheet, or text. */
export function logFile(db: Database, params: URLSearchParams, format: 'csv' | 'md'): Response {
  const asked = readAsked(db, params);
  if (!asked.ok) return refusal(400, 'query', asked.sentence);
  // Without what was looked for being marked: files are for reading.
  const found = findNotes(db, { ...asked.query, offset: 0, limit: MOST_IN_A_FILE, plain: true });
  return format === 'csv'
    ? download(csvOf(found), 'text/csv; charset=utf-8', 'log.csv', 'attachment')
    : download(markdownOf(found), 'text/markdown; charset=utf-8', 'log.md', 'attachment');
}

/** Cells that a spreadsheet would take for a formula are kept from that. */
const csvOf = (found: readonly FoundNote[]): string =>
  `${Papa.unparse(
    found.map(({ at, what, name, kind, label, text }) => ({ day: at, what, name, of: kind, label, text })),
    { columns: ['day', 'what', 'name', 'of', 'label', 'text'], escapeFormulae: true },
  )}\r\n`;

function markdownOf(found: readonly FoundNote[]): string {
  const lines = found.map(
    ({ at, what, name, label, text }) =>
      `- ${at}, ${asWritten(name)}, ${label.toLowerCase()} (${what}): ${asWritten(text).replace(/\s*\n\s*/g, ' ')}`,
  );
  return `# Log\n\n${lines.join('\n')}\n`;
}

/** Signs that stand for something in Markdown, as themselves. */
const asWritten = (text: string): string => text.replace(/[\\`*_{}[\]<>#|~]/g, '\\$&');

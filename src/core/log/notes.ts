import type { Outcome } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import { recordSpecs, type FactsByKind, type RecordKind } from '../facts/records';
import { refsOf, type Ref } from '../facts/refs';
import type { Spec } from '../facts/spec';
import { troubles } from '../machines/troubles';
import { words } from './figures';

/** What an entry of the log tells of. */
export const noteKinds = ['came out', 'next time', 'went wrong', 'note'] as const;
export type NoteKind = (typeof noteKinds)[number];

/** Something that was written down in a record, or that a person said of it. */
export interface LogNote {
  /** Where it stands in the record's facts. */
  readonly path: string;
  readonly what: NoteKind;
  /** What the field is called, or what it is about. */
  readonly label: string;
  readonly text: string;
  /** The day it is of, where the record says one. */
  readonly on?: string;
}

/** A text that may be this long is written in sentences; shorter ones are names. */
const SENTENCES_FROM = 500;

/** Every note that stands in a record's facts, and every outcome, in the order of its fields. */
export function notesOf(kind: RecordKind, facts: FactsByKind[RecordKind]): readonly LogNote[] {
  const found: LogNote[] = [];
  walk(recordSpecs[kind], facts, [], undefined, found);
  const own = found.filter(({ path }) => !path.startsWith('wrong.'));
  return kind === 'garment' ? [...own, ...said(facts as Garment)] : own;
}

function walk(
  spec: Spec,
  value: unknown,
  path: readonly string[],
  on: string | undefined,
  found: LogNote[],
): void {
  if (value === undefined || value === null) return;
  if (spec.kind === 'text') {
    const text = String(value).trim();
    if (spec.maxChars < SENTENCES_FROM || text === '') return;
    const label = path[0] === 'stepNotes' ? `At ${words(path[1] ?? '')}` : spec.label;
    found.push({ path: path.join('.'), what: kindOf(path), label, text, ...(on ? { on } : {}) });
  } else if (spec.kind === 'map') {
    for (const [key, entry] of Object.entries(value)) walk(spec.of, entry, [...path, key], on, found);
  } else if (spec.kind === 'record') {
    const facts = value as Readonly<Record<string, unknown>>;
    const day = Object.entries(spec.fields).find(([, field]) => field.kind === 'date')?.[0];
    const here = day === undefined ? on : ((facts[day] as string | undefined) ?? on);
    for (const [key, field] of Object.entries(spec.fields))
      walk(field, facts[key], [...path, key], here, found);
  }
}

function kindOf(path: readonly string[]): NoteKind {
  if (path.at(-1) === 'next') return 'next time';
  return path[0] === 'fittings' ? 'came out' : 'note';
}

/** What was answered at try-ons, and what went wrong at which step, as sentences. */
function said({ fittings, wrong = {} }: Garment): readonly LogNote[] {
  const outcomes = Object.entries(fittings).flatMap(([id, { triedOn, outcomes: answered }]): LogNote[] => {
    const text = Object.entries(answered).map(([place, outcome]) => outcomeWords(place, outcome));
    if (text.length === 0) return [];
    return [
      {
        path: `fittings.${id}.outcomes`,
        what: 'came out',
        label: 'Tried on',
        text: `${text.join(', ')}.`,
        on: triedOn,
      },
    ];
  });
  const wentWrong = Object.entries(wrong).map(([id, { on, step, symptom, cause, note }]): LogNote => {
    const trouble = troubles.find((one) => one.id === symptom);
    const remedy = trouble?.causes.find((one) => one.id === cause)?.remedy;
    const helped = remedy === undefined ? '' : ` What helped: ${remedy}`;
    return {
      path: `wrong.${id}`,
      what: 'went wrong',
      label: `At ${words(step)}`,
      text: `${trouble?.label ?? words(symptom)}.${note ? ` ${note}` : ''}${helped}`,
      on,
    };
  });
  return [...outcomes, ...wentWrong];
}

const outcomeWords = (place: string, outcome: Outcome): string => `${words(place)} ${outcome}`;

/** What a record's notes are about: itself, and what a garment is made of, for and on, or the machines of a set. */
export const thingsOf = (kind: RecordKind, id: string, facts: FactsByKind[RecordKind]): readonly Ref[] => [
  { kind, id },
  ...(kind === 'cloth' ? [] : refsOf(kind, facts)),
];

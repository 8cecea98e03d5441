import { lower } from '../units/words';
import type { UnitSystem } from '../units/constants';
import { formatLength } from '../units/formatLength';
import { isOptional, quantities, type LeafSpec, type NumberSpec, type Spec, type TextSpec } from './spec';

/** What is wrong with a value, where, and what to do about it. Plain data: it survives a worker and a network. */
export interface Fault {
  readonly code:
    'type' | 'range' | 'empty' | 'too-long' | 'unknown-key' | 'option' | 'date' | 'id' | 'missing' | 'rule';
  /** Dotted path from the record's root; empty for the record itself. */
  readonly path: string;
  readonly sentence: string;
}

export const ID_PATTERN = /^[A-Za-z0-9_-]{1,40}$/;
const DATE_PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/;

/**
 * Every fault of `value` against `spec`, in the order of the spec's fields; `[]` when there is none.
 * Unknown keys are faults. Sentences give lengths in `unit`.
 */
export function findFaults(spec: Spec, value: unknown, path = '', unit: UnitSystem = 'cm'): Fault[] {
  if (spec.kind === 'record') {
    if (!isPlainObject(value)) return [typeFault(spec, path)];
    const unknown = Object.keys(value)
      .filter((key) => !Object.hasOwn(spec.fields, key))
      .map((key) => unknownKey(join(path, key), key));
    const known = Object.entries(spec.fields).flatMap(([key, field]) => {
      const inner = value[key];
      if (inner === undefined) return isOptional(field) ? [] : [missing(field, join(path, key))];
      return findFaults(field, inner, join(path, key), unit);
    });
    return [...known, ...unknown];
  }
  if (spec.kind === 'map') {
    if (!isPlainObject(value)) return [typeFault(spec, path)];
    const keys = Object.keys(value);
    if (keys.length > spec.maxEntries) return [tooMany(spec, path)];
    return keys.flatMap((key) =>
      ID_PATTERN.test(key) && !(key in Object.prototype)
        ? findFaults(spec.of, value[key], join(path, key), unit)
        : [unknownKey(join(path, key.slice(0, 40)), key)],
    );
  }
  if (spec.kind === 'list') {
    if (!Array.isArray(value)) return [typeFault(spec, path)];
    if (value.length < spec.minEntries || value.length > spec.maxEntries)
      return [{ code: 'range', path, sentence: listSentence(spec) }];
    return value.flatMap((entry, at) => findFaults(spec.of, entry, join(path, String(at)), unit));
  }
  const fault = leafFault(spec, value, path, unit);
  return fault ? [fault] : [];
}

/** The fault of one field's value, or `undefined`. Used by fields while typing and by the server. */
export function leafFault(spec: LeafSpec, value: unknown, path: string, unit: UnitSystem): Fault | undefined {
  switch (spec.kind) {
    case 'number':
      if (typeof value !== 'number' || !Number.isFinite(value)) return typeFault(spec, path);
      return value < spec.min || value > spec.max
        ? { code: 'range', path, sentence: rangeSentence(spec, unit) }
        : undefined;
    case 'text':
      if (typeof value !== 'string') return typeFault(spec, path);
      if (value.trim().length < spec.minChars) {
        return { code: 'empty', path, sentence: `Write something for ${lower(spec.label)}.` };
      }
      return isTooLong(spec, value)
        ? { code: 'too-long', path, sentence: `Shorten ${lower(spec.label)} to ${spec.maxChars} characters.` }
        : undefined;
    case 'choice':
      return typeof value === 'string' && spec.options.includes(value)
        ? undefined
        : {
            code: 'option',
            path,
            sentence: `Choose one of these for ${lower(spec.label)}: ${spec.options.join(', ')}.`,
          };
    case 'date':
      return typeof value === 'string' && isDay(value)
        ? undefined
        : {
            code: 'date',
            path,
            sentence: `Give ${lower(spec.label)} as a day from 1900 to 2199, such as 2026-03-14.`,
          };
    case 'flag':
      return typeof value === 'boolean' ? undefined : typeFault(spec, path);
    case 'id':
      return typeof value === 'string' && ID_PATTERN.test(value)
        ? undefined
        : { code: 'id', path, sentence: `Choose ${lower(spec.label)} from the list.` };
    default:
      return neverSpec(spec);
  }
}

/** Characters are counted as people count them: an emoji is one. */
export const isTooLong = (spec: TextSpec, value: string): boolean =>
  value.length > 2 * spec.maxChars || (value.length > spec.maxChars && [...value].length > spec.maxChars);

/** The range of a number field as a sentence that says what to do. */
export function rangeSentence(spec: NumberSpec, unit: UnitSystem): string {
  const { typed, suffix } = quantities[spec.quantity];
  const show = (value: number): string =>
    spec.quantity === 'lengthMm'
      ? formatLength(value, unit)
      : `${Math.round(value * typed * 100) / 100}${spec.quantity === 'radians' ? '' : ' '}${suffix}`.trim();
  return `${spec.label}: give a value from ${show(spec.min)} to ${show(spec.max)}.`;
}

/** How many entries a list may have, as a sentence that says what to do. */
export const listSentence = ({
  label,
  minEntries,
  maxEntries,
}: {
  label: string;
  minEntries: number;
  maxEntries: number;
}): string => `${label}: give from ${minEntries} to ${maxEntries}.`;

const isPlainObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const join = (path: string, key: string): string => (path === '' ? key : `${path}.${key}`);

/** The sentence for a value of the wrong kind altogether, by the kind that is wanted. */
export function typeSentence(spec: Spec): string {
  const wanted = {
    number: 'a number',
    text: 'words',
    flag: 'yes or no',
    record: 'a set of fields',
    map: 'a list',
    list: 'a list',
  };
  const kind = spec.kind in wanted ? wanted[spec.kind as keyof typeof wanted] : 'one of its choices';
  return `${spec.label}: give ${kind}.`;
}

const typeFault = (spec: Spec, path: string): Fault => ({ code: 'type', path, sentence: typeSentence(spec) });

const missing = (spec: Spec, path: string): Fault => ({
  code: 'missing',
  path,
  sentence: `${spec.label} is missing: fill it in.`,
});

const unknownKey = (path: string, key: string): Fault => ({
  code: 'unknown-key',
  path,
  sentence: `"${key.slice(0, 40)}" is not a field here: remove it.`,
});

const tooMany = (spec: { label: string; maxEntries: number }, path: string): Fault => ({
  code: 'range',
  path,
  sentence: `${spec.label}: keep at most ${spec.maxEntries} entries; remove old ones first.`,
});

function isDay(value: string): boolean {
  const parts = DATE_PATTERN.exec(value);
  if (!parts) return false;
  const [year, month, day] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  const date = new Date(Date.UTC(year, month - 1, day));
  return year >= 1900 && year < 2200 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

function neverSpec(spec: never): never {
  throw new Error(`expected a leaf spec, got ${JSON.stringify(spec)}; add it to leafFault`);
}

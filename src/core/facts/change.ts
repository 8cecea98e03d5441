/** One field set to a value, or taken away where `value` is `null`. `path` is dotted from the record's root. */
export interface Change {
  readonly path: string;
  readonly value: unknown;
}

const MAX_DEPTH = 8;
const KEY = /^[A-Za-z0-9_-]{1,40}$/;

/** Whether a path can be followed: 1 to 8 keys of letters, digits, `-`, `_`, none of them an object's own machinery. */
export function isUsablePath(path: string): boolean {
  const keys = path.split('.');
  return keys.length <= MAX_DEPTH && keys.every((key) => KEY.test(key) && !(key in Object.prototype));
}

/** The value at a path, or `undefined` where nothing is. */
export function valueAt(facts: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((at, key) => (isObject(at) && Object.hasOwn(at, key) ? at[key] : undefined), facts);
}

/**
 * The facts with one change made. Missing parents are made on the way; taking away what is not there returns
 * the same reference. Throws on a path that `isUsablePath` refuses (misuse: check at the door).
 */
export function applyChange<T>(facts: T, { path, value }: Change): T {
  if (!isUsablePath(path))
    throw new Error(`expected a usable path, got "${path}"; check it with isUsablePath`);
  return setAt(facts, path.split('.'), value) as T;
}

export const applyChanges = <T>(facts: T, changes: readonly Change[]): T =>
  changes.reduce<T>(applyChange, facts);

/**
 * `after`, with every part of it that says what `before` says there taken from `before`: what is worked out from a part that
 * did not change need not be worked out again. The same keys in another order are another part.
 */
export function keepingSame<T>(before: unknown, after: T): T {
  if (before === after || !isPlain(before) || !isPlain(after)) return after;
  if (Array.isArray(before) !== Array.isArray(after)) return after;
  const [old, keys] = [Object.keys(before), Object.keys(after)];
  const parts = keys.map((key) => keepingSame(before[key], after[key]));
  const same =
    old.length === keys.length && keys.every((key, nth) => key === old[nth] && parts[nth] === before[key]);
  if (same) return before as T;
  return (Array.isArray(after) ? parts : Object.fromEntries(keys.map((key, nth) => [key, parts[nth]]))) as T;
}

/** The changes that put `before` back after `changes` were made to it, last first. */
export function inverseOf(before: unknown, changes: readonly Change[]): Change[] {
  const inverse: Change[] = [];
  let facts = before;
  for (const change of changes) {
    inverse.unshift(inverseOfOne(facts, change.path));
    facts = applyChange(facts, change);
  }
  return inverse;
}

/** Puts the value back, or takes away the topmost parent that the change had to make. */
function inverseOfOne(facts: unknown, path: string): Change {
  const keys = path.split('.');
  const made = keys.findIndex((_, at) => valueAt(facts, keys.slice(0, at + 1).join('.')) === undefined);
  return made === -1
    ? { path, value: valueAt(facts, path) }
    : { path: keys.slice(0, made + 1).join('.'), value: null };
}

/** Whether one path is the other, or inside it. */
export const pathsTouch = (a: string, b: string): boolean =>
  a === b || a.startsWith(`${b}.`) || b.startsWith(`${a}.`);

function setAt(at: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  const here = isObject(at) ? at : {};
  if (key === undefined) return value;
  if (rest.length > 0) {
    if (value === null && !isObject(here[key])) return at;
    const inner = setAt(here[key], rest, value);
    return inner === here[key] ? at : { ...here, [key]: inner };
  }
  if (value === null) {
    if (!Object.hasOwn(here, key)) return at;
    return Object.fromEntries(Object.entries(here).filter(([other]) => other !== key));
  }
  return here[key] === value ? at : { ...here, [key]: value };
}

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const isObject = (value: unknown): value is Record<string, unknown> =>
  isPlain(value) && !Array.isArray(value);

import { isOptional, type LeafSpec, type ListSpec, type Spec } from '@/core/facts/spec';
import { leastFacts } from './wholeFacts';

/** A value no field of its kind may take, with a name for the test. */
export interface BadValue {
  readonly name: string;
  readonly value: unknown;
}

export interface Leaf {
  readonly path: string;
  /** A list is changed as a whole. */
  readonly spec: LeafSpec | ListSpec;
  readonly optional: boolean;
}

const TEN_MB = 10_000_000;
const huge = 'x'.repeat(TEN_MB);

/** Every field of a spec by its path; an entry of a map stands under the key `entry`. */
export function leavesOf(spec: Spec, path = '', optional = false): Leaf[] {
  const at = (key: string) => (path === '' ? key : `${path}.${key}`);
  if (spec.kind === 'record')
    return Object.entries(spec.fields).flatMap(([key, field]) => leavesOf(field, at(key), isOptional(field)));
  if (spec.kind === 'map') return leavesOf(spec.of, at('entry'), false);
  return [{ path, spec, optional }];
}

/** The bad values of a field, made from its spec. */
export function badValuesFor(spec: LeafSpec | ListSpec): readonly BadValue[] {
  const common: BadValue[] = [
    { name: 'a list', value: [] },
    { name: 'a set of fields', value: { toString: 1 } },
  ];
  switch (spec.kind) {
    case 'number':
      return [
        ...common,
        { name: 'out of range, low', value: spec.min - 1 },
        { name: 'out of range, high', value: spec.max + 1 },
        { name: 'far out of range', value: 1e300 },
        { name: 'negative', value: -1e6 },
        { name: 'empty', value: '' },
        { name: 'text', value: 'banana' },
        { name: 'emoji', value: '🧵' },
        { name: 'ten megabytes', value: huge },
        { name: 'yes', value: true },
      ];
    case 'text':
      return [
        ...common,
        ...(spec.minChars > 0
          ? [
              { name: 'empty', value: '' },
              { name: 'only spaces', value: '   ' },
            ]
          : []),
        { name: 'too long', value: '🧵'.repeat(spec.maxChars + 1) },
        { name: 'ten megabytes', value: huge },
        { name: 'a number', value: -5 },
      ];
    case 'choice':
    case 'date':
    case 'id':
      return [
        ...common,
        { name: 'empty', value: '' },
        { name: 'text', value: 'not one of them' },
        { name: 'a negative number', value: -1e6 },
        { name: 'emoji', value: '🧵' },
        { name: 'ten megabytes', value: huge },
        ...(spec.kind === 'date'
          ? [
              { name: 'a day that is not', value: '2026-02-30' },
              { name: 'too long ago', value: '1066-10-14' },
            ]
          : []),
      ];
    case 'list': {
      const least = leastFacts(spec.of) as Readonly<Record<string, unknown>>;
      return [
        ...common,
        { name: 'text', value: 'banana' },
        { name: 'ten megabytes', value: huge },
        { name: 'too many', value: Array.from({ length: spec.maxEntries + 1 }, () => least) },
        { name: 'something else among them', value: [least, 'banana'] },
        { name: 'a field nobody knows', value: [{ ...least, banana: 1 }] },
        ...leavesOf(spec.of)
          .filter(({ path }) => !path.includes('.'))
          .map((leaf) => ({
            name: `a bad ${leaf.path}`,
            value: [{ ...least, [leaf.path]: badValuesFor(leaf.spec).at(2)?.value }],
          })),
      ];
    }
    case 'flag':
      return [
        ...common,
        { name: 'text', value: 'yes' },
        { name: 'empty', value: '' },
        { name: 'a number', value: 1 },
        { name: 'emoji', value: '🧵' },
        { name: 'ten megabytes', value: huge },
      ];
    default:
      throw new Error(
        `expected a leaf spec, got ${JSON.stringify(spec satisfies never)}; say what is bad for it`,
      );
  }
}

export const isHuge = (value: unknown): boolean => value === huge;

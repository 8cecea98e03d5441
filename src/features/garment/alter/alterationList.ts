import type { Alteration, AlterationKind } from '@/core/facts/alteration';

/** The list with one more at its end. */
export const withAdded = (
  list: readonly Alteration[],
  change: AlterationKind,
  id: string,
  rest: Partial<Alteration> = {},
): readonly Alteration[] => [...list, { id, change, ...rest }];

/** The list with fields of one changed; `undefined` takes a field away. */
export const withChanged = (
  list: readonly Alteration[],
  id: string,
  fields: Readonly<Partial<Record<keyof Alteration, unknown>>>,
): readonly Alteration[] =>
  list.map((one) =>
    one.id === id
      ? (Object.fromEntries(
          Object.entries({ ...one, ...fields }).filter(([, value]) => value !== undefined),
        ) as Alteration)
      : one,
  );

/** The list with one a place earlier or later; as it was where there is no such place. */
export function withMoved(list: readonly Alteration[], id: string, by: -1 | 1): readonly Alteration[] {
  const from = list.findIndex((one) => one.id === id);
  const [one, other] = [list[from], list[from + by]];
  if (!one || !other) return list;
  return list.map((each) => (each === one ? other : each === other ? one : each));
}

import type { Change } from '../../facts/change';
import { recordSpecs, type FactsByKind, type RecordKind } from '../../facts/records';

type Facts = FactsByKind[RecordKind];
type Loose = Readonly<Record<string, unknown>>;

/** What has to be set in `from` so that it holds what `to` holds, by its fields. */
export function changesBetween(from: Facts, to: Facts): readonly Change[] {
  const [was, is] = [from as unknown as Loose, to as unknown as Loose];
  return [...new Set([...Object.keys(was), ...Object.keys(is)])]
    .filter((key) => JSON.stringify(was[key]) !== JSON.stringify(is[key]))
    .map((path) => ({ path, value: is[path] ?? null }));
}

/** What the fields are called in which two records of a kind differ. */
export const differingLabels = (kind: RecordKind, here: Facts, there: Facts): readonly string[] =>
  changesBetween(here, there).map(({ path }) => {
    const fields: Readonly<Record<string, { readonly label: string }>> = recordSpecs[kind].fields;
    return fields[path]?.label ?? path;
  });

/** Records in an order in which each comes after those it names. What names itself in a circle comes as it may. */
export function inOrderOfNaming<R extends { readonly kind: RecordKind; readonly id: string }>(
  records: readonly R[],
  named: (record: R) => readonly { readonly kind: RecordKind; readonly id: string }[],
): readonly R[] {
  const keyOf = ({ kind, id }: { readonly kind: RecordKind; readonly id: string }) => `${kind} ${id}`;
  const byKey = new Map(records.map((one) => [keyOf(one), one]));
  const ordered = new Set<R>();
  const begun = new Set<R>();
  const visit = (one: R) => {
    if (begun.has(one)) return;
    begun.add(one);
    for (const ref of named(one)) {
      const found = byKey.get(keyOf(ref));
      if (found) visit(found);
    }
    ordered.add(one);
  };
  records.forEach(visit);
  return [...ordered];
}

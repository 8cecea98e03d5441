import { recordSpecs, type FactsByKind, type RecordKind } from '@/core/facts/records';
import type { LeafSpec, Spec } from '@/core/facts/spec';

/** The description of what stands at a path of a record, such as `layers.one.around`. Throws where there is none (misuse). */
export function specAt(kind: RecordKind, path: string): Spec {
  let at: Spec = recordSpecs[kind];
  for (const step of path === '' ? [] : path.split('.')) {
    const next: Spec | undefined =
      at.kind === 'map' ? at.of : at.kind === 'record' ? at.fields[step] : undefined;
    if (!next) throw new Error(`expected a field of a ${kind} at "${path}", got none at "${step}"`);
    at = next;
  }
  return at;
}

/** What stands at a path of a record; `undefined` where nothing does. */
export const valueAt = (facts: FactsByKind[RecordKind], path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((at, step) => (at as Readonly<Record<string, unknown>> | undefined)?.[step], facts);

export const isLeaf = (spec: Spec): spec is LeafSpec => spec.kind !== 'record' && spec.kind !== 'map';

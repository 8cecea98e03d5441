import { recordSpecs, type RecordKind } from '@/core/facts/records';
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

export const isLeaf = (spec: Spec): spec is LeafSpec =>
  spec.kind !== 'record' && spec.kind !== 'map' && spec.kind !== 'list';

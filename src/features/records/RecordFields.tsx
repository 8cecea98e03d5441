'use client';
import { Fragment, type ReactNode } from 'react';
import type { RecordKind } from '@/core/facts/records';
import { FactField } from './FactField';
import { isLeaf, specAt } from './factPaths';

interface Props {
  readonly kind: RecordKind;
  readonly id: string;
  /** The part of the record, such as `layers.one`; the whole record where it is left out. */
  readonly path?: string;
  /** The fields to show; all that can be filled in where it is left out. */
  readonly only?: readonly string[];
  readonly without?: readonly string[];
  /** What stands in the place of a field, for what is more than a field. */
  readonly parts?: Readonly<Record<string, ReactNode>>;
  /** Choices as lists that open. */
  readonly compact?: boolean;
}

/** The fields of a record in the order of its description in `facts`: a field that is added there appears here. */
export function RecordFields({ kind, id, path, only, without = [], parts = {}, compact = false }: Props) {
  const spec = specAt(kind, path ?? '');
  if (spec.kind !== 'record') throw new Error(`expected a record at "${path ?? ''}" of a ${kind}`);
  return Object.entries(spec.fields)
    .filter(([name]) => (only?.includes(name) ?? true) && !without.includes(name))
    .map(([name, field]) => {
      const own = parts[name];
      if (own !== undefined) return <Fragment key={name}>{own}</Fragment>;
      if (!isLeaf(field) || field.kind === 'id') return null;
      const at = path === undefined ? name : `${path}.${name}`;
      return <FactField key={name} kind={kind} id={id} path={at} compact={compact} />;
    });
}

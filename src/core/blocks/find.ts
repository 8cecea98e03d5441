import type { Operation } from '../fit/drafting';

type Of<D extends Operation['does']> = Extract<Operation, { readonly does: D }>;

/** What is done of a kind, where it is done. */
export function find<D extends Operation['does']>(
  operations: readonly Operation[],
  does: D,
): Of<D> | undefined {
  return operations.find((one): one is Of<D> => one.does === does);
}

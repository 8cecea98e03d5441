import type { Operation, OperationOf } from '../fit/drafting';

/** What is done of a kind, where it is done. */
export function find<D extends Operation['does']>(
  operations: readonly Operation[],
  does: D,
): OperationOf<D> | undefined {
  return operations.find((one): one is OperationOf<D> => one.does === does);
}

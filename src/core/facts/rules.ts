import { readingFault } from '../cloth/handTest';
import type { Fault } from './faults';
import type { FactsByKind, RecordKind } from './records';

/** Faults that no single field shows: readings that cannot be. Expects facts that match their spec. */
export function ruleFaults<K extends RecordKind>(kind: K, facts: FactsByKind[K]): Fault[] {
  if (kind !== 'cloth') return [];
  return Object.entries((facts as FactsByKind['cloth']).tests).flatMap(([testId, test]) => {
    const fault = readingFault(test);
    return fault ? [{ ...fault, path: `tests.${testId}.${fault.path}` }] : [];
  });
}

import { readingFault } from '../cloth/handTest';
import { sewnFault } from './elastics/elasticReading';
import type { Fault } from '../facts/faults';
import type { FactsByKind, RecordKind } from '../facts/records';

/** Faults that no single field shows: readings that cannot be. Expects facts that match their spec. */
export function ruleFaults<K extends RecordKind>(kind: K, facts: FactsByKind[K]): Fault[] {
  if (kind === 'cloth') return testFaults((facts as FactsByKind['cloth']).tests);
  if (kind !== 'elastic') return [];
  const { tests, sewn } = facts as FactsByKind['elastic'];
  const samples = Object.entries(sewn).flatMap(([id, sample]): Fault[] => {
    const sentence = sewnFault(sample);
    return sentence === undefined ? [] : [{ code: 'rule', path: `sewn.${id}.afterMm`, sentence }];
  });
  return [...testFaults(tests), ...samples];
}

const testFaults = (tests: Readonly<Record<string, Parameters<typeof readingFault>[0]>>): Fault[] =>
  Object.entries(tests).flatMap(([testId, test]) => {
    const fault = readingFault(test);
    return fault ? [{ ...fault, path: `tests.${testId}.${fault.path}` }] : [];
  });

import { clothSpec, type Cloth } from './cloth';
import { elasticSpec, type Elastic } from './elastic';
import { findingSpec, type Finding } from './finding';
import { garmentSpec, type Garment } from './garment';
import { machineSetSpec, machineSpec, type Machine, type MachineSet } from './machine';
import { ownKindSpec, type OwnKind } from './ownKind';
import { patternSpec, type Pattern } from './pattern';
import { wearerSpec, type Wearer } from './wearer';

/** Every kind of record a person writes, with its spec. The door, the tests and the writer all walk this list. */
export const recordSpecs = {
  wearer: wearerSpec,
  cloth: clothSpec,
  elastic: elasticSpec,
  finding: findingSpec,
  pattern: patternSpec,
  ownKind: ownKindSpec,
  machine: machineSpec,
  machineSet: machineSetSpec,
  garment: garmentSpec,
} as const;

export type RecordKind = keyof typeof recordSpecs;
export const recordKinds = Object.keys(recordSpecs) as readonly RecordKind[];

export interface FactsByKind {
  readonly wearer: Wearer;
  readonly cloth: Cloth;
  readonly elastic: Elastic;
  readonly finding: Finding;
  readonly pattern: Pattern;
  readonly ownKind: OwnKind;
  readonly machine: Machine;
  readonly machineSet: MachineSet;
  readonly garment: Garment;
}

/** What the product calls each kind in sentences. */
export const recordNames: Readonly<Record<RecordKind, string>> = {
  wearer: 'wearer',
  cloth: 'cloth',
  elastic: 'elastic',
  finding: 'finding',
  pattern: 'pattern',
  ownKind: 'own garment',
  machine: 'machine',
  machineSet: 'machine set',
  garment: 'garment',
};

/** A record and the revision its facts are at, as it travels between server and browser. */
export interface StoredRecord<K extends RecordKind = RecordKind> {
  readonly kind: K;
  readonly id: string;
  readonly revision: number;
  readonly facts: FactsByKind[K];
}

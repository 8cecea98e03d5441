import type { Cloth } from './cloth';
import type { Elastic } from './elastic';
import type { Finding } from './finding';
import type { Tried } from './fitting';
import type { Garment } from './garment';
import type { Machine, MachineSet } from './machine';
import type { OwnKind } from './ownKind';
import type { Pattern } from './pattern';
import type { Wearer } from './wearer';

/** Everything a plan is computed from; self-contained. */
export interface GarmentFacts {
  readonly garment: Garment;
  readonly wearer?: Wearer;
  readonly outer?: Cloth;
  readonly band?: Cloth;
  readonly lining?: Cloth;
  /** The cloths that stacks among these are made of, by id. */
  readonly layerCloths?: Readonly<Record<string, Cloth>>;
  readonly pattern?: Pattern;
  readonly ownKind?: OwnKind;
  /** The elastics and findings that its edges name, by id. */
  readonly elastics?: Readonly<Record<string, Elastic>>;
  readonly findings?: Readonly<Record<string, Finding>>;
  /** The set of machines it is sewn on, and those machines, by id. */
  readonly machineSet?: MachineSet;
  readonly machines?: Readonly<Record<string, Machine>>;
  /** Minutes that each step took before, in garments of this kind. */
  readonly runs?: Readonly<Record<string, readonly number[]>>;
  /** What other garments take of those elastics, by id, mm. */
  readonly takenMm?: Readonly<Record<string, number>>;
  /** What its wearer answered of other garments that were tried on. */
  readonly tried?: Tried;
}

import type { Cloth } from '@/core/facts/cloth';
import type { Elastic } from '@/core/facts/elastic';
import type { Finding } from '@/core/facts/finding';
import type { Garment } from '@/core/facts/garment';
import type { Machine, MachineSet } from '@/core/facts/machine';
import type { Pattern } from '@/core/facts/pattern';
import type { Wearer } from '@/core/facts/wearer';

/** The made-up household of a small lakeside circus school's costume corner. Nothing here is anybody's. */
export interface Household {
  readonly wearers: Readonly<Record<string, Wearer>>;
  readonly cloths: Readonly<Record<string, Cloth>>;
  readonly elastics: Readonly<Record<string, Elastic>>;
  readonly findings: Readonly<Record<string, Finding>>;
  readonly machines: Readonly<Record<string, Machine>>;
  readonly machineSets: Readonly<Record<string, MachineSet>>;
  readonly patterns: Readonly<Record<string, Pattern>>;
  readonly garments: Readonly<Record<string, Garment>>;
}

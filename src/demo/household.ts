import type { Household } from './householdType';
import { demoCloths } from './cloths';
import { demoElastics, demoFindings } from './elastics';
import { demoGarments } from './garments';
import { demoMachineSets, demoMachines } from './machines';
import { demoPatterns } from './patterns';
import { demoWearers } from './wearers';

export const household = (today: string): Household => ({
  wearers: demoWearers(today),
  cloths: demoCloths(today),
  elastics: demoElastics(today),
  findings: demoFindings(),
  machines: demoMachines(today),
  machineSets: demoMachineSets(),
  patterns: demoPatterns(),
  garments: demoGarments(today),
});

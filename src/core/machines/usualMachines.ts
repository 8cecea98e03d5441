import { newMachine, type Machine, type UsualSetId } from '../facts/machine';

/** A sewing machine as most are: zigzag and its relatives, a free arm, takes a twin needle. */
const sewing: Machine = { ...newMachine('the sewing machine'), twin: true, freeArm: true };
const serger: Machine = { ...newMachine('the serger', 'serger'), knifeLifts: true };
const coverstitch: Machine = { ...newMachine('the coverstitch', 'coverstitch'), freeArm: true };

/** Machines that stand in while a garment names no set of the person's own. */
export const usualMachines: Readonly<Record<UsualSetId, Readonly<Record<string, Machine>>>> = {
  'serger-coverstitch': { 'usual-serger': serger, 'usual-cover': coverstitch, 'usual-sewing': sewing },
  'sewing-only': { 'usual-sewing': sewing },
};

import { setupSpec } from './setup';
import {
  choice,
  date,
  flag,
  id,
  lengthMm,
  map,
  numberOf,
  optional,
  record,
  text,
  type FactsOf,
} from './spec';
import { stitchIds } from './stitchIds';

/** Machines as most people have them, by the name that stands for a set of one's own; the first where none is named. */
export const usualSetIds = ['serger-coverstitch', 'sewing-only'] as const;
export type UsualSetId = (typeof usualSetIds)[number];
export const isUsualSet = (id: string | undefined): id is UsualSetId =>
  usualSetIds.includes(id as UsualSetId);

/** The usual machines that stand in where no set of one's own is named. */
export const usualSetOf = (id: string | undefined): UsualSetId => (isUsualSet(id) ? id : usualSetIds[0]);

export const machineKinds = ['sewing machine', 'serger', 'coverstitch', 'combined'] as const;
export type MachineKind = (typeof machineKinds)[number];
/** What a kind is called. */
export const machineKindName = (kind: MachineKind): string =>
  kind === 'combined' ? 'serger and coverstitch in one' : kind;

export const footNames = {
  walking: 'Walking foot',
  elastic: 'Elastic foot',
  blind: 'Blind-hem foot',
  edge: 'Edge foot',
} as const;
export type FootId = keyof typeof footNames;

export const symptomIds = [
  'skipped',
  'wavy',
  'puckered',
  'tunnelling',
  'loops',
  'popping',
  'hem-bubbles',
  'rolls-up',
  'gapes',
  'hem-wanders',
  'stay-missed',
  'layer-caught',
  'chewed-start',
  'uneven-band',
  'thread-out',
  'loops-missed',
  'bunched',
  'wrong-place',
  'nicked',
] as const;
export type SymptomId = (typeof symptomIds)[number];

/** A swatch sewn with a setup on a cloth: 10 cm before, as it lies after, and pulled till it resists or pops. */
export const cardSpec = record('Setup card', {
  clothId: optional(id('the cloth')),
  stitch: choice('Stitch', stitchIds),
  setup: setupSpec,
  sewnOn: date('Sewn on'),
  beforeMm: optional(lengthMm('Seam before', 20, 500, [80, 250])),
  afterMm: optional(lengthMm('Seam after, lying', 15, 700, [70, 300])),
  reachedMm: optional(lengthMm('Pulled to its limit', 20, 2000, [90, 600])),
  ended: optional(choice('What ended the pull', ['resisted', 'popped'])),
  note: optional(text('Note', 0, 500)),
});
export type SetupCard = FactsOf<typeof cardSpec>;

/** Something that went wrong on a machine, and what mended it. */
const faultSpec = record('Fault', {
  foundOn: date('Found on'),
  symptom: choice('What it did', symptomIds),
  cause: optional(id('what helped')),
  helped: optional(flag('It helped')),
  note: optional(text('Note', 0, 500)),
});

/** A machine a person has or borrows: what it can do, how it stands now, its setup cards and its faults. */
export const machineSpec = record('Machine', {
  name: text('Name', 1, 60),
  kind: choice('Kind', machineKinds),
  threads: optional(numberOf('count', 'Threads at most', 2, 5)),
  needles: optional(numberOf('count', 'Needles at most', 1, 3)),
  maxLength: optional(numberOf('ratio', 'Longest stitch, mm', 1, 9)),
  maxWidth: optional(numberOf('ratio', 'Widest stitch, mm', 0, 12)),
  differentialLeast: optional(numberOf('ratio', 'Differential feed, least', 0.3, 1)),
  differentialMost: optional(numberOf('ratio', 'Differential feed, most', 1, 3)),
  needleSystem: optional(text('Needle system', 0, 60)),
  stretchNeedlesOnly: optional(flag('Takes only a stretch overlock needle system')),
  twin: optional(flag('Takes a twin needle')),
  knifeLifts: optional(flag('The knife can be put up')),
  topCover: optional(flag('Has an upper looper for the cover stitch')),
  freeArm: optional(flag('Has a free arm')),
  feet: optional(map('Feet', flag('Has it'), 10)),
  cannot: optional(map('Stitches it has not', flag('It has not'), 40)),
  borrowed: optional(flag('Borrowed')),
  broken: optional(
    record('Out of order', { since: date('Since'), note: optional(text('What is wrong', 0, 500)) }),
  ),
  brokenStitches: optional(
    map(
      'Stitches that do not work now',
      record('Out of order', { since: date('Since'), note: optional(text('What is wrong', 0, 500)) }),
      40,
    ),
  ),
  present: optional(setupSpec),
  cards: map('Setup cards', cardSpec, 200),
  faults: map('Faults', faultSpec, 200),
  repairs: map(
    'Repairs',
    record('Repair', { doneOn: date('Done on'), what: text('What was done', 0, 500) }),
    100,
  ),
  notes: optional(text('Notes', 0, 2000)),
});
export type Machine = FactsOf<typeof machineSpec>;

export const newMachine = (name: string, kind: MachineKind = 'sewing machine'): Machine => ({
  name,
  kind,
  cards: {},
  faults: {},
  repairs: {},
});

/** Machines that are used together: those at home, or home and a friend's. */
export const machineSetSpec = record('Machine set', {
  name: text('Name', 1, 60),
  machines: map('Machines in it', flag('In it'), 20),
  notes: optional(text('Notes', 0, 500)),
});
export type MachineSet = FactsOf<typeof machineSetSpec>;

export const newMachineSet = (name: string): MachineSet => ({ name, machines: {} });

/** The machines a set names, by id, in its order. */
export const machinesIn = (set: MachineSet): readonly string[] =>
  Object.keys(set.machines).filter((one) => set.machines[one] === true);

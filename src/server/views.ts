import { getNumber } from '@/core/explain/ledger';
import 'server-only';
import type { Garment } from '@/core/facts/garment';
import type { RecordKind, StoredRecord } from '@/core/facts/records';
import { gatherFacts } from '@/core/plan/gatherFacts';
import { planGarment } from '@/core/plan/planGarment';
import { planSewing } from '@/core/sewing/planSewing';
import type { SewingPlan } from '@/core/sewing/types';
import { stageIds } from '@/core/explain/problem';
import { OLD_AFTER_DAYS, daysBetween } from '@/core/fit/latestMeasures';
import type {
  Choice,
  EarlierFitting,
  GarmentLine,
  GarmentView,
  JumpTarget,
  TracedFor,
  WorthAMinute,
} from '@/core/views/pageViews';
import type { Database } from '@/data/database';
import { findRecord, garmentsSharing, listNames, listRecords, type Stored } from '@/data/records';
import { keptOf, nowOf } from './kept';
import { nextTimeFor, notedAtSteps } from './log';
import { present } from './present';
import { wire } from './recordRoutes';
import { takenByOthers } from './rolls';
import { runsOf } from './runs';
import { today } from './today';
import { triedBefore } from './tried';

export { today };

/** How many garments a list shows at once. */
export const GARMENTS_A_PAGE = 50;
/** Cloths and wearers offered in a choice; a household has fewer. */
const MAX_CHOICES = 500;
const MAX_EARLIER = 12;

/** A page of garments, newest first, and whether more follow. */
export function garmentLines(
  db: Database,
  {
    query = '',
    offset = 0,
    limit = GARMENTS_A_PAGE,
  }: { query?: string; offset?: number; limit?: number } = {},
): { readonly lines: readonly GarmentLine[]; readonly more: boolean } {
  const found = listNames(db, 'garment', { limit: limit + 1, offset, query, order: 'updated' });
  const now = nowOf(db);
  const lines = found.slice(0, limit).flatMap(({ id }) => lineOf(now, id) ?? []);
  return { lines, more: found.length > limit };
}

/** Where one garment stands, as lists tell it. */
const lineOf = keptOf('line', ({ record, facts, onDate, runs }): GarmentLine => {
  const { facts: garment } = record;
  const plan = planGarment(facts, { onDate });
  const sewing = plan.next.stage === 'sew' ? planSewing({ ...facts, runs: runs() }, plan) : undefined;
  const step = sewing?.steps.find((one) => !one.done);
  const next = step ? step.title : plan.next.sentence;
  const numbers = sewing?.numbers ?? plan.numbers;
  const named = next.flatMap((part) => (typeof part === 'object' && 'n' in part ? [part.n] : []));
  const steps = sewing?.steps ?? plan.steps;
  const left = steps.filter((one) => !one.done).length;
  return {
    id: record.id,
    name: garment.name,
    kind: plan.kind,
    wearer: facts.wearer?.name,
    cloths: [
      ...new Set(
        [facts.outer?.name, facts.lining?.name, facts.band?.name].filter((name) => name !== undefined),
      ),
    ],
    stages: plan.stages,
    nextStage: plan.next.stage,
    next,
    numbers: Object.fromEntries(named.map((id) => [id, getNumber(numbers, id)])),
    blockedAt: stageIds.filter((stage) =>
      plan.problems.some((problem) => problem.stage === stage && problem.severity === 'stop'),
    ),
    finished: plan.stages.wear === 'done',
    setup: sewing && setupOf(sewing),
    sewn: [steps.length - left, steps.length],
    minutesLeft: sewing ? Math.round(numbers[sewing.minutesLeft]?.value ?? 0) : 0,
    lastNote: lastFitting(garment)?.next ?? lastFitting(garment)?.note,
    updatedAt: record.updatedAt,
  };
});

/** The garments one is at, newest first, to choose from. */
export const latestGarments = (db: Database): readonly Choice[] =>
  listNames(db, 'garment', { limit: GARMENTS_A_PAGE, order: 'updated' });

/** The machine and stitch that are wanted next. */
function setupOf({ steps, setups }: SewingPlan): string | undefined {
  const step = steps.find((one) => !one.done && one.setup !== undefined);
  const setup = setups.find((one) => one.id === step?.setup);
  return setup && `${setup.machine}: ${setup.name}`;
}

const DAYS_A_MONTH = 30.4;
const MAX_WORTH = 5;

/** Old measurements of growing wearers and cloths not yet washed, for the table. */
export function worthAMinute(db: Database): readonly WorthAMinute[] {
  const onDate = today();
  const old = recordList(db, 'wearer').flatMap(({ id, facts }): WorthAMinute[] => {
    const newest = Object.values(facts.measurements)
      .map((set) => set.measuredOn)
      .sort()
      .at(-1);
    const href = `/wearers/${id}`;
    if (newest === undefined)
      return [{ sentence: `${facts.name} has no measurements yet.`, action: 'Measure', href }];
    const days = daysBetween(newest, onDate);
    if (days <= OLD_AFTER_DAYS[facts.grown]) return [];
    const months = Math.round(days / DAYS_A_MONTH);
    const why = facts.grown === 'child' ? ' Children grow.' : '';
    return [
      { sentence: `${facts.name} was measured ${months} months ago.${why}`, action: 'Measure again', href },
    ];
  });
  const unwashed = recordList(db, 'cloth')
    .filter(({ facts }) => facts.washed === 'no')
    .map(({ id, facts }): WorthAMinute => ({
      sentence: `${facts.name} has not been washed.`,
      action: 'Wash it before cutting',
      href: `/cloth/${id}`,
    }));
  return [...old, ...unwashed].slice(0, MAX_WORTH);
}

/** A garment's name by itself, for the page's title: its view plans every garment on its rolls. */
export const garmentName = (db: Database, id: string): string | undefined =>
  present(findRecord(db, 'garment', id))?.facts.name;

export function garmentView(db: Database, id: string): GarmentView | undefined {
  const garment = present(findRecord(db, 'garment', id));
  if (!garment) return undefined;
  return {
    garment: wire(garment) as StoredRecord<'garment'>,
    records: namedRecords(db, garment.facts),
    wearers: choices(db, 'wearer'),
    cloths: choices(db, 'cloth'),
    patterns: choices(db, 'pattern'),
    elastics: recordList(db, 'elastic'),
    findings: recordList(db, 'finding'),
    machines: recordList(db, 'machine'),
    machineSets: recordList(db, 'machineSet'),
    garments: choices(db, 'garment').filter((one) => one.id !== id),
    runs: runsOf(db, garment.facts.kind),
    takenMm: takenByOthers(db, id),
    tried: triedBefore(db, garment),
    earlier: earlierFittings(db, garment),
    nextTime: nextTimeFor(db, garment),
    notedAtSteps: notedAtSteps(db, garment),
    today: today(),
  };
}

/** Every record a garment names, and the cloths of the stacks among them. */
function namedRecords(db: Database, garment: Garment): readonly StoredRecord[] {
  const found = new Map<string, StoredRecord>();
  gatherFacts(garment, (kind, id) => {
    const record = present(findRecord(db, kind, id));
    if (record) found.set(`${kind} ${id}`, wire(record));
    return record?.facts;
  });
  return [...found.values()];
}

function earlierFittings(db: Database, garment: Stored<'garment'>): EarlierFitting[] {
  const { wearerId, outerClothId, bandClothId, liningClothId } = garment.facts;
  const clothIds = [outerClothId, bandClothId, liningClothId].filter((id) => id !== undefined);
  return garmentsSharing(db, { ...(wearerId ? { wearerId } : {}), clothIds, limit: MAX_EARLIER })
    .filter((other) => other.id !== garment.id)
    .flatMap((other) => {
      const fitting = lastFitting(other.facts);
      if (!fitting) return [];
      const sameWearer = wearerId !== undefined && other.facts.wearerId === wearerId;
      const sameCloth = [other.facts.outerClothId, other.facts.bandClothId, other.facts.liningClothId].some(
        (id) => id !== undefined && clothIds.includes(id),
      );
      return [{ garmentId: other.id, garment: other.facts.name, sameWearer, sameCloth, fitting }];
    });
}

/** The kinds of record that have a list and a page of their own beside garments. */
type Shelf = Exclude<RecordKind, 'garment'>;

export const choices = (db: Database, kind: RecordKind): readonly Choice[] =>
  listNames(db, kind, { limit: MAX_CHOICES });

/** One wearer or cloth for its own page; `undefined` when it is not here. */
export function recordView<K extends Shelf>(db: Database, kind: K, id: string): StoredRecord<K> | undefined {
  return shown(findRecord(db, kind, id));
}

/** The garment that a pattern is traced for; nothing where it is no longer here. */
export function tracedFor(db: Database, id: string): TracedFor | undefined {
  const garment = findRecord(db, 'garment', id);
  if (!garment || garment.removed) return undefined;
  const { name, style, ownKindId, sizeId } = garment.facts;
  const ownKind = ownKindId === undefined ? undefined : recordView(db, 'ownKind', ownKindId)?.facts;
  return { id, name, style, ownKind, sizeId };
}

/** Every wearer or cloth, for its own list. */
export const recordList = <K extends Shelf>(db: Database, kind: K): readonly StoredRecord<K>[] =>
  listRecords(db, kind, { limit: MAX_CHOICES }).map((record) => wire(record) as StoredRecord<K>);

const PLACES: readonly JumpTarget[] = [
  { href: '/', label: 'On the table', what: 'place' },
  { href: '/garments', label: 'Garments', what: 'place' },
  { href: '/garments/new', label: 'New garment', what: 'place' },
  { href: '/log', label: 'Log', what: 'place' },
  { href: '/cloth', label: 'Cloth', what: 'place' },
  { href: '/cloth/compare', label: 'Compare cloths', what: 'place' },
  { href: '/elastics', label: 'Elastics & findings', what: 'place' },
  { href: '/elastics/shopping', label: 'Shopping list', what: 'place' },
  { href: '/patterns', label: 'Patterns', what: 'place' },
  { href: '/patterns/adapt', label: 'Adapt a pattern', what: 'place' },
  { href: '/wearers', label: 'Wearers', what: 'place' },
  { href: '/machines', label: 'Machines', what: 'place' },
  { href: '/sums', label: 'Sums', what: 'place' },
];
const MAX_JUMPS = 6;

/** What the jump box finds: places, and records whose name contains the text. */
export function jumpTargets(db: Database, text: string): readonly JumpTarget[] {
  const query = text.trim().slice(0, 60);
  const lower = query.toLowerCase();
  const places = PLACES.filter(({ label }) => label.toLowerCase().includes(lower));
  if (query === '') return places;
  const find = (kind: Exclude<RecordKind, 'ownKind' | 'machineSet'>, path: string): JumpTarget[] =>
    listNames(db, kind, { limit: MAX_JUMPS, query }).map(({ id, name: label }) => ({
      href: `${path}/${id}`,
      label,
      what: kind,
    }));
  return [
    ...find('garment', '/garments'),
    ...find('cloth', '/cloth'),
    ...find('elastic', '/elastics'),
    ...find('finding', '/elastics/findings'),
    ...find('pattern', '/patterns'),
    ...find('wearer', '/wearers'),
    ...find('machine', '/machines'),
    ...places,
  ];
}

function lastFitting(garment: Garment) {
  return Object.values(garment.fittings).sort((a, b) => b.triedOn.localeCompare(a.triedOn))[0];
}

function shown<K extends Shelf>(record: Stored<K> | undefined): StoredRecord<K> | undefined {
  return record && !record.removed ? (wire(record) as StoredRecord<K>) : undefined;
}

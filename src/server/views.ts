import 'server-only';
import type { Explained, Phrase } from '@/core/explain/explained';
import type { Garment } from '@/core/facts/garment';
import type { StoredRecord } from '@/core/facts/records';
import { planGarment } from '@/core/plan/planGarment';
import type { StageId, StageState } from '@/core/plan/types';
import type { Database } from '@/data/database';
import { findRecord, garmentsSharing, listRecords, recordsById, type Stored } from '@/data/records';
import { wire } from './recordRoutes';

/** How many garments a list shows at once. */
export const GARMENTS_A_PAGE = 50;
/** Cloths and wearers offered in a choice; a household has fewer. */
const MAX_CHOICES = 500;
const MAX_EARLIER = 12;

/** A garment in a list: where it stands and what to do next, computed from its facts. */
export interface GarmentLine {
  readonly id: string;
  readonly name: string;
  readonly wearer: string | undefined;
  readonly cloths: readonly string[];
  readonly stages: Readonly<Record<StageId, StageState>>;
  readonly nextStage: StageId;
  readonly next: Phrase;
  /** The numbers `next` speaks of. */
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly blocked: boolean;
  readonly finished: boolean;
  readonly minutesLeft: number;
  readonly lastNote: string | undefined;
  readonly updatedAt: string;
}

export interface Choice {
  readonly id: string;
  readonly name: string;
}

/** The server's day, `YYYY-MM-DD`, in its own time zone. */
export function today(now: Date = new Date()): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A page of garments, newest first, and whether more follow. */
export function garmentLines(
  db: Database,
  { query = '', offset = 0, limit = GARMENTS_A_PAGE }: { query?: string; offset?: number; limit?: number } = {},
): { readonly lines: readonly GarmentLine[]; readonly more: boolean } {
  const records = listRecords(db, 'garment', { limit: limit + 1, offset, query, order: 'updated' });
  const shown = records.slice(0, limit);
  const wearers = recordsById(db, 'wearer', shown.flatMap(({ facts }) => facts.wearerId ?? []));
  const cloths = recordsById(db, 'cloth', shown.flatMap(({ facts }) => [facts.outerClothId ?? [], facts.bandClothId ?? []].flat()));
  const onDate = today();
  const lines = shown.map((record): GarmentLine => {
    const { facts: garment } = record;
    const wearer = wearers.get(garment.wearerId ?? '')?.facts;
    const outer = cloths.get(garment.outerClothId ?? '')?.facts;
    const band = cloths.get(garment.bandClothId ?? '')?.facts;
    const plan = planGarment(
      { garment, ...(wearer ? { wearer } : {}), ...(outer ? { outer } : {}), ...(band ? { band } : {}) },
      { onDate },
    );
    const named = plan.next.sentence.flatMap((part) => (typeof part === 'object' && 'n' in part ? [part.n] : []));
    const left = plan.steps.filter((step) => !step.done).map((step) => plan.numbers[step.minutes]?.value ?? 0);
    return {
      id: record.id,
      name: garment.name,
      wearer: wearer?.name,
      cloths: [...new Set([outer?.name, band?.name].filter((name) => name !== undefined))],
      stages: plan.stages,
      nextStage: plan.next.stage,
      next: plan.next.sentence,
      numbers: Object.fromEntries(named.map((id) => [id, plan.numbers[id] as Explained])),
      blocked: plan.problems.some(({ severity }) => severity === 'stop'),
      finished: plan.stages.wear === 'done',
      minutesLeft: left.reduce((sum, minutes) => sum + minutes, 0),
      lastNote: lastFitting(garment)?.next ?? lastFitting(garment)?.note,
      updatedAt: record.updatedAt,
    };
  });
  return { lines, more: records.length > limit };
}

/** What came out of an earlier garment, shown again when the next is planned. */
export interface EarlierFitting {
  readonly garmentId: string;
  readonly garment: string;
  readonly sameWearer: boolean;
  readonly sameCloth: boolean;
  readonly fitting: NonNullable<ReturnType<typeof lastFitting>>;
}

export interface GarmentView {
  readonly garment: StoredRecord<'garment'>;
  readonly wearer: StoredRecord<'wearer'> | undefined;
  readonly outer: StoredRecord<'cloth'> | undefined;
  readonly band: StoredRecord<'cloth'> | undefined;
  readonly wearers: readonly Choice[];
  readonly cloths: readonly Choice[];
  readonly earlier: readonly EarlierFitting[];
  readonly today: string;
}

export function garmentView(db: Database, id: string): GarmentView | undefined {
  const garment = present(findRecord(db, 'garment', id));
  if (!garment) return undefined;
  const { wearerId, outerClothId, bandClothId } = garment.facts;
  return {
    garment: wire(garment) as StoredRecord<'garment'>,
    wearer: shown(wearerId === undefined ? undefined : findRecord(db, 'wearer', wearerId)),
    outer: shown(outerClothId === undefined ? undefined : findRecord(db, 'cloth', outerClothId)),
    band: shown(bandClothId === undefined ? undefined : findRecord(db, 'cloth', bandClothId)),
    wearers: choices(db, 'wearer'),
    cloths: choices(db, 'cloth'),
    earlier: earlierFittings(db, garment),
    today: today(),
  };
}

function earlierFittings(db: Database, garment: Stored<'garment'>): EarlierFitting[] {
  const { wearerId, outerClothId, bandClothId } = garment.facts;
  const clothIds = [outerClothId, bandClothId].filter((id) => id !== undefined);
  return garmentsSharing(db, { ...(wearerId ? { wearerId } : {}), clothIds, limit: MAX_EARLIER })
    .filter((other) => other.id !== garment.id)
    .flatMap((other) => {
      const fitting = lastFitting(other.facts);
      if (!fitting) return [];
      const sameWearer = wearerId !== undefined && other.facts.wearerId === wearerId;
      const sameCloth = [other.facts.outerClothId, other.facts.bandClothId].some((id) => id !== undefined && clothIds.includes(id));
      return [{ garmentId: other.id, garment: other.facts.name, sameWearer, sameCloth, fitting }];
    });
}

export const choices = (db: Database, kind: 'wearer' | 'cloth'): readonly Choice[] =>
  listRecords(db, kind, { limit: MAX_CHOICES }).map(({ id, facts }) => ({ id, name: facts.name }));

/** Every wearer or cloth, for its own list. */
export const recordList = <K extends 'wearer' | 'cloth'>(db: Database, kind: K): readonly StoredRecord<K>[] =>
  listRecords(db, kind, { limit: MAX_CHOICES }).map((record) => wire(record) as StoredRecord<K>);

export interface JumpTarget {
  readonly href: string;
  readonly label: string;
  readonly what: string;
}

const PLACES: readonly JumpTarget[] = [
  { href: '/', label: 'On the table', what: 'place' },
  { href: '/garments', label: 'Garments', what: 'place' },
  { href: '/garments/new', label: 'New garment', what: 'place' },
  { href: '/cloth', label: 'Cloth', what: 'place' },
  { href: '/wearers', label: 'Wearers', what: 'place' },
];
const MAX_JUMPS = 6;

/** What the jump box finds: places, and records whose name contains the text. */
export function jumpTargets(db: Database, text: string): readonly JumpTarget[] {
  const query = text.trim().slice(0, 60);
  const lower = query.toLowerCase();
  const places = PLACES.filter(({ label }) => label.toLowerCase().includes(lower));
  if (query === '') return places;
  const find = (kind: 'garment' | 'cloth' | 'wearer', path: string): JumpTarget[] =>
    listRecords(db, kind, { limit: MAX_JUMPS, query }).map(({ id, facts }) => ({ href: `${path}/${id}`, label: facts.name, what: kind }));
  return [...find('garment', '/garments'), ...find('cloth', '/cloth'), ...find('wearer', '/wearers'), ...places];
}

function lastFitting(garment: Garment) {
  return Object.values(garment.fittings).sort((a, b) => b.triedOn.localeCompare(a.triedOn))[0];
}

const present = <R extends Stored>(record: R | undefined): R | undefined => (record && !record.removed ? record : undefined);

function shown<K extends 'wearer' | 'cloth'>(record: Stored<K> | undefined): StoredRecord<K> | undefined {
  return record && !record.removed ? (wire(record) as StoredRecord<K>) : undefined;
}

import 'server-only';
import { randomUUID } from 'node:crypto';
import { applyChanges } from '@/core/facts/change';
import type { FactsByKind, RecordKind } from '@/core/facts/records';
import type { Cloth } from '@/core/facts/cloth';
import {
  edgeRefsOf,
  garmentRefFields,
  garmentRefs,
  type Garment,
  type GarmentRef,
} from '@/core/facts/garment';
import {
  MAX_GARMENT_FILE_BYTES,
  garmentFileSpec,
  readGarmentFile,
  writeGarmentFile,
  type GarmentFile,
} from '@/core/formats/garmentFile';
import { isUsualSet, machinesIn } from '@/core/facts/machine';
import { factOfRef } from '@/core/plan/gatherFacts';
import { leftToUsual } from '@/core/wear/leftToUsual';
import type { Op } from '@/data/commands';
import type { Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { download, faultsRefusal, garmentGone, readText } from './http';
import { joiFaults, joiOf } from './joiSpec';
import { garmentFacts, garmentHere } from './present';
import { commandResponse, write } from './recordRoutes';

const fileSchema = joiOf(garmentFileSpec);

/** Reads a garment file into new records, all or nothing. A wearer or cloth that is here unchanged is used again. */
export async function importGarmentFile(db: Database, request: Request): Promise<Response> {
  const body = await readText(request, MAX_GARMENT_FILE_BYTES);
  if (!body.ok) return body.response;
  const read = readGarmentFile(body.value);
  if (!read.ok) return faultsRefusal(read.faults);
  const faults = joiFaults(fileSchema, read.file);
  if (faults.length > 0) return faultsRefusal(faults);
  const { ops } = importOps(db, read.file, randomUUID);
  return commandResponse(write(db, { label: `Bring in ${read.file.garment.name}`, ops }), 201);
}

/** The ops that bring a file in, and the id its garment gets. The garment's op comes last. */
export function importOps(
  db: Database,
  file: GarmentFile,
  newId: () => string,
): { ops: readonly Op[]; garmentId: string } {
  const ops: Op[] = [];
  const place = <K extends RecordKind>(
    kind: K,
    id: string | undefined,
    facts: FactsByKind[K] | undefined,
  ): string | undefined => {
    if (!facts) return undefined;
    const made = ops.find(
      (op) => op.op === 'create' && op.kind === kind && JSON.stringify(op.facts) === JSON.stringify(facts),
    );
    if (made) return made.id;
    const here = id === undefined ? undefined : findRecord(db, kind, id);
    if (here && !here.removed && JSON.stringify(here.facts) === JSON.stringify(facts)) return here.id;
    const fresh = id === undefined || here ? newId() : id;
    ops.push({ op: 'create', kind, id: fresh, facts });
    return fresh;
  };
  const placedCloths = new Map<string, string | undefined>();
  const placeCloth = (id: string | undefined, cloth: Cloth | undefined): string | undefined => {
    if (!cloth) return undefined;
    const layers = Object.entries(cloth.layers ?? {}).map(([key, layer]) => {
      if (!placedCloths.has(layer.clothId)) {
        placedCloths.set(layer.clothId, undefined);
        placedCloths.set(layer.clothId, placeCloth(layer.clothId, file.layerCloths?.[layer.clothId]));
      }
      return [key, { ...layer, clothId: placedCloths.get(layer.clothId) ?? layer.clothId }] as const;
    });
    return place('cloth', id, cloth.layers ? { ...cloth, layers: Object.fromEntries(layers) } : cloth);
  };
  const { garment } = file;
  const placeSet = (): string | undefined => {
    const { machineSetId } = garment;
    if (isUsualSet(machineSetId)) return machineSetId;
    if (!file.machineSet) return undefined;
    const machines = Object.fromEntries(
      machinesIn(file.machineSet).flatMap((id) => {
        const placed = place('machine', id, file.machines?.[id]);
        return placed === undefined ? [] : [[placed, true] as const];
      }),
    );
    return place('machineSet', machineSetId, { ...file.machineSet, machines });
  };
  const ids = Object.fromEntries(
    garmentRefFields.map((field) => {
      if (field === 'machineSetId') return [field, placeSet()];
      const facts = file[factOfRef[field]];
      const id =
        garmentRefs[field] === 'cloth'
          ? placeCloth(garment[field], facts as Cloth | undefined)
          : place(
              garmentRefs[field] as RecordKind,
              garment[field],
              facts as FactsByKind[RecordKind] | undefined,
            );
      return [field, id];
    }),
  ) as Readonly<Record<GarmentRef, string | undefined>>;
  const edgeIds = edgeRefsOf(garment).map(({ path, kind, id }) => ({
    path,
    value:
      (kind === 'elastic'
        ? place('elastic', id, file.elastics?.[id])
        : place('finding', id, file.findings?.[id])) ?? null,
  }));
  const garmentId = newId();
  const facts = applyChanges(linked(garment, ids), edgeIds);
  ops.push({ op: 'create', kind: 'garment', id: garmentId, facts });
  return { ops, garmentId };
}

/** The garment as a file to save, with its wearer's measurements only where that was asked for. */
export function exportGarment(db: Database, id: string, withMeasurements: boolean): Response {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const file = writeGarmentFile(garmentFacts(db, garment), { withMeasurements });
  const name =
    garment.name
      .replace(/[^A-Za-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .toLowerCase() || 'garment';
  return download(`${JSON.stringify(file, null, 2)}\n`, 'application/json', `${name}.json`, 'attachment');
}

/** What belongs to the making of one garment and not to what was chosen. */
const OF_THE_MAKING = [
  'atStep',
  'wrong',
  'evenings',
  'substituted',
  'stands',
  'stoodBefore',
  'followed',
  'mends',
] as const;

/** A new garment like this one: same choices, nothing cut, sewn or worn yet. */
export function copyGarment(db: Database, id: string): Response {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const name = `${garment.name.slice(0, 50)}, again`;
  const { wearer } = garmentFacts(db, garment);
  const facts: Garment = {
    ...applyChanges(
      garment,
      [...OF_THE_MAKING, ...leftToUsual(garment, wearer)].map((path) => ({ path, value: null })),
    ),
    name,
    ...(garment.edges ? { edges: withoutRounds(garment.edges) } : {}),
    agreed: {},
    cuts: {},
    sewn: {},
    stepNotes: {},
    fittings: {},
  };
  const ops: Op[] = [{ op: 'create', kind: 'garment', id: randomUUID(), facts }];
  return commandResponse(write(db, { label: `Copy ${garment.name}`, ops }), 201);
}

/** Choices at edges without the rounds of trying on: those were of the garment that is there. */
const withoutRounds = (edges: NonNullable<Garment['edges']>): NonNullable<Garment['edges']> =>
  Object.fromEntries(
    Object.keys(edges).map((id) => [id, applyChanges(edges[id] ?? {}, [{ path: 'rounds', value: null }])]),
  );

/** The garment naming these records and no others. */
const linked = (garment: Garment, ids: Readonly<Record<GarmentRef, string | undefined>>): Garment =>
  applyChanges(
    garment,
    Object.entries(ids).map(([path, id]) => ({ path, value: id ?? null })),
  );

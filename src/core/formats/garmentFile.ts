import { clothSpec, type Cloth } from '../facts/cloth';
import { elasticSpec } from '../facts/elastic';
import { findFaults, type Fault } from '../facts/faults';
import { findingSpec } from '../facts/finding';
import { garmentSpec, type Garment } from '../facts/garment';
import { machineSetSpec, machineSpec } from '../facts/machine';
import { ownKindSpec } from '../facts/ownKind';
import { patternSpec } from '../facts/pattern';
import { fromFormerGarment } from './formerGarment';
import { ruleFaults } from '../edges/readingFaults';
import { choice, map, optional, record, type FactsOf } from '../facts/spec';
import { wearerSpec, type Wearer } from '../facts/wearer';
import type { GarmentFacts } from '../facts/garmentFacts';

/**
 * A garment file: one garment with its wearer's measurements, its cloths and every choice inside, as JSON.
 * The same shape for export, import, the demo and `bin/plan`. Its JSON Schema is docs/formats/garment-file.json.
 */
export const garmentFileSpec = record('Garment file', {
  format: choice('Format', ['idle-stretch-garment']),
  version: choice('Version', ['2']),
  garment: garmentSpec,
  wearer: optional(wearerSpec),
  outer: optional(clothSpec),
  band: optional(clothSpec),
  lining: optional(clothSpec),
  layerCloths: optional(map('Cloths of the stacks', clothSpec, 60)),
  pattern: optional(patternSpec),
  ownKind: optional(ownKindSpec),
  machineSet: optional(machineSetSpec),
  machines: optional(map('Machines', machineSpec, 20)),
  elastics: optional(map('Elastics', elasticSpec, 200)),
  findings: optional(map('Findings', findingSpec, 200)),
});
export type GarmentFile = FactsOf<typeof garmentFileSpec>;

/** Largest garment file that is read, bytes. */
export const MAX_GARMENT_FILE_BYTES = 2_000_000;

type ReadGarmentFile =
  | { readonly ok: true; readonly file: GarmentFile; readonly facts: GarmentFacts }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a garment file's text. Every fault has its path and a sentence; nothing is taken in part. */
export function readGarmentFile(text: string): ReadGarmentFile {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return refused('This is not a garment file: choose a JSON file that was saved from a garment here.');
  }
  if (typeof value === 'object' && value !== null && !('format' in value)) {
    return refused('This JSON is not a garment file: it does not say "format": "idle-stretch-garment".');
  }
  value = fromFormerFile(value);
  const faults = findFaults(garmentFileSpec, value);
  if (faults.length > 0) return { ok: false, faults };
  const file = value as GarmentFile;
  const rules = [
    ...clothsOf(file).flatMap(([path, cloth]) => under(path, ruleFaults('cloth', cloth))),
    ...Object.entries(file.elastics ?? {}).flatMap(([id, elastic]) =>
      under(`elastics.${id}`, ruleFaults('elastic', elastic)),
    ),
  ];
  if (rules.length > 0) return { ok: false, faults: rules };
  return { ok: true, file, facts: factsOf(file) };
}

/** A file of version 1 as one of version 2. */
function fromFormerFile(value: unknown): unknown {
  const { version, garment } = (value ?? {}) as { readonly version?: unknown; readonly garment?: unknown };
  if (version !== '1' || typeof garment !== 'object' || garment === null) return value;
  return {
    ...(value as object),
    version: '2',
    garment: fromFormerGarment(garment as Record<string, unknown>),
  };
}

const under = (path: string, faults: readonly Fault[]): Fault[] =>
  faults.map((fault) => ({ ...fault, path: `${path}.${fault.path}` }));

/** Every cloth in a file, with its path. */
const clothsOf = ({
  outer,
  band,
  lining,
  layerCloths = {},
}: GarmentFile): readonly (readonly [string, Cloth])[] =>
  Object.entries({
    outer,
    band,
    lining,
    ...Object.fromEntries(Object.entries(layerCloths).map(([id, cloth]) => [`layerCloths.${id}`, cloth])),
  }).flatMap(([path, cloth]) => (cloth ? [[path, cloth] as const] : []));

/** The facts a plan is computed from. */
export const factsOf = ({ format: _format, version: _version, ...facts }: GarmentFile): GarmentFacts => facts;

/** A garment as a file. Body measurements are left out unless `withMeasurements`. */
export function writeGarmentFile(
  facts: GarmentFacts,
  { withMeasurements }: { withMeasurements: boolean },
): GarmentFile {
  const { wearer } = facts;
  const own: GarmentFacts = { ...facts };
  delete (own as { takenMm?: unknown }).takenMm;
  delete (own as { runs?: unknown }).runs;
  delete (own as { tried?: unknown }).tried;
  return {
    format: 'idle-stretch-garment',
    version: '2',
    ...own,
    garment: withoutPhotos(withMeasurements ? facts.garment : withoutGirths(facts.garment)),
    ...(withMeasurements ? {} : withoutWear(own)),
    ...(wearer && !withMeasurements ? { wearer: withoutBody(wearer) } : {}),
  };
}

/** The garment without its girths as it was cut and as it measured later: they tell as much as a body. */
const withoutGirths = (garment: Garment): Garment => ({
  ...garment,
  cuts: mapped(garment.cuts, ({ girths: _girths, ...cut }) => cut),
  fittings: mapped(garment.fittings, ({ measured: _measured, ...fitting }) => fitting),
});

/** The cloths without what garments of them measured. */
function withoutWear({
  outer,
  band,
  lining,
  layerCloths,
}: GarmentFacts): Pick<GarmentFacts, 'outer' | 'band' | 'lining' | 'layerCloths'> {
  const plain = ({ inWear: _inWear, ...cloth }: Cloth): Cloth => cloth;
  return {
    ...(outer ? { outer: plain(outer) } : {}),
    ...(band ? { band: plain(band) } : {}),
    ...(lining ? { lining: plain(lining) } : {}),
    ...(layerCloths ? { layerCloths: mapped(layerCloths, plain) } : {}),
  };
}

/** The same map with every entry made another. */
const mapped = <T>(map: Readonly<Record<string, T>>, make: (one: T) => T): Readonly<Record<string, T>> =>
  Object.fromEntries(Object.entries(map).map(([id, one]) => [id, make(one)]));

/** The wearer without a measurement: garments that fit tell as much, and go too. */
function withoutBody({ fits: _fits, ...wearer }: Wearer): Wearer {
  return { ...wearer, measurements: {} };
}

/** The garment without the photos of its rounds: they are not in the file, and are nobody else's. */
const withoutPhotos = (garment: Garment): Garment => ({
  ...garment,
  fittings: mapped(garment.fittings, ({ photos: _photos, ...fitting }) => fitting),
});

const refused = (sentence: string): ReadGarmentFile => ({
  ok: false,
  faults: [{ code: 'type', path: '', sentence }],
});

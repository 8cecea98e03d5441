import { recordKinds, recordSpecs } from '../../facts/records';
import { jsonSchemaOf } from '../jsonSchema';
import { manifestSpec } from './manifest';

/** The JSON Schemas of what is in a household's copy: of its manifest, and of the facts of each kind of record. */
export const householdSchema = (): object => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Household’s copy',
  description:
    'A zip of manifest.json ($defs/manifest), manifest.sha256, records/<kind>/<id>.json ($defs/<kind>) and photos/<id>.',
  $ref: '#/$defs/manifest',
  $defs: Object.fromEntries([
    ['manifest', jsonSchemaOf(manifestSpec)],
    ...recordKinds.map((kind) => [kind, jsonSchemaOf(recordSpecs[kind])] as const),
  ]),
});

import { writeFileSync } from 'node:fs';
import { garmentFileSpec } from '../src/core/formats/garmentFile';
import { householdSchema } from '../src/core/formats/household/householdSchema';
import { jsonSchemaOf } from '../src/core/formats/jsonSchema';

/** Writes the JSON Schemas of garment files and of a household's copy to docs/formats. */
const put = (name: string, schema: object) =>
  writeFileSync(`docs/formats/${name}.json`, `${JSON.stringify(schema, null, 2)}\n`);
put('garment-file', {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  ...jsonSchemaOf(garmentFileSpec),
});
put('household', householdSchema());

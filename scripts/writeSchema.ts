import { writeFileSync } from 'node:fs';
import { garmentFileSpec } from '../src/core/formats/garmentFile';
import { jsonSchemaOf } from '../src/core/formats/jsonSchema';

/** Writes the JSON Schema of garment files to docs/formats. */
const schema = { $schema: 'https://json-schema.org/draft/2020-12/schema', ...jsonSchemaOf(garmentFileSpec) };
writeFileSync('docs/formats/garment-file.json', `${JSON.stringify(schema, null, 2)}\n`);

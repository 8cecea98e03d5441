import { ID_PATTERN } from '../facts/faults';
import { isOptional, quantities, type Spec } from '../facts/spec';

/** A spec as JSON Schema (draft 2020-12), for people who write garment files with other programs. */
export function jsonSchemaOf(spec: Spec): Readonly<Record<string, unknown>> {
  const title = spec.label;
  switch (spec.kind) {
    case 'number':
      return {
        title,
        type: 'number',
        minimum: spec.min,
        maximum: spec.max,
        description: `in ${quantities[spec.quantity].kept}`,
      };
    case 'text':
      return { title, type: 'string', minLength: spec.minChars, maxLength: spec.maxChars };
    case 'choice':
      return { title, enum: spec.options };
    case 'date':
      return { title, type: 'string', format: 'date' };
    case 'flag':
      return { title, type: 'boolean' };
    case 'id':
      return { title, type: 'string', pattern: ID_PATTERN.source };
    case 'map':
      return {
        title,
        type: 'object',
        maxProperties: spec.maxEntries,
        propertyNames: { pattern: ID_PATTERN.source },
        additionalProperties: jsonSchemaOf(spec.of),
      };
    case 'list':
      return {
        title,
        type: 'array',
        minItems: spec.minEntries,
        maxItems: spec.maxEntries,
        items: jsonSchemaOf(spec.of),
      };
    case 'record': {
      const fields = Object.entries(spec.fields);
      return {
        title,
        type: 'object',
        additionalProperties: false,
        required: fields.filter(([, field]) => !isOptional(field)).map(([key]) => key),
        properties: Object.fromEntries(fields.map(([key, field]) => [key, jsonSchemaOf(field)])),
      };
    }
    default:
      throw new Error(`expected a spec, got ${JSON.stringify(spec satisfies never)}; add it to jsonSchemaOf`);
  }
}

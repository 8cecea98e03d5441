import { lower } from '@/core/units/words';
import 'server-only';
import Joi from 'joi';
import {
  ID_PATTERN,
  isTooLong,
  leafFault,
  listSentence,
  rangeSentence,
  typeSentence,
  type Fault,
} from '@/core/facts/faults';
import { isOptional, type LeafSpec, type Spec } from '@/core/facts/spec';

const OBJECT_KEYS = Object.getOwnPropertyNames(Object.prototype);

/** The Joi schema of a spec: same ranges and sentences as the fields in the browser, built from one description. */
export function joiOf(spec: Spec): Joi.Schema {
  if (spec.kind === 'record') {
    const keys = Object.entries(spec.fields).map(([key, field]): [string, Joi.Schema] => {
      const schema = joiOf(field);
      return [key, isOptional(field) ? schema.optional() : schema.required()];
    });
    return Joi.object(Object.fromEntries(keys))
      .unknown(false)
      .label(spec.label)
      .messages({
        'object.base': typeSentence(spec),
        'any.required': `${spec.label} is missing: fill it in.`,
      });
  }
  if (spec.kind === 'map') {
    const key = Joi.string()
      .pattern(ID_PATTERN)
      .invalid(...OBJECT_KEYS);
    return Joi.object()
      .pattern(key, joiOf(spec.of).required())
      .max(spec.maxEntries)
      .label(spec.label)
      .messages({
        'object.base': typeSentence(spec),
        'object.max': `${spec.label}: keep at most ${spec.maxEntries} entries; remove old ones first.`,
        'any.required': `${spec.label} is missing: fill it in.`,
      });
  }
  if (spec.kind === 'list') {
    return Joi.array()
      .items(joiOf(spec.of))
      .min(spec.minEntries)
      .max(spec.maxEntries)
      .label(spec.label)
      .messages({
        'array.base': typeSentence(spec),
        'array.min': listSentence(spec),
        'array.max': listSentence(spec),
        'any.required': `${spec.label} is missing: fill it in.`,
      });
  }
  return leafSchema(spec)
    .label(spec.label)
    .messages({ 'any.required': `${spec.label} is missing: fill it in.` });
}

function leafSchema(spec: LeafSpec): Joi.Schema {
  switch (spec.kind) {
    case 'number':
      return Joi.number()
        .min(spec.min)
        .max(spec.max)
        .messages({
          '*': rangeSentence(spec, 'cm'),
          'number.base': typeSentence(spec),
          'number.infinity': typeSentence(spec),
        });
    case 'text': {
      const plain = spec.minChars > 0 ? Joi.string().pattern(/\S/) : Joi.string().allow('');
      const measured = plain.custom((value: string, helpers) =>
        isTooLong(spec, value) ? helpers.error('string.max') : value,
      );
      return measured.messages({
        '*': `Write something for ${lower(spec.label)}.`,
        'string.base': typeSentence(spec),
        'string.max': `Shorten ${lower(spec.label)} to ${spec.maxChars} characters.`,
      });
    }
    case 'choice':
      return Joi.any()
        .valid(...spec.options)
        .messages({ '*': sentenceFor(spec) });
    case 'date':
    case 'id':
      return Joi.any()
        .custom((value: unknown, helpers) =>
          leafFault(spec, value, '', 'cm') ? helpers.error(`any.${spec.kind}`) : value,
        )
        .messages({ '*': sentenceFor(spec) });
    case 'flag':
      return Joi.boolean()
        .strict()
        .messages({ '*': typeSentence(spec) });
    default:
      throw new Error(
        `expected a leaf spec, got ${JSON.stringify(spec satisfies never)}; add it to leafSchema`,
      );
  }
}

const sentenceFor = (spec: LeafSpec): string =>
  leafFault(spec, undefined, '', 'cm')?.sentence ?? typeSentence(spec);

/** Every fault of a value against a schema, with its path and sentence. */
export function joiFaults(schema: Joi.Schema, value: unknown): Fault[] {
  const { error } = schema.validate(value, {
    abortEarly: false,
    convert: false,
    errors: { wrap: { label: false } },
  });
  return (error?.details ?? []).map(({ type, path, message, context }) => {
    const key = String(context?.key ?? '');
    return type === 'object.unknown'
      ? {
          code: 'unknown-key',
          path: [...path.slice(0, -1), key.slice(0, 40)].join('.'),
          sentence: `"${key.slice(0, 40)}" is not a field here: remove it.`,
        }
      : { code: codeOf(type), path: path.join('.'), sentence: message };
  });
}

function codeOf(type: string): Fault['code'] {
  if (type === 'any.required') return 'missing';
  if (type === 'any.only') return 'option';
  if (type === 'string.max') return 'too-long';
  if (type === 'string.empty' || type === 'string.pattern.base') return 'empty';
  if (type.endsWith('.base') || type === 'number.infinity') return 'type';
  if (type === 'any.date') return 'date';
  if (type === 'any.id') return 'id';
  return 'range';
}

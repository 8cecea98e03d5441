import { edgeRefFields, garmentRefFields, threadRefFields } from '@/core/facts/garment';
import type { FactsByKind, RecordKind } from '@/core/facts/records';
import { recordSpecs } from '@/core/facts/records';
import { isOptional, type LeafSpec, type Spec } from '@/core/facts/spec';

/** Facts with every field filled in, optional ones too, each map with one entry called `entry`. */
export function wholeFacts<K extends RecordKind>(kind: K): FactsByKind[K] {
  const facts = fill(recordSpecs[kind]) as Record<string, unknown>;
  if (kind === 'garment') {
    for (const key of garmentRefFields) delete facts[key];
    const { entry } = facts.edges as Record<string, Record<string, unknown>>;
    for (const key of edgeRefFields) delete entry?.[key];
    const threads = facts.threads as Record<string, unknown>;
    for (const key of threadRefFields) delete threads[key];
  }
  if (kind === 'elastic') {
    facts.tests = {
      entry: { testedOn: '2026-01-01', restMm: 100, pulledMm: 150, releasedMm: 101 },
    };
    facts.sewn = { entry: { sewnOn: '2026-01-01', beforeMm: 100, afterMm: 104 } };
  }
  if (kind === 'cloth') {
    facts.tests = {
      entry: {
        direction: 'across',
        testedOn: '2026-01-01',
        restMm: 100,
        pulledMm: 150,
        releasedMm: 101,
        restWidthMm: 50,
        pulledWidthMm: 40,
      },
    };
  }
  return facts as unknown as FactsByKind[K];
}

function fill(spec: Spec): unknown {
  if (spec.kind === 'record')
    return Object.fromEntries(Object.entries(spec.fields).map(([key, field]) => [key, fill(field)]));
  if (spec.kind === 'map') return { entry: fill(spec.of) };
  if (spec.kind === 'list') return Array.from({ length: spec.minEntries }, () => fill(spec.of));
  return middleOf(spec);
}

function middleOf(spec: LeafSpec): unknown {
  switch (spec.kind) {
    case 'number':
      return (spec.min + spec.max) / 2;
    case 'text':
      return 'words'.slice(0, spec.maxChars);
    case 'choice':
      return spec.options[0];
    case 'date':
      return '2026-01-01';
    case 'flag':
      return true;
    case 'id':
      return 'some-id';
    default:
      throw new Error(`expected a leaf spec, got ${JSON.stringify(spec satisfies never)}`);
  }
}

/** Only the fields that must be there. */
export function leastFacts(spec: Spec): unknown {
  if (spec.kind === 'record') {
    return Object.fromEntries(
      Object.entries(spec.fields).flatMap(([key, field]) =>
        isOptional(field) ? [] : [[key, leastFacts(field)]],
      ),
    );
  }
  if (spec.kind === 'map') return {};
  if (spec.kind === 'list') return Array.from({ length: spec.minEntries }, () => leastFacts(spec.of));
  return middleOf(spec);
}

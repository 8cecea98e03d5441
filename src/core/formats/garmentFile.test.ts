import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { applyChange } from '../facts/change';
import { findFaults } from '../facts/faults';
import { planGarment } from '../plan/planGarment';
import { factsOf, garmentFileSpec, readGarmentFile, writeGarmentFile } from './garmentFile';
import { jsonSchemaOf } from './jsonSchema';
import { TODAY, demoFact, demoFacts, demoFile } from '../../../tests/demoFacts';
import { badValuesFor, isHuge, leavesOf } from '../../../tests/badInput';
import { wholeFacts } from '../../../tests/wholeFacts';
import { without } from '../../../tests/sewn';

test.each(demoFacts())('%s: written and read back it plans the same', (_id, facts) => {
  const read = readGarmentFile(JSON.stringify(writeGarmentFile(facts, { withMeasurements: true })));
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  expect(planGarment(read.facts, { onDate: TODAY })).toEqual(planGarment(facts, { onDate: TODAY }));
});

test('a file of version 1 is read as the garment it is, and written as version 2', () => {
  const garment = without(demoFact('buoy').garment, 'machineSetId', 'topstitched', 'picks');
  const former = {
    ...demoFile('buoy'),
    version: '1',
    garment: {
      ...garment,
      neckband: { finishedMm: 25 },
      machines: 'sewing-only',
      sleeveHems: 'best',
      topstitch: 'straight',
    },
  };
  const read = readGarmentFile(JSON.stringify(former));
  expect(read.ok && read.file).toEqual(demoFile('buoy'));
  expect(readGarmentFile(JSON.stringify({ ...former, version: '2' })).ok).toBe(false);
});

test('body measurements stay out unless they are asked for', () => {
  const file = writeGarmentFile(demoFact('ring-toss'), { withMeasurements: false });
  expect(JSON.stringify(file.wearer)).not.toContain('bust');
  expect(readGarmentFile(JSON.stringify(file)).ok).toBe(true);
});

test('nor does a garment or a cloth in it tell of a body: not as it was cut, not as it measured later', () => {
  const facts = demoFact('overture');
  const told = {
    measuredOn: '2026-05-01',
    of: 'Other, hip',
    direction: 'across' as const,
    beforeMm: 711,
    afterMm: 722,
  };
  const worn = (cloth: NonNullable<typeof facts.outer>) => ({ ...cloth, inWear: { a: told } });
  const cloth = worn(facts.outer as NonNullable<typeof facts.outer>);
  const garment = {
    ...facts.garment,
    cuts: {
      front: { cutOn: '2026-05-01', girths: { hip: 733 } },
      band: { cutOn: '2026-05-01', lengthMm: 350 },
    },
    fittings: { a: { triedOn: '2026-05-02', outcomes: { hip: 'right' as const }, measured: { hip: 744 } } },
  };
  const all = { ...facts, garment, outer: cloth, band: cloth, lining: cloth, layerCloths: { x: cloth } };
  const file = (withMeasurements: boolean) => JSON.stringify(writeGarmentFile(all, { withMeasurements }));
  for (const mm of ['711', '722', '733', '744']) {
    expect(file(true)).toContain(mm);
    expect(file(false)).not.toContain(mm);
  }
  expect(file(false)).toContain('"lengthMm":350');
  expect(readGarmentFile(file(false)).ok).toBe(true);
});

test.each([
  ['not JSON at all', 'Dear diary', /not a garment file/],
  ['other JSON', '{"a":1}', /does not say/],
  ['a list', '[]', /does not say/],
  ['nothing', '', /not a garment file/],
  ['null', 'null', /give a set of fields/],
  ['an unknown key', JSON.stringify({ ...demoFile('ring-toss'), extra: 1 }), /not a field/],
  ['a later version', JSON.stringify({ ...demoFile('ring-toss'), version: '3' }), /Choose one of these/],
])('%s is refused with a sentence', (_name, text, words) => {
  const read = readGarmentFile(text);
  expect(read.ok ? '' : (read.faults[0]?.sentence ?? '')).toMatch(words);
});

describe('the published JSON Schema', () => {
  const published = JSON.parse(readFileSync('docs/formats/garment-file.json', 'utf8')) as object;
  test('is what the spec says; write it anew with npm run schema', () => {
    expect(published).toEqual({
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      ...jsonSchemaOf(garmentFileSpec),
    });
  });
  test('accepts every demo garment and refuses what the reader refuses (reference library: ajv)', () => {
    const ajv = new Ajv({ strict: true, validateFormats: false });
    const validate = ajv.compile(published);
    for (const [id] of demoFacts()) expect([id, validate(demoFile(id))]).toEqual([id, true]);
    const file = demoFile('ring-toss');
    for (const bad of [
      { ...file, extra: 1 },
      { ...file, garment: { ...file.garment, name: '' } },
      { ...file, garment: { ...file.garment, style: 'baggy' } },
    ]) {
      expect([validate(bad), readGarmentFile(JSON.stringify(bad)).ok]).toEqual([false, false]);
    }
  });
  test('and the reader agree on every bad value of every field, but for days and blank words, which a schema cannot see', () => {
    const validate = new Ajv({ strict: true, validateFormats: false }).compile(published);
    const whole = {
      format: 'idle-stretch-garment',
      version: '2',
      garment: wholeFacts('garment'),
      wearer: wholeFacts('wearer'),
      outer: wholeFacts('cloth'),
    };
    expect([validate(whole), findFaults(garmentFileSpec, whole)]).toEqual([true, []]);
    for (const { path, spec } of leavesOf(garmentFileSpec).filter(
      ({ path: at }) => !at.startsWith('band.'),
    )) {
      for (const { name, value } of badValuesFor(spec)) {
        if (isHuge(value) || name === 'only spaces' || spec.kind === 'date') continue;
        const bad = applyChange(whole, { path, value });
        expect([path, name, validate(bad), findFaults(garmentFileSpec, bad).length > 0]).toEqual([
          path,
          name,
          false,
          true,
        ]);
      }
    }
  });
  test('facts of a file are its records', () =>
    expect(factsOf(demoFile('ring-toss'))).toEqual(demoFact('ring-toss')));
});

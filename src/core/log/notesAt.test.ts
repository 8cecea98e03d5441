import { stageIds } from '../explain/problem';
import { newCloth } from '../facts/cloth';
import { newElastic } from '../facts/elastic';
import { newGarment } from '../facts/garment';
import { newMachine } from '../facts/machine';
import { newPattern } from '../facts/pattern';
import { newWearer } from '../facts/wearer';
import { notesAt, notesAtStep } from './notesAt';

test('each note at the stage it is about, once, and none where nothing was noted', () => {
  const cloth = { ...newCloth('Heron jersey'), notes: 'Curls.' };
  const facts = {
    garment: newGarment('Tee', 'tee'),
    wearer: { ...newWearer('Wren', 'child'), notes: 'Ticklish.' },
    outer: cloth,
    band: cloth,
    lining: { ...newCloth('Mesh'), notes: '  ' },
    pattern: {
      ...newPattern('Bought tee', 'tee'),
      unclear: 'Step 4.',
      better: 'In the flat.',
      sizing: 'Runs small.',
      liked: 'The neck.',
    },
    elastics: { e: { ...newElastic('Soft plush'), notes: 'Grows.' } },
    machines: { m: { ...newMachine('Old green'), notes: 'Sticks.' }, n: newMachine('New one') },
  };
  const said = stageIds.map((stage) => [
    stage,
    notesAt(stage, facts).map(({ name, about, text }) => [name, about, text]),
  ]);
  expect(said).toEqual([
    [
      'measure',
      [
        ['Wren', undefined, 'Ticklish.'],
        ['Bought tee', 'what was liked', 'The neck.'],
      ],
    ],
    ['stretch', [['Heron jersey', undefined, 'Curls.']]],
    ['fit', [['Bought tee', 'sizing', 'Runs small.']]],
    ['bands', [['Soft plush', undefined, 'Grows.']]],
    ['cut', [['Heron jersey', undefined, 'Curls.']]],
    [
      'sew',
      [
        ['Bought tee', 'what was unclear', 'Step 4.'],
        ['Bought tee', 'a better way', 'In the flat.'],
        ['Old green', undefined, 'Sticks.'],
      ],
    ],
    ['wear', []],
  ]);
});

test('at a step: of the machine it is sewn on and the elastic it sews, and of no other', () => {
  const facts = {
    garment: {
      ...newGarment('Briefs', 'briefs'),
      edges: { waist: { elasticId: 'e' }, leg: { elasticId: 'f' } },
    },
    elastics: {
      e: { ...newElastic('Soft plush'), notes: 'Grows.' },
      f: { ...newElastic('Picot'), notes: 'Scratches.' },
    },
    machines: { m: { ...newMachine('Old green'), notes: 'Sticks.' }, n: newMachine('New one') },
  };
  const at = (machineId: string | undefined, ...passes: string[]) =>
    notesAtStep(facts, { ...(machineId === undefined ? {} : { machineId }), passes }).map(({ text }) => text);
  expect(at('m', 'edge:waist/first row')).toEqual(['Sticks.', 'Grows.']);
  expect(at('n', 'edge:leg/hem m1')).toEqual(['Scratches.']);
  expect(at(undefined, 'seam:side/seam')).toEqual([]);
});

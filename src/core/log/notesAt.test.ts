import { stageIds } from '../explain/problem';
import { newCloth } from '../facts/cloth';
import { newElastic } from '../facts/elastic';
import { newGarment } from '../facts/garment';
import { newMachine } from '../facts/machine';
import { newPattern } from '../facts/pattern';
import { newWearer } from '../facts/wearer';
import { notesAt } from './notesAt';

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

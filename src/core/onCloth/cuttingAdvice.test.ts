import { newCloth } from '../facts/cloth';
import { cuttingAdvice } from './cuttingAdvice';

const said = (facts: object, cutWith: 'rotary' | 'scissors' = 'rotary') =>
  cuttingAdvice({ ...newCloth('cloth'), ...facts }, cutWith).join(' ');

test('lace is pinned upright on a padded board, and marked by pins, not by chalk (handbook 06)', () => {
  for (const lace of [{ dry: 'see-through' }, { ravels: 'runs' }, { scallop: 'both edges' }]) {
    expect(said(lace)).toMatch(/padded board.*short pins, upright/);
    expect(said(lace)).toMatch(/mark by pins/);
    expect(said(lace)).not.toMatch(/Weights/);
  }
});

test('an even jersey lies flat under weights and takes chalk; a slinky one takes pins and paper under it', () => {
  expect(said({ drape: 'medium', weightGsm: 190 })).toMatch(/Weights.*chalk on the wrong side/);
  expect(said({ scallop: 'none' })).not.toMatch(/padded/);
  expect(said({ drape: 'medium', weightGsm: 190 })).not.toMatch(/thin paper|padded/);
  expect(said({ drape: 'slinky' })).toMatch(/Weights.*mark by pins.*thin paper/);
  expect(said({ weightGsm: 119 })).toMatch(/thin paper/);
});

test('the caution is that of the tool: the cutter is closed, the lower blade stays on the table', () => {
  expect(said({}, 'rotary')).toMatch(/away from yourself.*close the cutter/);
  expect(said({}, 'scissors')).toMatch(/lower blade/);
  expect(said({}, 'scissors')).not.toMatch(/close the cutter/);
  expect(said({ pile: 'yes', curl: 'strongly' })).toMatch(/pile down.*curl/);
});

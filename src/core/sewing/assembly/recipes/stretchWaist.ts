import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { seam, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, tryOn } from './shared';

export const stretchWaist: Recipe = {
  alternatives: [],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'hem'),
    ...seam(
      c,
      'side',
      say`Sew the sides`,
      [say`Front on back, notches matched.`],
      say`Both sides the same length.`,
      { job: 'seam', up: 'the front', start: 'the waist', press: 'to the back', after: ['press-hems'] },
    ),
    ...edge(c, 'waist', { after: ['side'], seam: 'waist' }),
    tryOn('length-try', say`Try it on for length`, [say`With the waist where it sits; mark the hem level.`], {
      after: ['waist-sew'],
      settles: ['hem'],
    }),
    ...edge(c, 'hem', { after: ['side', 'length-try'], seam: 'hem' }),
    lastLook(c),
  ],
};

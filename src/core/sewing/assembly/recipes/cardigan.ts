import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { sleevesSet, step, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, shoulders, sides, sleeves } from './shared';

export const cardigan: Recipe = {
  alternatives: [sleevesSet],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'cuff', 'hem'),
    step(
      'pocket-tops',
      say`Sew the pocket tops on and press the pockets’ edges`,
      [say`Band folded, along the pocket’s upper edge; other edges pressed in.`],
      say`Left and right alike.`,
      {
        job: 'still',
        minutes: 10,
        times: 2,
        sides: 'right sides facing',
        up: 'the band',
        start: 'one end',
        press: 'to the pocket',
      },
    ),
    step(
      'pockets',
      say`Sew the pockets on the flat fronts`,
      [say`Placed level on both fronts, with pins at the corners where chalk does not show.`],
      say`Both at the same height.`,
      {
        job: 'topstitch',
        minutes: 12,
        times: 2,
        after: ['pocket-tops'],
        sides: 'wrong side on the right side',
        up: 'the pocket',
        start: 'an upper corner',
        cautions: ['pins-break'],
      },
    ),
    ...shoulders(c, ['pockets']),
    ...sleeves(c, ['shoulder']),
    ...sides(c, []),
    ...edge(c, 'cuff', { after: ['side', 'armhole'], seam: 'cuff' }),
    ...edge(c, 'hem', { after: ['side'], seam: 'hem-band' }),
    ...edge(c, 'front-band', { after: ['shoulder', 'edge:hem', 'pockets'], seam: 'front-band' }),
    lastLook(c),
  ],
};

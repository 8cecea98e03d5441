import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { neckAndShoulders } from './neckAndShoulders';
import { bindingSewn, flatOrRound, neckbandSewn, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, sides, tryOn } from './shared';

export const boundTee: Recipe = {
  alternatives: [bindingSewn, neckbandSewn, flatOrRound('sleeve-hems', 'Sleeve hems')],
  steps: (c) => {
    const { shoulders, neck, closed } = neckAndShoulders(c, 'neckline');
    return [
      markFront(),
      ...pressHems(c, 'sleeve-hem', 'hem'),
      ...shoulders,
      ...neck,
      ...(c.ways['sleeve-hems'] === 'flat'
        ? edge(c, 'sleeve-hem', { flat: true, seam: 'sleeve-hem', after: [closed] })
        : []),
      ...sides(c, [closed]),
      ...(c.ways['sleeve-hems'] === 'flat'
        ? []
        : edge(c, 'sleeve-hem', { after: ['side'], seam: 'sleeve-hem' })),
      tryOn('length-try', say`Try it on for length`, [say`Mark the hem level all round.`], {
        after: ['side'],
        settles: ['hem'],
      }),
      ...edge(c, 'hem', { after: ['side', 'length-try'], seam: 'hem' }),
      lastLook(c),
    ];
  },
};

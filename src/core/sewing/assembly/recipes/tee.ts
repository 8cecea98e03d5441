import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { neckAndShoulders } from './neckAndShoulders';
import { bindingSewn, flatOrRound, neckbandSewn, sleevesSet, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, sides, sleeves, tryOn } from './shared';

export const tee: Recipe = {
  alternatives: [flatOrRound('sleeve-hems', 'Sleeve hems'), sleevesSet, neckbandSewn, bindingSewn],
  steps: (c) => {
    const { shoulders, neck, closed } = neckAndShoulders(c, 'neckband');
    return [
      markFront(),
      ...pressHems(c, 'sleeve-hem', 'hem'),
      ...shoulders,
      ...(c.ways['sleeve-hems'] === 'flat' ? edge(c, 'sleeve-hem', { flat: true, seam: 'sleeve-hem' }) : []),
      ...sleeves(c, [closed]),
      ...sides(c, []),
      ...neck,
      ...(c.ways['sleeve-hems'] === 'flat'
        ? []
        : edge(c, 'sleeve-hem', { after: ['side', 'armhole'], seam: 'sleeve-hem' })),
      tryOn(
        'length-try',
        say`Try it on for length`,
        [say`Mark the hem level all round; turn the crease where it should be.`],
        {
          after: ['side', 'armhole'],
          settles: ['hem'],
        },
      ),
      ...edge(c, 'hem', { after: ['side', 'length-try'], seam: 'hem' }),
      lastLook(c),
    ];
  },
};

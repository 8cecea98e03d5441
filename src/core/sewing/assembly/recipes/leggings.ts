import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { hasSeam, roundOrFlat, seam, secondRow, type Recipe } from '../recipe';
import { lastLook, lengthOnTheFlat, markFront, pressHems, tryOn } from './shared';
import { inseams, crotch } from './bottomsShared';

export const leggings: Recipe = {
  alternatives: [
    {
      id: 'outseams',
      label: 'Outside legs',
      options: [
        { id: 'flat', label: 'first, while the legs are flat' },
        { id: 'after', label: 'after the inside legs' },
      ],
    },
    roundOrFlat('leg-hems', 'Leg hems'),
    secondRow('A second row below the waistband’s seam'),
  ],
  steps: (c) => {
    const first = c.ways.outseams !== 'after';
    const flatHems = c.ways['leg-hems'] === 'flat';
    const outseams = (after: readonly string[]) =>
      seam(
        c,
        'outseam',
        say`Sew the outside legs`,
        [say`Front on back, notches matched; let the feed take it.`],
        say`Both sides are the same length.`,
        { job: 'seam', after, up: 'the front', start: 'the waist', press: 'to the back' },
      );
    const legs = hasSeam(c, 'outseam') ? ['outseam', 'inseam'] : ['inseam'];
    return [
      markFront(),
      ...pressHems(c, 'leg-hem'),
      ...(first ? outseams([]) : []),
      ...(flatHems
        ? [
            lengthOnTheFlat('length-flat', say`Settle the length of the legs while they are flat`, [
              'leg-hem',
            ]),
            ...edge(c, 'leg-hem', {
              flat: true,
              seam: 'leg-hem',
              after: ['length-flat', ...(first ? ['outseam'] : [])],
            }),
          ]
        : []),
      ...inseams(c, ['press-hems', ...(first ? ['outseam'] : []), ...(flatHems ? ['edge:leg-hem'] : [])]),
      ...(first ? [] : outseams(['inseam'])),
      ...crotch(c, legs),
      ...edge(c, 'waist', { after: ['crotch'], seam: 'waistband' }),
      ...(flatHems
        ? []
        : [
            tryOn(
              'length-try',
              say`Try them on for length`,
              [say`Sit, squat and step high; mark both legs alike.`],
              { after: ['crotch'], settles: ['leg-hem'] },
            ),
            ...edge(c, 'leg-hem', { after: [...legs, 'length-try'], seam: 'leg-hem' }),
          ]),
      lastLook(c),
    ];
  },
};

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { flatOrRound, seam, step, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems } from './shared';

export const boxerBriefs: Recipe = {
  alternatives: [flatOrRound('leg-hems', 'Leg hems')],
  steps: (c) => {
    const flatHems = c.ways['leg-hems'] === 'flat';
    return [
      markFront(),
      ...pressHems(c, 'leg'),
      step(
        'pouch-curves',
        say`Sew the centre curves of the pouch, outer and lining`,
        [say`Two pairs; the wide end is the top. Notch the curve, press it open.`],
        say`Two cups alike, one inside the other.`,
        {
          job: 'precise',
          minutes: 8,
          times: 2,
          sides: 'right sides facing',
          up: 'either side',
          start: 'the top',
          press: 'open',
        },
      ),
      ...seam(
        c,
        'pouch',
        say`First side of the pouch: three flat layers`,
        [say`Body between pouch and its lining; edges level, the wide end at the top.`],
        say`All three layers are caught from end to end.`,
        {
          job: 'still',
          after: ['pouch-curves'],
          times: 1,
          up: 'the pouch lining',
          start: 'the top',
          press: 'to the body',
          sides: 'pouch and lining round the body, right sides facing it',
        },
      ),
      step(
        'pouch-2',
        say`Second side of the pouch: the body rolled up inside`,
        [
          say`Roll the body up small and lay it between the two layers of the pouch.`,
          say`Bring the other edge of the body round, pouch and lining over it, and sew the three together.`,
          say`Turn it through the open end.`,
        ],
        say`No raw edge shows on either side.`,
        {
          job: 'still',
          minutes: 12,
          after: ['pouch'],
          seam: 'pouch',
          sides: 'pouch and lining round the body, right sides facing it',
          up: 'the pouch lining',
          start: 'the top',
          press: 'to the body',
          diagram: 'roll-and-enclose',
          cautions: ['clips-knife'],
        },
      ),
      ...(flatHems ? edge(c, 'leg', { flat: true, seam: 'leg' }) : []),
      ...seam(
        c,
        'crotch',
        say`Sew the crotch and inside legs`,
        [say`The seam runs from one leg through the crotch to the other; the pouch’s end is matched in it.`],
        say`The pouch hangs straight.`,
        {
          job: 'seam',
          after: ['pouch-2', 'press-hems', ...(flatHems ? ['edge:leg'] : [])],
          times: 1,
          up: 'the front',
          start: 'one leg',
          press: 'to the back',
        },
      ),
      ...(flatHems ? [] : edge(c, 'leg', { after: ['crotch'], seam: 'leg' })),
      ...edge(c, 'waist', { after: ['crotch'], seam: 'waist' }),
      lastLook(c),
    ];
  },
};

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { flatOrRound, sleevesSet, step, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, shoulders, sides, sleeves } from './shared';

export const collarPullover: Recipe = {
  alternatives: [flatOrRound('sleeve-hems', 'Sleeve hems'), sleevesSet],
  steps: (c) => [
    markFront(),
    step(
      'interfacing',
      say`Fuse the interfacing`,
      [
        say`Knit interfacing on the facings, the point of the V and along slinky seams, with the iron set down and lifted.`,
      ],
      say`No bubbles; the V’s tip is marked.`,
      { place: 'iron', minutes: 8, cautions: ['iron'] },
    ),
    ...pressHems(c, 'sleeve-hem', 'hem'),
    step(
      'facing-join',
      say`Join the facings and finish their outer edge`,
      [say`Shoulders of front and back facing; overcast the outer edge.`],
      say`The facing is one ring and lies flat.`,
      {
        job: 'enclosed',
        minutes: 8,
        after: ['interfacing'],
        sides: 'right sides facing',
        up: 'either side',
        start: 'the neck edge',
        press: 'open',
      },
    ),
    step(
      'tie',
      say`Sew the tie and turn it`,
      [say`Leave an opening half way; grade, clip the corners, turn, and close the opening by hand.`],
      say`Corners are sharp.`,
      {
        job: 'enclosed',
        minutes: 12,
        sides: 'right sides facing',
        up: 'either side',
        start: 'beside the opening',
        press: 'open',
        cautions: ['cords'],
      },
    ),
    ...shoulders(c, ['interfacing']),
    ...sleeves(c, ['shoulder']),
    ...(c.ways['sleeve-hems'] === 'flat' ? edge(c, 'sleeve-hem', { flat: true, seam: 'sleeve-hem' }) : []),
    step(
      'collar-make',
      say`Sew the collar, turn and understitch it`,
      [say`Outer edges; grade, clip, turn; the under collar a hair smaller.`],
      say`The seam rolls under.`,
      {
        job: 'enclosed',
        minutes: 14,
        sides: 'right sides facing',
        up: 'the under collar',
        start: 'centre back',
        press: 'to the under collar',
      },
    ),
    step(
      'collar-tack',
      say`Baste the collar to the neck`,
      [say`Ends at the V’s tip, centre back matched.`],
      say`Both sides alike.`,
      {
        job: 'baste',
        minutes: 6,
        after: ['shoulder', 'collar-make'],
        sides: 'wrong side of the collar on the right side',
        up: 'the collar',
        start: 'centre back',
      },
    ),
    ...edge(c, 'neckline', { after: ['collar-tack', 'facing-join'], seam: 'collar' }),
    step(
      'collar-tack-out',
      say`Take the basting of the collar out`,
      [say`Snip and pull from the inside.`],
      say`No basting is left.`,
      { minutes: 2, after: ['neckline-face'], takesOut: 'collar-tack', cautions: ['basting-pops'] },
    ),
    ...sides(c, []),
    ...(c.ways['sleeve-hems'] === 'flat'
      ? []
      : edge(c, 'sleeve-hem', { after: ['side', 'armhole'], seam: 'sleeve-hem' })),
    ...edge(c, 'hem', { after: ['side'], seam: 'hem' }),
    lastLook(c),
  ],
};

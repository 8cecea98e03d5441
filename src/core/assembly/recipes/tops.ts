import { say } from '../../explain/ledger';
import type { StepSpec } from '../step';
import { edge } from './edges';
import { neckAndShoulders } from './neckAndShoulders';
import {
  bindingSewn,
  flatOrRound,
  neckbandSewn,
  seam,
  sleevesSet,
  step,
  type Recipe,
  type RecipeContext,
} from './recipe';
import { isBanded, isHem, lastLook, markFront, pressHems, shoulders, sides, sleeves, tryOn } from './shared';

/** Tops that are pulled over the head. Constraints are the trade's (T); the order is a usual written one. */

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

/** Sleeves that end in a hem, not in cuffs, can be hemmed while they are flat. */
const flatCuffs = (c: RecipeContext): boolean => c.ways['sleeve-hems'] === 'flat' && isHem(c, 'cuff');

export const raglan: Recipe = {
  alternatives: [flatOrRound('sleeve-hems', 'Sleeve hems, where they are hemmed')],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'cuff', 'hem'),
    ...seam(
      c,
      'raglan',
      say`Sew the raglan seams: front sleeves, then back sleeves`,
      [
        say`Sleeve to front, then sleeve to back: the double notch means back.`,
        say`From the neck edge down, without pulling: the seam lies on the slant.`,
      ],
      say`Four seams, left and right mirrored; the neck edge runs on without a step.`,
      {
        job: 'seam',
        minutes: 20,
        times: 4,
        up: 'the sleeve',
        start: 'the neck edge',
        press: 'to the sleeve',
      },
    ),
    ...edge(c, 'neckline', { after: ['raglan'], seam: 'neckband' }),
    ...(flatCuffs(c) ? edge(c, 'cuff', { flat: true, after: ['raglan'], seam: 'cuff' }) : []),
    ...sides(c, ['raglan', ...(flatCuffs(c) ? ['edge:cuff'] : [])]),
    tryOn('length-try', say`Try it on for length`, [say`Sleeves and body; trim before they are finished.`], {
      after: ['side'],
      settles: flatCuffs(c) ? ['hem'] : ['cuff', 'hem'],
    }),
    ...(flatCuffs(c) ? [] : edge(c, 'cuff', { after: ['side', 'length-try'], seam: 'cuff' })),
    ...edge(c, 'hem', { after: ['side', 'length-try'], seam: 'hem-band' }),
    lastLook(c),
  ],
};

/** A garment that is there already: tried on and marked, taken apart at its edges, cropped. */
const takenApart = (): readonly StepSpec[] => [
  tryOn(
    'crop-try',
    say`Try the old garment on and mark where it ends`,
    [
      (f) =>
        say`Mark body and sleeves level. Cropping by eye loses what was not added: allow ${f.lettuce} where an edge is turned.`,
    ],
    { settles: ['sleeve-edge', 'lower-edge'] },
  ),
  step(
    'old-band',
    say`Take the old neckband off`,
    [
      say`Cut or pull its needle threads first, then the looper threads come out; do not cut the cloth.`,
      say`Press the neck edge flat without pulling, and measure it before the new band is cut.`,
    ],
    say`The neck edge is whole and lies flat.`,
    { minutes: 15, after: ['crop-try'] },
  ),
  step(
    'old-hems',
    say`Cut the old hems off`,
    [say`A doubled hem does not ripple: cut along the marks, in one layer, front and back apart.`],
    say`Every edge to be rippled is one clean layer.`,
    { minutes: 6, after: ['crop-try'], cautions: ['rotary'] },
  ),
];

export const lettuceTop: Recipe = {
  alternatives: [
    {
      id: 'from',
      label: 'Made from',
      asked: true,
      options: [
        { id: 'pieces', label: 'cut pieces' },
        { id: 'garment', label: 'a finished garment, cropped and edged anew' },
      ],
    },
    sleevesSet,
  ],
  steps: (c) => {
    const old = c.ways.from === 'garment';
    const made = old ? ['old-hems'] : ['side', 'armhole'];
    return [
      markFront(),
      ...(old
        ? takenApart()
        : [
            ...pressHems(c, 'sleeve-edge', 'lower-edge'),
            ...shoulders(c),
            ...sleeves(c, ['shoulder']),
            ...sides(c, []),
          ]),
      ...edge(c, 'neckline', { after: [old ? 'old-band' : 'shoulder'], seam: 'neckband' }),
      ...(isBanded(c, 'neckline') ? foldRippled(c) : []),
      ...edge(c, 'sleeve-edge', { after: made }),
      ...edge(c, 'lower-edge', { after: made, seam: 'lower-edge' }),
      lastLook(c),
    ];
  },
};

/** The neckband is edged last, along its fold. */
const foldRippled = (c: RecipeContext): readonly StepSpec[] => [
  step(
    'neckline-ripple',
    say`Neckline: ripple the fold of the band`,
    [
      say`Along the fold, once the band is on and pressed; pull it evenly in front of the foot and behind it.`,
      say`It ripples less where the band was cut along the cloth’s lesser stretch.`,
    ],
    say`Even ripples all round, as many on the left as on the right.`,
    {
      job: 'ripple',
      minutes: 6,
      after: ['edge:neckline', 'neckline-press'],
      edge: 'neckline',
      passes: ['edge:neckline/fold'],
      sides: 'the folded edge',
      up: 'the face',
      start: c.garment.neckband.join === 'left-shoulder' ? 'the left shoulder' : 'centre back',
      ring: true,
      cautions: ['clips-knife'],
    },
  ),
];

export const shapedBlouse: Recipe = {
  alternatives: [sleevesSet],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'hem'),
    step(
      'gathers',
      say`Gather the side fronts and the flounces`,
      [say`Two parallel long rows inside the allowance; pull both bobbin threads until it fits its panel.`],
      say`The gathers are even.`,
      { job: 'gather', minutes: 10, sides: 'one layer', up: 'the face', start: 'one end', times: 2 },
    ),
    ...seam(
      c,
      'panel',
      say`Join the panels of the front`,
      [say`Middle front uppermost: the net underneath is fed evenly with tissue over it.`],
      say`The front is one piece again and lies flat.`,
      {
        job: 'still',
        after: ['gathers'],
        up: 'the middle front',
        start: 'the upper edge',
        press: 'to the middle',
      },
    ),
    ...shoulders(c, ['panel']),
    step(
      'flounce-line',
      say`Line the flounces and baste them to the sleeves`,
      [
        say`Outer edge of flounce and lining together, turned and pressed; starched edges dry flat first.`,
        say`Baste the layers all round the sleeve’s end.`,
      ],
      say`Nothing twists; left and right mirror.`,
      {
        job: 'baste',
        minutes: 10,
        after: ['gathers', 'edge:flounce'],
        sides: 'wrong sides facing',
        up: 'the flounce',
        start: 'the underarm seam',
        cautions: ['starch'],
        times: 2,
      },
    ),
    ...edge(c, 'flounce', { after: ['gathers'] }),
    ...seam(
      c,
      'flounce',
      say`Set the flounces in`,
      [say`Through sleeve, flounce and lining; notches matched.`],
      say`All layers are caught.`,
      {
        job: 'seam',
        after: ['flounce-line'],
        up: 'the sleeve',
        start: 'the underarm seam',
        press: 'to the sleeve',
        ring: true,
      },
    ),
    step(
      'flounce-line-out',
      say`Take the basting of the flounces out`,
      [say`Snip and pull from the inside.`],
      say`No basting is left.`,
      { minutes: 3, after: ['flounce'], takesOut: 'flounce-line', cautions: ['basting-pops'] },
    ),
    ...sleeves(c, ['shoulder']),
    ...sides(c, []),
    ...edge(c, 'collar', { after: [] }),
    step(
      'collar-tack',
      say`Baste the collar to the neck`,
      [say`Layers of the collar together first, then to the neck, centre back and shoulders matched.`],
      say`Both fronts of the collar are alike.`,
      {
        job: 'baste',
        minutes: 6,
        after: ['shoulder', 'edge:collar'],
        sides: 'wrong side of the collar on the right side',
        up: 'the collar',
        start: 'centre back',
      },
    ),
    ...seam(
      c,
      'collar',
      say`Sew the collar on`,
      [say`All layers, the neck uppermost, clipped where it will not lie.`],
      (f) => (f.head ? say`It goes over ${f.head}.` : say`It lies flat round the neck.`),
      {
        job: 'ring',
        after: ['collar-tack'],
        times: 1,
        up: 'the neck',
        start: 'centre back',
        press: 'to the body',
        ring: true,
      },
    ),
    step(
      'collar-tack-out',
      say`Take the basting of the collar out`,
      [say`Snip and pull from the inside.`],
      say`No basting is left.`,
      { minutes: 2, after: ['collar'], takesOut: 'collar-tack', cautions: ['basting-pops'] },
    ),
    ...edge(c, 'hem', { after: ['side', 'collar'], seam: 'hem' }),
    lastLook(c),
  ],
};

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

export const knitBand: Recipe = {
  alternatives: [],
  steps: (c) => [
    step(
      'edge-ready',
      say`Make the edge ready`,
      [
        say`A solid edge, not the fuzz, is the edge; a knife may trim the fuzz.`,
        say`On a hand- or machine-knitted body, run a row of tissue under it.`,
      ],
      say`It measures the same twice.`,
      { minutes: 5 },
    ),
    ...edge(c, 'neckline', { after: ['edge-ready'], seam: 'neckband' }),
    lastLook(c),
  ],
};

import { say } from '../../explain/ledger';
import type { Figures } from '../step';
import { edge } from './edges';
import {
  flatOrRound,
  hasSeam,
  roundOrFlat,
  seam,
  secondRow,
  step,
  type Recipe,
  type RecipeContext,
} from './recipe';
import { lastLook, lengthOnTheFlat, markFront, pressHems, tryOn } from './shared';

/** What is worn from the waist down. Constraints are the trade's (T); the order is a usual written one. */

const inseams = (c: RecipeContext, after: readonly string[]) =>
  seam(
    c,
    'inseam',
    say`Sew the inside legs`,
    [
      say`Each leg to itself, front notch to front.`,
      c.ways['leg-hems'] === 'flat'
        ? say`The finished hem first, layers pushed right in.`
        : say`From hem to crotch, without pulling.`,
    ],
    say`Two tubes of the same length, left and right mirrored.`,
    { job: 'seam', after, up: 'the front', start: 'the hem', press: 'to the back' },
  );

const crotch = (c: RecipeContext, after: readonly string[]) =>
  seam(
    c,
    'crotch',
    say`Sew the crotch with one leg inside the other`,
    [
      say`One leg right side out, put it inside the other, right sides facing.`,
      say`Match the inside seams, the front notch and the double notch behind; then the whole curve in one.`,
      say`A second row over the curve where it is pulled most.`,
    ],
    say`The inside seams meet; nothing is caught inside.`,
    {
      job: 'seam',
      after,
      times: 1,
      minutes: 12,
      up: 'either leg',
      start: 'the front waist',
      press: 'either way',
      diagram: 'leg-in-leg',
    },
  );

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

/** A hem by serger that does not show: folded under itself, sewn in the fold, pulled flat. */
const sergerHem = (c: RecipeContext) =>
  edge(c, 'leg-hem', { after: ['inseam', 'length-try'], seam: 'leg-hem' }).map((one) =>
    one.job === 'hem'
      ? {
          ...one,
          job: 'serger-hem' as const,
          diagram: 'serger-hem' as const,
          otherwise: one,
          lines: [
            ...one.lines.slice(0, 1),
            (f: Figures) =>
              say`Turn the fold back on itself, so that ${f.exposed} of the raw edge shows past it; the fold lies just under the needle.`,
            (f: Figures) => say`Overlap the start by ${f.longOverlap}, then pull the row flat.`,
          ],
          minutes: 20,
        }
      : one,
  );

export const foldoverTrousers: Recipe = {
  alternatives: [secondRow('A second row below the waistband’s seam')],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'leg-hem'),
    ...inseams(c, ['press-hems']),
    ...crotch(c, ['inseam']),
    ...edge(c, 'waist', { after: ['crotch'], seam: 'waistband' }),
    tryOn(
      'length-try',
      say`Try them on for length`,
      [say`Waist folded as it is worn; mark both legs alike.`],
      {
        after: ['crotch', 'waist-sew'],
        settles: ['leg-hem'],
      },
    ),
    ...sergerHem(c),
    lastLook(c),
  ],
};

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

export const lacePanties: Recipe = {
  alternatives: [secondRow('A second row beside the centre back seam')],
  steps: (c) => [
    markFront(),
    step(
      'mirror',
      say`Cut the first back piece, lay its mirror on it`,
      [say`Motif on motif: the second piece is the mirror of the first, not the same again.`],
      say`The scallops meet at centre back.`,
      { minutes: 5, cautions: ['rotary'] },
    ),
    ...seam(
      c,
      'centre-back',
      say`Sew centre back`,
      [
        say`Scallops matched, a strip of tissue under the lace.`,
        say`Pull a little, front and back evenly, so that the seam gives. Lace that does not fray is not finished.`,
      ],
      say`The motif runs on across the seam.`,
      {
        job: 'still',
        after: ['mirror'],
        times: 1,
        up: 'either side',
        start: 'the scallop',
        press: 'to one side',
      },
    ),
    ...(c.ways['second-row'] === 'yes'
      ? [
          step(
            'centre-back-hold',
            say`A second row beside centre back`,
            [say`A hair beside the first, through seam and allowance; then trim the allowance close.`],
            say`The allowance lies down and the seam still gives.`,
            {
              job: 'understitch',
              minutes: 4,
              after: ['centre-back'],
              seam: 'centre-back',
              sides: 'the allowance to one side',
              up: 'the face',
              start: 'the scallop',
            },
          ),
        ]
      : []),
    step('centre-back-iron', say`Iron the seam`, [say`Under a cloth.`], say`It lies flat.`, {
      place: 'iron',
      minutes: 2,
      after: ['centre-back', 'centre-back-hold'],
      cautions: ['iron'],
    }),
    ...seam(
      c,
      'gusset',
      say`Front of the gusset: two layers round the front`,
      [say`Lace gusset on one side of the front, cotton on the other.`],
      say`All three layers are caught.`,
      {
        job: 'still',
        after: ['mirror'],
        times: 1,
        sides: 'both gussets round the front',
        up: 'the cotton',
        start: 'one end',
        press: 'to the gusset',
      },
    ),
    step(
      'gusset-back',
      say`Back of the gusset, rolled up inside`,
      [
        say`Roll front and back up and lay them between the two gussets.`,
        say`Bring the gussets’ back edges round the back’s edge, sew the three together, and turn it through the side.`,
      ],
      say`No seam shows on either side.`,
      {
        job: 'still',
        minutes: 12,
        after: ['gusset', 'centre-back-iron'],
        seam: 'gusset',
        sides: 'both gussets round the back',
        up: 'the cotton',
        start: 'one end',
        press: 'to the gusset',
        diagram: 'roll-and-enclose',
        cautions: ['clips-knife'],
      },
    ),
    step(
      'gusset-iron',
      say`Iron both seams of the gusset`,
      [say`Under a cloth, in shape.`],
      say`They lie flat.`,
      {
        place: 'iron',
        minutes: 2,
        after: ['gusset-back'],
        cautions: ['iron'],
      },
    ),
    ...edge(c, 'leg', { after: ['gusset-iron'], seam: 'leg' }),
    ...edge(c, 'back-top', { after: ['gusset-iron', 'edge:leg'], seam: 'back-top' }),
    ...edge(c, 'top', { after: ['gusset-iron', 'edge:leg', 'edge:back-top'] }),
    ...edge(c, 'side-strap', { after: ['edge:leg', 'edge:back-top', 'edge:top'], seam: 'side-strap' }),
    lastLook(c),
  ],
};

export const briefs: Recipe = {
  alternatives: [],
  steps: (c) => [
    markFront(),
    step(
      'openings',
      say`Measure the openings, cut the elastic`,
      [
        say`All round each, at the seamline. Or feed it under the foot’s tension and cut it after: then mark its length now.`,
      ],
      say`Each elastic is named with its opening.`,
      { minutes: 6, after: [] },
    ),
    ...seam(
      c,
      'crotch',
      say`Sew the crotch, with the gusset`,
      [
        say`Outer front to back; the gusset lies on the inside.`,
        c.lined ? say`The lining by itself in the same way.` : () => undefined,
      ],
      say`Flat, the gusset’s ends caught.`,
      { job: 'still', times: c.lined ? 2 : 1, up: 'the gusset', start: 'one end', press: 'to the back' },
    ),
    ...seam(
      c,
      'side',
      say`Sew the sides`,
      [
        say`Front to back, edges level at waist and leg.`,
        c.lined ? say`Outer and lining each closed by itself.` : () => undefined,
      ],
      say`Both sides the same length.`,
      {
        job: 'still',
        times: c.lined ? 4 : 2,
        up: 'the front',
        start: 'the waist',
        press: 'to the back',
        after: ['crotch'],
      },
    ),
    ...(c.lined
      ? [
          step(
            'lining-in',
            say`Put the lining in`,
            [say`Wrong sides facing, seams on seams, allowances turned opposite ways.`],
            say`Neither is full at the crotch.`,
            { minutes: 4, after: ['side', 'crotch'] },
          ),
        ]
      : []),
    ...edge(c, 'leg', { after: ['openings', 'side', 'crotch', 'lining-in'], seam: 'leg' }),
    ...edge(c, 'waist', { after: ['openings', 'side', 'crotch', 'lining-in'], seam: 'waist' }),
    lastLook(c),
  ],
};

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

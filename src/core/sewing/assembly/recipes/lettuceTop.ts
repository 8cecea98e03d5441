import { say } from '../../../explain/ledger';
import type { StepSpec } from '../step';
import { edge } from './edges';
import { sleevesSet, step, type Recipe, type RecipeContext } from '../recipe';
import { isBanded, lastLook, markFront, pressHems, shoulders, sides, sleeves, tryOn } from './shared';

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
      start: c.garment.edges?.neckline?.joinAt === 'left-shoulder' ? 'the left shoulder' : 'centre back',
      ring: true,
      cautions: ['clips-knife'],
    },
  ),
];

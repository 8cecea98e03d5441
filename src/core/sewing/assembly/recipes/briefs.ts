import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { seam, step, type Recipe } from '../recipe';
import { lastLook, markFront } from './shared';

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

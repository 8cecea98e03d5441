import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { seam, secondRow, step, type Recipe } from '../recipe';
import { lastLook, markFront } from './shared';

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

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { hasEdge, seam, step, type Recipe } from '../recipe';
import { lastLook } from './shared';

export const bra: Recipe = {
  alternatives: [],
  steps: (c) =>
    [
      step(
        'materials',
        say`Name every elastic, tape, mesh and lining with its place`,
        [say`Read the instructions through; feel each material; label them before anything is cut.`],
        say`Nothing is left without a name.`,
        { minutes: 10 },
      ),
      ...seam(
        c,
        'cup',
        say`Sew the cup seams`,
        [
          say`Lower to upper cup, notch by notch, to the millimetre.`,
          (f) => say`${f.allowance} from the edge; look at each seam before it is topstitched.`,
        ],
        say`Left and right mirror; no pucker at the point.`,
        {
          job: 'precise',
          after: ['materials'],
          minutes: 16,
          up: 'the lower cup',
          start: 'the centre',
          press: 'open',
        },
      ),
      step(
        'cup-topstitch',
        say`Topstitch the cup seams`,
        [say`Both sides of the seam, the same distance.`],
        say`Even, and the seam lies flat inside.`,
        {
          job: 'understitch',
          minutes: 10,
          // Two cups, both sides of each seam.
          times: 4,
          after: ['cup'],
          seam: 'cup',
          sides: 'allowances open',
          up: 'the face',
          start: 'the centre',
        },
      ),
      ...seam(
        c,
        'bridge',
        say`Sew bridge and frame`,
        [say`The bridge lined with a cloth that does not give; then the bands on both sides.`],
        say`The bridge still measures as cut.`,
        {
          job: 'precise',
          after: ['materials'],
          up: 'the bridge',
          start: 'the upper edge',
          press: 'to the band',
        },
      ),
      ...seam(
        c,
        'cradle',
        say`Set the cups into the frame`,
        [say`From centre front outwards, notch by notch; the curve in short stretches, needle down.`],
        say`Both cups sit alike; no tuck.`,
        {
          job: 'precise',
          after: ['cup-topstitch', 'bridge'],
          minutes: 20,
          up: 'the frame',
          start: 'centre front',
          press: 'to the frame',
        },
      ),
      ...edge(c, 'band', { after: ['cradle'], seam: 'band' }),
      ...edge(c, 'upper-cup', { after: ['cup-topstitch'] }),
      ...edge(c, 'underarm', { after: ['cradle', 'edge:upper-cup'], seam: 'underarm' }),
      ...edge(c, 'strap', { after: ['edge:underarm'], seam: 'strap' }),
      ...edge(c, 'closure', { after: ['edge:band', 'edge:underarm'] }),
      lastLook(c),
    ].map((one) =>
      one.id === 'strap-try' && hasEdge(c, 'closure')
        ? { ...one, after: [...one.after, 'edge:closure'] }
        : one,
    ),
};

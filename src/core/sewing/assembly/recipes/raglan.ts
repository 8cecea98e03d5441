import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { flatOrRound, seam, type Recipe, type RecipeContext } from '../recipe';
import { isHem, lastLook, markFront, pressHems, sides, tryOn } from './shared';

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

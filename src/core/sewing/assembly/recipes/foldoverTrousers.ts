import { say } from '../../../explain/ledger';
import type { Figures } from '../step';
import { edge } from './edges';
import { secondRow, type Recipe, type RecipeContext } from '../recipe';
import { lastLook, markFront, pressHems, tryOn } from './shared';
import { inseams, crotch } from './bottomsShared';

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

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { seam, step, type Recipe, type RecipeContext } from '../recipe';
import { lastLook, markFront, shoulders } from './shared';

/** Outer and lining together at every opening, until their elastic holds them. */
const liningIn = (c: RecipeContext, after: readonly string[]) =>
  c.lined
    ? [
        step(
          'lining-in',
          say`Put the lining in`,
          [
            say`Wrong sides facing, seams on seams; the lining may be a hair narrower, so that the seam rolls in.`,
          ],
          say`Neither layer is full.`,
          { minutes: 5, after },
        ),
      ]
    : [];

export const cropTop: Recipe = {
  alternatives: [],
  steps: (c) => [
    markFront(),
    ...shoulders(c),
    ...seam(
      c,
      'side',
      say`Sew the sides`,
      [say`Outer and lining each closed by itself.`],
      say`Both sides the same length.`,
      { job: 'seam', times: c.lined ? 4 : 2, up: 'the front', start: 'the armhole', press: 'to the back' },
    ),
    ...liningIn(c, ['shoulder', 'side']),
    ...edge(c, 'neckline', { after: ['lining-in', 'shoulder', 'side'], seam: 'neckline' }),
    ...edge(c, 'armhole', { after: ['lining-in', 'shoulder', 'side'], seam: 'armhole' }),
    ...edge(c, 'lower-edge', { after: ['lining-in', 'side'], seam: 'lower-edge' }),
    lastLook(c),
  ],
};

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { step, type Recipe } from '../recipe';
import { lastLook, markFront, pressHems, shoulders, sides } from './shared';

export const shelfBraTop: Recipe = {
  alternatives: [],
  steps: (c) => [
    markFront(),
    ...pressHems(c, 'hem'),
    step(
      'shelf',
      say`Close the shelf at its sides`,
      [say`Shelf front to shelf back; gathers under the bust go in before anything is marked.`],
      say`It is one ring.`,
      {
        job: 'still',
        minutes: 6,
        times: 2,
        sides: 'right sides facing',
        up: 'the front',
        start: 'the lower edge',
        press: 'to the back',
      },
    ),
    ...shoulders(c),
    ...sides(c, []),
    ...edge(c, 'shelf-hem', { after: ['shelf'], seam: 'shelf-hem' }),
    step(
      'shelf-in',
      say`Baste the shelf into neckline and armholes`,
      [say`Shelf inside, its upper edges level with the garment’s.`],
      say`It hangs free below; nothing is twisted.`,
      {
        job: 'baste',
        minutes: 8,
        after: ['side', 'shoulder', 'edge:shelf-hem'],
        sides: 'wrong sides facing',
        up: 'the shelf',
        start: 'a shoulder',
        cautions: ['basting-pops'],
      },
    ),
    ...edge(c, 'neckline', { after: ['shelf-in'], seam: 'neckline' }),
    ...edge(c, 'armhole', { after: ['shelf-in'], seam: 'armhole' }),
    step(
      'shelf-unbaste',
      say`Take the shelf’s basting out`,
      [say`Snip every few stitches and pull.`],
      say`Stretch the edges: no basting thread is left.`,
      {
        minutes: 4,
        after: ['edge:neckline', 'edge:armhole'],
        takesOut: 'shelf-in',
        cautions: ['basting-pops'],
      },
    ),
    ...edge(c, 'leg', { after: ['side'], seam: 'leg' }),
    ...edge(c, 'hem', { after: ['side'], seam: 'hem' }),
    step(
      'cups',
      say`Place the cups on the body, where there are any`,
      [say`Now or months later; pinned while it is worn, then tacked at their edge.`],
      say`Even, and nothing scratches.`,
      { place: 'body', minutes: 8, after: ['edge:shelf-hem', 'shelf-unbaste'] },
    ),
    lastLook(c),
  ],
};

import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { hasEdge, seam, step, type Recipe, type RecipeContext } from '../recipe';
import { lastLook } from './shared';

const darts = (c: RecipeContext) =>
  seam(
    c,
    'dart',
    say`Sew the bust darts`,
    [say`Straight off the point, without a backtack; knot the tails there.`],
    say`No dimple at the point.`,
    {
      job: 'enclosed',
      after: ['which-shoulder'],
      up: 'the dart’s fold',
      start: 'the wide end',
      press: 'down',
      passes: ['seam:dart/seam'],
    },
  );

export const oneShoulderTop: Recipe = {
  alternatives: [
    {
      id: 'shoulder',
      label: 'Over the',
      options: [
        { id: 'right', label: 'right shoulder: outer pieces cut face up' },
        { id: 'left', label: 'left shoulder: outer pieces cut face down' },
      ],
    },
    {
      id: 'darts',
      label: 'Bust darts',
      asked: true,
      options: [
        { id: 'no', label: 'none' },
        { id: 'yes', label: 'sewn straight off the point' },
      ],
    },
  ],
  steps: (c) => [
    step(
      'which-shoulder',
      c.ways.shoulder === 'left'
        ? say`The left shoulder: mark every piece for it`
        : say`The right shoulder: mark every piece for it`,
      [
        c.ways.shoulder === 'left'
          ? say`Pattern on the cloth’s back, cloth face down: that gives the left shoulder. The linings are their mirror, face up.`
          : say`Pattern on the cloth’s face, cloth face up: that gives the right shoulder. The linings are their mirror, face down.`,
        say`Mark the strap’s points on all of them.`,
      ],
      say`Laid on the body, every piece points to the same shoulder.`,
      { minutes: 4 },
    ),
    ...(c.ways.darts === 'yes' ? darts(c) : []),
    ...seam(
      c,
      'shoulder',
      say`Sew the shoulder, outer and lining`,
      [say`Front on back, each by itself.`],
      say`Same length in both.`,
      {
        job: 'stay',
        after: ['dart', 'which-shoulder'],
        up: 'the back',
        start: 'the neck edge',
        press: 'to the back',
      },
    ),
    ...edge(c, 'strap', { after: ['which-shoulder'], later: ['seam:side', 'turned'] }),
    ...edge(c, 'upper-edge', { after: ['shoulder', 'strap-front'], seam: 'upper-edge' }).map((one) => ({
      ...one,
      title: say`Long edge one, with its elastic`,
      lines: hasEdge(c, 'strap')
        ? [...one.lines, say`Leave a gap at the back where the strap’s second end goes in.`]
        : one.lines,
    })),
    ...edge(c, 'armhole', { after: ['shoulder', 'edge:upper-edge'], seam: 'armhole' }).map((one) => ({
      ...one,
      title: say`Long edge two: pull the lining out to meet`,
    })),
    step(
      'turned',
      say`Turn it through the strap side`,
      [say`Pull the back through between outer and lining at the shoulder.`],
      say`Right side out, both edges flat.`,
      { minutes: 4, after: ['edge:upper-edge', 'edge:armhole'], diagram: 'turn-through-strap' },
    ),
    ...seam(
      c,
      'side',
      say`Sew the sides, outer and lining in one pass`,
      [say`Lift the lining; outer on outer, lining on lining, the edge’s seam matched.`],
      say`Both sides the same length.`,
      { job: 'seam', after: ['turned'], up: 'the front', start: 'the lining', press: 'to the back' },
    ),
    step(
      'layers',
      say`Baste the lower edges together`,
      [say`Outer and lining, wrong sides facing, seams matched.`],
      say`Neither layer is full.`,
      {
        job: 'baste',
        minutes: 5,
        after: ['side'],
        sides: 'wrong sides facing',
        up: 'the lining',
        start: 'a side seam',
        cautions: ['basting-pops'],
      },
    ),
    ...edge(c, 'band', { after: ['layers'], seam: 'band' }),
    step(
      'layers-out',
      say`Take the basting of the lower edge out`,
      [say`Snip and pull from the inside.`],
      say`Stretch the band: no basting thread is left.`,
      { minutes: 3, after: ['band-sew'], takesOut: 'layers', cautions: ['basting-pops'] },
    ),
    lastLook(c),
  ],
};

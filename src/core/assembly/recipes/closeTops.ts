import { say } from '../../explain/ledger';
import { edge } from './edges';
import { hasEdge, seam, step, type Recipe, type RecipeContext } from './recipe';
import { lastLook, markFront, pressHems, shoulders, sides } from './shared';

/** Close-fitting tops, swimwear, bralette and bra. Constraints are the trade's (T). */

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

export const bralette: Recipe = {
  alternatives: [],
  steps: (c) =>
    [
      markFront(),
      ...seam(
        c,
        'cup',
        say`Sew the cup seams`,
        [say`Inner to outer cup, motifs matched; tissue under the lace.`],
        say`Left and right mirror each other.`,
        { job: 'precise', up: 'the outer cup', start: 'the upper edge', press: 'open' },
      ),
      ...edge(c, 'band', { seam: 'casing' }),
      ...edge(c, 'strap', { after: ['cup'] }).map((one) =>
        one.id === 'strap-front'
          ? { ...one, lines: [...one.lines, say`Sew it twice to the lace, fold it in, and hold it.`] }
          : one,
      ),
      step(
        'casing-mark',
        say`Mark the casing and centre the lace on it`,
        [say`Centre front, cup seams and ends; the lace’s fullness goes between the marks.`],
        say`Both cups have the same fullness.`,
        { minutes: 5, after: ['cup', 'edge:band'], diagram: 'quartering' },
      ),
      ...seam(
        c,
        'cup-band',
        say`Lap the band under the lace and sew it on`,
        [
          say`Band under the lace’s lower edge, mark on mark; stretch the band to the lace between the marks.`,
          say`From the face, along the lace’s edge; then trim the lace close inside.`,
        ],
        say`It springs back; the band’s edge is caught all along.`,
        {
          job: 'elastic-flat',
          onStrip: 'band',
          after: ['casing-mark', 'strap-front'],
          times: 1,
          sides: 'the band under the lace, both face up',
          up: 'the face of the lace',
          start: 'one end',
        },
      ),
      ...seam(
        c,
        'back-tab',
        say`Sew the back tabs on`,
        [say`Lining and outer round the casing’s end, turned.`],
        say`Both ends as wide as the hook-and-eye.`,
        {
          job: 'enclosed',
          after: ['cup-band'],
          up: 'either side',
          start: 'the lower edge',
          passes: ['seam:back-tab/seam'],
        },
      ),
      step(
        'back-straps',
        say`Place the back straps by halving`,
        [say`Half the back from tab to side seam; both alike, then as it was tried on.`],
        say`Both at the same distance.`,
        { minutes: 4, after: ['back-tab'] },
      ),
      ...edge(c, 'closure', { after: ['back-tab', 'back-straps', 'strap-secure'] }),
      lastLook(c),
    ].map((one) => (one.id === 'strap-try' ? { ...one, after: [...one.after, 'back-straps'] } : one)),
};

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

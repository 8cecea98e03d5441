import { say } from '../../../explain/ledger';
import type { StepSpec } from '../step';
import type { EdgeContext } from '../edgeContext';
import { hasSeam, step } from '../recipe';

/** A band: joined, folded, marked, sewn on, pressed. */
export const band = (at: EdgeContext): readonly StepSpec[] => [
  join(at),
  ...(holdsElastic(at) ? elasticInside(at) : []),
  mark(at),
  sew(at),
  press(at),
  ...(at.use.atWaist && at.context.ways['second-row'] === 'yes' ? [heldDown(at)] : []),
];

/** A neck's band is measured for first, and topstitched where that is wanted. */
export const neckband = (at: EdgeContext): readonly StepSpec[] => [
  measure(at),
  ...band(at),
  ...(at.context.garment.topstitched ? [topstitch(at)] : []),
];

const holdsElastic = ({ use }: EdgeContext): boolean => use.strips.some(({ of }) => of === 'elastic');

const measure = ({ edge: { id, label }, after }: EdgeContext): StepSpec =>
  step(
    `${id}-measure`,
    say`${label}: measure it as it is now`,
    [
      (f) =>
        say`Tape on its edge, along the seamline, ${f.neckAllowance} inside the cut edge, without pulling.`,
      (f) => {
        const length = f.edge(id);
        return length
          ? say`The plan has ${length} all round. Where yours differs, type it at Bands before the band is sewn.`
          : say`Type it at Bands: the band’s length follows.`;
      },
    ],
    (f) => {
      const length = f.edge(id);
      return length ? say`Within a tape’s thickness of ${length}.` : say`It is written down.`;
    },
    { minutes: 3, after },
  );

/** A band whose ends will lie in a seam is only folded. */
const folded = ({ edge: { id, label } }: EdgeContext): StepSpec =>
  step(
    `${id}-join`,
    say`${label}: fold the band; its ends stay open`,
    [
      (f) => say`Fold ${f.names.band} along its length, wrong sides facing, and press without pulling.`,
      CURLS,
    ],
    (f) => {
      const strip = f.strip(id);
      return strip
        ? say`It measures ${strip.sewn} from seamline to seamline of its ends.`
        : say`Even in width, not twisted.`;
    },
    { place: 'iron', minutes: 4, after: [`${id}-measure`], cautions: ['iron'] },
  );

const CURLS = say`Where the raw edges curl, close them first: serged, or with a zigzag narrower than the seam.`;

function join(at: EdgeContext): StepSpec {
  const {
    edge: { id, label, open },
    use,
    after,
    times,
    context,
  } = at;
  if (at.shoulderOpen) return folded(at);
  const pieced = (use.parts ?? 1) > 1;
  const joins = pieced || open !== true;
  return step(
    `${id}-join`,
    pieced
      ? say`${label}: join the parts of the band`
      : open
        ? say`${label}: close the ends of the band, then fold it`
        : say`${label}: join the band into a ring`,
    [
      (f) => (joins ? say`Ends together, ${f.names.band} not twisted.` : undefined),
      open
        ? say`Fold each end on itself along the band, right sides facing; sew it closed, trim, and turn it out.`
        : () => undefined,
      say`Then fold the band along its length, wrong sides facing, and press without pulling.`,
      CURLS,
    ],
    (f) => {
      const strip = f.strip(id);
      return strip ? say`It measures ${strip.sewn} at its seamline.` : say`Even in width, not twisted.`;
    },
    {
      job: 'band-join',
      minutes: 5 * times,
      times,
      after: use.id === 'neckband' ? [`${id}-measure`] : context.kind.onlyBand ? after : [],
      passes: [`edge:${id}/join`],
      sides: 'right sides facing',
      up: 'either side',
      start: 'the folded edge’s side',
      ...(joins ? { press: 'open, or to one side where it is serged' } : {}),
      cautions: ['iron'],
    },
  );
}

function elasticInside({ edge: { id, label }, use }: EdgeContext): StepSpec[] {
  return [
    step(
      `${id}-elastic`,
      say`${label}: join the elastic and put it in`,
      [
        (f) => {
          const strip = f.strip(id, 1);
          return strip
            ? say`The ring of ${f.names.elastic(id)} measures ${strip.sewn}.`
            : say`Join the elastic of the band into a ring.`;
        },
        say`Overlap the ends and cross the stitches over them.`,
        say`Lay it into the fold of the band, its join beside the band’s join, not on it.`,
      ],
      say`It is not twisted and lies against the fold.`,
      {
        job: 'elastic-join',
        minutes: 6,
        after: [`${id}-join`],
        passes: [`edge:${id}/elastic join`],
        sides: 'ends overlapped',
        up: 'either side',
        start: 'one end of the overlap',
      },
    ),
    step(
      `${id}-close`,
      say`${label}: close the raw edges of the band`,
      [
        say`Raw edges level all round; stretch band and elastic together until they lie flat.`,
        use.basted
          ? say`Baste them together, so that nothing shifts when the band goes on.`
          : say`A long row just inside the allowance holds them.`,
      ],
      say`The elastic moves freely in the fold and is not caught.`,
      {
        job: 'hold',
        onStrip: id,
        minutes: 5,
        after: [`${id}-elastic`],
        passes: [`edge:${id}/elastic in`],
        sides: 'wrong sides facing, folded',
        up: 'either side',
        start: 'the join',
      },
    ),
  ];
}

function mark(at: EdgeContext): StepSpec {
  const {
    edge: { id, label, start, middle },
    after,
    times,
    context,
    name,
    shoulderOpen,
  } = at;
  const elastic = holdsElastic(at);
  return step(
    `${id}-mark`,
    (f) => {
      const count = f.strip(id)?.count;
      return count ? say`${label}: mark band and edge in ${count}` : say`${label}: mark band and edge`;
    },
    [
      (f) => {
        const { stripSegment, firstMark, byParts } = f.strip(id) ?? {};
        const from = shoulderOpen ? say`its end at the left shoulder` : say`its join`;
        if (byParts)
          return say`Band: from ${from}, by the parts of the ${name}, as the marks at Bands list them.`;
        if (!stripSegment) return say`Band: fold it in half and half again, and mark the folds.`;
        return firstMark
          ? say`Band: the first mark ${firstMark} from ${from}, then one every ${stripSegment}.`
          : say`Band: from ${from}, a mark every ${stripSegment}.`;
      },
      (f) => {
        const segment = f.strip(id)?.edgeSegment;
        return segment
          ? say`Edge: from ${start ?? 'its start'}, a mark every ${segment}; ${middle ?? 'the middle'} lies half way.`
          : say`Edge: mark ${start ?? 'its start'} and ${middle ?? 'the middle'}, then half way between.`;
      },
      (f) => {
        const strip = f.strip(id);
        if (!strip?.quarter || !hasSeam(context, 'shoulder')) return undefined;
        return strip.quarterBefore
          ? say`The quarter marks lie ${strip.quarter} behind each shoulder seam, not on it.`
          : say`The quarter marks lie ${strip.quarter} in front of each shoulder seam, not on it.`;
      },
    ],
    (f) => {
      const count = f.strip(id)?.count;
      return count ? say`Count the marks: ${count} on each.` : say`As many marks on the band as on the edge.`;
    },
    {
      minutes: 5 * times,
      times,
      after: [...after, elastic ? `${id}-close` : `${id}-join`],
      diagram: 'quartering',
    },
  );
}

function sew(at: EdgeContext): StepSpec {
  const {
    edge: { id, label, open, pair },
    use,
    after,
    times,
    context,
    name,
    ring,
    shoulderOpen,
  } = at;
  const neck = use.id === 'neckband';
  const shoulder = neck && (shoulderOpen === true || context.garment.edges?.[id]?.joinAt === 'left-shoulder');
  const where = neck ? (shoulder ? 'the left shoulder' : 'centre back') : pair ? 'the seam' : 'centre back';
  return step(
    `${id}-sew`,
    (f) =>
      f.strip(id)?.level
        ? say`${label}: sew the band on`
        : say`${label}: sew the band on, stretching only the band`,
    [
      ring
        ? say`Raw edges level, join at ${where}. Clip mark to mark.`
        : say`Raw edges level, ends of the band at the ends of the ${name}. Clip mark to mark.`,
      say`Look before you sew: evenly full between the clips, nothing twisted.`,
      (f) => {
        const strip = f.strip(id);
        if (strip?.level)
          return say`Band and edge are as long as each other: mark on mark, neither is pulled.`;
        return strip?.edgeSegment && strip.stripSegment && strip.stretch && !strip.byParts
          ? say`Pull the band level with the edge: each ${strip.stripSegment} becomes ${strip.edgeSegment}, ${strip.stretch} longer.`
          : say`Pull the band level with the edge between two clips.`;
      },
      say`Needle down while the next part is brought level; one guide line all the way.`,
    ],
    (f) =>
      neck && f.head && !shoulderOpen
        ? say`Same width all round, nothing caught underneath, and it goes over ${f.head}.`
        : say`Same width all along, nothing caught underneath.`,
    {
      job: 'ring',
      minutes: open ? 18 : (shoulderOpen ? 10 : 12) * times,
      times,
      after: [...after, `${id}-mark`],
      passes: [`edge:${id}/seam`, `edge:${id}/finish`],
      sides: 'right sides facing',
      up: 'the band',
      start: shoulderOpen ? 'the open shoulder' : ring ? where : 'one end',
      press: use.atWaist ? 'to the legs' : 'to the garment',
      diagram: 'quartering',
      cautions: ['clips-knife', ...(neck ? (['under-tight-curves'] as const) : [])],
      ...(ring ? { ring } : {}),
      ...(pair ? { freeArm: true as const } : {}),
    },
  );
}

/** A row below the seam through its allowance, so that the join lies down. */
const heldDown = ({ edge: { id, label } }: EdgeContext): StepSpec =>
  step(
    `${id}-hold`,
    say`${label}: a second row below the seam`,
    [
      say`On the garment, beside the seam, the allowance underneath it all round.`,
      say`Stretch it as far as it must go while you sew.`,
    ],
    say`The join lies down; pulled over the hips no thread goes.`,
    {
      job: 'topstitch',
      minutes: 8,
      after: [`${id}-press`],
      passes: [`edge:${id}/second row`],
      sides: 'one layer and the allowance',
      up: 'the face',
      start: 'centre back',
      ring: true,
    },
  );

const press = ({ edge: { id, label }, times }: EdgeContext): StepSpec =>
  step(
    `${id}-press`,
    say`${label}: steam the band into shape`,
    [say`Allowance as it should lie. Hover with steam, pat flat, let it cool before it is moved.`],
    (f) => {
      const width = f.strip(id)?.finished;
      return width ? say`It lies flat and shows ${width} all along.` : say`It lies flat.`;
    },
    { place: 'iron', minutes: 2 * times, after: [`${id}-sew`], cautions: ['iron'], times },
  );

const topstitch = ({ edge: { id, label }, shoulderOpen }: EdgeContext): StepSpec =>
  step(
    `${id}-topstitch`,
    say`${label}: topstitch`,
    [say`Just beside the seam, on the garment, the allowance underneath.`],
    say`Pull it as far as it must go: no thread goes.`,
    {
      job: 'topstitch',
      minutes: 8,
      after: [`${id}-press`],
      passes: [`edge:${id}/topstitch`],
      sides: 'one layer and the allowance',
      up: 'the face',
      start: shoulderOpen ? 'the open shoulder' : 'a shoulder seam',
      ...(shoulderOpen ? {} : { ring: true as const }),
    },
  );

/** One layer of rib, laid on while a shoulder is open, or as a ring. */
export function flatBinding({ edge: { id, label }, after, ring }: EdgeContext): readonly StepSpec[] {
  return [
    step(
      `${id}-bind`,
      say`${label}: lay the strip on and sew it`,
      [
        ring
          ? say`Join the strip into a ring, then lay it on the edge.`
          : say`Strip on the open edge, its ends overhanging.`,
        (f) => {
          const stretch = f.strip(id)?.stretch;
          return stretch
            ? say`Stretch the strip ${stretch} as it goes on, more round the tight curve.`
            : say`Stretch the strip a little, more round the tight curve.`;
        },
      ],
      say`It lies flat beside the edge and draws nothing in.`,
      {
        job: 'enclosed-ring',
        minutes: 10,
        after,
        passes: [`edge:${id}/seam`],
        sides: 'right sides facing',
        up: 'the strip',
        start: 'one end',
        diagram: 'bind-flat',
        cautions: ['clips-foot'],
      },
    ),
    step(
      `${id}-press`,
      say`${label}: press it in its curve`,
      [say`Press the neck in its final curve, never straight; turn the strip over the allowance.`],
      say`The curve is the neck’s own.`,
      { place: 'iron', minutes: 4, after: [`${id}-bind`], cautions: ['iron'] },
    ),
    step(
      `${id}-topstitch`,
      say`${label}: stitch the turned strip down`,
      [
        say`In the seam or just beside it, so that the inside is caught all along; then trim it close inside.`,
      ],
      say`The raw edge inside is held everywhere.`,
      {
        job: 'topstitch',
        minutes: 8,
        after: [`${id}-press`],
        passes: [`edge:${id}/second row`],
        sides: 'folded over the allowance',
        up: 'the face',
        start: 'one end',
      },
    ),
  ];
}

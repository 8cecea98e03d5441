import { say } from '../../../explain/ledger';
import type { Line, StepSpec } from '../step';
import type { EdgeContext } from '../edgeContext';
import { step } from '../recipe';

const joined = ({ edge: { id, label }, times }: EdgeContext, after: readonly string[] = []): StepSpec =>
  step(
    `${id}-join`,
    say`${label}: join the elastic into a ring`,
    [
      (f) => {
        const strip = f.strip(id);
        return strip
          ? say`The ring of ${f.names.elastic(id)} measures ${strip.sewn}.`
          : say`Cut the elastic as the ticket says.`;
      },
      (f) => {
        const { join, adds } = f.strip(id) ?? {};
        if (join === 'overlapped' && adds)
          return say`Not twisted; overlap the ends by ${adds} and cross the stitches over them.`;
        if (join === 'butted') return say`Not twisted; the ends butted, held by a wide zigzag over both.`;
        return say`Not twisted; the ends as the ticket says.`;
      },
    ],
    say`It is flat and holds a hard pull.`,
    {
      job: 'elastic-join',
      minutes: 3 * times,
      times,
      after,
      passes: [`edge:${id}/elastic join`],
      sides: 'ends as planned',
      up: 'either side',
      start: 'one end',
    },
  );

const quartered = ({ edge: { id, label, start }, times, after }: EdgeContext, before: string): StepSpec =>
  step(
    `${id}-mark`,
    (f) => {
      const count = f.strip(id)?.count;
      return count ? say`${label}: mark elastic and edge in ${count}` : say`${label}: mark elastic and edge`;
    },
    [
      (f) => {
        const strip = f.strip(id);
        return strip?.stripSegment && strip.edgeSegment
          ? say`Elastic every ${strip.stripSegment}, edge every ${strip.edgeSegment}, from ${start ?? 'its start'}.`
          : say`Halves, then quarters, on both.`;
      },
    ],
    say`As many marks on one as on the other.`,
    { minutes: 3 * times, times, after: [...after, before], diagram: 'quartering' },
  );

const pull =
  ({ edge: { id } }: EdgeContext): Line =>
  (f) =>
    f.strip(id)?.level
      ? say`Elastic and edge are as long as each other: mark on mark, neither is pulled.`
      : say`Stretch elastic to edge between two marks, evenly; the cloth is never stretched.`;

/** Basting of outer and lining, wrong sides facing, where there is a lining. */
const layersBasted = ({ edge: { id, label }, context, after, times }: EdgeContext): StepSpec[] =>
  context.lined
    ? [
        step(
          `${id}-baste`,
          say`${label}: baste outer and lining together`,
          [say`Openings level, seams matched; the lining may lie back a hair, so that the seam rolls in.`],
          say`Neither layer is full.`,
          {
            job: 'baste',
            minutes: 4 * times,
            times,
            after,
            sides: 'wrong sides facing',
            up: 'the lining',
            start: 'a seam',
            cautions: ['basting-pops'],
          },
        ),
      ]
    : [];

const bastingOut = ({ edge: { id, label }, context, times }: EdgeContext, after: string): StepSpec[] =>
  context.lined
    ? [
        step(
          `${id}-unbaste`,
          say`${label}: take the basting out`,
          [say`Snip every few stitches and pull it from the wrong side.`],
          say`Stretch the edge: no basting thread is left.`,
          { minutes: 3 * times, times, after: [after], takesOut: `${id}-baste`, cautions: ['basting-pops'] },
        ),
      ]
    : [];

/** Turned once over its elastic: layers basted, the elastic joined, quartered, sewn on, turned, the basting out. */
export function turned(at: EdgeContext): readonly StepSpec[] {
  const {
    edge: { id, label },
    context,
    times,
    after,
  } = at;
  const basted = context.lined ? `${id}-baste` : undefined;
  return [
    ...layersBasted(at),
    joined(at),
    quartered(at, `${id}-join`),
    step(
      `${id}-sew`,
      say`${label}: sew the elastic to the wrong side`,
      [say`Elastic on the wrong side, along the raw edge; join off the seams.`, pull(at)],
      say`Flat when it is stretched, even when it rests.`,
      {
        job: 'elastic-on',
        minutes: 8 * times,
        times,
        after: [...after, ...(basted ? [basted] : []), `${id}-mark`],
        passes: [`edge:${id}/first row`],
        sides: 'elastic on the wrong side',
        up: 'the elastic',
        start: 'a mark behind',
        ring: true,
        cautions: ['clips-knife'],
      },
    ),
    step(
      `${id}-turn`,
      say`${label}: turn the elastic in and stitch it down`,
      [
        say`Turn it once to the inside; the cloth wraps it.`,
        say`From the face, low enough to hold the raw edge, stretching as you go.`,
      ],
      say`The raw edge is held all round; the edge does not roll.`,
      {
        job: 'elastic-turned',
        minutes: 8 * times,
        times,
        after: [`${id}-sew`],
        passes: [`edge:${id}/second row`],
        sides: 'turned once',
        up: 'the face',
        start: 'a seam',
        ring: true,
      },
    ),
    ...bastingOut(at, `${id}-turn`),
  ];
}

/** Elastic at rest in the seam between outer and lining: sewn with the seam it lies in. */
export const concealed = ({ edge: { id, label }, after, times }: EdgeContext): readonly StepSpec[] => [
  step(
    `${id}-sew`,
    say`${label}: sew outer and lining, then the elastic on the allowance`,
    [
      say`Seams matched.`,
      say`Lay the elastic on the allowance of the main cloth, at rest, and catch it in the same row.`,
      say`Leave it out round the sharpest curve.`,
    ],
    say`Turned, the edge lies flat and the elastic does not show.`,
    {
      job: 'enclosed-ring',
      minutes: 12 * times,
      times,
      after,
      passes: [`edge:${id}/seam`, `edge:${id}/elastic`],
      sides: 'right sides facing',
      up: 'the main cloth with the elastic',
      start: 'one end, or a seam',
      press: 'to the lining',
      cautions: ['clips-foot'],
    },
  ),
];

/** Picot or plush: sewn on the face, turned, sewn again. */
export const lingerie = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label, open },
    times,
    after,
  } = at;
  return [
    quartered(at, 'mark-front'),
    step(
      `${id}-sew`,
      say`${label}: first row of the elastic`,
      [
        say`Elastic on the face, its fancy edge away from the raw edge, plush side up.`,
        say`Beside the loops.`,
        pull(at),
        say`Trim the cloth under it close to the row.`,
      ],
      say`No cloth shows past the elastic.`,
      {
        job: 'picot-on',
        minutes: 8 * times,
        times,
        after: [...after, `${id}-mark`],
        passes: [`edge:${id}/first row`],
        sides: 'elastic on the right side',
        up: 'the elastic',
        start: open ? 'one end, a tail left' : 'a seam behind',
        ...(open ? {} : { ring: true as const }),
      },
    ),
    step(
      `${id}-turn`,
      say`${label}: turn it and sew the second row`,
      [
        say`Turn the elastic to the inside; only the picot shows.`,
        say`From the face, along the inner edge of the elastic.`,
      ],
      say`The raw edge is under the elastic everywhere.`,
      {
        job: 'picot-turned',
        minutes: 7 * times,
        times,
        after: [`${id}-sew`],
        passes: [`edge:${id}/second row`],
        sides: 'turned once',
        up: 'the face',
        start: open ? 'one end' : 'a seam',
        ...(open ? {} : { ring: true as const }),
      },
    ),
  ];
};

/** A shelf's elastic: basted long, tried on, shortened, then sewn for good. */
export const shelf = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label },
    after,
  } = at;
  return [
    joined(at),
    quartered(at, `${id}-join`),
    step(
      `${id}-baste`,
      say`${label}: baste the elastic on`,
      [say`Plush side away from the cloth, along the raw edge.`, pull(at)],
      say`Even all round.`,
      {
        job: 'baste-to-try',
        minutes: 8,
        after: [...after, `${id}-mark`],
        sides: 'elastic on the wrong side',
        up: 'the elastic',
        start: 'centre back',
        ring: true,
        cautions: ['basting-pops'],
      },
    ),
    step(
      `${id}-try`,
      say`${label}: try it on`,
      [
        say`Move about; pinch out what is loose, half on each side, and write the round down at Bands.`,
        say`Take out, shorten by what was pinched, baste again where it has to be.`,
      ],
      say`It holds, and you breathe easily.`,
      { place: 'body', minutes: 8, after: [`${id}-baste`], tryOn: true, cautions: ['too-tight'] },
    ),
    step(
      `${id}-sew`,
      say`${label}: sew the elastic for good`,
      [say`As basted, at the length that was right.`, pull(at)],
      say`Flat when stretched, the raw edge held.`,
      {
        job: 'elastic-flat',
        minutes: 8,
        after: [`${id}-try`],
        passes: [`edge:${id}/first row`],
        sides: 'elastic on the wrong side',
        up: 'the elastic',
        start: 'centre back',
        ring: true,
      },
    ),
    step(
      `${id}-unbaste`,
      say`${label}: take the basting out`,
      [say`Snip every few stitches and pull.`],
      say`No basting thread is left.`,
      { minutes: 3, after: [`${id}-sew`], takesOut: `${id}-baste`, cautions: ['basting-pops'] },
    ),
  ];
};

/** Firm elastic at rest in its strip, its long edge closed with the elastic in it. */
export const casing = ({ edge: { id, label } }: EdgeContext): readonly StepSpec[] => [
  step(
    `${id}-casing`,
    say`${label}: fold the strip and close its long edge with the elastic in it`,
    [
      say`Fold the strip along its length, right sides facing, the elastic on it at rest, level with the raw edges.`,
      say`Close the long edge through strip and elastic; do not stretch either. Turn it out, the elastic inside.`,
    ],
    (f) => {
      const strip = f.strip(id);
      return strip
        ? say`The casing still measures ${strip.sewn}.`
        : say`The casing is as long as its elastic.`;
    },
    {
      job: 'elastic-on',
      onStrip: id,
      minutes: 10,
      passes: [`edge:${id}/elastic`],
      sides: 'right sides facing, the elastic along the edge',
      up: 'the elastic',
      start: 'one end',
    },
  ),
];

/** Elastic lapped over the edge, seen. */
export const exposed = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label },
    after,
    times,
  } = at;
  return [
    joined(at),
    quartered(at, `${id}-join`),
    step(
      `${id}-sew`,
      say`${label}: lap the elastic over the edge and sew it`,
      [
        (f) => say`Elastic over the face by ${f.lap}, join at centre back, tails down.`,
        pull(at),
        say`The raw edge lies under the stitching.`,
      ],
      say`Nothing frays past the row; it springs back.`,
      {
        job: 'elastic-flat',
        minutes: 10 * times,
        times,
        after: [...after, `${id}-mark`],
        passes: [`edge:${id}/first row`],
        sides: 'wrong side of the elastic on the right side',
        up: 'the elastic',
        start: 'centre back',
        ring: true,
        cautions: ['too-tight'],
      },
    ),
  ];
};

/** A finished waistband of elastic over a finished edge that is larger. */
export const stretchWaistband = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label },
    after,
  } = at;
  return [
    { ...joined(at), title: say`${label}: measure it on the body, join it, hold the allowance down` },
    step(
      `${id}-edge`,
      say`${label}: finish the garment’s raw edge`,
      [say`Overcast it all round; it lies under the elastic.`],
      say`It does not fray.`,
      {
        job: 'finish',
        minutes: 6,
        after,
        passes: [`edge:${id}/finish`],
        sides: 'one layer',
        up: 'the face',
        start: 'a seam',
        ring: true,
      },
    ),
    quartered(at, `${id}-join`),
    step(
      `${id}-sew`,
      say`${label}: sew the elastic on, gathering evenly`,
      [say`Elastic over the finished edge, mark on mark.`, pull(at)],
      say`The gathers are even; it passes the hips.`,
      {
        job: 'elastic-flat',
        minutes: 12,
        after: [`${id}-edge`, `${id}-mark`],
        passes: [`edge:${id}/first row`],
        sides: 'elastic lapped over the right side',
        up: 'the elastic',
        start: 'centre back',
        ring: true,
      },
    ),
  ];
};

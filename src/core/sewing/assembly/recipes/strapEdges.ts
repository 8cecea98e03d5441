import { say } from '../../../explain/ledger';
import type { StepSpec } from '../step';
import type { EdgeContext } from '../edgeContext';
import { step } from '../recipe';

/** Straps are threaded before they are closed in, and tried on before their second end is secured. */
export const strap = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id },
    after,
    later = [],
  } = at;
  return [thread(at, []), firstEnd(at, [`${id}-thread`, ...after]), tried(at, later), secured(at)];
};

/** A strap between rings: its length is known once the panels are finished. */
export const sideStrap = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label },
    after,
    later = [],
  } = at;
  return [
    step(
      `${id}-measure`,
      say`${label}: measure front and back, ring to ring`,
      [say`Both panels finished, flat, without pulling. Type it at Bands: the straps’ length follows.`],
      (f) => {
        const strip = f.strip(id);
        return strip ? say`Each strap is ${strip.sewn} between its rings.` : say`Both are written down.`;
      },
      { minutes: 4, after: [...after, ...later] },
    ),
    thread(at, [`${id}-measure`]),
    tried(at, [`${id}-thread`]),
    secured(at),
  ];
};

/** A tube of cloth with elastic inside, beside a main strap. */
export const extraStrap = (at: EdgeContext): readonly StepSpec[] => {
  const {
    edge: { id, label },
    after,
    later = [],
  } = at;
  return [
    step(
      `${id}-make`,
      say`${label}: sew the strap and turn it`,
      [say`Long edges together, elastic at rest on one allowance; turn it with a loop or a blunt needle.`],
      say`It is not twisted.`,
      {
        job: 'enclosed-ring',
        minutes: 10,
        passes: [`edge:${id}/seam`],
        sides: 'right sides facing',
        up: 'either side',
        start: 'one end',
      },
    ),
    firstEnd(at, [`${id}-make`, ...after]),
    tried(at, later),
    secured(at),
  ];
};

/** Hooks on one end of a band, eyes on the other. */
export const hookAndEye = ({
  edge: { id, label },
  after,
  later = [],
  times,
}: EdgeContext): readonly StepSpec[] => [
  step(
    `${id}-sew`,
    say`${label}: sew the closure on`,
    [
      say`Chosen with the elastic, so that their widths agree. Eyes on one end, hooks on the other, facing the body’s way.`,
      say`A short close zigzag across each end, nothing stiff against the skin.`,
    ],
    say`It closes on the outermost row while the elastic is new.`,
    {
      job: 'bar',
      minutes: 10,
      times,
      after: [...after, ...later],
      passes: [`edge:${id}/ends`],
      sides: 'ends inside the closure',
      up: 'the face',
      start: 'the lower edge',
      cautions: ['small-parts'],
    },
  ),
];

const thread = ({ edge: { id, label }, times }: EdgeContext, after: readonly string[]): StepSpec =>
  step(
    `${id}-thread`,
    say`${label}: thread rings and sliders`,
    [
      say`Up through the slider, round its bar, through the ring, back up and over the bar: a loop cannot be added later.`,
      say`The end that is held lies inside.`,
    ],
    say`The slider runs; nothing is twisted.`,
    { minutes: 4 * times, times, after, diagram: 'slider', cautions: ['small-parts'] },
  );

const firstEnd = ({ edge: { id, label }, times }: EdgeContext, after: readonly string[]): StepSpec =>
  step(
    `${id}-front`,
    say`${label}: hold the first end`,
    [say`At its mark, inside, a close bar across; the other end stays free.`],
    say`It holds a hard pull.`,
    {
      job: 'bar',
      minutes: 3 * times,
      times,
      after,
      passes: [`edge:${id}/first end`],
      sides: 'strap inside the edge',
      up: 'the strap',
      start: 'one side of the strap',
    },
  );

const tried = ({ edge: { id, label }, use }: EdgeContext, after: readonly string[] = []): StepSpec =>
  step(
    `${id}-try`,
    say`${label}: try it on before the second end is held`,
    [
      say`Pin it where it is right, standing and reaching.`,
      use.comesDown ? say`The top sits high until its band draws it down.` : () => undefined,
    ],
    say`Even on both sides; no gaping, no digging in.`,
    {
      place: 'body',
      minutes: 6,
      after: [...after, ...(after.includes(`${id}-thread`) ? [] : [`${id}-front`])],
      tryOn: true,
      cautions: ['too-tight'],
    },
  );

const secured = ({ edge: { id, label }, times }: EdgeContext): StepSpec =>
  step(
    `${id}-secure`,
    say`${label}: hold the second end for good`,
    [say`As pinned; close bars across, tails buried.`],
    say`It holds a hard pull, and nothing scratches.`,
    {
      job: 'bar',
      minutes: 4 * times,
      times,
      after: [`${id}-try`],
      passes: [`edge:${id}/second end`],
      sides: 'strap inside the edge, or folded round its ring',
      up: 'the strap',
      start: 'one side of the strap',
    },
  );

import { say } from '../../../explain/ledger';
import type { StepSpec } from '../step';
import { edge } from './edges';
import { step, type RecipeContext } from '../recipe';
import { shoulders } from './shared';

/** The steps that close the shoulders and finish the neck, and the last of the shoulders among them. */
interface NeckAndShoulders {
  /** With the neck between them, where it is sewn so. */
  readonly shoulders: readonly StepSpec[];
  /** The neck, where it is sewn after both. */
  readonly neck: readonly StepSpec[];
  readonly closed: string;
}

/**
 * The neck's band or binding goes on after both shoulders, or flat, between them, as the garment's ways have it (T).
 * `seam` is what the neck's row is called in the kind.
 */
export function neckAndShoulders(context: RecipeContext, seam: string): NeckAndShoulders {
  const { binding, neckband } = context.ways;
  if (neckband === 'open')
    return between(context, seam, say`Sew the right shoulder`, [
      ...secondShoulder(context, {
        title: say`Sew the left shoulder, through the ends of the band`,
        lines: [
          say`Fold on fold and seam on seam at the neck; hold both with a clip, or two stitches by hand, first.`,
          say`From the fold outwards, start with the layers pushed right in.`,
          say`Turn the allowance of the band to the back and hold it there with a short bar.`,
        ],
        check: say`The fold runs on over the seam without a step; nothing of the ends shows.`,
        after: ['edge:neckline'],
        passes: ['edge:neckline/join'],
      }),
    ]);
  if (binding === 'flat')
    return between(context, seam, say`Sew the first shoulder`, [
      step(
        'shoulder-trim',
        say`Align the second shoulder, then trim the binding’s ends`,
        [say`Lay the shoulder together so that the bound edges meet; trim the overhanging ends in line.`],
        say`Both ends are level.`,
        { minutes: 3, after: ['edge:neckline'], cautions: ['rotary'] },
      ),
      ...secondShoulder(context, {
        title: say`Sew the second shoulder`,
        lines: [say`From the bound edge outwards, start with the layers pushed right in.`],
        check: say`The binding meets at the seam.`,
        after: ['shoulder-trim'],
        passes: [],
      }),
    ]);
  return {
    shoulders: shoulders(context),
    neck: edge(context, 'neckline', { after: ['shoulder'], seam }),
    closed: 'shoulder',
  };
}

/** The first shoulder, the neck while it lies flat, then what closes it. */
const between = (
  context: RecipeContext,
  seam: string,
  first: StepSpec['title'],
  then: readonly StepSpec[],
): NeckAndShoulders => ({
  shoulders: [
    ...firstShoulder(context, first),
    ...edge(context, 'neckline', { after: ['shoulder'], seam, shoulderOpen: true }),
    ...then,
  ],
  neck: [],
  closed: 'shoulder-2',
});

const firstShoulder = (context: RecipeContext, title: StepSpec['title']): readonly StepSpec[] =>
  shoulders(context, [], { times: 1, minutes: 5 }).map((one) => ({
    ...one,
    title,
    lines: [...one.lines, say`One shoulder only: the neck stays open.`],
    check: say`The neck lies flat, in one line.`,
  }));

/** As the first, from the finished neck outwards. */
const secondShoulder = (
  context: RecipeContext,
  { lines, ...rest }: Pick<StepSpec, 'title' | 'lines' | 'check' | 'after' | 'passes'>,
): readonly StepSpec[] =>
  shoulders(context, [], { times: 1, minutes: 5, start: 'the finished neck edge' }).map((one) => ({
    ...one,
    id: 'shoulder-2',
    lines: [...one.lines, ...lines],
    ...rest,
  }));

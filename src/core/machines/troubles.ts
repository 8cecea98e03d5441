import type { Machine, SymptomId } from '../facts/machine';
import { wholeSetup } from './machineFields';
import type { Setup } from '../facts/setup';

/** One thing that can cause a trouble, with what mends it. */
interface Cause {
  readonly id: string;
  readonly cause: string;
  readonly remedy: string;
  /** Only on machines that have this. */
  readonly needs?: (machine: Machine) => boolean;
  /** How the machine stands now rules it out. */
  readonly ruledOut?: (setup: Setup) => boolean;
}

interface Trouble {
  readonly id: SymptomId;
  readonly label: string;
  readonly causes: readonly Cause[];
}

const feeds = (machine: Machine) => machine.kind !== 'sewing machine';
const cuts = (machine: Machine) => machine.kind === 'serger' || machine.kind === 'combined';
const covers = (machine: Machine) => machine.kind === 'coverstitch' || machine.kind === 'combined';
const sews = (machine: Machine) => machine.kind === 'sewing machine';

const cause = (
  id: string,
  what: string,
  remedy: string,
  rest: Pick<Cause, 'needs' | 'ruledOut'> = {},
): Cause => ({ id, cause: what, remedy, ...rest });

/** Symptom to causes, in the order in which to look (T). */
export const troubles: readonly Trouble[] = [
  {
    id: 'skipped',
    label: 'Skipped stitches',
    causes: [
      cause('needle-kind', 'The needle’s kind', 'Put in a stretch needle.', {
        ruledOut: ({ needleKind }) => needleKind === 'stretch',
      }),
      cause('needle-old', 'An old needle', 'Put in a new one.'),
      cause('needle-size', 'The needle’s size', 'One size finer on thin cloth, one thicker on bulky.'),
    ],
  },
  {
    id: 'wavy',
    label: 'The seam waves',
    causes: [
      cause('differential-up', 'Too little differential feed', 'Turn it up by a quarter.', {
        needs: feeds,
        ruledOut: ({ differential }) => (differential ?? 1) >= 2,
      }),
      cause('foot-lighter', 'The foot presses too hard', 'One step lighter.', {
        ruledOut: ({ pressure }) => pressure === 'lighter',
      }),
      cause('pulling', 'The cloth was pulled', 'Let the feed take it; hold it up before the foot.'),
      cause('walking', 'The top layer is pushed', 'A walking foot, or tissue over it.', {
        needs: sews,
        ruledOut: ({ foot }) => foot === 'walking',
      }),
    ],
  },
  {
    id: 'puckered',
    label: 'The seam puckers',
    causes: [
      cause('differential-down', 'Too much differential feed', 'Turn it down towards one.', {
        needs: feeds,
        ruledOut: ({ differential }) => (differential ?? 1) <= 0.6,
      }),
      cause('tension-down', 'The needle thread is too tight', 'Loosen it by one.', {
        ruledOut: ({ tensionNeedle, tensionLeft }) => (tensionNeedle ?? tensionLeft ?? 4) <= 0,
      }),
    ],
  },
  {
    id: 'tunnelling',
    label: 'A ridge between two rows',
    causes: [
      cause('needles-looser', 'The needle threads are too tight', 'Loosen both by one.'),
      cause(
        'twin-wider',
        'The needles pull the cloth up between them',
        'A wider twin needle, or the outer two.',
        {
          ruledOut: ({ needles }) => needles === 'one' || needles === 'right' || needles === 'left',
        },
      ),
      cause('stabiliser', 'The cloth is too soft', 'Tissue or fusible tape under it.'),
    ],
  },
  {
    id: 'loops',
    label: 'Loops hang off the edge',
    causes: [
      cause('width', 'The stitch is wider than the cloth under it', 'Narrow it, or move the cut edge in.', {
        needs: cuts,
      }),
      cause('knife', 'The knife is up or blunt', 'Put it down, or change it.', {
        needs: cuts,
      }),
      cause('looper-tension', 'The looper threads are too loose', 'Tighten the loopers by one.', {
        needs: cuts,
        ruledOut: ({ tensionUpper, tensionLower }) => (tensionUpper ?? 0) >= 9 && (tensionLower ?? 0) >= 9,
      }),
    ],
  },
  {
    id: 'popping',
    label: 'The thread pops',
    causes: [
      cause('zigzag', 'The stitch is too long or too narrow', 'A wider or shorter zigzag.', { needs: sews }),
      cause(
        'other-stitch',
        'The stitch stretches too little',
        'Another stitch: see what the seam must reach.',
      ),
      cause('thread', 'The thread does not give', 'Textured thread in the looper or on the bobbin.', {
        ruledOut: ({ threadLooper, threadBobbin }) => (threadLooper ?? threadBobbin) === 'textured',
      }),
    ],
  },
  {
    id: 'hem-bubbles',
    label: 'The hem bubbles',
    causes: [
      cause('pulled', 'It was pulled while it was covered', 'Let it feed by itself; press before sewing.'),
      cause('cover-differential', 'The lower layer is fed too fast', 'Turn the differential down a little.', {
        needs: covers,
        ruledOut: ({ differential }) => (differential ?? 1) <= 1,
      }),
    ],
  },
  {
    id: 'rolls-up',
    label: 'Turned elastic rolls up',
    causes: [
      cause(
        'second-row',
        'The second row misses the raw edge',
        'Sew it lower, so that the raw edge is held.',
      ),
    ],
  },
  {
    id: 'gapes',
    label: 'The band gapes or stands',
    causes: [
      cause('too-long', 'It is too long for its width', 'Shorten it, or make it narrower: see Bands.'),
    ],
  },
  {
    id: 'hem-wanders',
    label: 'The hem wanders',
    causes: [cause('crease', 'The crease is uneven', 'Press it anew, measured, before the seam is closed.')],
  },
  {
    id: 'stay-missed',
    label: 'The stay was missed by the serger',
    causes: [cause('stay-first', 'It shifted under the foot', 'Sew the stay on first, then serge.')],
  },
  {
    id: 'layer-caught',
    label: 'A second layer was caught',
    causes: [
      cause(
        'underneath',
        'Cloth lay folded underneath',
        'Unpick a hand’s width there, free it, sew that stretch again; keep a hand under the work.',
      ),
    ],
  },
  {
    id: 'chewed-start',
    label: 'The start was chewed',
    causes: [
      cause('inside', 'It began on the very edge', 'Start a little inside the edge and come back.'),
      cause('tails', 'The threads were pulled down', 'Hold the tails behind for the first stitches.'),
      cause('tissue', 'Nothing carries the edge', 'A strip of tissue under it.'),
    ],
  },
  {
    id: 'uneven-band',
    label: 'The band is uneven',
    causes: [cause('guide', 'The guide line changed half way', 'Keep to one line on the plate all round.')],
  },
  {
    id: 'thread-out',
    label: 'The thread ran out in the middle of a seam',
    causes: [
      cause(
        'spool',
        'A spool or the bobbin was empty',
        'Thread it anew and start again over the last thumb’s width of the row.',
      ),
    ],
  },
  {
    id: 'loops-missed',
    label: 'Loops were missed in the middle of a seam',
    causes: [
      cause(
        'slipped-off',
        'The cloth slipped from under the foot',
        'Push the loops back, and sew a narrow zigzag over that stretch.',
      ),
    ],
  },
  {
    id: 'bunched',
    label: 'The cloth bunches up between two marks',
    causes: [
      cause(
        'unequal',
        'One side was pulled more than the other',
        'Take the clips out there, share the fullness out again, and clip closer. Never cut it off.',
      ),
    ],
  },
  {
    id: 'wrong-place',
    label: 'A seam in the wrong place has to come open',
    causes: [
      cause(
        'needle-threads',
        'Needle threads hold it',
        'Pull the needle threads out first; then the loopers’ come away.',
        {
          needs: feeds,
        },
      ),
      cause(
        'unpick',
        'Every stitch holds it',
        'Cut every fourth stitch on one side, pull the thread on the other.',
        {
          needs: sews,
        },
      ),
    ],
  },
  {
    id: 'nicked',
    label: 'The knife nicked the cloth',
    causes: [
      cause(
        'inside',
        'The nick lies inside the seam line',
        'Fuse a scrap of knit interfacing behind it and sew that stretch a little further in, tapering out again.',
        { needs: cuts },
      ),
    ],
  },
];

/**
 * Causes of a symptom on this machine, in the order to try them. What its present setup rules out is not
 * offered; what helped before on this machine comes first, the most often first.
 */
export function causesOf(
  machine: Machine,
  symptom: SymptomId,
): readonly (Cause & { readonly helpedBefore: number })[] {
  const trouble = troubles.find(({ id }) => id === symptom);
  if (!trouble) throw new Error(`expected a known symptom, got ${symptom}; add it to troubles`);
  const setup = wholeSetup(machine.kind, machine.present);
  const helped = (id: string) =>
    Object.values(machine.faults).filter(
      (fault) => fault.symptom === symptom && fault.cause === id && fault.helped !== false,
    ).length;
  return trouble.causes
    .filter(({ needs }) => !needs || needs(machine))
    .filter(({ ruledOut }) => !machine.present || !ruledOut?.(setup))
    .map((one) => ({ ...one, helpedBefore: helped(one.id) }))
    .sort((a, b) => b.helpedBefore - a.helpedBefore);
}

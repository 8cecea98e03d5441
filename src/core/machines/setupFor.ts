import type { Cloth } from '../facts/cloth';
import type { Machine, SetupCard } from '../facts/machine';
import type { Setup } from '../facts/setup';
import type { StitchId } from '../facts/stitchIds';
import { stitches } from './seams/stitches';
import { capabilityOf } from './capability';
import { wholeSetup } from './machineFields';
import { isLight, isThick, needleFor } from './needles';

/** The newest card of this machine for this stitch on this cloth; `undefined` where there is none. */
export function cardFor(
  machine: Machine,
  stitch: StitchId,
  clothId: string | undefined,
): { readonly id: string; readonly card: SetupCard } | undefined {
  if (clothId === undefined || Object.keys(machine.cards).length === 0) return undefined;
  return Object.entries(machine.cards)
    .filter(([, card]) => card.stitch === stitch && card.clothId === clothId)
    .sort(([a, x], [b, y]) => y.sewnOn.localeCompare(x.sewnOn) || b.localeCompare(a))
    .map(([id, card]) => ({ id, card }))[0];
}

/** The newest card of that stitch that is of no cloth in particular: where every cloth without its own starts. */
const anyClothCard = (machine: Machine, stitch: StitchId): SetupCard | undefined =>
  Object.values(machine.cards)
    .filter((card) => card.stitch === stitch && card.clothId === undefined)
    .sort((a, b) => b.sewnOn.localeCompare(a.sewnOn))[0];

interface SetupInputs {
  readonly machine: Machine;
  readonly stitch: StitchId;
  readonly cloth?: Cloth;
  readonly clothId?: string;
  readonly onElastic?: boolean;
  /** Width of the elastic the row goes through, mm: no zigzag is wider. */
  readonly elasticMm?: number | undefined;
  readonly bed?: Setup['bed'];
}

/**
 * The whole setup of a machine for a stitch on a cloth: the stitch's start, the needle and thread the cloth wants,
 * within the machine's range, and over all that the person's own card: of this cloth, else of any.
 */
export function setupFor({
  machine,
  stitch,
  cloth,
  clothId,
  onElastic,
  elasticMm = Infinity,
  bed,
}: SetupInputs): Setup {
  const can = capabilityOf(machine);
  const needle = needleFor(cloth, {
    onElastic: onElastic === true,
    stretchOnly: machine.stretchNeedlesOnly === true,
  });
  const { start } = stitches[stitch];
  const thread = isLight(cloth) ? 'fine polyester' : 'polyester';
  const [least, most] = can.differential ?? [1, 1];
  return wholeSetup(machine.kind, {
    needleKind: needle.kind,
    needleNm: needle.needleNm,
    threadNeedle: thread,
    threadLooper: thread,
    threadBobbin: thread,
    ...start,
    ...(isThick(cloth) ? { pressure: 'lighter' as const } : {}),
    ...(start.differential === undefined
      ? {}
      : { differential: Math.min(most, Math.max(least, start.differential)) }),
    ...(start.width === undefined
      ? {}
      : { width: Math.min(start.width, can.maxWidth, stitch === 'zigzag-elastic' ? elasticMm : Infinity) }),
    ...(bed && machine.freeArm ? { bed } : {}),
    ...(cardFor(machine, stitch, clothId)?.card ?? anyClothCard(machine, stitch))?.setup,
  });
}

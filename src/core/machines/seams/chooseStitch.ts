import { isAtLeastShare } from '../../units/tolerance';
import { demandClasses, jobOf, type JobId } from './jobs';
import type { Machine } from '../../facts/machine';
import type { StitchId } from '../../facts/stitchIds';
import { whyNot } from '../capability';
import { cardFor } from '../setupFor';
import { measuredCapacity } from '../swatch';
import { plannedStretch } from './stitchStretch';
import { stitches } from './stitches';

/** A stitch on a machine for a job: what it gives, and by what that is known. */
export interface StitchOption {
  readonly stitch: StitchId;
  /** Absent: by hand. */
  readonly machineId?: string;
  readonly gives: number;
  /** The card whose swatch was pulled; absent: by the model. */
  readonly cardId?: string;
  readonly margin: number;
  readonly ok: boolean;
  /** The cut edges want a pass of their own. */
  readonly extraPass: boolean;
}

export interface StitchChoice extends StitchOption {
  readonly needs: number;
  readonly pinned: boolean;
  /** Every other way, in the order in which they are offered. */
  readonly others: readonly StitchOption[];
}

interface ChooserInputs {
  readonly machines: Readonly<Record<string, Machine>>;
  readonly clothId: string | undefined;
  readonly pliesMm: number;
}

/** What a person chose for a step: a stitch, and perhaps the machine. */
export interface StitchPick {
  readonly stitch: StitchId;
  readonly machineId?: string | undefined;
}

/** A serger trims and finishes the edge as it sews. */
const finishesItself = (stitch: StitchId): boolean =>
  stitches[stitch].machine === 'serger' || stitch === 'top-cover';

/** What a row of a job is asked, as a share: what is known of it, else what such rows usually are. */
export function askedOf(jobId: JobId, needs: number | undefined): number {
  const job = jobOf(jobId);
  return job.temporary || job.demand === 'nothing' ? 0 : (needs ?? demandClasses[job.demand]);
}

/**
 * The stitch for a job: the first of its ways that a machine here has and that stretches far enough, else the one
 * that stretches furthest. Rows that are to look alike are chosen as for the one that is asked most of them
 * (`alike`, a share). A pick is kept whatever it gives. Without any machine for it: by hand.
 */
export function chooseStitch(
  inputs: ChooserInputs,
  jobId: JobId,
  needs: number | undefined,
  pick?: StitchPick,
  alike = 0,
): StitchChoice {
  const job = jobOf(jobId);
  const asked = askedOf(jobId, needs);
  const most = Math.max(asked, alike);
  const finishes = job.finishes === true;
  const ways: readonly StitchId[] =
    pick && !job.ways.includes(pick.stitch) ? [pick.stitch, ...job.ways] : job.ways;
  const all = () => ways.flatMap((stitch) => optionsOf(inputs, stitch, asked, finishes));
  const picked = pick && pickedOf(optionsOf(inputs, pick.stitch, asked, finishes), pick);
  const best =
    picked ??
    firstThatHolds(inputs, ways, asked, finishes, FIRST_CHOICE_MARGIN * most) ??
    firstThatHolds(inputs, ways, asked, finishes, most) ??
    furthest(all()) ??
    byHand(asked, finishes);
  return {
    ...best,
    needs: asked,
    pinned: picked !== undefined,
    // Worked out when they are looked at: a plan chooses some thirty stitches, and shows one step at a time.
    get others() {
      return all().filter((one) => one.stitch !== best.stitch || one.machineId !== best.machineId);
    },
  };
}

/** A stitch is chosen by itself only where it gives this many times what is asked (T). */
export const FIRST_CHOICE_MARGIN = 1.25;

const pickedOf = (options: readonly StitchOption[], pick: StitchPick): StitchOption | undefined =>
  options.find(({ machineId }) => machineId === pick.machineId) ?? options[0];

function firstThatHolds(
  inputs: ChooserInputs,
  ways: readonly StitchId[],
  asked: number,
  finishes: boolean,
  least: number,
): StitchOption | undefined {
  for (const stitch of ways) {
    const found = optionsOf(inputs, stitch, asked, finishes).find(({ gives }) =>
      isAtLeastShare(gives, least),
    );
    if (found) return found;
  }
  return undefined;
}

/**
 * The stitch a step was sewn with, whatever the machines can do now: what is done stays. A seam of which nobody
 * kept the stitch counts as finished.
 */
export function asSewn(
  inputs: ChooserInputs,
  jobId: JobId,
  needs: number | undefined,
  stitch: StitchId | undefined,
): StitchChoice {
  const chosen = chooseStitch(inputs, jobId, needs, stitch === undefined ? undefined : { stitch });
  const extraPass = stitch !== undefined && jobOf(jobId).finishes === true && !finishesItself(stitch);
  if (stitch === undefined || chosen.stitch === stitch) return { ...chosen, extraPass, others: [] };
  const gives = plannedStretch(stitches[stitch].model, inputs.pliesMm);
  const margin = gives - chosen.needs;
  return {
    stitch,
    gives,
    margin,
    ok: isAtLeastShare(gives, chosen.needs),
    extraPass,
    needs: chosen.needs,
    pinned: false,
    others: [],
  };
}

function optionsOf(
  { machines, clothId, pliesMm }: ChooserInputs,
  stitch: StitchId,
  needs: number,
  finishes: boolean,
): StitchOption[] {
  return Object.entries(machines).flatMap(([machineId, machine]): StitchOption[] => {
    if (whyNot(machine, stitch) !== undefined) return [];
    const card = cardFor(machine, stitch, clothId);
    const measured = card && measuredCapacity(card.card);
    const gives = measured ?? plannedStretch(stitches[stitch].model, pliesMm);
    return [
      {
        stitch,
        machineId,
        gives,
        ...(card && measured !== undefined ? { cardId: card.id } : {}),
        margin: gives - needs,
        ok: isAtLeastShare(gives, needs),
        extraPass: finishes && !finishesItself(stitch),
      },
    ];
  });
}

const furthest = (options: readonly StitchOption[]): StitchOption | undefined =>
  options.reduce<StitchOption | undefined>(
    (best, one) => (best && best.gives >= one.gives ? best : one),
    undefined,
  );

function byHand(needs: number, extraPass: boolean): StitchOption {
  const gives = plannedStretch(stitches['by-hand'].model);
  return { stitch: 'by-hand', gives, margin: gives - needs, ok: isAtLeastShare(gives, needs), extraPass };
}

import { createMemory } from '../explain/remember';
import type { Machine, MachineKind } from '../facts/machine';
import type { Setup } from '../facts/setup';
import type { StitchId } from '../facts/stitchIds';
import { stitches, type MachineRole, type Stitch } from './seams/stitches';

/** What a machine can do, with what is usual for its kind where nobody said (common practice, no source). */
interface Capability {
  readonly roles: readonly MachineRole[];
  readonly threads: number;
  readonly needles: number;
  readonly maxLength: number;
  readonly maxWidth: number;
  readonly differential?: readonly [number, number];
}

const usual: Readonly<Record<MachineKind, Capability>> = {
  'sewing machine': { roles: ['sewing machine'], threads: 2, needles: 1, maxLength: 5, maxWidth: 7 },
  serger: { roles: ['serger'], threads: 4, needles: 2, maxLength: 5, maxWidth: 7, differential: [0.6, 2] },
  coverstitch: {
    roles: ['coverstitch'],
    threads: 4,
    needles: 3,
    maxLength: 5,
    maxWidth: 7,
    differential: [0.6, 2],
  },
  combined: {
    roles: ['serger', 'coverstitch'],
    threads: 5,
    needles: 3,
    maxLength: 5,
    maxWidth: 7,
    differential: [0.6, 2],
  },
};

export function capabilityOf(machine: Machine): Capability {
  const is = usual[machine.kind];
  return {
    ...is,
    threads: machine.threads ?? is.threads,
    needles: machine.needles ?? is.needles,
    maxLength: machine.maxLength ?? is.maxLength,
    maxWidth: machine.maxWidth ?? is.maxWidth,
    ...(is.differential
      ? {
          differential: [
            machine.differentialLeast ?? is.differential[0],
            machine.differentialMost ?? is.differential[1],
          ] as const,
        }
      : {}),
  };
}

/** Answers for starting setups: every plan asks for all of them. */
const recall = createMemory<string | undefined>();

/** Why a machine cannot sew a stitch, as a sentence; `undefined` where it can. */
export const whyNot = (machine: Machine, id: StitchId, setup?: Setup): string | undefined =>
  setup ? reason(machine, id, setup) : recall([machine, id], () => reason(machine, id, stitches[id].start));

function reason(machine: Machine, id: StitchId, setup: Setup): string | undefined {
  const stitch = stitches[id];
  const can = capabilityOf(machine);
  const name = machine.name;
  if (machine.broken) return `${name} is out of order.`;
  if (machine.brokenStitches?.[id]) return `The ${stitch.name} does not work on ${name} now.`;
  if (!can.roles.includes(stitch.machine)) return `${name} is no ${stitch.machine}.`;
  if (machine.cannot?.[id]) return `${name} has no ${stitch.name}.`;
  return wanting(machine, can, stitch) ?? outOfRange(machine, can, setup);
}

function wanting(machine: Machine, can: Capability, { wants, name: stitch }: Stitch): string | undefined {
  const { name } = machine;
  if ((wants.threads ?? 0) > can.threads)
    return `The ${stitch} runs on ${wants.threads} threads; ${name} takes ${can.threads}.`;
  if ((wants.needles ?? 0) > can.needles)
    return `The ${stitch} wants ${wants.needles} needles; ${name} takes ${can.needles}.`;
  if (wants.twin && machine.twin !== true) return `${name} does not take a twin needle.`;
  if (wants.topCover && machine.topCover !== true) return `${name} has no upper looper for the cover stitch.`;
  if (wants.knifeLifts && machine.knifeLifts === false) return `The knife of ${name} cannot be put up.`;
  return undefined;
}

/** What of a setup lies outside the machine's range, as a sentence that says what to do. */
export function outOfRange(machine: Machine, can: Capability, setup: Setup): string | undefined {
  const { name } = machine;
  if ((setup.length ?? 0) > can.maxLength)
    return `Stitch length ${setup.length} is more than ${name} has: give ${can.maxLength} or less.`;
  if ((setup.width ?? 0) > can.maxWidth)
    return `Stitch width ${setup.width} is more than ${name} has: give ${can.maxWidth} or less.`;
  const [least, most] = can.differential ?? [1, 1];
  const ratio = setup.differential;
  if (can.differential && ratio !== undefined && (ratio < least || ratio > most))
    return `Differential feed ${ratio} is outside what ${name} has: give ${least} to ${most}.`;
  return undefined;
}

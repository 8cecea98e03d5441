import { jobOf } from '../machines/seams/jobs';
import type { Line } from './assembly/step';
import type { Phrase } from '../explain/explained';
import { say } from '../explain/ledger';
import { stitches } from '../machines/seams/stitches';
import { shortfall } from '../explain/compare';
import type { Problem } from '../explain/problem';
import { isRow, rowDemand } from './popRows';
import { capacityNumber, type RowNumbers } from './rowNumbers';
import type { SewnStep, SewnSteps } from './sewnSteps';

/** A step's name where no figures are at hand. */
const plainTitle = (title: Line): Phrase => (typeof title === 'function' ? say`this step` : title);

/** Rows that would pop, what no machine here can sew, and an order that contradicts itself. */
export function sewingProblems(inputs: RowNumbers, sewn: SewnSteps): readonly Problem[] {
  return [...pops(inputs, sewn.steps), ...byHand(sewn), ...circleOf(sewn)];
}

/** Rows along an opening are told with it. */
function pops(inputs: RowNumbers, steps: readonly SewnStep[]): Problem[] {
  return steps
    .filter(isRow)
    .filter(
      ({ choice, demand }) =>
        !choice.ok &&
        !inputs.openings.some(({ id }) => id === demand?.opening && demand?.from === 'pulled on'),
    )
    .map((row): Problem => {
      const { spec, choice } = row;
      const needs = rowDemand(inputs, row);
      const gives = capacityNumber(inputs, choice);
      const short = shortfall(inputs.book, `problem.pop.${spec.id}`, needs, gives);
      const better = choice.others.find(({ ok }) => ok);
      return {
        id: `pop-${spec.id}`,
        stage: 'sew',
        severity: 'stop',
        sentence: say`${plainTitle(spec.title)}: it will pop. It must reach ${needs}, and the ${stitches[choice.stitch].name} gives ${gives}: ${short} short.`,
        remedies: better
          ? [say`Sew it with the ${stitches[better.stitch].name} instead.`]
          : [say`Borrow a machine with a stitch that stretches more, or wear it less close there.`],
      };
    });
}

function byHand({ steps, machines }: SewnSteps): Problem[] {
  const left = steps.filter(({ choice }) => choice?.stitch === 'by-hand');
  if (left.length === 0) return [];
  const what = [...new Set(left.flatMap(({ spec }) => (spec.job ? [jobOf(spec.job).label] : [])))];
  const borrow = [
    ...new Set(left.flatMap(({ spec }) => (spec.job ? [stitches[jobOf(spec.job).ways[0]].machine] : []))),
  ];
  const none = Object.keys(machines).length === 0;
  return [
    {
      id: 'by-hand',
      stage: 'sew',
      severity: 'look',
      sentence: none
        ? say`This set has no machine that works: everything is planned by hand.`
        : say`No machine here sews this: ${what.join('; ')}. It is planned by hand.`,
      remedies: [
        say`Borrow a ${borrow.join(' or a ')}, or add one to the set at Machines.`,
        say`Or sew it by hand, with small backstitches.`,
      ],
    },
  ];
}

function circleOf({ circle, steps }: SewnSteps): Problem[] {
  if (!circle) return [];
  const name = (id: string) =>
    plainTitle(steps.find(({ spec }) => spec.id === id)?.spec.title ?? say`a step`);
  const words = circle
    .map(name)
    .reduce<Phrase>((all, one, at) => (at === 0 ? one : say`${all}, before ${one}`), []);
  return [
    {
      id: 'order-circle',
      stage: 'sew',
      severity: 'look',
      sentence: say`What you put before what goes round in a circle: ${words}.`,
      remedies: [say`Take one of them away at Sew; until then none of them is kept.`],
    },
  ];
}

import { edgeUseOf } from '../../../edges/useOf';
import { say } from '../../../explain/ledger';
import type { Mend } from '../../../facts/mend';
import type { Seam } from '../../../fit/garmentKind';
import { step, type RecipeContext } from '../recipe';
import type { Line, StepSpec } from '../step';
import { edge } from './edges';
import { seamToTake } from './seamToTake';

/** The steps of every change to what is sewn, after what they change and one after the other. */
export function mends(context: RecipeContext, written: readonly StepSpec[]): readonly StepSpec[] {
  const all = Object.entries(context.garment.mends ?? {});
  return all.reduce<readonly StepSpec[]>(
    (steps, [id, mend]) => [...steps, ...mendSteps(context, [...written, ...steps], id, mend)],
    [],
  );
}

function mendSteps(
  context: RecipeContext,
  before: readonly StepSpec[],
  id: string,
  mend: Pick<Mend, 'what' | 'at'>,
): readonly StepSpec[] {
  switch (mend.what) {
    case 'take-in':
    case 'let-out':
      return sewnInside(before, id, mend, seamToTake(context.kind, mend.at)?.seam);
    case 'cut-again':
      return sewnAgain(context, before, id, mend.at);
    case 'spread-again':
      return spreadAgain(before, id, mend.at);
    case 'stay':
      return stayed(before, id, mend.at);
    case 'move-strap':
      return heldAnew(before, id, mend.at, say`Take the row out of its second end only; the first stays.`);
    default:
      throw new Error(`expected a mend, got ${String(mend.what satisfies never)}; add it to mendSteps`);
  }
}

const idsWhere = (steps: readonly StepSpec[], holds: (step: StepSpec) => boolean): readonly string[] =>
  steps.filter(holds).map(({ id }) => id);

/** A seam sewn anew beside the old one. */
function sewnInside(
  before: readonly StepSpec[],
  id: string,
  { what }: Pick<Mend, 'what'>,
  seam: Seam | undefined,
): readonly StepSpec[] {
  if (!seam) return [];
  const { id: seamId, label } = seam;
  const first = before.find((one) => one.seam === seamId && one.job !== undefined);
  if (!first) return [];
  const inward = what === 'take-in';
  const name = label.toLowerCase();
  return [
    step(
      `${id}-${seamId}-mark`,
      inward ? say`${label}: mark where to take in` : say`${label}: mark where to let out`,
      [
        (f) => {
          const by = f.mend(id);
          return (
            by &&
            (inward
              ? say`${by} inside the seam on each layer at the widest, none at its ends.`
              : say`${by} outside the seam on each layer at the widest, none at its ends.`)
          );
        },
        say`Draw from nothing to that and back to nothing in one long curve: a step shows.`,
        say`Where a hem or a band crosses it already, unpick that a hand’s width to both sides.`,
        ...(inward
          ? []
          : [say`Unpick the seam only where it is let out, and only after the new row is sewn.`]),
      ],
      say`The same on both sides; nothing pulls at the ends of the curve.`,
      { minutes: 8, after: idsWhere(before, (one) => one.seam === seamId), cautions: ['rotary'] },
    ),
    {
      ...first,
      id: `${id}-${seamId}`,
      title: inward ? say`${label}: take in` : say`${label}: let out`,
      lines: [
        say`Baste along the marks, try it on once more, and only then sew.`,
        say`Begin and end on the old row of the ${name}.`,
        inward
          ? say`Trim what lies outside the new row once it is right.`
          : say`Take the old row out, thread by thread.`,
        say`Sew hem or band down again where it was unpicked.`,
      ],
      check: say`It lies as it was pinched; sit, bend and reach in it.`,
      after: [`${id}-${seamId}-mark`],
      passes: first.passes.map((pass) => `${pass} ${id}`),
    },
  ];
}

/** The strip of an edge unpicked, cut to its new length and sewn on as it was the first time. */
function sewnAgain(
  context: RecipeContext,
  before: readonly StepSpec[],
  id: string,
  edgeId: string,
): readonly StepSpec[] {
  const found = context.kind.edges.find((one) => one.id === edgeId);
  if (found && edgeUseOf(found, context.garment).heldLast)
    return heldAnew(
      before,
      id,
      edgeId,
      say`Shorter: cut off at this end. Longer: what was left over at this end; else cut a new one and hold its first end before.`,
    );
  const again = edge(context, edgeId).filter(({ tryOn }) => tryOn !== true);
  if (!found || again.length === 0) return [];
  const own = new Set(again.map((one) => one.id));
  const unpick = `${id}-unpick`;
  return [
    step(
      unpick,
      say`${found.label}: unpick it, and cut it to its new length`,
      [
        say`Take the row out without pulling at the edge; press the edge back to its length, with steam.`,
        (f) => {
          const strip = f.strip(edgeId);
          return strip && say`Its new length on the edge is ${strip.sewn}: the ticket has what to cut.`;
        },
      ],
      say`No thread is left; the edge is as long as the plan has it.`,
      { minutes: 12, after: idsWhere(before, (one) => one.edge === edgeId), edge: edgeId },
    ),
    ...again.map((one): StepSpec => {
      const after = one.after.filter((token) => own.has(token)).map((token) => `${id}-${token}`);
      return {
        ...one,
        id: `${id}-${one.id}`,
        title: onceMore(one.title),
        after: after.length > 0 ? after : [unpick],
        passes: one.passes.map((pass) => `${pass} ${id}`),
        ...(one.takesOut === undefined ? {} : { takesOut: `${id}-${one.takesOut}` }),
      };
    }),
  ];
}

/** A strap's second end off, tried on, and held where and as long as it is right; `how` says what is done meanwhile. */
function heldAnew(before: readonly StepSpec[], id: string, edgeId: string, how: Line): readonly StepSpec[] {
  const own = (part: 'try' | 'secure') => before.find((one) => one.id === `${edgeId}-${part}`);
  const [tried, secured] = [own('try'), own('secure')];
  if (!tried || !secured) return [];
  return [
    step(
      `${id}-unpick`,
      say`Unpick the strap’s second end`,
      [how],
      say`No thread is left, and nothing is cut.`,
      { minutes: 5, after: idsWhere(before, (one) => one.edge === edgeId), edge: edgeId },
    ),
    { ...tried, id: `${id}-try`, title: onceMore(tried.title), after: [`${id}-unpick`] },
    {
      ...secured,
      id: `${id}-secure`,
      title: onceMore(secured.title),
      after: [`${id}-try`],
      passes: secured.passes.map((pass) => `${pass} ${id}`),
    },
  ];
}

/** What a step is called the second time. */
const onceMore = (title: Line): Line =>
  typeof title === 'function'
    ? (f) => {
        const first = title(f);
        return first && say`${first}, again`;
      }
    : say`${title}, again`;

/** A strip that is long enough and lies unevenly: off, marked anew, and on again. */
function spreadAgain(before: readonly StepSpec[], id: string, edgeId: string): readonly StepSpec[] {
  const rows = before.filter((one) => one.edge === edgeId && one.job !== undefined);
  const sews = rows.at(-1);
  if (!sews) return [];
  return [
    step(
      `${id}-mark`,
      say`Unpick it, and mark edge and strip in quarters again`,
      [
        (f) => {
          const strip = f.strip(edgeId);
          return strip?.edgeSegment && strip.stripSegment
            ? say`Every ${strip.edgeSegment} on the edge, every ${strip.stripSegment} on the strip.`
            : undefined;
        },
        say`A seam is not a quarter: measure from the middle of the front.`,
      ],
      say`Each quarter of the strip is as long as the others.`,
      { minutes: 12, after: idsWhere(before, (one) => one.edge === edgeId), edge: edgeId },
    ),
    {
      ...sews,
      id: `${id}-sew`,
      title: onceMore(sews.title),
      after: [`${id}-mark`],
      passes: sews.passes.map((pass) => `${pass} ${id}`),
    },
  ];
}

/** A stay sewn into the allowance of an edge that grew. */
const stayed = (before: readonly StepSpec[], id: string, edgeId: string): readonly StepSpec[] => [
  step(
    `${id}-stay`,
    say`Sew a stay into the allowance`,
    [
      (f) => {
        const length = f.edge(edgeId);
        return length
          ? say`Clear elastic or knit tape, ${length} long: what the edge was to be, not what it is.`
          : say`Clear elastic or knit tape, as long as the edge was to be, not as it is.`;
      },
      say`Mark both in quarters; on the wrong side, within the allowance, the edge eased to it.`,
    ],
    say`The edge is as long as the plan has it and lies on the body.`,
    {
      job: 'stay',
      minutes: 12,
      edge: edgeId,
      after: idsWhere(before, (one) => one.edge === edgeId),
      passes: [`edge:${edgeId}/stay ${id}`],
      up: 'the allowance',
      start: 'a seam',
    },
  ),
];

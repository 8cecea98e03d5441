import { say } from '../../../explain/ledger';
import type { Finish } from '../../../facts/edgeUses';
import { finishOf } from '../../../edges/useOf';
import type { Figures, StepSpec } from '../step';
import { hasEdge, hasSeam, seam, step, type RecipeContext } from '../recipe';

/** Steps that many garments share. */

export const markFront = (): StepSpec =>
  step(
    'mark-front',
    say`Mark the front`,
    [
      say`Put a clip in the middle of the front, on its right side, where nothing is sewn.`,
      say`The front scoops lower than the back; a double notch means back.`,
    ],
    say`Front and back are told apart; left and right pieces mirror each other.`,
    { minutes: 2, cautions: ['rotary'] },
  );

const isFinished =
  (finish: Finish) =>
  (context: RecipeContext, id: string): boolean => {
    const edge = context.kind.edges.find((one) => one.id === id);
    return edge !== undefined && finishOf(edge, context.garment) === finish;
  };
/** Whether an edge is turned up as a hem. */
export const isHem = isFinished('hem');
/** Whether a band is sewn to it. */
export const isBanded = isFinished('band');

/** Creases of every hem, while the pieces are flat: the only guide later when it is covered from the face. */
export function pressHems(context: RecipeContext, ...edges: readonly string[]): readonly StepSpec[] {
  const hems = edges.filter((id) => isHem(context, id));
  if (hems.length === 0) return [];
  const label = (id: string) => context.kind.edges.find((edge) => edge.id === id)?.label ?? id;
  return [
    step(
      'press-hems',
      say`Press the hem creases while the pieces are flat`,
      [
        ...hems.map(
          (id) => (f: Figures) =>
            say`${label(id)}: turn up ${f.hem(id)}, wrong sides facing, and press the fold.`,
        ),
        say`Open them out again: the crease is the guide later.`,
      ],
      say`Creases parallel to the edges, the same depth on front and back.`,
      { place: 'iron', minutes: 3 * hems.length, cautions: ['iron'] },
    ),
  ];
}

export function shoulders(
  context: RecipeContext,
  after: readonly string[] = [],
  rest: Partial<StepSpec> = {},
): readonly StepSpec[] {
  const stayed = context.garment.stay !== 'none' && hasEdge(context, 'shoulder');
  return seam(
    context,
    'shoulder',
    stayed ? say`Sew the shoulders with their stay` : say`Sew the shoulders`,
    [
      say`Front on back, neck edges level.`,
      stayed
        ? (f) => {
            const length = f.strip('shoulder')?.sewn ?? f.edge('shoulder');
            return length
              ? say`Lay the stay on the wrong side of the back’s shoulder, at rest: ${length} long, not stretched.`
              : say`Lay the stay on the wrong side of the back’s shoulder, at rest, not stretched.`;
          }
        : () => undefined,
      stayed ? say`Where it might shift, sew the stay on first and the seam after.` : () => undefined,
    ],
    (f) => {
      const length = f.edge('shoulder');
      return length ? say`Each shoulder still measures ${length}.` : say`Both shoulders are the same length.`;
    },
    {
      job: 'stay',
      minutes: 8,
      after,
      up: 'the back',
      start: 'the neck edge',
      press: 'to the back',
      passes: ['seam:shoulder/seam', 'seam:shoulder/finish', ...(stayed ? ['edge:shoulder/stay'] : [])],
      ...rest,
    },
  );
}

/** Sleeves set in flat, or closed first and set in the round. */
export function sleeves(context: RecipeContext, after: readonly string[]): readonly StepSpec[] {
  const round = context.ways.sleeves === 'round';
  return seam(
    context,
    'armhole',
    round ? say`Set the closed sleeves in` : say`Set the sleeves in flat`,
    [
      round
        ? say`Body wrong side out, sleeve right side out inside it; underarm seams meet.`
        : say`Open front and back out. Match the sleeve’s top notch to the shoulder seam.`,
      say`Match single notch to front and double notch to back, then both ends.`,
      say`The feed eases the fuller sleeve while it lies underneath; on top you can watch it.`,
    ],
    say`No tucks in the sleeve top; the left sleeve is on the left.`,
    {
      job: 'seam',
      minutes: round ? 18 : 12,
      after: round ? [...after, 'side'] : after,
      up: 'the body; the sleeve lies underneath',
      start: round ? 'the underarm seam' : 'one underarm end',
      press: 'to the sleeve',
      ...(round ? { ring: true as const } : {}),
    },
  );
}

/** Side and underarm in one pass, hem to hem. */
export function sides(context: RecipeContext, after: readonly string[]): readonly StepSpec[] {
  const set = hasSeam(context, 'armhole') && context.ways.sleeves !== 'round';
  const hems = ['sleeve-hem', 'sleeve-edge'].find((id) => hasEdge(context, id));
  const flat = hems !== undefined && context.ways['sleeve-hems'] === 'flat';
  return seam(
    context,
    'side',
    set ? say`Sew side and underarm in one pass` : say`Sew the sides`,
    [
      set
        ? say`Match the underarm seams, their allowances turned opposite ways; clip there.`
        : say`Match both ends and the notches.`,
      flat
        ? say`Where two finished hems meet, start with foot and knife up and the layers pushed right in.`
        : say`Start a little inside the edge and hold the tails.`,
      say`Hem to hem, without pulling.`,
    ],
    set ? say`Underarm seams meet; both sides the same length.` : say`Both sides the same length.`,
    {
      job: context.kind.seams.some(({ id, demand }) => id === 'side' && demand === 'still')
        ? 'still'
        : 'seam',
      minutes: 12,
      after: [...after, 'press-hems', ...(set ? ['armhole'] : []), ...(flat ? [`edge:${hems}`] : [])],
      up: 'the front',
      start: flat ? 'the finished hem' : 'the lower edge',
      press: 'to the back',
    },
  );
}

export const lastLook = (context: RecipeContext): StepSpec =>
  step(
    'last-look',
    say`Bury the tails, look at every seam, press`,
    [
      say`Thread each tail back under its loops with a blunt needle, or bar it under a zigzag.`,
      say`Turn it over seam by seam; mend what was missed.`,
      say`What was taken off a machine goes back on: needle, finger, knife, foot, pressure.`,
    ],
    say`No skipped stitches, no loose tails, no basting left.`,
    {
      place: 'iron',
      minutes: 8,
      cautions: ['iron', ...(context.kind.sleptIn ? (['sleepwear'] as const) : [])],
    },
  );

export const tryOn = (
  id: string,
  title: StepSpec['title'],
  lines: StepSpec['lines'],
  rest: Partial<StepSpec>,
): StepSpec =>
  step(id, title, lines, say`You can breathe, sit, reach and bend in it.`, {
    place: 'body',
    minutes: 5,
    tryOn: true,
    cautions: ['too-tight'],
    ...rest,
  });

/**
 * The length of an edge that is to be hemmed while its piece is flat: settled there, since it cannot be tried on in the
 * finished tube any more.
 */
export const lengthOnTheFlat = (id: string, title: StepSpec['title'], settles: readonly string[]): StepSpec =>
  step(
    id,
    title,
    [
      say`Measure it against a garment that is right, or baste the seam, try it on and take the basting out.`,
      say`Mark both alike and move the crease where it has to be.`,
    ],
    say`Both are the same length, creases level.`,
    { minutes: 6, after: ['press-hems'], settles },
  );

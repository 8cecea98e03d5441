import { say } from '../../../explain/ledger';
import { edgeUseOf } from '../../../edges/useOf';
import type { StepSpec } from '../step';
import type { UseId } from '../../../facts/edgeUses';
import { band, flatBinding, neckband } from './bandEdges';
import { casing, concealed, exposed, lingerie, shelf, stretchWaistband, turned } from './elasticEdges';
import { hasEdge, step, type RecipeContext } from '../recipe';
import type { EdgeContext, EdgePlace } from '../edgeContext';
import { extraStrap, hookAndEye, sideStrap, strap } from './strapEdges';

/** The steps that finish an edge, by what is sewn to it here. None where the kind, or its style, has not that edge. */
export function edge(context: RecipeContext, id: string, place: EdgePlace = {}): readonly StepSpec[] {
  const found = context.kind.edges.find((one) => one.id === id);
  if (!found || !hasEdge(context, id)) return [];
  const use = edgeUseOf(found, context.garment);
  const steps = stepsOf[use.id]({
    ...place,
    context,
    edge: found,
    use,
    name: nameOf(found.label),
    after: place.after ?? [],
    times: found.pair ? 2 : 1,
    ring: found.open !== true && place.shoulderOpen !== true,
  });
  return steps.map((one) => ({ ...one, edge: id, ...(place.seam ? { seam: place.seam } : {}) }));
}

/** A label within a sentence; the letter of a V-neckline stays one. */
const nameOf = (label: string): string => (/^[A-Z]-/.test(label) ? label : label.toLowerCase());

/** Turned up and sewn, flat or in the round. */
function hem({ edge: { id, label }, after, flat, times, ring }: EdgeContext): readonly StepSpec[] {
  const round = ring && flat !== true;
  return [
    step(
      id.includes('hem') ? id : `${id}-hem`,
      flat ? say`${label}: turn up and sew, flat` : say`${label}: turn up and sew`,
      [
        (f) => say`Fold on the crease: ${f.hem(id)} deep.`,
        say`From the face, without pulling; the row lies just inside the raw edge underneath, so that it is caught.`,
        round
          ? say`A narrow tube goes over the free arm.`
          : say`Edge to edge; the seam that closes it comes after.`,
      ],
      say`No bubbles, the raw edge caught all along.`,
      {
        job: 'hem',
        minutes: (flat ? 4 : 7) * times,
        times,
        after: ['press-hems', ...after],
        passes: [`edge:${id}/hem`],
        sides: 'wrong sides facing, on the crease',
        up: 'the face',
        start: round ? 'a seam at the side or underneath' : 'one end',
        ...(round ? { ring: true as const } : {}),
        ...(round && times > 1 ? { freeArm: true as const } : {}),
        cautions: ['clips-foot'],
      },
    ),
  ];
}

function lettuce({ edge: { id, label }, after, times }: EdgeContext): readonly StepSpec[] {
  return [
    step(
      `${id}-ripple`,
      say`${label}: ripple the edge`,
      [
        (f) =>
          say`Try it on a scrap first. Where the edge is turned, allow ${f.lettuce}; an old doubled hem comes off before.`,
        say`Pull the cloth in front of the foot and behind it, evenly, along its greatest stretch.`,
        say`Missed loops are gone over once more.`,
      ],
      say`Even ripples all along; no loop hangs free.`,
      {
        job: 'ripple',
        minutes: 8 * times,
        times,
        after,
        passes: [`edge:${id}/edge`],
        sides: 'one layer',
        up: 'the face',
        start: 'a seam',
        ring: true,
        cautions: ['clips-knife'],
      },
    ),
  ];
}

function facing({ edge: { id, label }, after, times, name }: EdgeContext): readonly StepSpec[] {
  return [
    step(
      `${id}-face`,
      say`${label}: sew the facing on`,
      [
        say`Facing on the garment, notches matched, the facing uppermost.`,
        say`At a point, stop with the needle down and pivot.`,
        say`Grade the layers, clip up to the stitching, and turn.`,
      ],
      say`The edge is even; nothing is caught.`,
      {
        job: 'enclosed-ring',
        minutes: 14 * times,
        times,
        after,
        passes: [`edge:${id}/seam`],
        sides: 'right sides facing',
        up: 'the facing',
        start: 'a seam, not the point',
        ring: true,
        cautions: ['clips-foot'],
      },
    ),
    step(
      `${id}-understitch`,
      say`${label}: understitch`,
      [
        say`Allowances towards the facing; sew on the facing, just beside the seam, through facing and allowance.`,
        say`Roll the seam of the ${name} to the inside and press.`,
      ],
      say`The facing stays inside by itself.`,
      {
        job: 'understitch',
        minutes: 6 * times,
        times,
        after: [`${id}-face`],
        passes: [`edge:${id}/understitch`],
        sides: 'facing spread away from the garment',
        up: 'the facing',
        start: 'a seam',
        press: 'to the facing',
      },
    ),
  ];
}

const none = (): readonly StepSpec[] => [];

/** How each use is sewn. A stay is laid into its seam by that seam's own step. */
const stepsOf: Readonly<Record<UseId, (at: EdgeContext) => readonly StepSpec[]>> = {
  neckband,
  cuff: band,
  'hem-band': band,
  waistband: band,
  'waistband-elastic': band,
  'front-band': band,
  'sports-band': band,
  'flat-binding': flatBinding,
  turned,
  concealed,
  lingerie,
  'shelf-bra': shelf,
  casing,
  exposed,
  'stretch-waistband': stretchWaistband,
  strap,
  'side-strap': sideStrap,
  'extra-strap': extraStrap,
  'hook-and-eye': hookAndEye,
  facing,
  hem,
  lettuce,
  left: none,
  stay: none,
};

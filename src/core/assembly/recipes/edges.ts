import { say } from '../../explain/ledger';
import type { UseId } from '../../facts/edgeUses';
import type { Edge } from '../../garments/garmentKind';
import { edgeUseOf } from '../../plan/edgeUse';
import type { StepSpec } from '../step';
import { bandSteps, flatBinding } from './bandEdges';
import { elasticSteps } from './elasticEdges';
import { hasEdge, step, type RecipeContext } from './recipe';
import { strapSteps } from './strapEdges';

/** Where an edge's steps stand among the others, and what its row is called as a seam. */
export interface EdgePlace {
  /** What must be done before the edge is finished. */
  readonly after?: readonly string[];
  /** What must be done before the second end of a strap is tried on and held. */
  readonly later?: readonly string[];
  /** The seam of the kind that its row is. */
  readonly seam?: string;
  /** A band or binding of the neck goes on while one shoulder is open; its ends lie in that seam. */
  readonly shoulderOpen?: boolean;
  /** A hem is sewn while its piece is flat. */
  readonly flat?: boolean;
}

export interface EdgeContext extends EdgePlace {
  readonly context: RecipeContext;
  readonly edge: Edge;
  readonly use: UseId;
  /** The edge's name within a sentence. */
  readonly name: string;
  readonly after: readonly string[];
  /** Steps of a pair are done on both. */
  readonly times: number;
  readonly ring: boolean;
}

/** The steps that finish an edge, by what is sewn to it here. None where the kind, or its style, has not that edge. */
export function edge(context: RecipeContext, id: string, place: EdgePlace = {}): readonly StepSpec[] {
  const found = context.kind.edges.find((one) => one.id === id);
  if (!found || !hasEdge(context, id)) return [];
  const use = edgeUseOf(found, context.garment);
  const steps = stepsOf({
    ...place,
    context,
    edge: found,
    use: use.id,
    name: nameOf(found.label),
    after: place.after ?? [],
    times: found.pair ? 2 : 1,
    ring: found.open !== true && place.shoulderOpen !== true,
  });
  return steps.map((one) => ({ ...one, edge: id, ...(place.seam ? { seam: place.seam } : {}) }));
}

/** A label within a sentence; the letter of a V-neckline stays one. */
const nameOf = (label: string): string => (/^[A-Z]-/.test(label) ? label : label.toLowerCase());

function stepsOf(at: EdgeContext): readonly StepSpec[] {
  switch (at.use) {
    case 'neckband':
    case 'cuff':
    case 'hem-band':
    case 'waistband':
    case 'waistband-elastic':
    case 'front-band':
    case 'sports-band':
      return bandSteps(at);
    case 'flat-binding':
      return flatBinding(at);
    case 'turned':
    case 'concealed':
    case 'lingerie':
    case 'shelf-bra':
    case 'casing':
    case 'exposed':
    case 'stretch-waistband':
      return elasticSteps(at);
    case 'strap':
    case 'side-strap':
    case 'extra-strap':
    case 'hook-and-eye':
      return strapSteps(at);
    case 'facing':
      return facing(at);
    case 'hem':
      return hem(at);
    case 'lettuce':
      return lettuce(at);
    case 'left':
    case 'stay':
      return [];
    default:
      throw new Error(`expected a use of an edge, got ${String(at.use satisfies never)}; add it to stepsOf`);
  }
}

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

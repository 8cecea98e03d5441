import { edgeUseOf } from '../edges/useOf';
import { USUAL_TURN } from '../edges/turns';
import { USUAL_EASE_IN } from '../edges/fold/formulas';
import type { ClothReading } from '../cloth/reading';
import type { Body } from '../explain/body';
import type { Explained, NumberId, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { OutlineFacts } from '../facts/outline';
import type { BodyMeasure } from '../facts/wearer';
import type { Operation } from '../fit/drafting';
import { LIMITS } from '../fit/limits';
import { PASSED_BY_THE_WAY, hasClosure, type GarmentKind } from '../fit/garmentKind';
import type { PieceShape } from '../fit/pieceShape';
import type { ZonePlan } from '../fit/types';
import { drawnBody } from '../garments/drawings/drawnBody';
import { point } from '../geometry/point';
import { withLevels, type Outline } from '../pieces/outline';
import type { DrawnPieces } from '../pieces/planOutlines';
import { outlineAlong } from '../pieces/ring';
import { draftBrief } from './brief';
import { draftCups } from './cups';
import type { DraftedBlock, DraftedPiece } from './drafted';
import { createDrafter, type DraftChoice, type DraftHandle, type DraftSolved, type Drafter } from './drafter';
import { draftLegs } from './legBlock';
import { draftPanels } from './panels';
import { draftTop } from './topBlock';

const draftSees = { records: ['wearer', 'pattern'], garment: ['draft', 'edges', 'closures'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof draftSees>;
  readonly kind: GarmentKind;
  readonly ageYears: number | undefined;
  readonly body: Body;
  /** The body with marked defaults for what was not measured. */
  readonly passes: Body;
  readonly zones: readonly ZonePlan[];
  readonly cloth: ClothReading | undefined;
  readonly band: ClothReading | undefined;
}

/** What a draft came to, in numbers and words. */
export interface DraftPlan {
  readonly choices: readonly Pick<DraftChoice, 'id' | 'label' | 'value' | 'chosen'>[];
  readonly solved: readonly DraftSolved[];
  readonly estimated: readonly { readonly measure: BodyMeasure; readonly value: NumberId }[];
  /** Why it cannot be; empty where its pieces are sound. */
  readonly faults: readonly Phrase[];
  readonly notes: readonly Phrase[];
}

/** A draft with its pieces, and how they are shaped by hand. */
export interface Draft {
  readonly plan: DraftPlan;
  readonly drawn: DrawnPieces;
  readonly choices: readonly DraftChoice[];
  readonly handles: readonly DraftHandle[];
}

/**
 * A garment's pieces drafted from the wearer's measures and the girths at rest that the fit plans; nothing where it has a
 * pattern, or its kind is not drafted. Where the draft cannot be, it has no pieces and says why.
 */
export const planDraft = stage(draftSees, workDraft);

function workDraft(inputs: Inputs): Draft | undefined {
  const { book, facts, kind, zones } = inputs;
  const { drafting } = kind;
  const { draft } = facts.garment;
  if (!draft || !drafting || facts.pattern) return undefined;
  if (!zones.some(({ axis }) => axis === 'around'))
    return without(say`The pieces are drafted once the wearer is measured and the cloth is tested.`);
  const { drafter, notes } = createDrafter({
    book,
    kind,
    child: facts.wearer?.grown === 'child',
    ageYears: inputs.ageYears,
    body: inputs.body,
    measured: drawnBody(facts.wearer),
    zones,
    values: draft.shaped ?? NONE,
    asked: (edge) => askedOf(inputs, edge),
  });
  contradictions(drafter);
  const block = blocks[drafting.block](drafter, drafting.does);
  const sound = notes.faults.length === 0;
  const { estimated, choices, handles, solved, faults, notes: told } = notes;
  return {
    plan: {
      choices: choices.map(({ id, label, value, chosen }) => ({ id, label, value, chosen })),
      solved,
      estimated,
      faults,
      notes: told,
    },
    drawn: sound ? drawnOf(kind, block) : NOTHING,
    choices,
    handles,
  };
}

const NONE: Readonly<Record<string, number>> = {};
const NOTHING: DrawnPieces = { facts: {}, outlines: {}, faults: {} };

const without = (sentence: Phrase): Draft => ({
  plan: { choices: [], solved: [], estimated: [], faults: [sentence], notes: [] },
  drawn: NOTHING,
  choices: [],
  handles: [],
});

const blocks: Readonly<
  Record<
    NonNullable<GarmentKind['drafting']>['block'],
    (d: Drafter, does: readonly Operation[]) => DraftedBlock
  >
> = { top: draftTop, leg: draftLegs, brief: draftBrief, cups: (d) => draftCups(d), panels: draftPanels };

/** Measures that cannot belong to one body. */
function contradictions(d: Drafter): void {
  const asks = (measure: BodyMeasure) =>
    d.measured(measure) && d.kind.needs.some((need) => need.measure === measure);
  if (asks('waist') && asks('hip') && d.body('hip').value < LEAST_HIP_OF_WAIST * d.body('waist').value)
    d.cannot(
      say`The hip, ${d.body('hip')}, is less than two thirds of the waist, ${d.body('waist')}: measure both again.`,
    );
  if (
    asks('inseam') &&
    d.measured('stature') &&
    d.body('inseam').value > MOST_INSEAM * d.body('stature').value
  )
    d.cannot(
      say`The inside leg, ${d.body('inseam')}, is too long for a height of ${d.body('stature')}: measure both again.`,
    );
}
const LEAST_HIP_OF_WAIST = 2 / 3;
const MOST_INSEAM = 0.58;

function drawnOf(kind: GarmentKind, { pieces, notches = {} }: DraftedBlock): DrawnPieces {
  const drafted = kind.shapes.flatMap((shape) => {
    const piece = pieces[shape.id];
    return piece ? [{ shape, piece, ...pieceOf(shape, piece, notches) }] : [];
  });
  return {
    facts: Object.fromEntries(drafted.map(({ shape, facts }) => [shape.id, facts])),
    outlines: Object.fromEntries(drafted.map(({ shape, outline }) => [shape.id, outline])),
    faults: {},
  };
}

function pieceOf(
  shape: PieceShape,
  { edges: paths, levels }: DraftedPiece,
  notches: NonNullable<DraftedBlock['notches']>,
): { readonly facts: OutlineFacts; readonly outline: Outline } {
  if (paths.length !== shape.edges.length)
    throw new Error(`expected ${shape.edges.length} edges of "${shape.id}", got ${paths.length}`);
  const edges = shape.edges.flatMap((of, nth) => {
    const path = paths[nth];
    return path ? [{ of, path }] : [];
  });
  const marked = edges.flatMap(({ of }) => {
    const on = notches[`${shape.id}.${of.id}`];
    return on ? [[of.id, { notches: on }] as const] : [];
  });
  const said =
    levels &&
    Object.fromEntries(Object.entries(levels).map(([zone, [edge, share]]) => [zone, { edge, share }]));
  return {
    facts: {
      ...outlineAlong(
        edges.map(({ of, path }) => ({ id: of.id, path })),
        'measures',
      ),
      ...(marked.length > 0 ? { edges: Object.fromEntries(marked) } : {}),
      ...(said ? { levels: said } : {}),
    },
    outline: {
      shape: withLevels(shape, said),
      edges,
      folded: shape.edges.some(({ fold }) => fold),
      lay: { turnedOver: false, turnedRad: 0, about: point(0, 0) },
    },
  };
}

/** A little more than what just passes, mm. */
const SPARE_MM = 2;

/** How far the edge of an opening has to go round, so that cloth and band let pass what has to. */
function askedOf({ book, facts, kind, passes, cloth, band }: Inputs, id: string): Explained | undefined {
  const opening = kind.openings.find(({ edge, id: one }) => edge === id && one !== PASSED_BY_THE_WAY);
  const edge = kind.edges.find((one) => one.id === id);
  const widest = opening && passes[opening.passes];
  const gives = cloth?.around && cloth[cloth.around]?.stretch;
  if (!opening || !edge || !widest || !gives || hasClosure(opening, facts.garment)) return undefined;
  const { garment } = facts;
  const use = edgeUseOf(edge, garment);
  const folded = use.strips.some(({ lies }) => lies);
  const bandGives = band?.around && band[band.around]?.stretch;
  const wide = garment.edges?.[id]?.finishedMm ?? use.finishedMm;
  const terms = {
    G: widest,
    limit: leaf('share of the stretch usable for a moment', LIMITS.pulledOn, 'share', 'T'),
    S: gives,
    spare: leaf('to spare', SPARE_MM, 'mm', 'D'),
  } as const;
  const words = {
    label: `${edge.label.toLowerCase()} that ${opening.passesWhat} ${opening.passesWhat === 'the head' ? 'passes' : 'pass'}`,
    unit: 'mm',
    mark: 'D',
  } as const;
  return folded && bandGives && wide !== undefined
    ? book.work(`draft.asked.${id}`, {
        ...words,
        formula: 'max(G / (1 + limit * S), G / (1 + limit * Sb) + c * turn * w) + spare',
        terms: {
          ...terms,
          Sb: bandGives,
          c: leaf('share of the curve taken off', garment.edges?.[id]?.easeIn ?? USUAL_EASE_IN, 'share', 'D'),
          turn: leaf('total turn', USUAL_TURN.neck, 'rad', 'D'),
          w: leaf('finished width of the band', wide, 'mm', 'chosen'),
        },
      })
    : book.work(`draft.asked.${id}`, { ...words, formula: 'G / (1 + limit * S) + spare', terms });
}

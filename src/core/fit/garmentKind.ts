import type { Amount } from '../cloth/amount';
import type { UseId } from '../facts/edgeUses';
import type { Finish } from '../facts/edgeUses';
import type { Garment, ZoneId } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import type { BodyMeasure } from '../facts/wearer';
import type { SkinRegion } from './movement';
import type { Drafting } from './drafting';
import type { PieceShape, SewnEdges } from './pieceShape';
import type { StyledPart } from './styledPart';

export interface NeededMeasure {
  readonly measure: BodyMeasure;
  /** Without it a part of the plan is missing; the others have a marked default or can be left out. */
  readonly required: boolean;
  /** What it is for in this garment. */
  readonly why: string;
}

/** Around the body, or along it; each has its own stretch, demand and ease. */
export type Axis = 'around' | 'along';

export interface Zone extends StyledPart {
  readonly id: ZoneId;
  readonly label: string;
  readonly measure: BodyMeasure;
  readonly axis: Axis;
  /** Seam edges a change of this girth is spread over: two for every vertical seam. */
  readonly seamEdges: number;
  /** Skin that stretches under it in motion. */
  readonly skin?: SkinRegion;
  /** This zone's own share of the stretch, where it differs from the garment's. */
  readonly share?: number;
}

export interface Piece {
  readonly id: string;
  readonly label: string;
  readonly side?: 'left' | 'right';
  readonly count?: number;
  readonly cloth: 'outer' | 'lining' | 'band';
  /** Zones whose girth this piece helps to make; its changes are shown on it. */
  readonly zones: readonly ZoneId[];
  readonly onFold: boolean;
}

/** A part of an edge that a rule may treat by itself, with its usual share of the edge until it is measured. */
interface EdgeSection {
  readonly id: string;
  readonly label: string;
  readonly share: number;
}

/** How an edge runs: how far it turns, where its marks are counted from, what crosses it. */
export interface EdgeRun {
  /** Absent: straight, a tube or a strap. */
  readonly curve?: EdgeCurve;
  /** One on each side of the body. */
  readonly pair?: true;
  /** It has two ends; else it is a ring. */
  readonly open?: true;
  /** Where marks are counted from, and what lies half way. */
  readonly start?: string;
  readonly middle?: string;
  /** The seam that start lies at, on an edge that has one on each side. */
  readonly startsAt?: string;
  /** Seams that cross it, with their usual place from the start as a share of the edge. */
  readonly seams?: readonly { readonly label: string; readonly at: number }[];
  readonly sections?: readonly EdgeSection[];
  /** What its elastic is left longer at each end, to go round a ring, mm. */
  readonly tailMm?: number;
}

export type EdgeCurve = 'neck' | 'armhole' | 'leg' | 'outer';

export interface Edge extends StyledPart, EdgeRun {
  readonly id: string;
  readonly label: string;
  readonly finish: Finish;
  /**
   * It is of a part that can be added to a garment that is made already: the pieces cut for it, the steps that make it
   * and put it in, and the edges it is caught in.
   */
  readonly adds?: {
    readonly pieces: readonly string[];
    readonly steps: readonly string[];
    readonly caughtIn: readonly string[];
  };
  /** What is sewn to it, while it is finished as its kind has it. */
  readonly use?: UseId;
  /** The piece that its cloth strip is, `<piece>-left` and `-right` where there are two. */
  readonly piece?: string;
  /** The zone whose girth the edge has, where it has one. */
  readonly zone?: ZoneId;
  /** The part of that girth it runs along, where that is not all of it (an estimate until it is measured). */
  readonly zoneShare?: number;
  /** Its hem has an allowance of its own: that of the sleeves, not the body’s. */
  readonly sleeveHem?: true;
  /** The body it holds on, where that is not its zone's. */
  readonly body?: BodyMeasure;
}

export interface Seam extends StyledPart {
  readonly id: string;
  readonly label: string;
  readonly direction: 'across' | 'along' | 'round';
  /** `stretch` goes with the body, `stay` must not grow, `still` asks for no real stretch. */
  readonly demand: 'stretch' | 'stay' | 'still';
  /** The opening it must follow while it is pulled on. */
  readonly opening?: string;
  /** Its angle to the lengthwise axis, where its direction does not tell it. */
  readonly angleRad?: number;
  /** The zones it runs through; none where no zone of the garment tells what is asked of it. */
  readonly near: readonly ZoneId[];
  /** Why a `still` seam is still. */
  readonly why?: string;
}

/** A closed opening and the widest part it passes. */
export interface Opening extends StyledPart {
  readonly id: string;
  readonly label: string;
  readonly edge: string;
  readonly passes: BodyMeasure;
  readonly passesWhat: string;
  /** What is taken as its length at rest where nobody measured it; `pattern`: nothing, it has to be measured. */
  readonly at: 'neckline' | 'sleeve-hem' | 'pattern' | { readonly zone: ZoneId };
  /** A larger edge is eased onto its band, so that the band alone has to give, while it is finished with one. */
  readonly easedOntoBand?: true;
  /** It usually has a closure, so that nothing has to pass it. */
  readonly closure?: true;
}

/** The allowance that an edge is hemmed with, by the pattern’s field. */
export const hemFieldOf = ({
  sleeveHem,
}: Pick<Edge, 'sleeveHem'>): 'sleeveHemAllowanceMm' | 'hemAllowanceMm' =>
  sleeveHem ? 'sleeveHemAllowanceMm' : 'hemAllowanceMm';

/** Whether an opening has a closure: as the person says, else as its kind has it. */
export const hasClosure = ({ id, closure }: Opening, { closures }: Pick<Garment, 'closures'>): boolean =>
  closures?.[id] ?? closure ?? false;

/** The opening an edge makes; the waist a top is pulled over is no edge's own. */
export const openingAt = ({ openings }: Pick<GarmentKind, 'openings'>, edgeId: string): Opening | undefined =>
  openings.find(({ edge, id }) => edge === edgeId && id !== PASSED_BY_THE_WAY);

/** Whether an edge is measured as a neck is: front and back apart, by its shape. */
export const isNeck = (kind: Pick<GarmentKind, 'openings'>, { id }: Pick<Edge, 'id'>): boolean =>
  id === 'neckline' && openingAt(kind, id)?.at === 'neckline';

/** The opening of a top that lies above its edge: it is only passed on the way. */
export const PASSED_BY_THE_WAY = 'waist';

/** The measure of the body an edge lies on: its own, else its zone's. */
export const bodyUnder = ({ zones }: Pick<GarmentKind, 'zones'>, edge: Edge): BodyMeasure | undefined =>
  edge.body ?? zones.find(({ id }) => id === edge.zone)?.measure;

/** How the garment can be meant to sit, with what the schools take for it. */
export interface Style {
  readonly id: Garment['style'];
  readonly label: string;
  /** Default share of the stretch around and along the body; none for a garment that is larger. */
  readonly share?: number;
  readonly shareAlong?: number;
  /** Positive ease at the first zone, mm. */
  readonly looseMm?: number;
  /** Usual negative ease of the kind, least and most, around and along. */
  readonly range?: readonly [number, number];
  readonly rangeAlong?: readonly [number, number];
  /** What the kind school calls it. */
  readonly usual: string;
}

/** What the garment asks of a cloth before any wearer is known. */
export interface Asks {
  readonly around: number;
  readonly along: number;
  /** Recovery under which it bags where it is close. */
  readonly recovery: number;
  readonly weightGsm?: readonly [number, number];
  readonly hang?: 'sturdy' | 'slinky';
  readonly opaque?: 'dry' | 'wet';
  readonly swim?: boolean;
  readonly lined?: boolean;
}

/** One garment of the catalogue, all data. */
export interface GarmentKind {
  readonly kind: KindId;
  readonly label: string;
  readonly about: string;
  /** Passes over crotch or shoulders in one piece, so that the lengthwise loop has its own ease. */
  readonly onePiece?: boolean;
  /** Its lining is a part of its own, a shelf: nothing of the body is two layers. */
  readonly liningIsPart?: true;
  /** The body is there already: only its band is new. */
  readonly onlyBand?: true;
  /** It is made already: of its edges only those that change are here, and nothing else is cut or sewn. */
  readonly made?: true;
  /** Children may sleep in it, so that rules for sleepwear are told. */
  readonly sleptIn?: true;
  readonly styles: readonly [Style, ...Style[]];
  readonly needs: readonly NeededMeasure[];
  readonly zones: readonly Zone[];
  readonly pieces: readonly Piece[];
  /** The outlines its pieces are cut by; strips have none. */
  readonly shapes: readonly PieceShape[];
  /** Which edges of those are sewn together. */
  readonly sewn: readonly SewnEdges[];
  /** How they are drafted from measures; absent where they are traced or read in. */
  readonly drafting?: Drafting;
  readonly edges: readonly Edge[];
  readonly seams: readonly Seam[];
  readonly openings: readonly Opening[];
  readonly asks: Asks;
  readonly amount: Amount;
  /** Things this garment is known for, each a sentence. */
  readonly quirks: readonly string[];
}

/** The style a garment has, or the kind's own where it has not that one. */
export const styleOf = (kind: GarmentKind, style: Garment['style']): Style =>
  kind.styles.find(({ id }) => id === style) ?? kind.styles[0];

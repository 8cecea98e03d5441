import type { ZoneId } from '../facts/garment';
import type { BodyMeasure } from '../facts/wearer';
import type { StyledPart } from './styledPart';

/** One edge of a piece: sewn into a seam, finished as an edge of the garment, laid on the fold, or none of these. */
export interface ShapeEdge extends StyledPart {
  readonly id: string;
  readonly label: string;
  readonly seam?: string;
  readonly edge?: string;
  readonly fold?: true;
  /** It is the scalloped edge of a lace: nothing is added there, and it lies on the edge of the cloth. */
  readonly scallop?: true;
}

/** Where a zone lies on a piece: a share of the height of one of its edges, from its top. */
export type LevelAt = readonly [edge: string, share: number];

/** The outline that one or several pieces of a kind are cut by. */
export interface PieceShape {
  readonly id: string;
  readonly label: string;
  /** Ids of the kind's pieces it is for: one, or the left and the right. */
  readonly pieces: readonly string[];
  /** Pieces that are cut by it too and lie on those: linings. They make nothing longer. */
  readonly also?: readonly string[];
  /** Layers of it that lie on each other. */
  readonly layers?: number;
  /** In order, clockwise, as the piece lies right side up; a piece on the fold has its fold on the left. */
  readonly edges: readonly ShapeEdge[];
  /** Zones whose girth is the width of the pieces at a height. */
  readonly levels?: Readonly<Record<ZoneId, LevelAt>>;
  /** Zones that are as long as these edges together. */
  readonly along?: Readonly<Record<ZoneId, readonly string[]>>;
  /** Edges that move when a zone is altered, where they are not those in the seam its level is told by. */
  readonly takes?: Readonly<Record<ZoneId, readonly string[]>>;
  /** A deeper seat opens at one edge and runs out at the other. */
  readonly seat?: { readonly opens: string; readonly hinge: string };
}

/**
 * Whether an even number of it is cut in mirrored pairs: left and right halves, layers that face each other. What is on a
 * fold is its own mirror image.
 */
export const isPaired = ({ edges }: Pick<PieceShape, 'edges'>): boolean => !edges.some(({ fold }) => fold);

/** The edges of a piece before and after one of them, in order. */
export const edgesBeside = ({ edges }: PieceShape, nth: number): readonly [ShapeEdge, ShapeEdge] => [
  edges.at(nth - 1) as ShapeEdge,
  edges[(nth + 1) % edges.length] as ShapeEdge,
];

/** How two edges meet that are sewn together: as long as each other, unless one is eased, gathered or stretched on. */
export type Meeting = 'level' | 'eased' | 'gathered' | 'stretched';

/** Edges of pieces that are sewn together in a seam, each `piece.edge`; the second is the one that is eased or stretched. */
export interface SewnEdges {
  readonly id: string;
  readonly seam: string;
  readonly label: string;
  readonly a: readonly string[];
  readonly b: readonly string[];
  readonly meet: Meeting;
  /** Sewn in one go with the other edges of its seam; else each is a row of its own. */
  readonly goesOn?: true;
}

const LIMBS: ReadonlySet<BodyMeasure> = new Set([
  'biceps',
  'wrist',
  'thigh',
  'knee',
  'calf',
  'ankle',
  'legTop',
] satisfies BodyMeasure[]);

/** Whether a zone is there on each side of the body: round an arm or a leg, or along the body, where both sides are as long. */
export const isEachSide = ({
  axis,
  measure,
}: {
  readonly axis: 'around' | 'along';
  readonly measure: BodyMeasure;
}): boolean => axis === 'along' || LIMBS.has(measure);

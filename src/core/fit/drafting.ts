import type { ZoneId } from '../facts/garment';
import type { StyledPart } from './styledPart';

/** A usual measure in mm: one for everybody, or the adult's and the child's (T, from memory, unless said otherwise). */
export type UsualMm = number | { readonly adult: number; readonly child: number };

/** Heights of the trunk that a garment's length goes by. */
export type TrunkLevel = 'underarm' | 'underbust' | 'waist' | 'hip';

/** What is done to a block's frame before it is drawn, or to its pieces afterwards; carried out in order. */
export type Operation = StyledPart &
  (
    | {
        readonly does: 'neck';
        readonly shape: 'round' | 'V';
        /** Set further out along the shoulder, and lowered at centre front and back. */
        readonly wider: UsualMm;
        readonly front: UsualMm;
        readonly back: UsualMm;
      }
    /** Wider or narrower shoulders, to be chosen; as the body has them until then. */
    | { readonly does: 'shoulders' }
    | { readonly does: 'underarm'; readonly lower: UsualMm }
    | { readonly does: 'length'; readonly to: TrunkLevel; readonly longer: UsualMm }
    /** The hem wider than the body there, all round. */
    | { readonly does: 'flare'; readonly by: UsualMm }
    /** The shoulder cut down to a strap. */
    | { readonly does: 'straps'; readonly wide: UsualMm }
    /** The lower edge is as long as a zone is round. */
    | { readonly does: 'lower-edge'; readonly zone: ZoneId }
    /** A set-in sleeve: its length as a share of the arm, its end as wide as a zone, or a share of the upper arm. */
    | {
        readonly does: 'sleeve';
        readonly arm: number;
        readonly zone?: ZoneId;
        readonly ofBiceps?: number;
      }
    | { readonly does: 'cut-in-one'; readonly sleeve: UsualMm }
    | { readonly does: 'raglan' }
    /** Open at centre front; each front ends this far beyond the centre, or before it where negative. */
    | { readonly does: 'split'; readonly overlap: UsualMm }
    | { readonly does: 'pocket'; readonly wide: UsualMm; readonly high: UsualMm }
    | { readonly does: 'collar'; readonly wide: UsualMm }
    | { readonly does: 'facing'; readonly wide: UsualMm }
    | { readonly does: 'shelf' }
    | { readonly does: 'one-shoulder' }
    /** The lower part of a one-piece, down to the crotch. */
    | { readonly does: 'onto-brief' }
    /** Where the leg is cut off: how far down from crotch to ankle. */
    | { readonly does: 'leg-length'; readonly share: number }
    | { readonly does: 'one-piece-leg' }
    | { readonly does: 'pouch' }
    | {
        readonly does: 'gusset';
        readonly long: UsualMm;
        readonly front: UsualMm;
        readonly back: UsualMm;
      }
    /** Rings at the sides instead of seams: the panels are these shares of the girth where it sits. */
    | { readonly does: 'rings'; readonly front: number; readonly back: number }
  );

/** An operation by what it does. */
export type OperationOf<D extends Operation['does']> = Extract<Operation, { readonly does: D }>;

/** How a kind's pieces are drafted from measures: a block, and what is done to it. */
export interface Drafting {
  readonly block: 'top' | 'leg' | 'brief' | 'cups' | 'panels';
  readonly does: readonly Operation[];
}

import type { Usual, Wearer } from '../facts/wearer';
import type { NextProposal } from './proposals';

/** The number of a proposed usual. */
export const likedOf = (proposed: NextProposal): number =>
  proposed.of === 'zone' ? (proposed.usual.share ?? proposed.usual.looser ?? 0) : proposed.usual.shorter;

/** The usual with another number. */
export function withLiked(proposed: NextProposal, value: number): NextProposal['usual'] {
  if (proposed.of === 'edge') return { ...proposed.usual, shorter: value };
  const { share } = proposed.usual;
  return { ...proposed.usual, ...(share === undefined ? { looser: value } : { share: value }) };
}

/** Two usuals so near each other are one. */
const SAME = 0.002;

/** Whether the wearer's usual is what is proposed. */
export function isUsual(
  { usual, usualLengths }: Pick<Wearer, 'usual' | 'usualLengths'>,
  proposed: NextProposal,
): boolean {
  const { key } = proposed;
  if (proposed.of === 'edge') {
    const kept = usualLengths?.[key];
    return kept?.of === proposed.usual.of && near(kept.shorter, proposed.usual.shorter);
  }
  const kept = usual?.[key];
  return kept !== undefined && isAlike(kept, proposed.usual);
}

/** Whether two ways of saying how close somebody likes it come to the same. */
export const isAlike = (one: Usual, other: Usual): boolean =>
  near(one.share, other.share) && near(one.looser, other.looser);

const near = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a === b : Math.abs(a - b) < SAME;

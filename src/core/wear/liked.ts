import type { Wearer } from '../facts/wearer';
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
  const value = likedOf(proposed);
  if (proposed.of === 'edge') {
    const kept = usualLengths?.[key];
    return kept?.of === proposed.usual.of && Math.abs(kept.shorter - value) < SAME;
  }
  const kept = usual?.[key];
  const number = proposed.usual.share === undefined ? kept?.looser : kept?.share;
  return number !== undefined && Math.abs(number - value) < SAME;
}

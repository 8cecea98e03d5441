import type { UseId } from '../../facts/edgeUses';
import { edgeUses } from './uses';

const whole = (share: number): number => Math.round(share * 100);

/** The first rule of a use that is a share of its edge or of the body. Throws where it has none (misuse). */
function firstShare(use: UseId): { readonly ratio: number; readonly low: number; readonly high: number } {
  for (const { rules } of edgeUses[use].strips) {
    const [{ rule }] = rules;
    if (rule.by !== 'edge' && rule.by !== 'body') continue;
    return { ratio: rule.ratio, low: rule.low ?? rule.ratio, high: rule.high ?? rule.ratio };
  }
  throw new Error(`expected a use whose first rule is a share, got ${use}`);
}

/** How much shorter a use’s strip usually is than what it is taken of, as a share. */
export const usuallyShorter = (use: UseId): number => Number((1 - firstShare(use).ratio).toFixed(6));

/** The range of that in words: `15 to 30 %`, or `10 %` where it is none. */
export function shorterRange(use: UseId): string {
  const { low, high } = firstShare(use);
  const [least, most] = [whole(1 - high), whole(1 - low)];
  return least === most ? `${most} %` : `${least} to ${most} %`;
}

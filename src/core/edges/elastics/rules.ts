import type { Mark } from '../../explain/explained';
import { MM_PER_INCH } from '../../units/constants';
import type { LengthRule, RuleOfThumb } from './edgeUse';

export const rule = (id: string, label: string, mark: Mark, by: LengthRule): RuleOfThumb => ({
  id,
  label,
  mark,
  rule: by,
});

export const ofEdge = (id: string, label: string, mark: Mark, ratio: number, low?: number, high?: number) =>
  rule(id, label, mark, {
    by: 'edge',
    ratio,
    ...(low === undefined ? {} : { low }),
    ...(high === undefined ? {} : { high }),
  });

export const ofBody = (id: string, label: string, mark: Mark, ratio: number, low?: number, high?: number) =>
  rule(id, label, mark, {
    by: 'body',
    ratio,
    ...(low === undefined ? {} : { low }),
    ...(high === undefined ? {} : { high }),
  });

export const MEMORY = 'T, from memory';

export const atRest = ofEdge('rest', 'as long as the edge', 'T', 1);

/** As its fold lies flat on a curved edge. */
export const liesFlat = rule('flat', 'lies flat by its width', 'D', { by: 'fold' });

export const bySnug = (share: number) =>
  rule('stretch', 'snug by its own stretch', 'D', { by: 'share', share });

/** Half an inch of overlap, crossed with an X (T). */
export const OVERLAP_MM = MM_PER_INCH / 2;

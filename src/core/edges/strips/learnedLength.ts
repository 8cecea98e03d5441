import { lessOf } from './lessOf';
import { foldLength, type Fold } from '../fold/fold';
import { USUAL_EASE_IN } from '../fold/formulas';
import type { Explained } from '../../explain/explained';
import { getNumber } from '../../explain/ledger';
import { edgePlace } from '../../facts/fitting';
import { evidenceAt } from '../../learn/evidence';
import { workLearned, type LearnedAt } from '../../learn/learned';
import type { StripInputs } from './stripInputs';

interface Bases {
  readonly on: Explained;
  readonly girth: Explained | undefined;
  readonly fold: Fold | undefined;
  readonly shortest: Explained | undefined;
  readonly longest: Explained | undefined;
  /** What the default rule comes to: what is usual before anything was tried on. */
  readonly usual: Explained | undefined;
}

/** A length that was learned from trying on, and its spread. */
interface LearnedLength {
  readonly learned: LearnedAt;
  readonly label: string;
  readonly length: Explained;
  readonly low: Explained;
  readonly high: Explained;
}

/**
 * How long a strip is by what was learned from trying on: by the share of the curve where its fold lies on one, else so
 * much shorter than the body or the edge; held to the lengths that work.
 */
export function learnedLength(inputs: StripInputs, bases: Bases): LearnedLength | undefined {
  const { facts, edge, book, id, spec } = inputs;
  const { on, girth, fold, usual } = bases;
  const evidence = evidenceAt(facts, edgePlace(edge.id));
  if (evidence.length === 0 || !usual) return undefined;
  const name = facts.wearer?.name ?? 'the wearer';
  const strap = spec.width === 'strap';
  const curved = fold?.lies !== undefined && fold.turn.value > 0;
  const scale = curved ? 'curve' : girth && !strap && spec.of !== 'outer' ? 'under-body' : 'under-edge';
  const base = scale === 'under-body' && girth ? girth : on;
  const at = `${id}.learned`;
  const learned = workLearned(book, at, `what ${name} likes here`, {
    scale,
    usual: { value: curved ? USUAL_EASE_IN : 1 - usual.value / base.value, mark: 'D' },
    evidence,
  });
  if (!learned) return undefined;
  const length = (end: 'value' | 'low' | 'high'): Explained | undefined => {
    const words = `${spec.label.toLowerCase()}, ${name}’s liking${end === 'value' ? '' : `, ${end} end`}`;
    const rule = `${id}.rule.learned${end === 'value' ? '' : `.${end}`}`;
    const liked = getNumber(book.numbers, learned[end]);
    if (curved && fold)
      return foldLength(inputs, on, fold, bases.shortest, {
        name: rule,
        label: words,
        mark: 'own record',
        easeIn: liked,
      });
    return lessOf(book, { name: rule, label: words, mark: 'own record' }, base, liked, bases);
  };
  const [middle, low, high] = [length('value'), length('high'), length('low')];
  return middle && low && high
    ? {
        learned: { ...learned, between: [low.id, high.id] },
        label: `${name}’s liking, ${learned.rests}`,
        length: middle,
        low,
        high,
      }
    : undefined;
}

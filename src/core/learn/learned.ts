import { leaf, type Ledger } from '../explain/ledger';
import type { Explained, Mark, NumberId, Term } from '../explain/explained';
import type { Evidence, WornAt } from '../facts/fitting';
import { answers, likingScales, PINCHED, USUAL_SD, within, type LikingScale } from './scales';

/** What is learned of one place: offered as one more school, with its spread. */
export interface LearnedPlan {
  readonly scale: WornAt['scale'];
  /** The posterior mean, and one standard deviation to either side. */
  readonly value: NumberId;
  readonly low: NumberId;
  readonly high: NumberId;
  /** On how much it rests, in words. */
  readonly rests: string;
}

/** What is learned of a place of a garment, and the lengths there that its spread comes to, the smaller first. */
export interface LearnedAt extends LearnedPlan {
  readonly between: readonly [NumberId, NumberId];
}

interface Inputs {
  readonly scale: WornAt['scale'];
  /** What is usual before anything was tried on. */
  readonly usual: { readonly value: number; readonly mark: Mark };
  readonly evidence: readonly Evidence[];
}

/** The newest so many count: older ones tell of another body (common practice, no source). */
export const NEWEST = 12;

/**
 * The Bayesian normal update of a liking on the logit of its scale (D): every try-on is an observation of the value it
 * was worn at, shifted as it was too tight or too loose, or of what was pinched. `undefined` where nothing was answered
 * on that scale.
 */
export function workLearned(
  book: Ledger,
  id: string,
  label: string,
  { scale: scaleId, usual, evidence }: Inputs,
): LearnedPlan | undefined {
  const counted = newest(evidence.filter(({ scale }) => scale === scaleId));
  if (counted.length === 0) return undefined;
  const scale = likingScales[scaleId];
  const ends = {
    low: leaf('least of the scale', scale.low, 'ratio', 'D'),
    high: leaf('most of the scale', scale.high, 'ratio', 'D'),
  };
  const prior = logitOf(book, `${id}.usual`, 'usual, on the logit', ends, {
    u: leaf('usual', within(scale, usual.value), 'ratio', usual.mark),
  });
  const seen = counted.map((one, at) => observation(book, `${id}.tried${at + 1}`, scale, ends, one));
  const terms: Record<string, Explained | Term> = {
    m0: prior,
    s0: leaf('spread of what is usual', USUAL_SD, 'ratio', 'D'),
  };
  seen.forEach(({ logit, sd }, at) => {
    terms[`m${at + 1}`] = logit;
    terms[`s${at + 1}`] = leaf('spread of that answer', sd, 'ratio', 'D');
  });
  const nth = [0, ...seen.map((_, at) => at + 1)];
  const weights = nth.map((at) => `1 / s${at} ^ 2`).join(' + ');
  const mean = book.work(`${id}.logit`, {
    label: `${label}, on the logit`,
    unit: 'ratio',
    mark: 'D',
    note: 'Each answer counts by how sure it is, what is usual among them.',
    formula: `(${nth.map((at) => `m${at} / s${at} ^ 2`).join(' + ')}) / (${weights})`,
    terms,
  });
  const spread = book.work(`${id}.spread`, {
    label: 'its spread, on the logit',
    unit: 'ratio',
    mark: 'D',
    formula: `sqrt(1 / (${weights}))`,
    terms: Object.fromEntries(Object.entries(terms).filter(([name]) => name.startsWith('s'))),
  });
  const back = (name: string, words: string, exponent: string) =>
    book.work(`${id}${name}`, {
      label: words,
      unit: scaleId === 'curve' ? 'ratio' : 'share',
      mark: 'own record',
      formula: `low + (high - low) / (1 + exp(-(${exponent})))`,
      terms: { ...ends, m: mean, ...(exponent === 'm' ? {} : { s: spread }) },
    }).id;
  return {
    scale: scaleId,
    value: back('', label, 'm'),
    low: back('.low', `${label}, a spread under it`, 'm - s'),
    high: back('.high', `${label}, a spread over it`, 'm + s'),
    rests: counted.length === 1 ? 'one try-on' : `${counted.length} try-ons`,
  };
}

function newest(evidence: readonly Evidence[]): readonly Evidence[] {
  return evidence
    .toSorted((a, b) => b.triedOn.localeCompare(a.triedOn) || a.fittingId.localeCompare(b.fittingId))
    .slice(0, NEWEST);
}

type Ends = Readonly<Record<'low' | 'high', Term>>;

const logitOf = (
  book: Ledger,
  id: string,
  label: string,
  ends: Ends,
  terms: Readonly<Record<'u', Term>> & { readonly shift?: Term },
): Explained =>
  book.work(id, {
    label,
    unit: 'ratio',
    mark: 'D',
    formula: terms.shift ? 'log((u - low) / (high - u)) + shift' : 'log((u - low) / (high - u))',
    terms: { ...ends, ...terms },
  });

/** What one try-on says: the value pinched, or the one it was worn at, shifted by its answer. */
function observation(
  book: Ledger,
  id: string,
  scale: LikingScale,
  ends: Ends,
  { at, wanted, outcome, garment, triedOn }: Evidence,
): { readonly logit: Explained; readonly sd: number } {
  const label = `${garment}, ${triedOn}: ${wanted === undefined ? outcome : 'pinched'}`;
  if (wanted !== undefined) {
    const u = leaf('wanted, by what was pinched', within(scale, wanted), 'ratio', 'own record');
    return { logit: logitOf(book, id, label, ends, { u }), sd: PINCHED.sd };
  }
  const { shift, sd } = answers[outcome];
  const u = leaf('worn at', within(scale, at), 'ratio', 'own record');
  if (shift === 0) return { logit: logitOf(book, id, label, ends, { u }), sd };
  const moved = leaf(`${outcome}: it is shifted by`, shift * scale.tighter, 'ratio', 'D');
  return { logit: logitOf(book, id, label, ends, { u, shift: moved }), sd };
}

import type { Explained } from '../explain/explained';
import { getNumber, leaf, type Ledger } from '../explain/ledger';
import type { Outcome } from '../facts/fitting';
import { answers, isRight, likingScales, within } from '../learn/scales';
import { isAtLeastMm, isAtMostMm, isAtMostShare } from '../units/tolerance';
import { placeId, sizeAt, wornAt, type AsSewn, type WornPlace, type WornPlan } from './wornAt';

/** What an answer makes of one place of this garment. */
export interface TriedPlan {
  /** Its length all round as it is, and as it is to become. */
  readonly was: Explained;
  readonly becomes: Explained;
  /** What comes out of it, under nothing where it is let out. */
  readonly by: Explained;
  /** Nobody pinched: how far it goes is what such an answer usually means. */
  readonly guessed: boolean;
  /** How far the cloth is then stretched as it is worn, or how far under what it lies on a strip is. */
  readonly then: Explained;
  readonly before: Explained;
  /** Whether that keeps to its limits; of a strip, how it then lies. */
  readonly keeps: boolean;
  readonly limit?: Explained;
  readonly side?: 'short' | 'long';
  /** Larger than the body, now and then: `before` and `then` say by how much. */
  readonly loose?: true;
  /** Most extension it may be worn at, of a zone; between which lengths a strip works. */
  readonly most?: Explained;
  readonly shortest?: Explained;
  readonly longest?: Explained;
}

/** Least a garment may come to by a pinch, as a share of what it is: a larger one was read wrongly. */
const LEAST_LEFT = 0.5;

/** A pinch smaller than this is what a hand takes up by itself, mm (common practice, no source). */
const LEAST_PINCH_MM = 4;

/** What is wrong with an amount, as a sentence; `undefined` where nothing is. */
export function pinchFault(
  outcome: Outcome | undefined,
  pinchedMm: number | undefined,
  wasMm: number,
): string | undefined {
  if (pinchedMm === undefined || pinchedMm === 0) return undefined;
  if (wasMm - pinchedMm < wasMm * LEAST_LEFT)
    return 'That is half of it or more: measure the pinch again, both layers of it.';
  if (-pinchedMm > wasMm * LEAST_LEFT) return 'That is half of it or more: measure again what it wants.';
  if (outcome === undefined) return 'Say first how it sat there.';
  const { shift } = answers[outcome];
  if (isRight(outcome) && Math.abs(pinchedMm) >= LEAST_PINCH_MM)
    return 'It is said to be right, and yet an amount is given: say how it sat, or leave the amount empty.';
  if (shift < 0 && pinchedMm > 0)
    return 'Too tight, and yet something was pinched out: say what it wants more as an amount under zero.';
  if (shift > 0 && pinchedMm < 0)
    return 'Too loose, and yet it wants more: an amount over zero is what was pinched out.';
  return undefined;
}

/** What was said of a place, and what was measured there. */
export interface Answer {
  readonly outcome: Outcome;
  readonly pinchedMm?: number | undefined;
  readonly measuredMm?: number | undefined;
}

/** What an answer, with or without an amount, makes of a place. `undefined` where it is right as it is. */
export function planTried(
  book: Ledger,
  plan: WornPlan,
  place: WornPlace,
  garment: AsSewn,
  { outcome, pinchedMm, measuredMm }: Answer,
): TriedPlan | undefined {
  const { shift } = answers[outcome];
  if (!pinchedMm && isRight(outcome)) return undefined;
  const was = sizeAt(book, plan, place, garment, measuredMm);
  const id = placeId(place);
  const becomes = pinchedMm
    ? book.work(`${id}.becomes`, {
        label: 'all round, after what was pinched',
        unit: 'mm',
        mark: 'D',
        formula: 'was - pinched',
        terms: { was, pinched: leaf('pinched out, all round', pinchedMm, 'mm', 'own record') },
      })
    : workGuess(book, id, plan, place, was, shift);
  const by = book.work(`${id}.by`, {
    label: 'to take out, all round',
    unit: 'mm',
    mark: 'D',
    formula: 'was - becomes',
    terms: { was, becomes },
  });
  return { was, becomes, by, guessed: !pinchedMm, ...judged(book, id, plan, place, { was, becomes }) };
}

/** What such an answer usually means: on the scale of its liking shifted as far as what is learned from it (D). */
function workGuess(
  book: Ledger,
  id: string,
  plan: WornPlan,
  place: WornPlace,
  was: Explained,
  shift: number,
): Explained {
  const { scale: scaleId, at } = wornAt(plan, place, was.value);
  const scale = likingScales[scaleId];
  const ends = {
    low: leaf('least of the scale', scale.low, 'ratio', 'D'),
    high: leaf('most of the scale', scale.high, 'ratio', 'D'),
  };
  const unit = scaleId === 'curve' ? 'ratio' : 'share';
  const wanted = book.work(`${id}.wanted`, {
    label: `${scale.label}, as such an answer usually means it`,
    unit,
    mark: 'D',
    note: 'An estimate: pinch it, and type how much, to be sure.',
    formula: 'low + (high - low) / (1 + (high - u) / (u - low) * exp(-shift))',
    terms: {
      ...ends,
      u: leaf(`${scale.label} now`, within(scale, at), unit, 'own record'),
      shift: leaf('moved on the logit by', shift * scale.tighter, 'ratio', 'D'),
    },
  });
  const number = (numberId: string) => getNumber(plan.numbers, numberId);
  const common = { label: 'all round, as it is probably wanted', unit: 'mm', mark: 'D' } as const;
  if (place.of === 'zone') {
    const { zone } = place;
    const G = number(zone.body);
    return scaleId === 'looser'
      ? book.work(`${id}.becomes`, { ...common, formula: 'G * (1 + u)', terms: { G, u: wanted } })
      : book.work(`${id}.becomes`, {
          ...common,
          formula: 'G / (1 + u * S)',
          terms: { G, u: wanted, S: number(zone.stretch) },
        });
  }
  const { strip } = place;
  const on = number(strip.on);
  if (scaleId === 'curve' && strip.fold?.lies)
    return book.work(`${id}.becomes`, {
      ...common,
      formula: 'N - c * (N - F)',
      terms: { N: on, c: wanted, F: number(strip.fold.lies.edge) },
    });
  const L = scaleId === 'under-body' && strip.body !== undefined ? number(strip.body) : on;
  return book.work(`${id}.becomes`, { ...common, formula: 'L * (1 - s)', terms: { L, s: wanted } });
}

/** How it is worn before and after, and whether that keeps to its limits. */
function judged(
  book: Ledger,
  id: string,
  plan: WornPlan,
  place: WornPlace,
  { was, becomes }: Pick<TriedPlan, 'was' | 'becomes'>,
): Omit<TriedPlan, 'was' | 'becomes' | 'by' | 'guessed'> {
  const number = (numberId: string) => getNumber(plan.numbers, numberId);
  if (place.of === 'zone') {
    const { zone } = place;
    const body = number(zone.body);
    if (isAtLeastMm(Math.min(was.value, becomes.value), body.value)) {
      const larger = (name: string, label: string, g: Explained) =>
        book.work(`${id}.${name}`, {
          label,
          unit: 'share',
          mark: 'D',
          formula: 'g / G - 1',
          terms: { G: body, g },
        });
      return {
        before: larger('before', 'larger than the body now', was),
        then: larger('then', 'larger than the body then', becomes),
        keeps: true,
        loose: true,
      };
    }
    const worn = (name: string, label: string, g: Explained) =>
      book.work(`${id}.${name}`, {
        label,
        unit: 'share',
        mark: 'D',
        formula: 'G / g - 1',
        terms: { G: body, g },
      });
    const limit = number(zone.limit);
    const then = worn('then', 'worn extension then', becomes);
    const keeps = isAtMostShare(then.value, limit.value);
    return {
      before: worn('before', 'worn extension now', was),
      then,
      keeps,
      most: limit,
      ...(keeps ? {} : { limit, side: 'short' as const }),
    };
  }
  const { strip } = place;
  const L = number(strip.body ?? strip.on);
  const under = (name: string, label: string, B: Explained) =>
    book.work(`${id}.${name}`, { label, unit: 'share', mark: 'D', formula: '1 - B / L', terms: { B, L } });
  const what = strip.body === undefined ? 'its edge' : 'the body';
  const shortest = strip.shortest === undefined ? undefined : number(strip.shortest);
  const longest = strip.longest === undefined ? undefined : number(strip.longest);
  const limit =
    shortest && !isAtLeastMm(becomes.value, shortest.value)
      ? { limit: shortest, side: 'short' as const }
      : longest && !isAtMostMm(becomes.value, longest.value)
        ? { limit: longest, side: 'long' as const }
        : {};
  return {
    before: under('before', `under ${what} now`, was),
    then: under('then', `under ${what} then`, becomes),
    keeps: Object.keys(limit).length === 0,
    ...(shortest ? { shortest } : {}),
    ...(longest ? { longest } : {}),
    ...limit,
  };
}

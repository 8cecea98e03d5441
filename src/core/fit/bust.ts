import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { Pattern } from '../facts/pattern';
import { sizesInOrder } from './patternSize';
import type { Body } from '../explain/body';
import type { AdjustmentPlan } from './types';

/** A bust that differs less than this from the cup the pattern was drafted for needs nothing (T). */
const NO_BUST_MM = 12;
/** One cup size more at the full bust, about 1 in (T, from memory); the pattern's own step beats it. */
const CUP_STEP_MM = 25;
/** Cup sizes more where a pattern assumes foam and there is none, and where the test comes out small (T). */
const WITHOUT_FOAM = { usual: 1, small: 2 } as const;

/** A bust that is fuller or smaller than the cup a pattern was drafted for. */
interface BustBeyond {
  readonly bust: Explained;
  /** The bust on this high bust with the cup the pattern was drafted for. */
  readonly drafted: Explained;
  /** Full bust less that: negative where it is smaller. */
  readonly beyond: Explained;
}

/** How far the bust is beyond the cup the size that is cut was drafted for; `undefined` where nothing is known of it or it is no matter. */
export function bustAgainstPattern(
  book: Ledger,
  pattern: Pattern,
  body: Body,
  sizeId: string,
): BustBeyond | undefined {
  const { bust, highBust } = body;
  const cupMm = draftedCup(pattern, sizeId);
  if (!bust || !highBust || cupMm === undefined) return undefined;
  if (Math.abs(bust.value - highBust.value - cupMm) < NO_BUST_MM) return undefined;
  const drafted = book.work('size.bust.drafted', {
    label: 'bust on this high bust with the cup as drafted',
    unit: 'mm',
    mark: 'D',
    formula: 'high + cup',
    terms: { high: highBust, cup: leaf('full bust less high bust, as drafted', cupMm, 'mm', 'own record') },
  });
  const beyond = book.work('size.bust', {
    label: 'bust beyond the cup the pattern was drafted for',
    unit: 'mm',
    mark: 'D',
    formula: 'bust - drafted',
    terms: { bust, drafted },
  });
  return { bust, drafted, beyond };
}

/** Bust less high bust as a size has it: said of the pattern, the table's own row, or the middle of its rows. */
function draftedCup(pattern: Pattern, sizeId: string): number | undefined {
  if (pattern.cupDifferenceMm !== undefined) return pattern.cupDifferenceMm;
  const own = pattern.sizes[sizeId]?.values;
  if (own?.bust !== undefined && own.highBust !== undefined) return own.bust - own.highBust;
  const cups = sizesInOrder(pattern).flatMap(([, { values }]) =>
    values.bust === undefined || values.highBust === undefined ? [] : [values.bust - values.highBust],
  );
  return cups[Math.floor(cups.length / 2)];
}

/** What part of the wanted girth a size itself must have at the bust: the rest is the bust adjustment. */
export function shareWithoutAdjustment(pattern: Pattern, { bust, highBust }: Body, sizeId: string): number {
  const cupMm = draftedCup(pattern, sizeId);
  if (!bust || !highBust || cupMm === undefined) return 1;
  const drafted = highBust.value + cupMm;
  return Math.abs(bust.value - drafted) < NO_BUST_MM ? 1 : drafted / bust.value;
}

/** The girth the pattern itself must have at the bust: what is wanted, less what the adjustment adds. */
export const withoutAdjustment = (
  book: Ledger,
  { bust, drafted }: BustBeyond,
  wanted: Explained,
): Explained =>
  book.work('size.bust.target', {
    label: 'wanted at the bust before the bust adjustment',
    unit: 'mm',
    mark: 'D',
    note: 'The same ease on the bust that the pattern’s cup would have.',
    formula: 'g * drafted / bust',
    terms: { g: wanted, drafted, bust },
  });

/** The cup to cut where the pattern has cups, else the bust adjustment. */
export function bustAdjustments(
  book: Ledger,
  pattern: Pattern,
  bust: BustBeyond | undefined,
): readonly AdjustmentPlan[] {
  return pattern.assumesFoam || pattern.cupStepMm !== undefined
    ? cups(book, pattern, bust)
    : volume(book, bust);
}

function volume(book: Ledger, bust: BustBeyond | undefined): AdjustmentPlan[] {
  if (!bust) return [];
  const { beyond } = bust;
  const each = book.work('size.bust.each', {
    label: 'on each front',
    unit: 'mm',
    mark: 'T',
    formula: 'abs(d) / 2',
    terms: { d: beyond },
  });
  return [
    {
      id: 'bust-volume',
      sentence:
        beyond.value > 0
          ? say`Full bust adjustment of ${each} on each front, often with a dart.`
          : say`Small bust adjustment: take ${each} out of each front.`,
    },
  ];
}

/** How many cup sizes from the drafted one, with foam and without. */
function cups(book: Ledger, pattern: Pattern, bust: BustBeyond | undefined): AdjustmentPlan[] {
  const stepMark = pattern.cupStepMm === undefined ? 'T, from memory' : 'own record';
  const step = leaf('each cup size', pattern.cupStepMm ?? CUP_STEP_MM, 'mm', stepMark);
  const beyond = bust?.beyond ?? leaf('no fuller than as drafted', 0, 'mm', 'D');
  const cut = (id: string, label: string, more: number): Phrase => {
    const sizes = Math.round(beyond.value / step.value) + more;
    if (sizes === 0) return say`the cup as drafted`;
    const count = book.work(`size.cup.${id}`, {
      label: `cup sizes from the drafted one, ${label}`,
      unit: 'count',
      mark: 'T',
      formula: 'abs(round(beyond / step) + more)',
      terms: { beyond, step, more: leaf(`more, ${label}`, more, 'count', 'T') },
    });
    const words = count.value === 1 ? 'cup size' : 'cup sizes';
    return say`${count} ${words} ${sizes > 0 ? 'larger' : 'smaller'} than drafted`;
  };
  if (!pattern.assumesFoam) {
    return [{ id: 'cup', sentence: say`Cup: ${cut('own', 'as it is made', 0)}.` }];
  }
  const bare = cut('bare', 'without foam', WITHOUT_FOAM.usual);
  const small = cut('small', 'without foam, and the test came out small', WITHOUT_FOAM.small);
  return [
    {
      id: 'cup-foam',
      sentence: say`Cup: with foam ${cut('own', 'with foam', 0)}; without foam ${bare}; ${small} if that test comes out small.`,
    },
  ];
}

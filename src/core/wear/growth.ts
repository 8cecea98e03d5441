import type { Explained, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import { daysBetween } from '../fit/latestMeasures';

/** A measurement on a day, mm. */
export interface Reading {
  readonly on: string;
  readonly mm: number;
}

/** A line through measurements: where it stands on the day of the newest, and how it rises. */
export interface GrowthLine {
  readonly from: string;
  readonly at: Explained;
  readonly perDay: Explained;
  /** The measurements it goes through. */
  readonly through: readonly Reading[];
}

/** How far back measurements count, days (D: over the last year). */
const YEAR = 365;

/**
 * The line of growth: least squares over the year before the newest measurement, or through the last two where that year
 * has no other (D). `undefined` where there are not two days.
 */
export function workGrowth(
  book: Ledger,
  id: string,
  label: string,
  readings: readonly Reading[],
): GrowthLine | undefined {
  const byDay = [...new Map(readings.map((one) => [one.on, one])).values()].toSorted((a, b) =>
    a.on.localeCompare(b.on),
  );
  const newest = byDay.at(-1);
  if (!newest || byDay.length < 2) return undefined;
  const lately = byDay.filter(({ on }) => daysBetween(on, newest.on) <= YEAR);
  const through = lately.length > 1 ? lately : byDay.slice(-2);
  const nth = through.map((_, at) => at + 1);
  const terms: Record<string, Term> = { n: leaf('measurements', through.length, 'count', 'D') };
  through.forEach(({ on, mm }, at) => {
    terms[`t${at + 1}`] = leaf(
      `days from the newest to ${on}`,
      -daysBetween(on, newest.on),
      'count',
      'measured',
    );
    terms[`g${at + 1}`] = leaf(on, mm, 'mm', 'measured');
  });
  const sum = (term: (at: number) => string) => `(${nth.map(term).join(' + ')})`;
  const [t, g] = [sum((at) => `t${at}`), sum((at) => `g${at}`)];
  const perDay = book.work(`${id}.perDay`, {
    label: `${label}, grows in a day`,
    unit: 'mm',
    mark: 'D',
    note: 'Least squares.',
    formula: `(n * ${sum((at) => `t${at} * g${at}`)} - ${t} * ${g}) / (n * ${sum((at) => `t${at} ^ 2`)} - ${t} ^ 2)`,
    terms,
  });
  const at = book.work(`${id}.at`, {
    label: `${label}, by the line on ${newest.on}`,
    unit: 'mm',
    mark: 'D',
    formula: `(${g} - b * ${t}) / n`,
    terms: { ...terms, b: perDay },
  });
  return { from: newest.on, at, perDay, through };
}

/** What the line comes to on a day. */
export const grownOn = (
  book: Ledger,
  id: string,
  label: string,
  { from, at, perDay }: GrowthLine,
  on: string,
): Explained =>
  book.work(id, {
    label,
    unit: 'mm',
    mark: 'D',
    formula: 'a + b * days',
    terms: {
      a: at,
      b: perDay,
      days: leaf(`days from ${from} to ${on}`, daysBetween(from, on), 'count', 'D'),
    },
  });

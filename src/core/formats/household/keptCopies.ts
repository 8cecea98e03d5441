const DAYS = 7;
const WEEKS = 4;
const MONTHS = 12;

const MS_PER_DAY = 86_400_000;

/** The Monday of a day's week, as a day number: weeks are told apart by it. */
function weekOf(day: string): number {
  const number = Math.round(Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY);
  // Day 0 was a Thursday.
  return number - ((number + 3) % 7);
}

/** The newest day of each of the newest so many groups; `days` come newest first. */
function newestOfEach(days: readonly string[], groupOf: (day: string) => unknown, most: number): string[] {
  const newest = new Map<unknown, string>();
  for (const day of days) if (!newest.has(groupOf(day))) newest.set(groupOf(day), day);
  return [...newest.values()].slice(0, most);
}

/**
 * Of dated copies, `YYYY-MM-DD`, those that are kept, the newest first: the newest seven, and the newest of each of the
 * last four weeks and of the last twelve months that have one. Weeks begin on Monday.
 */
export function keptCopies(days: readonly string[]): readonly string[] {
  const newestFirst = [...new Set(days)].sort().reverse();
  const kept = new Set([
    ...newestFirst.slice(0, DAYS),
    ...newestOfEach(newestFirst, weekOf, WEEKS),
    ...newestOfEach(newestFirst, (day) => day.slice(0, 7), MONTHS),
  ]);
  return newestFirst.filter((day) => kept.has(day));
}

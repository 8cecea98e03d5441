/** A day this many days before another, both `YYYY-MM-DD`. */
export const before = (day: string, days: number): string =>
  new Date(Date.parse(day) - days * 86_400_000).toISOString().slice(0, 10);

import type { Pattern } from '../facts/pattern';

/** What a pattern prints for an edge: the size's own row, else a length for every size. */
export function printedFor(
  pattern: Pattern | undefined,
  edge: string,
  size: string | undefined,
): Pattern['printed'][string] | undefined {
  const rows = Object.values(pattern?.printed ?? {}).filter((row) => row.edge === edge);
  return (
    rows.find((row) => row.sizeId !== undefined && row.sizeId === size) ??
    rows.find((row) => row.sizeId === undefined)
  );
}

const STEPS = [
  { from: 1e9, unit: 'GB' },
  { from: 1e6, unit: 'MB' },
  { from: 1e3, unit: 'kB' },
] as const;

/** A file's size in words: 25 MB, 3.4 kB, 12 bytes. */
export function formatBytes(bytes: number): string {
  const step = STEPS.find(({ from }) => bytes >= from);
  return step ? `${Number((bytes / step.from).toPrecision(3))} ${step.unit}` : `${bytes} bytes`;
}

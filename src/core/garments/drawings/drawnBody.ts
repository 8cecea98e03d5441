import { bodyMeasures, type Wearer } from '../../facts/wearer';
import { latestMeasures } from '../../fit/latestMeasures';
import type { DrawnBody } from './figure';

/** What a drawing is made for: the newest of each measure of a wearer, mm; nothing of one that is not chosen. */
export function drawnBody(wearer: Wearer | undefined): DrawnBody {
  const latest = wearer ? latestMeasures(wearer) : {};
  return Object.fromEntries(
    bodyMeasures.flatMap((measure) => {
      const mm = latest[measure]?.mm;
      return mm === undefined ? [] : [[measure, mm]];
    }),
  );
}

import type { EdgeUse } from './edgeUse';
import { ofEdge, atRest } from './rules';

/** Edges that take no band or elastic of their own, and stays. */
export const plainUses: readonly EdgeUse[] = [
  {
    id: 'facing',
    finishedMm: 50,
    finish: 'facing',
    label: 'facing',
    about: 'A shaped piece turned inside and under-stitched.',
    strips: [
      {
        of: 'outer',
        label: 'Facing',
        rules: [atRest],
        why: 'A facing is the edge over again.',
        join: 'seamed',
        width: 'facing',
      },
    ],
  },
  {
    id: 'hem',
    turnsUp: true,
    finish: 'hem',
    label: 'hem',
    about: 'Turned up and stitched with a row that stretches.',
    strips: [],
  },
  {
    id: 'lettuce',
    ripples: true,
    finish: 'lettuce',
    label: 'lettuce edge',
    about: 'Overcast narrowly while it is stretched, so that it ripples.',
    strips: [],
  },
  {
    id: 'left',
    measured: 'not at all',
    allowance: 'none',
    finish: 'left as it is',
    label: 'left as it is',
    about: 'A lace edge: no allowance, nothing sewn on.',
    strips: [],
  },
  {
    id: 'stay',
    measured: 'shoulder seam',
    stays: true,
    finish: 'stay',
    label: 'stay',
    about: 'Laid into the seam at rest, as long as the pattern’s seam, so that it cannot grow.',
    kinds: ['clear'],
    widthsMm: [5, 10],
    usualWidthMm: 6,
    strips: [
      {
        of: 'elastic',
        label: 'Stay',
        rules: [ofEdge('rest', 'as long as the pattern’s seam', 'T', 1)],
        why: 'The pattern’s seam, not the cut cloth’s, which may have grown.',
        join: 'butted',
        joinMm: 0,
        width: 'elastic',
      },
    ],
  },
];

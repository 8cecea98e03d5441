import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { step, type Recipe } from '../recipe';
import { lastLook } from './shared';

export const knitBand: Recipe = {
  alternatives: [],
  steps: (c) => [
    step(
      'edge-ready',
      say`Make the edge ready`,
      [
        say`A solid edge, not the fuzz, is the edge; a knife may trim the fuzz.`,
        say`On a hand- or machine-knitted body, run a row of tissue under it.`,
      ],
      say`It measures the same twice.`,
      { minutes: 5 },
    ),
    ...edge(c, 'neckline', { after: ['edge-ready'], seam: 'neckband' }),
    lastLook(c),
  ],
};

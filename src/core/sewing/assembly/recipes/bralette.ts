import { say } from '../../../explain/ledger';
import { edge } from './edges';
import { seam, step, type Recipe } from '../recipe';
import { lastLook, markFront } from './shared';

export const bralette: Recipe = {
  alternatives: [],
  steps: (c) =>
    [
      markFront(),
      ...seam(
        c,
        'cup',
        say`Sew the cup seams`,
        [say`Inner to outer cup, motifs matched; tissue under the lace.`],
        say`Left and right mirror each other.`,
        { job: 'precise', up: 'the outer cup', start: 'the upper edge', press: 'open' },
      ),
      ...edge(c, 'band', { seam: 'casing' }),
      ...edge(c, 'strap', { after: ['cup'] }).map((one) =>
        one.id === 'strap-front'
          ? { ...one, lines: [...one.lines, say`Sew it twice to the lace, fold it in, and hold it.`] }
          : one,
      ),
      step(
        'casing-mark',
        say`Mark the casing and centre the lace on it`,
        [say`Centre front, cup seams and ends; the lace’s fullness goes between the marks.`],
        say`Both cups have the same fullness.`,
        { minutes: 5, after: ['cup', 'edge:band'], diagram: 'quartering' },
      ),
      ...seam(
        c,
        'cup-band',
        say`Lap the band under the lace and sew it on`,
        [
          say`Band under the lace’s lower edge, mark on mark; stretch the band to the lace between the marks.`,
          say`From the face, along the lace’s edge; then trim the lace close inside.`,
        ],
        say`It springs back; the band’s edge is caught all along.`,
        {
          job: 'elastic-flat',
          onStrip: 'band',
          after: ['casing-mark', 'strap-front'],
          times: 1,
          sides: 'the band under the lace, both face up',
          up: 'the face of the lace',
          start: 'one end',
        },
      ),
      ...seam(
        c,
        'back-tab',
        say`Sew the back tabs on`,
        [say`Lining and outer round the casing’s end, turned.`],
        say`Both ends as wide as the hook-and-eye.`,
        {
          job: 'enclosed',
          after: ['cup-band'],
          up: 'either side',
          start: 'the lower edge',
          passes: ['seam:back-tab/seam'],
        },
      ),
      step(
        'back-straps',
        say`Place the back straps by halving`,
        [say`Half the back from tab to side seam; both alike, then as it was tried on.`],
        say`Both at the same distance.`,
        { minutes: 4, after: ['back-tab'] },
      ),
      ...edge(c, 'closure', { after: ['back-tab', 'back-straps', 'strap-secure'] }),
      lastLook(c),
    ].map((one) => (one.id === 'strap-try' ? { ...one, after: [...one.after, 'back-straps'] } : one)),
};

import { newPattern, type Pattern, type PatternSize } from '@/core/facts/pattern';
import { ONE_SIZE, type Shapes } from '@/core/facts/outline';
import { drawnPatterns } from './drawn/pieces';
import taken from './drawn/taken.json';
import type { Household } from './householdType';
import { tracedTee } from './tracedTee';

/** A two-piece drafted reversible, and leggings with a finished-garment table. */
export function demoPatterns(): Household['patterns'] {
  const table = (
    columns: readonly (keyof PatternSize['values'])[],
    rows: Readonly<Record<string, readonly number[]>>,
  ): Pattern['sizes'] =>
    Object.fromEntries(
      Object.entries(rows).map(([label, mm], order) => [
        `size-${order + 1}`,
        { label, order, values: Object.fromEntries(columns.map((column, at) => [column, mm[at]])) },
      ]),
    );
  const reversible: Pattern['layers'] = {
    outer: { label: 'Outer, swim knit', around: 0.75, along: 0.5, feel: 'medium' },
    other: { label: 'Other side, swim knit', around: 0.75, along: 0.5, feel: 'medium' },
  };
  const drafted = {
    layers: reversible,
    easeAround: 0.1,
    easeAlong: 0,
    statedAround: 0.75,
    statedAlong: 0.5,
    seamAllowanceMm: 10,
  } as const;
  return {
    'otter-top': {
      ...newPattern('Otter top', 'crop-top'),
      ...drafted,
      sizes: table(['bust', 'highBust', 'underbust', 'backLength'], {
        '1': [800, 770, 690, 390],
        '2': [840, 805, 730, 395],
        '3': [880, 840, 770, 400],
        '4': [920, 875, 810, 405],
        '5': [970, 920, 860, 410],
        '6': [1020, 965, 910, 415],
      }),
      printed: {
        lower: { label: 'Elastic at the lower edge, size 4', mm: 690, edge: 'lower-edge', sizeId: 'size-4' },
      },
      unclear: 'It says to stretch slightly at the armholes, not by how much.',
      sizing: 'Drafted reversible: loose when made with an ordinary lining.',
    },
    'otter-bottoms': {
      ...newPattern('Otter bottoms', 'briefs'),
      ...drafted,
      sizes: table(['hip', 'lowHip', 'legTop', 'lowRise'], {
        '1': [860, 820, 520, 410],
        '2': [900, 860, 545, 420],
        '3': [940, 900, 570, 430],
        '4': [980, 940, 595, 440],
        '5': [1030, 985, 625, 452],
        '6': [1080, 1030, 655, 465],
      }),
      sizing: 'Drafted reversible: loose when made with an ordinary lining.',
    },
    'rehearsal-tee': tracedTee(),
    // Taken out of a drawing, an exchange file and a page: see `demo-drawings` in the scripts.
    'twirl-skirt': drawn('Twirl skirt', 'twirl-skirt'),
    'warm-up-leg': drawn('Warm-up leg', 'warm-up-leg'),
    'confetti-crop': drawn('Confetti crop', 'confetti-crop'),
    'tumble-leggings': {
      ...newPattern('Tumble leggings', 'leggings'),
      tableOf: 'finished garment',
      statedAround: 0.5,
      sizes: table(['waist', 'hip', 'thigh', 'knee', 'ankle', 'inseam'], {
        XS: [580, 720, 430, 290, 180, 720],
        S: [620, 760, 455, 305, 188, 730],
        M: [660, 800, 480, 320, 196, 740],
        L: [710, 850, 510, 338, 205, 745],
        XL: [770, 910, 545, 360, 216, 750],
      }),
      printed: {
        waist: { label: 'Elastic in the waistband, size M', mm: 640, edge: 'waist', sizeId: 'size-3' },
      },
      next: 'Cut the leg two fingers longer.',
    },
  };
}

/** A pattern whose outlines were taken out of a file, all its seamlines drawn. */
const drawn = (name: string, id: keyof typeof drawnPatterns): Pattern => ({
  ...newPattern(name, drawnPatterns[id].kind),
  seamAllowanceMm: 7,
  hemAllowanceMm: 25,
  shapes: { [ONE_SIZE]: taken[id] as Shapes },
});

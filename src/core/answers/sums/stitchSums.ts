import { leaf } from '../../explain/ledger';
import { lengthMm, numberOf } from '../../facts/spec';
import { DIFFERENTIAL_RANGE, SWATCH_TOLERANCE, nextDifferential } from '../../machines/swatch';
import { PLANNED_SHARE, zigzagStretch } from '../../machines/seams/stitchStretch';
import { THREAD_WASTE } from '../../machines/seams/threadUse';
import { sumOf } from './sum';

const [LEAST, MOST] = DIFFERENTIAL_RANGE;

const differential = sumOf({
  label: 'Differential feed',
  about: 'From a sewn swatch: which ratio undoes its waves or puckers.',
  given: {
    ratio: {
      as: 'd',
      field: numberOf('ratio', 'Ratio it was sewn with', 0.5, 2.5),
      mark: 'chosen',
      usual: 1.3,
    },
    beforeMm: {
      as: 'before',
      field: lengthMm('Seam before', 20, 500, [80, 250]),
      said: 'before',
      mark: 'measured',
      usual: 100,
    },
    afterMm: {
      as: 'after',
      field: lengthMm('Seam after, lying', 15, 700, [70, 300]),
      said: 'after',
      mark: 'measured',
      usual: 108,
    },
  },
  rules: { least: leaf('least', LEAST, 'ratio', 'T'), most: leaf('most', MOST, 'ratio', 'T') },
  steps: [
    {
      as: 'next',
      id: 'next',
      label: 'ratio to set',
      unit: 'ratio',
      mark: 'D',
      note: 'Within what ordinary machines have, 0.6 to 2.0.',
      formula: nextDifferential.text,
    },
  ],
  shown: ['next'],
  says: ({ before = 1, after = 1 }) => {
    const grew = after / before - 1;
    if (Math.abs(grew) <= SWATCH_TOLERANCE) return 'It lies as long as it was: keep it.';
    return grew > 0
      ? 'It waved. A lighter foot helps, too; never pull.'
      : 'It puckered. Loosen the needle tension by one, too.';
  },
});

const stitch = sumOf({
  label: 'What a zigzag stretches',
  about: 'A straight row or zigzag goes no further than the path of its thread.',
  given: {
    lengthMm: {
      as: 'L',
      field: numberOf('ratio', 'Stitch length, mm', 0.2, 9),
      said: 'stitch length',
      unit: 'dialMm',
      mark: 'chosen',
      usual: 1.5,
    },
    widthMm: {
      as: 'W',
      field: numberOf('ratio', 'Zigzag width, mm (0 for straight)', 0, 12),
      said: 'zigzag width',
      unit: 'dialMm',
      mark: 'chosen',
      usual: 1.5,
    },
    pliesMm: {
      as: 't',
      field: numberOf('ratio', 'Thickness of all layers, mm', 0.1, 20),
      said: 'thickness of all layers',
      unit: 'dialMm',
      mark: 'measured',
      usual: 1,
    },
  },
  rules: { planned: leaf('share of the bound that is planned on', PLANNED_SHARE, 'ratio', 'T') },
  steps: [
    {
      as: 'bound',
      id: 'bound',
      label: 'at the very most',
      unit: 'share',
      mark: 'D',
      formula: zigzagStretch.text,
    },
    {
      as: 'plan',
      id: 'planned',
      label: 'to plan on',
      unit: 'share',
      mark: 'T',
      formula: 'planned * bound',
    },
  ],
  shown: ['plan', 'bound'],
});

const thread = sumOf({
  label: 'Thread',
  about:
    'Thread for a length of seam: four-thread overlock takes 18 times it, three-thread 14, a coverstitch 18.',
  given: {
    seamMm: { as: 'L', field: lengthMm('Seams in all', 50, 100_000), mark: 'measured', usual: 5000 },
    ratio: {
      as: 'r',
      field: numberOf('ratio', 'Thread for each length of seam', 1, 40),
      mark: 'S, from memory',
      usual: 18,
    },
    spools: { as: 'n', field: numberOf('count', 'Spools', 1, 5), mark: 'chosen', usual: 4 },
  },
  rules: { waste: leaf('waste', THREAD_WASTE, 'share', 'T') },
  steps: [
    {
      as: 'T',
      id: 'total',
      label: 'thread in all',
      unit: 'mm',
      mark: 'S, from memory',
      note: 'industrial thread-consumption tables; waste 15 to 25 %',
      formula: 'L * r * (1 + waste)',
    },
    {
      as: 'each',
      id: 'each',
      label: 'on each spool, were they even',
      unit: 'mm',
      mark: 'D',
      formula: 'T / n',
    },
  ],
  shown: ['T', 'each'],
});

/** Sums of seams and machines. */
export const stitchSums = { differential, stitch, thread } as const;

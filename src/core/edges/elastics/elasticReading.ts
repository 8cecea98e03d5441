import { createMemory, workedOnce } from '../../explain/remember';
import { readClothOnce } from '../../cloth/readClothOnce';
import type { DirectionReading } from '../../cloth/reading';
import { recoveryVerdict, type RecoveryVerdict } from '../../cloth/recoveryVerdict';
import type { Explained } from '../../explain/explained';
import { leaf, type Ledger } from '../../explain/ledger';
import { newCloth, type Cloth } from '../../facts/cloth';
import type { Elastic, ElasticKind, SewnSample } from '../../facts/elastic';
import { MAX_SEWN_GROWTH, sewnGrowth } from './lengths';

/** What an elastic of a kind usually stretches, for one that nobody has pulled (estimates, from memory). */
export const USUAL_STRETCH: Readonly<Record<ElasticKind, number>> = {
  braided: 1,
  knitted: 0.9,
  woven: 0.8,
  plush: 0.8,
  picot: 0.7,
  'fold-over': 0.8,
  clear: 1.2,
  'swim rubber': 1,
  'swim knit': 0.9,
  'firm band': 0.6,
  'stretch waistband': 0.7,
  strap: 0.4,
};

/** An elastic's tests as numbers of the plan. */
export interface ElasticReading {
  readonly reading: DirectionReading;
  /** Nobody pulled it: what is usual for its kind stands in. */
  readonly assumed: boolean;
  readonly verdict: RecoveryVerdict;
  /** What a piece of it grew while it was sewn on; absent where no sample was sewn. */
  readonly growth?: Explained;
}

/** What is wrong with a sewn sample and what to do, or `undefined`. */
export function sewnFault({
  beforeMm,
  afterMm,
}: Pick<SewnSample, 'beforeMm' | 'afterMm'>): string | undefined {
  if (afterMm < beforeMm) return 'Sewn it is shorter than before: measure both again, lying loose.';
  return sewnGrowth(beforeMm, afterMm) > MAX_SEWN_GROWTH
    ? 'It grew by more than 20 % as it was sewn: sew another sample without pulling, with a longer stitch, or choose another elastic.'
    : undefined;
}

const recall = createMemory<Cloth>();

/** An elastic as a cloth that is pulled along its length, so that both are read alike. */
const elasticAsCloth = (elastic: Elastic): Cloth => recall([elastic], () => asCloth(elastic));

function asCloth({ name, tests, pulls, kind, statedStretch }: Elastic): Cloth {
  return {
    ...newCloth(name),
    washed: 'yes',
    statedAlong: statedStretch ?? USUAL_STRETCH[kind],
    tests: Object.fromEntries(
      Object.entries(tests).map(([id, test]) => [id, { ...test, direction: 'along' as const }]),
    ),
    ...(pulls
      ? {
          pulls: Object.fromEntries(
            Object.entries(pulls).map(([id, pull]) => [id, { ...pull, direction: 'along' as const }]),
          ),
        }
      : {}),
  };
}

/** Reads an elastic's tests and sewn samples into the ledger under `prefix`, worked out once for each elastic. */
export const readElastic = workedOnce(workReading);

function workReading(book: Ledger, prefix: string, elastic: Elastic): ElasticReading {
  const read = readClothOnce(book, prefix, elasticAsCloth(elastic));
  const growth = growthOf(book, prefix, elastic);
  return {
    reading: read.along as DirectionReading,
    assumed: read.along?.source !== 'tested' && elastic.statedStretch === undefined,
    verdict: recoveryVerdict(read.along?.recovery?.value),
    ...(growth ? { growth } : {}),
  };
}

/** The mean growth of the sewn samples that can be used. */
function growthOf(book: Ledger, prefix: string, { sewn }: Elastic): Explained | undefined {
  const samples = Object.values(sewn).filter((sample) => sewnFault(sample) === undefined);
  if (samples.length === 0) return undefined;
  const each = samples.map((sample, at) =>
    book.work(`${prefix}.sewn${at + 1}`, {
      label: `grew as it was sewn, sample ${at + 1}`,
      unit: 'share',
      mark: 'own record',
      formula: sewnGrowth.text,
      terms: {
        A: leaf('before sewing', sample.beforeMm, 'mm', 'measured'),
        B: leaf('sewn, lying loose', sample.afterMm, 'mm', 'measured'),
      },
    }),
  );
  const names = each.map((_, at) => `g${at + 1}`);
  return book.work(`${prefix}.growthSewn`, {
    label: 'grows as it is sewn on',
    unit: 'share',
    mark: 'own record',
    formula: `(${names.join(' + ')}) / n`,
    terms: {
      ...Object.fromEntries(each.map((one, at) => [names[at] as string, one])),
      n: leaf('samples', each.length, 'count', 'own record'),
    },
  });
}

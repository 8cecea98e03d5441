import { isAtMostShare } from '../units/tolerance';
import type { Explained, Term } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { Cloth, ClothDirection, ClothTest } from '../facts/cloth';
import { MAX_SPREAD, readingFault, growthOf, neckInOf, recoveryOf, stretchOf } from './handTest';
import { recoveryVerdict, verdictSentences } from './recoveryVerdict';
import { readInWear } from './readInWear';
import { readPulls } from './readPulls';
import type { ClothReading, DirectionReading } from './reading';
import { stretchClass } from './stretchClass';

/** The poorer recovery of a cloth's two directions; `undefined` where neither was let go. */
export const lowestRecovery = ({
  across,
  along,
}: Pick<ClothReading, 'across' | 'along'>): Explained | undefined =>
  [across?.recovery, along?.recovery]
    .filter((one) => one !== undefined)
    .toSorted((a, b) => a.value - b.value)[0];

/** Reads a cloth's tests into the ledger under `prefix`. Impossible readings are set aside with their reason. */
export function readCloth(book: Ledger, prefix: string, cloth: Cloth): ClothReading {
  const tests = Object.entries(cloth.tests).sort(
    ([idA, a], [idB, b]) => a.testedOn.localeCompare(b.testedOn) || idA.localeCompare(idB),
  );
  const refused = tests.flatMap(([testId, test]) => {
    const fault = readingFault(test);
    return fault ? [{ testId, sentence: fault.sentence }] : [];
  });
  const usable = tests.filter(([testId]) => !refused.some((bad) => bad.testId === testId));
  const direction = (which: ClothDirection, stated: number | undefined) => {
    const read = readDirection(
      book,
      `${prefix}.${which}`,
      which,
      usable.map(([, test]) => test).filter((test) => test.direction === which),
      cloth.stable ? 0 : stated,
      cloth,
    );
    const inWear = readInWear(book, `${prefix}.${which}`, which, cloth);
    return read && inWear ? { ...read, inWear } : read;
  };
  const across = direction('across', cloth.statedAcross);
  const along = direction('along', cloth.statedAlong);
  const around = greatest(across, along);
  const most = around === 'along' ? along : across;
  const other = around === 'along' ? across : along;
  const read = { ...(across ? { across } : {}), ...(along ? { along } : {}) };
  const verdict = recoveryVerdict(lowestRecovery(read)?.value);
  return {
    name: cloth.name,
    ...read,
    ...(around ? { around } : {}),
    ...(most ? { stretchClass: stretchClass(most.stretch.value, other?.stretch.value) } : {}),
    verdict,
    verdictSentence: say`${verdictSentences[verdict]}`,
    refused,
  };
}

function readDirection(
  book: Ledger,
  prefix: string,
  which: ClothDirection,
  tests: readonly ClothTest[],
  stated: number | undefined,
  cloth: Cloth,
): DirectionReading | undefined {
  if (tests.length === 0 || cloth.stable) {
    if (stated === undefined) return undefined;
    const note = cloth.stable
      ? 'Said not to stretch.'
      : 'Stated, not tested on this cloth: pull a swatch to be sure.';
    const stretch = book.given(
      `${prefix}.stretch`,
      `stretch ${which}, as stated`,
      stated,
      'share',
      'default',
      note,
    );
    const pulled = readPulls(book, prefix, which, cloth, stretch);
    return { stretch, repeats: [], source: 'stated', counts: 'median', ...pulled };
  }
  const repeats = tests.map((test, at) =>
    book.work(`${prefix}.repeat${at + 1}`, {
      label: `stretch ${which}, pull ${at + 1}`,
      unit: 'share',
      mark: 'S',
      note: 'ASTM D2594',
      formula: stretchOf.text,
      terms: {
        A: leaf('at rest', test.restMm, 'mm', 'measured'),
        B: leaf('pulled', test.pulledMm, 'mm', 'measured'),
      },
    }),
  );
  const values = repeats.map((repeat) => repeat.value);
  const counts = isAtMostShare(Math.max(...values) - Math.min(...values), MAX_SPREAD) ? 'median' : 'lowest';
  const stretching = tests.filter((test) => test.pulledMm > test.restMm);
  const growth = middle(book, prefix, which, stretching, DERIVED.growth);
  const recovery = middle(book, prefix, which, stretching, DERIVED.recovery);
  const neckIn = middle(book, prefix, which, stretching, DERIVED.neckIn);
  const stretch = pick(book, `${prefix}.stretch`, `stretch ${which}`, repeats, counts);
  return {
    stretch,
    repeats,
    ...(growth ? { growth } : {}),
    ...(recovery ? { recovery } : {}),
    ...(neckIn ? { neckIn } : {}),
    source: 'tested',
    counts,
    ...readPulls(book, prefix, which, cloth, stretch),
  };
}

/** A length of one pull: its field, and what it is called. */
const LENGTHS = {
  A: ['restMm', 'at rest'],
  B: ['pulledMm', 'pulled'],
  C: ['releasedMm', 'let go'],
  W0: ['restWidthMm', 'width at rest'],
  W1: ['pulledWidthMm', 'width while pulled'],
} as const satisfies Readonly<Record<string, readonly [keyof ClothTest, string]>>;
type Lengths = Record<keyof typeof LENGTHS, number>;

/** A quantity worked out of each pull that has the lengths it takes. */
interface Derived {
  readonly name: 'growth' | 'recovery' | 'neckIn';
  readonly label: string;
  readonly mark: Explained['mark'];
  readonly note?: string;
  readonly formula: string;
  readonly takes: readonly (keyof Lengths)[];
}

const DERIVED: Readonly<Record<Derived['name'], Derived>> = {
  growth: {
    name: 'growth',
    label: 'stays longer',
    mark: 'S',
    note: 'ASTM D2594',
    formula: growthOf.text,
    takes: ['A', 'C'],
  },
  recovery: {
    name: 'recovery',
    label: 'comes back',
    mark: 'D',
    formula: recoveryOf.text,
    takes: ['A', 'B', 'C'],
  },
  neckIn: {
    name: 'neckIn',
    label: 'neck-in',
    mark: 'D',
    formula: neckInOf.text,
    takes: ['A', 'B', 'W0', 'W1'],
  },
};

/** One number per test that has the readings, and their median. */
function middle(
  book: Ledger,
  prefix: string,
  which: ClothDirection,
  tests: readonly ClothTest[],
  { name, label, mark, note, formula, takes }: Derived,
): Explained | undefined {
  const each: Explained[] = [];
  tests.forEach((test, at) => {
    const terms = {} as Record<keyof Lengths, Term>;
    for (const key of takes) {
      const [field, words] = LENGTHS[key];
      const mm = test[field];
      if (mm === undefined) return;
      terms[key] = leaf(words, mm, 'mm', 'measured');
    }
    const working = {
      label: `${label} ${which}, pull ${at + 1}`,
      unit: 'share',
      mark,
      formula,
      terms,
    } as const;
    each.push(book.work(`${prefix}.${name}${at + 1}`, note === undefined ? working : { ...working, note }));
  });
  return each.length === 0 ? undefined : pick(book, `${prefix}.${name}`, `${label} ${which}`, each, 'median');
}

function pick(
  book: Ledger,
  id: string,
  label: string,
  repeats: readonly Explained[],
  counts: 'median' | 'lowest',
): Explained {
  const terms = Object.fromEntries(repeats.map((repeat, at) => [`p${at + 1}`, repeat]));
  const names = Object.keys(terms).join(', ');
  return book.work(id, {
    label,
    unit: 'share',
    mark: 'T',
    note:
      counts === 'median'
        ? 'The middle repeat counts.'
        : 'The repeats differ by more than ten points, so the lowest counts.',
    formula: counts === 'median' ? `median(${names})` : `min(${names})`,
    terms,
  });
}

function greatest(across?: DirectionReading, along?: DirectionReading): ClothDirection | undefined {
  if (!across) return along && 'along';
  return along && along.stretch.value > across.stretch.value ? 'along' : 'across';
}

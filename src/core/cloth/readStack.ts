import { leaf, say, type Ledger } from '../explain/ledger';
import type { ClothDirection } from '../facts/cloth';
import type { ClothReading, DirectionReading, LayerShare } from './reading';
import { recoveryVerdict, verdictSentences } from './recoveryVerdict';
import { stretchClass } from './stretchClass';
import { otherWay } from './otherWay';
import {
  isReal,
  ownStretches,
  tensionsOf,
  workExtension,
  workLeast,
  workTension,
  type TensionPart,
} from './tensionNumbers';

/** A layer as it is laid: with its greatest stretch around, or turned a quarter. */
interface LaidLayer {
  readonly reading: ClothReading;
  readonly turned: boolean;
}

/**
 * Layers sewn together, read as one cloth whose `across` goes around the body. Their tensions add at the same
 * extension (D); the crude rule stands beside it (T). Expects at least one layer, the outer one first.
 */
export function readStack(
  book: Ledger,
  prefix: string,
  name: string,
  layers: readonly LaidLayer[],
): ClothReading {
  const laid = layers.map(({ reading, turned }) => {
    const around = reading.around ?? 'across';
    const along = otherWay(around);
    return { reading, around: turned ? along : around, along: turned ? around : along };
  });
  const [outer] = laid;
  const direction = (which: 'around' | 'along') => {
    const readings = laid.map(({ reading, ...ways }) => reading[ways[which]]);
    const known = readings.filter((one) => one !== undefined);
    return known.length === laid.length ? stackDirection(book, prefix, which, known) : undefined;
  };
  const around = direction('around');
  const along = direction('along');
  const recoveries = laid.flatMap(({ reading }) =>
    (['across', 'along'] as const).flatMap((way) => reading[way]?.recovery?.value ?? []),
  );
  const verdict = recoveryVerdict(recoveries.length === 0 ? undefined : Math.min(...recoveries));
  const way: ClothDirection = 'across';
  return {
    name,
    ...(around
      ? {
          across: around,
          around: way,
          stretchClass: stretchClass(around.stretch.value, along?.stretch.value),
        }
      : {}),
    ...(along ? { along } : {}),
    verdict,
    verdictSentence: say`${verdictSentences[verdict]}`,
    refused: laid.flatMap(({ reading }) => reading.refused),
    ...(around && outer
      ? {
          layers: shares(book, prefix, around, laid),
          least: workLeast(book, `${prefix}.least`, around.parts),
        }
      : {}),
  };
}

function stackDirection(
  book: Ledger,
  prefix: string,
  which: 'around' | 'along',
  readings: readonly DirectionReading[],
): DirectionReading {
  const parts = readings.flatMap((reading) => reading.parts);
  const real = isReal(parts);
  const [first] = tensionsOf(parts, real);
  const words = which === 'around' ? 'around' : 'lengthwise';
  const tension =
    real && parts[0]?.curve
      ? parts[0].curve.tS
      : leaf('the outer layer at its own limit, in comfortable pulls', first?.weight ?? 1, 'ratio', 'D');
  const added = workExtension(
    book,
    { id: `${prefix}.${which}.added`, label: `where the layers’ pulls add up, ${words}`, real },
    parts,
    tension,
  );
  const own = ownStretches(parts);
  const stretch = book.work(`${prefix}.${which}.stretch`, {
    label: `stretch of the layers together, ${words}`,
    unit: 'share',
    mark: 'D',
    note: 'Never past the limit of any layer by itself.',
    formula: `min(added, ${own.names})`,
    terms: { added, ...own.terms },
  });
  const recoveries = readings.flatMap(({ recovery }) => recovery ?? []);
  const inWear = readings[0]?.inWear;
  const neckIns = readings.flatMap(({ neckIn }) => neckIn ?? []);
  return {
    stretch,
    repeats: [],
    ...(recoveries.length === readings.length
      ? {
          recovery: book.work(`${prefix}.${which}.recovery`, {
            label: `comes back, the poorest layer, ${words}`,
            unit: 'share',
            mark: 'T',
            formula: `min(${recoveries.map((_, at) => `r${at + 1}`).join(', ')})`,
            terms: Object.fromEntries(recoveries.map((one, at) => [`r${at + 1}`, one])),
          }),
        }
      : {}),
    ...(neckIns.length === readings.length
      ? {
          neckIn: book.work(`${prefix}.${which}.neckIn`, {
            label: `neck-in of the layers together, ${words}`,
            unit: 'share',
            mark: 'D',
            note: 'Layers held together draw in alike, between their own: halfway is taken.',
            formula: `mean(${neckIns.map((_, at) => `n${at + 1}`).join(', ')})`,
            terms: Object.fromEntries(neckIns.map((one, at) => [`n${at + 1}`, one])),
          }),
        }
      : {}),
    // Measured on garments that may have had these layers too: the outer one stands for all.
    ...(inWear ? { inWear } : {}),
    source: readings.every(({ source }) => source === 'tested') ? 'tested' : 'stated',
    counts: 'median',
    parts,
  };
}

function shares(
  book: Ledger,
  prefix: string,
  around: DirectionReading,
  laid: readonly { readonly reading: ClothReading }[],
): readonly LayerShare[] {
  const real = isReal(around.parts);
  if (around.stretch.value <= 0) return [];
  const named = around.parts.map((part) => part.name);
  const each = around.parts.map((part, at) =>
    workTension(
      book,
      { id: `${prefix}.layer${at + 1}.tension`, label: `tension of ${part.name} there`, real },
      [part],
      around.stretch,
    ),
  );
  return each.map((tension, at) => ({
    name: named[at] ?? laid[at]?.reading.name ?? '',
    stretch: (around.parts[at] as TensionPart).S,
    share: book.work(`${prefix}.layer${at + 1}.share`, {
      label: `part of the pull that is ${named[at] ?? 'this layer'}’s`,
      unit: 'share',
      mark: 'D',
      formula: `T${at + 1} / (${each.map((_, n) => `T${n + 1}`).join(' + ')})`,
      terms: Object.fromEntries(each.map((one, n) => [`T${n + 1}`, one])),
    }),
  }));
}

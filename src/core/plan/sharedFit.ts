import type { ClothReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { extensionFromEase } from '../fit/ease';
import { LIMITS, MAX_WORN_EXTENSION } from '../fit/limits';
import { CLASS_REDUCTION, CLOSENESS, DEFAULT_SHARE, KIND_RANGE, extensionByShare } from '../fit/schools';
import type { ZonePlan } from './types';

/** What holds for every zone of one cloth: the schools' extensions, the limit, the stops of the scale. */
export interface Shared {
  readonly limit: Explained;
  readonly stops: ZonePlan['stops'];
  readonly byShare: Explained;
  readonly byClass: Explained;
  /** Absent for a loose garment, which is larger by an amount instead. */
  readonly byKind?: {
    readonly label: string;
    readonly middle: Explained;
    readonly low: Explained;
    readonly high: Explained;
  };
}

export function planShared(
  book: Ledger,
  style: Garment['style'],
  stretch: Explained,
  reading: ClothReading,
): Shared {
  const share = style === 'loose' ? 0 : DEFAULT_SHARE[style];
  const cap = leaf('cap without a pull curve', MAX_WORN_EXTENSION, 'share', 'T');
  const kind = reading.stretchClass ?? 'stable';
  const shared: Shared = {
    limit: book.work('fit.limit', {
      label: 'most it may be worn at',
      unit: 'share',
      mark: 'T',
      formula: 'min(worn * S, cap)',
      terms: {
        worn: leaf('share of the stretch that may be worn', LIMITS.worn, 'share', 'T'),
        S: stretch,
        cap,
      },
      by: (v) => Math.min(v.worn * v.S, v.cap),
    }),
    stops: CLOSENESS.map((stop) => ({
      label: stop.label,
      extension: book.work(`fit.stop.${stop.label}`, {
        label: `worn extension that feels ${stop.label}`,
        unit: 'share',
        mark: 'T, from memory',
        formula: 'share * S',
        terms: {
          share: leaf(`share of the stretch that feels ${stop.label}`, stop.share, 'share', 'T, from memory'),
          S: stretch,
        },
        by: (v) => v.share * v.S,
      }).id,
    })),
    byShare: book.work('fit.school.share', {
      label: 'worn extension by share of stretch',
      unit: 'share',
      mark: 'D',
      formula: 'min(share * S, cap)',
      terms: { share: leaf('share of the stretch', share, 'share', 'T, from memory'), S: stretch, cap },
      by: (v) => extensionByShare(v.S, v.share, v.cap),
    }),
    byClass: book.work('fit.school.class', {
      label: 'worn extension by stretch class',
      unit: 'share',
      mark: 'S, from memory',
      note: 'textbook reduction factors',
      formula: 'n / (1 - n)',
      terms: { n: leaf(`reduction for ${kind} cloth`, CLASS_REDUCTION[kind], 'share', 'S, from memory') },
      by: ({ n }) => extensionFromEase(n),
    }),
  };
  return style === 'loose' ? shared : { ...shared, byKind: byKind(book, style) };
}

function byKind(book: Ledger, style: Exclude<Garment['style'], 'loose'>): NonNullable<Shared['byKind']> {
  const label = style === 'regular' ? 'usual for a tee' : `usual for a ${style} tee`;
  const [low, high] = KIND_RANGE[style];
  const [a, b] = [
    leaf('negative ease, low end', low, 'share', 'T, from memory'),
    leaf('negative ease, high end', high, 'share', 'T, from memory'),
  ];
  const end = (name: 'least' | 'most', n: typeof a) =>
    book.work(`fit.school.kind.${name}`, {
      label: `${name} worn extension ${label}`,
      unit: 'share',
      mark: 'T, from memory',
      formula: 'n / (1 - n)',
      terms: { n },
      by: (v) => extensionFromEase(v.n),
    });
  return {
    label,
    low: end('least', a),
    high: end('most', b),
    middle: book.work('fit.school.kind', {
      label: `worn extension ${label}`,
      unit: 'share',
      mark: 'T, from memory',
      formula: '((a + b) / 2) / (1 - (a + b) / 2)',
      terms: { a, b },
      by: (v) => extensionFromEase((v.a + v.b) / 2),
    }),
  };
}

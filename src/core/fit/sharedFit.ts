import { workedOnce } from '../explain/remember';
import { extensionFromEase } from './ease';
import { otherWay } from '../cloth/otherWay';
import { isReal, type TensionPart } from '../cloth/tensionNumbers';
import type { ClothReading, DirectionReading } from '../cloth/reading';
import { CLASS_FROM } from '../cloth/stretchClass';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { ClothDirection } from '../facts/cloth';
import { LIMITS, MAX_WORN_EXTENSION } from './limits';
import { CLASS_REDUCTION, CLOSENESS, LENGTHWISE_PART } from './schools';
import type { Axis, Style } from './garmentKind';
import type { ZonePlan } from './types';

/** What holds for every zone of one cloth in one direction: its limit, the stops of the scale, the schools. */
export interface Shared {
  readonly axis: Axis;
  readonly stretch: Explained;
  readonly reading: DirectionReading;
  readonly parts: readonly TensionPart[];
  /** Whether tensions are newtons: every layer has a pull curve. */
  readonly real: boolean;
  readonly limit: Explained;
  readonly stops: ZonePlan['stops'];
  readonly byClass: Explained;
  /** Absent for a loose garment, which is larger by an amount instead. */
  readonly byKind?: {
    readonly label: string;
    readonly middle: Explained;
    readonly low: Explained;
    readonly high: Explained;
  };
}

/** What one axis of the body gives, worked out once for each cloth and style; `undefined` where it was not tested. */
export const planShared = workedOnce(workShared);

/** The direction of a cloth that lies along an axis of the body: its greatest stretch goes around. */
export const wayOf = ({ around }: Pick<ClothReading, 'around'>, axis: Axis): ClothDirection | undefined =>
  axis === 'around' ? around : otherWay(around);

function workShared(book: Ledger, reading: ClothReading, style: Style, axis: Axis): Shared | undefined {
  const way = wayOf(reading, axis);
  const direction = way && reading[way];
  if (!direction) return undefined;
  const { stretch, parts } = direction;
  const real = isReal(parts);
  const at = `fit.${axis}`;
  const words = axis === 'around' ? '' : ', lengthwise';
  const worn = leaf('share of the stretch that may be worn', LIMITS.worn, 'share', 'T');
  const shared: Shared = {
    axis,
    stretch,
    reading: direction,
    parts,
    real,
    limit: real
      ? book.work(`${at}.limit`, {
          label: `most it may be worn at${words}`,
          unit: 'share',
          mark: 'T',
          note: 'The cloth has a pull curve, so the cap for untested pulls is not used.',
          formula: 'worn * S',
          terms: { worn, S: stretch },
        })
      : book.work(`${at}.limit`, {
          label: `most it may be worn at${words}`,
          unit: 'share',
          mark: 'T',
          formula: 'min(worn * S, cap)',
          terms: { worn, S: stretch, cap: capLeaf },
        }),
    stops: CLOSENESS.map((stop) => ({
      label: stop.label,
      extension: book.work(`${at}.stop.${stop.label}`, {
        label: `worn extension that feels ${stop.label}${words}`,
        unit: 'share',
        mark: 'T, from memory',
        formula: 'share * S',
        terms: {
          share: leaf(`share of the stretch that feels ${stop.label}`, stop.share, 'share', 'T, from memory'),
          S: stretch,
        },
      }).id,
    })),
    byClass: byClass(book, at, axis, reading, stretch),
  };
  const range = axis === 'around' ? style.range : (style.rangeAlong ?? (style.range && [0, 0]));
  return range ? { ...shared, byKind: byKind(book, at, style.usual, range) } : shared;
}

/** Without a pull curve worn extension is not taken past this. */
export const capLeaf = leaf('cap without a pull curve', MAX_WORN_EXTENSION, 'share', 'T');

function byClass(book: Ledger, at: string, axis: Axis, reading: ClothReading, stretch: Explained): Explained {
  const kind = reading.stretchClass ?? 'stable';
  const common = {
    label: 'worn extension by stretch class',
    unit: 'share',
    mark: 'S, from memory',
    note: 'textbook reduction factors',
  } as const;
  const n = leaf(`reduction for ${kind} cloth`, CLASS_REDUCTION[kind], 'share', 'S, from memory');
  if (axis === 'around') {
    return book.work(`${at}.school.class`, {
      ...common,
      formula: extensionFromEase.text,
      terms: { n },
    });
  }
  const part = stretch.value >= CLASS_FROM.moderate ? LENGTHWISE_PART : 0;
  const words = part > 0 ? 'lengthwise part of it, four-way cloth' : 'lengthwise part of it, two-way cloth';
  return book.work(`${at}.school.class`, {
    ...common,
    formula: 'n * part / (1 - n * part)',
    terms: { n, part: leaf(words, part, 'share', 'S, from memory') },
  });
}

function byKind(
  book: Ledger,
  at: string,
  label: string,
  [low, high]: readonly [number, number],
): NonNullable<Shared['byKind']> {
  const [a, b] = [
    leaf('negative ease, low end', low, 'share', 'T, from memory'),
    leaf('negative ease, high end', high, 'share', 'T, from memory'),
  ];
  const end = (name: 'least' | 'most', n: typeof a) =>
    book.work(`${at}.school.kind.${name}`, {
      label: `${name} worn extension ${label}`,
      unit: 'share',
      mark: 'T, from memory',
      formula: extensionFromEase.text,
      terms: { n },
    });
  return {
    label,
    low: end('least', a),
    high: end('most', b),
    middle: book.work(`${at}.school.kind`, {
      label: `worn extension ${label}`,
      unit: 'share',
      mark: 'T, from memory',
      formula: '((a + b) / 2) / (1 - (a + b) / 2)',
      terms: { a, b },
    }),
  };
}

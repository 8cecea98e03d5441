import { beforeGrowth, shortestWithin } from '../elastics/lengths';
import type { Explained } from '../../explain/explained';
import { getNumber, leaf, type Ledger } from '../../explain/ledger';
import { LIMITS } from '../../fit/limits';
import { HAIR } from '../../units/roundForTape';
import { isAtLeastMm, isAtMostMm } from '../../units/tolerance';
import type { Fold } from '../fold/fold';
import type { StripInputs } from './stripInputs';
import type { StripLimit, StripState } from '../types';

export interface StripLimits {
  readonly shortestBy: readonly StripLimit[];
  /** The one that binds first. */
  readonly longestBy: readonly LongestBy[];
  readonly shortest?: Explained;
  readonly longest?: Explained;
  /** How its fold lies says what is too long, not its edge. */
  readonly byFold: boolean;
}

type LongestBy = StripLimit & { readonly mostMm: number };

/** The longest that still holds a body: as long as it, once it has grown as it was sewn. */
const mostThatHolds = (
  book: Ledger,
  id: string,
  girth: Explained,
  growth: Explained | undefined,
): Explained =>
  growth
    ? book.work(`${id}.longest.body`, {
        label: 'longest that holds, once it has grown as it is sewn',
        unit: 'mm',
        mark: 'D',
        formula: beforeGrowth.text,
        terms: { G: girth, g: growth },
      })
    : girth;

/** The longest whose fold lies flat on a curved edge, and the longest that steam settles. */
const longestThatLies = (fold: Fold | undefined): LongestBy[] =>
  fold?.lies
    ? [
        { id: 'flat', label: 'lies flat', at: fold.lies.flat.id, mostMm: fold.lies.flat.value },
        { id: 'steam', label: 'settles with steam', at: fold.lies.steam.id, mostMm: fold.lies.steam.value },
      ]
    : [];

/** The longest that holds a body, and the longest that needs no easing; the one that binds first is first. */
function longestThatHolds(
  { book, id, spec }: Pick<StripInputs, 'book' | 'id' | 'spec'>,
  on: Explained,
  girth: Explained | undefined,
  growth: Explained | undefined,
): LongestBy[] {
  if (spec.width === 'strap') return [];
  const edge: LongestBy = {
    id: 'edge',
    label: 'need not be eased: no longer than its edge',
    at: on.id,
    mostMm: on.value,
  };
  if (!girth) return [edge];
  const holding = mostThatHolds(book, id, girth, growth);
  const body: LongestBy = {
    id: 'body',
    label: 'holds: no longer than the body',
    at: holding.id,
    mostMm: holding.value,
  };
  if (spec.of === 'elastic') return [body];
  return [body, edge].toSorted((a, b) => a.mostMm - b.mostMm);
}

/** Between what a strip's length can be: it must be sewn on, pulled on and worn; and not be longer than its edge. */
export function stripLimits(
  { book, id, spec, passes, ring }: StripInputs,
  {
    on,
    girth,
    stretch,
    growth,
    fold,
  }: {
    readonly on: Explained;
    readonly girth: Explained | undefined;
    readonly stretch: Explained | undefined;
    readonly growth: Explained | undefined;
    readonly fold: Fold | undefined;
  },
): StripLimits {
  const shortestBy: StripLimit[] = [];
  if (stretch && spec.width !== 'strap') {
    const at = (limit: StripLimit['id'], label: string, length: Explained, share: number) => {
      const entry = book.work(`${id}.shortest.${limit}`, {
        label: `shortest that ${label}`,
        unit: 'mm',
        mark: 'T',
        formula: shortestWithin.text,
        terms: {
          L: length,
          limit: leaf('share of its stretch that may be used', share, 'share', 'T'),
          S: stretch,
        },
      });
      shortestBy.push({ id: limit, label, at: entry.id });
    };
    at('sewn', 'reaches its edge while it is sewn', on, LIMITS.sewn);
    if (passes && ring) at('passes', `goes over ${passes.what}`, passes.girth, LIMITS.pulledOn);
    if (girth && ring && spec.holds) at('worn', 'may be worn all day', girth, LIMITS.worn);
  }
  const byFold = spec.lies === true;
  const longestBy = byFold
    ? longestThatLies(fold)
    : longestThatHolds({ book, id, spec }, on, spec.holds ? girth : undefined, growth);
  const get = ({ at }: StripLimit) => getNumber(book.numbers, at);
  const shortest =
    shortestBy.length === 0
      ? undefined
      : book.work(`${id}.shortest`, {
          label: 'shortest that works',
          unit: 'mm',
          mark: 'D',
          formula: `max(${shortestBy.map((_, at) => `l${at + 1}`).join(', ')})`,
          terms: Object.fromEntries(shortestBy.map((limit, at) => [`l${at + 1}`, get(limit)])),
        });
  const longest = longestBy[0] && get(longestBy[0]);
  return {
    shortestBy,
    longestBy,
    byFold,
    ...(shortest ? { shortest } : {}),
    ...(longest ? { longest } : {}),
  };
}

/** Where a length falls between the limits. */
export function stripState(mm: number, { shortest, longest, longestBy, byFold }: StripLimits): StripState {
  if (shortest && !isAtLeastMm(mm, shortest.value)) return 'too short';
  if (byFold) {
    const [flat, steam] = longestBy;
    if (!flat || !steam) return 'stands up';
    if (isAtMostMm(mm, flat.mostMm)) return 'lies flat';
    return isAtMostMm(mm, steam.mostMm) ? 'wants steam' : 'stands up';
  }
  // What holds a body has to be shorter than it: there is no tolerance past that, and it counts before easing does.
  const past = ({ id, mostMm }: LongestBy) => (id === 'body' ? mm > mostMm + HAIR : !isAtMostMm(mm, mostMm));
  const over = longestBy.filter(past);
  if (!longest || over.length === 0) return 'works';
  return over.some(({ id }) => id === 'body') ? 'does not hold' : 'eased';
}

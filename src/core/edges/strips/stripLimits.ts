import { beforeGrowth, shortestWithin } from '../elastics/lengths';
import type { Explained } from '../../explain/explained';
import { getNumber, leaf, type Ledger } from '../../explain/ledger';
import { LIMITS } from '../../fit/limits';
import { HAIR } from '../../units/roundForTape';
import { isAtLeastMm, isAtMostMm } from '../../units/tolerance';
import type { StripInputs } from './stripInputs';
import type { StripLimit, StripState } from '../types';

export interface StripLimits {
  readonly shortestBy: readonly StripLimit[];
  /** The one that binds first. */
  readonly longestBy: readonly LongestBy[];
  readonly shortest?: Explained;
  readonly longest?: Explained;
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

/** Between what a strip's length can be: it must be sewn on, pulled on and worn; and not be longer than its edge. */
export function stripLimits(
  { book, id, spec, passes, ring }: StripInputs,
  {
    on,
    girth,
    stretch,
    growth,
  }: {
    readonly on: Explained;
    readonly girth: Explained | undefined;
    readonly stretch: Explained | undefined;
    readonly growth: Explained | undefined;
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
  const holding = spec.holds === true && girth ? mostThatHolds(book, id, girth, growth) : undefined;
  const longestBy: LongestBy[] =
    spec.width === 'strap'
      ? []
      : [
          ...(holding
            ? [
                {
                  id: 'body' as const,
                  label: 'holds: no longer than the body',
                  at: holding.id,
                  mostMm: holding.value,
                },
              ]
            : []),
          ...(holding && spec.of === 'elastic'
            ? []
            : [
                {
                  id: 'edge' as const,
                  label: 'need not be eased: no longer than its edge',
                  at: on.id,
                  mostMm: on.value,
                },
              ]),
        ].toSorted((a, b) => a.mostMm - b.mostMm);
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
  return { shortestBy, longestBy, ...(shortest ? { shortest } : {}), ...(longest ? { longest } : {}) };
}

/** Where a length falls between the limits. */
export function stripState(mm: number, { shortest, longest, longestBy }: StripLimits): StripState {
  if (shortest && !isAtLeastMm(mm, shortest.value)) return 'too short';
  // What holds a body has to be shorter than it: there is no tolerance past that, and it counts before easing does.
  const past = ({ id, mostMm }: LongestBy) => (id === 'body' ? mm > mostMm + HAIR : !isAtMostMm(mm, mostMm));
  const over = longestBy.filter(past);
  if (!longest || over.length === 0) return 'works';
  return over.some(({ id }) => id === 'body') ? 'does not hold' : 'eased';
}

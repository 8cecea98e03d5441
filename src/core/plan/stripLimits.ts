import { shortestPassing, shortestSewn } from '../bands/neckband';
import { shortestWorn } from '../elastics/lengths';
import type { Explained } from '../explain/explained';
import { leaf } from '../explain/ledger';
import { LIMITS } from '../fit/limits';
import type { StripInputs } from './stripInputs';
import type { StripLimit, StripState } from './types';

export interface StripLimits {
  readonly shortestBy: readonly StripLimit[];
  readonly longestBy: readonly StripLimit[];
  readonly shortest?: Explained;
  readonly longest?: Explained;
}

/** Lengths closer than this to a limit are on it: half a millimetre, the rounding of the tape. */
const TOLERANCE_MM = 0.5;

/** Between what a strip's length can be: it must be sewn on, pulled on and worn; and not be longer than its edge. */
export function stripLimits(
  { book, id, spec, passes, ring }: StripInputs,
  {
    on,
    girth,
    stretch,
  }: {
    readonly on: Explained;
    readonly girth: Explained | undefined;
    readonly stretch: Explained | undefined;
  },
): StripLimits {
  const shortestBy: StripLimit[] = [];
  if (stretch && spec.width !== 'strap') {
    const at = (
      limit: StripLimit['id'],
      label: string,
      formula: string,
      length: Explained,
      share: number,
      by: (mm: number, S: number) => number,
    ) => {
      const entry = book.work(`${id}.shortest.${limit}`, {
        label: `shortest that ${label}`,
        unit: 'mm',
        mark: 'T',
        formula,
        terms: {
          L: length,
          limit: leaf('share of its stretch that may be used', share, 'share', 'T'),
          S: stretch,
        },
        by: (v) => by(v.L, v.S),
      });
      shortestBy.push({ id: limit, label, at: entry.id });
    };
    at('sewn', 'reaches its edge while it is sewn', 'L / (1 + limit * S)', on, LIMITS.sewn, shortestSewn);
    if (passes && ring)
      at(
        'passes',
        `goes over ${passes.what}`,
        'L / (1 + limit * S)',
        passes.girth,
        LIMITS.pulledOn,
        shortestPassing,
      );
    if (girth && ring && spec.holds)
      at('worn', 'may be worn all day', 'L / (1 + limit * S)', girth, LIMITS.worn, shortestWorn);
  }
  const holdsBody = spec.holds === true && spec.of === 'elastic' && girth !== undefined;
  const longestBy: StripLimit[] =
    spec.width === 'strap'
      ? []
      : holdsBody && girth
        ? [{ id: 'body', label: 'holds: no longer than the body', at: girth.id }]
        : [{ id: 'edge', label: 'need not be eased: no longer than its edge', at: on.id }];
  const get = ({ at }: StripLimit) => book.numbers[at] as Explained;
  const shortest =
    shortestBy.length === 0
      ? undefined
      : book.work(`${id}.shortest`, {
          label: 'shortest that works',
          unit: 'mm',
          mark: 'D',
          formula: `max(${shortestBy.map((_, at) => `l${at + 1}`).join(', ')})`,
          terms: Object.fromEntries(shortestBy.map((limit, at) => [`l${at + 1}`, get(limit)])),
          by: (v) => Math.max(...Object.values(v)),
        });
  const longest = longestBy[0] && get(longestBy[0]);
  return { shortestBy, longestBy, ...(shortest ? { shortest } : {}), ...(longest ? { longest } : {}) };
}

/** Where a length falls between the limits. */
export function stripState(mm: number, { shortest, longest, longestBy }: StripLimits): StripState {
  if (shortest && mm < shortest.value - TOLERANCE_MM) return 'too short';
  if (!longest || mm <= longest.value + TOLERANCE_MM) return 'works';
  return longestBy[0]?.id === 'body' ? 'does not hold' : 'eased';
}

import type { Join } from '../elastics/edgeUse';
import { OVERLAP_MM } from '../elastics/rules';
import type { Explained } from '../../explain/explained';
import { getNumber, leaf } from '../../explain/ledger';
import { allowanceAt } from '../../facts/allowance';
import type { StripInputs } from './stripInputs';
import type { StripLimits } from './stripLimits';
import { planTape } from '../tape';
import type { StripPlan } from '../types';

/** What joins, tails and trimming add to a strip's length at the seamline. */
export function workAdds(inputs: StripInputs): { readonly adds: Explained; readonly join: Join } {
  const { book, id, spec, choice, facts, second, edge, use } = inputs;
  const usual = edge.open === true && spec.join === 'overlapped' ? 'open' : spec.join;
  // What the use itself adds is meant for its own way of joining: another way adds what is usual for that.
  const usualMm = (way: Join) => (spec.join === way ? spec.joinMm : undefined);
  const join = (second ? undefined : choice?.join) ?? usual;
  const own = second ? undefined : choice;
  const a = facts.garment.pattern.seamAllowanceMm;
  const ends = spec.lies ? endsOf(inputs) : undefined;
  const partsCount = partsOf({ choice, use, second });
  const spare = leaf('to be trimmed', spec.spareMm ?? 0, 'mm', 'T');
  const name = `${id}.adds`;
  const label = 'joins and tails';
  const pieced = leaf(
    'joins between its parts',
    join === 'seamed' ? partsCount : partsCount - 1,
    'count',
    'chosen',
  );
  const allowance = leaf(
    ends?.label ?? 'allowance of a join',
    join === 'seamed' ? (own?.joinMm ?? ends?.mm ?? usualMm('seamed') ?? a) : a,
    'mm',
    'chosen',
  );
  switch (join) {
    case 'seamed':
      return {
        join,
        adds: book.work(name, {
          label,
          unit: 'mm',
          mark: 'T',
          formula: '2 * a * n + spare',
          terms: { a: allowance, n: pieced, spare },
        }),
      };
    case 'open': {
      const tail = leaf('tail at each end', own?.tailMm ?? edge.tailMm ?? spec.tailMm ?? a, 'mm', 'T');
      return {
        join,
        adds: book.work(name, {
          label,
          unit: 'mm',
          mark: 'T',
          formula: '2 * tail + 2 * a * n + spare',
          terms: { tail, a: allowance, n: pieced, spare },
        }),
      };
    }
    case 'overlapped':
    case 'butted': {
      const overlap = join === 'butted' ? 0 : (own?.joinMm ?? usualMm('overlapped') ?? OVERLAP_MM);
      return {
        join,
        adds: book.work(name, {
          label,
          unit: 'mm',
          mark: 'T',
          formula: 'overlap * n + spare',
          terms: {
            overlap: leaf(join === 'butted' ? 'butted, nothing overlaps' : 'overlap', overlap, 'mm', 'T'),
            n: leaf('places where ends meet', partsCount, 'count', 'chosen'),
            spare,
          },
        }),
      };
    }
    default:
      throw new Error(`expected a join, got ${String(join satisfies never)}; add it to workAdds`);
  }
}

/** What each end of a band on a neck has beyond its seamline: the crossing seam’s allowance where it lies in that. */
const endsOf = ({ choice, facts: { garment }, edge, endsInSeam }: StripInputs) =>
  endsInSeam
    ? {
        label: 'seam allowance at the shoulder',
        mm: choice?.measured?.crossingAllowanceMm ?? garment.pattern.seamAllowanceMm,
      }
    : { label: 'seam allowance at the edge', mm: allowanceAt(garment, edge.id) };

/** How many parts a band is cut in: as chosen, two for one that runs round the front. What lies inside it is whole. */
export const partsOf = ({ choice, use, second }: Pick<StripInputs, 'choice' | 'use' | 'second'>): number =>
  second ? 1 : Math.round(choice?.parts ?? use.parts ?? 1);

/** The strip as it is sewn: the chosen length, or as it was cut less what joins it. */
export function workSewn(
  { book, id, facts, choice, use, spec, second }: StripInputs,
  rows: readonly string[],
  chosen: Explained,
  adds: Explained,
): Explained {
  const asCut = rows.map((row) => facts.garment.cuts[row]?.lengthMm).find((mm) => mm !== undefined);
  const label = `${spec.label.toLowerCase()} as it is sewn`;
  if (asCut === undefined) {
    return book.work(`${id}.sewn`, {
      label,
      unit: 'mm',
      mark: 'D',
      formula: 'B',
      terms: { B: chosen },
    });
  }
  return book.work(`${id}.sewn`, {
    label,
    unit: 'mm',
    mark: 'own record',
    formula: 'max(cut * n - joins, least)',
    terms: {
      cut: leaf('length as cut', asCut, 'mm', 'own record'),
      n: leaf('parts', partsOf({ choice, use, second }), 'count', 'chosen'),
      joins: adds,
      least: leaf('least that can be sewn', 1, 'mm', 'D'),
    },
  });
}

/** Cut length of each part, and how far under its edge the strip really is once that is rounded. */
export function planCut(
  { book, id, spec, choice, use, second }: StripInputs,
  chosen: Explained,
  adds: Explained,
  on: Explained | undefined,
  { shortest, longest }: Pick<StripLimits, 'shortest' | 'longest'>,
): Pick<StripPlan, 'cutLength' | 'shorter' | 'parts'> {
  const parts = partsOf({ choice, use, second });
  const n = book.given(`${id}.parts`, 'parts it is cut in', parts, 'count', 'chosen');
  const exact = book.work(`${id}.cut`, {
    label: `${spec.label.toLowerCase()}, cut length`,
    unit: 'mm',
    mark: 'D',
    formula: '(B + joins) / n',
    terms: { B: chosen, joins: adds, n },
  });
  const asCut = (which: 'shortest' | 'longest', length: Explained | undefined) =>
    length &&
    book.work(`${id}.cut.${which}`, {
      label: `${which} that works, cut`,
      unit: 'mm',
      mark: 'D',
      formula: '(B + joins) / n',
      terms: { B: length, joins: adds, n },
    });
  const cutLength = planTape(book, `${id}.cut`, exact, {
    least: asCut('shortest', shortest),
    most: asCut('longest', longest),
  });
  if (!on) return { cutLength, parts: n.id };
  const shorter = (name: string, cut: Explained) =>
    book.work(`${id}.shorter.${name}`, {
      label: 'shorter than its edge by',
      unit: 'share',
      mark: 'D',
      formula: '1 - (cut * n - joins) / L',
      terms: { cut, n, joins: adds, L: on },
    }).id;
  return {
    cutLength,
    parts: n.id,
    shorter: {
      exact: shorter('exact', exact),
      cm: shorter('cm', getNumber(book.numbers, cutLength.cm)),
      in: shorter('in', getNumber(book.numbers, cutLength.in)),
    },
  };
}

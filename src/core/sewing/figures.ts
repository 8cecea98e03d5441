import { allowanceAt } from '../facts/allowance';
import { seamToTake } from './assembly/recipes';
import type { Figures, StripFigures } from './assembly/step';
import type { Explained, NumberPart, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import { kindOf } from '../garments/kindOf';
import { MM_PER_INCH } from '../units/constants';
import { isAtMostMm } from '../units/tolerance';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { PlanToSew } from './types';
import { firstMark, marksOf, quarterPastSeam, type MarksOfStrip } from '../edges/marks/stripMarks';
import type { StripPlan } from '../edges/types';

/** Sewn seams are trimmed to this on a sewing machine: ¼ in (T). */
const TRIMMED_MM = 6.35;
/** Length of a test swatch's seam (T). */
const SWATCH_MM = 100;
/** How far a row sewn in the round runs over its start; a serger's hem that does not show, further (T). */
const OVERLAP_MM = 10;
const LONG_OVERLAP_MM = 50;
/** An exposed elastic laps over the garment by about ⅜ in (T). */
const LAP_MM = 10;
/** A serger's hem that does not show leaves 6 to 10 mm of the edge exposed: the middle (T). */
const EXPOSED_MM = 8;
/** A turned lettuce edge takes this (T). */
const LETTUCE_MM = 13;

/** The lengths that the steps speak of. Each is entered in the ledger when a step first asks for it. */
export function figuresOf(
  book: Ledger,
  facts: GarmentFacts,
  plan: Pick<PlanToSew, 'numbers' | 'edges'>,
): Figures {
  const { garment } = facts;
  const { pattern } = garment;
  const get = (id: string | undefined) =>
    id === undefined ? undefined : (plan.numbers[id] ?? book.numbers[id]);
  const given = (id: string, label: string, mm: number, mark: 'measured' | 'T' | 'chosen'): Explained =>
    book.numbers[`sew.${id}`] ?? book.given(`sew.${id}`, label, mm, 'mm', mark);
  const onBothTapes = (id: string, label: string, mm: number, inchMm: number): NumberPart => ({
    n: given(id, label, mm, 'T').id,
    inch: given(`${id}.inch`, label, inchMm, 'T').id,
  });
  const strips = new Map<string, StripFigures | undefined>();
  const strip = (edge: string, at = 0): StripFigures | undefined => {
    const key = `${edge}.${at}`;
    if (!strips.has(key)) strips.set(key, stripFigures(book, plan, edge, at, get));
    return strips.get(key);
  };
  return {
    get allowance() {
      return given('seamAllowance', 'seam allowance', pattern.seamAllowanceMm, 'measured');
    },
    get neckAllowance() {
      return given(
        'neckAllowance',
        'seam allowance at the neckline',
        allowanceAt(garment, 'neckline'),
        'measured',
      );
    },
    get overlap() {
      return given('overlap', 'overlap at the start', OVERLAP_MM, 'T');
    },
    get longOverlap() {
      const label = 'overlap at the start of a hem that does not show';
      return onBothTapes('longOverlap', label, LONG_OVERLAP_MM, 2 * MM_PER_INCH);
    },
    get lap() {
      return given('lap', 'elastic over the edge', LAP_MM, 'T');
    },
    get swatch() {
      return onBothTapes('swatch', 'length of the swatch', SWATCH_MM, 4 * MM_PER_INCH);
    },
    get trimmed() {
      return isAtMostMm(pattern.seamAllowanceMm, TRIMMED_MM)
        ? undefined
        : given('trimmed', 'trimmed allowance', TRIMMED_MM, 'T');
    },
    get exposed() {
      return given('exposed', 'edge that shows past the fold', EXPOSED_MM, 'T');
    },
    get lettuce() {
      return given('lettuce', 'allowance of a turned lettuce edge', LETTUCE_MM, 'T');
    },
    head: get('body.head'),
    hem: (edge) => {
      const own = plan.edges.find(({ id }) => id === edge)?.hem;
      const depth = get(own?.depth);
      if (depth) return depth;
      return edge.includes('sleeve') || edge === 'cuff'
        ? given('sleeveHem', 'sleeve hem, turned up', pattern.sleeveHemAllowanceMm, 'chosen')
        : given('hem', 'hem, turned up', pattern.hemAllowanceMm, 'chosen');
    },
    mend: (id) => {
      const mend = garment.mends?.[id];
      const taken = mend && seamToTake(kindOf(garment, facts.ownKind), mend.at);
      if (mend?.byMm === undefined || !taken) return undefined;
      return (
        book.numbers[`sew.mend.${id}`] ??
        book.work(`sew.mend.${id}`, {
          label: 'the seam moves by, on each layer',
          unit: 'mm',
          mark: 'D',
          formula: 'by / n',
          terms: {
            by: leaf('in all', mend.byMm, 'mm', 'own record'),
            n: leaf('seam edges it is spread over', taken.edges, 'count', 'D'),
          },
        })
      );
    },
    cutOff: (id) => get(`refashion.${id}.off`),
    edge: (id) => get(plan.edges.find((one) => one.id === id)?.length),
    strip,
    names: {
      outer: nameOf(facts.outer?.name, say`the cloth`),
      band: nameOf(facts.band?.name, say`the band’s cloth`),
      lining: nameOf(facts.lining?.name, say`the lining`),
      elastic: (edge) => {
        const id = garment.edges?.[edge]?.elasticId;
        return nameOf(id === undefined ? undefined : facts.elastics?.[id]?.name, say`elastic`);
      },
    },
    child: facts.wearer?.grown === 'child',
  };
}

const nameOf = (name: string | undefined, otherwise: Phrase): Phrase =>
  name === undefined ? otherwise : [{ name }];

function stripFigures(
  book: Ledger,
  plan: Pick<PlanToSew, 'numbers' | 'edges'>,
  edge: string,
  at: number,
  get: (id: string | undefined) => Explained | undefined,
): StripFigures | undefined {
  const strip = plan.edges.find(({ id }) => id === edge)?.strips[at];
  const sewn = get(strip?.sewn);
  if (!strip || !sewn) return undefined;
  const marks = marksOf(plan, strip);
  if (marks) book.adopt(Object.values(marks.numbers).filter(({ id }) => book.numbers[id] === undefined));
  const stretch = get(strip.sewnStretch);
  return {
    sewn,
    join: strip.join,
    ...optional('adds', get(strip.adds)),
    ...(marks ? marksOfBand(marks) : {}),
    ...(strip.byFold && marks ? onNeck(book, strip, marks) : {}),
    ...optional('finished', strip.byFold ? get(strip.fold?.finished) : undefined),
    ...pulled(stretch),
  };
}

/** Less than this is no pull that hands could tell: share (T). */
const LEVEL = 0.005;

const pulled = (stretch: Explained | undefined): Pick<StripFigures, 'stretch' | 'level'> => {
  if (!stretch) return {};
  if (Math.abs(stretch.value) < LEVEL) return { level: true };
  return stretch.value > 0 ? { stretch } : {};
};

const optional = <K extends keyof StripFigures>(key: K, value: StripFigures[K]): Partial<StripFigures> =>
  value === undefined ? {} : { [key]: value };

const marksOfBand = ({ marked, numbers }: MarksOfStrip): Partial<StripFigures> => ({
  ...optional('count', numbers[marked.markCount]),
  ...optional('edgeSegment', numbers[marked.edgeSegment]),
  ...optional('stripSegment', numbers[marked.bandSegment]),
});

/** What a band on a neck is marked by beside that: from where its ends meet, and from the shoulder. */
function onNeck(book: Ledger, { id }: StripPlan, marks: MarksOfStrip): Partial<StripFigures> {
  const past = quarterPastSeam(marks);
  const name = `${id}.quarter`;
  const quarter =
    past &&
    (book.numbers[name] ??
      book.work(name, {
        label: 'quarter mark from the shoulder seam',
        unit: 'mm',
        mark: 'D',
        formula: 'abs(x)',
        terms: { x: past },
      }));
  return {
    ...optional('firstMark', firstMark(marks)),
    byParts: !marks.marked.even,
    ...(past ? { ...optional('quarter', quarter), quarterBefore: past.value < 0 } : {}),
  };
}

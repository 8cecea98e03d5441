import { foldLength, type Fold } from '../fold/fold';
import { EXTREME_REDUCTION, ratioByStretch } from '../fold/formulas';
import { liesFlat } from '../elastics/rules';
import type { LengthRule, RuleOfThumb } from '../elastics/edgeUse';
import { ADJUST_MM } from '../elastics/strapUses';
import type { Explained, Mark, Term } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import { usualKey } from '../../facts/wearer';
import { printedFor } from '../../fit/printed';
import type { LearnedAt } from '../../learn/learned';
import { learnedLength } from './learnedLength';
import { lessOf } from './lessOf';
import type { StripInputs, StripMaterial } from './stripInputs';

/** A rule's length for a strip. */
export interface RuleLength {
  readonly id: string;
  readonly label: string;
  readonly length: Explained;
  readonly low?: Explained;
  readonly high?: Explained;
  /** It takes off more than a quarter of what it is taken of. */
  readonly extreme: boolean;
  readonly learned?: LearnedAt;
}

/** What every rule starts from. */
interface RuleBases {
  readonly on: Explained;
  readonly girth: Explained | undefined;
  readonly material: StripMaterial;
  /** What its joins and tails add to the ring. */
  readonly adds: Explained;
  /** Where it is folded and its edge turns. */
  readonly fold: Fold | undefined;
  readonly shortest: Explained | undefined;
  readonly longest: Explained | undefined;
  readonly sections: readonly { readonly id: string; readonly label: string; readonly edge: Explained }[];
}

/** Shortest that a rule may come to, so that an absurd edge still gives a length, mm. */
const LEAST_MM = 1;

/** Every rule's length, the default first; then what is the person's own: rounds, usual, printed, chosen. */
export function ruleLengths(inputs: StripInputs, bases: RuleBases): RuleLength[] {
  const { rules: own, lies } = inputs.spec;
  const thumbs = bases.fold && !lies ? [...own, liesFlat] : own;
  const rules = thumbs.flatMap((rule) => ofThumb(inputs, bases, rule) ?? []);
  return [...rules, ...ownLengths(inputs, bases, rules[0]?.length)];
}

function ofThumb(inputs: StripInputs, bases: RuleBases, thumb: RuleOfThumb): RuleLength | undefined {
  const { id, label, rule } = thumb;
  const { on, girth } = bases;
  const at = (end?: 'low' | 'high') => workRule(inputs, bases, thumb, end);
  const length = at();
  if (!length) return undefined;
  const low = 'low' in rule && rule.low !== undefined ? at('low') : undefined;
  const high = 'high' in rule && rule.high !== undefined ? at('high') : undefined;
  const taken = rule.by === 'body' || rule.by === 'body-less' ? girth : on;
  return {
    id,
    label,
    length,
    ...(low && high ? { low, high } : {}),
    extreme: taken !== undefined && 1 - (low ?? length).value / taken.value > EXTREME_REDUCTION,
  };
}

function workRule(
  inputs: StripInputs,
  bases: RuleBases,
  { id, label, mark, rule }: RuleOfThumb,
  end: 'low' | 'high' | undefined,
): Explained | undefined {
  const { book, id: prefix, choice } = inputs;
  const { on, girth, material, adds } = bases;
  const name = `${prefix}.rule.${id}${end ? `.${end}` : ''}`;
  const words = `${inputs.spec.label.toLowerCase()}, ${label}${end ? `, ${end === 'low' ? 'least' : 'most'}` : ''}`;
  const least = leaf('least that can be sewn', LEAST_MM, 'mm', 'D');
  const work = (formula: string, terms: Readonly<Record<string, Explained | Term>>, note?: string) =>
    book.work(name, {
      label: words,
      unit: 'mm',
      mark,
      formula,
      terms,
      ...(note === undefined ? {} : { note }),
    });
  switch (rule.by) {
    case 'edge': {
      const ratio = leaf('ratio', rule[end ?? 'ratio'] ?? rule.ratio, 'ratio', mark);
      return work('L * r', { L: on, r: ratio });
    }
    case 'body': {
      if (!girth) return undefined;
      const ratio = leaf('ratio', rule[end ?? 'ratio'] ?? rule.ratio, 'ratio', mark);
      return inputs.spec.of === 'band'
        ? work('min(G * r, L)', { G: girth, r: ratio, L: on }, 'Never longer than the opening it joins.')
        : work('G * r', { G: girth, r: ratio });
    }
    case 'sections':
      return workSections(inputs, bases, name, words, mark, rule);
    case 'fold':
      return bases.fold && foldLength(inputs, on, bases.fold, bases.shortest, { name, label: words, mark });
    case 'own-stretch': {
      if (!material.stretch) return undefined;
      const row = ratioByStretch(material.stretch.value);
      return work('L * r', {
        L: on,
        r: leaf(`ratio for a band of ${row.label}`, row.ratio, 'ratio', mark),
      });
    }
    case 'edge-less':
      if (rule.low !== undefined && on.value <= rule.low) return undefined;
      return rule.asCut
        ? work(
            'max(L - off - joins, least)',
            { L: on, off: leaf('taken off', rule.mm, 'mm', mark), joins: adds, least },
            'The rule speaks of the cut length; the ring is what joins it shorter.',
          )
        : work('max(L - off, least)', {
            L: on,
            off: leaf('taken off', rule[end ?? 'mm'] ?? rule.mm, 'mm', mark),
            least,
          });
    case 'body-less': {
      if (!girth) return undefined;
      const off = leaf('less than the body', rule.mm, 'mm', mark);
      if (material.growth) {
        return work(
          'max((G - off) / (1 + g), least)',
          { G: girth, off, g: material.growth, least },
          'The wanted resting length, before it grows as your sewn sample did.',
        );
      }
      const grows = leaf('grows as it is sewn, not measured', rule.unmeasuredGrowthMm, 'mm', mark);
      return work(
        'max(G - off - grows, least)',
        { G: girth, off, grows, least },
        'Sew a sample and measure it: then its own growth comes off instead.',
      );
    }
    case 'share': {
      if (!girth || !material.stretch) return undefined;
      const u = leaf('share of its stretch when worn', rule.share, 'share', mark);
      return work('G / (1 + u * S)', { G: girth, u, S: material.stretch });
    }
    case 'body-and-room': {
      if (!girth) return undefined;
      const room = leaf(
        'room to adjust',
        choice?.adjustMm ?? ADJUST_MM,
        'mm',
        choice?.adjustMm ? 'chosen' : mark,
      );
      return work('W + room', { W: girth, room });
    }
    case 'fixed':
      return work('start', { start: leaf('usual start', rule.mm, 'mm', mark) });
    default:
      return unknownRule(rule);
  }

  function unknownRule(unknown: never): never {
    throw new Error(`expected a known rule, got ${JSON.stringify(unknown)}; add it to workRule`);
  }
}

/** Each part of the edge at its own ratio. */
function workSections(
  { book, choice }: StripInputs,
  { sections }: RuleBases,
  name: string,
  label: string,
  mark: Mark,
  rule: Extract<LengthRule, { by: 'sections' }>,
): Explained {
  const terms: Record<string, Explained | Term> = {};
  sections.forEach((section, at) => {
    terms[`l${at + 1}`] = section.edge;
    const own = choice?.ratios?.[section.id];
    terms[`r${at + 1}`] = leaf(
      `ratio of the ${section.label}`,
      own ?? rule.ratios[section.id] ?? 1,
      'ratio',
      own === undefined ? mark : 'chosen',
    );
  });
  return book.work(name, {
    label,
    unit: 'mm',
    mark,
    formula: sections.map((_, at) => `l${at + 1} * r${at + 1}`).join(' + '),
    terms,
  });
}

/** The person's own rule for each part of an edge: a ratio, and a length taken off. */
export const OWN_PARTS = 'own-parts';

/** One part's edge, its ratio and what is taken off it, as terms `l`, `r`, `d`. */
export function partTerms(
  { id, label, edge }: RuleBases['sections'][number],
  choice: StripInputs['choice'],
): readonly (readonly ['l' | 'r' | 'd', Explained | Term])[] {
  const ratio = choice?.ratios?.[id];
  const less = choice?.less?.[id];
  return [
    ['l', edge],
    ['r', leaf(`ratio of the ${label}`, ratio ?? 1, 'ratio', ratio === undefined ? 'default' : 'chosen')],
    ['d', leaf(`taken off the ${label}`, less ?? 0, 'mm', less === undefined ? 'default' : 'chosen')],
  ];
}

/** What is the person's own: the last round of trying on, a share off, the wearer's usual, printed, chosen. */
function ownLengths(inputs: StripInputs, bases: RuleBases, first: Explained | undefined): RuleLength[] {
  const { on, girth, adds, sections } = bases;
  const { book, id, choice, facts, edge, second, size } = inputs;
  const { garment, wearer, pattern } = facts;
  const found: RuleLength[] = [];
  const name = (what: string) => `${id}.rule.${what}`;
  const label = (words: string) => `${inputs.spec.label.toLowerCase()}, ${words}`;
  const add = (rule: string, words: string, length: Explained, of?: Explained) =>
    found.push({
      id: rule,
      label: words,
      length,
      extreme: of !== undefined && 1 - length.value / of.value > EXTREME_REDUCTION,
    });
  const round = second ? undefined : lastRound(choice?.rounds);
  if (round) {
    const length = book.work(name('round'), {
      label: label('after trying on'),
      unit: 'mm',
      mark: 'own record',
      formula: 'max(basted - pinched, least)',
      terms: {
        basted: leaf('ring as basted', round.bastedMm, 'mm', 'own record'),
        pinched: leaf('pinched out', round.pinchedMm, 'mm', 'own record'),
        least: leaf('least that can be sewn', LEAST_MM, 'mm', 'D'),
      },
    });
    add('round', 'after trying on', length, girth);
  }
  const learned = second ? undefined : learnedLength(inputs, { ...bases, usual: first });
  if (learned)
    found.push({
      id: 'learned',
      ...learned,
      extreme: 1 - learned.length.value / on.value > EXTREME_REDUCTION,
    });
  const off = (rule: string, words: string, base: Explained, shorter: number) => {
    const mark = rule === 'usual' ? 'own record' : 'chosen';
    const named = { name: name(rule), label: label(words), mark } as const;
    const share = leaf('shorter by', shorter, 'share', mark);
    add(
      rule,
      words,
      lessOf(book, named, base, share, rule === 'usual' ? { shortest: bases.shortest } : {}),
      base,
    );
  };
  if (choice?.shorter !== undefined && !second)
    off('percent', 'shorter by your own share', on, choice.shorter);
  if (!second && sections.length > 1 && (choice?.less || choice?.ratios)) {
    const terms = Object.fromEntries(
      sections.flatMap((section, at) =>
        partTerms(section, choice).map(([key, term]) => [`${key}${at + 1}`, term]),
      ),
    );
    const length = book.work(name(OWN_PARTS), {
      label: label('part by part'),
      unit: 'mm',
      mark: 'chosen',
      formula: `max(${sections.map((_, at) => `l${at + 1} * r${at + 1} - d${at + 1}`).join(' + ')}, least)`,
      terms: { ...terms, least: leaf('least that can be sewn', LEAST_MM, 'mm', 'D') },
    });
    add(OWN_PARTS, 'part by part, your own', length, on);
  }
  const usual = second ? undefined : wearer?.usualLengths?.[usualKey(garment.kind, edge.id)];
  if (usual) {
    const base = usual.of === 'body' ? girth : on;
    const words = `usual for ${wearer?.name ?? 'the wearer'}`;
    if (usual.of === 'curve') {
      const easeIn = book.given(`${id}.usualCurve`, words, usual.shorter, 'ratio', 'own record');
      const named = { name: name('usual'), label: label(words), mark: 'own record', easeIn } as const;
      const length = bases.fold && foldLength(inputs, on, bases.fold, bases.shortest, named);
      if (length) add('usual', words, length, on);
    } else if (base) off('usual', words, base, usual.shorter);
  }
  const wantsPrinted = inputs.spec.of === 'elastic' || !inputs.hasElastic;
  const printed =
    choice?.printedCutMm === undefined || second
      ? printedFor(pattern, edge.id, size)
      : { label: 'cut length the pattern gives', mm: choice.printedCutMm };
  if (printed && wantsPrinted) {
    const length = book.work(name('pattern'), {
      label: label('the pattern’s own'),
      unit: 'mm',
      mark: 'measured',
      note: 'The pattern gives the cut length; the ring is what joins it shorter.',
      formula: 'max(cut - joins, least)',
      terms: {
        cut: leaf(printed.label, printed.mm, 'mm', 'measured'),
        joins: adds,
        least: leaf('least that can be sewn', LEAST_MM, 'mm', 'D'),
      },
    });
    add('pattern', 'the pattern’s own', length, on);
  }
  const ownMm = second ? choice?.elasticOwnMm : choice?.ownMm;
  if (ownMm !== undefined) {
    add('own', 'your own', book.given(name('own'), label('your own'), ownMm, 'mm', 'chosen'), on);
  }
  return found;
}

/** The last round of trying on, by day and then by the order it was kept in. */
function lastRound<R extends { readonly triedOn: string }>(
  rounds: Readonly<Record<string, R>> | undefined,
): R | undefined {
  return Object.values(rounds ?? {}).reduce<R | undefined>(
    (last, round) => (last === undefined || round.triedOn >= last.triedOn ? round : last),
    undefined,
  );
}

import type { Explained } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import { allowanceAt } from '../../facts/allowance';
import type { CrossingSeam } from '../marks/bandMarks';
import { turnOf } from '../edgeLength';
import { OWN_PARTS, partTerms, type RuleLength } from './stripRules';
import type { StripInputs } from './stripInputs';
import type { StripSection } from '../types';

interface SectionEdge {
  readonly id: string;
  readonly label: string;
  readonly edge: Explained;
}

/** The parts of an edge, their lengths summing to it: as measured, else by their usual shares. */
export function sectionEdges(
  { book, id, edge, choice, second }: StripInputs,
  on: Explained,
): readonly SectionEdge[] {
  const parts = second ? undefined : edge.sections;
  if (!parts) return [{ id: edge.id, label: edge.label.toLowerCase(), edge: on }];
  const weights = Object.fromEntries(
    parts.map((part, at) => {
      const measured = choice?.sections?.[part.id];
      return [
        `w${at + 1}`,
        leaf(
          `${part.label}, ${measured === undefined ? 'usual part' : 'as measured'}`,
          measured ?? part.share * on.value,
          'mm',
          measured === undefined ? 'default' : 'measured',
        ),
      ];
    }),
  );
  const names = parts.map((_, at) => `w${at + 1}`);
  return parts.map((part, at) => ({
    id: part.id,
    label: part.label,
    edge: book.work(`${id}.part.${part.id}`, {
      label: `${part.label}, at the seamline`,
      unit: 'mm',
      mark: 'D',
      formula: `L * w${at + 1} / max(${names.join(' + ')}, least)`,
      terms: { L: on, ...weights, least: leaf('least there can be', 1, 'mm', 'D') },
    }),
  }));
}

/** What goes on each part: at its own ratio where the rule says so, else evenly; summing to the strip. */
export function placeSections(
  { book, id, choice, spec }: StripInputs,
  sections: readonly SectionEdge[],
  sewn: Explained,
  on: Explained,
  picked: RuleLength,
): { readonly sections: readonly StripSection[]; readonly uneven: boolean } {
  const thumb = spec.rules.find((rule) => rule.id === picked.id)?.rule;
  const ratios = thumb?.by === 'sections' ? thumb.ratios : undefined;
  if (sections.length < 2) return { sections: [], uneven: false };
  const own = picked.id === OWN_PARTS;
  const placed = sections.map((section) => {
    const ownRatio = choice?.ratios?.[section.id];
    const common = { label: `strip on the ${section.label}`, unit: 'mm', mark: 'D' } as const;
    const strip = own
      ? book.work(`${id}.strip.${section.id}`, {
          ...common,
          formula: '(l * r - d) * B / planned',
          terms: { ...Object.fromEntries(partTerms(section, choice)), B: sewn, planned: picked.length },
        })
      : ratios
        ? book.work(`${id}.strip.${section.id}`, {
            ...common,
            formula: 'l * r * B / planned',
            terms: {
              l: section.edge,
              r: leaf(
                'its ratio',
                ownRatio ?? ratios[section.id] ?? 1,
                'ratio',
                ownRatio === undefined ? 'T' : 'chosen',
              ),
              B: sewn,
              planned: picked.length,
            },
          })
        : book.work(`${id}.strip.${section.id}`, {
            ...common,
            formula: 'l * B / L',
            terms: { l: section.edge, B: sewn, L: on },
          });
    const ratio = book.work(`${id}.ratio.${section.id}`, {
      label: `elastic for each length of the ${section.label}`,
      unit: 'ratio',
      mark: 'D',
      formula: 'b / max(l, least)',
      terms: { b: strip, l: section.edge, least: leaf('least there can be', 0.001, 'mm', 'D') },
    });
    return { section, strip, ratio };
  });
  return {
    sections: placed.map(({ section, strip, ratio }) => ({
      id: section.id,
      label: section.label,
      edge: section.edge.id,
      ratio: ratio.id,
      strip: strip.id,
    })),
    uneven: own || ratios !== undefined,
  };
}

/** The back's part of the edge at the seamline, from how it was measured: like the whole, with its half of the turn. */
function backAtSeamline(
  { book, id, edge, choice, facts }: StripInputs,
  on: Explained,
  backMm: number,
): Explained {
  const { as, crossingAllowanceMm } = choice?.measured ?? {};
  const { seamAllowanceMm } = facts.garment.pattern;
  const label = 'the back’s part of the edge, at the seamline';
  const back = leaf('the back as measured', backMm, 'mm', 'measured');
  if (as === undefined || as === 'seamline') {
    return book.work(`${id}.back`, {
      label,
      unit: 'mm',
      mark: 'measured',
      formula: 'min(back, L)',
      terms: { back, L: on },
    });
  }
  const lost = as === 'pieces' ? (crossingAllowanceMm ?? seamAllowanceMm) : 0;
  return book.work(`${id}.back`, {
    label,
    unit: 'mm',
    mark: 'D',
    note: 'Half of the total turn lies in the back; at each of its ends a seam takes its allowance.',
    formula: 'min(max(back - 2 * s + turn / 2 * a, 0), L)',
    terms: {
      back,
      s: leaf('allowance lost at each of its seams', lost, 'mm', 'measured'),
      turn: leaf('total turn of the edge', turnOf(edge, choice?.measured), 'rad', 'D'),
      a: leaf('seam allowance at the edge', allowanceAt(facts.garment, edge.id), 'mm', 'measured'),
      L: on,
    },
  });
}

/** Where seams cross the edge: from the back where it was measured, from its parts, else where they usually lie. */
export function crossingSeams(
  inputs: StripInputs,
  on: Explained,
  sections: readonly SectionEdge[],
): readonly CrossingSeam[] {
  const { book, id, edge, choice } = inputs;
  const seams = edge.seams ?? [];
  const back =
    choice?.measured?.backMm === undefined ? undefined : backAtSeamline(inputs, on, choice.measured.backMm);
  const atParts = edge.sections !== undefined && sections.length === seams.length;
  const halves = back !== undefined && seams.length === 2 && edge.open !== true && !edge.sections;
  return seams.map(({ label, at }, nth) => {
    const name = `${id}.crossing${nth + 1}`;
    const common = { label: `${label}, along the edge`, unit: 'mm' } as const;
    if (atParts && nth > 0) {
      const before = sections.slice(0, nth);
      return {
        label,
        at: book.work(name, {
          ...common,
          mark: 'D',
          formula: before.map((_, part) => `l${part + 1}`).join(' + '),
          terms: Object.fromEntries(before.map((part, index) => [`l${index + 1}`, part.edge])),
        }),
      };
    }
    if (halves && seams[0]?.at === 0) {
      return {
        label,
        at: book.work(name, {
          ...common,
          mark: 'measured',
          note: 'Counted from the first seam, over the front, to the next; the rest is the back.',
          formula: 'L * share - back * nth',
          terms: {
            L: on,
            back,
            share: leaf(nth === 0 ? 'it starts there' : 'all of it', nth, 'ratio', 'D'),
            nth: leaf('times the back', nth, 'ratio', 'D'),
          },
        }),
      };
    }
    if (halves) {
      return {
        label,
        at:
          nth === 0
            ? book.work(name, {
                ...common,
                mark: 'measured',
                formula: 'back / 2',
                terms: { back },
              })
            : book.work(name, {
                ...common,
                mark: 'measured',
                formula: 'L - back / 2',
                terms: { L: on, back },
              }),
      };
    }
    return {
      label,
      at: book.work(name, {
        ...common,
        mark: 'default',
        note: 'Where it usually lies: measure the back, or the parts, to be sure.',
        formula: 'L * share',
        terms: { L: on, share: leaf('its usual place', at, 'share', 'default') },
      }),
    };
  });
}

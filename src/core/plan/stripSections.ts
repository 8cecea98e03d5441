import type { Explained } from '../explain/explained';
import { leaf } from '../explain/ledger';
import type { CrossingSeam } from './bandMarks';
import type { RuleLength } from './stripRules';
import type { StripInputs } from './stripInputs';
import type { StripSection } from './types';

export interface SectionEdge {
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
      by: (v) => {
        const all = v as Record<string, number>;
        const sum = names.reduce((total, name) => total + (all[name] as number), 0);
        return ((all.L as number) * (all[`w${at + 1}`] as number)) / Math.max(sum, all.least as number);
      },
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
  const placed = sections.map((section) => {
    const own = choice?.ratios?.[section.id];
    const common = { label: `strip on the ${section.label}`, unit: 'mm', mark: 'D' } as const;
    const strip = ratios
      ? book.work(`${id}.strip.${section.id}`, {
          ...common,
          formula: 'l * r * B / planned',
          terms: {
            l: section.edge,
            r: leaf('its ratio', own ?? ratios[section.id] ?? 1, 'ratio', own === undefined ? 'T' : 'chosen'),
            B: sewn,
            planned: picked.length,
          },
          by: (v) => (v.l * v.r * v.B) / v.planned,
        })
      : book.work(`${id}.strip.${section.id}`, {
          ...common,
          formula: 'l * B / L',
          terms: { l: section.edge, B: sewn, L: on },
          by: (v) => (v.l * v.B) / v.L,
        });
    const ratio = book.work(`${id}.ratio.${section.id}`, {
      label: `elastic for each length of the ${section.label}`,
      unit: 'ratio',
      mark: 'D',
      formula: 'b / max(l, least)',
      terms: { b: strip, l: section.edge, least: leaf('least there can be', 0.001, 'mm', 'D') },
      by: (v) => v.b / Math.max(v.l, v.least),
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
    uneven: ratios !== undefined,
  };
}

/** Where seams cross the edge: from the back where it was measured, from its parts, else where they usually lie. */
export function crossingSeams(
  { book, id, edge, choice }: StripInputs,
  on: Explained,
  sections: readonly SectionEdge[],
): readonly CrossingSeam[] {
  const back = choice?.measured?.backMm;
  const seams = edge.seams ?? [];
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
          by: (v) => Object.values(v).reduce((sum, one) => sum + one, 0),
        }),
      };
    }
    if (halves) {
      const half = leaf('the back’s part of the edge', Math.min(back, on.value), 'mm', 'measured');
      return {
        label,
        at:
          nth === 0
            ? book.work(name, {
                ...common,
                mark: 'measured',
                formula: 'back / 2',
                terms: { back: half },
                by: (v) => v.back / 2,
              })
            : book.work(name, {
                ...common,
                mark: 'measured',
                formula: 'L - back / 2',
                terms: { L: on, back: half },
                by: (v) => v.L - v.back / 2,
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
        by: (v) => v.L * v.share,
      }),
    };
  });
}

import {
  BINDING_INSIDE_MM,
  CASING_ROOM_MM,
  WAISTBAND_ROOM_MM,
  bindingWidth,
  casingWidth,
  waistbandWidth,
} from '../elastics/lengths';
import { TURN_THICKNESSES, foldedWidth, thicknessInFold } from '../fold/formulas';
import type { Explained, Term } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import { allowanceAt } from '../../facts/allowance';
import type { StripInputs } from './stripInputs';
import { planTape } from '../tape';
import type { TapeLength } from '../types';

/** What a strip of cloth finishes to, mm: as wished for, else as usual, else as wide as its elastic. */
export const finishedOf = ({ choice, use, elasticMm }: StripInputs): number =>
  choice?.finishedMm ?? use.finishedMm ?? elasticMm;

/** A strip that would narrow by half has no width that makes up for it. */
const MOST_NARROWING = 0.5;

/** How a strip narrows as it is stretched on. */
export interface Narrowing {
  /** The share of its extension by which its cloth draws in; absent where that was not measured. */
  readonly neckIn: Explained | undefined;
  readonly sewnStretch: Explained | undefined;
}

/** The width to cut, where the strip is of cloth, and what it then finishes to where it narrows; an elastic has its own. */
export function workWidth(
  inputs: StripInputs,
  { neckIn, sewnStretch }: Narrowing,
): { readonly cutWidth: TapeLength; readonly expected?: Explained } | undefined {
  const { book, id, spec, choice, facts, edge, elasticMm } = inputs;
  const name = `${id}.width`;
  const label = `${spec.label.toLowerCase()}, cut width`;
  const a = leaf('seam allowance at the edge', allowanceAt(facts.garment, edge.id), 'mm', 'measured');
  const w = leaf(
    'finished width',
    finishedOf(inputs),
    'mm',
    choice?.finishedMm === undefined ? 'default' : 'chosen',
  );
  const v = leaf('width of the elastic', elasticMm, 'mm', choice?.elasticId ? 'measured' : 'default');
  const width = (formula: string, terms: Readonly<Record<string, Term | Explained>>, note?: string) => ({
    cutWidth: planTape(
      book,
      name,
      book.work(name, {
        label,
        unit: 'mm',
        mark: note === undefined ? 'T' : 'D',
        formula,
        terms,
        ...(note === undefined ? {} : { note }),
      }),
    ),
  });
  const room = (words: string, mm: number) => leaf(words, mm, 'mm', 'T');
  const how = spec.width === 'waistband' && choice?.finishedMm !== undefined ? 'folded' : spec.width;
  switch (how) {
    case 'elastic':
    case 'strap':
      return undefined;
    case 'folded': {
      const cloth = spec.of === 'band' ? facts.band : facts.outer;
      const t = leaf('thickness, where it is thick', thicknessInFold(cloth?.thicknessMm), 'mm', 'measured');
      const times = leaf('thicknesses in the turn', TURN_THICKNESSES, 'ratio', 'T');
      const plain = () => width(foldedWidth.text, { w, a, times, t });
      if (!neckIn || !sewnStretch) return plain();
      if (choice?.makeUpNarrowing && neckIn.value * Math.max(sewnStretch.value, 0) < MOST_NARROWING) {
        return width(
          '2 * (w / (1 - v * max(s, 0)) + a) + times * t',
          { w, v: neckIn, s: sewnStretch, a, times, t },
          'Cut wider, to finish at the width wished for once it is stretched on.',
        );
      }
      const expected = book.work(`${id}.expectedWidth`, {
        label: 'finished width once it is stretched on',
        unit: 'mm',
        mark: 'D',
        formula: 'w * (1 - v * max(s, 0))',
        terms: { w, v: neckIn, s: sewnStretch },
      });
      return { ...plain(), expected };
    }
    case 'waistband':
      return width(waistbandWidth.text, { v, a, room: room('room beside the elastic', WAISTBAND_ROOM_MM) });
    case 'casing':
      return width(casingWidth.text, { v, room: room('room to slide', CASING_ROOM_MM) });
    case 'binding':
      return width(bindingWidth.text, { a, w, inside: room('past the seam inside', BINDING_INSIDE_MM) });
    case 'facing':
      return width('w + a', { w, a });
    default:
      throw new Error(`expected a width, got ${String(how satisfies never)}; add it to workWidth`);
  }
}

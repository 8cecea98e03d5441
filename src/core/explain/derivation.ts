import type { UnitSystem } from '../units/constants';
import { MM_PER_INCH } from '../units/constants';
import type { Explained, Term } from './explained';
import { formatExactly, formatQuantity } from './display';

/** The lines an explained number opens to. */
interface Derivation {
  /** The formula with each name spelled out. */
  readonly words: string;
  /** The formula with the numbers put in, in the reader's unit, and its result. */
  readonly figures: string;
  readonly terms: readonly { readonly symbol: string; readonly term: Term; readonly text: string }[];
  /** What it is most sensitive to, as a sentence; absent where nothing moves it. */
  readonly sensitivity?: string;
}

const NAME = /[A-Za-z_][A-Za-z0-9_]*/g;

/** Lays out how a number was come by. Figures carry enough decimals to be redone on a calculator. */
export function derivationOf(number: Explained, unit: UnitSystem): Derivation {
  const replaced = (text: (term: Term) => string) =>
    pretty(number.formula.replace(NAME, (name) => (number.terms[name] ? text(number.terms[name]) : name)));
  const exact = formatExactly(number.value, number.unit, unit);
  const shown = formatQuantity(number.value, number.unit, unit);
  const result = exact === shown ? exact : `${exact}, shown as ${shown}`;
  const moved = number.sensitivity && number.terms[number.sensitivity.term];
  return {
    words: replaced((term) => `[${term.label}]`),
    figures: `${replaced((term) => formatExactly(term.value, term.unit, unit))} = ${result}`,
    terms: Object.entries(number.terms).map(([symbol, term]) => ({
      symbol,
      term,
      text: formatExactly(term.value, term.unit, unit),
    })),
    ...(moved && number.sensitivity
      ? {
          sensitivity: `Most sensitive to ${moved.label}: one percent more of it makes this ${shift(number, unit)}.`,
        }
      : {}),
  };
}

function shift(number: Explained, unit: UnitSystem): string {
  const change = number.sensitivity?.change ?? 0;
  const way = change > 0 ? 'larger' : 'smaller';
  const size = Math.abs(change);
  if (number.unit === 'mm') {
    return unit === 'cm' ? `${size.toFixed(1)} mm ${way}` : `${(size / MM_PER_INCH).toFixed(3)} in ${way}`;
  }
  if (number.unit === 'share') return `${(size * 100).toFixed(2)} points ${way}`;
  return `${size.toFixed(3)} ${way}`;
}

const pretty = (formula: string): string =>
  formula.replaceAll(' * ', ' × ').replaceAll(' / ', ' ÷ ').replaceAll(' - ', ' − ');

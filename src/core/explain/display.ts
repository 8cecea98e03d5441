import { MM_PER_INCH, SHOW_AS_MM_BELOW_MM, type UnitSystem } from '../units/constants';
import { formatLength, formatLengthExactly, withMinus } from '../units/formatLength';
import { HAIR, tapeStepMm } from '../units/roundForTape';
import type { Explained, NumberPart, Phrase, Quantity, RoundTo } from './explained';

type Numbers = Readonly<Record<string, Explained>>;

const DEGREES_PER_RADIAN = 180 / Math.PI;

/** A number for reading, in the reader's unit: `31.8 cm`, `12 ½ in`, `19 %`, `280°`, `2.5`. */
export function formatQuantity(exact: number, quantity: Quantity, unit: UnitSystem, side?: RoundTo): string {
  const value = side === undefined ? exact : toSide(exact, shownStep(exact, quantity, unit), side);
  switch (quantity) {
    case 'mm':
      return formatLength(value, unit);
    case 'share':
      return `${formatPercent(value)} %`;
    case 'rad':
      return `${Math.round(value * DEGREES_PER_RADIAN)}°`;
    case 'count':
    case 'needle':
      return String(Math.round(value));
    case 'minutes':
      return `${Math.round(value)} min`;
    case 'gsm':
      return `${Math.round(value)} g/m²`;
    case 'gram':
      return `${value < 10 ? value.toFixed(1) : Math.round(value)} g`;
    case 'areaMm2':
      return unit === 'in'
        ? `${(value / MM_PER_INCH ** 2).toFixed(1)} in²`
        : `${(value / 100).toFixed(1)} cm²`;
    case 'nPerM':
      return `${value < 100 ? value.toFixed(1) : Math.round(value)} N/m`;
    case 'newton':
      return `${value.toFixed(1)} N`;
    case 'pa':
      return value < 1000 ? `${Math.round(value)} Pa` : `${(value / 1000).toFixed(1)} kPa`;
    case 'dialMm':
    case 'dial':
      return value.toFixed(1);
    case 'ratio':
      return value.toFixed(2);
    default:
      return unknownQuantity(quantity);
  }
}

/** The number a reader is shown: another one where the inch tape has a round figure of its own. */
export const idFor = ({ n, inch }: NumberPart, unit: UnitSystem): string => (unit === 'in' ? (inch ?? n) : n);

/** How finely a quantity is shown; `undefined` where it is shown as finely as it is known. */
function shownStep(value: number, quantity: Quantity, unit: UnitSystem): number | undefined {
  if (quantity === 'share') return Math.abs(value) >= WHOLE_PERCENT_FROM ? 0.01 : 0.001;
  if (quantity !== 'mm') return undefined;
  return unit === 'cm' && Math.abs(value) < SHOW_AS_MM_BELOW_MM ? 0.1 : tapeStepMm(value, unit);
}

/** The next step that way; a value on a step stays there. */
function toSide(value: number, step: number | undefined, side: RoundTo): number {
  if (step === undefined) return value;
  const steps = value / step;
  return (side === 'up' ? Math.ceil(steps - HAIR) : Math.floor(steps + HAIR)) * step;
}

/** A number with enough decimals that the lines of its explanation can be redone on a calculator. */
export function formatExactly(value: number, quantity: Quantity, unit: UnitSystem): string {
  switch (quantity) {
    case 'mm':
      return formatLengthExactly(value, unit);
    case 'share':
    case 'rad':
    case 'ratio':
    case 'nPerM':
    case 'newton':
    case 'pa':
    case 'gram':
    case 'gsm':
    case 'dialMm':
    case 'areaMm2':
      return plain(Number(value.toPrecision(7)));
    case 'minutes':
      return `${plain(Number(value.toPrecision(7)))} min`;
    default:
      return formatQuantity(value, quantity, unit);
  }
}

/** A phrase as a sentence in the reader's unit. Throws when it names a number that is not there (misuse). */
export function phraseText(phrase: Phrase, numbers: Numbers, unit: UnitSystem): string {
  return phrase
    .map((part) => {
      if (typeof part === 'string') return part;
      if ('name' in part) return part.name;
      const id = idFor(part, unit);
      const number = numbers[id];
      if (!number) throw new Error(`expected a number with id "${id}", got none; enter it in the ledger`);
      return formatQuantity(number.value, number.unit, unit, part.side);
    })
    .join('');
}

/** Plain decimals, never an exponent. */
const plain = (value: number): string => (Math.abs(value) < 1e-6 ? '0' : String(value));

/** Whole percents from here up, a decimal below: where 3 % and 3.4 % differ on the tape. */
const WHOLE_PERCENT_FROM = 0.1;

function formatPercent(share: number): string {
  const percent = share * 100;
  const text =
    Math.abs(share) >= WHOLE_PERCENT_FROM ? percent.toFixed(0) : percent.toFixed(1).replace(/\.0$/, '');
  return withMinus(text);
}

function unknownQuantity(quantity: never): never {
  throw new Error(`expected a known quantity, got ${String(quantity)}; add it to formatQuantity`);
}

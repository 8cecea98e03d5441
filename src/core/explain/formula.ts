import jsep, { type Expression } from 'jsep';

/** What a formula's names stand for. */
export type Values = Readonly<Record<string, number>>;

/** A formula that has been read: the value for what its names stand for. NaN where one stands for nothing. */
export type Formula = (values: Values) => number;

// A power binds closer than a product, and from the right, as in mathematics.
jsep.removeBinaryOp('^');
jsep.addBinaryOp('^', 11, true);

const CONSTANTS: Values = { pi: Math.PI };

type Numbers = readonly number[];
const mean = (all: Numbers): number => all.reduce((sum, one) => sum + one, 0) / all.length;

/** The middle one, or the mean of the two in the middle. */
function median(all: Numbers): number {
  const sorted = all.toSorted((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[half] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
}

/** The functions a formula may call, besides those handed in by the room that knows them. */
const functions = new Map<string, (all: Numbers) => number>([
  ['min', (all) => Math.min(...all)],
  ['max', (all) => Math.max(...all)],
  ['abs', ([x = NaN]) => Math.abs(x)],
  ['round', ([x = NaN]) => Math.round(x)],
  ['ceil', ([x = NaN]) => Math.ceil(x)],
  ['floor', ([x = NaN]) => Math.floor(x)],
  ['sqrt', ([x = NaN]) => Math.sqrt(x)],
  ['exp', ([x = NaN]) => Math.exp(x)],
  ['log', ([x = NaN]) => Math.log(x)],
  ['sin', ([x = NaN]) => Math.sin(x)],
  ['cos', ([x = NaN]) => Math.cos(x)],
  ['tan', ([x = NaN]) => Math.tan(x)],
  ['mod', ([a = NaN, b = NaN]) => ((a % b) + b) % b],
  ['mean', mean],
  ['median', median],
]);

/** Makes a function known that formulas may call, such as a root that has no closed form. */
export function defineFunction(name: string, of: (all: Numbers) => number): void {
  functions.set(name, of);
}

interface Read {
  readonly of: Formula;
  readonly names: readonly string[];
}

const known = new Map<string, Read>();

/** A formula with its names, parsed once and then remembered by its text. */
function read(text: string): Read {
  const before = known.get(text);
  if (before) return before;
  const tree = jsep(text);
  const now = { of: compile(tree, text), names: namesOf(tree) };
  known.set(text, now);
  return now;
}

/**
 * Reads a formula: numbers, names, `+ - * / ^`, brackets and the functions above. Throws at anything else (misuse):
 * the formulas are the product's own.
 */
export const readFormula = (text: string): Formula => read(text).of;

/** The value of a formula. */
export const evaluate = (text: string, values: Values): number => readFormula(text)(values);

/** The names in a formula that stand for values, each once. */
export const namesIn = (text: string): readonly string[] => read(text).names;

function namesOf(tree: Expression): readonly string[] {
  const names = new Set<string>();
  const walk = (node: Expression): void => {
    if (node.type === 'Identifier' && !((node.name as string) in CONSTANTS)) names.add(node.name as string);
    for (const key of ['left', 'right', 'argument'] as const) if (node[key]) walk(node[key] as Expression);
    for (const one of (node.arguments ?? []) as Expression[]) walk(one);
  };
  walk(tree);
  return [...names];
}

function compile(node: Expression, text: string): Formula {
  switch (node.type) {
    case 'Literal': {
      const { value } = node;
      if (typeof value === 'number') return () => value;
      break;
    }
    case 'Identifier': {
      const name = node.name as string;
      const constant = CONSTANTS[name];
      return constant === undefined ? (values) => values[name] as number : () => constant;
    }
    case 'UnaryExpression':
      if (node.operator === '-') {
        const of = compile(node.argument as Expression, text);
        return (values) => -of(values);
      }
      break;
    case 'BinaryExpression':
      return compileBinary(node, text);
    case 'CallExpression':
      return compileCall(node, text);
  }
  throw new Error(`expected an arithmetic formula, got "${text}"; ${node.type} is not arithmetic`);
}

function compileBinary(node: Expression, text: string): Formula {
  const left = compile(node.left as Expression, text);
  const right = compile(node.right as Expression, text);
  switch (node.operator) {
    case '+':
      return (values) => left(values) + right(values);
    case '-':
      return (values) => left(values) - right(values);
    case '*':
      return (values) => left(values) * right(values);
    case '/':
      return (values) => left(values) / right(values);
    case '^':
      return (values) => left(values) ** right(values);
    default:
      throw new Error(`expected + - * / ^ in a formula, got ${String(node.operator)} in "${text}"`);
  }
}

function compileCall(node: Expression, text: string): Formula {
  const name = ((node.callee as Expression).name ?? '') as string;
  const of = functions.get(name);
  if (!of) throw new Error(`expected a function that formulas know, got ${name} in "${text}"; define it`);
  const inputs = (node.arguments as Expression[]).map((one) => compile(one, text));
  const [first, second] = inputs;
  // Two inputs are by far the most frequent: no list is made for them.
  if (inputs.length === 2 && first && second) {
    if (name === 'min') return (values) => Math.min(first(values), second(values));
    if (name === 'max') return (values) => Math.max(first(values), second(values));
  }
  return (values) => of(inputs.map((one) => one(values)));
}

/** A formula of the trade with its text, which is the only place it is written. */
interface NamedFormula<N extends readonly string[]> {
  (...values: { readonly [K in keyof N]: number }): number;
  readonly text: string;
}

/** Names a formula; called with the values of its names in the order they are listed. */
export function formula<const N extends readonly string[]>(text: string, ...names: N): NamedFormula<N> {
  const of = readFormula(text);
  const call = (...values: readonly number[]): number =>
    of(Object.fromEntries(names.map((name, at) => [name, values[at] as number])));
  return Object.assign(call, { text }) as NamedFormula<N>;
}

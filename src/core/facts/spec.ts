/**
 * The little language facts are described in. One description gives the TypeScript type, the ranges a field
 * shows, the check in core, the Joi schema at the server's door and the published JSON Schema.
 */

/** How each kind of number is kept, typed and named: `typed` is what one kept unit is on the field. */
export const quantities = {
  lengthMm: { typed: 1, suffix: 'mm', kept: 'millimetres', example: '100' },
  share: { typed: 100, suffix: '%', kept: 'a fraction of one', example: '50' },
  radians: { typed: 180 / Math.PI, suffix: '°', kept: 'radians', example: '280' },
  gsm: { typed: 1, suffix: 'g/m²', kept: 'grams per square metre', example: '190' },
  gram: { typed: 1, suffix: 'g', kept: 'grams', example: '200' },
  nPerM: { typed: 1, suffix: 'N/m', kept: 'newtons per metre of width', example: '40' },
  pa: { typed: 1, suffix: 'Pa', kept: 'pascals', example: '500' },
  count: { typed: 1, suffix: '', kept: 'a number of things', example: '3' },
  ratio: { typed: 1, suffix: '', kept: 'a plain number', example: '2' },
} as const;

interface Described {
  readonly label: string;
  /** A sentence that stands at the field on every form. */
  readonly help?: string;
}

export interface NumberSpec extends Described {
  readonly kind: 'number';
  readonly quantity: keyof typeof quantities;
  readonly min: number;
  readonly max: number;
  /** What most people type here, in mm; a value 2.54 times off it is asked about. */
  readonly usual?: readonly [number, number];
  /** A thickness: spoken of in mm in either unit system. */
  readonly thin?: true;
}
export interface TextSpec extends Described {
  readonly kind: 'text';
  readonly minChars: number;
  readonly maxChars: number;
}
export interface ChoiceSpec<O extends string = string> {
  readonly kind: 'choice';
  readonly label: string;
  readonly options: readonly O[];
}
export interface DateSpec extends Described {
  readonly kind: 'date';
}
interface FlagSpec {
  readonly kind: 'flag';
  readonly label: string;
  /** Asked as a question with these answers, not ticked. */
  readonly answers?: readonly [no: string, yes: string];
}
interface IdSpec {
  readonly kind: 'id';
  readonly label: string;
}
interface RecordSpec<F extends Fields = Fields> {
  readonly kind: 'record';
  readonly label: string;
  readonly fields: F;
}
interface MapSpec<S extends Spec = Spec> {
  readonly kind: 'map';
  readonly label: string;
  readonly of: S;
  readonly maxEntries: number;
}
/** Records in order, such as the points of an outline: changed as a whole. */
export interface ListSpec<S extends Spec = Spec> {
  readonly kind: 'list';
  readonly label: string;
  readonly of: S;
  readonly minEntries: number;
  readonly maxEntries: number;
}

export type LeafSpec = NumberSpec | TextSpec | ChoiceSpec | DateSpec | FlagSpec | IdSpec;
export type Spec = LeafSpec | RecordSpec | MapSpec | ListSpec;
export type Fields = Readonly<Record<string, Spec | OptionalSpec>>;
type OptionalSpec<S extends Spec = Spec> = S & { readonly optional: true };

export const optional = <S extends Spec>(spec: S): OptionalSpec<S> => ({ ...spec, optional: true });

/** A field with the sentence that stands at it on every form. */
export const helped = <S extends Described>(spec: S, help: string): S => ({ ...spec, help });

export const isOptional = (spec: Spec | OptionalSpec): boolean => 'optional' in spec;

/** A length in mm with its range and, where useful, the usual range. */
export const lengthMm = (
  label: string,
  min: number,
  max: number,
  usual?: readonly [number, number],
): NumberSpec => ({ kind: 'number', quantity: 'lengthMm', label, min, max, ...(usual ? { usual } : {}) });

/** A length so small that it is spoken of in mm in either unit system. */
export const thinMm = (label: string, min: number, max: number): NumberSpec => ({
  ...lengthMm(label, min, max),
  thin: true,
});

export const numberOf = (
  quantity: NumberSpec['quantity'],
  label: string,
  min: number,
  max: number,
): NumberSpec => ({ kind: 'number', quantity, label, min, max });

export const text = (label: string, minChars: number, maxChars: number): TextSpec => ({
  kind: 'text',
  label,
  minChars,
  maxChars,
});
export const choice = <const O extends string>(label: string, options: readonly O[]): ChoiceSpec<O> => ({
  kind: 'choice',
  label,
  options,
});
/** A calendar day, `YYYY-MM-DD`. */
export const date = (label: string): DateSpec => ({ kind: 'date', label });
/** Ticked where it is so; or asked, where it has answers for no and yes. */
export const flag = (label: string, answers?: FlagSpec['answers']): FlagSpec => ({
  kind: 'flag',
  label,
  ...(answers ? { answers } : {}),
});
/** The id of a record or entry: letters, digits, `-` and `_`, at most 40. */
export const id = (label: string): IdSpec => ({ kind: 'id', label });
export const record = <F extends Fields>(label: string, fields: F): RecordSpec<F> => ({
  kind: 'record',
  label,
  fields,
});
export const map = <S extends Spec>(label: string, of: S, maxEntries: number): MapSpec<S> => ({
  kind: 'map',
  label,
  of,
  maxEntries,
});

export const list = <S extends Spec>(
  label: string,
  of: S,
  minEntries: number,
  maxEntries: number,
): ListSpec<S> => ({ kind: 'list', label, of, minEntries, maxEntries });

type OptionalKeys<F extends Fields> = {
  [K in keyof F]: F[K] extends { optional: true } ? K : never;
}[keyof F];

/** The facts a spec describes. */
export type FactsOf<S> = S extends NumberSpec
  ? number
  : S extends ChoiceSpec<infer O>
    ? O
    : S extends FlagSpec
      ? boolean
      : S extends TextSpec | DateSpec | IdSpec
        ? string
        : S extends RecordSpec<infer F>
          ? { readonly [K in Exclude<keyof F, OptionalKeys<F>>]: FactsOf<F[K]> } & {
              readonly [K in OptionalKeys<F>]?: FactsOf<F[K]>;
            }
          : S extends MapSpec<infer V>
            ? Readonly<Record<string, FactsOf<V>>>
            : S extends ListSpec<infer V>
              ? readonly FactsOf<V>[]
              : never;

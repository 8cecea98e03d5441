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

export interface NumberSpec {
  readonly kind: 'number';
  readonly label: string;
  readonly quantity: keyof typeof quantities;
  readonly min: number;
  readonly max: number;
  /** What most people type here, in mm; a value 2.54 times off it is asked about. */
  readonly usual?: readonly [number, number];
}
export interface TextSpec {
  readonly kind: 'text';
  readonly label: string;
  readonly minChars: number;
  readonly maxChars: number;
}
export interface ChoiceSpec<O extends string = string> {
  readonly kind: 'choice';
  readonly label: string;
  readonly options: readonly O[];
}
export interface DateSpec {
  readonly kind: 'date';
  readonly label: string;
}
interface FlagSpec {
  readonly kind: 'flag';
  readonly label: string;
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

export type LeafSpec = NumberSpec | TextSpec | ChoiceSpec | DateSpec | FlagSpec | IdSpec;
export type Spec = LeafSpec | RecordSpec | MapSpec;
export type Fields = Readonly<Record<string, Spec | OptionalSpec>>;
type OptionalSpec<S extends Spec = Spec> = S & { readonly optional: true };

export const optional = <S extends Spec>(spec: S): OptionalSpec<S> => ({ ...spec, optional: true });

export const isOptional = (spec: Spec | OptionalSpec): boolean => 'optional' in spec;

/** A length in mm with its range and, where useful, the usual range. */
export const lengthMm = (
  label: string,
  min: number,
  max: number,
  usual?: readonly [number, number],
): NumberSpec => ({ kind: 'number', quantity: 'lengthMm', label, min, max, ...(usual ? { usual } : {}) });

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
export const flag = (label: string): FlagSpec => ({ kind: 'flag', label });
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
            : never;

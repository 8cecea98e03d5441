/** The part of the library that is used: it ships no types of its own. */
declare module 'dxf' {
  interface Parsed {
    readonly header: { readonly insUnits?: number };
  }
  export class Helper {
    constructor(contents: string);
    readonly parsed: Parsed;
    toPolylines(): {
      readonly polylines: readonly {
        readonly layer?: { readonly name: string };
        readonly vertices: readonly (readonly [number, number])[];
      }[];
    };
  }
}

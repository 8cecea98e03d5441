import type { ClothRole } from '../facts/layout';
import { areaOfPieces, type Layout, type LayoutProblem } from '../layout/problem';
import type { ClothPiece } from './garmentPieces';
import type { LaidOn } from './laidOn';
import { toLayOut } from './toLayOut';

/** A garment whose pieces may fit into a leftover. */
interface Planned {
  readonly record: { readonly id: string; readonly facts: { readonly name: string } };
  readonly cloths: readonly {
    readonly role: ClothRole;
    readonly pieces: readonly ClothPiece[];
    /** How many more of its pieces nobody knows the size of. */
    readonly unknown: number;
  }[];
}

/** Something that is tried: all that a garment takes of a cloth, or one piece of it as often as it is cut. */
export interface Try {
  readonly garment: Planned['record'];
  readonly role: ClothRole;
  /** The piece; all of them where nothing is said. */
  readonly label?: string;
  readonly problem: LayoutProblem;
}

/** More are not tried: a leftover is small, and so is what fits into it. */
const MOST_TRIES = 80;

/** What is tried on a leftover of so large an area, mm²: what is larger, or wider than it, is not. */
export function intoLeftover(garments: readonly Planned[], on: LaidOn, areaMm2: number): readonly Try[] {
  const problemOf = (pieces: readonly ClothPiece[]): LayoutProblem | undefined => {
    const asked = areaOfPieces(pieces) <= areaMm2 ? toLayOut(pieces, on) : undefined;
    return asked?.ok ? asked.problem : undefined;
  };
  const tries = garments.flatMap(({ record: garment, cloths }) =>
    cloths.flatMap(({ role, pieces, unknown }): readonly Try[] => {
      const all = unknown === 0 && pieces.length > 1 ? problemOf(pieces) : undefined;
      const each = pieces.flatMap((piece): readonly Try[] => {
        const problem = problemOf([piece]);
        return problem ? [{ garment, role, label: piece.label, problem }] : [];
      });
      return [...(all ? [{ garment, role, problem: all }] : []), ...each];
    }),
  );
  return tries.slice(0, MOST_TRIES);
}

/** What fits, by garment: all that it takes of a cloth, or single pieces. */
export interface Fitting {
  readonly garment: string;
  readonly name: string;
  readonly whole: readonly ClothRole[];
  readonly pieces: readonly string[];
}

/** Those of which a layout is known that ends on the leftover, which is so long, mm. */
export function fitting(
  tries: readonly Try[],
  layouts: ReadonlyMap<LayoutProblem, Layout>,
  lengthMm: number,
): readonly Fitting[] {
  const fits = tries.filter(({ problem }) => (layouts.get(problem)?.lengthMm ?? Infinity) <= lengthMm);
  const garments = [...new Map(fits.map(({ garment }) => [garment.id, garment.facts.name]))];
  return garments.map(([garment, name]): Fitting => {
    const mine = fits.filter((one) => one.garment.id === garment);
    const whole = mine.filter(({ label }) => label === undefined).map(({ role }) => role);
    return {
      garment,
      name,
      whole,
      pieces: mine.flatMap(({ role, label }) => (label === undefined || whole.includes(role) ? [] : [label])),
    };
  });
}

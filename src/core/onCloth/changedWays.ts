import { applyChanges } from '../facts/change';
import type { Alteration } from '../facts/alteration';
import { newCloth, type Cloth } from '../facts/cloth';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { ClothRole } from '../facts/layout';
import { sizesInOrder } from '../fit/patternSize';
import { kindOf } from '../garments/kindOf';
import { createLedger } from '../explain/ledger';
import { areaOfPieces, type LayoutProblem } from '../layout/problem';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import type { GarmentPlan } from '../plan/types';
import { MM_PER_INCH, type UnitSystem } from '../units/constants';
import { formatLength } from '../units/formatLength';
import { leftOnShelf } from './buy';
import { laidAs, piecesOnCloth, type ClothPiece, type LaidInputs } from './garmentPieces';
import { laidOn, type Using } from './laidOn';
import { toLayOut } from './toLayOut';

/** A way to take less cloth that makes the garment another one: what is set in it, and what it is then cut from. */
export interface ChangedWay {
  readonly id: string;
  readonly label: string;
  readonly caution: string;
  /** By path in the garment. */
  readonly changes: Readonly<Record<string, unknown>>;
  /** The part that is then cut from a cloth of its own, and that cloth. */
  readonly moved?: { readonly role: MovedRole; readonly cloth: Cloth };
}

/** What may come out of another cloth. */
type MovedRole = Exclude<ClothRole, 'outer'>;

/** A cloth of the shelf. */
export interface OnShelf {
  readonly id: string;
  readonly facts: Cloth;
}

/** What a serged seam takes at least, mm, in the round figures of either tape (T). */
const NARROWEST_MM: Readonly<Record<UnitSystem, number>> = { cm: 6, in: MM_PER_INCH / 4 };
/** So much shorter is tried, mm. */
const SHORTER_MM: Readonly<Record<UnitSystem, readonly number[]>> = {
  cm: [20, 50],
  in: [0.75 * MM_PER_INCH, 2 * MM_PER_INCH],
};
/** Near which place of the body a garment is shortened, the first of these that it has. */
const SHORTENED_NEAR = ['waist', 'knee', 'thigh', 'hip', 'bust'];
/** So many cloths of the shelf are tried for the bands. */
const MOST_CLOTHS = 4;

/** The ways in which a garment itself can be changed to take less of one of its cloths. */
export function changedWays(
  { facts, kind, plan }: LaidInputs,
  role: ClothRole,
  { unit, shelf }: { readonly unit: UnitSystem; readonly shelf: readonly OnShelf[] },
): readonly ChangedWay[] {
  const { garment } = facts;
  const narrowest = NARROWEST_MM[unit];
  const ways: ChangedWay[] = [];
  if (garment.pattern.seamAllowanceMm > narrowest)
    ways.push({
      id: 'allowances',
      label: `Seam allowances of ${formatLength(narrowest, unit)}`,
      caution: 'For a serger, or a narrow stitch that gives: nothing is left to let out.',
      changes: { 'pattern.seamAllowanceMm': narrowest },
    });
  const zone = SHORTENED_NEAR.find((id) => kind.shapes.some(({ levels }) => levels?.[id] !== undefined));
  if (zone !== undefined)
    for (const mm of SHORTER_MM[unit]) {
      const said = formatLength(mm, unit);
      ways.push({
        id: `shorter-${Math.round(mm)}`,
        label: `${said} shorter`,
        caution: `Taken out near the ${zone}: measure the wearer before you cut.`,
        changes: { alterations: shortened(garment.alterations ?? [], zone, mm) },
      });
    }
  const smaller = sizeBelow(facts, plan);
  if (smaller)
    ways.push({
      id: 'size',
      label: `Size ${smaller.label}`,
      caution: 'It is closer all over: look at what the plan then asks of the cloth.',
      changes: { sizeId: smaller.id },
    });
  return [...ways, ...otherCloths(facts, role, shelf)];
}

/** The alterations with so much taken out at one place, beside what is taken out there already. */
function shortened(before: readonly Alteration[], zone: string, mm: number): readonly Alteration[] {
  const own = before.find(({ id }) => id === 'short-of-cloth');
  const next: Alteration = { id: 'short-of-cloth', change: 'length', zone, byMm: (own?.byMm ?? 0) - mm };
  return [...before.filter((one) => one !== own), next];
}

function sizeBelow(
  { pattern }: GarmentFacts,
  { size }: GarmentPlan,
): { readonly id: string; readonly label: string } | undefined {
  const rows = pattern ? sizesInOrder(pattern) : [];
  const below = rows[rows.findIndex(([id]) => id === size?.cut) - 1];
  return below && { id: below[0], label: below[1].label };
}

const MOVED: readonly { readonly role: MovedRole; readonly part: string; readonly caution: string }[] = [
  { role: 'band', part: 'Bands', caution: 'They are planned anew for its stretch.' },
  {
    role: 'lining',
    part: 'The lining',
    caution: 'What goes round the body is planned anew for both together.',
  },
];

/** Bands, or the lining, out of other cloths of the shelf, where they come out of this one now. */
function otherCloths(
  { garment, outer }: GarmentFacts,
  role: ClothRole,
  shelf: readonly OnShelf[],
): readonly ChangedWay[] {
  if (role !== 'outer' || !outer) return [];
  const cloths = shelf
    .filter(({ id, facts }) => id !== garment.outerClothId && facts.stable !== true && !facts.layers)
    .slice(0, MOST_CLOTHS);
  return MOVED.filter((one) => laidAs(garment, one.role) === role).flatMap(({ role: own, part, caution }) =>
    cloths.map(({ id, facts: cloth }) => ({
      id: `${own}-${id}`,
      label: `${part} out of ${cloth.name}`,
      caution,
      changes: { [`${own}ClothId`]: id },
      moved: { role: own, cloth },
    })),
  );
}

/** A garment as it is planned, and what is cut of it from its cloths. */
export interface Planned {
  readonly facts: GarmentFacts;
  readonly plan: GarmentPlan;
  readonly on: ReturnType<typeof piecesOnCloth>;
}

export function planned(facts: GarmentFacts, onDate: string): Planned {
  const kind = kindOf(facts.garment, facts.ownKind);
  const plan = planGarment(facts, { onDate });
  return { facts, plan, on: piecesOnCloth({ facts, kind, plan, onDate }) };
}

/** What is laid out once a way is taken; nothing where it changes no piece, cannot be laid, or no longer works as a garment. */
export function laidChanged(
  before: Planned,
  way: ChangedWay,
  { role, using, onDate }: { readonly role: ClothRole; readonly using: Using; readonly onDate: string },
): LayoutProblem | undefined {
  const { facts } = before;
  const changes = Object.entries(way.changes).map(([path, value]) => ({ path, value }));
  const garment = applyChanges(facts.garment, changes);
  const { moved } = way;
  const after = planned({ ...facts, garment, ...(moved ? { [moved.role]: moved.cloth } : {}) }, onDate);
  const [was, is] = [before, after].map(({ on }) => on.find((one) => one.role === role));
  if (!was || !is || stops(after.plan) > stops(before.plan)) return undefined;
  const apart = after.on.find((one) => one.role === moved?.role);
  if (moved && !(apart && isEnough(moved.cloth, apart.pieces, using))) return undefined;
  if (areaOfPieces(is.pieces) >= areaOfPieces(was.pieces) - ROUNDING_MM2) return undefined;
  const asked = toLayOut(is.pieces, laidOn(is.cloth ?? newCloth('cloth'), using));
  return asked.ok ? asked.problem : undefined;
}

/** A few steps tell whether there is enough of a cloth for what is moved to it. */
const FEW_STEPS = 20;

function isEnough(cloth: Cloth, pieces: readonly ClothPiece[], { cutWith }: Using): boolean {
  const book = createLedger();
  const asked = toLayOut(pieces, laidOn(cloth, { widthMm: cloth.widthMm, cutWith }));
  if (!asked.ok) return false;
  const { best } = new Searching(asked.problem, 1).goOn(({ steps }) => steps < FEW_STEPS);
  return (
    best !== undefined &&
    (leftOnShelf(book, cloth, best.lengthMm) !== undefined || cloth.onHandMm === undefined)
  );
}

const ROUNDING_MM2 = 100;

/** How much of a plan cannot work. */
const stops = ({ problems }: GarmentPlan): number =>
  problems.filter(({ severity }) => severity === 'stop').length;

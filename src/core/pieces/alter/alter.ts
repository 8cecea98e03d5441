import type { Alteration } from '../../facts/alteration';
import type { ZoneId } from '../../facts/garment';
import type { GarmentKind } from '../../fit/garmentKind';
import { areaOf, crossingsOf, flattened } from '../../geometry/ring';
import { createMemory } from '../../explain/remember';
import { girthMm, girthParts } from '../girth';
import { roundPiece, type Outline, type Outlines } from '../outline';
import { edgeRedrawn } from './edgeLine';
import { withGirths, type ByZone, type ZoneChange } from './girths';
import { deeperSeat, lengthened, shorterAlong } from './lengths';
import { smoothCrossings, type Smoothed } from './smoothed';

/** What the plan wants of the pieces. */
export interface Wanted {
  /** The finished girth at each zone around, mm, as the outlines measure it. */
  readonly girths: ByZone;
  /** The girth at each zone of the size that the fit advises there, as the outlines of that size have it. */
  readonly bySizes?: ByZone | undefined;
  /** The plan’s ease along the body, a share, where it has any. */
  readonly along?: number | undefined;
}

/** What one alteration did to the pieces. */
export interface AlterationEffect {
  readonly alteration: Alteration;
  readonly before: Outlines;
  readonly after: Outlines;
  /** Zones whose girth it was to change. */
  readonly zones: readonly ZoneChange[];
  /** How much shorter it made them, where it did that. */
  readonly share?: number;
  /** Kinks it took out. */
  readonly smoothed?: readonly Smoothed[];
  /** Why it was left out, and what to do. */
  readonly fault?: string;
}

interface Altered {
  readonly outlines: Outlines;
  readonly effects: readonly AlterationEffect[];
}

const recall = createMemory<Altered>();

/** Outlines with all alterations made, one after the other; one that cannot be made is left out and says why. */
export function alterOutlines(
  kind: GarmentKind,
  drawn: Outlines,
  alterations: readonly Alteration[],
  wanted: Wanted,
): Altered {
  return recall([kind, drawn, alterations, JSON.stringify(wanted)], () =>
    alterations.reduce<Altered>(
      ({ outlines, effects }, alteration) => {
        const effect = alteration.off
          ? { alteration, before: outlines, after: outlines, zones: [] }
          : checked(outlines, made(kind, outlines, alteration, wanted), alteration);
        return { outlines: effect.after, effects: [...effects, effect] };
      },
      { outlines: drawn, effects: [] },
    ),
  );
}

interface Made {
  readonly after: Outlines;
  readonly zones?: readonly ZoneChange[];
  readonly share?: number;
  readonly smoothed?: readonly Smoothed[];
}
/** Why an alteration cannot be made. */
type Fault = string;

function made(kind: GarmentKind, outlines: Outlines, one: Alteration, wanted: Wanted): Made | Fault {
  switch (one.change) {
    case 'girths': {
      const { outlines: after, changes } = withGirths(kind, outlines, wantedBy(kind, outlines, one, wanted));
      if (changes.length > 0) return { after, zones: changes };
      return one.bySizes ? NO_SIZES : NOTHING_TO_GO_BY;
    }
    case 'length': {
      const { zone, belowMm = 0, byMm } = one;
      if (zone === undefined || byMm === undefined) return 'Say where, and by how much.';
      return { after: lengthened(kind, outlines, { zone, belowMm, byMm }) };
    }
    case 'seat':
      return one.byMm === undefined ? 'Say by how much.' : { after: deeperSeat(kind, outlines, one.byMm) };
    case 'along': {
      const share = one.share ?? wanted.along;
      if (share === undefined) return 'This plan has no ease along the body: say by how much.';
      return { after: shorterAlong(kind, outlines, share), share };
    }
    case 'edge': {
      const { piece, edge, startMm = 0, middleMm = 0, endMm = 0 } = one;
      if (piece === undefined || edge === undefined) return 'Say which edge.';
      const after = edgeRedrawn(kind, outlines, { piece, edge, startMm, middleMm, endMm });
      return after ? { after } : 'An end of it would slide off the seam it lies in: move it less.';
    }
    case 'smooth': {
      if (one.seam === undefined) return 'Say at which seam.';
      const { outlines: after, smoothed } = smoothCrossings(kind, outlines, one.seam);
      return smoothed.length === 0 ? 'No edge that crosses this seam has a kink there.' : { after, smoothed };
    }
  }
}

const NOTHING_TO_GO_BY =
  'Nothing to go by yet: measure the wearer, test the cloth, and trace every piece of a zone.';

const NO_SIZES =
  'Nothing to grade between yet: the pattern needs a size table, and outlines in the sizes that are advised.';

/** The girths an alteration is to give: the plan’s, those of the sizes advised, or each as it is now and so much larger. */
function wantedBy(
  kind: GarmentKind,
  outlines: Outlines,
  { zones, bySizes }: Alteration,
  { girths, bySizes: advised = {} }: Wanted,
): ByZone {
  if (bySizes) return advised;
  if (!zones) return girths;
  return Object.fromEntries(
    kind.zones.flatMap((zone): readonly (readonly [ZoneId, number])[] => {
      const parts = girthParts(kind, outlines, zone);
      return parts && zone.axis === 'around' ? [[zone.id, girthMm(parts) + (zones[zone.id] ?? 0)]] : [];
    }),
  );
}

const FOLDS_OVER = 'This would fold a piece over itself: change it less, or in another place.';
const CHANGES_NOTHING =
  'No piece that has an outline is changed by this: trace the piece, or choose another place.';

/** What was made, unless it made a piece no piece. */
function checked(before: Outlines, result: Made | Fault, alteration: Alteration): AlterationEffect {
  const leftOut = (fault: string): AlterationEffect => ({
    alteration,
    before,
    after: before,
    zones: [],
    fault,
  });
  if (typeof result === 'string') return leftOut(result);
  const changed = Object.entries(result.after).filter(([id, outline]) => outline !== before[id]);
  if (changed.some(([id, outline]) => isSpoilt(before[id] as Outline, outline))) return leftOut(FOLDS_OVER);
  const zones = result.zones ?? [];
  if (changed.length === 0 && zones.length === 0) return leftOut(CHANGES_NOTHING);
  return { alteration, before, zones, ...result };
}

function isSpoilt(before: Outline, after: Outline): boolean {
  const [was, is] = [roundPiece(before), roundPiece(after)];
  return (
    areaOf(is) * areaOf(was) <= 0 || crossingsOf(flattened(is)).length > crossingsOf(flattened(was)).length
  );
}

import { skinStretch } from '../../fit/movement';
import { openingAt, type Edge, type GarmentKind, type Seam, type Zone } from '../../fit/garmentKind';
import { seamStretch } from './stitchStretch';

/** What is known of a garment that its seams have to follow. All extensions are shares. */
export interface Wearing {
  readonly kind: GarmentKind;
  /** How far each zone is stretched when it is worn, by id; under zero where it is loose. */
  readonly zones: Readonly<Record<string, number>>;
  /** How far each closed opening is stretched while something passes it, by id. */
  readonly openings: Readonly<Record<string, number>>;
  /** How far a seam is stretched while dressing, as the person states it, by seam. */
  readonly stated: Readonly<Record<string, number>>;
  /** How far hands pull the seams that run along the body while it is pulled on; absent where nothing is known. */
  readonly handling?: number;
}

/** What a row of stitches has to reach, and what asks for it. */
export interface Demand {
  readonly share: number;
  readonly from: 'worn' | 'moving' | 'pulled on' | 'stated' | 'handled' | 'stay' | 'still' | 'class';
  readonly angleRad: number;
  readonly across: number;
  readonly along: number;
  readonly skin: number;
  /** The zone that asks most, and the opening it belongs to. */
  readonly zone?: string;
  readonly alongZone?: string;
  readonly skinLabel?: string;
  readonly opening?: string;
}

const RIGHT_ANGLE = Math.PI / 2;

/** The angle to the lengthwise axis at which a seam runs. */
const angleOf = ({ direction, angleRad }: Pick<Seam, 'direction' | 'angleRad'>): number =>
  angleRad ?? (direction === 'along' ? 0 : RIGHT_ANGLE);

/**
 * What a seam, or the row along an edge, is asked to stretch: worn, moving with the skin, or pulled on,
 * whichever is most. `undefined` where nothing of the body is known.
 */
export function demandOf(
  wearing: Wearing,
  { seam, edge }: { readonly seam?: Seam | undefined; readonly edge?: Edge | undefined },
): Demand | undefined {
  const { kind, openings, stated } = wearing;
  const angleRad = seam ? angleOf(seam) : RIGHT_ANGLE;
  const opening = seam?.opening ?? (edge ? openingAt(kind, edge.id)?.id : undefined);
  const none = { angleRad, across: 0, along: 0, skin: 0 };
  if (seam?.demand === 'stay') return { share: 0, from: 'stay', ...none };
  const still: Demand | undefined =
    seam?.demand === 'still' ? { share: 0, from: 'still', ...none } : undefined;
  const worn = still ?? mostWorn(wearing, angleRad, edge?.zone, seam?.near ?? zoneOf(edge));
  const pulls = [
    ...(opening !== undefined && openings[opening] !== undefined
      ? [{ share: openings[opening], from: 'pulled on' as const }]
      : []),
    ...(seam && stated[seam.id] !== undefined
      ? [{ share: stated[seam.id] as number, from: 'stated' as const }]
      : []),
    ...(seam && wearing.handling !== undefined && isHandled(seam)
      ? [{ share: wearing.handling, from: 'handled' as const }]
      : []),
  ].sort((a, b) => b.share - a.share);
  const pull = pulls[0];
  if (!worn && !pull) return undefined;
  const base: Demand = worn ?? { share: 0, from: 'worn', ...none };
  const asked = pull && pull.share > base.share ? { ...base, share: pull.share, from: pull.from } : base;
  return opening === undefined ? asked : { ...asked, opening };
}

/** Sides, underarms, inside legs: the hands pull along them as the garment goes on, unless they are truly still. */
export const isHandled = ({ demand, direction }: Pick<Seam, 'demand' | 'direction'>): boolean =>
  demand === 'stretch' && direction === 'along';

/** A row along an edge is asked what the edge's own zone asks; an edge without one, only what passes it. */
const zoneOf = (edge: Edge | undefined): readonly string[] => (edge?.zone === undefined ? [] : [edge.zone]);

/** The zone that asks most of a seam at that angle. */
function mostWorn(
  { kind, zones }: Wearing,
  angleRad: number,
  ownZone: string | undefined,
  near: readonly string[],
): Demand | undefined {
  const known = kind.zones.filter(({ id }) => zones[id] !== undefined && near.includes(id));
  if (known.length === 0) return undefined;
  const stretched = (zone: Zone | undefined) => Math.max(0, zone ? (zones[zone.id] as number) : 0);
  const most = (axis: Zone['axis']) =>
    known
      .filter((zone) => zone.axis === axis)
      .reduce<Zone | undefined>(
        (best, one) => (best && stretched(best) >= stretched(one) ? best : one),
        undefined,
      );
  const alongZone = most('along');
  const along = stretched(alongZone);
  const own = known.find(({ id }) => id === ownZone);
  const crosses = Math.abs(Math.cos(angleRad)) > 0.1;
  const runs = Math.abs(Math.sin(angleRad)) > 0.1;
  const candidates = (own ? [own] : known).map((zone): Demand => {
    const across = zone.axis === 'around' ? stretched(zone) : 0;
    const region = zone.skin && skinStretch[zone.skin];
    const skin = Math.max(
      runs ? (region && 'around' in region && region.around) || 0 : 0,
      crosses ? (region && 'along' in region && region.along) || 0 : 0,
    );
    return {
      share: seamStretch(skin, across, along, angleRad),
      from: skin > 0 ? 'moving' : 'worn',
      angleRad,
      across,
      along,
      skin,
      zone: zone.id,
      ...(alongZone ? { alongZone: alongZone.id } : {}),
      ...(region && skin > 0 ? { skinLabel: `${region.label}, ${region.when}` } : {}),
    };
  });
  return candidates.reduce((best, one) => (one.share > best.share ? one : best));
}

import type { GarmentKind, Seam } from '../../../fit/garmentKind';

/** Where a zone's girth is taken in or let out: one seam of each side or leg, and how many of its edges that is. */
export interface SeamToTake {
  readonly seam: Seam;
  readonly edges: number;
}

/** Seams that are easiest to sew once more, in this order; a crotch keeps its curve where another will do (T). */
const PREFERRED: readonly string[] = ['side', 'outseam', 'inseam'];
/** Seams that shape the garment: sewn further in they would shape it otherwise. */
const SHAPING: readonly string[] = ['raglan', 'dart', 'panel', 'bridge'];
/** What the seam of the sides runs on through, from the underarm to the wrist. */
const SLEEVE_ZONES: readonly string[] = ['biceps', 'wrist'];
/** A seam in the middle is there once: its two layers are all its edges. */
const MIDDLE_EDGES = 2;

/** `undefined` where no seam along the body runs through the zone, or it is a length. */
export function seamToTake(
  { zones, seams, shapes }: Pick<GarmentKind, 'zones' | 'seams' | 'shapes'>,
  zoneId: string,
): SeamToTake | undefined {
  const zone = zones.find(({ id }) => id === zoneId);
  if (zone?.axis !== 'around') return undefined;
  const takes = new Set(shapes.flatMap((shape) => shape.takes?.[zoneId] ?? []));
  const through = ({ id, near, label }: Seam) =>
    near.includes(zoneId) ||
    takes.has(id) ||
    (id === 'side' && SLEEVE_ZONES.includes(zoneId) && label.includes('underarm'));
  const can = seams.filter(
    (seam) => seam.direction === 'along' && !SHAPING.includes(seam.id) && through(seam),
  );
  const seam = PREFERRED.flatMap((id) => can.find((one) => one.id === id) ?? [])[0] ?? can[0];
  return seam && { seam, edges: seam.id.startsWith('centre') ? MIDDLE_EDGES : zone.seamEdges };
}

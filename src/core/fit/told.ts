import type { Style, Zone } from './garmentKind';

/** A zone's default share of the stretch; none where the garment is larger than the body. */
export const shareOf = (zone: Zone, style: Style): number => {
  if (style.share === undefined) return 0;
  return zone.share ?? (zone.axis === 'around' ? style.share : (style.shareAlong ?? 0));
};

/** Under so small a share of the stretch nothing is told of a garment: it skims the body, or is larger (D). */
const LEAST_SHARE = 0.05;

/** Whether how close somebody likes a zone is told by the body, as so much larger or smaller, and not by the stretch. */
export const isToldByBody = (zone: Zone, style: Style): boolean => shareOf(zone, style) < LEAST_SHARE;

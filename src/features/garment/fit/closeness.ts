import type { ZoneChoice } from '@/core/facts/garment';

/** What somebody chooses who puts a zone at a worn extension: looser by whole millimetres, else a share of the stretch. */
export const closenessAt = (
  extension: number,
  { bodyMm, stretch }: { readonly bodyMm: number; readonly stretch: number },
): ZoneChoice =>
  extension < 0
    ? { school: 'loose', looseMm: Math.round(bodyMm / (1 + extension) - bodyMm) }
    : { school: 'share', share: stretch > 0 ? Math.min(extension / stretch, 1) : 0 };

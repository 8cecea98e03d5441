import type { ClothReading } from '../cloth/reading';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { GarmentKind } from '../fit/garmentKind';
import type { Wearing } from '../machines/seams/demand';
import type { OpeningPlan } from '../edges/types';
import type { ZonePlan } from '../fit/types';
import { otherWay } from '../cloth/otherWay';

/** What a plan knows of how the garment is worn and pulled on, as bare numbers. */
export const wearingOf = (
  kind: GarmentKind,
  garment: Pick<Garment, 'seams'>,
  zones: readonly ZonePlan[],
  openings: readonly Pick<OpeningPlan, 'id' | 'needs'>[],
  numbers: Readonly<Record<string, Explained>>,
): Wearing => {
  const handling = numbers[HANDLING]?.value;
  const value = (id: string) => numbers[id]?.value ?? 0;
  return {
    kind,
    zones: Object.fromEntries(zones.map((zone) => [zone.zone, value(zone.extension)])),
    openings: Object.fromEntries(openings.map(({ id, needs }) => [id, value(needs)])),
    stated: Object.fromEntries(
      Object.entries(garment.seams ?? {}).flatMap(([id, seam]) =>
        seam.pulledOn === undefined ? [] : [[id, seam.pulledOn]],
      ),
    ),
    ...(handling === undefined ? {} : { handling }),
  };
};

/** The id of the number below in a plan's ledger. */
export const HANDLING = 'seams.handling';

/** Seams along the body are pulled about this far while a garment goes on, where the cloth lets them (T, an estimate). */
const HANDLING_PULL = 0.2;

/** How far hands pull the seams that run along the body: a fifth, or as far as the cloth itself goes that way. */
export function planHandling(book: Ledger, cloth: ClothReading | undefined): Explained {
  const label = 'pull of the hands along a seam while it goes on';
  const way = otherWay(cloth?.around);
  const stretch = cloth?.around && cloth[way]?.stretch;
  const note = 'An estimate.';
  if (!stretch) return book.given(HANDLING, label, HANDLING_PULL, 'share', 'T', note);
  return book.work(HANDLING, {
    label,
    unit: 'share',
    mark: 'T',
    note,
    formula: 'min(pull, S)',
    terms: { pull: leaf('usual pull', HANDLING_PULL, 'share', 'T'), S: stretch },
  });
}

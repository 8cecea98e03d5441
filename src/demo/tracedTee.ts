import { newPattern, type Pattern } from '@/core/facts/pattern';
import { ONE_SIZE, type OutlineFacts } from '@/core/facts/outline';
import { madePhoto, onFloor } from '@/core/pieces/madePhoto';
import { withErrors } from '@/core/pieces/photoErrors';
import { practiceTee } from '@/core/pieces/practice';
import { photoMap, sheets } from '@/core/pieces/sheets';

/** As near as it was clicked, mm: one pixel of the screen. */
const CLICKED_MM = 0.4;

/** A tee that fits, its pieces traced from photos of the simulated camera, each beside a sheet of A4. */
export function tracedTee(): Pattern {
  return {
    ...newPattern('Rehearsal tee, traced', 'tee'),
    source: 'traced',
    seamAllowanceMm: 6,
    hemAllowanceMm: 25,
    shapes: {
      [ONE_SIZE]: {
        front: traced(practiceTee.front),
        back: traced(practiceTee.back),
        sleeve: traced(practiceTee.sleeve),
      },
    },
  };
}

/** The outline as it lay on the floor of its photo, with how good that photo is. */
function traced(facts: OutlineFacts): OutlineFacts {
  const ring = facts.ring.map((knot) => ({ ...knot, ...onFloor(knot), clickMm: CLICKED_MM }));
  const read = photoMap(madePhoto(ring).sheet, sheets.a4);
  return read.ok ? withErrors({ ...facts, ring }, read.photo) : { ...facts, ring };
}

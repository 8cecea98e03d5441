import Alert from '@mui/material/Alert';
import type { ClothPiece, OnCloth } from '@/core/onCloth/garmentPieces';

/** Which pieces nobody drew: rectangles stand in, or they are not laid at all. */
export function StandIns({ on }: { on: OnCloth }) {
  const named = (pieces: readonly ClothPiece[]) => pieces.map(({ label }) => label.toLowerCase()).join(', ');
  const standing = on.pieces.filter(({ standsIn }) => standsIn);
  return (
    <>
      {standing.length > 0 && (
        <Alert severity="info">
          No outline yet: {named(standing)}.{' '}
          {standing.length === 1 ? 'A rectangle stands' : 'Rectangles stand'} in, as large as the plan says.
          Draft or trace the pieces, and the layout becomes exact.
        </Alert>
      )}
      {on.unknown.length > 0 && (
        <Alert severity="warning">
          Not laid: {named(on.unknown)}. Nobody drew {on.unknown.length === 1 ? 'it' : 'them'}, and the plan
          has no size for {on.unknown.length === 1 ? 'it' : 'them'}: leave room, or draft or trace the pieces
          first.
        </Alert>
      )}
    </>
  );
}

import type { LevelAt, Meeting, PieceShape, SewnEdges, ShapeEdge } from '../fit/pieceShape';

/** Outlines that many garments share. Heights at which zones lie are usual ones (from memory). */

export const sewnInto = (id: string, label: string, seam = id): ShapeEdge => ({ id, label, seam });
export const finishedAt = (id: string, label: string, edge = id): ShapeEdge => ({ id, label, edge });
export const onFold = (label = 'fold'): ShapeEdge => ({ id: 'centre', label, fold: true });
/** An edge that is turned in or caught, and measured for nothing. */
export const plain = (id: string, label: string): ShapeEdge => ({ id, label });

export const shape = (
  id: string,
  label: string,
  edges: readonly ShapeEdge[],
  rest: Partial<Omit<PieceShape, 'id' | 'label' | 'edges'>> = {},
): PieceShape => ({ id, label, pieces: [id], edges, ...rest });

/** The left and the right of one outline. */
export const pairShape = (
  id: string,
  label: string,
  edges: readonly ShapeEdge[],
  rest: Partial<Omit<PieceShape, 'id' | 'label' | 'edges'>> = {},
): PieceShape => shape(id, label, edges, { pieces: [`${id}-left`, `${id}-right`], ...rest });

export const sewnTogether = (
  id: string,
  label: string,
  a: readonly string[],
  b: readonly string[],
  { seam = id, meet = 'level', goesOn }: { seam?: string; meet?: Meeting; goesOn?: true } = {},
): SewnEdges => ({ id, seam, label, a, b, meet, ...(goesOn ? { goesOn } : {}) });

const neckline = finishedAt('neckline', 'neckline');
export const shoulder = sewnInto('shoulder', 'shoulder');
/** The stay of a shoulder is cut to its back. */
const stayed: ShapeEdge = { ...shoulder, edge: 'shoulder' };
export const armhole = sewnInto('armhole', 'armhole');
export const side = sewnInto('side', 'side');
const hem = finishedAt('hem', 'hem');

/** The front and the back of a top with set-in sleeves, half each. */
export const topHalves = (
  levels: Readonly<Record<string, LevelAt>>,
  {
    lower = hem,
    neck = neckline,
    stay = false,
  }: { lower?: ShapeEdge; neck?: ShapeEdge; stay?: boolean } = {},
): readonly PieceShape[] =>
  (['front', 'back'] as const).map((id) =>
    shape(
      id,
      id === 'front' ? 'Front' : 'Back',
      [neck, stay && id === 'back' ? stayed : shoulder, armhole, side, lower, onFold()],
      { levels },
    ),
  );

/** A set-in sleeve, its end finished or sewn on. */
export const sleeveShape = (
  end: ShapeEdge,
  levels: Readonly<Record<string, LevelAt>> = {},
  label = 'Sleeve',
): PieceShape =>
  pairShape(
    'sleeve',
    label,
    [
      sewnInto('cap', 'sleeve cap', 'armhole'),
      sewnInto('back-underarm', 'underarm, back', 'side'),
      end,
      sewnInto('front-underarm', 'underarm, front', 'side'),
    ],
    { levels },
  );

export const shouldersMeet = sewnTogether('shoulder', 'Shoulders', ['front.shoulder'], ['back.shoulder']);
export const sidesMeet = sewnTogether('side', 'Sides', ['front.side'], ['back.side']);
export const underarmMeets = sewnTogether(
  'underarm',
  'Underarm of the sleeve',
  ['sleeve.front-underarm'],
  ['sleeve.back-underarm'],
  { seam: 'side', goesOn: true },
);
export const sleeveMeets = sewnTogether(
  'armhole',
  'Sleeve into the armhole',
  ['front.armhole', 'back.armhole'],
  ['sleeve.cap'],
  { meet: 'eased' },
);
/** Every seam of a top with set-in sleeves. */
export const topMeets: readonly SewnEdges[] = [shouldersMeet, sleeveMeets, sidesMeet, underarmMeets];

import type { GarmentKind } from './garmentKind';

/** A tee with set-in sleeves and a neckband, child or adult. */
export const tee: GarmentKind = {
  kind: 'tee',
  label: 'Tee',
  needs: [
    {
      measure: 'bust',
      required: true,
      how: 'Level round the fullest part, snug, over what will be worn underneath.',
      why: 'the body of the tee, and what the hem passes when it is pulled on',
    },
    {
      measure: 'waist',
      required: false,
      how: 'Level round the narrowest part, breathing out.',
      why: 'a shaped side seam',
    },
    { measure: 'hip', required: true, how: 'Level round the widest part, feet together.', why: 'the hem' },
    {
      measure: 'biceps',
      required: true,
      how: 'Round the fullest part of the upper arm, arm hanging.',
      why: 'the sleeves',
    },
    {
      measure: 'head',
      required: true,
      how: 'Over the forehead and the back of the head, where it is widest.',
      why: 'whether the neckline goes over it',
    },
    {
      measure: 'hand',
      required: false,
      how: 'Round the knuckles with the thumb tucked in.',
      why: 'whether it goes through the sleeve hem',
    },
  ],
  zones: [
    { id: 'bust', label: 'Bust or chest', measure: 'bust', seamEdges: 4 },
    { id: 'waist', label: 'Waist', measure: 'waist', seamEdges: 4 },
    { id: 'hip', label: 'Hip', measure: 'hip', seamEdges: 4 },
    { id: 'biceps', label: 'Biceps', measure: 'biceps', seamEdges: 2 },
  ],
  pieces: [
    { id: 'front', label: 'Front', cloth: 'outer', zones: ['bust', 'waist', 'hip'], onFold: true },
    { id: 'back', label: 'Back', cloth: 'outer', zones: ['bust', 'waist', 'hip'], onFold: true },
    {
      id: 'sleeve-left',
      label: 'Sleeve, left',
      side: 'left',
      cloth: 'outer',
      zones: ['biceps'],
      onFold: false,
    },
    {
      id: 'sleeve-right',
      label: 'Sleeve, right',
      side: 'right',
      cloth: 'outer',
      zones: ['biceps'],
      onFold: false,
    },
  ],
  edges: [
    { id: 'neckline', label: 'Neckline', finish: 'band' },
    { id: 'sleeve-hem', label: 'Sleeve hems', finish: 'hem' },
    { id: 'hem', label: 'Hem', finish: 'hem' },
    { id: 'shoulder', label: 'Shoulders', finish: 'stay' },
  ],
  seams: [
    { id: 'shoulder', label: 'Shoulder', direction: 'across', demand: 'stay' },
    { id: 'armhole', label: 'Sleeve seam', direction: 'round', demand: 'stretch' },
    { id: 'side', label: 'Side and underarm', direction: 'along', demand: 'still' },
    { id: 'neckband', label: 'Neckband seam', direction: 'round', demand: 'stretch' },
    { id: 'sleeve-hem', label: 'Sleeve hem', direction: 'across', demand: 'stretch' },
    { id: 'hem', label: 'Hem', direction: 'across', demand: 'stretch' },
  ],
};

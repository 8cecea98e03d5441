import type { GarmentKind } from '../fit/garmentKind';
import { headNeed, neckOpening, neckbandEdge, need, seam } from './parts';

/** A knit band on the neckline, sleeve or hem of a woven or knitted body. */
export const knitBand: GarmentKind = {
  kind: 'knit-band',
  onlyBand: true,
  label: 'Knit band on another garment',
  about: 'Only the band is new: a knit neckband on a woven, hand-knitted or machine-knitted body.',
  styles: [{ id: 'loose', label: 'As it is', looseMm: 20, usual: 'usual for a neck that is there already' }],
  needs: [need('neck', 'how close the neckline sits', false), headNeed],
  zones: [{ id: 'neck', label: 'Neck', measure: 'neck', axis: 'around', seamEdges: 4 }],
  pieces: [],
  shapes: [],
  sewn: [],
  edges: [{ ...neckbandEdge, zone: 'neck' }],
  seams: [seam('neckband', ['neck'], 'Neckband seam', 'round', 'stretch', 'neckline')],
  openings: [neckOpening],
  asks: { around: 0.4, along: 0, recovery: 0.9, weightGsm: [160, 320] },
  amount: { lengths: [['neck', 0.3]], extraMm: 60, across: 'neck' },
  quirks: [
    'Thick knits want a longer, wider zigzag.',
    'The solid edge counts, not the fuzz; the knife may trim fuzz.',
    'A body that does not stretch must pass the head by its own size.',
  ],
};

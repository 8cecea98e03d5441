import type { Garment } from '../../facts/garment';
import type { OwnKind } from '../../facts/ownKind';
import type { KindId } from '../../facts/kindIds';
import { kindOf } from '../kindOf';
import {
  drawBoxerBriefs,
  drawBriefs,
  drawFoldoverTrousers,
  drawLacePanties,
  drawLeggings,
  drawStretchWaist,
} from './bottoms';
import { drawBra, drawBralette, drawCropTop, drawOneShoulderTop, drawShelfBraTop } from './closeTops';
import { figureOf, type DrawnBody, type Figure } from './figure';
import type { DrawnSide, GarmentDrawing, Shape } from './garmentDrawing';
import { belt, plumb } from './pen';
import {
  drawBoundTee,
  drawCardigan,
  drawCollarPullover,
  drawKnitBand,
  drawLettuceTop,
  drawRaglan,
  drawShapedBlouse,
  drawTee,
} from './tops';

type Style = Garment['style'];

const drawings: Readonly<Record<KindId, (figure: Figure, style: Style) => GarmentDrawing>> = {
  tee: drawTee,
  'bound-tee': drawBoundTee,
  raglan: drawRaglan,
  'lettuce-top': drawLettuceTop,
  'shelf-bra-top': drawShelfBraTop,
  'shaped-blouse': drawShapedBlouse,
  'collar-pullover': drawCollarPullover,
  cardigan: drawCardigan,
  leggings: drawLeggings,
  'foldover-trousers': drawFoldoverTrousers,
  'boxer-briefs': drawBoxerBriefs,
  'lace-panties': drawLacePanties,
  briefs: drawBriefs,
  'crop-top': drawCropTop,
  'one-shoulder-top': drawOneShoulderTop,
  bralette: drawBralette,
  bra: drawBra,
  'stretch-waist': drawStretchWaist,
  'knit-band': drawKnitBand,
};

/**
 * A garment front and back, in proportion to a body. Every zone and edge its kind has in that style has exactly
 * one shape, in front or back; a person's own zones and edges are drawn across at the height they chose.
 */
export function drawGarment(
  kind: KindId,
  body: DrawnBody,
  { own, style = 'regular' }: { readonly own?: OwnKind | undefined; readonly style?: Style } = {},
): GarmentDrawing {
  const drawing = drawings[own?.base ?? kind](figureOf(body), style);
  return own ? withOwnParts(drawing, own, style) : drawing;
}

function withOwnParts(drawing: GarmentDrawing, own: OwnKind, style: Style): GarmentDrawing {
  const { zones, edges } = kindOf({ kind: own.base, style }, own);
  const parts = new Set([...zones.map(({ id }) => `zone-${id}`), ...edges.map(({ id }) => `edge-${id}`)]);
  const height = (at: number) => drawing.top + 2 + (drawing.foot - drawing.top - 4) * at;
  const added: readonly Shape[] = [
    ...Object.entries(own.zones).map(([id, { at, axis }]) => ({
      part: `zone-${id}`,
      d:
        axis === 'around'
          ? belt(height(at), drawing.half * 0.6)
          : plumb(drawing.half * 0.3, height(at), height(Math.min(at + 0.3, 1))),
    })),
    ...Object.entries(own.edges).map(([id, { at }]) => ({
      part: `edge-${id}`,
      d: belt(height(at), drawing.half * 0.7, 0),
    })),
  ];
  const kept = (side: DrawnSide, more: readonly Shape[]): DrawnSide => ({
    ...side,
    shapes: [...side.shapes.filter(({ part }) => parts.has(part)), ...more],
  });
  return { ...drawing, front: kept(drawing.front, []), back: kept(drawing.back, added) };
}

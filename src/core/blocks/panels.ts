import type { Operation } from '../fit/drafting';
import { backwards, endOf, polyline, startOf } from '../geometry/path';
import { minus, point } from '../geometry/point';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { squareToFold } from './lines';

/** The hip lies at this part of a panel's height; its kind has the same. */
const HIP_AT = 0.25;

/** Front and back panel of a skirt: as wide at the hip as planned, wider or not at the hem; square at both ends of the side. */
export function draftPanels(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const hip = d.girth('hip', 'hip');
  const height = d.body('stature').value;
  const long = d.choose('length', {
    label: 'length, under the waistband',
    usual: SKIRT_OF_HEIGHT * height,
    least: 150,
    most: 0.66 * height,
  });
  const flare = d.choose('hem-width', {
    label: 'hem wider than the hip, all round, by',
    usual: d.usual(find(operations, 'flare')?.by ?? 0),
    least: 0,
    most: 2600,
  });
  const slope = flare / 4 / ((1 - HIP_AT) * long);
  const [top, foot] = [
    point(hip.value / 4 - slope * HIP_AT * long, 0),
    point(hip.value / 4 + flare / 4, long),
  ];
  const side = polyline([top, foot]);
  const down = minus(foot, top);
  const waist = backwards(squareToFold(top, down));
  const hem = squareToFold(foot, down);
  d.handle({ choice: 'length', piece: 'front', at: endOf(hem), way: point(0, 1) });
  d.handle({ choice: 'hem-width', piece: 'front', at: foot, way: point(0.25, 0) });
  const piece = { edges: [waist, side, hem, polyline([endOf(hem), startOf(waist)])] };
  return { pieces: { front: piece, back: piece } };
}
/** A skirt to the knee (T, from memory). */
const SKIRT_OF_HEIGHT = 0.33;

import { leaf } from '../explain/ledger';
import { lengthOf, backwards, mapped, pathOf, polyline, type Path } from '../geometry/path';
import { between, minus, mirrored, plus, point, times, unitOf, type Point } from '../geometry/point';
import { cubic } from '../geometry/segment';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { arrives, clockwise, curveTo } from './lines';
import { rootBetween } from './solve';

/** Usual proportions of a bralette (T, from memory). */
const USUAL = {
  highOfBust: 0.19,
  centreHigh: 0.36,
  sideHigh: 0.4,
  innerPart: 0.46,
  fullness: 1.1,
  tabSpare: 25,
  hookHigh: 38,
} as const;

/** Four triangles between strap, underbust edge and side, their seam so curved that they are as wide over the bust as planned; and the tabs behind. */
export function draftCups(d: Drafter): DraftedBlock {
  const band = d.girth('underbust', 'underbust');
  const bust = d.girth('bust', 'bust');
  const high = d.choose('cup-height', {
    label: 'cup, from the band to the strap',
    usual: USUAL.highOfBust * d.body('bust').value,
    least: 60,
    most: 300,
  });
  const lower = d.work('cup.lower', {
    label: 'lower edge of one side, stretched onto the band',
    unit: 'mm',
    formula: 'band / 4 * fullness',
    terms: { band, fullness: leaf('fullness of the lace', USUAL.fullness, 'ratio', 'T, from memory') },
  });
  const wide = d.work('cup.wide', {
    label: 'one side over the fullest part',
    unit: 'mm',
    formula: 'max(bust - band * back, band) / 2',
    note: 'What of the bust is in front: the back is as wide as half the band.',
    terms: { bust, band, back: leaf('part of the band that is behind', 0.5, 'ratio', 'T, from memory') },
  });
  const inner = USUAL.innerPart * lower.value;
  const outer = lower.value - inner;
  const bulge = Math.min(Math.max(wide.value - lower.value, 0) / 2, MOST_BULGE * high);
  const [centre, side] = [USUAL.centreHigh * high, USUAL.sideHigh * high];
  // The seam as it lies on the inner cup, its foot at (0, 0); the outer cup's is its mirror image.
  const seam = seamOf(point(-STRAP_IN * inner, -high), point(0, 0), bulge);
  const toLower = (far: number): Path =>
    curveTo(point(0, 0), clockwise(arrives(seam)), point(-far, 0), LEFT, LOWER_HANDLES);
  const wideOf = (long: number): number =>
    rootBetween((far) => lengthOf(toLower(far)) - long, 0.3 * long, 1.02 * long) ?? long;
  const [innerX, outerX] = [wideOf(inner), wideOf(outer)];
  const strap = seam[0].from;
  const over = (path: Path): Path => backwards(mapped(path, mirrored));
  d.handle({ choice: 'cup-height', piece: 'cup-inner', at: strap, way: point(0, -1) });
  const tab = band.value / 4 - USUAL.tabSpare;
  d.drawn('cup.seam', 'cup seam', lengthOf(seam));
  return {
    pieces: {
      'cup-inner': {
        edges: [
          polyline([point(-innerX, -centre), strap]),
          seam,
          toLower(innerX),
          polyline([point(-innerX, 0), point(-innerX, -centre)]),
        ],
      },
      'cup-outer': {
        edges: [
          polyline([mirrored(strap), point(outerX, -side)]),
          polyline([point(outerX, -side), point(outerX, 0)]),
          over(toLower(outerX)),
          over(seam),
        ],
      },
      'back-tab': {
        edges: [
          polyline([point(0, -side), point(tab, -USUAL.hookHigh)]),
          polyline([point(tab, -USUAL.hookHigh), point(tab, 0)]),
          polyline([point(tab, 0), point(0, 0)]),
          polyline([point(0, 0), point(0, -side)]),
        ],
      },
    },
  };
}
const LEFT = point(-1, 0);
const LOWER_HANDLES = [0.28, 0.3] as const;
/** The strap stands inside the seam's foot by this part of the inner cup's lower edge; a seam bulges no more than this part of its height. */
const STRAP_IN = 0.2;
const MOST_BULGE = 0.2;

/** From the strap to the band, out to the right by so much at its fullest. */
function seamOf(from: Point, to: Point, bulge: number): Path {
  const chord = unitOf(minus(to, from)) ?? point(0, 1);
  const out = times(point(chord.y, -chord.x), (4 / 3) * bulge);
  return pathOf([cubic(from, plus(between(from, to, 1 / 3), out), plus(between(from, to, 2 / 3), out), to)]);
}

import { createLedger, type Ledger } from '../../explain/ledger';
import type { KindId } from '../../facts/kindIds';
import { endOf, lengthOf, polyline, splitAlong, startOf, type Path } from '../../geometry/path';
import { point, type Point } from '../../geometry/point';
import { lengthOfSegment, parameterAt, pointOf } from '../../geometry/segment';
import { endsAt, movedBy, withRedrawn } from '../../pieces/alter/redrawn';
import { neighbours, type Outline, type Outlines, type PieceEdge } from '../../pieces/outline';
import { outlineAlong } from '../../pieces/ring';
import { lineAlong, missing, refusedDraft, type DraftPiece, type OnPieces } from './draft';
import {
  bodyThere,
  cutLevel,
  legFault,
  shortsFault,
  widerEach,
  type Leg,
  type ShortsFacts,
  type WidenFacts,
} from './legs';

/** Pieces of a leg by the kind of garment. */
const LEG_PIECES: Readonly<Partial<Record<KindId, readonly string[]>>> = {
  leggings: ['front', 'back'],
  'foldover-trousers': ['leg'],
};
const kinds: readonly KindId[] = ['leggings', 'foldover-trousers'];

/** One piece of a leg: its hem, and the two seams that run down to it, each from its top. */
interface LegPiece {
  readonly outline: Outline;
  readonly hemAt: number;
  readonly seams: readonly [PieceEdge, PieceEdge];
  /** Where its inside leg begins: the level of the crotch. */
  readonly crotchY: number;
  readonly hemY: number;
}

function legPieces(outlines: Outlines, kind: KindId): readonly LegPiece[] {
  return (LEG_PIECES[kind] ?? []).map((id) => {
    const outline = outlines[id] as Outline;
    const hemAt = outline.edges.findIndex(({ of }) => of.id === 'hem');
    const { before, after } = neighbours(outline, hemAt);
    const inside = outline.edges.filter(({ of }) => of.seam === 'inseam');
    const hem = (outline.edges[hemAt] as PieceEdge).path;
    return {
      outline,
      hemAt,
      seams: [before, after],
      crotchY: Math.min(...inside.flatMap(({ path }) => [startOf(path).y, endOf(path).y])),
      hemY: (startOf(hem).y + endOf(hem).y) / 2,
    };
  });
}

/** How far along a path that runs from above to below (or back) it passes a height, mm; its lower end where it stays above. */
function alongAt(path: Path, y: number): number {
  let past = 0;
  for (const segment of path) {
    const long = lengthOfSegment(segment);
    const [a, b] = [segment.from.y, segment.to.y];
    if (Math.min(a, b) <= y && y <= Math.max(a, b) && a !== b) {
      let [low, high] = [0, long];
      for (let step = 0; step < 40; step += 1) {
        const mid = (low + high) / 2;
        if (pointOf(segment, parameterAt(segment, mid)).y < y === a < b) low = mid;
        else high = mid;
      }
      return past + low;
    }
    past += long;
  }
  return endOf(path).y > startOf(path).y ? past : 0;
}

/** Where the two seams of a leg piece are at a height. */
const acrossAt = ({ seams }: LegPiece, y: number): readonly [Point, Point] =>
  seams.map(({ path }) => {
    const [upper] = splitAlong(path, alongAt(path, y));
    return upper ? endOf(upper) : startOf(path);
  }) as unknown as readonly [Point, Point];

const widthsAt = (pieces: readonly LegPiece[], below: number): number =>
  pieces.reduce((sum, piece) => {
    const [a, b] = acrossAt(piece, piece.crotchY + below);
    return sum + Math.abs(a.x - b.x);
  }, 0);

/** Half way down the inside leg, where nothing else is known of the knee (common practice, no source). */
const KNEE_SHARE = 0.5;
/** Just below the crotch, where the leg is measured all round, mm. */
const BELOW_CROTCH_MM = 1;

function measured(outlines: Outlines, kind: KindId): Leg | string {
  const lacking = missing(outlines, LEG_PIECES[kind] ?? []);
  if (lacking) return lacking;
  const pieces = legPieces(outlines, kind);
  const inseamMm = Math.min(...pieces.map(({ crotchY, hemY }) => hemY - crotchY));
  const kneeAtMm = KNEE_SHARE * inseamMm;
  return {
    inseamMm,
    kneeAtMm,
    thighMm: widthsAt(pieces, BELOW_CROTCH_MM),
    kneeMm: widthsAt(pieces, kneeAtMm),
    hemMm: pieces.reduce((sum, { outline, hemAt }) => {
      const { path } = outline.edges[hemAt] as PieceEdge;
      return sum + Math.abs(startOf(path).x - endOf(path).x);
    }, 0),
  };
}

const given = (book: Ledger, id: string, label: string, mm: number) =>
  book.given(id, label, mm, 'mm', 'measured', 'Measured on the outlines.');

/** The pieces as they were, and as they become. */
const redrawnPiece = (
  { outline }: LegPiece,
  cut: readonly Path[],
  marks: DraftPiece['lines'],
): DraftPiece => ({
  id: outline.shape.id,
  label: outline.shape.label,
  lines: [
    lineAlong('as it was', 'old', ...outline.edges.map(({ path }) => path)),
    lineAlong('to cut', 'cut', ...cut),
    ...marks,
  ],
});

/** A leg piece without what lies below a height: seams cut off there, the hem straight across. */
function cutOff(piece: LegPiece, y: number): readonly Path[] {
  const { outline, hemAt, seams } = piece;
  const [from, to] = acrossAt(piece, y);
  return outline.edges.map((edge, nth) => {
    if (nth === hemAt) return polyline([from, to]);
    if (!seams.includes(edge)) return edge.path;
    const at = alongAt(edge.path, y);
    const [head, tail] = splitAlong(edge.path, at);
    return (edge === seams[0] ? head : tail) ?? edge.path;
  });
}

/** Shorts cut from the traced pieces of leggings. */
export const shortsOnPieces: OnPieces<ShortsFacts> = {
  kinds,
  measure: measured,
  draft: (facts, outlines, kind) => {
    const { wantedMm } = facts;
    const fault = shortsFault(facts);
    if (fault) return refusedDraft(fault);
    const book = createLedger();
    const pieces = legPieces(outlines, kind);
    const cut = cutLevel(book, facts);
    const hem = given(book, 'shorts.hem', 'hem of the shorts, at rest', widthsAt(pieces, wantedMm));
    return {
      ok: true,
      draft: {
        numbers: book.numbers,
        shown: [cut.id, ...bodyThere(book, facts, hem)],
        pieces: pieces.map((piece) =>
          redrawnPiece(piece, cutOff(piece, piece.crotchY + cut.value), [
            { label: 'hem fold', kind: 'mark', points: acrossAt(piece, piece.crotchY + wantedMm) },
          ]),
        ),
      },
    };
  },
};

/** A leg widened on the traced pieces: both seams of each go out from the knee down. */
export const widenOnPieces: OnPieces<WidenFacts> = {
  kinds,
  measure: measured,
  draft: (facts, outlines, kind) => {
    const fault = legFault(facts);
    if (fault) return refusedDraft(fault);
    const pieces = legPieces(outlines, kind);
    const book = createLedger();
    const each = widerEach(book, facts, 2 * pieces.length);
    const wide = pieces.map((piece) => widened(piece, facts.kneeAtMm, each.value));
    const lengths = wide.flatMap((outline, nth) =>
      (pieces[nth] as LegPiece).seams.flatMap(({ of, path }) => {
        const now = outline.edges.find((edge) => edge.of === of);
        const label = `${outline.shape.label.toLowerCase()}, ${of.label}`;
        const id = `widen.${outline.shape.id}.${of.id}`;
        return now
          ? [
              given(book, id, label, lengthOf(now.path)),
              given(book, `${id}.was`, `${label}, before`, lengthOf(path)),
            ]
          : [];
      }),
    );
    const paths = (outline: Outline) => outline.edges.map(({ of, path }) => ({ id: of.id, path }));
    return {
      ok: true,
      draft: {
        numbers: book.numbers,
        shown: [each.id, ...lengths.map(({ id }) => id)],
        pieces: wide.map((outline, nth) => {
          const piece = pieces[nth] as LegPiece;
          const knee = acrossAt(piece, piece.crotchY + facts.kneeAtMm);
          return redrawnPiece(
            piece,
            outline.edges.map(({ path }) => path),
            [{ label: 'knee', kind: 'mark', points: knee }],
          );
        }),
        made: {
          kind,
          shapes: Object.fromEntries(
            [
              ...Object.values(outlines).filter(({ shape }) => !wide.some((one) => one.shape === shape)),
              ...wide,
            ].map((outline) => [outline.shape.id, outlineAlong(paths(outline), 'a drawing')]),
          ),
        },
      },
    };
  },
};

/** A leg piece whose seams go out below the knee, by `mm` at the hem and evenly less above. */
function widened({ outline, hemAt, seams, crotchY, hemY }: LegPiece, kneeAtMm: number, mm: number): Outline {
  const kneeY = crotchY + kneeAtMm;
  const share = (y: number): number => Math.max((y - kneeY) / (hemY - kneeY), 0);
  const hem = outline.edges[hemAt] as PieceEdge;
  const middle = (startOf(hem.path).x + endOf(hem.path).x) / 2;
  const moved = seams.map((edge) => {
    const at = edge === seams[0] ? endOf(edge.path) : startOf(edge.path);
    const out = at.x > middle ? mm : -mm;
    return [outline.edges.indexOf(edge), movedBy(edge.path, ({ y }) => point(out * share(y), 0))] as const;
  });
  const [first, second] = moved.map(([, path]) => path) as [Path, Path];
  const redrawn = new Map<number, Path>([...moved, [hemAt, endsAt(hem.path, endOf(first), startOf(second))]]);
  return withRedrawn(outline, redrawn);
}

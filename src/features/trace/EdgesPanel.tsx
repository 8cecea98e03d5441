'use client';
import Button from '@mui/material/Button';
import { cornerKinds, outlineEdgeFields, type CornerKind, type OutlineFacts } from '@/core/facts/outline';
import type { PieceShape, ShapeEdge } from '@/core/fit/pieceShape';
import { edgesByCorners, namedInOrder, withEdgeSaid } from '@/core/pieces/edits';
import type { PiecePlan } from '@/core/pieces/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import styles from './Trace.module.css';

interface Props {
  readonly shape: PieceShape;
  readonly outline: OutlineFacts;
  readonly plan: PiecePlan | undefined;
  /** The edge whose beginning is asked for. */
  readonly naming: ShapeEdge | undefined;
  readonly onName: (edge: ShapeEdge | undefined) => void;
  readonly selected: number | undefined;
  readonly allowanceOf: (edge: ShapeEdge) => number;
  /** How its cut line turns there unless somebody says otherwise. */
  readonly cornersOf: (edge: ShapeEdge) => CornerKind;
  readonly onKeep: (label: string, outline: OutlineFacts) => void;
}

/** The edges of a piece in the order of its outline: where each begins, its allowance, how long it is. */
export function EdgesPanel({
  shape,
  outline,
  plan,
  naming,
  onName,
  selected,
  allowanceOf,
  cornersOf,
  onKeep,
}: Props) {
  const [first] = shape.edges;
  const start = selected !== undefined && outline.ring[selected]?.corner ? selected : undefined;
  const byCorners = edgesByCorners(outline, shape);
  const isWhole = byCorners !== undefined && byCorners.length !== shape.edges.length;
  const inOrder = (way: 'clockwise' | 'the other way') => {
    const named = start === undefined ? undefined : namedInOrder(outline, shape, start, way);
    if (named) onKeep(`Edges named, ${way}`, named);
  };
  return (
    <section className={styles.part}>
      <h2>Its edges</h2>
      {naming && (
        <p className={styles.next}>
          Click the point where <strong>{naming.label}</strong> begins, going round clockwise as the piece
          lies right side up.
        </p>
      )}
      {byCorners && first && naming && (
        <>
          <p className="soft small">
            Or choose the corner where {first.label} begins; the other edges follow from corner to corner
            {isWhole ? ', once on each side of the middle' : ''}.
          </p>
          <div className={styles.tools}>
            <Button
              size="small"
              variant="outlined"
              disabled={start === undefined}
              onClick={() => inOrder('clockwise')}
            >
              Name all, clockwise
            </Button>
            {!isWhole && (
              <Button
                size="small"
                variant="outlined"
                disabled={start === undefined}
                onClick={() => inOrder('the other way')}
              >
                The other way: it lies face down
              </Button>
            )}
          </div>
        </>
      )}
      <ul className={styles.edges}>
        {shape.edges.map((edge) => {
          const length = plan?.edges.find(({ id }) => id === edge.id)?.length;
          const from = outline.ring.findIndex((knot) => knot.edge === edge.id);
          return (
            <li key={edge.id} className={styles.edge} aria-current={naming?.id === edge.id}>
              <span>
                {edge.label}
                <span className="soft small">
                  {from === -1 ? ' begins nowhere yet' : ` from point ${from + 1}`}
                </span>
              </span>
              <span>
                {length && <ExplainedNumber id={length} />}{' '}
                <Button
                  size="small"
                  onClick={() => onName(edge)}
                  aria-label={`Say where ${edge.label} begins`}
                >
                  {from === -1 ? 'Say where' : 'Move'}
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
      {plan?.fault && !naming && <p className={styles.next}>{plan.fault}</p>}
      {plan?.unlike.map(({ label, a, b }) => (
        <p key={label} className={styles.next}>
          Its two sides are no mirror images: the {label} is <ExplainedNumber id={a} /> on one and{' '}
          <ExplainedNumber id={b} /> on the other. Move a point, or trace one half and its fold.
        </p>
      ))}
      <Fold summary="Allowances drawn on it">
        <div className={styles.two}>
          {shape.edges
            .filter(({ fold }) => !fold)
            .map((edge) => (
              <LengthField
                key={edge.id}
                spec={outlineEdgeFields.allowanceMm}
                label={edge.label}
                valueMm={outline.edges?.[edge.id]?.allowanceMm ?? allowanceOf(edge)}
                onChange={(mm) =>
                  onKeep(`Allowance at ${edge.label}`, withEdgeSaid(outline, edge.id, { allowanceMm: mm }))
                }
              />
            ))}
        </div>
      </Fold>
      {outline.drawn === 'seamline' && (
        <Fold summary="Corners of the cut line">
          <div className={styles.two}>
            {shape.edges
              .filter(({ fold }) => !fold)
              .map((edge) => (
                <PickField
                  key={edge.id}
                  label={edge.label}
                  value={outline.edges?.[edge.id]?.corners ?? ''}
                  options={CORNERS}
                  empty={`as usual: ${cornersOf(edge)}`}
                  onChange={(id) => {
                    const corners = cornerKinds.find((one) => one === id);
                    onKeep(`Corners at ${edge.label}`, withEdgeSaid(outline, edge.id, { corners }));
                  }}
                />
              ))}
          </div>
        </Fold>
      )}
    </section>
  );
}

/** How the cut line turns at the ends of an edge, as a person would say it. */
const CORNERS: readonly { readonly id: CornerKind; readonly name: string }[] = [
  { id: 'mitred', name: 'mitred: both lines run on until they meet' },
  { id: 'square', name: 'square: level with the seam once it is sewn' },
  { id: 'mirrored', name: 'mirrored: lies flush once the hem is turned up' },
];

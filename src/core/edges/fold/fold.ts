import {
  SLACK,
  USUAL_EASE_IN,
  defaultBand,
  flatLyingBand,
  foldEdge,
  foldEdgeSlack,
  mitreOf,
} from './formulas';
import { turnOf } from '../edgeLength';
import { V_POINT_RAD } from '../turns';
import type { Explained, Mark, Term } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import { allowanceAt } from '../../facts/allowance';
import type { StripInputs } from '../strips/stripInputs';
import { finishedOf } from '../strips/stripWidth';
import type { FoldPlan } from '../types';

/** How a folded strip can lie on its edge. */
export interface Fold {
  readonly width: Explained;
  /** How far the edge turns beside the point of a V, rad. */
  readonly turn: Term;
  /** The fold edge and the longest that lie on it; absent where the strip is too wide to lie at all. */
  readonly lies?: {
    readonly edge: Explained;
    /** What the mitre at the point of a V takes off both folds. */
    readonly mitre?: Explained;
    readonly flat: Explained;
    readonly steam: Explained;
  };
}

/** The turn at the point of a V; none of other shapes, rad. */
const pointOf = (choice: StripInputs['choice']): number =>
  choice?.shape === 'V' ? (choice.pointRad ?? V_POINT_RAD) : 0;

/** The fold of a strip on an edge that turns; `undefined` of strips that have none, and where nothing turns. */
export function workFold(inputs: StripInputs, on: Explained): Fold | undefined {
  const { book, id, spec, choice, edge } = inputs;
  const point = pointOf(choice);
  const turnRad = Math.max(turnOf(edge, choice?.measured) - point, 0);
  if (spec.width !== 'folded' || (turnRad === 0 && !spec.lies)) return undefined;
  const w = book.given(
    `${id}.finished`,
    'finished width',
    finishedOf(inputs),
    'mm',
    choice?.finishedMm === undefined ? 'default' : 'chosen',
  );
  const turn = leaf(
    point > 0 ? 'turn of the edge beside its point' : 'total turn of the edge',
    turnRad,
    'rad',
    'D',
  );
  const mitre = point > 0 ? workMitre(inputs, w, point) : undefined;
  if (foldEdge(on.value, turnRad, w.value) - (mitre?.value ?? 0) <= 0) return { width: w, turn };
  const fold = book.work(`${id}.fold`, {
    label: 'fold edge that lies exactly flat',
    unit: 'mm',
    mark: 'D',
    formula: foldEdge.text,
    terms: { N: on, turn, w },
  });
  const upTo = (name: string, label: string, most: number) => {
    const slack = leaf('slack allowed at the fold', most, 'share', 'T');
    return book.work(`${id}.${name}`, {
      label,
      unit: 'mm',
      mark: 'T',
      ...(mitre
        ? {
            note: 'The mitre at the point takes as much off the band’s fold as off the edge’s.',
            formula: '(1 + slack) * (F - m) + m',
            terms: { slack, F: fold, m: mitre },
          }
        : { formula: '(1 + slack) * F', terms: { slack, F: fold } }),
    });
  };
  return {
    width: w,
    turn,
    lies: {
      edge: fold,
      ...(mitre ? { mitre } : {}),
      flat: upTo('liesFlat', 'longest that lies flat', SLACK.liesFlat),
      steam: upTo('wantsSteam', 'longest that steam can settle', SLACK.wantsSteam),
    },
  };
}

/** At the point of a V each side’s fold is w·tan(θ/2) shorter: a mitre inside (D). */
const workMitre = ({ book, id, choice }: StripInputs, w: Explained, point: number): Explained =>
  book.work(`${id}.mitre`, {
    label: 'mitre at the point of the V, both sides',
    unit: 'mm',
    mark: 'D',
    formula: mitreOf.text,
    terms: {
      w,
      point: leaf('turn at the point', point, 'rad', choice?.pointRad === undefined ? 'default' : 'measured'),
    },
  });

/** The share of the curve that a flat-lying strip takes off. */
export const easeInOf = (choice: StripInputs['choice']): number => choice?.easeIn ?? USUAL_EASE_IN;

/** A length’s number: its id, what it is called, its mark, and the ids of what it is worked out from. */
interface Named {
  readonly name: string;
  readonly label: string;
  readonly mark: Mark;
  /** The share of the curve that is taken off, where it is not the one chosen or usual. */
  readonly easeIn?: Explained;
}

/**
 * The length by the flat-lying formula. Of a strip that is judged by its fold it is no longer than lies flat and never
 * under the shortest that works, which is all that is left where the strip is wider than its edge allows.
 */
export function foldLength(
  { book, id, spec, choice }: StripInputs,
  on: Explained,
  { width: w, turn, lies }: Fold,
  shortest: Explained | undefined,
  { name, label, mark, easeIn }: Named,
): Explained | undefined {
  const common = { label, unit: 'mm', mark } as const;
  const c = easeIn ?? leaf('share of the curve taken off', easeInOf(choice), 'ratio', 'D');
  const terms = { N: on, c, turn, w };
  const possible = flatLyingBand(on.value, turn.value, w.value, c.value) > 0;
  if (!spec.lies || !shortest) {
    return possible ? book.work(name, { ...common, formula: flatLyingBand.text, terms }) : undefined;
  }
  if (!lies || !possible) {
    return book.work(name, {
      ...common,
      note: 'A band this wide cannot lie on this edge: only the shortest that works is left.',
      formula: 'shortest',
      terms: { shortest },
    });
  }
  const formula = book.work(`${easeIn ? name : id}.formula`, {
    label: `${spec.label.toLowerCase()} by the flat-lying formula`,
    unit: 'mm',
    mark: 'D',
    formula: flatLyingBand.text,
    terms,
  });
  return book.work(name, {
    ...common,
    note: 'The formula, no longer than lies flat and never under the shortest that works.',
    formula: defaultBand.text,
    terms: { B: formula, flat: lies.flat, shortest },
  });
}

/** What is shown of a fold: its slack, what it finishes to once it is stretched on, where the edge then lies. */
export function foldPlan(
  { book, id, edge, facts }: StripInputs,
  { width: w, lies }: Fold,
  sewn: Explained,
  expected: Explained | undefined,
): FoldPlan {
  const slack =
    lies &&
    book.work(`${id}.slack`, {
      label: 'slack of the fold edge',
      unit: 'share',
      mark: 'D',
      ...(lies.mitre
        ? {
            formula: '(B - m) / (F - m) - 1',
            terms: { B: sewn, F: lies.edge, m: lies.mitre },
          }
        : { formula: foldEdgeSlack.text, terms: { B: sewn, F: lies.edge } }),
    });
  return {
    width: w.id,
    finished: (expected ?? w).id,
    inside: book.work(`${id}.inside`, {
      label: 'finished opening inside the cut edge',
      unit: 'mm',
      mark: 'D',
      formula: 'w - a',
      terms: {
        w,
        a: leaf('seam allowance at the edge', allowanceAt(facts.garment, edge.id), 'mm', 'measured'),
      },
    }).id,
    ...(lies && slack
      ? { lies: { edge: lies.edge.id, flat: lies.flat.id, steam: lies.steam.id, slack: slack.id } }
      : {}),
  };
}

import type { Explained, Quantity, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import { DEFAULT_K, stackExtension, type LayerTension } from './layers';
import { pieceAt, type Knot } from '../geometry/monotone';
import type { Curve } from './pullCurve';

/** One layer's pull in one direction, with its numbers in the ledger. */
export interface TensionPart {
  readonly name: string;
  readonly S: Explained;
  /** How it pulls against a medium cloth, where there is no curve (T). */
  readonly feel: number;
  readonly curve?: { readonly fit: Curve; readonly tS: Explained; readonly k: Explained };
}

/** Whether every layer has a pull curve, so that tensions are newtons and not comfortable pulls. */
export const isReal = (parts: readonly TensionPart[]): boolean =>
  parts.length > 0 && parts.every(({ curve }) => curve !== undefined);

/** The layers as plain numbers: in N/m where `real`, else in comfortable pulls. */
export const tensionsOf = (parts: readonly TensionPart[], real: boolean): readonly LayerTension[] =>
  parts.map(({ S, feel, curve }) =>
    real && curve
      ? { S: S.value, weight: curve.tS.value, k: curve.k.value, ...between(curve.fit) }
      : { S: S.value, weight: feel, k: curve?.k.value ?? DEFAULT_K },
  );

const between = (fit: Curve): { curve?: Curve } => (fit.kind === 'monotone' ? { curve: fit } : {});

const readBetween = (layers: readonly LayerTension[]): boolean => layers.some(({ curve }) => curve);

interface Ask {
  readonly id: string;
  readonly label: string;
  readonly note?: string;
  readonly real: boolean;
}

/** The extension at which the layers' tensions add to `tension`. */
export function workExtension(
  book: Ledger,
  { id, label, note, real }: Ask,
  parts: readonly TensionPart[],
  tension: Explained | Term,
): Explained {
  const layers = tensionsOf(parts, real);
  if (layers.some(({ S }) => S <= 0)) {
    const { names, terms: own } = ownStretches(parts);
    return book.work(id, {
      label,
      unit: 'share',
      mark: 'D',
      note: 'A layer that does not stretch lets nothing else stretch along it.',
      formula: `max(min(${names}), 0)`,
      terms: own,
    });
  }
  if (readBetween(layers)) {
    const why =
      'Read off the pull curves between their points: there the tensions agree, as the check shows.';
    const read = stackExtension(layers, tension.value);
    const found = book.given(id, label, read, 'share', 'own record', `${why}${note ? ` ${note}` : ''}`);
    workTension(book, { id: `${id}.check`, label: 'check: the tension there', real }, parts, found);
    return found;
  }
  const ks = new Set(layers.map(({ k }) => k));
  const terms: Record<string, Explained | Term> = { T: tension };
  parts.forEach((part, at) => Object.assign(terms, partTerms(part, layers[at] as LayerTension, at, real)));
  const common = { label, unit: 'share', mark: 'D', ...(note === undefined ? {} : { note }) } as const;
  if (ks.size === 1) {
    parts.forEach((_, at) => delete terms[`k${at + 1}`]);
    terms.k = leaf('how steeply they stiffen', layers[0]?.k ?? DEFAULT_K, 'ratio', 'D');
    const sum = parts.map((_, at) => `w${at + 1} * S${at + 1} ^ (0 - k)`).join(' + ');
    return book.work(id, {
      ...common,
      formula: `(T / (${sum})) ^ (1 / k)`,
      terms,
    });
  }
  const names = parts.map((_, at) => `w${at + 1}, S${at + 1}, k${at + 1}`).join(', ');
  return book.work(id, {
    ...common,
    note: `extensionAt is the stretch at which w × (stretch ÷ S) ^ k, added over the layers, comes to T.${note ? ` ${note}` : ''}`,
    formula: `extensionAt(T, ${names})`,
    terms,
  });
}

/** Each layer's own stretch as terms of a formula. */
export const ownStretches = (parts: readonly TensionPart[]) => ({
  names: parts.map((_, at) => `S${at + 1}`).join(', '),
  terms: Object.fromEntries(parts.map(({ S }, at) => [`S${at + 1}`, S])),
});

/** The crude rule: layers together stretch as much as the least stretchy of them (T). */
export function workLeast(book: Ledger, id: string, parts: readonly TensionPart[]): Explained {
  const { names, terms } = ownStretches(parts);
  return book.work(id, {
    label: 'as much as the least stretchy layer, the crude rule',
    unit: 'share',
    mark: 'T',
    formula: `min(${names})`,
    terms,
  });
}

/** The layers' tension at an extension, added up: N/m where `real`, else comfortable pulls. */
export function workTension(
  book: Ledger,
  { id, label, note, real }: Ask,
  parts: readonly TensionPart[],
  extension: Explained | Term,
): Explained {
  const layers = tensionsOf(parts, real);
  const unit: Quantity = real ? 'nPerM' : 'ratio';
  const common = { unit, mark: 'D', ...(note === undefined ? {} : { note }) } as const;
  if (readBetween(layers)) {
    const each = parts.map((part, at) =>
      layerTensionNumber(book, `${id}.layer${at + 1}`, part, layers[at] as LayerTension, extension),
    );
    return book.work(id, {
      ...common,
      label,
      formula: each.map((_, at) => `T${at + 1}`).join(' + '),
      terms: Object.fromEntries(each.map((one, at) => [`T${at + 1}`, one])),
    });
  }
  const terms: Record<string, Explained | Term> = { e: extension };
  parts.forEach((part, at) => Object.assign(terms, partTerms(part, layers[at] as LayerTension, at, real)));
  return book.work(id, {
    ...common,
    label,
    formula: parts.map((_, at) => `w${at + 1} * (max(e, 0) / S${at + 1}) ^ k${at + 1}`).join(' + '),
    terms,
  });
}

function partTerms(part: TensionPart, { k, weight }: LayerTension, at: number, real: boolean) {
  const n = at + 1;
  const { name, S, curve } = part;
  return {
    [`w${n}`]:
      real && curve ? curve.tS : leaf(`how ${name} pulls, in comfortable pulls`, weight, 'ratio', 'T'),
    [`S${n}`]: S,
    [`k${n}`]: curve ? curve.k : leaf(`how steeply ${name} stiffens`, k, 'ratio', 'D'),
  };
}

/** One layer's tension, read between the points of its curve where it has enough of them. */
function layerTensionNumber(
  book: Ledger,
  id: string,
  part: TensionPart,
  layer: LayerTension,
  extension: Explained | Term,
): Explained {
  const label = `tension of ${part.name}`;
  const knots = layer.curve?.between?.knots;
  const top = knots?.at(-1);
  if (!layer.curve?.between || !knots || !top) {
    return workTension(book, { id, label, real: true }, [part], extension);
  }
  const note = 'Read off the pull curve between its points (monotone cubic).';
  const share = (name: string, value: number) => leaf(name, value, 'share', 'own record');
  const newtons = (name: string, value: number) => leaf(name, value, 'nPerM', 'own record');
  if (extension.value >= top.x) {
    return book.work(id, {
      label,
      unit: 'nPerM',
      mark: 'D',
      note: 'Beyond the last point of the pull curve, by its power law.',
      formula: 'T0 * (max(e, 0) / e0) ^ k',
      terms: {
        e: extension,
        e0: share('last point', top.x),
        T0: newtons('tension there', top.y),
        k: leaf('how steeply it stiffens', layer.k, 'ratio', 'own record'),
      },
    });
  }
  const { slopes } = layer.curve.between;
  const at = pieceAt(knots, Math.max(extension.value, 0));
  const [a, b] = [knots[at] as Knot, knots[at + 1] as Knot];
  const u = '((max(e, 0) - e0) / (e1 - e0))';
  return book.work(id, {
    label,
    unit: 'nPerM',
    mark: 'D',
    note,
    formula: `T0 * (1 + 2 * ${u}) * (1 - ${u}) ^ 2 + m0 * (e1 - e0) * ${u} * (1 - ${u}) ^ 2 + T1 * ${u} ^ 2 * (3 - 2 * ${u}) + m1 * (e1 - e0) * ${u} ^ 2 * (${u} - 1)`,
    terms: {
      e: extension,
      e0: share('point before', a.x),
      e1: share('point after', b.x),
      T0: newtons('tension before', a.y),
      T1: newtons('tension after', b.y),
      m0: leaf('slope before', slopes[at] as number, 'nPerM', 'own record'),
      m1: leaf('slope after', slopes[at + 1] as number, 'nPerM', 'own record'),
    },
  });
}

import { TURNED_EXTRA_MM } from './elastics/lengths';
import type { EdgeUse } from './elastics/edgeUse';
import type { Explained } from '../explain/explained';
import { getNumber, leaf, say } from '../explain/ledger';
import { LIMITS } from '../fit/limits';
import { hemFieldOf } from '../fit/garmentKind';
import { turnOf } from './edgeLength';
import type { EdgeInputs } from './edgeInputs';
import type { EdgePlan, StripPlan } from './types';

/** Allowances closer than this are the same, mm. */
const SAME_MM = 0.5;

/**
 * What an edge's construction asks of its allowance against what is drawn: how much to add before cutting, or how
 * much longer the opening gets where nothing is added, Θ × the difference (D).
 */
export function allowancePlan({ book, facts, edge }: EdgeInputs, use: EdgeUse): Pick<EdgePlan, 'allowance'> {
  const { garment, elastics = {} } = facts;
  const choice = garment.edges?.[edge.id];
  const drawnMm = choice?.drawnAllowanceMm ?? garment.pattern.seamAllowanceMm;
  const elastic = elastics[choice?.elasticId ?? ''];
  const widthMm = choice?.finishedMm ?? elastic?.widthMm ?? use.usualWidthMm ?? 0;
  const id = `edge.${edge.id}.allowance`;
  if (use.allowance === undefined) return {};
  const drawn = book.given(`${id}.drawn`, 'allowance drawn on the pattern', drawnMm, 'mm', 'measured');
  const wanted =
    use.allowance === 'turned'
      ? book.work(`${id}.wanted`, {
          label: 'allowance this construction takes',
          unit: 'mm',
          mark: 'T',
          formula: 'v + little',
          terms: {
            v: leaf('width of the elastic', widthMm, 'mm', elastic ? 'measured' : 'default'),
            little: leaf('a little for the turn', TURNED_EXTRA_MM, 'mm', 'T'),
          },
        })
      : book.given(
          `${id}.wanted`,
          use.allowance === 'none'
            ? 'allowance of a finished edge: none'
            : 'allowance this construction takes',
          use.allowance === 'none' ? 0 : garment.pattern.seamAllowanceMm,
          'mm',
          'T',
        );
  const add = book.work(`${id}.add`, {
    label: 'to add before cutting',
    unit: 'mm',
    mark: 'D',
    formula: 'wanted - drawn',
    terms: { wanted, drawn },
  });
  if (Math.abs(add.value) < SAME_MM) return {};
  const turn = turnOf(edge, choice?.measured);
  const grows =
    turn === 0
      ? undefined
      : book.work(`${id}.grows`, {
          label: 'the opening grows by, where nothing is added',
          unit: 'mm',
          mark: 'D',
          formula: 'turn * add',
          terms: { turn: leaf('total turn of the edge', turn, 'rad', 'D'), add },
        });
  return {
    allowance: {
      wanted: wanted.id,
      drawn: drawn.id,
      add: add.id,
      ...(grows ? { grows: grows.id } : {}),
    },
  };
}

/** The usual stretch of a lettuce edge as it is overcast, as a share of what may be used (common practice, no source). */
const RIPPLE_SHARE = 0.5;

/** How a lettuce edge ripples: as much as it is stretched under the needle, within what the cloth has that way. */
export function ripplePlan({ book, facts, edge, outer }: EdgeInputs, use: EdgeUse): Pick<EdgePlan, 'ripple'> {
  if (!use.ripples || !outer) return {};
  const id = `edge.${edge.id}.ripple`;
  const share = leaf('share of its stretch that may be used while sewing', LIMITS.sewn, 'share', 'T');
  const most = (way: 'across' | 'along') => {
    const S = outer[way]?.stretch;
    return (
      S &&
      book.work(`${id}.most.${way}`, {
        label: `most it may be stretched, ${way}`,
        unit: 'share',
        mark: 'T',
        formula: 'limit * S',
        terms: { limit: share, S },
      })
    );
  };
  const [across, along] = [most('across'), most('along')];
  const greatest = outer.around === 'along' ? along : across;
  if (!greatest) return {};
  const chosen = facts.garment.edges?.[edge.id]?.rippleShare;
  const sewnAt =
    chosen === undefined
      ? book.work(`${id}.sewnAt`, {
          label: 'stretched while it is overcast',
          unit: 'share',
          mark: 'T',
          formula: 'most * part',
          terms: { most: greatest, part: leaf('a usual part of that', RIPPLE_SHARE, 'ratio', 'T') },
        })
      : book.given(`${id}.sewnAt`, 'stretched while it is overcast', chosen, 'share', 'chosen');
  const fullness = (way: 'across' | 'along', limit: Explained | undefined) =>
    limit &&
    book.work(`${id}.fullness.${way}`, {
      label: `edge for each length of cloth, where it runs ${way}`,
      unit: 'ratio',
      mark: 'D',
      note: 'The stitches keep the length the edge had under the needle.',
      formula: 'min(s, most) + 1',
      terms: { s: sewnAt, most: limit },
    });
  const [fullAcross, fullAlong] = [fullness('across', across), fullness('along', along)];
  const less = across && along && (across.value <= along.value ? 'across the cloth' : 'along the selvedge');
  return {
    ripple: {
      sewnAt: sewnAt.id,
      ...(across ? { across: across.id } : {}),
      ...(along ? { along: along.id } : {}),
      ...(fullAcross ? { fullnessAcross: fullAcross.id } : {}),
      ...(fullAlong ? { fullnessAlong: fullAlong.id } : {}),
      least: less
        ? say`It ripples least where the edge runs ${less}: there the cloth gives least.`
        : say`Pull a swatch the other way too: then it is known where it ripples least.`,
    },
  };
}

/** A fuller edge gathered onto this one's seamline, or onto the finished waistband that is its edge. */
export function gathersPlan(
  { book, facts, edge, length }: EdgeInputs,
  use: EdgeUse,
  strips: readonly StripPlan[],
): Pick<EdgePlan, 'gathers'> {
  const choice = facts.garment.edges?.[edge.id];
  const before = choice?.gatheredFromMm;
  const [strip] = strips;
  const after = use.gathersOntoStrip && strip ? getNumber(book.numbers, strip.sewn) : length;
  if (before === undefined || !after) return {};
  const id = `edge.${edge.id}.gathers`;
  const where = choice?.gatheredAt ?? 'evenly';
  const terms = {
    before: book.given(`${id}.before`, 'edge before gathering', before, 'mm', 'measured'),
    after,
  };
  return {
    gathers: {
      before: terms.before.id,
      after: after.id,
      where,
      ratio: book.work(`${id}.ratio`, {
        label: 'gathered, for each length after',
        unit: 'ratio',
        mark: 'D',
        formula: 'before / after',
        terms,
      }).id,
      each: book.work(`${id}.each`, {
        label: where === 'evenly' ? 'taken up all round' : 'taken up under each bust',
        unit: 'mm',
        mark: 'D',
        formula: '(before - after) / places',
        terms: { ...terms, places: leaf('places', where === 'evenly' ? 1 : 2, 'count', 'chosen') },
      }).id,
    },
  };
}

/** A hem: how deep it is turned, and the edge it makes. */
export function hemPlan({ book, facts, edge, length }: EdgeInputs, use: EdgeUse): Pick<EdgePlan, 'hem'> {
  if (!use.turnsUp) return {};
  const { pattern } = facts.garment;
  const depth = book.given(
    `edge.${edge.id}.hem`,
    `${edge.label.toLowerCase()}, turned up`,
    pattern[hemFieldOf(edge)],
    'mm',
    'chosen',
  );
  return { hem: { depth: depth.id, ...(length ? { seamline: length.id } : {}) } };
}

/** Lengthwise stretch of a top once its band draws it down, until it is measured (estimate, unchecked). */
const USUAL_LENGTHWISE = 0.05;

/** How far an extra strap comes down once the band draws it: length × lengthwise extension (T). */
export function dropPlan(
  { book, facts, edge }: EdgeInputs,
  use: EdgeUse,
  strips: readonly StripPlan[],
): Pick<EdgePlan, 'drop'> {
  const strip = strips[0];
  if (!use.comesDown || !strip) return {};
  const own = facts.garment.edges?.[edge.id]?.lengthwise;
  return {
    drop: book.work(`edge.${edge.id}.drop`, {
      label: 'comes down, once the band draws it',
      unit: 'mm',
      mark: 'T',
      formula: 'B * e',
      terms: {
        B: getNumber(book.numbers, strip.sewn),
        e: leaf(
          'stretches lengthwise once worn',
          own ?? USUAL_LENGTHWISE,
          'share',
          own === undefined ? 'default' : 'measured',
        ),
      },
    }).id,
  };
}

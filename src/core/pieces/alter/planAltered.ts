import type { Explained, NumberId, Phrase } from '../../explain/explained';
import { getNumber, leaf, say, type Ledger } from '../../explain/ledger';
import { createMemory } from '../../explain/remember';
import { stage, type SeenBy } from '../../explain/stage';
import type { Alteration, AlterationKind } from '../../facts/alteration';
import type { ZoneId } from '../../facts/garment';
import type { GarmentKind, Zone } from '../../fit/garmentKind';
import { edgesBeside } from '../../fit/pieceShape';
import { LEAST_CHANGE_MM } from '../../fit/size';
import type { SizePlan, ZonePlan } from '../../fit/types';
import { girthMm, girthParts, liesOn } from '../girth';
import { outlinesAt, type DrawnPieces } from '../planOutlines';
import type { Outlines } from '../outline';
import { alterOutlines, type AlterationEffect, type Wanted } from './alter';
import type { ByZone, ZoneChange } from './girths';

/** One alteration of the garment’s list, as the plan makes it. */
export interface AlterationPlan {
  readonly id: string;
  readonly label: string;
  readonly off: boolean;
  /** What it does, a line for each place, and on which pieces. */
  readonly does: readonly { readonly says: Phrase; readonly pieces: readonly string[] }[];
  /** Ids of the pieces that it changes. */
  readonly pieces: readonly string[];
  /** Why it is left out, and what to do. */
  readonly fault?: string;
}

/** The pieces as they are to be cut: the outlines as drawn, with the garment’s alterations made. */
export interface AlteredPieces {
  readonly outlines: Outlines;
  readonly alterations: readonly AlterationPlan[];
  /** Girths of the outlines as drawn, of the zones that alterations may have changed. */
  readonly drawnGirths: Readonly<Record<ZoneId, NumberId>>;
}

const alteredSees = { records: ['pattern'], garment: ['alterations', 'pattern'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof alteredSees>;
  readonly kind: GarmentKind;
  readonly drawn: DrawnPieces;
  readonly zones: readonly ZonePlan[];
  /** Which size the fit advises, by zone; absent without a size table. */
  readonly size: SizePlan | undefined;
}

const recallDrawn = createMemory<AlteredPieces>();

export const planAltered = stage(alteredSees, (inputs: Inputs): AlteredPieces => {
  const { facts, drawn } = inputs;
  const alterations = facts.garment.alterations ?? [];
  if (alterations.length === 0 || Object.keys(drawn.outlines).length === 0)
    return recallDrawn([drawn], () => ({
      outlines: drawn.outlines,
      alterations: [],
      drawnGirths: {},
    }));
  return workAltered(inputs, alterations);
});

function workAltered(inputs: Inputs, alterations: readonly Alteration[]): AlteredPieces {
  const { book, kind, drawn } = inputs;
  const girths = new Map(
    kind.zones.flatMap((zone) => {
      const parts = girthParts(kind, drawn.outlines, zone);
      return parts ? [[zone.id, drawnGirth(book, zone, girthMm(parts))] as const] : [];
    }),
  );
  const targets = new Map(
    kind.zones.flatMap((zone) => {
      const girth = girths.get(zone.id);
      const target = girth && targetOf(inputs, zone, girth);
      return target ? [[zone.id, target] as const] : [];
    }),
  );
  const { outlines, effects } = alterOutlines(kind, drawn.outlines, alterations, wantedOf(inputs, targets));
  return {
    outlines,
    alterations: effects.map((effect) => alterationPlan(inputs, effect, targets)),
    drawnGirths: Object.fromEntries([...girths].map(([zone, { id }]) => [zone, id])),
  };
}

const drawnGirth = (book: Ledger, { id, label }: Zone, mm: number): Explained =>
  book.given(
    `fit.${id}.drawn`,
    `pattern at the ${label.toLowerCase()}, as drawn`,
    mm,
    'mm',
    'measured',
    'Measured on the outlines before any alteration.',
  );

/** What the outlines are to measure at a zone: its girth at rest; where a tape said otherwise than the outline, as much off that. */
function targetOf(
  { book, facts, zones }: Inputs,
  { id, label }: Zone,
  drawn: Explained,
): Explained | undefined {
  const plan = zones.find(({ zone }) => zone === id);
  if (!plan) return undefined;
  const rest = getNumber(book.numbers, plan.rest);
  const typed = facts.garment.pattern.finished[id];
  if (typed === undefined) return rest;
  return book.work(`fit.${id}.drawnTo`, {
    label: `outlines at the ${label.toLowerCase()}, once altered`,
    unit: 'mm',
    mark: 'D',
    note: 'The pattern’s girth was typed: the outlines change by as much as that has to.',
    formula: 'rest - typed + drawn',
    terms: { rest, typed: leaf('pattern, finished, as typed', typed, 'mm', 'measured'), drawn },
  });
}

function wantedOf(inputs: Inputs, targets: ReadonlyMap<ZoneId, Explained>): Wanted {
  const around = inputs.kind.zones.filter(({ axis, id }) => axis === 'around' && targets.has(id));
  const along = easeAlong(inputs)?.value;
  return {
    girths: Object.fromEntries(around.map(({ id }) => [id, targets.get(id)?.value ?? 0])),
    ...(inputs.facts.garment.alterations?.some(({ bySizes }) => bySizes)
      ? { bySizes: girthsBySizes(inputs) }
      : {}),
    ...(along === undefined ? {} : { along }),
  };
}

/** The girth at each zone of the size that is nearest there, where that has outlines, or is drawn between two that have. */
function girthsBySizes({ kind, facts, size }: Inputs): ByZone {
  return Object.fromEntries(
    (size?.zones ?? []).flatMap(({ zone: id, nearest }) => {
      const zone = kind.zones.find((one) => one.id === id);
      const parts = zone && girthParts(kind, outlinesAt(kind, facts, nearest).outlines, zone);
      return parts && zone.axis === 'around' ? [[id, girthMm(parts)]] : [];
    }),
  );
}

/** How much smaller than the body the plan is lengthwise, where it has a zone that tells; nothing where it is not smaller. */
function easeAlong({ book, zones }: Pick<Inputs, 'book' | 'zones'>): Explained | undefined {
  const zone = zones.find(({ axis }) => axis === 'along');
  const ease = zone && getNumber(book.numbers, zone.negativeEase);
  return ease && ease.value > 0 ? ease : undefined;
}

function alterationPlan(
  inputs: Inputs,
  effect: AlterationEffect,
  targets: ReadonlyMap<ZoneId, Explained>,
): AlterationPlan {
  const { alteration, before, after, fault } = effect;
  const pieces = Object.keys(after).filter((id) => after[id] !== before[id]);
  return {
    id: alteration.id,
    label: labelOf(inputs.kind, alteration),
    off: alteration.off ?? false,
    does: fault === undefined && !alteration.off ? doneBy(inputs, effect, targets, pieces) : [],
    pieces,
    ...(fault === undefined ? {} : { fault }),
  };
}

/** What an alteration is called: by its own name, else by what it does. */
function labelOf(kind: GarmentKind, one: Alteration): string {
  if (one.name) return one.name;
  const zone = kind.zones.find(({ id }) => id === one.zone)?.label.toLowerCase() ?? 'a line';
  switch (one.change) {
    case 'girths':
      if (one.bySizes) return 'Graded between sizes';
      return one.zones ? 'Girths of your own' : 'Girths to this plan';
    case 'length':
      return `${(one.byMm ?? 0) < 0 ? 'Shorter' : 'Longer'} near the ${zone}`;
    case 'seat':
      return (one.byMm ?? 0) < 0 ? 'Flatter seat' : 'Deeper seat';
    case 'along':
      return one.share === undefined ? 'Lengthwise, by the plan’s ease' : 'Along the body';
    case 'edge': {
      const shape = kind.shapes.find(({ id }) => id === one.piece);
      const edge = shape?.edges.find(({ id }) => id === one.edge);
      return shape && edge ? `${shape.label}, ${edge.label}` : 'An edge redrawn';
    }
    case 'smooth':
      return `${kind.sewn.find(({ id }) => id === one.seam)?.label ?? 'A seam'}, run on smoothly`;
  }
}

function doneBy(
  inputs: Inputs,
  effect: AlterationEffect,
  targets: ReadonlyMap<ZoneId, Explained>,
  pieces: readonly string[],
): AlterationPlan['does'] {
  const { alteration, zones } = effect;
  if (alteration.change !== 'girths')
    return saidOf(inputs, { ...alteration, change: alteration.change }, effect).map((says) => ({
      says,
      pieces,
    }));
  const wanted = alteration.zones || alteration.bySizes ? undefined : targets;
  return zones.map((change) => girthDone(inputs, `alter.${alteration.id}`, change, wanted));
}

function saidOf(
  inputs: Pick<Inputs, 'book' | 'kind' | 'zones'>,
  alteration: Alteration & { readonly change: Exclude<AlterationKind, 'girths'> },
  { share, smoothed = [] }: AlterationEffect,
): readonly Phrase[] {
  const { book, kind } = inputs;
  const at = `alter.${alteration.id}`;
  const chosen = (id: string, label: string, mm: number) =>
    book.given(`${at}.${id}`, label, Math.abs(mm), 'mm', 'chosen');
  const { byMm = 0, startMm = 0, middleMm = 0, endMm = 0 } = alteration;
  switch (alteration.change) {
    case 'length': {
      const zone = kind.zones.find(({ id }) => id === alteration.zone)?.label.toLowerCase() ?? '';
      const by = chosen('by', 'change in length', byMm);
      return [say`${by} ${byMm < 0 ? 'shorter' : 'longer'} near the ${zone}`];
    }
    case 'seat': {
      const by = chosen('by', 'change of the seat', byMm);
      return [say`seat ${by} ${byMm < 0 ? 'less' : 'more'} at its middle, running out at the side`];
    }
    case 'along': {
      const own = alteration.share === undefined ? easeAlong(inputs) : undefined;
      const label = 'change in length, of the whole';
      const by = own ?? book.given(`${at}.share`, label, Math.abs(share ?? 0), 'share', 'chosen');
      return [say`${by} ${(share ?? 0) < 0 ? 'longer' : 'shorter'} from top to bottom`];
    }
    case 'edge': {
      const shape = kind.shapes.find(({ id }) => id === alteration.piece);
      const nth = shape?.edges.findIndex(({ id }) => id === alteration.edge) ?? -1;
      if (!shape || nth === -1) return [];
      const edge = shape.edges[nth]?.label ?? '';
      const [start, end] = edgesBeside(shape, nth);
      const parts = [
        ['start', `at the ${start.label}`, startMm],
        ['middle', 'at its middle', middleMm],
        ['end', `at the ${end.label}`, endMm],
      ] as const;
      return parts.flatMap(([id, where, mm]) =>
        mm === 0
          ? []
          : [say`${edge} ${chosen(id, `change ${where}`, mm)} further ${mm < 0 ? 'out' : 'in'} ${where}`],
      );
    }
    case 'smooth':
      return smoothed.map(({ at: where, kinkRad }, nth) => {
        const kink = book.given(
          `${at}.kink${nth + 1}`,
          `kink of the ${where}`,
          Math.abs(kinkRad),
          'rad',
          'D',
        );
        return say`${where}: a kink of ${kink} taken out where the two pieces meet`;
      });
  }
}

/** An edge that moves by less is not worth a line at the cutting table. */
const LEAST_SAID_MM = LEAST_CHANGE_MM / 2;

function girthDone(
  { book, kind }: Pick<Inputs, 'book' | 'kind'>,
  alteration: string,
  { zone, fromMm, toMm, edges }: ZoneChange,
  targets: ReadonlyMap<ZoneId, Explained> | undefined,
): AlterationPlan['does'][number] {
  const label = kind.zones.find(({ id }) => id === zone)?.label ?? zone;
  const at = `${alteration}.${zone}`;
  const lower = label.toLowerCase();
  const by = book.work(`${at}.each`, {
    label: `${lower}: each seam edge moves by`,
    unit: 'mm',
    mark: 'D',
    formula: 'abs(p - g) / edges',
    terms: {
      p: book.given(`${at}.from`, `outlines at the ${lower}, before`, fromMm, 'mm', 'measured'),
      g:
        targets?.get(zone) ??
        book.given(`${at}.to`, `outlines at the ${lower}, wanted`, toMm, 'mm', 'chosen'),
      edges: leaf('seam edges that move', edges, 'count', 'D'),
    },
  });
  if (by.value < LEAST_SAID_MM) return { says: say`${label}: stays as it is`, pieces: [] };
  return {
    says: say`${label}: each side edge ${by} further ${fromMm > toMm ? 'in' : 'out'}`,
    pieces: kind.shapes.filter((shape) => liesOn(shape, zone)).map(({ id }) => id),
  };
}

import type { ClothReading } from '../cloth/readCloth';
import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { Cut, Garment } from '../facts/garment';
import type { GarmentKind, Piece } from '../garments/garmentKind';
import { planTape } from './tape';
import type { GarmentFacts, NeckbandPlan, TapeLength, TicketGroup, TicketRow, ZonePlan } from './types';

/** As cut and as planned differ when they are further apart than any tape rounds, mm (D: half of ⅛ in). */
const CHANGED_FROM_MM = 2;

interface Inputs {
  readonly book: Ledger;
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly zones: readonly ZonePlan[];
  readonly neckband: NeckbandPlan | undefined;
  /** What goes round the body: the outer cloth, or the layers together. */
  readonly cloth: ClothReading | undefined;
}

/** Every piece and length to cut, in cutting order, grouped by material. What is cut stays as cut. */
export function planTicket(inputs: Inputs): readonly TicketGroup[] {
  const { facts, kind, neckband } = inputs;
  const { garment, outer, lining, band } = facts;
  const named = (cloth: { readonly name: string } | undefined, otherwise: string): Phrase =>
    cloth ? [{ name: cloth.name }] : [otherwise];
  const rows = (role: Piece['cloth']) =>
    kind.pieces.filter((piece) => piece.cloth === role).map((piece) => pieceRow(inputs, piece));
  const bands = [...(neckband ? [bandRow(inputs, neckband)] : []), ...rows('band')];
  const groups: readonly TicketGroup[] = [
    {
      role: 'outer',
      material: named(outer, 'cloth not chosen'),
      notes: outerNotes(inputs),
      rows: rows('outer'),
    },
    { role: 'lining', material: named(lining, 'lining not chosen'), notes: [], rows: rows('lining') },
    { role: 'band', material: named(band, 'band cloth not chosen'), notes: [], rows: bands },
    ...stayGroup(inputs, garment),
  ];
  return groups.filter((group) => group.rows.length > 0);
}

function stayGroup(inputs: Inputs, { stay, pattern }: Garment): readonly TicketGroup[] {
  const stayed = inputs.kind.edges.some(({ finish }) => finish === 'stay');
  if (!stayed || stay === 'none' || pattern.shoulderMm === undefined) return [];
  return [
    {
      role: 'stay',
      material: say`${stayNames[stay]}`,
      notes: [say`laid on at rest`],
      rows: stayRows(inputs, pattern.shoulderMm),
    },
  ];
}

/** Both are the usual narrow width; the drawer decides. */
export const stayNames = { 'clear-elastic': 'Clear elastic', 'knit-tape': 'Knit tape' } as const;

/** The girths the pieces make together, and the way the cloth lies. */
function outerNotes({ book, zones, cloth }: Inputs): Phrase[] {
  const girths = zones
    .filter(({ axis }) => axis === 'around')
    .map((zone) => say`${zone.label.toLowerCase()} ${book.numbers[zone.rest] as Explained}`);
  const makes: Phrase[] =
    girths.length === 0
      ? []
      : [
          girths
            .reduce((all, one) => [...all, ...one, '; '], ['all round, finished: '] as Phrase)
            .slice(0, -1),
        ];
  if (!cloth?.around) return makes;
  const direction =
    cloth.around === 'along'
      ? say`greatest stretch, along the selvedge, goes around`
      : say`greatest stretch, across, goes around`;
  return [...makes, direction];
}

function pieceRow(inputs: Inputs, piece: Piece): TicketRow {
  const { book, zones, facts } = inputs;
  const changes = zones
    .filter((zone) => piece.zones.includes(zone.zone))
    .flatMap((zone) => (zone.pattern ? [zone.pattern.advice] : []));
  return {
    id: piece.id,
    label: piece.label,
    count: book.given(
      `ticket.${piece.id}.count`,
      `${piece.label.toLowerCase()}, pieces`,
      piece.count ?? 1,
      'count',
      'D',
    ).id,
    details: changes,
    ...cutOf(inputs, piece.id, facts.garment.cuts[piece.id], undefined, undefined),
  };
}

function bandRow(inputs: Inputs, neckband: NeckbandPlan): TicketRow {
  const { book, facts } = inputs;
  const { direction, join } = facts.garment.neckband;
  return {
    id: 'neckband',
    label: 'Neckband',
    count: book.given('ticket.neckband.count', 'neckband, pieces', 1, 'count', 'D').id,
    length: neckband.cutLength,
    width: neckband.cutWidth,
    details: [
      say`length runs ${direction === 'across' ? 'across the cloth' : 'along the selvedge'}`,
      say`join at ${join === 'centre-back' ? 'centre back' : 'the left shoulder'}`,
    ],
    ...cutOf(inputs, 'neckband', facts.garment.cuts.neckband, neckband.cutLength, neckband.cutWidth),
  };
}

function stayRows(inputs: Inputs, shoulderMm: number): TicketRow[] {
  const { book, facts } = inputs;
  const exact = book.work('stay.length', {
    label: 'shoulder stay',
    unit: 'mm',
    mark: 'T',
    note: 'As long as the pattern’s shoulder, not the cut cloth’s.',
    formula: 'shoulder * ratio',
    terms: {
      shoulder: leaf('the pattern’s shoulder seam', shoulderMm, 'mm', 'measured'),
      ratio: leaf('laid on at rest', 1, 'ratio', 'T'),
    },
    by: (v) => v.shoulder * v.ratio,
  });
  const length = planTape(book, 'stay.length', exact);
  return (['left', 'right'] as const).map((side) => ({
    id: `stay-${side}`,
    label: `Shoulder, ${side}`,
    count: book.given(`ticket.stay-${side}.count`, `shoulder stay, ${side}, pieces`, 1, 'count', 'D').id,
    length,
    details: [],
    ...cutOf(inputs, `stay-${side}`, facts.garment.cuts[`stay-${side}`], length, undefined),
  }));
}

/** What was really cut, and how the plan has moved away from it since. */
function cutOf(
  { book }: Inputs,
  id: string,
  cut: Cut | undefined,
  length: TapeLength | undefined,
  width: TapeLength | undefined,
): Pick<TicketRow, 'cut'> {
  if (!cut) return {};
  const asCut = (what: 'length' | 'width', mm: number | undefined, plan: TapeLength | undefined) => {
    if (mm === undefined || !plan) return undefined;
    const entry = book.given(`ticket.${id}.${what}`, `${what} as cut`, mm, 'mm', 'own record');
    const planned = book.numbers[plan.exact] as Explained;
    const short = mm < planned.value;
    const by = book.work(`ticket.${id}.${what}.changed`, {
      label: `${what} as cut against the plan now`,
      unit: 'mm',
      mark: 'D',
      formula: 'abs(cut - plan)',
      terms: { cut: entry, plan: planned },
      by: (v) => Math.abs(v.cut - v.plan),
    });
    const changed =
      by.value > CHANGED_FROM_MM
        ? say`as cut it is ${by} ${what === 'length' ? (short ? 'shorter' : 'longer') : short ? 'narrower' : 'wider'} than the plan now`
        : undefined;
    return { entry, changed };
  };
  const cutLength = asCut('length', cut.lengthMm, length);
  const cutWidth = asCut('width', cut.widthMm, width);
  const changed = [cutLength?.changed, cutWidth?.changed].filter((one) => one !== undefined);
  return {
    cut: {
      on: cut.cutOn,
      ...(cutLength ? { length: cutLength.entry.id } : {}),
      ...(cutWidth ? { width: cutWidth.entry.id } : {}),
      ...(changed.length > 0
        ? { changed: changed.flatMap((one, at) => (at === 0 ? one : ['; ', ...one])) }
        : {}),
    },
  };
}

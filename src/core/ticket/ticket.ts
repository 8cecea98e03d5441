import type { Phrase } from '../explain/explained';
import { getNumber, say } from '../explain/ledger';
import { stage } from '../explain/stage';
import type { Piece } from '../fit/garmentKind';
import { LEAST_CHANGE_MM } from '../fit/size';
import { elasticGroups, findingGroups } from './ticketRolls';
import { girthNow, girthsAsCut } from './frozenLengths';
import { CHANGED_FROM_MM, cutOf, stripDetails, stripRow, ticketSees, type TicketInputs } from './ticketRow';
import type { TicketGroup, TicketRow } from './types';

/** Every piece and length to cut, in cutting order, grouped by material. What is cut stays as cut. */
export const planTicket = stage(ticketSees, workTicket);

function workTicket(inputs: TicketInputs): readonly TicketGroup[] {
  const { facts, kind } = inputs;
  const { outer, lining, band } = facts;
  const named = (cloth: { readonly name: string } | undefined, otherwise: string): Phrase =>
    cloth ? [{ name: cloth.name }] : [otherwise];
  const rows = (role: Piece['cloth']) => [
    ...kind.pieces.filter((piece) => piece.cloth === role).map((piece) => pieceRow(inputs, piece)),
    ...looseRows(inputs, role),
  ];
  const cloth = (role: Piece['cloth'], material: Phrase, notes: readonly Phrase[], found: TicketRow[]) => ({
    id: role,
    role,
    material,
    notes,
    rows: found,
  });
  const groups: readonly TicketGroup[] = [
    {
      ...cloth('outer', named(outer, 'cloth not chosen'), outerNotes(inputs), rows('outer')),
      ...outerLies(inputs),
    },
    cloth('lining', named(lining, 'lining not chosen'), [], rows('lining')),
    cloth('band', named(band, 'band cloth not chosen'), [], rows('band')),
    ...elasticGroups(inputs),
    ...findingGroups(inputs),
  ];
  return groups.filter((group) => group.rows.length > 0);
}

/** Cloth strips that are no piece of the kind: an edge that is finished otherwise than usual. */
function looseRows(inputs: TicketInputs, role: Piece['cloth']): TicketRow[] {
  const { edges, kind, facts } = inputs;
  const pieces = new Set(kind.pieces.map(({ id }) => id));
  return edges.flatMap((edge) =>
    edge.strips
      .filter(({ of }) => of === role)
      .filter(
        () => edge.finish !== 'facing' || kind.made || facts.garment.edges?.[edge.id]?.use !== undefined,
      )
      .flatMap((strip) =>
        strip.rows.filter((row) => !pieces.has(row)).map((row) => stripRow(inputs, edge, strip, row)),
      ),
  );
}

/** The pattern's size and the girths the pieces make together. */
function outerNotes(inputs: TicketInputs): Phrase[] {
  const { book, zones, size, facts } = inputs;
  const named =
    facts.pattern && size ? [say`${{ name: facts.pattern.name }}, size ${{ name: size.label }}`] : [];
  const girths = zones
    .filter(({ axis }) => axis === 'around')
    .map((zone) => say`${zone.label.toLowerCase()} ${getNumber(book.numbers, zone.rest)}`);
  return [...named, ...listed('all round, finished: ', girths), ...movedSince(inputs)];
}

/** Phrases behind some words, as one line; no line where there are none. */
const listed = (words: string, all: readonly Phrase[]): Phrase[] =>
  all.length === 0 ? [] : [all.reduce((so, one) => [...so, ...one, '; '], [words] as Phrase).slice(0, -1)];

/** How large it was cut, where the plan has moved since: another body, another choice. */
function movedSince({ book, zones, pieces, facts }: TicketInputs): Phrase[] {
  const asCutMm = girthsAsCut(facts.garment.cuts);
  const moved = zones.flatMap((one): Phrase[] => {
    const { zone, label } = one;
    const mm = asCutMm[zone];
    const now = getNumber(book.numbers, girthNow(pieces, one)).value;
    if (mm === undefined || Math.abs(mm - now) <= CHANGED_FROM_MM) return [];
    const asCut = book.given(`ticket.${zone}.asCut`, `${label.toLowerCase()} as cut`, mm, 'mm', 'own record');
    return [say`${label.toLowerCase()} ${asCut}`];
  });
  return listed('as it was cut, before the plan moved: ', moved);
}

/** The way the cloth lies, where its stretch is known. */
function outerLies({ cloth }: TicketInputs): { readonly lies?: Phrase } {
  if (!cloth?.around) return {};
  return {
    lies:
      cloth.around === 'along'
        ? say`greatest stretch, along the selvedge, goes around`
        : say`greatest stretch, across, goes around`,
  };
}

/** What was done to the outline of a piece, so that who cuts it by the paper knows: its alterations, and its notches. */
function outlineLines(
  { kind, pieces }: TicketInputs,
  { id }: Piece,
): { altered: Phrase[]; notches: Phrase[] } {
  const shape = kind.shapes.find(({ pieces: ids, also }) => ids.includes(id) || also?.includes(id));
  const notches = pieces.pieces.find((one) => one.id === shape?.id)?.notches ?? [];
  return {
    altered: pieces.alterations
      .flatMap(({ does }) => does)
      .filter(({ pieces: on }) => shape && on.includes(shape.id))
      .map(({ says }) => say`altered: ${says}`),
    notches: [...notches],
  };
}

function pieceRow(inputs: TicketInputs, piece: Piece): TicketRow {
  const { book, zones, facts } = inputs;
  const edge = inputs.edges.find(({ strips }) => strips.some(({ rows }) => rows.includes(piece.id)));
  const strip = edge?.strips.find((one) => one.rows.includes(piece.id));
  const { altered, notches } = strip ? { altered: [], notches: [] } : outlineLines(inputs, piece);
  const changes = strip
    ? []
    : zones
        .filter((zone) => piece.zones.includes(zone.zone))
        .flatMap(({ pattern }) => {
          const off = pattern && getNumber(book.numbers, pattern.perSeamEdge).value >= LEAST_CHANGE_MM;
          return pattern && (off || altered.length === 0) ? [pattern.advice] : [];
        });
  return {
    id: piece.id,
    label: piece.label,
    count:
      strip?.parts ??
      book.given(
        `ticket.${piece.id}.count`,
        `${piece.label.toLowerCase()}, pieces`,
        piece.count ?? 1,
        'count',
        'chosen',
      ).id,
    ...(strip ? { length: strip.cutLength } : {}),
    ...(strip?.cutWidth ? { width: strip.cutWidth } : {}),
    details: edge && strip ? stripDetails(inputs, edge, strip) : [...altered, ...changes, ...notches],
    ...cutOf(inputs, piece.id, facts.garment.cuts[piece.id], strip?.cutLength, strip?.cutWidth),
  };
}

import type { ClothReading } from '../cloth/reading';
import type { Explained } from '../explain/explained';
import { getNumber, leaf, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { passingExtension } from '../fit/ease';
import { LIMITS } from '../fit/limits';
import { isAtLeastMm, isAtLeastShare } from '../units/tolerance';
import { PASSED_BY_THE_WAY, hasClosure, type GarmentKind, type Opening } from '../fit/garmentKind';
import type { Body } from '../explain/body';
import type { EdgePlan, OpeningPart, OpeningPlan } from '../edges/types';
import type { ZonePlan } from '../fit/types';

const openingsSee = { records: [], garment: ['closures', 'pattern'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof openingsSee>;
  readonly kind: GarmentKind;
  /** The body with marked defaults for what was not measured. */
  readonly passes: Body;
  readonly cloth: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
}

/** Every closed opening of the garment against what it passes: cloth and band must follow; its stitches come after. */
export const planOpenings = stage(openingsSee, workOpenings);

function workOpenings(inputs: Inputs): readonly OpeningPlan[] {
  const { book, cloth, kind, facts } = inputs;
  const gives = clothGives(book, 'pullOn.cloth', 'what the cloth gives for a moment', cloth);
  if (!gives) return [];
  const own: Part = { kind: 'cloth', label: 'cloth', gives };
  return kind.openings
    .filter((opening) => !hasClosure(opening, facts.garment))
    .flatMap((opening) => planOpening(inputs, opening, own) ?? []);
}

interface Part {
  readonly kind: OpeningPart['kind'];
  readonly label: string;
  readonly gives: Explained;
  /** What this part must reach, and its length at rest, where it is not the opening itself that is stretched. */
  readonly needs?: Explained;
  readonly rest?: Explained;
}

/** Whether a ring of that length reaches over what passes it: exactly as long as its limit is long enough. */
const reaches = (rest: Explained, passes: Explained, gives: Explained): boolean =>
  isAtLeastMm(rest.value, passes.value / (1 + gives.value)) ||
  isAtLeastShare(gives.value, passingExtension(passes.value, rest.value));

/** What a cloth gives around for a moment; `undefined` where it was not tested. */
function clothGives(
  book: Ledger,
  id: string,
  label: string,
  cloth: ClothReading | undefined,
): Explained | undefined {
  const stretch = cloth?.around && cloth[cloth.around]?.stretch;
  if (!stretch) return undefined;
  return book.work(id, {
    label,
    unit: 'share',
    mark: 'T',
    formula: 'limit * S',
    terms: {
      limit: leaf('share of the stretch usable for a moment', LIMITS.pulledOn, 'share', 'T'),
      S: stretch,
    },
  });
}

function planOpening(inputs: Inputs, opening: Opening, cloth: Part): OpeningPlan | undefined {
  const { book, passes } = inputs;
  const widest = passes[opening.passes];
  const rest = restOf(inputs, opening);
  if (!widest || !rest) return undefined;
  const { id, label, passesWhat } = opening;
  const needs = passing(
    book,
    `pullOn.${id}`,
    `stretch the ${label.toLowerCase()} needs to pass ${passesWhat}`,
    widest,
    rest,
  );
  const sewnOn = stripParts(inputs, opening, widest, rest);
  const cloths = sewnOn.length > 0 && opening.easedOntoBand ? sewnOn : [cloth, ...sewnOn];
  const checked = cloths.map((part) => {
    const asked = part.needs ?? needs;
    return {
      kind: part.kind,
      label: part.label,
      needs: asked.id,
      gives: part.gives.id,
      ok: reaches(part.rest ?? rest, widest, part.gives),
    };
  });
  return {
    id,
    label,
    passesWhat,
    opening: rest.id,
    passes: widest.id,
    needs: needs.id,
    parts: checked,
    ok: checked.every((part) => part.ok),
  };
}

/** The opening at rest: its edge, or as large as a zone where it is not at its edge. */
function restOf(
  { book, kind, facts, edges, zones }: Inputs,
  { id, label, at, edge }: Opening,
): Explained | undefined {
  const ownZone = kind.edges.find((one) => one.id === edge)?.zone;
  if (typeof at === 'string' || at.zone === ownZone) {
    const length = edges.find((one) => one.id === edge)?.length;
    return length === undefined ? undefined : getNumber(book.numbers, length);
  }
  const kept = facts.garment.pattern.openings?.[id];
  if (kept !== undefined) {
    return book.given(`opening.${id}.rest`, `${label.toLowerCase()}, all round`, kept, 'mm', 'measured');
  }
  const zone = zones.find((one) => one.zone === at.zone);
  return zone && getNumber(book.numbers, zone.rest);
}

/** What it has to be once round, for a strip that lies along a part of its opening only: it stretches with all of it. */
const onceRound = (book: Ledger, id: string, rest: Explained, strip: Explained, on: Explained): Explained =>
  book.work(id, {
    label: 'opening as its strip would have it, all round',
    unit: 'mm',
    mark: 'D',
    formula: 'g * B / L',
    terms: { g: rest, B: strip, L: on },
  });

/** The bands and elastics along an opening: each must reach by its own length. */
function stripParts(
  { book, edges, kind }: Inputs,
  opening: Opening,
  widest: Explained,
  rest: Explained,
): Part[] {
  const get = (id: string) => getNumber(book.numbers, id);
  const edge = edges.find(({ id }) => id === opening.edge);
  if (!edge || opening.id === PASSED_BY_THE_WAY) return [];
  const open = kind.edges.find(({ id }) => id === opening.edge)?.open === true;
  return edge.strips.flatMap((strip, at) => {
    if (strip.of === 'outer' || strip.stretch === undefined) return [];
    const label = strip.of === 'elastic' ? 'elastic' : edge.finish;
    const words = `stretch the ${label} needs to go over ${opening.passesWhat}`;
    const id = `pullOn.${opening.id}.strip${at + 1}`;
    const sewn = get(strip.sewn);
    const ring = open ? onceRound(book, `${id}.round`, rest, sewn, get(strip.on)) : sewn;
    const needs = passing(book, id, words, widest, ring);
    return [{ kind: 'strip' as const, label, gives: get(strip.stretch), needs, rest: ring }];
  });
}

function passing(book: Ledger, id: string, label: string, passes: Explained, rest: Explained): Explained {
  return book.work(id, {
    label,
    unit: 'share',
    mark: 'D',
    formula: passingExtension.text,
    terms: { G: passes, g: rest },
  });
}

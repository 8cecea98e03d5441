import type { Explained, Phrase } from '../explain/explained';
import { createLedger, getNumber, leaf, say, type Ledger } from '../explain/ledger';
import type { Fitting, LikingScaleId, Outcome } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { MendId } from '../facts/mend';
import { usualKey, type Usual, type UsualLength } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import type { LearnedPlan } from '../learn/learned';
import { seamsThrough } from '../sewing/assembly/recipes';
import { isAtMostMm } from '../units/tolerance';
import { tryPlaces, type TryPlace } from './places';
import { planTried, type Answer, type TriedPlan } from './tried';
import type { WornPlan } from './wornAt';

/** Something that can be done in this garment: what it is, and the facts it sets. */
export interface NowProposal {
  readonly what: MendId;
  readonly sentence: Phrase;
  /** Why it cannot be done here; then there is only next time. */
  readonly cannot?: Phrase;
  readonly mend: { readonly at: string; readonly byMm?: number };
  /** A strip that is cut again: how long it was at the seamline, what comes off it, and its rows of the ticket. */
  readonly again?: { readonly wasMm: number; readonly offMm: number; readonly rows: readonly string[] };
}

/** A default that can be moved for this wearer: what is learned with this try-on in it. */
export type NextProposal = {
  readonly key: string;
  readonly sentence: Phrase;
  readonly learned: LearnedPlan;
} & ({ readonly of: 'zone'; readonly usual: Usual } | { readonly of: 'edge'; readonly usual: UsualLength });

export interface PlaceProposal {
  readonly place: TryPlace;
  readonly outcome: Outcome;
  readonly tried?: TriedPlan;
  readonly now: readonly NowProposal[];
  readonly next?: NextProposal;
}

export interface Proposals {
  readonly places: readonly PlaceProposal[];
  /** The numbers they speak of, beside those of the plan. */
  readonly numbers: Readonly<Record<string, Explained>>;
}

/** What must stay of an allowance beside a seam that is let out, mm (common practice, no source). */
const LEAST_ALLOWANCE_MM = 4;

/** What one round of trying on asks for, now and next time. */
export function proposalsOf(
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  fitting: Pick<Fitting, 'outcomes' | 'pinched' | 'measured'>,
): Proposals {
  const book = createLedger();
  const places = tryPlaces(plan, kind, garment).flatMap((place): PlaceProposal[] => {
    const outcome = fitting.outcomes[place.id];
    if (outcome === undefined) return [];
    const tried =
      place.worn && planTried(book, plan, place.worn, garment, answerAt(fitting, place.id, outcome));
    const next = nextTime(plan, garment, place);
    return [
      {
        place,
        outcome,
        ...(tried ? { tried } : {}),
        now: tried ? inThisOne(book, plan, kind, garment, place, tried) : [],
        ...(next ? { next } : {}),
      },
    ];
  });
  return { places, numbers: book.numbers };
}

/** What a change is said to be at: the zone, or the edge itself. */
export const mendPlace = ({ id, worn }: TryPlace): string => (worn?.of === 'edge' ? worn.edge.id : id);

/** What a try-on says of one place. */
export const answerAt = (
  { pinched, measured }: Pick<Fitting, 'pinched' | 'measured'>,
  place: string,
  outcome: Outcome,
): Answer => ({ outcome, pinchedMm: pinched?.[place], measuredMm: measured?.[place] });

function inThisOne(
  book: Ledger,
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  place: TryPlace,
  tried: TriedPlan,
): readonly NowProposal[] {
  const { worn } = place;
  if (!worn) return [];
  return worn.of === 'zone'
    ? atSeams(book, kind, garment, place, tried)
    : atStrip(plan, worn.edge.id, worn.strip.rows, tried);
}

/** A zone is taken in, or let out as far as its allowances go, at the seams that run along the body. */
function atSeams(
  book: Ledger,
  kind: GarmentKind,
  { pattern }: Garment,
  { id, label }: TryPlace,
  { by, guessed }: TriedPlan,
): readonly NowProposal[] {
  const zone = kind.zones.find((one) => one.id === id);
  const seams = zone && zone.axis === 'around' ? seamsThrough(kind.seams, id) : [];
  if (!zone || seams.length === 0) return [];
  const out = by.value < 0;
  const each = book.work(`${by.id}.each`, {
    label: out ? 'let out on each layer' : 'taken in on each layer',
    unit: 'mm',
    mark: 'D',
    formula: 'abs(by) / n',
    terms: { by, n: leaf('seam edges it is spread over', zone.seamEdges, 'count', 'D') },
  });
  const where = seams.map((seam) => seam.label.toLowerCase()).join(' and ');
  const about = guessed ? 'about ' : '';
  const mend = { at: id, byMm: Math.abs(by.value) };
  if (!out)
    return [
      {
        what: 'take-in',
        mend,
        sentence: say`${label}: take in ${about}${each} on each layer at the ${where}.`,
      },
    ];
  const most = book.work(`${by.id}.most`, {
    label: 'most that its allowance lets out',
    unit: 'mm',
    mark: 'T',
    formula: 'max(a - least, 0)',
    terms: {
      a: leaf('seam allowance', pattern.seamAllowanceMm, 'mm', 'measured'),
      least: leaf('what must stay beside the seam', LEAST_ALLOWANCE_MM, 'mm', 'T'),
    },
  });
  return [
    {
      what: 'let-out',
      mend,
      sentence: say`${label}: let out ${about}${each} on each layer at the ${where}, where the allowance was not trimmed.`,
      ...(isAtMostMm(each.value, most.value)
        ? {}
        : {
            cannot: say`It wants ${each} on each layer, and the allowance gives ${most}: for this one it is too late.`,
          }),
    },
  ];
}

/** A strip comes off, is cut anew and goes on again; or it is only spread anew, or the edge gets a stay. */
function atStrip(
  plan: WornPlan,
  edge: string,
  rows: readonly string[],
  { was, becomes, by, keeps, limit, side, guessed }: TriedPlan,
): readonly NowProposal[] {
  const about = guessed ? 'about ' : '';
  const longer = by.value < 0;
  const held = limit ? getNumber(plan.numbers, limit.id) : undefined;
  const again: NowProposal = {
    what: 'cut-again',
    mend: { at: edge, byMm: Math.abs(by.value) },
    again: { wasMm: was.value, offMm: by.value, rows },
    sentence: longer
      ? say`Unpick it, cut a new one, and sew that on: ${about}${becomes} at the seamline instead of ${was}.`
      : say`Unpick it, shorten it, join and mark it again: ${about}${becomes} at the seamline instead of ${was}.`,
    ...(keeps || !held
      ? {}
      : {
          cannot:
            side === 'short'
              ? say`${becomes} is under the shortest that works, ${held}.`
              : say`${becomes} is over the longest that works, ${held}.`,
        }),
  };
  const spread: NowProposal = {
    what: 'spread-again',
    mend: { at: edge },
    sentence: say`Where it lies unevenly and its length is right: unpick it, mark edge and strip in quarters again, and sew it on.`,
  };
  const stay: NowProposal = {
    what: 'stay',
    mend: { at: edge },
    sentence: say`Where the edge itself has grown: sew a stay into its allowance, as long as the edge was to be.`,
  };
  return longer ? [again] : [again, spread, stay];
}

/** What is learned of a place with all that was answered, where the plan has it as a school. */
function nextTime(
  { numbers }: WornPlan,
  garment: Garment,
  { id, label, worn }: TryPlace,
): NextProposal | undefined {
  if (!worn) return undefined;
  const get = (name: string) => getNumber(numbers, name);
  const { kind } = garment;
  const key = usualKey(kind, id);
  if (worn.of === 'zone') {
    const school = worn.zone.schools.find((one) => one.school === 'learned');
    if (!school?.learned) return undefined;
    const liked = get(school.learned.value);
    const looser = school.learned.scale === 'looser';
    return {
      of: 'zone',
      key,
      learned: school.learned,
      usual: { kind, zone: id, ...(looser ? { looser: kept(liked) } : { share: kept(liked) }) },
      sentence: looser
        ? say`${label}: ${get(school.rest)} all round, which is larger than the body by ${liked} of it.`
        : say`${label}: ${liked} of the stretch, in this cloth ${get(school.rest)} all round.`,
    };
  }
  const rule = worn.strip.rules.find((one) => one.id === 'learned');
  if (!rule?.learned) return undefined;
  const liked = get(rule.learned.value);
  const of = LIKED_OF[rule.learned.scale];
  const strip = worn.strip.label.toLowerCase();
  return {
    of: 'edge',
    key: usualKey(kind, worn.edge.id),
    learned: rule.learned,
    usual: { kind, edge: worn.edge.id, of, shorter: kept(liked) },
    sentence:
      of === 'curve'
        ? say`${label}: a ${strip} of ${get(rule.length)} on this edge, which takes off ${liked} of its curve.`
        : say`${label}: ${strip} of ${get(rule.length)} here, ${liked} under the ${of}.`,
  };
}

/** What a strip's usual length is a share of, by the scale it was learned on. */
const LIKED_OF: Readonly<Record<LikingScaleId, UsualLength['of']>> = {
  curve: 'curve',
  'under-body': 'body',
  'under-edge': 'edge',
  share: 'body',
  looser: 'body',
};

const kept = ({ value }: Explained): number => Number(value.toFixed(4));

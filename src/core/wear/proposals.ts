import type { Explained, Phrase } from '../explain/explained';
import { createLedger, getNumber, leaf, say, type Ledger } from '../explain/ledger';
import type { Fitting, LikingScaleId, Outcome } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { Mend, MendId } from '../facts/mend';
import { closenessKey, usualKey, type Usual, type UsualLength } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import type { LearnedAt } from '../learn/learned';
import { isRight } from '../learn/scales';
import { seamToTake } from '../sewing/assembly/recipes';
import { isAtMostMm } from '../units/tolerance';
import { edgeUses } from '../edges/elastics/uses';
import { tryPlaces, type TryPlace } from './places';
import { planTried, type Answer, type TriedPlan } from './tried';
import type { WornPlace, WornPlan } from './wornAt';

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
  readonly learned: LearnedAt;
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
    const next = nextTime(plan, garment, place, outcome);
    return [
      {
        place,
        outcome,
        ...(tried ? { tried } : {}),
        now: tried ? inThisOne(book, kind, garment, place, tried) : [],
        ...(next ? { next } : {}),
      },
    ];
  });
  return { places, numbers: book.numbers };
}

/** Whether a change was decided on for a place: what is done at a zone is not done at an edge that is called like it. */
export const isAt = ({ what, at }: Pick<Mend, 'what' | 'at'>, { worn }: TryPlace): boolean =>
  worn?.of === 'zone'
    ? at === worn.zone.zone && (what === 'take-in' || what === 'let-out')
    : at === worn?.edge.id && what !== 'take-in' && what !== 'let-out';

/** What a try-on says of one place. */
export const answerAt = (
  { pinched, measured }: Pick<Fitting, 'pinched' | 'measured'>,
  place: string,
  outcome: Outcome,
): Answer => ({ outcome, pinchedMm: pinched?.[place], measuredMm: measured?.[place] });

function inThisOne(
  book: Ledger,
  kind: GarmentKind,
  garment: Garment,
  place: TryPlace,
  tried: TriedPlan,
): readonly NowProposal[] {
  const { worn } = place;
  if (!worn) return [];
  return worn.of === 'zone' ? atSeams(book, kind, garment, place, tried) : atStrip(book, worn, tried);
}

/** A zone is taken in, or let out as far as its allowances go, at the seams that run along the body. */
function atSeams(
  book: Ledger,
  kind: GarmentKind,
  { pattern }: Garment,
  { id, label }: TryPlace,
  { by, guessed }: TriedPlan,
): readonly NowProposal[] {
  const taken = seamToTake(kind, id);
  if (!taken) return [];
  const out = by.value < 0;
  const each = book.work(`${by.id}.each`, {
    label: out ? 'let out on each layer' : 'taken in on each layer',
    unit: 'mm',
    mark: 'D',
    formula: 'abs(by) / n',
    terms: { by, n: leaf('seam edges it is spread over', taken.edges, 'count', 'D') },
  });
  const where = taken.seam.label.toLowerCase();
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
  book: Ledger,
  { edge: { id: edge, use }, strip: { rows } }: WornPlace & { readonly of: 'edge' },
  tried: TriedPlan,
): readonly NowProposal[] {
  const { was, by, keeps, limit, side } = tried;
  const strap = edgeUses[use].heldLast === true;
  const longer = by.value < 0;
  const again = keeps || !limit ? tried : heldTo(book, tried, limit);
  const proposal: NowProposal = {
    what: 'cut-again',
    mend: { at: edge, byMm: Math.abs((again?.by ?? by).value) },
    again: { wasMm: was.value, offMm: (again?.by ?? by).value, rows },
    sentence: lengthSentence(tried, again?.becomes ?? tried.becomes, strap),
    ...(again
      ? {}
      : {
          cannot:
            side === 'short'
              ? say`A shorter one does not work on this edge: ${limit ?? was} is the shortest that does.`
              : say`A longer one does not lie on this edge, up to ${limit ?? was} one does: the edge itself is to be longer next time, cut lower or wider.`,
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
  if (strap) return [proposal, { what: 'move-strap', mend: { at: edge }, sentence: MOVED }];
  return longer ? [proposal] : [proposal, spread, stay];
}

const MOVED = say`Where it slips off, or cuts in, and its length is right: unpick its second end, pin it nearer to the middle or further out on the body, and hold it there.`;

function lengthSentence(
  { was, by, becomes, guessed, side }: TriedPlan,
  cut: Explained,
  strap: boolean,
): Phrase {
  const how =
    by.value < 0
      ? strap
        ? 'let it out, or cut a new one'
        : 'cut a new one, and sew that on'
      : strap
        ? 'shorten it there'
        : 'shorten it, join and mark it again';
  const what = strap ? 'Unpick its second end' : 'Unpick it';
  const about = guessed && cut === becomes ? 'about ' : '';
  const held =
    cut === becomes ? '' : side === 'short' ? ', the shortest that works' : ', the longest that works';
  return say`${what}, ${how}: ${about}${cut} at the seamline${held}, instead of ${was}.`;
}

/** What is asked for held to the limit it goes past, where that still goes the way it was asked for. */
function heldTo(
  book: Ledger,
  { was, by }: TriedPlan,
  limit: Explained,
): Pick<TriedPlan, 'becomes' | 'by'> | undefined {
  const off = was.value - limit.value;
  if (Math.sign(off) !== Math.sign(by.value) || Math.abs(off) < LEAST_MM) return undefined;
  return {
    becomes: limit,
    by: book.work(`${by.id}.held`, {
      label: 'to take out, held to what works',
      unit: 'mm',
      mark: 'D',
      formula: 'was - limit',
      terms: { was, limit },
    }),
  };
}

/** A strip is not unpicked, nor a usual moved, for less, mm (common practice, no source). */
const LEAST_MM = 4;

/** What is learned of a place with all that was answered, where the plan has it as a school. */
function nextTime(
  { numbers }: WornPlan,
  garment: Garment,
  { id, label, worn }: TryPlace,
  outcome: Outcome,
): NextProposal | undefined {
  if (!worn) return undefined;
  const changes = (a: string, b: string) =>
    !isRight(outcome) || Math.abs(get(a).value - get(b).value) >= LEAST_MM;
  const get = (name: string) => getNumber(numbers, name);
  const { kind, style } = garment;
  if (worn.of === 'zone') {
    const school = worn.zone.schools.find((one) => one.school === 'learned');
    if (!school?.learned || !changes(school.rest, worn.zone.rest)) return undefined;
    const liked = get(school.learned.value);
    const looser = school.learned.scale === 'looser';
    const [round, larger] = worn.zone.axis === 'around' ? [' all round', 'larger'] : ['', 'longer'];
    return {
      of: 'zone',
      key: closenessKey(garment, id),
      learned: school.learned,
      usual: { kind, zone: id, style, ...(looser ? { looser: kept(liked) } : { share: kept(liked) }) },
      sentence: looser
        ? liked.value < 0
          ? say`${label}: ${get(school.rest)}${round}, worn at ${get(school.extension)}.`
          : say`${label}: ${get(school.rest)}${round}, ${larger} than the body by ${liked}.`
        : say`${label}: ${liked} of the stretch, in this cloth ${get(school.rest)}${round}.`,
    };
  }
  const rule = worn.strip.rules.find((one) => one.id === 'learned');
  if (!rule?.learned || !changes(rule.length, worn.strip.chosen)) return undefined;
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

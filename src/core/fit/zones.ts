import type { ClothReading } from '../cloth/reading';
import { workTension } from '../cloth/tensionNumbers';
import type { Explained, Phrase } from '../explain/explained';
import { getNumber, leaf, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { EaseSchool, Garment, ZoneChoice } from '../facts/garment';
import { usualAt, type Wearer } from '../facts/wearer';
import { workNegativeEase, workPressure, workWornExtension } from './fitNumbers';
import { skinStretch, type SkinStretch, mostWornInMotion, movementStretch } from './movement';
import { COMFORT_PA } from './pressure';
import { styleOf, type Axis, type GarmentKind, type Style, type Zone } from './garmentKind';
import { isAtLeastShare } from '../units/tolerance';
import type { Body } from '../explain/body';
import { evidenceAt } from '../learn/evidence';
import { extensionFromEase } from './ease';
import { isToldByBody, shareOf } from './told';
import { withLoop } from './loop';
import { planShared, type Shared } from './sharedFit';
import type { MovementPlan, ZonePlan, ZoneSchool } from './types';
import { asDial, byShare, grownSchool, restAt, zoneSchools, type ZoneInputs } from './zoneSchools';

/** How close a zone is to be, and why that: chosen here, this person's usual, or the kind's own. */
interface PlannedChoice {
  readonly choice: ZoneChoice;
  readonly from: 'chosen' | 'usual' | 'default';
}

/** How close a zone is unless it is chosen here: this person's usual, loose by an amount, else a share of the stretch. */
function unchosen(
  garment: Pick<Garment, 'kind' | 'style'>,
  zone: Zone,
  style: Style,
  wearer: Wearer | undefined,
  bodyMm: number,
  limit: number,
): PlannedChoice {
  const usual = usualAt(wearer, garment, zone.id);
  if (usual?.share !== undefined) return { choice: { school: 'share', share: usual.share }, from: 'usual' };
  if (usual?.looser !== undefined) return { choice: byBody(usual.looser, bodyMm, limit), from: 'usual' };
  return {
    choice: style.share === undefined ? { school: 'kind' } : { school: 'share', share: shareOf(zone, style) },
    from: 'default',
  };
}

/** So much larger than the body, as a share of it; or smaller, but never past the most it may be worn at. */
const byBody = (looser: number, bodyMm: number, limit: number): ZoneChoice =>
  looser < 0
    ? { school: 'set', extension: Math.min(extensionFromEase(-looser), limit) }
    : { school: 'loose', looseMm: looser * bodyMm };

const zonesSee = {
  records: ['wearer', 'pattern', 'tried'],
  garment: ['fit', 'kind', 'style', 'likeId', 'fittings'],
} as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof zonesSee>;
  readonly kind: GarmentKind;
  readonly body: Body;
  /** What goes round the body. */
  readonly cloth: ClothReading | undefined;
}

/** Every zone whose girth and cloth are known, a loop with the drawing in of the others. */
export const planZones = stage(zonesSee, (inputs: Inputs): readonly ZonePlan[] =>
  withLoop(inputs.book, inputs.kind, workZones(inputs)),
);

function workZones({ book, facts, kind, body, cloth }: Inputs): readonly ZonePlan[] {
  if (!cloth?.around) return [];
  const { garment, wearer } = facts;
  const style = styleOf(kind, garment.style);
  const known = new Map<Axis, Shared | undefined>();
  const shared = (axis: Axis) => {
    if (!known.has(axis)) known.set(axis, planShared(book, cloth, style, axis));
    return known.get(axis);
  };
  const first = kind.zones.flatMap((zone) => (zone.axis === 'around' ? (body[zone.measure] ?? []) : []))[0];
  return kind.zones.flatMap((zone) => {
    const girth = body[zone.measure];
    const axis = girth && shared(zone.axis);
    if (!girth || !axis) return [];
    const like = garment.likeId === undefined ? undefined : wearer?.fits?.[garment.likeId];
    const inputs: ZoneInputs = {
      book,
      shared: axis,
      zone,
      at: `fit.${zone.id}`,
      body: girth,
      first: first ?? girth,
      style,
      share: shareOf(zone, style),
      pressurePa: garment.fit[zone.id]?.pressurePa,
      pattern: facts.pattern,
      like,
      byBody: isToldByBody(zone, style),
      learnedFrom: {
        name: wearer?.name ?? 'the wearer',
        evidence: evidenceAt(facts, zone.id).filter((one) => one.style === garment.style),
      },
    };
    const left = unchosen(garment, zone, style, wearer, girth.value, axis.limit.value);
    return [planZone(inputs, garment.fit[zone.id], left, shared)];
  });
}

function planZone(
  inputs: ZoneInputs,
  chosen: ZoneChoice | undefined,
  left: PlannedChoice,
  shared: (axis: Axis) => Shared | undefined,
): ZonePlan {
  const { book, at, body, zone } = inputs;
  const { stretch } = inputs.shared;
  const planned: PlannedChoice = chosen ? { choice: chosen, from: 'chosen' } : left;
  const always = zoneSchools(inputs);
  const { rest, school } = chosenRest(inputs, at, planned, always);
  const grown = grownSchool(
    inputs,
    chosen && inputs.shared.reading.inWear ? chosenRest(inputs, `${at}.left`, left, always).rest : rest,
  );
  const schools = grown ? [...always, grown] : always;
  const girths = { G: body, g: rest };
  const where = `at the ${zone.label.toLowerCase()}`;
  const extension = workWornExtension(book, `${at}.extension`, `worn extension ${where}`, girths);
  const asksNothing = extension.value < LEAST_ASKED;
  return {
    zone: zone.id,
    label: zone.label,
    axis: zone.axis,
    school,
    reason: reasonOf(planned, school, schools),
    body: body.id,
    rest: rest.id,
    smallerBy: book.work(`${at}.smallerBy`, {
      label: 'smaller than the body by',
      unit: 'mm',
      mark: 'D',
      formula: 'G - g',
      terms: girths,
    }).id,
    negativeEase: workNegativeEase(book, `${at}.negativeEase`, `negative ease ${where}`, girths).id,
    extension: extension.id,
    stretch: stretch.id,
    used: book.work(`${at}.used`, {
      label: 'share of its stretch in use',
      unit: 'share',
      mark: 'D',
      formula: 'max(e, 0) / max(S, least)',
      terms: {
        e: extension,
        S: stretch,
        least: leaf('a percent, so that a rigid cloth has an answer', 0.01, 'share', 'D'),
      },
    }).id,
    ...(asksNothing
      ? {}
      : {
          margin: book.work(`${at}.margin`, {
            label: 'times over that the cloth has it',
            unit: 'ratio',
            mark: 'D',
            formula: 'S / e',
            terms: { S: stretch, e: extension },
          }).id,
        }),
    limit: inputs.shared.limit.id,
    schools,
    stops: inputs.shared.stops,
    ...pressure(inputs, extension, asksNothing),
    movement: asksNothing ? [] : movement(inputs, extension, shared),
    ...drawIn(inputs, extension, asksNothing),
  };
}

function reasonOf(
  { choice, from }: PlannedChoice,
  school: EaseSchool,
  schools: readonly ZoneSchool[],
): Phrase {
  if (from === 'usual') return say`this person’s usual for it`;
  if (choice.school !== school) {
    return say`share of stretch: the school chosen has nothing to say here yet`;
  }
  if (from === 'chosen') return say`chosen here`;
  const label = schools.find((one) => one.school === school)?.label ?? '';
  return school === 'share'
    ? say`share of stretch, because it adapts to each cloth`
    : say`${label}, because a loose garment is larger by an amount, whatever the cloth`;
}

function chosenRest(
  inputs: ZoneInputs,
  at: string,
  { choice, from }: PlannedChoice,
  schools: readonly ZoneSchool[],
): { rest: Explained; school: EaseSchool } {
  const { book, body } = inputs;
  const label = at === inputs.at ? 'garment at rest' : 'garment at rest, unless chosen';
  const mark = from === 'chosen' ? 'chosen' : from === 'usual' ? 'own record' : 'T, from memory';
  if (choice.school === 'loose') {
    const rest = book.work(`${at}.rest`, {
      label,
      unit: 'mm',
      mark,
      formula: 'G + loose',
      terms: {
        G: body,
        loose: leaf('looser than the body by', choice.looseMm ?? inputs.style.looseMm ?? 0, 'mm', mark),
      },
    });
    return { rest, school: 'loose' };
  }
  if (choice.school === 'set') {
    const extension = book.given(
      `${at}.chosenExtension`,
      'worn extension chosen',
      choice.extension ?? 0,
      'share',
      mark,
    );
    return { rest: restAt(book, `${at}.rest`, label, body, extension), school: 'set' };
  }
  const found = schools.find(({ school }) => school === choice.school);
  if (choice.school === 'share' || !found) {
    const share = choice.school === 'share' ? (choice.share ?? inputs.share) : inputs.share;
    const extension = byShare(inputs, `${at}.chosenExtension`, share, mark);
    return { rest: restAt(book, `${at}.rest`, label, body, extension), school: 'share' };
  }
  const rest = book.work(`${at}.rest`, {
    label,
    unit: 'mm',
    mark: 'chosen',
    formula: 'g',
    terms: { g: getNumber(book.numbers, found.rest) },
  });
  return { rest, school: choice.school };
}

/** What the cloth presses with where it goes round the body and its pull is known. */
function pressure(
  { book, at, body, shared }: ZoneInputs,
  extension: Explained,
  asksNothing: boolean,
): { pressure?: string; ofComfort?: string } {
  if (!shared.real || shared.axis === 'along' || asksNothing) return {};
  const tension = workTension(
    book,
    { id: `${at}.tension`, label: 'tension as worn', real: true },
    shared.parts,
    extension,
  );
  const pressed = workPressure(book, `${at}.pressure`, tension, asDial(body));
  return {
    pressure: pressed.id,
    ofComfort: book.work(`${at}.ofComfort`, {
      label: 'of the pressure where comfort falls off',
      unit: 'share',
      mark: 'S, from memory',
      note: 'Denton, 1972: somewhere from 6 to 10 kPa on soft tissue.',
      formula: 'p / line',
      terms: { p: pressed, line: comfortLine },
    }).id,
  };
}

const comfortLine = leaf('comfort falls off from', COMFORT_PA.from, 'pa', 'S, from memory');

/** Whether the cloth follows the skin under it in motion, in each direction that skin stretches. */
function movement(
  { book, at, zone }: ZoneInputs,
  extension: Explained,
  shared: (axis: Axis) => Shared | undefined,
): readonly MovementPlan[] {
  if (!zone.skin) return [];
  const skin: SkinStretch = skinStretch[zone.skin];
  return (['around', 'along'] as const).flatMap((axis): MovementPlan[] => {
    const stretched = skin[axis];
    const has = stretched === undefined ? undefined : shared(axis);
    if (stretched === undefined || !has) return [];
    const worn =
      axis === zone.axis ? extension : leaf('worn extension that way, taken as none', 0, 'share', 'D');
    const skinLeaf = leaf(`skin at the ${skin.label}`, stretched, 'share', skin.mark);
    const needs = book.work(`${at}.movement.${axis}`, {
      label: `stretch the ${skin.label} asks for ${skin.when}`,
      unit: 'share',
      mark: 'D',
      note: skin.note,
      formula: movementStretch.text,
      terms: { e: worn, skin: skinLeaf },
    });
    const most =
      axis === zone.axis && has.stretch.value >= stretched
        ? book.work(`${at}.movement.${axis}.most`, {
            label: `most it may be worn at to follow the ${skin.label}`,
            unit: 'share',
            mark: 'D',
            note: skin.note,
            formula: mostWornInMotion.text,
            terms: { S: has.stretch, skin: skinLeaf },
          })
        : undefined;
    return [
      {
        label: `${skin.label}, ${skin.when}${axis === 'along' ? ', lengthwise' : ''}`,
        needs: needs.id,
        has: has.stretch.id,
        ok: isAtLeastShare(has.stretch.value, needs.value),
        ...(most ? { most: most.id } : {}),
      },
    ];
  });
}

/** Cloth stretched around the body draws in lengthwise where nothing holds its length. */
function drawIn(
  { book, at, shared }: ZoneInputs,
  extension: Explained,
  asksNothing: boolean,
): { drawIn?: string } {
  const { neckIn } = shared.reading;
  if (asksNothing || !neckIn || shared.axis === 'along') return {};
  return {
    drawIn: book.work(`${at}.drawIn`, {
      label: 'draws in lengthwise by about',
      unit: 'share',
      mark: 'D',
      note: 'Where nothing holds its length.',
      formula: 'nu * e',
      terms: { nu: neckIn, e: extension },
    }).id,
  };
}

/** An extension smaller than this is rounding, not a demand. */
const LEAST_ASKED = 1e-6;

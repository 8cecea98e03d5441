import { MM_PER_M } from '../units/constants';
import { extensionFromEase, restGirth } from './ease';
import { FEEL_WEIGHT } from '../cloth/layers';
import { workExtension, workTension, type TensionPart } from '../cloth/tensionNumbers';
import type { Explained } from '../explain/explained';
import { getNumber, leaf, type Ledger } from '../explain/ledger';
import type { EaseSchool } from '../facts/garment';
import type { Pattern } from '../facts/pattern';
import type { Evidence } from '../facts/fitting';
import type { FittingGarment } from '../facts/wearer';
import { workLearned } from '../learn/learned';
import { workWornExtension } from './fitNumbers';
import { DEFAULT_PRESSURE_PA, tensionForPressure } from './pressure';
import { easeSchoolLabels, extensionByShare, looseGirth, type Offered } from './schools';
import type { Style, Zone } from './garmentKind';
import { capLeaf, type Shared } from './sharedFit';
import type { ZoneSchool } from './types';

/** What one zone's schools are worked out from. */
export interface ZoneInputs {
  readonly book: Ledger;
  readonly shared: Shared;
  readonly zone: Zone;
  readonly at: string;
  readonly body: Explained;
  /** The girth that a loose garment's ease is stated for. */
  readonly first: Explained;
  readonly style: Style;
  /** The zone's default share of the stretch. */
  readonly share: number;
  readonly pressurePa: number | undefined;
  readonly pattern: Pattern | undefined;
  readonly like: FittingGarment | undefined;
  /** Whether closeness is told by the body here, and not by the stretch. */
  readonly byBody: boolean;
  /** Who it is for, and what was answered of this place. */
  readonly learnedFrom: { readonly name: string; readonly evidence: readonly Evidence[] };
}

/** Every school that can say something about this zone, each with its garment and worn extension. */
export function zoneSchools(inputs: ZoneInputs): readonly ZoneSchool[] {
  const kind = kindSchool(inputs);
  return [
    shareSchool(inputs),
    classSchool(inputs),
    kind,
    pressureSchool(inputs),
    transferSchool(inputs),
    likeSchool(inputs),
    learnedSchool(inputs, kind),
  ].filter((school) => school !== undefined);
}

/** Worn extension by share of the stretch, for a share that is chosen or the default. */
export function byShare(
  { book, shared }: ZoneInputs,
  id: string,
  share: number,
  mark: 'chosen' | 'own record' | 'T, from memory',
): Explained {
  const chosen = leaf('share of the stretch', share, 'share', mark);
  if (shared.real) {
    return book.work(id, {
      label: 'worn extension by share of stretch',
      unit: 'share',
      mark: 'D',
      formula: 'share * S',
      terms: { share: chosen, S: shared.stretch },
    });
  }
  return book.work(id, {
    label: 'worn extension by share of stretch',
    unit: 'share',
    mark: 'D',
    formula: extensionByShare.text,
    terms: { share: chosen, S: shared.stretch, cap: capLeaf },
  });
}

/** The garment at rest for a worn extension. */
export const restAt = (
  book: Ledger,
  id: string,
  label: string,
  body: Explained,
  extension: Explained,
): Explained =>
  book.work(id, {
    label,
    unit: 'mm',
    mark: 'D',
    formula: restGirth.text,
    terms: { G: body, e: extension },
  });

function school(
  { book, at, body }: ZoneInputs,
  id: EaseSchool | Offered,
  extension: Explained,
  label: string = easeSchoolLabels[id],
): ZoneSchool {
  const rest = restAt(book, `${at}.school.${id}.rest`, `garment, ${label}`, body, extension);
  return { school: id, label, extension: extension.id, rest: rest.id };
}

const shareSchool = (inputs: ZoneInputs): ZoneSchool =>
  school(inputs, 'share', byShare(inputs, `${inputs.at}.school.share`, inputs.share, 'T, from memory'));

const classSchool = (inputs: ZoneInputs): ZoneSchool => school(inputs, 'class', inputs.shared.byClass);

function kindSchool(inputs: ZoneInputs): ZoneSchool {
  const { book, at, body, first, shared, style } = inputs;
  const { byKind } = shared;
  if (byKind) {
    return {
      ...school(inputs, 'kind', byKind.middle, byKind.label),
      low: byKind.low.id,
      high: byKind.high.id,
    };
  }
  const rest = book.work(`${at}.school.kind.rest`, {
    label: 'garment, looser than the body',
    unit: 'mm',
    mark: 'T, from memory',
    formula: looseGirth.text,
    terms: {
      G: body,
      ease: leaf('ease of a loose one', style.looseMm ?? 0, 'mm', 'T, from memory'),
      first,
    },
  });
  const extension = workWornExtension(book, `${at}.school.kind.extension`, `worn extension ${style.usual}`, {
    G: body,
    g: rest,
  });
  return { school: 'kind', label: style.usual, extension: extension.id, rest: rest.id };
}

function pressureSchool(inputs: ZoneInputs): ZoneSchool | undefined {
  const { book, at, body, shared, pressurePa } = inputs;
  if (!shared.real || shared.axis === 'along') return undefined;
  const mark = pressurePa === undefined ? 'default' : 'chosen';
  const tension = book.work(`${at}.school.pressure.tension`, {
    label: 'tension that presses so much on this girth',
    unit: 'nPerM',
    mark: 'D',
    note: 'Laplace’s law for a cylinder; the girth is in millimetres.',
    formula: tensionForPressure.text,
    terms: {
      p: leaf('pressure wanted', pressurePa ?? DEFAULT_PRESSURE_PA, 'pa', mark),
      G: { ...asDial(body) },
      mm: leaf('millimetres in a metre', MM_PER_M, 'count', 'D'),
    },
  });
  const extension = workExtension(
    book,
    { id: `${at}.school.pressure`, label: 'worn extension at that pressure', real: true },
    shared.parts,
    tension,
  );
  return school(inputs, 'pressure', extension);
}

/** The same length counted in millimetres on either tape, for formulas of physics. */
export const asDial = ({ label, value, id }: Explained) =>
  ({ label: `${label}, mm`, value, unit: 'dialMm', of: id }) as const;

function transferSchool(inputs: ZoneInputs): ZoneSchool | undefined {
  const { book, at, shared, pattern } = inputs;
  const ease = shared.axis === 'around' ? pattern?.easeAround : pattern?.easeAlong;
  if (!pattern || ease === undefined || ease < 0) return undefined;
  const drafted = Object.values(pattern.layers).flatMap((layer, nth): TensionPart[] => {
    const stretch = shared.axis === 'around' ? layer.around : layer.along;
    if (stretch === undefined) return [];
    const S = book.given(
      `${at}.drafted${nth + 1}`,
      `stretch of ${layer.label}, as drafted for`,
      stretch,
      'share',
      'own record',
    );
    return [{ name: layer.label, S, feel: FEEL_WEIGHT[layer.feel] }];
  });
  if (drafted.length === 0 || drafted.length < Object.keys(pattern.layers).length) return undefined;
  const was = book.work(`${at}.school.transfer.was`, {
    label: 'worn extension the pattern was drafted at',
    unit: 'share',
    mark: 'D',
    formula: extensionFromEase.text,
    terms: { n: leaf('the pattern’s own negative ease', ease, 'share', 'own record') },
  });
  const tension = workTension(
    book,
    {
      id: `${at}.school.transfer.tension`,
      label: 'its tension then, in comfortable pulls',
      real: false,
    },
    drafted,
    was,
  );
  const extension = workExtension(
    book,
    { id: `${at}.school.transfer`, label: 'worn extension that keeps that tension', real: false },
    shared.parts,
    tension,
  );
  return school(inputs, 'transfer', extension);
}

function likeSchool(inputs: ZoneInputs): ZoneSchool | undefined {
  const { book, at, body, shared, zone, like } = inputs;
  const girth = like?.girths[zone.measure];
  const stretch = shared.axis === 'around' ? like?.stretchAround : like?.stretchAlong;
  if (!like || girth === undefined || stretch === undefined) return undefined;
  const g = leaf(`${like.name}, measured flat and doubled`, girth, 'mm', 'own record');
  const label = `like ${like.name}`.slice(0, 40);
  const common = { label: `worn extension ${label}`, unit: 'share', mark: 'own record' } as const;
  const extension =
    girth >= body.value
      ? book.work(`${at}.school.like`, {
          ...common,
          formula: 'G / g - 1',
          terms: { G: body, g },
        })
      : book.work(`${at}.school.like`, {
          ...common,
          note: 'The same share of the stretch that this cloth has.',
          formula: '(G / g - 1) / So * S',
          terms: {
            G: body,
            g,
            So: leaf('stretch of its cloth', stretch, 'share', 'own record'),
            S: shared.stretch,
          },
        });
  return school(inputs, 'like', extension, label);
}

/**
 * What was learned from trying on: a share of the stretch, or how much looser than the body; never past the most it may
 * be worn at.
 */
function learnedSchool(inputs: ZoneInputs, kind: ZoneSchool): ZoneSchool | undefined {
  const { book, at, body, shared, byBody: looser, learnedFrom } = inputs;
  const usual = looser
    ? inputs.style.share === undefined
      ? getNumber(book.numbers, kind.rest).value / body.value - 1
      : 0
    : inputs.share;
  const { name, evidence } = learnedFrom;
  const learned = workLearned(book, `${at}.learned`, `what ${name} likes here`, {
    scale: looser ? 'looser' : 'share',
    usual: { value: usual, mark: 'T, from memory' },
    evidence,
  });
  if (!learned) return undefined;
  const extension = (end: 'value' | 'low' | 'high') =>
    book.work(`${at}.school.learned${end === 'value' ? '' : `.${end}`}`, {
      label: `worn extension, ${name}’s liking${end === 'value' ? '' : `, ${end} end`}`,
      unit: 'share',
      mark: 'own record',
      note: 'Never past the most it may be worn at.',
      formula: looser ? 'min(1 / (1 + u) - 1, limit)' : 'min(u * S, limit)',
      terms: {
        u: getNumber(book.numbers, learned[end]),
        limit: shared.limit,
        ...(looser ? {} : { S: shared.stretch }),
      },
    });
  const [tighter, wider] = looser ? (['low', 'high'] as const) : (['high', 'low'] as const);
  const [high, low] = [extension(tighter), extension(wider)];
  const rest = (end: string, worn: Explained) =>
    restAt(book, `${at}.school.learned.${end}.rest`, `garment, ${name}’s liking, ${end} end`, body, worn).id;
  return {
    ...school(inputs, 'learned', extension('value'), `${name.slice(0, 20)}’s liking, ${learned.rests}`),
    learned: { ...learned, between: [rest('smaller', high), rest('larger', low)] },
    low: low.id,
    high: high.id,
  };
}

/** Less than this is as well a tape's reading, as a share (common practice, no source). */
const LEAST_IN_WEAR = 0.005;

/**
 * What its cloth does in wear and wash taken off beforehand: once it has grown so much, the zone is at rest as it would
 * be planned, `rest`. Never past the most it may be worn at while it is new.
 */
export function grownSchool(inputs: ZoneInputs, rest: Explained): ZoneSchool | undefined {
  const { book, at, body, shared } = inputs;
  const { inWear } = shared.reading;
  if (!inWear || Math.abs(inWear.value) < LEAST_IN_WEAR) return undefined;
  const extension = book.work(`${at}.school.grown`, {
    label: 'worn extension while it is new, for what wear does to it',
    unit: 'share',
    mark: 'D',
    note: 'Never past the most it may be worn at.',
    formula: 'min(G * (1 + w) / g - 1, limit)',
    terms: { G: body, w: inWear, g: rest, limit: shared.limit },
  });
  return { ...school(inputs, 'grown', extension), inWear: inWear.id };
}

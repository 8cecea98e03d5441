import type { ClothReading } from '../cloth/readCloth';
import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { EaseSchool, Garment, ZoneChoice } from '../facts/garment';
import { negativeEase, restGirth, wornExtension } from '../fit/ease';
import { MAX_WORN_EXTENSION } from '../fit/limits';
import { DEFAULT_SHARE, LOOSE_CHEST_MM, easeSchoolLabels, extensionByShare, looseEase } from '../fit/schools';
import type { GarmentKind, Zone } from '../garments/garmentKind';
import type { Body } from './measures';
import { planShared, type Shared } from './sharedFit';
import type { ZonePlan, ZoneSchool } from './types';

/** How close a zone is unless the person says otherwise: loose by an amount, else the style's share of stretch. */
export function defaultZoneChoice(style: Garment['style']): ZoneChoice {
  return style === 'loose' ? { school: 'kind' } : { school: 'share', share: DEFAULT_SHARE[style] };
}

interface ZoneInputs {
  readonly book: Ledger;
  readonly shared: Shared;
  readonly at: string;
  readonly body: Explained;
  readonly chest: Explained;
  readonly stretch: Explained;
  readonly style: Garment['style'];
  /** Whether the person picked this zone's closeness, or it is the default. */
  readonly picked: 'chosen' | 'T, from memory';
}

/** Every zone whose girth and cloth are known. */
export function planZones(
  book: Ledger,
  garment: Garment,
  kind: GarmentKind,
  body: Body,
  outer: ClothReading | undefined,
): readonly ZonePlan[] {
  const stretch = outer?.around && outer[outer.around]?.stretch;
  if (!outer || !stretch) return [];
  const shared = planShared(book, garment.style, stretch, outer);
  return kind.zones.flatMap((zone) => {
    const girth = body[zone.measure];
    if (!girth) return [];
    const inputs: ZoneInputs = {
      book,
      shared,
      at: `fit.${zone.id}`,
      body: girth,
      chest: body.bust ?? girth,
      stretch,
      style: garment.style,
      picked: garment.fit[zone.id] ? 'chosen' : 'T, from memory',
    };
    return [planZone(inputs, zone, garment)];
  });
}

function planZone(inputs: ZoneInputs, zone: Zone, garment: Garment): ZonePlan {
  const { book, at, body, stretch } = inputs;
  const choice = garment.fit[zone.id] ?? defaultZoneChoice(garment.style);
  const schools = [shareSchool(inputs), classSchool(inputs), kindSchool(inputs)];
  const rest = chosenRest(inputs, choice, schools);
  const extension = book.work(`${at}.extension`, {
    label: `worn extension at the ${zone.id}`,
    unit: 'share',
    mark: 'D',
    formula: '(G - g) / g',
    terms: { G: body, g: rest },
    by: ({ G, g }) => wornExtension(G, g),
  });
  const asksNothing = extension.value < LEAST_ASKED;
  const patternGirth = garment.pattern.finished[zone.id];
  return {
    zone: zone.id,
    label: zone.label,
    school: choice.school,
    body: body.id,
    rest: rest.id,
    smallerBy: book.work(`${at}.smallerBy`, {
      label: 'smaller than the body by',
      unit: 'mm',
      mark: 'D',
      formula: 'G - g',
      terms: { G: body, g: rest },
      by: ({ G, g }) => G - g,
    }).id,
    negativeEase: book.work(`${at}.negativeEase`, {
      label: `negative ease at the ${zone.id}`,
      unit: 'share',
      mark: 'D',
      formula: '(G - g) / G',
      terms: { G: body, g: rest },
      by: ({ G, g }) => negativeEase(G, g),
    }).id,
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
      by: ({ e, S, least }) => Math.max(e, 0) / Math.max(S, least),
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
            by: ({ S, e }) => S / e,
          }).id,
        }),
    limit: inputs.shared.limit.id,
    schools,
    stops: inputs.shared.stops,
    ...(patternGirth === undefined ? {} : { pattern: patternAdvice(book, at, zone, rest, patternGirth) }),
  };
}

function chosenRest(inputs: ZoneInputs, choice: ZoneChoice, schools: readonly ZoneSchool[]): Explained {
  const { book, at, body } = inputs;
  const label = 'garment at rest';
  if (choice.school === 'loose') {
    return book.work(`${at}.rest`, {
      label,
      unit: 'mm',
      mark: 'chosen',
      formula: 'G + loose',
      terms: {
        G: body,
        loose: leaf('looser than the body by', choice.looseMm ?? LOOSE_CHEST_MM, 'mm', 'chosen'),
      },
      by: ({ G, loose }) => G + loose,
    });
  }
  if (choice.school === 'share') {
    const extension = byShare(inputs, `${at}.chosenExtension`, choice.share ?? 0, inputs.picked);
    return restAt(book, `${at}.rest`, label, body, extension);
  }
  return book.work(`${at}.rest`, {
    label,
    unit: 'mm',
    mark: 'chosen',
    formula: 'g',
    terms: { g: restOf(book, schools, choice.school) },
    by: ({ g }) => g,
  });
}

function shareSchool({ book, at, body, shared }: ZoneInputs): ZoneSchool {
  const rest = restAt(book, `${at}.school.share.rest`, 'garment by share of stretch', body, shared.byShare);
  return { school: 'share', label: easeSchoolLabels.share, extension: shared.byShare.id, rest: rest.id };
}

function classSchool({ book, at, body, shared }: ZoneInputs): ZoneSchool {
  const rest = restAt(book, `${at}.school.class.rest`, 'garment by stretch class', body, shared.byClass);
  return { school: 'class', label: easeSchoolLabels.class, extension: shared.byClass.id, rest: rest.id };
}

function kindSchool(inputs: ZoneInputs): ZoneSchool {
  const { book, at, body, shared } = inputs;
  const { byKind } = shared;
  if (!byKind) {
    const label = 'usual for a loose tee';
    const rest = looseRest(inputs, `${at}.school.kind.rest`);
    const extension = book.work(`${at}.school.kind.extension`, {
      label: `worn extension ${label}`,
      unit: 'share',
      mark: 'D',
      formula: '(G - g) / g',
      terms: { G: body, g: rest },
      by: ({ G, g }) => wornExtension(G, g),
    });
    return { school: 'kind', label, extension: extension.id, rest: rest.id };
  }
  const { label, middle, low, high } = byKind;
  const rest = restAt(book, `${at}.school.kind.rest`, `garment, ${label}`, body, middle);
  return { school: 'kind', label, extension: middle.id, rest: rest.id, low: low.id, high: high.id };
}

function looseRest({ book, body, chest }: ZoneInputs, id: string): Explained {
  return book.work(id, {
    label: 'garment, looser than the body',
    unit: 'mm',
    mark: 'T, from memory',
    formula: 'G + ease * G / chest',
    terms: {
      G: body,
      ease: leaf('ease of a loose tee at the chest', LOOSE_CHEST_MM, 'mm', 'T, from memory'),
      chest,
    },
    by: ({ G, ease, chest: c }) => G + looseEase(G, c, ease),
  });
}

function byShare(
  { book, stretch }: ZoneInputs,
  id: string,
  share: number,
  mark: 'chosen' | 'T, from memory',
): Explained {
  return book.work(id, {
    label: 'worn extension by share of stretch',
    unit: 'share',
    mark: 'D',
    formula: 'min(share * S, cap)',
    terms: {
      share: leaf('share of the stretch', share, 'share', mark),
      S: stretch,
      cap: leaf('cap without a pull curve', MAX_WORN_EXTENSION, 'share', 'T'),
    },
    by: (v) => extensionByShare(v.S, v.share, v.cap),
  });
}

function restAt(book: Ledger, id: string, label: string, body: Explained, extension: Explained): Explained {
  return book.work(id, {
    label,
    unit: 'mm',
    mark: 'D',
    formula: 'G / (1 + e)',
    terms: { G: body, e: extension },
    by: ({ G, e }) => restGirth(G, e),
  });
}

function patternAdvice(book: Ledger, at: string, zone: Zone, rest: Explained, girthMm: number) {
  const girth = book.given(`${at}.pattern`, `pattern at the ${zone.id}, finished`, girthMm, 'mm', 'measured');
  const perSeamEdge = book.work(`${at}.perSeamEdge`, {
    label: 'change at each seam edge',
    unit: 'mm',
    mark: 'D',
    formula: 'abs(p - g) / edges',
    terms: { p: girth, g: rest, edges: leaf('seam edges', zone.seamEdges, 'count', 'D') },
    by: ({ p, g, edges }) => Math.abs(p - g) / edges,
  });
  const advice: Phrase =
    perSeamEdge.value < NO_CHANGE_MM
      ? say`${zone.label}: the pattern fits as it is`
      : girthMm > rest.value
        ? say`${zone.label}: take ${perSeamEdge} off each seam edge`
        : say`${zone.label}: add ${perSeamEdge} at each seam edge`;
  return { girth: girth.id, perSeamEdge: perSeamEdge.id, advice };
}

/** An extension smaller than this is rounding, not a demand. */
const LEAST_ASKED = 1e-6;

/** A change per seam edge smaller than this is not worth cutting (common practice, no source). */
const NO_CHANGE_MM = 1;

function restOf(book: Ledger, schools: readonly ZoneSchool[], school: EaseSchool): Explained {
  return book.numbers[schoolOf(schools, school).rest] as Explained;
}

function schoolOf(schools: readonly ZoneSchool[], school: EaseSchool): ZoneSchool {
  const found = schools.find((one) => one.school === school);
  if (!found)
    throw new Error(`expected a school of ${schools.map((s) => s.school).join(', ')}, got ${school}`);
  return found;
}

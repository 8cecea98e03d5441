import type { ClothReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { passingExtension } from '../fit/ease';
import { LIMITS } from '../fit/limits';
import { hasClosure, type GarmentKind, type Opening } from '../garments/garmentKind';
import type { Body } from './measures';
import type { Neckline } from './neckline';
import type { Setups } from './stitchSetups';
import type { NeckbandPlan, OpeningPlan, ZonePlan } from './types';

interface Inputs {
  readonly book: Ledger;
  readonly kind: GarmentKind;
  readonly garment: Garment;
  /** The body with marked defaults for what was not measured. */
  readonly passes: Body;
  readonly cloth: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly neckline: Neckline | undefined;
  readonly neckband: NeckbandPlan | undefined;
  readonly setups: Setups;
}

/** Every closed opening of the garment against what it passes: cloth, band and stitch must all follow. */
export function planOpenings(inputs: Inputs): readonly OpeningPlan[] {
  const { cloth, kind, garment } = inputs;
  const stretch = cloth?.around && cloth[cloth.around]?.stretch;
  if (!stretch) return [];
  const part: Part = { label: 'cloth', gives: clothGives(inputs.book, stretch) };
  return kind.openings
    .filter((opening) => !hasClosure(opening, garment))
    .flatMap((opening) => planOpening(inputs, opening, part) ?? []);
}

interface Part {
  readonly label: string;
  readonly gives: Explained;
  /** What this part must reach, where it is not the opening itself that is stretched. */
  readonly needs?: Explained;
}

function clothGives(book: Ledger, stretch: Explained): Explained {
  return book.work('pullOn.cloth', {
    label: 'what the cloth gives for a moment',
    unit: 'share',
    mark: 'T',
    formula: 'limit * S',
    terms: {
      limit: leaf('share of the stretch usable for a moment', LIMITS.pulledOn, 'share', 'T'),
      S: stretch,
    },
    by: (v) => v.limit * v.S,
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
  const checked = [cloth, ...otherParts(inputs, opening, widest)].map((part) => {
    const asked = part.needs ?? needs;
    return {
      label: part.label,
      needs: asked.id,
      gives: part.gives.id,
      ok: part.gives.value >= asked.value,
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

/** The opening at rest: measured, the neckline's seamline, or as large as its zone. */
function restOf(
  { book, garment, neckline, zones }: Inputs,
  { id, label, at }: Opening,
): Explained | undefined {
  const measured =
    garment.pattern.openings?.[id] ?? (at === 'sleeve-hem' ? garment.pattern.sleeveHemMm : undefined);
  if (measured !== undefined) {
    return book.given(`opening.${id}.rest`, `${label.toLowerCase()}, all round`, measured, 'mm', 'measured');
  }
  if (at === 'neckline') return neckline?.seamline;
  if (at === 'pattern') return undefined;
  const zone = zones.find((one) => one.zone === (at === 'sleeve-hem' ? 'biceps' : at.zone));
  if (!zone) return undefined;
  const rest = book.numbers[zone.rest] as Explained;
  if (at !== 'sleeve-hem') return rest;
  return book.work(`opening.${id}.rest`, {
    label: `${label.toLowerCase()}, taken as wide as the sleeve`,
    unit: 'mm',
    mark: 'default',
    formula: 'g',
    terms: { g: rest },
    by: ({ g }) => g,
  });
}

function otherParts(
  { book, garment, neckband, setups }: Inputs,
  opening: Opening,
  widest: Explained,
): Part[] {
  const parts: Part[] = [];
  const atNeck = opening.at === 'neckline';
  if (atNeck && neckband) {
    const gives = book.numbers[neckband.bandStretch] as Explained;
    const needs = passing(
      book,
      'pullOn.band',
      `stretch the band needs to go over ${opening.passesWhat}`,
      widest,
      book.numbers[neckband.sewn] as Explained,
    );
    parts.push({ label: 'band', gives, needs });
  }
  if (opening.stitch === 'hem') parts.push({ label: 'hem stitch', gives: setups.gives(setups.choice.hem) });
  if (opening.stitch === 'seam') parts.push({ label: 'seam', gives: setups.gives(setups.choice.neck) });
  if (atNeck && setups.choice.topstitch && garment.topstitch !== 'none') {
    parts.push({ label: 'topstitch', gives: setups.gives(setups.choice.topstitch) });
  }
  return parts;
}

function passing(book: Ledger, id: string, label: string, passes: Explained, rest: Explained): Explained {
  return book.work(id, {
    label,
    unit: 'share',
    mark: 'D',
    formula: 'max(G / g - 1, 0)',
    terms: { G: passes, g: rest },
    by: ({ G, g }) => passingExtension(G, g),
  });
}

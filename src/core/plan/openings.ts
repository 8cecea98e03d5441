import type { ClothReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { passingExtension } from '../fit/ease';
import { LIMITS } from '../fit/limits';
import { hasClosure, type GarmentKind, type Opening } from '../garments/garmentKind';
import type { Body } from './measures';
import { finishOf } from './edges';
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
  /** The cloth that bands and bindings are cut from. */
  readonly band: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly neckline: Neckline | undefined;
  readonly neckband: NeckbandPlan | undefined;
  readonly setups: Setups;
}

/** Every closed opening of the garment against what it passes: cloth, band and stitch must all follow. */
export function planOpenings(inputs: Inputs): readonly OpeningPlan[] {
  const { book, cloth, band, kind, garment } = inputs;
  const gives = clothGives(book, 'pullOn.cloth', 'what the cloth gives for a moment', cloth);
  if (!gives) return [];
  const bandGives = clothGives(book, 'pullOn.bandCloth', 'what the band’s cloth gives for a moment', band);
  const own: Part = { label: 'cloth', gives };
  return kind.openings
    .filter((opening) => !hasClosure(opening, garment))
    .flatMap((opening) => planOpening(inputs, opening, own, bandGives) ?? []);
}

interface Part {
  readonly label: string;
  readonly gives: Explained;
  /** What this part must reach, where it is not the opening itself that is stretched. */
  readonly needs?: Explained;
}

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
    by: (v) => v.limit * v.S,
  });
}

function planOpening(
  inputs: Inputs,
  opening: Opening,
  cloth: Part,
  bandGives: Explained | undefined,
): OpeningPlan | undefined {
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
  const band = bandPart(inputs, opening, widest, bandGives);
  const cloths = band && opening.easedOntoBand ? [band] : [cloth, ...(band ? [band] : [])];
  const checked = [...cloths, ...stitchParts(inputs, opening)].map((part) => {
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

/** The band or binding along an opening: the neckband by its own length, others as long as their opening. */
function bandPart(
  { book, kind, garment, neckband }: Inputs,
  opening: Opening,
  widest: Explained,
  bandGives: Explained | undefined,
): Part | undefined {
  if (opening.at === 'neckline' && neckband) {
    const gives = book.numbers[neckband.bandStretch] as Explained;
    const label = `stretch the band needs to go over ${opening.passesWhat}`;
    const sewn = book.numbers[neckband.sewn] as Explained;
    return { label: 'band', gives, needs: passing(book, 'pullOn.band', label, widest, sewn) };
  }
  const edge = kind.edges.find(({ id }) => id === opening.edge);
  const finish = edge && finishOf(edge, garment);
  if (!bandGives || (finish !== 'band' && finish !== 'binding')) return undefined;
  return { label: finish, gives: bandGives };
}

/** The rows of stitches along an opening. */
function stitchParts({ garment, setups }: Inputs, { at, stitch }: Opening): Part[] {
  const parts: Part[] = [];
  if (stitch === 'hem') parts.push({ label: 'hem stitch', gives: setups.gives(setups.choice.hem) });
  if (stitch === 'seam') parts.push({ label: 'seam', gives: setups.gives(setups.choice.neck) });
  if (at === 'neckline' && setups.choice.topstitch && garment.topstitch !== 'none') {
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

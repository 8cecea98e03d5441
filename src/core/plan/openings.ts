import type { ClothReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { passingExtension } from '../fit/ease';
import { LIMITS } from '../fit/limits';
import type { Body } from './measures';
import type { Neckline } from './neckline';
import type { Setups } from './stitchSetups';
import type { NeckbandPlan, OpeningPlan, ZonePlan } from './types';

interface Inputs {
  readonly book: Ledger;
  readonly garment: Garment;
  readonly body: Body;
  readonly outer: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly neckline: Neckline | undefined;
  readonly neckband: NeckbandPlan | undefined;
  readonly setups: Setups;
}

/** Every closed opening of the tee against what it passes: cloth, band and stitch must all follow. */
export function planOpenings(inputs: Inputs): readonly OpeningPlan[] {
  const { outer } = inputs;
  const stretch = outer?.around && outer[outer.around]?.stretch;
  if (!stretch) return [];
  const cloth = { label: 'cloth', gives: clothGives(inputs.book, stretch) };
  return [
    neckline(inputs, cloth),
    tube(inputs, cloth, 'waist'),
    tube(inputs, cloth, 'hem'),
    sleeveHem(inputs, cloth),
  ].filter((opening) => opening !== undefined);
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

function neckline(
  { book, body, neckline: neck, neckband, garment, setups }: Inputs,
  cloth: Part,
): OpeningPlan | undefined {
  if (!neck || !body.head) return undefined;
  const parts: Part[] = [cloth];
  if (neckband) {
    const gives = book.numbers[neckband.bandStretch] as Explained;
    const needs = passing(
      book,
      'pullOn.band',
      'stretch the band needs to go over the head',
      body.head,
      book.numbers[neckband.sewn] as Explained,
    );
    parts.push({ label: 'band', gives, needs });
  }
  parts.push({ label: 'seam', gives: setups.gives(setups.choice.neck) });
  if (setups.choice.topstitch && garment.topstitch !== 'none') {
    parts.push({ label: 'topstitch', gives: setups.gives(setups.choice.topstitch) });
  }
  return opening(book, 'neckline', 'Neckline', 'the head', neck.seamline, body.head, parts);
}

function tube(
  { book, body, zones, setups }: Inputs,
  cloth: Part,
  id: 'waist' | 'hem',
): OpeningPlan | undefined {
  const zone = zones.find((one) => one.zone === (id === 'hem' ? 'hip' : 'waist'));
  if (!zone || !body.bust) return undefined;
  const rest = book.numbers[zone.rest] as Explained;
  const seams: Part[] = id === 'hem' ? [{ label: 'hem stitch', gives: setups.gives(setups.choice.hem) }] : [];
  const label = id === 'hem' ? 'Hem' : 'Waist, while it is pulled on';
  return opening(book, id, label, 'the chest with arms raised', rest, body.bust, [cloth, ...seams]);
}

function sleeveHem({ book, body, garment, zones, setups }: Inputs, cloth: Part): OpeningPlan | undefined {
  const measured = garment.pattern.sleeveHemMm;
  const sleeve = zones.find((one) => one.zone === 'biceps');
  if (!body.hand || (measured === undefined && !sleeve)) return undefined;
  const rest =
    measured === undefined
      ? book.work('sleeveHem.rest', {
          label: 'sleeve hem, taken as wide as the sleeve',
          unit: 'mm',
          mark: 'default',
          formula: 'g',
          terms: { g: book.numbers[(sleeve as ZonePlan).rest] as Explained },
          by: ({ g }) => g,
        })
      : book.given('sleeveHem.rest', 'sleeve hem, all round', measured, 'mm', 'measured');
  const stitch = { label: 'hem stitch', gives: setups.gives(setups.choice.hem) };
  return opening(book, 'sleeve-hem', 'Sleeve hem', 'the hand', rest, body.hand, [cloth, stitch]);
}

function opening(
  book: Ledger,
  id: OpeningPlan['id'],
  label: string,
  passesWhat: string,
  rest: Explained,
  passes: Explained,
  parts: readonly Part[],
): OpeningPlan {
  const needs = passing(
    book,
    `pullOn.${id}`,
    `stretch the ${label.toLowerCase()} needs to pass ${passesWhat}`,
    passes,
    rest,
  );
  const checked = parts.map((part) => ({
    label: part.label,
    gives: part.gives.id,
    ok: part.gives.value >= (part.needs ?? needs).value,
  }));
  return {
    id,
    label,
    passesWhat,
    opening: rest.id,
    passes: passes.id,
    needs: needs.id,
    parts: checked,
    ok: checked.every((part) => part.ok),
  };
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

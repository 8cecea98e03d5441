import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { SeenBy } from '../explain/stage';
import type { StitchOption } from '../machines/seams/chooseStitch';
import type { Demand } from '../machines/seams/demand';
import {
  DEFAULT_PLIES_MM,
  PLANNED_SHARE,
  STRAIGHT_PLIES_MM,
  needleThreadStretch,
  seamStretch,
  straightStretch,
  swungStretch,
  zigzagStretch,
} from '../machines/seams/stitchStretch';
import { stitches } from '../machines/seams/stitches';
import type { OpeningPlan } from '../edges/types';
import type { ZonePlan } from '../fit/types';
import { machinesFor, machinesSee } from './machinesFor';
import { HANDLING } from './wearing';

export const rowsSee = {
  records: ['outer', ...machinesSee.records],
  garment: machinesSee.garment,
} as const;

/** What the numbers of a row of stitches are made from; the ledger knows the plan's own, and refers to them by id. */
export interface RowNumbers {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof rowsSee>;
  readonly zones: readonly ZonePlan[];
  readonly openings: readonly Pick<OpeningPlan, 'id' | 'needs'>[];
}

/** The number of that id, entered now where it is not there yet. */
const once = ({ book }: RowNumbers, id: string, enter: () => Explained): Explained =>
  book.numbers[id] ?? enter();

/** What a stitch gives: as its swatch was measured, else as planned by its model. */
export function capacityNumber(inputs: RowNumbers, option: StitchOption): Explained {
  const { book, facts } = inputs;
  const { model, name } = stitches[option.stitch];
  const card =
    option.cardId === undefined || option.machineId === undefined
      ? undefined
      : machinesFor(facts)[option.machineId]?.cards[option.cardId];
  if (card && option.cardId !== undefined) {
    return once(inputs, `stitch.${option.stitch}.${option.cardId}`, () =>
      book.work(`stitch.${option.stitch}.${option.cardId ?? ''}`, {
        label: `what the swatch of ${name} stretched`,
        unit: 'share',
        mark: 'own record',
        note: `Sewn on ${card.sewnOn}.`,
        formula: 'r / l - 1',
        terms: {
          r: leaf('stretched until it resisted or popped', card.reachedMm ?? 0, 'mm', 'measured'),
          l: leaf('the seam as it lay', card.afterMm ?? card.beforeMm ?? 1, 'mm', 'measured'),
        },
      }),
    );
  }
  const label = `what a ${name} is planned to stretch`;
  const id = `stitch.${option.stitch}.gives`;
  return once(inputs, id, () => {
    const planned = leaf('share of the bound that is planned on', PLANNED_SHARE, 'ratio', 'T');
    if (model.kind === 'stated') {
      return book.given(id, label, model.plannedShare, 'share', 'T', 'Weak: swatch it first.');
    }
    if (model.kind === 'looped') {
      return book.work(id, {
        label,
        unit: 'share',
        mark: 'S, from memory',
        note: 'industrial thread-consumption tables',
        formula: `planned * (${needleThreadStretch.text})`,
        terms: {
          planned,
          thread: leaf('thread for each length of seam', model.threadRatio, 'ratio', 'S, from memory'),
          share: leaf('the needles’ share of it', model.needleShare, 'share', 'S, from memory'),
          needles: leaf('needles', model.needles, 'count', 'S'),
        },
      });
    }
    const thick = facts.outer?.thicknessMm;
    const swings = model.swings ?? 1;
    const straight = model.widthMm === 0;
    return book.work(id, {
      label,
      unit: 'share',
      mark: 'D',
      formula: `planned * (${(straight ? straightStretch : swings === 1 ? zigzagStretch : swungStretch).text})`,
      terms: {
        planned,
        L: leaf('stitch length', model.lengthMm, 'dialMm', 'T'),
        ...(straight
          ? { most: leaf('most that counts under a straight row', STRAIGHT_PLIES_MM, 'dialMm', 'T') }
          : { W: leaf('zigzag width', model.widthMm, 'dialMm', 'T') }),
        ...(swings === 1 ? {} : { n: leaf('stitches in one swing', swings, 'count', 'T') }),
        t:
          thick === undefined
            ? leaf('two layers of cloth, not measured', DEFAULT_PLIES_MM, 'dialMm', 'default')
            : leaf('two layers of the cloth', 2 * thick, 'dialMm', 'measured'),
      },
    });
  });
}

/** What a row must reach, with what asks for it. Without a body: what such a row is usually asked. */
export function demandNumber(
  inputs: RowNumbers,
  id: string,
  label: string,
  demand: Demand | undefined,
  usual: number,
): Explained {
  const { book, zones, openings } = inputs;
  const get = (one: string | undefined) => (one === undefined ? undefined : book.numbers[one]);
  const enter = (value: number, mark: Explained['mark'], note?: string) =>
    once(inputs, id, () => book.given(id, label, value, 'share', mark, note));
  if (!demand || demand.from === 'class') {
    return enter(usual, 'default', 'What such a row is usually asked; a measured body tells it better.');
  }
  if (demand.from === 'stay') return enter(0, 'T', 'It must not grow: its stay holds it at rest.');
  if (demand.from === 'pulled on') {
    const needs = get(openings.find((one) => one.id === demand.opening)?.needs);
    if (needs) return needs;
  }
  if (demand.from === 'still') return enter(0, 'T', 'It is truly still: it is not stretched in wear.');
  if (demand.from === 'handled') {
    const pulled = get(HANDLING);
    if (pulled) return pulled;
  }
  if (demand.from === 'stated')
    return enter(demand.share, 'chosen', 'As you said it is pulled while dressing.');
  const extension = (zone: string | undefined) => get(zones.find((one) => one.zone === zone)?.extension);
  const across = extension(demand.zone);
  const along = extension(demand.alongZone);
  return once(inputs, id, () =>
    book.work(id, {
      label,
      unit: 'share',
      mark: 'D',
      ...(demand.skinLabel ? { note: `Skin: ${demand.skinLabel}.` } : {}),
      formula: seamStretch.text,
      terms: {
        skin: leaf(
          'skin that stretches under it',
          demand.skin,
          'share',
          demand.skin > 0 ? 'S, from memory' : 'D',
        ),
        ex: demand.across > 0 && across ? across : leaf('worn extension across', demand.across, 'share', 'D'),
        ey: demand.along > 0 && along ? along : leaf('worn extension along', demand.along, 'share', 'D'),
        angle: leaf('angle of the seam to the lengthwise axis', demand.angleRad, 'rad', 'D'),
      },
    }),
  );
}

/** What asks for a row's stretch, in words. */
export function askedBy(demand: Demand | undefined, why: string | undefined): Phrase {
  switch (demand?.from) {
    case 'pulled on':
      return say`while it is pulled on`;
    case 'stated':
      return say`as you pull it on`;
    case 'moving':
      return say`worn, and moving`;
    case 'worn':
      return why === undefined ? say`as it is worn` : say`${why}`;
    case 'handled':
      return say`hands pull along it as it goes on`;
    case 'still':
      return why === undefined ? say`it is still` : say`${why}`;
    case 'stay':
      return say`it must not grow`;
    default:
      return say`as such rows usually are`;
  }
}

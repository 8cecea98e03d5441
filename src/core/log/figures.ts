import type { Garment } from '../facts/garment';
import { isRight } from '../learn/scales';
import { troubles } from '../machines/troubles';
import { newestFirst } from '../wear/rounds';

/** As much of a garment as the figures are made of; of its layouts how long each was that is cut. */
export interface Counted extends Pick<Garment, 'fittings' | 'sewn'> {
  readonly wrong?: Garment['wrong'];
  readonly cut: readonly { readonly cloth: string; readonly mm: number }[];
}

/** Something counted, the most of it first. */
export interface Figure {
  readonly what: string;
  readonly count: number;
}

/** What a household's garments tell together. */
export interface LogFigures {
  /** Garments that were tried on, and those of them that were right everywhere the last time. */
  readonly tried: number;
  readonly right: number;
  /** Where garments were off, and how. */
  readonly off: readonly Figure[];
  readonly wrong: readonly Figure[];
  readonly minutes: number;
  /** Minutes by step. */
  readonly steps: readonly Figure[];
  /** Cloth cut, mm of its length. */
  readonly cloths: readonly Figure[];
}

const MOST = 5;

/** Counts what garments came to: outcomes, troubles, minutes, cloth. */
export function figuresOf(garments: readonly Counted[]): LogFigures {
  const off = new Map<string, number>();
  const wrong = new Map<string, number>();
  const steps = new Map<string, number>();
  const cloths = new Map<string, number>();
  let [tried, right] = [0, 0];
  for (const { fittings, sewn, wrong: went = {}, cut } of garments) {
    const last = newestFirst(fittings)[0]?.[1];
    const answers = Object.entries(last?.outcomes ?? {});
    if (answers.length > 0) {
      tried += 1;
      if (answers.every(([, outcome]) => isRight(outcome))) right += 1;
    }
    for (const { outcomes } of Object.values(fittings))
      for (const [place, outcome] of Object.entries(outcomes))
        if (!isRight(outcome)) add(off, `${words(place)} ${outcome}`, 1);
    for (const { symptom } of Object.values(went))
      add(wrong, troubles.find(({ id }) => id === symptom)?.label ?? symptom, 1);
    for (const [step, { minutes }] of Object.entries(sewn)) if (minutes) add(steps, words(step), minutes);
    for (const { cloth, mm } of cut) add(cloths, cloth, mm);
  }
  return {
    tried,
    right,
    off: most(off),
    wrong: most(wrong),
    minutes: [...steps.values()].reduce((sum, minutes) => sum + minutes, 0),
    steps: most(steps),
    cloths: most(cloths),
  };
}

const add = (sums: Map<string, number>, what: string, by: number) =>
  sums.set(what, (sums.get(what) ?? 0) + by);

/** What a place or a step is called where its garment is not at hand; a step of a change is told as the first time. */
export const words = (id: string): string => id.replace(/^(edge|m\d+)-/, '').replaceAll('-', ' ');

const most = (sums: ReadonlyMap<string, number>): readonly Figure[] =>
  [...sums]
    .map(([what, count]): Figure => ({ what, count }))
    .toSorted((a, b) => b.count - a.count || a.what.localeCompare(b.what))
    .slice(0, MOST);

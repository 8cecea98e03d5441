import {
  FLAT,
  NECKLINE_TO_OPEN,
  STRETCH_TO_OPEN,
  WIDTH_TO_OPEN,
  windowRemedies,
  type WindowInputs,
} from '../edges/fold/window';
import { turnOf } from '../edges/edgeLength';
import type { EdgePlan, FoldPlan, StripPlan } from '../edges/types';
import type { Explained, Phrase, Term } from '../explain/explained';
import { atLeast, atMost, getNumber, leaf, say, type Ledger } from '../explain/ledger';
import type { Seen } from '../explain/stage';
import type { Problem } from '../explain/problem';
import type { GarmentKind } from '../fit/garmentKind';
import { LIMITS } from '../fit/limits';
import { isAtMostMm } from '../units/tolerance';

interface Inputs {
  readonly book: Ledger;
  readonly facts: Seen<never, 'edges'>;
  readonly kind: GarmentKind;
}

/** What is wrong with a band whose fold says what is too long: no length, or one that is too short or stands up. */
export function foldProblems(inputs: Inputs, edge: EdgePlan, strip: StripPlan): Problem[] {
  const { fold } = strip;
  const get = (id: string) => getNumber(inputs.book.numbers, id);
  const shortest = strip.shortest === undefined ? undefined : get(strip.shortest);
  if (!fold || !shortest) return [];
  const name = strip.label.toLowerCase();
  const problem = (
    id: string,
    severity: Problem['severity'],
    sentence: Phrase,
    remedies: readonly Phrase[],
  ): Problem[] => [{ id: `band-${id}-${edge.id}`, stage: 'bands', severity, sentence, remedies }];
  const { lies } = fold;
  if (!lies) {
    return problem(
      'window',
      'stop',
      say`A band of ${get(fold.width)} is too wide to lie on an edge of ${get(strip.on)}: it stands up like a collar.`,
      openers(inputs, edge, strip, fold),
    );
  }
  const steam = get(lies.steam);
  if (!isAtMostMm(shortest.value, steam.value)) {
    const binding = strip.shortestBy.find(({ at }) => get(at).value === shortest.value);
    return problem(
      'window',
      'stop',
      say`No ${name} length works: it must be at least ${shortest}, or it never ${binding?.label ?? 'reaches'}; and at most ${steam} to lie down.`,
      openers(inputs, edge, strip, fold),
    );
  }
  if (strip.state === 'too short') {
    return problem(
      'short',
      'stop',
      say`The ${name} is shorter than ${shortest}, the shortest that works here.`,
      [say`Choose at least ${atLeast(shortest)}.`, ...openers(inputs, edge, strip, fold)],
    );
  }
  if (strip.state !== 'stands up') return [];
  return problem('long', 'look', say`The ${name} is longer than ${steam}: it will gape or stand up.`, [
    say`Choose at most ${atMost(get(lies.flat))}, so that it lies flat.`,
  ]);
}

/** What would open the window, computed for this edge. */
function openers({ book, facts, kind }: Inputs, edge: EdgePlan, strip: StripPlan, fold: FoldPlan): Phrase[] {
  const get = (id: string) => getNumber(book.numbers, id);
  const otherwise = say`Add an opening, such as a placket or a shoulder closure.`;
  const choice = facts.garment.edges?.[edge.id];
  const run = kind.edges.find(({ id }) => id === edge.id);
  if (choice?.shape === 'V' || strip.stretch === undefined || !run) {
    return [
      say`Cut the band from a cloth that stretches more, make it narrower, or cut the neckline wider.`,
      otherwise,
    ];
  }
  const terms = {
    N: get(strip.on),
    H: passedBy(book, strip),
    w: get(fold.width),
    turn: leaf('total turn of the edge', turnOf(run, choice?.measured), 'rad', 'D'),
    S: get(strip.stretch),
    limit: leaf('share of the stretch usable while sewing', LIMITS.sewn, 'share', 'T'),
    flat: leaf('a band that lies flat, against its fold edge', FLAT, 'ratio', 'T'),
  } as const;
  const found = windowRemedies(
    Object.fromEntries(Object.entries(terms).map(([name, { value }]) => [name, value])) as WindowInputs,
  );
  const solved = (name: string, label: string, unit: 'mm' | 'share', formula: string): Explained =>
    book.work(`problem.${edge.id}.${name}`, { label, unit, mark: 'D', formula, terms });
  const phrases: Phrase[] = [];
  if (found.bandStretch !== undefined) {
    const stretch = solved('stretch', 'stretch a band needs here', 'share', STRETCH_TO_OPEN);
    phrases.push(say`Cut the band from a cloth that stretches ${atLeast(stretch)} or more along the band.`);
  }
  if (found.finishedMm !== undefined) {
    const finished = solved('finished', 'widest band that lies flat here', 'mm', WIDTH_TO_OPEN);
    phrases.push(say`Make the band ${atMost(finished)} wide, finished, or narrower.`);
  }
  if (found.necklineMm !== undefined) {
    const wider = solved('wider', 'smallest edge on which this band lies flat', 'mm', NECKLINE_TO_OPEN);
    phrases.push(say`Cut the neckline wider: ${atLeast(wider)} at the seamline, or more.`);
  }
  return [...phrases, otherwise];
}

/** What the band has to go over; nothing where its opening has a closure. */
function passedBy(book: Ledger, { shortestBy }: StripPlan): Term {
  const limit = shortestBy.find(({ id }) => id === 'passes');
  const over = limit && getNumber(book.numbers, limit.at).terms.L;
  return over ?? leaf('what it goes over: it opens', 0, 'mm', 'chosen');
}

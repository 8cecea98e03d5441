import type { Explained, NumberId, Phrase } from '../explain/explained';
import { getNumber, type Ledger, type Working } from '../explain/ledger';
import type { Body } from '../explain/body';
import type { ZoneId } from '../facts/garment';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import type { UsualMm } from '../fit/drafting';
import type { GarmentKind } from '../fit/garmentKind';
import type { DrawnBody } from '../garments/drawings/figure';
import type { ZonePlan } from '../fit/types';
import type { Point } from '../geometry/point';
import { estimateOf } from './estimates';
import { rootBetween } from './solve';

/** Something about a shape that a person may choose: between what is sensible, else as usual. */
export interface DraftChoice {
  readonly id: string;
  readonly label: string;
  readonly value: NumberId;
  readonly leastMm: number;
  readonly mostMm: number;
  readonly usualMm: number;
  readonly chosen: boolean;
}

/** A point of a piece by which a choice is dragged: so far along `way` it grows by as much. */
export interface DraftHandle {
  readonly choice: string;
  readonly piece: string;
  readonly at: Point;
  readonly way: Point;
}

/** What was solved so that two things agree. */
export interface DraftSolved {
  readonly id: string;
  readonly value: NumberId;
  /** What had to agree, in words, and both sides of it. */
  readonly equation: string;
  readonly left: NumberId;
  readonly right: NumberId;
}

/** Notches: along an edge, `piece.edge`, mm from its start. */
export type DraftedNotches = Readonly<
  Record<string, readonly { readonly atMm: number; readonly double?: true }[]>
>;

export interface Solving {
  readonly label: string;
  readonly unit?: 'mm' | 'share';
  readonly equation: string;
  /** Between what it is sought. */
  readonly low: number;
  readonly high: number;
  /** What the drawn side comes to with a value. */
  readonly drawn: (value: number) => number;
  readonly drawnLabel: string;
  readonly wanted: Explained;
}

/** What a block is drafted with: the body, the garment’s girths, what was chosen; and where it notes what it found. */
export interface Drafter {
  readonly book: Ledger;
  readonly kind: GarmentKind;
  readonly child: boolean;
  /** A measure of the body: as measured, else estimated and noted. */
  readonly body: (measure: BodyMeasure) => Explained;
  readonly measured: (measure: BodyMeasure) => boolean;
  /** The garment’s girth at a zone, at rest; of one that is not planned, in proportion to the first that is. */
  readonly girth: (zone: ZoneId, measure: BodyMeasure) => Explained;
  readonly planned: (zone: ZoneId) => boolean;
  /** How far an opening’s edge has to go round; nothing where that is not known. */
  readonly asked: (edge: string) => Explained | undefined;
  readonly usual: (mm: UsualMm) => number;
  readonly work: (id: string, working: Omit<Working, 'mark'> & Partial<Pick<Working, 'mark'>>) => Explained;
  readonly choose: (
    id: string,
    choice: { readonly label: string; readonly usual: number; readonly least: number; readonly most: number },
  ) => number;
  readonly isChosen: (id: string) => boolean;
  /** A value between limits that makes both sides agree; nothing where none does. */
  readonly solve: (id: string, solving: Solving) => number | undefined;
  /** Notes what was measured on the drawing. */
  readonly drawn: (id: string, label: string, mm: number) => Explained;
  /** It cannot be drafted, and why; it goes on all the same, so that everything that is wrong is told. */
  readonly cannot: (sentence: Phrase) => void;
  /** It can, but somebody should know. */
  readonly note: (sentence: Phrase) => void;
  readonly handle: (handle: DraftHandle) => void;
}

/** What a drafter has noted. */
export interface DraftNotes {
  readonly estimated: readonly { readonly measure: BodyMeasure; readonly value: NumberId }[];
  readonly choices: readonly DraftChoice[];
  readonly handles: readonly DraftHandle[];
  readonly solved: readonly DraftSolved[];
  readonly faults: readonly Phrase[];
  readonly notes: readonly Phrase[];
}

export interface DrafterInputs {
  readonly book: Ledger;
  readonly kind: GarmentKind;
  readonly child: boolean;
  readonly ageYears: number | undefined;
  readonly body: Body;
  /** Everything that was measured of the wearer, mm, whether this garment asks for it or not. */
  readonly measured: DrawnBody;
  readonly zones: readonly ZonePlan[];
  readonly values: Readonly<Record<string, number>>;
  readonly asked: (edge: string) => Explained | undefined;
}

export function createDrafter(inputs: DrafterInputs): {
  readonly drafter: Drafter;
  readonly notes: DraftNotes;
} {
  const { book, kind, zones, values, child } = inputs;
  const estimated: DraftNotes['estimated'][number][] = [];
  const [choices, handles, solved]: [DraftChoice[], DraftHandle[], DraftSolved[]] = [[], [], []];
  const [faults, notes]: [Phrase[], Phrase[]] = [[], []];
  const known: Partial<Record<BodyMeasure, Explained>> = { ...inputs.body };
  const girths: Record<ZoneId, Explained> = {};

  const work: Drafter['work'] = (id, working) => book.work(`draft.${id}`, { mark: 'D', ...working });
  const body = (measure: BodyMeasure): Explained => {
    const before = known[measure];
    if (before) return before;
    const mm = inputs.measured[measure];
    const label = bodyFields[measure].label.toLowerCase();
    if (mm !== undefined)
      return (known[measure] = book.given(`draft.body.${measure}`, label, mm, 'mm', 'measured'));
    const entry = book.work(`draft.body.${measure}`, {
      label: `${label}, estimated`,
      unit: 'mm',
      mark: 'default',
      note: 'Nobody measured it: an estimate from memory, unchecked. Measuring beats it.',
      ...estimateOf(measure, {
        body,
        child,
        ageYears: inputs.ageYears,
        has: (one) => one in known || one in inputs.measured,
      }),
    });
    known[measure] = entry;
    estimated.push({ measure, value: entry.id });
    return entry;
  };
  const planOf = (zone: ZoneId) => zones.find((one) => one.zone === zone);
  const girth: Drafter['girth'] = (zone, measure) => {
    const plan = planOf(zone);
    if (plan) return getNumber(book.numbers, plan.rest);
    const before = girths[zone];
    if (before) return before;
    const around = kind.zones.find(({ axis, id }) => axis === 'around' && planOf(id));
    const first = around && planOf(around.id);
    if (!first) return body(measure);
    return (girths[zone] = work(`girth.${zone}`, {
      label: `garment at the ${bodyFields[measure].label.toLowerCase()}, at rest`,
      unit: 'mm',
      formula: 'G * first / firstBody',
      note: 'No zone of this garment is planned there: as close as where one is.',
      terms: {
        G: body(measure),
        first: getNumber(book.numbers, first.rest),
        firstBody: getNumber(book.numbers, first.body),
      },
    }));
  };
  const drafter: Drafter = {
    book,
    kind,
    child,
    body,
    measured: (measure) => inputs.measured[measure] !== undefined,
    girth,
    planned: (zone) => planOf(zone) !== undefined,
    asked: inputs.asked,
    usual: (mm) => (typeof mm === 'number' ? mm : child ? mm.child : mm.adult),
    work,
    choose(id, { label, usual, least, most }) {
      const top = Math.max(least, most);
      const held = (mm: number) => Math.min(Math.max(mm, least), top);
      const chosen = values[id];
      const value = held(chosen ?? usual);
      const entry = book.given(
        `draft.choice.${id}`,
        label,
        value,
        'mm',
        chosen === undefined ? 'T, from memory' : 'chosen',
      );
      choices.push({
        id,
        label,
        value: entry.id,
        leastMm: least,
        mostMm: top,
        usualMm: held(usual),
        chosen: chosen !== undefined,
      });
      return value;
    },
    isChosen: (id) => values[id] !== undefined,
    solve(id, { label, unit = 'mm', equation, low, high, drawn, drawnLabel, wanted }) {
      const value = rootBetween((x) => drawn(x) - wanted.value, low, high);
      if (value === undefined) return undefined;
      const entry = book.given(`draft.solved.${id}`, label, value, unit, 'D', `Solved so that ${equation}.`);
      const left = book.given(
        `draft.solved.${id}.drawn`,
        drawnLabel,
        drawn(value),
        'mm',
        'measured',
        'Measured along the drawn line.',
      );
      solved.push({ id, value: entry.id, equation, left: left.id, right: wanted.id });
      return value;
    },
    drawn: (id, label, mm) =>
      book.given(`draft.drawn.${id}`, label, mm, 'mm', 'measured', 'Measured along the drawn line.'),
    cannot: (sentence) => void faults.push(sentence),
    note: (sentence) => void notes.push(sentence),
    handle: (handle) => void handles.push(handle),
  };
  return { drafter, notes: { estimated, choices, handles, solved, faults, notes } };
}

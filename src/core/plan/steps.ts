import { seamSteps } from '../assembly/seamSteps';
import { teeSteps, type StepDraft, type TeeBandFigures, type TeeFigures } from '../assembly/teeSteps';
import type { Explained } from '../explain/explained';
import { say, type Ledger } from '../explain/ledger';
import type { GarmentKind } from '../garments/garmentKind';
import type { Body } from './measures';
import type { Neckline } from './neckline';
import type { Setups } from './stitchSetups';
import { stayNames } from './ticketRolls';
import type { GarmentFacts, NeckbandPlan, OpeningPlan, StepPlan } from './types';

interface Inputs {
  readonly book: Ledger;
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly body: Body;
  readonly neckline: Neckline | undefined;
  readonly neckband: NeckbandPlan | undefined;
  readonly openings: readonly OpeningPlan[];
  readonly setups: Setups;
}

/** Sewn seams are trimmed to this on a sewing machine: ¼ in (T). */
const TRIMMED_MM = 6.35;
/** Length of a test swatch's seam (T). */
const SWATCH_MM = 100;
/** How far a row sewn in the round runs over its start (T). */
const OVERLAP_MM = 10;

/** The garment's steps, each with its numbers in the ledger and its seam held against what it must stretch. */
export function planSteps(inputs: Inputs): readonly StepPlan[] {
  const { book, facts, kind, setups, openings } = inputs;
  const names = {
    outer: facts.outer ? [{ name: facts.outer.name }] : say`the cloth`,
    band: facts.band ? [{ name: facts.band.name }] : say`the band`,
    child: facts.wearer?.grown === 'child',
  };
  const drafts =
    kind.kind === 'tee'
      ? teeSteps(facts.garment, setups.choice, figures(inputs), names)
      : seamSteps(
          kind,
          setups.choice,
          book.given('sew.swatch', 'length of the swatch', SWATCH_MM, 'mm', 'T'),
        );
  return drafts.map((draft): StepPlan => ({
    id: draft.id,
    title: draft.title,
    lines: draft.lines,
    check: draft.check,
    cautions: draft.cautions,
    minutes: book.given(`step.${draft.id}.minutes`, 'minutes, estimated', draft.minutes, 'minutes', 'T').id,
    ...(draft.stitch ? { stitch: draft.stitch } : {}),
    ...seamOf(draft, openings, setups),
    done: facts.garment.sewn[draft.id] !== undefined,
  }));
}

function seamOf(draft: StepDraft, openings: readonly OpeningPlan[], setups: Setups): Pick<StepPlan, 'seam'> {
  const opening = openings.find(({ id }) => id === draft.opening);
  if (!opening || !draft.stitch) return {};
  const gives = setups.gives(draft.stitch);
  const part = opening.parts.find((one) => one.gives === gives.id);
  return part ? { seam: { needs: opening.needs, gives: gives.id, ok: part.ok } } : {};
}

function figures({ book, facts, body, neckline, neckband, openings }: Inputs): TeeFigures {
  const { pattern, stay } = facts.garment;
  const length = (id: string, label: string, mm: number, mark: 'measured' | 'T' | 'chosen') =>
    book.given(`sew.${id}`, label, mm, 'mm', mark);
  const asked = openings.map((opening) => book.numbers[opening.needs] as Explained);
  return {
    seamAllowance: length('seamAllowance', 'seam allowance', pattern.seamAllowanceMm, 'measured'),
    neckAllowance: length(
      'neckAllowance',
      'seam allowance at the neckline',
      pattern.neckline.allowanceMm,
      'measured',
    ),
    sleeveHem: length('sleeveHem', 'sleeve hem, turned up', pattern.sleeveHemAllowanceMm, 'chosen'),
    hem: length('hem', 'hem, turned up', pattern.hemAllowanceMm, 'chosen'),
    trimmed: length('trimmed', 'trimmed allowance', TRIMMED_MM, 'T'),
    swatch: length('swatch', 'length of the swatch', SWATCH_MM, 'T'),
    overlap: length('overlap', 'overlap at the start', OVERLAP_MM, 'T'),
    mostAsked:
      asked.length === 0
        ? undefined
        : book.work('sew.mostAsked', {
            label: 'most that any seam is asked to stretch',
            unit: 'share',
            mark: 'D',
            formula: `max(${asked.map((_, at) => `e${at}`).join(', ')})`,
            terms: Object.fromEntries(asked.map((one, at) => [`e${at}`, one])),
            by: (values) => Math.max(...Object.values(values)),
          }),
    shoulder:
      pattern.shoulderMm === undefined
        ? undefined
        : length(
            'shoulder',
            `shoulder seam${stay === 'none' ? '' : `, ${stayNames[stay].toLowerCase()}`}`,
            pattern.shoulderMm,
            'measured',
          ),
    neckline: neckline?.seamline,
    head: body.head,
    band: neckband && bandFigures(book, neckband),
  };
}

function bandFigures(book: Ledger, plan: NeckbandPlan): TeeBandFigures {
  const get = (id: string) => book.numbers[id] as Explained;
  const { marked } = plan;
  const mark = marked.marks.find(({ label }) => label === 'quarter');
  const past = mark?.fromSeams[0];
  const signed = past && get(past.mm);
  return {
    sewn: get(plan.sewn),
    count: get(marked.markCount),
    neckSegment: get(marked.edgeSegment),
    bandSegment: get(marked.bandSegment),
    stretch: get(plan.sewnStretch),
    finished: get(plan.expectedWidth ?? plan.finishedWidth),
    quarter:
      signed &&
      book.work('sew.quarter', {
        label: 'quarter mark from the shoulder seam',
        unit: 'mm',
        mark: 'D',
        formula: 'abs(x)',
        terms: { x: signed },
        by: ({ x }) => Math.abs(x),
      }),
    quarterInFront: (signed?.value ?? 0) >= 0,
  };
}

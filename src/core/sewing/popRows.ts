import { getNumber } from '../explain/ledger';
import { stage } from '../explain/stage';
import { isAtLeastShare } from '../units/tolerance';
import { demandClasses, jobOf } from '../machines/seams/jobs';
import type { StitchChoice } from '../machines/seams/chooseStitch';
import type { OpeningPart, OpeningPlan } from '../edges/types';
import { capacityNumber, demandNumber, rowsSee, type RowNumbers } from './rowNumbers';
import type { SewnStep } from './sewnSteps';

/** A sewn step whose row has to hold while the garment is stretched. */
export type Row = SewnStep & { readonly choice: StitchChoice };

/** The rows that stay in: not basting, gathers, swatches, or the overcast edge of a seam. */
export const isRow = (step: SewnStep): step is Row =>
  step.choice !== undefined &&
  step.swatch !== true &&
  step.spec.job !== undefined &&
  step.spec.job !== 'finish' &&
  jobOf(step.spec.job).temporary !== true &&
  (jobOf(step.spec.job).demand !== 'nothing' || step.spec.job === 'stay');

const partLabel = (step: Row): string => {
  if (step.spec.job === 'hem' || step.spec.job === 'serger-hem') return 'hem stitch';
  if (step.spec.job === 'topstitch') return 'topstitch';
  return step.spec.id.endsWith('-turn') ? 'second row' : 'seam';
};

interface RowsInputs extends RowNumbers {
  readonly openings: readonly OpeningPlan[];
  readonly steps: readonly SewnStep[];
}

/** The openings with the rows of stitches along them: each must follow as far as what it is sewn to. */
export const withRows = stage(rowsSee, workRows);

function workRows(inputs: RowsInputs): readonly OpeningPlan[] {
  const { openings, steps } = inputs;
  const rows = steps.filter(isRow).filter(({ spec }) => spec.job !== 'band-join' && spec.job !== 'hold');
  return openings.map((opening) => {
    const parts = rows
      .filter(({ demand }) => demand?.opening === opening.id)
      .map((row): OpeningPart => {
        const gives = capacityNumber(inputs, row.choice);
        const needs = getNumber(inputs.book.numbers, opening.needs).value;
        return {
          kind: 'stitch',
          label: partLabel(row),
          needs: opening.needs,
          gives: gives.id,
          ok: isAtLeastShare(gives.value, needs),
        };
      });
    if (parts.length === 0) return opening;
    const all = [...opening.parts, ...parts];
    return { ...opening, parts: all, ok: all.every(({ ok }) => ok) };
  });
}

/** What a row must reach, as a number of the plan. */
export const rowDemand = (inputs: RowNumbers, { spec, demand, choice }: Row) =>
  demandNumber(
    inputs,
    `row.${spec.id}.needs`,
    'what this row must reach',
    demand,
    spec.job ? demandClasses[jobOf(spec.job).demand] : choice.needs,
  );

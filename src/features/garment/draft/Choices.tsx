'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { COVERAGE } from '@/core/blocks/legEdge';
import type { Draft } from '@/core/blocks/planDraft';
import { lengthMm } from '@/core/facts/spec';
import { boundsOf } from '@/core/geometry/ring';
import { draftOf } from '@/core/plan/asCut';
import { roundPiece, type Outline } from '@/core/pieces/outline';
import { formatLength } from '@/core/units/formatLength';
import { roundToStep, tapeStepMm } from '@/core/units/roundForTape';
import { capital } from '@/core/units/words';
import { pathData } from '@/features/pieces/pathData';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import own from './Draft.module.css';
import { withChoice, type useDrafting } from './useDrafting';

type Drafting = ReturnType<typeof useDrafting>;

/** Everything about the shape that is a choice, to be typed instead of dragged; the rest is solved. */
export function Choices({ draft, drafting }: { draft: Draft; drafting: Drafting }) {
  const { plan } = useGarment();
  const { unit } = useUnit();
  if (draft.choices.length === 0) return null;
  return (
    <div className={own.choices}>
      <div className={own.wide}>
        <h3>What you may choose</h3>
        <p className="soft small">As usual until you say otherwise; all else is solved.</p>
      </div>
      {draft.choices.map((choice) => {
        const { id, label, leastMm, mostMm, usualMm, chosen, value } = choice;
        const mm = drafting.held?.choice === id ? drafting.held.mm : (plan.numbers[value]?.value ?? 0);
        return (
          <div key={id}>
            {id === 'coverage' && <Coverage draft={draft} drafting={drafting} />}
            <LengthField
              spec={lengthMm(capital(label), leastMm, mostMm)}
              valueMm={chosen ? mm : roundToStep(mm, tapeStepMm(mm, unit))}
              onChange={(mm) => drafting.choose(id, mm)}
            />
            {chosen && (
              <Button size="small" onClick={() => drafting.choose(id, undefined)}>
                Back to usual, {formatLength(usualMm, unit)}
              </Button>
            )}
          </div>
        );
      })}
    </div>
  );
}

const OFFERED = [
  ['less', 'Less'],
  ['usual', 'Usual'],
  ['full', 'Full'],
] as const;
const PICTURE_PX = 54;

/** How much of the seat is covered, as three pictures of the back. */
function Coverage({ draft, drafting }: { draft: Draft; drafting: Drafting }) {
  const { facts, kind, today } = useGarment();
  const usual = draft.choices.find(({ id }) => id === 'coverage')?.usualMm ?? COVERAGE.usual;
  const size = usual / COVERAGE.usual;
  const pictures = useMemo(
    () =>
      OFFERED.flatMap(([id, words]) => {
        const mm = COVERAGE[id] * size;
        const draft = draftOf({ facts: withChoice(facts, 'coverage', mm), kind, onDate: today });
        const back = draft?.drawn.outlines.back;
        return back ? [{ id, words, mm, back }] : [];
      }),
    [facts, kind, today, size],
  );
  const chosen = facts.garment.draft?.shaped?.coverage ?? usual;
  return (
    <div className={own.pictures} role="group" aria-label="How much of the seat is covered">
      {pictures.map(({ id, words, mm, back }) => (
        <button
          key={id}
          type="button"
          className={own.picture}
          aria-pressed={Math.abs(chosen - mm) < 0.5}
          onClick={() => drafting.choose('coverage', id === 'usual' ? undefined : mm)}
        >
          <Picture back={back} />
          <span className="small">{words}</span>
        </button>
      ))}
    </div>
  );
}

/** The back opened out, small. */
function Picture({ back }: { back: Outline }) {
  const { top, bottom, right } = boundsOf(roundPiece(back));
  const data = `${pathData(roundPiece(back))}Z`;
  return (
    <svg
      aria-hidden="true"
      width={PICTURE_PX}
      height={PICTURE_PX}
      viewBox={`${-right} ${top} ${2 * right} ${bottom - top}`}
    >
      <path d={data} />
      <path d={data} transform="scale(-1 1)" />
    </svg>
  );
}

'use client';
import { useMemo, useState } from 'react';
import { turnOfCloth } from '@/core/edges/fold/formulas';
import { allowanceAt } from '@/core/facts/allowance';
import { finishedFromCut } from '@/core/edges/elastics/lengths';
import { marksOf, quarterPastSeam } from '@/core/edges/marks/stripMarks';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider, useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { BandMarks } from './BandMarks';
import { EdgeFigures } from './EdgePanel';
import { AllowanceNote, EdgeWays } from './EdgeWays';
import { Drop, Gathers, Ripple } from './EdgeExtras';
import { EdgeMaterials } from './EdgeMaterials';
import { FoldChoices } from './FoldChoices';
import { GivenStrip } from './GivenStrip';
import { EdgeMeasure } from './EdgeMeasure';
import { Rounds } from './Rounds';
import { Sections } from './Sections';
import { StripOutcome } from './StripOutcome';
import { StripWindow } from './StripWindow';
import { Threading } from './Threading';
import { useEdge } from './useEdge';

/** Everything about one edge: its strips with their windows and marks, what they are of, and how they are sewn. */
export function EdgeWork({ plan }: { plan: EdgePlan }) {
  const { use } = useEdge(plan);
  const measuring = <EdgeMeasure plan={plan} />;
  const plain = use.strips.length === 0 || plan.strips.length === 0;
  const strip = plan.strips[0];
  const tried = plan.strips.find(({ of }) => of === 'elastic');
  const onlyStay = use.stays === true;
  // Where the measuring stands is settled as the edge is opened: it does not move away under the typing.
  const [measureFirst] = useState(plan.missing !== undefined);
  return (
    <>
      {(plain || onlyStay) && <EdgeFigures edge={plan} />}
      {plan.missing && (
        <p>
          <PhraseText phrase={plan.missing} />.
        </p>
      )}
      {measureFirst && measuring}
      <AllowanceNote plan={plan} />
      <EdgeMaterials plan={plan} />
      {!onlyStay &&
        plan.strips.map((one, at) => (
          <div key={one.id} className={styles.stack} style={{ gap: 22 }}>
            {(at === 0 || one.rules.length > 1) && <StripWindow edge={plan} strip={one} second={at > 0} />}
            {at > 0 && one.rules.length === 1 && (
              <h2>
                {one.label}, as long as {one.onWhat}
              </h2>
            )}
            <StripOutcome edge={plan} strip={one} first={at === 0} />
            {one.fold && <FoldChoices plan={plan} strip={one} />}
            {at === 0 && <Given plan={plan} strip={one} />}
          </div>
        ))}
      {strip && <Sections plan={plan} strip={strip} />}
      {strip?.marking && <StripMarks plan={plan} strip={strip} />}
      {use.hardware && strip && <Threading sides={use.measured === 'between rings'} />}
      {tried && use.triedOn && strip === tried && <Rounds plan={plan} strip={tried} />}
      <Drop plan={plan} />
      <Ripple plan={plan} />
      {!measureFirst && use.measured !== 'not at all' && measuring}
      {!onlyStay && use.allowance !== 'none' && !use.hardware && <Gathers plan={plan} />}
      <EdgeWays plan={plan} />
    </>
  );
}

/** The first strip of cloth, typed as it is cut. */
function Given({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { garment, facts } = useGarment();
  const { use, put } = useEdge(plan);
  const numbers = useNumbers();
  const spec = use.strips[0];
  if (!strip.cutWidth || !spec || strip.of === 'elastic') return null;
  const way = spec.width === 'binding' || spec.width === 'facing' ? spec.width : 'folded';
  const allowanceMm = allowanceAt(garment, plan.id);
  const cloth = strip.of === 'band' ? facts.band : facts.outer;
  return (
    <GivenStrip
      name={strip.label.toLowerCase()}
      cutLengthMm={valueOf(numbers, strip.cutLength.exact)}
      cutWidthMm={valueOf(numbers, strip.cutWidth.exact)}
      onLength={(mm) =>
        put('strip as it is cut', {
          ownMm: mm * valueOf(numbers, strip.parts) - valueOf(numbers, strip.adds),
          school: 'own',
        })
      }
      onWidth={(mm) =>
        put('strip as it is cut', {
          finishedMm: finishedFromCut(way, mm, {
            allowanceMm,
            turnOfClothMm: way === 'folded' ? turnOfCloth(cloth?.thicknessMm) : 0,
          }),
        })
      }
    />
  );
}

/** The marks of a strip, worked out as they are shown. */
function StripMarks({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { plan: garment } = useGarment();
  const { choice, put } = useEdge(plan);
  const { unit } = useUnit();
  const marks = useMemo(() => marksOf(garment, strip), [garment, strip]);
  const numbers = useMemo(() => ({ ...garment.numbers, ...marks?.numbers }), [garment, marks]);
  if (!marks) return null;
  const past = strip.byFold && quarterPastSeam(marks);
  return (
    <NumbersProvider numbers={numbers}>
      <BandMarks
        marked={marks.marked}
        edge={strip.on}
        strip={strip.sewn}
        edgeName={plan.label.toLowerCase()}
        stripName={strip.label.toLowerCase()}
        byCurve={strip.byFold === true}
        choice={choice.marks ?? 'auto'}
        onChoose={(next) => put('marks', { marks: next })}
      >
        {strip.byFold && <WhereJoined plan={plan} strip={strip} />}
      </BandMarks>
      {past && (
        <p>
          A quarter mark lies <ExplainedNumber id={past.id} text={formatLength(Math.abs(past.value), unit)} />{' '}
          {past.value >= 0 ? 'in front of' : 'behind'} each shoulder seam.
        </p>
      )}
    </NumbersProvider>
  );
}

/** Where the ends of a band on a neck meet. */
function WhereJoined({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { choice, put } = useEdge(plan);
  if (strip.endsInSeam)
    return <p>Its ends lie in the {strip.meetsAt} seam: at Sew it goes on before that is closed.</p>;
  return (
    <ChoiceRow
      legend="Band joined at"
      value={choice.joinAt ?? 'centre-back'}
      options={[
        { value: 'centre-back', label: 'centre back' },
        { value: 'left-shoulder', label: 'left shoulder' },
      ]}
      onChange={(joinAt) => put('where it is joined', { joinAt })}
    />
  );
}

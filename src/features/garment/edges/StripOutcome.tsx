'use client';
import Alert from '@mui/material/Alert';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { StretchRule } from '@/ui/StretchRule';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { UsualButton } from './UsualButton';
import { useEdge } from './useEdge';

const JOIN_WORDS = {
  butted: 'ends butted and zigzagged, nothing added',
  overlapped: 'ends overlapped and crossed with an X',
  seamed: 'joined with a seam',
  open: 'two ends',
} as const;

/** What becomes of a strip: what to cut, how far it is stretched, whether it passes, how it holds. */
export function StripOutcome({
  edge,
  strip,
  first,
}: {
  edge: EdgePlan;
  strip: StripPlan;
  /** The strip that is sewn to the edge itself. */
  first: boolean;
}) {
  const { plan } = useGarment();
  const { edge: data, use } = useEdge(edge);
  const numbers = useNumbers();
  const { unit } = useUnit();
  const get = (id: string) => valueOf(numbers, id);
  const opening = plan.openings.find(({ id }) => id === edge.opening);
  const label = strip.of === 'elastic' ? 'elastic' : edge.finish;
  const part = opening?.parts.find((one) => one.kind === 'strip' && one.label === label);
  const sewn = get(strip.sewn);
  const stretch = strip.stretch === undefined ? undefined : get(strip.stretch);
  const body = strip.body === undefined ? undefined : get(strip.body);
  const passes = opening && part ? get(opening.passes) : undefined;
  const limit = stretch === undefined ? undefined : sewn * (1 + stretch);
  const furthest = Math.max(sewn, body ?? 0, passes ?? 0, limit ?? 0);
  const holds = body !== undefined && strip.longestBy[0]?.id === 'body';
  const count = strip.rows.length;
  return (
    <section className={styles.stack}>
      <div className={styles.fields} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))' }}>
        <div>
          <p className="soft">Cut{count > 1 || data.pair ? ', for each side' : ''}</p>
          <p>
            <ExplainedNumber id={strip.cutLength[unit]} />
            {strip.cutWidth && (
              <>
                {' × '}
                <ExplainedNumber id={strip.cutWidth[unit]} />
              </>
            )}
            {get(strip.parts) > 1 && (
              <>
                , <ExplainedNumber id={strip.parts} /> parts
              </>
            )}
          </p>
          {strip.shorter && (
            <p className="soft small">
              really <ExplainedNumber id={strip.shorter[unit]} /> shorter than {strip.onWhat}
            </p>
          )}
        </div>
        <div>
          <p className="soft">Joins and tails</p>
          <p>
            <ExplainedNumber id={strip.adds} />
          </p>
          <p className="soft small">
            {strip.endsInSeam ? `in the ${strip.meetsAt ?? ''} seam` : JOIN_WORDS[strip.join]}
          </p>
        </div>
        {strip.sewnStretch && (
          <div>
            <p className="soft">While it is sewn</p>
            <p>
              stretched <ExplainedNumber id={strip.sewnStretch} />
              {strip.stretch && (
                <>
                  {' of its '}
                  <ExplainedNumber id={strip.stretch} />
                </>
              )}
            </p>
            {strip.growth && strip.resting && (
              <p className="soft small">
                grows <ExplainedNumber id={strip.growth} />, to rest at <ExplainedNumber id={strip.resting} />
              </p>
            )}
          </div>
        )}
        {strip.fold && (
          <div>
            <p className="soft">Finished</p>
            <p>
              <ExplainedNumber id={strip.fold.finished} /> wide, opening{' '}
              <ExplainedNumber id={strip.fold.inside} /> inside the cut edge
            </p>
            {strip.fold.lies && (
              <p className="soft small">
                fold’s slack <ExplainedNumber id={strip.fold.lies.slack} />
                {strip.byFold ? `: ${strip.state}` : ''}
              </p>
            )}
          </div>
        )}
        {opening && part && (
          <div>
            <p className="soft">Over {opening.passesWhat}</p>
            <p>
              must give <ExplainedNumber id={part.needs} />, gives <ExplainedNumber id={part.gives} />
              {part.ok ? '' : ': too little'}
            </p>
          </div>
        )}
        {strip.worn && (
          <div>
            <p className="soft">Hold, on the body</p>
            <p>
              worn at <ExplainedNumber id={strip.worn} />
              {strip.force && (
                <>
                  , pulls with <ExplainedNumber id={strip.force} />
                </>
              )}
            </p>
            {strip.pressure ? (
              <p className="soft small">
                presses with <ExplainedNumber id={strip.pressure} />. Marks that stay, numbness or short
                breath: too tight.
              </p>
            ) : (
              get(strip.worn) > 0 && (
                <p className="soft small">Hang weights on it once: then its pull and pressure are known.</p>
              )
            )}
          </div>
        )}
      </div>
      {limit !== undefined && (
        <StretchRule
          label={`${edge.label}, ${strip.label.toLowerCase()}`}
          restMm={sewn}
          {...(body !== undefined && body > sewn ? { wornMm: body } : {})}
          {...(passes === undefined ? {} : { reachMm: passes })}
          limitMm={limit}
          fullMm={furthest}
        />
      )}
      {strip.assumed && (
        <Alert severity="warning" role="note">
          <PhraseText phrase={strip.assumed} />
        </Alert>
      )}
      {first && strip.shorter && (
        <div>
          <UsualButton
            edge={edge}
            of={holds ? 'body' : 'edge'}
            sewnMm={sewn}
            onMm={holds ? (body ?? 0) : get(strip.on)}
          />
        </div>
      )}
      {use.caution && <p className="soft small">{use.caution}</p>}
    </section>
  );
}

'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { ofStep, stepKey } from '@/core/sewing/assembly/assemble';
import { phraseText } from '@/core/explain/display';
import { garmentSpec } from '@/core/facts/garment';
import { NotedAtStep } from './NotedAtStep';
import { stepSetup } from '@/core/sewing/stepSetup';
import type { StepPlan } from '@/core/sewing/types';
import { TextFactField } from '@/features/records/TextFactField';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { Changeover } from './Changeover';
import { Diagram } from './diagrams';
import styles from './SewStage.module.css';
import { useSewing } from './useSewing';
import { Fold } from '@/ui/Fold';

/** A step laid open: what to do, how it lies, what holds, and what may be chosen otherwise. */
export function StepBody({ step, onDone }: { step: StepPlan; onDone: () => void }) {
  const { sewing } = useSewing();
  const setup = stepSetup(sewing, step);
  return (
    <div className={styles.body}>
      <ol>
        {step.lines.map((line, at) => (
          <li key={at}>
            <PhraseText phrase={line} />
          </li>
        ))}
      </ol>
      {step.diagram && <Diagram id={step.diagram} />}
      {step.tells.length > 0 && (
        <dl className={styles.tells}>
          {step.tells.map(({ label, text }) => (
            <div key={label} style={{ display: 'contents' }}>
              <dt>{label}</dt>
              <dd>
                <PhraseText phrase={text} />
              </dd>
            </div>
          ))}
        </dl>
      )}
      <p>
        <span className="soft">Then check: </span>
        <strong>
          <PhraseText phrase={step.check} />
        </strong>
      </p>
      {step.cautions.map((caution) => (
        <p key={caution} className={styles.caution}>
          {caution}
        </p>
      ))}
      <NotedAtStep step={step} />
      {setup && <Changeover step={step} setup={setup} />}
      {step.row && (
        <p style={step.row.ok ? undefined : { color: 'var(--demand)', fontWeight: 650 }}>
          This row must stretch <ExplainedNumber id={step.row.needs} />,{' '}
          <PhraseText phrase={step.row.askedBy} />; it gives <ExplainedNumber id={step.row.gives} />
          {step.row.measured ? ' by your own swatch' : ' as planned'}
          {step.row.ok ? '.' : ': it will pop.'}
        </p>
      )}
      <OtherStitches step={step} />
      {step.learned && (
        <p className="soft">
          Your own minutes, the middle of <ExplainedNumber id={step.learned.runs} /> times, from{' '}
          <ExplainedNumber id={step.learned.least} /> to <ExplainedNumber id={step.learned.most} />.
        </p>
      )}
      <MinutesTaken step={step} />
      <div className={page.actions}>
        {!step.done && (
          <Button variant="contained" size="large" onClick={onDone}>
            Done, next
          </Button>
        )}
        <StepNote step={step} />
      </div>
      <Before step={step} />
    </div>
  );
}

/** What it took in this garment; left out where the clock ran on while nobody sewed, nothing is learned from it. */
function MinutesTaken({ step }: { step: StepPlan }) {
  const { garment, set } = useGarment();
  const id = stepKey(garment.sewn, step.id);
  const taken = garment.sewn[id]?.minutes;
  if (taken === undefined) return null;
  return (
    <p className="soft">
      It took {taken} min here, and counts among your own minutes.{' '}
      <Button
        size="small"
        onClick={() => set('Forget the minutes of a step', { [`sewn.${id}.minutes`]: null })}
      >
        Forget these minutes
      </Button>
    </p>
  );
}

/** Stitches that would do as well, with what each gives and costs. */
function OtherStitches({ step }: { step: StepPlan }) {
  const { set } = useGarment();
  const [shown, setShown] = useState(false);
  if (step.others.length === 0 && !step.pinned) return null;
  const choose = (pick: { stitch: string; machineId?: string } | null) =>
    set('Stitch', { [`picks.${step.id}`]: pick });
  return (
    <div>
      <div className={page.actions}>
        {step.others.length > 0 && (
          <Button size="small" aria-expanded={shown} onClick={() => setShown(!shown)}>
            {shown ? 'Hide the other stitches' : `Other stitches (${step.others.length})`}
          </Button>
        )}
        {step.pinned && (
          <Button size="small" onClick={() => choose(null)}>
            Let the plan choose the stitch
          </Button>
        )}
      </div>
      {shown && (
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>stitch</TableCell>
              <TableCell>gives</TableCell>
              <TableCell>more than asked</TableCell>
              <TableCell>takes longer by</TableCell>
              <TableCell />
            </TableRow>
          </TableHead>
          <TableBody>
            {step.others.map((other) => (
              <TableRow key={`${other.stitch} ${other.machineId}`}>
                <TableCell>
                  {other.name} <span className="soft small">{other.machine}</span>
                </TableCell>
                <TableCell>
                  <ExplainedNumber id={other.gives} />
                </TableCell>
                <TableCell style={other.ok ? undefined : { color: 'var(--demand)', fontWeight: 650 }}>
                  {other.ok ? '' : 'pops, '}
                  <ExplainedNumber id={other.margin} />
                </TableCell>
                <TableCell>
                  <ExplainedNumber id={other.minutes} />
                </TableCell>
                <TableCell>
                  <Button
                    size="small"
                    onClick={() =>
                      choose({
                        stitch: other.stitch,
                        ...(other.machineId === undefined ? {} : { machineId: other.machineId }),
                      })
                    }
                  >
                    Take it
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </div>
  );
}

function StepNote({ step }: { step: StepPlan }) {
  const { garment, set, fault } = useGarment();
  const path = `stepNotes.${step.id}`;
  return (
    <div style={{ flex: '1 1 220px' }}>
      <TextFactField
        spec={STEP_NOTE}
        value={ofStep(garment.stepNotes, step.id)?.text}
        onChange={(text) => set('Note on a step', { [path]: text === undefined ? null : { text } })}
        fault={fault(path)}
      />
    </div>
  );
}

const STEP_NOTE = { ...garmentSpec.fields.stepNotes.of.fields.text, label: 'Note on this step' };

/** One's own `this before that`. */
function Before({ step }: { step: StepPlan }) {
  const { garment, set } = useGarment();
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const own = Object.entries(garment.befores ?? {}).filter(([, one]) => one.then === step.id);
  const name = (id: string) => {
    const found = sewing.steps.find((one) => one.id === id);
    return found ? phraseText(found.title, numbers, unit) : id;
  };
  const others = sewing.steps.filter(
    (one) => one.id !== step.id && !one.done && !step.after.includes(one.id),
  );
  if (step.done) return null;
  return (
    <Fold summary="What must come before it">
      <div className={page.stack} style={{ gap: 8, marginTop: 8 }}>
        {step.after.length > 0 && <p className="soft">{step.after.map(name).join('; ')}</p>}
        {own.map(([key, { first }]) => (
          <div key={key} className={page.actions}>
            <span>You: {name(first)}</span>
            <Button size="small" onClick={() => set('Order', { [`befores.${key}`]: null })}>
              Take it away
            </Button>
          </div>
        ))}
        <PickField
          label="This first, too"
          value=""
          empty="nothing more"
          options={others.map((one) => ({ id: one.id, name: phraseText(one.title, numbers, unit) }))}
          onChange={(first) =>
            first !== '' &&
            set('Order', { [`befores.${crypto.randomUUID().slice(0, 8)}`]: { first, then: step.id } })
          }
        />
      </div>
    </Fold>
  );
}

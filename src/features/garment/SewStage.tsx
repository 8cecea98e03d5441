'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { phraseText } from '@/core/explain/display';
import type { SetupPlan, StepPlan } from '@/core/plan/types';
import { garmentSpec } from '@/core/facts/garment';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import page from './GarmentPage.module.css';
import { NextButton } from './NextButton';
import styles from './SewStage.module.css';
import { useGarment } from './useGarment';

/** The steps in order for the machines at hand, the one that is next laid open. */
export function SewStage() {
  const { plan, kind, garment, set } = useGarment();
  const isTee = kind.kind === 'tee';
  const numbers = useNumbers();
  const next = plan.steps.find((step) => !step.done)?.id;
  const [opened, setOpened] = useState<string | undefined>(undefined);
  const open = opened ?? next;
  const left = plan.steps.filter((step) => !step.done);
  const minutes = left.reduce((sum, step) => sum + valueOf(numbers, step.minutes), 0);
  return (
    <div className={page.stage}>
      <div className={page.actions} style={{ gap: 28 }}>
        <ChoiceRow
          legend="Machines"
          value={garment.machines}
          options={[
            { value: 'serger-coverstitch', label: 'Serger and coverstitch' },
            { value: 'sewing-only', label: 'Sewing machine only' },
          ]}
          onChange={(machines) => set('Machines', { machines })}
        />
        {isTee && (
          <ChoiceRow
            legend="Sleeve hems"
            value={garment.sleeveHems}
            options={[
              { value: 'flat', label: 'Flat: easier, the join shows' },
              { value: 'round', label: 'In the round: neater' },
            ]}
            onChange={(sleeveHems) => set('Sleeve hems', { sleeveHems })}
          />
        )}
        {isTee && (
          <ChoiceRow
            legend="Neckline topstitched"
            value={garment.topstitch}
            options={[
              { value: 'none', label: 'No' },
              ...(garment.machines === 'sewing-only'
                ? []
                : [{ value: 'cover' as const, label: 'Coverstitch' }]),
              { value: 'zigzag', label: 'Zigzag' },
              { value: 'straight', label: 'Straight' },
            ]}
            onChange={(topstitch) => set('Neckline topstitch', { topstitch })}
          />
        )}
      </div>
      <div className={page.between}>
        <h2>{isTee ? 'The order, on your machines' : 'The seams, and what each must stretch'}</h2>
        <span className="soft">
          {plan.steps.length - left.length} of {plan.steps.length} done · about {minutes} min left
        </span>
      </div>
      <ol className={page.list}>
        {plan.steps.map((step, at) => (
          <Step
            key={step.id}
            step={step}
            at={at}
            open={step.id === open}
            onOpen={() => setOpened(step.id)}
            onDone={() => setOpened(undefined)}
          />
        ))}
      </ol>
      {!isTee && <p className="soft">Sew them in the order of your pattern; tick each one off.</p>}
      {isTee && !plan.neckband && (
        <p className="soft">The neckband’s steps come once its cloth is tested and the neckline measured.</p>
      )}
      <NextButton to="wear" />
    </div>
  );
}

interface StepProps {
  readonly step: StepPlan;
  readonly at: number;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onDone: () => void;
}

function Step({ step, at, open, onOpen, onDone }: StepProps) {
  const { set, today, plan } = useGarment();
  const setup = plan.setups.find(({ stitch }) => stitch === step.stitch);
  const tick = (done: boolean) => {
    set(`Step ${at + 1} ${done ? 'done' : 'not done'}`, {
      [`sewn.${step.id}`]: done ? { doneOn: today } : null,
    });
    if (done) onDone();
  };
  return (
    <li className={styles.step} data-open={open} data-done={step.done} data-step={step.id}>
      <div className={styles.head}>
        <input
          type="checkbox"
          aria-label={`Step ${at + 1} is done`}
          checked={step.done}
          onChange={(event) => tick(event.target.checked)}
        />
        {open ? (
          <h3 className={styles.title}>
            <span>
              {at + 1}. <PhraseText phrase={step.title} />
            </span>
          </h3>
        ) : (
          <button type="button" className={styles.title} aria-expanded={false} onClick={onOpen}>
            <span>
              {at + 1}. <Plain phrase={step.title} />
            </span>
          </button>
        )}
        <span className="soft small">{setup ? setup.machine : ''}</span>
      </div>
      {open && (
        <div className={styles.body}>
          <div className={page.stack}>
            <ol>
              {step.lines.map((line, index) => (
                <li key={index}>
                  <PhraseText phrase={line} />
                </li>
              ))}
            </ol>
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
            <div className={page.actions}>
              {!step.done && (
                <Button variant="contained" size="large" onClick={() => tick(true)}>
                  Done, next
                </Button>
              )}
              <StepNote step={step} />
            </div>
          </div>
          <div className={styles.side}>
            {setup && <Setup setup={setup} />}
            {step.seam && (
              <p style={step.seam.ok ? undefined : { color: 'var(--demand)', fontWeight: 650 }}>
                This row must stretch <ExplainedNumber id={step.seam.needs} /> and is planned to stretch{' '}
                <ExplainedNumber id={step.seam.gives} />
                {step.seam.ok ? '.' : ': it will pop.'}
              </p>
            )}
            <p className="soft">
              About <ExplainedNumber id={step.minutes} />
            </p>
          </div>
        </div>
      )}
    </li>
  );
}

/** A closed step's title, where a button in a button would not do. */
function Plain({ phrase }: { phrase: StepPlan['title'] }) {
  const { unit } = useUnit();
  return <>{phraseText(phrase, useNumbers(), unit)}</>;
}

function Setup({ setup }: { setup: SetupPlan }) {
  return (
    <div className={styles.setup}>
      <p className="soft small">{setup.machine}</p>
      <p>
        <strong>{setup.name}</strong> <span className="soft small">ISO 4915: {setup.iso}</span>
      </p>
      <dl className={page.pairs} style={{ marginTop: 8 }}>
        {setup.settings.map((setting) => (
          <div key={setting.label} style={{ display: 'contents' }}>
            <dt>{setting.label}</dt>
            <dd>{setting.value ? <ExplainedNumber id={setting.value} /> : setting.word}</dd>
          </div>
        ))}
      </dl>
      <p className="soft small" style={{ marginTop: 8 }}>
        A start: try it on a scrap.
      </p>
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
        value={garment.stepNotes[step.id]?.text}
        onChange={(text) => set('Note on a step', { [path]: text === undefined ? null : { text } })}
        fault={fault(path)}
      />
    </div>
  );
}

const STEP_NOTE = { ...garmentSpec.fields.stepNotes.of.fields.text, label: 'Note on this step' };

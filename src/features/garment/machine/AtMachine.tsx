'use client';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ofStep } from '@/core/sewing/assembly/assemble';
import { phraseText } from '@/core/explain/display';
import { NotedAtStep } from '../sew/NotedAtStep';
import { stepSetup } from '@/core/sewing/stepSetup';
import type { StepPlan } from '@/core/sewing/types';
import type { GarmentView } from '@/core/views/pageViews';
import { changeText, mainSettings } from '@/features/machines/setupWords';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { useNumbers, valueOf } from '@/ui/numbers';
import { isTyping } from '@/ui/isTyping';
import { useUnit } from '@/ui/unit';
import { GarmentProvider, useGarment } from '../page/useGarment';
import styles from './AtMachine.module.css';
import { Diagram } from '../sew/diagrams';
import { MachineCard } from '../sew/MachineCard';
import { NoteBox } from './NoteBox';
import { SewingProvider, WhenPlanned, useSewing } from '../sew/useSewing';
import { useStepClock } from './useStepClock';
import { useWakeLock } from './useWakeLock';

const WentWrong = dynamic(() => import('../sew/WentWrong').then((module) => module.WentWrong));

/** One step on the screen, big at arm's length, while both hands are busy. */
export function AtMachine({ view }: { view: GarmentView }) {
  return (
    <RecordsProvider records={[view.garment, ...view.records]}>
      <GarmentProvider view={view}>
        <div className={styles.screen} data-at-machine>
          <SewingProvider>
            <WhenPlanned>
              <Inside />
            </WhenPlanned>
          </SewingProvider>
        </div>
      </GarmentProvider>
    </RecordsProvider>
  );
}

/** What takes a space or Enter for itself while it has the focus. */
const PRESSABLE: ReadonlySet<string> = new Set(['BUTTON', 'SUMMARY', 'A']);
const MINUTES_AN_HOUR = 60;
const longTime = (minutes: number): string =>
  minutes < MINUTES_AN_HOUR
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / MINUTES_AN_HOUR)} h ${String(Math.round(minutes % MINUTES_AN_HOUR)).padStart(2, '0')}`;

type Panel = 'wrong' | 'note' | undefined;

function Inside() {
  const { id, garment, facts } = useGarment();
  const { sewing, tick } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const wake = useWakeLock();
  const { steps } = sewing;
  const firstLeft = steps.find((step) => !step.done)?.id;
  const kept = steps.find((step) => step.id === garment.atStep);
  const current = kept && !kept.done ? kept : steps.find((step) => step.id === firstLeft);
  const [looking, setLooking] = useState<string | undefined>(undefined);
  const step = steps.find((one) => one.id === looking) ?? current ?? steps.at(-1);
  const at = steps.findIndex((one) => one.id === step?.id);
  const [panel, setPanel] = useState<Panel>(undefined);
  const clock = useStepClock(id, step?.id);
  const left = steps.filter((one) => !one.done);

  const go = useCallback((to: string | undefined) => {
    setLooking(to);
    setPanel(undefined);
  }, []);
  const next = useCallback(() => {
    if (!step) return;
    const following =
      steps.slice(at + 1).find((one) => !one.done) ?? steps.find((one) => !one.done && one.id !== step.id);
    if (!step.done) tick(step, true, { minutes: clock.minutes(), next: following?.id });
    clock.clear();
    go(following?.id);
  }, [at, clock, go, step, steps, tick]);
  const back = useCallback(() => {
    const before = steps[at - 1];
    if (before) go(before.id);
  }, [at, go, steps]);

  const keys = useRef<(event: KeyboardEvent) => void>(() => undefined);
  useEffect(() => {
    keys.current = (event) => {
      const on = event.target as HTMLElement;
      if (isTyping(on)) {
        if (event.key === 'Escape') on.blur();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const pressed = event.key.toLowerCase();
      const does: Readonly<Record<string, () => void>> = {
        ' ': next,
        enter: next,
        pagedown: next,
        arrowright: next,
        pageup: back,
        arrowleft: back,
        backspace: back,
        w: () => setPanel((now) => (now === 'wrong' ? undefined : 'wrong')),
        n: () => setPanel((now) => (now === 'note' ? undefined : 'note')),
        escape: () => setPanel(undefined),
      };
      const run = does[pressed];
      if (!run) return;
      // A key held down is one press: also on a button, which would be pressed again and again.
      if (event.repeat) return event.preventDefault();
      if (PRESSABLE.has(on.tagName) && (pressed === ' ' || pressed === 'enter')) return;
      event.preventDefault();
      run();
    };
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => keys.current(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);

  const text = useMemo(
    () => (phrase: Parameters<typeof phraseText>[0]) => phraseText(phrase, numbers, unit),
    [numbers, unit],
  );
  const setup = step && stepSetup(sewing, step);
  const note = step && ofStep(garment.stepNotes, step.id)?.text;
  if (!step) return <p>No step yet: plan the garment first.</p>;
  if (left.length === 0) return <Finished />;
  return (
    <>
      <header className={styles.top}>
        <a className={styles.leave} href={`/garments/${id}?stage=sew`}>
          {garment.name}
          {facts.wearer ? `, for ${facts.wearer.name}` : ''}
        </a>
        <span>
          {at + 1} of {steps.length} · <span data-clock>{clock.text}</span> on this step · about{' '}
          {longTime(valueOf(numbers, sewing.minutesLeft))} left
        </span>
      </header>
      <div
        className={styles.progress}
        role="progressbar"
        aria-label="Steps done"
        aria-valuenow={steps.length - left.length}
        aria-valuemin={0}
        aria-valuemax={steps.length}
      >
        <div style={{ width: `${(100 * (steps.length - left.length)) / steps.length}%` }} />
      </div>
      <div className={styles.work} data-change={step.change.length > 0}>
        <section
          key={step.id}
          className={styles.step}
          data-machine-step={step.id}
          tabIndex={0}
          aria-label="The step"
        >
          <h1>{text(step.title)}</h1>
          {step.done && <p className={styles.done}>Done already.</p>}
          {setup && (
            <p className={styles.glance}>
              {setup.machine}: {setup.name}, {mainSettings(setup.setup)}
              {step.change.length > 0 && <strong> Change first, below.</strong>}
            </p>
          )}
          <ol>
            {step.lines.map((line, index) => (
              <li key={index}>{text(line)}</li>
            ))}
          </ol>
          {step.tells.length > 0 && (
            <dl className={styles.tells}>
              {step.tells.map(({ label, text: told }) => (
                <div key={label}>
                  <dt>{label}</dt>
                  <dd>{text(told)}</dd>
                </div>
              ))}
            </dl>
          )}
          <div className={styles.below}>
            {step.diagram && <Diagram id={step.diagram} widthPx={640} />}
            <div>
              <p className={styles.label}>Then check</p>
              <p className={styles.check}>{text(step.check)}</p>
              {step.cautions.map((caution) => (
                <p key={caution} className={styles.caution}>
                  {caution}
                </p>
              ))}
              {note && <p className={styles.caution}>Your note: {note}</p>}
              <NotedAtStep step={step} />
            </div>
          </div>
          <AfterThis steps={steps} at={at} text={text} />
        </section>
        <aside className={styles.side}>
          {panel === 'wrong' ? (
            <WentWrong step={step} onClose={() => setPanel(undefined)} />
          ) : panel === 'note' ? (
            <NoteBox step={step} onClose={() => setPanel(undefined)} />
          ) : (
            <MachineCard step={step} setup={setup} />
          )}
          <div className={styles.buttons}>
            <button
              type="button"
              className={styles.quiet}
              onClick={() => setPanel(panel === 'wrong' ? undefined : 'wrong')}
            >
              It went wrong <kbd>W</kbd>
            </button>
            <button
              type="button"
              className={styles.quiet}
              onClick={() => setPanel(panel === 'note' ? undefined : 'note')}
            >
              Write a note <kbd>N</kbd>
            </button>
          </div>
          <div className={styles.go}>
            <button type="button" className={styles.back} onClick={back} disabled={at === 0}>
              Back
            </button>
            <button type="button" className={styles.next} onClick={next}>
              {step.done ? 'Next' : 'Done, next'} <kbd>space</kbd>
            </button>
          </div>
          <p className={styles.hint}>{wake}</p>
        </aside>
      </div>
    </>
  );
}

/** What comes next, so that hands can make ready. */
function AfterThis({
  steps,
  at,
  text,
}: {
  steps: readonly StepPlan[];
  at: number;
  text: (phrase: StepPlan['title']) => string;
}) {
  const { sewing } = useSewing();
  const after = steps.slice(at + 1).find((one) => !one.done);
  if (!after) return null;
  const setup = stepSetup(sewing, after);
  return (
    <p className={styles.after}>
      <span className={styles.label}>After this: </span>
      {text(after.title)},{' '}
      {setup ? `${setup.machine}: ${setup.name}` : sewing.stations[after.station]?.toLowerCase()}
      {after.changeMinutes > 0 && `, ${Math.round(after.changeMinutes)} min changing over first`}
    </p>
  );
}

function Finished() {
  const { id, garment } = useGarment();
  const { sewing } = useSewing();
  return (
    <section className={styles.step} data-finished>
      <h1>{garment.name} is sewn.</h1>
      {sewing.putBack.map(({ machineId, machine, changes }) => (
        <p key={machineId}>
          {machine} goes back to how it stood: {changes.map(changeText).join('; ')}.
        </p>
      ))}
      <p>
        <a className={styles.leave} href={`/garments/${id}?stage=wear`}>
          Try it on and write down what came out
        </a>
      </p>
    </section>
  );
}

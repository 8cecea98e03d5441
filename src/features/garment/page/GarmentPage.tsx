'use client';
import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { stageIds } from '@/core/explain/problem';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { StageLine } from '@/ui/StageLine';
import { EarlierNotes } from './EarlierNotes';
import { NotesHere } from './NotesHere';
import { GarmentHead } from './GarmentHead';
import styles from './GarmentPage.module.css';
import { goToStage } from './goToStage';
import { Problems } from './Problems';
import { Ticket } from '../cut/Ticket';
import { GarmentProvider, useGarment } from './useGarment';

const stages = {
  measure: dynamic(() => import('../measure/MeasureStage').then((module) => module.MeasureStage)),
  stretch: dynamic(() => import('../stretch/StretchStage').then((module) => module.StretchStage)),
  fit: dynamic(() => import('../fit/FitStage').then((module) => module.FitStage)),
  bands: dynamic(() => import('../edges/BandsStage').then((module) => module.BandsStage)),
  cut: dynamic(() => import('../cut/CutStage').then((module) => module.CutStage)),
  sew: dynamic(() => import('../sew/SewStage').then((module) => module.SewStage)),
  wear: dynamic(() => import('../wear/WearStage').then((module) => module.WearStage)),
} as const;

const SewingProvider = dynamic(() => import('../sew/useSewing').then((module) => module.SewingProvider));
const WhenPlanned = dynamic(() => import('../sew/useSewing').then((module) => module.WhenPlanned));
const SetupsPanel = dynamic(() => import('../sew/SetupsPanel').then((module) => module.SetupsPanel));

/** One garment: the stage line, the stage's work, and the ticket beside it. */
export function GarmentPage({ view }: { view: GarmentView }) {
  return (
    <RecordsProvider records={[view.garment, ...view.records]}>
      <GarmentProvider view={view}>
        <Inside />
      </GarmentProvider>
    </RecordsProvider>
  );
}

function Inside() {
  const { plan } = useGarment();
  const asked = useSearchParams().get('stage');
  // Opened without a stage it shows what is next, and stays there: what is typed never turns the page.
  const [opened] = useState(plan.next.stage);
  const current = stageIds.find((stage) => stage === asked) ?? opened;
  const top = useTopOf(current);
  const Stage = stages[current];
  const work = (stage: ReactNode) => (
    <div className={styles.work} ref={top} tabIndex={-1}>
      <GarmentHead />
      <StageLine stages={plan.stages} current={current} onGo={goToStage} />
      <Problems stage={current} />
      {current !== 'wear' && current !== 'sew' && <EarlierNotes />}
      <NotesHere stage={current} />
      {stage}
    </div>
  );
  if (current === 'sew') {
    return (
      <SewingProvider>
        <div className={styles.page}>
          {work(
            <WhenPlanned>
              <Stage />
            </WhenPlanned>,
          )}
          <div className={styles.beside}>
            <WhenPlanned quiet>
              <SetupsPanel />
            </WhenPlanned>
            <Ticket />
          </div>
        </div>
      </SewingProvider>
    );
  }
  return (
    <div className={styles.page}>
      {work(<Stage />)}
      <Ticket />
    </div>
  );
}

/** A new stage opens at its top, and the keyboard goes on from there. */
function useTopOf(stage: string): RefObject<HTMLDivElement | null> {
  const top = useRef<HTMLDivElement>(null);
  const shown = useRef(stage);
  useEffect(() => {
    if (shown.current === stage) return;
    shown.current = stage;
    window.scrollTo(0, 0);
    top.current?.focus({ preventScroll: true });
  }, [stage]);
  return top;
}

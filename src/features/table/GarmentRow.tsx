'use client';
import Link from 'next/link';
import type { GarmentLine } from '@/core/views/pageViews';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { StageDots, stageLabels } from '@/ui/StageLine';
import styles from './TablePage.module.css';

/** A garment in a list: where it stands and the next thing to do. */
export function GarmentRow({ line }: { line: GarmentLine }) {
  return (
    <li className={styles.row}>
      <div>
        <h3>
          <Link href={`/garments/${line.id}?stage=${line.nextStage}`}>{line.name}</Link>
        </h3>
        <p className="soft small">
          {[line.kind, line.wearer, ...line.cloths].filter(Boolean).join(' · ') || 'nothing chosen yet'}
        </p>
      </div>
      <StageDots stages={line.stages} current={line.nextStage} />
      <NextAction line={line} />
    </li>
  );
}

function NextAction({ line }: { line: GarmentLine }) {
  return (
    <div>
      <NumbersProvider numbers={line.numbers}>
        {line.blockedAt.length > 0 && (
          <p className={`${styles.attention} small`}>
            cannot work as planned: see {line.blockedAt.map((stage) => stageLabels[stage]).join(', ')}
          </p>
        )}
        <p>
          {line.finished && line.lastNote ? `Next time: ${line.lastNote}` : <PhraseText phrase={line.next} />}
        </p>
        {line.setup && <p className="soft small">{line.setup}</p>}
      </NumbersProvider>
    </div>
  );
}

'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { GarmentLine, WorthAMinute } from '@/core/views/pageViews';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { StageDots, stageLabels } from '@/ui/StageLine';
import { GarmentRow } from './GarmentRow';
import styles from './TablePage.module.css';

const MAX_FINISHED = 4;

/** Home: where the person stopped, what else is in progress, what is finished, and what is worth a minute. */
export function TablePage({
  lines,
  worth,
}: {
  lines: readonly GarmentLine[];
  worth: readonly WorthAMinute[];
}) {
  const going = lines.filter((line) => !line.finished);
  const stopped = going[0];
  const finished = lines.filter((line) => line.finished).slice(0, MAX_FINISHED);
  return (
    <div className={styles.page}>
      <div className={styles.left}>
        <div>
          <h1>On the table</h1>
          {stopped ? <Stopped line={stopped} /> : <Empty />}
        </div>
        {stopped && (
          <section>
            <div className={styles.head}>
              <h2>{going.length > 1 ? 'Also in progress' : 'In progress'}</h2>
              <Link href="/garments/new">New garment</Link>
            </div>
            <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
              {going.slice(1).map((line) => (
                <GarmentRow key={line.id} line={line} />
              ))}
            </ul>
            {going.length <= 1 && (
              <p className="soft" style={{ paddingTop: 12 }}>
                Nothing else is being made.
              </p>
            )}
          </section>
        )}
        {finished.length > 0 && (
          <section>
            <div className={styles.head}>
              <h2>Finished lately</h2>
            </div>
            <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
              {finished.map((line) => (
                <GarmentRow key={line.id} line={line} />
              ))}
            </ul>
          </section>
        )}
      </div>
      {worth.length > 0 && (
        <aside className={styles.aside}>
          <section>
            <h2>Worth a minute</h2>
            {worth.map(({ sentence, action, href }) => (
              <div key={sentence}>
                <p>{sentence}</p>
                <Link href={href}>{action}</Link>
              </div>
            ))}
          </section>
        </aside>
      )}
    </div>
  );
}

function Stopped({ line }: { line: GarmentLine }) {
  const sewing = line.nextStage === 'sew';
  return (
    <div className={styles.stopped}>
      <div>
        <p className="soft small">Where you stopped</p>
        <h2 style={{ fontSize: 21, marginTop: 4 }}>
          {line.name}
          {line.wearer ? `, for ${line.wearer}` : ''}
        </h2>
        <NumbersProvider numbers={line.numbers}>
          <p className={styles.now}>
            <strong>
              <PhraseText phrase={line.next} />
            </strong>
            {sewing ? ` · step ${line.sewn[0] + 1} of ${line.sewn[1]}` : ''}
          </p>
        </NumbersProvider>
        <p className="soft small">{[...line.cloths, line.setup].filter(Boolean).join(' · ')}</p>
      </div>
      <div className={styles.side}>
        <StageDots stages={line.stages} current={line.nextStage} />
        <Button
          component={Link}
          href={`/garments/${line.id}?stage=${line.nextStage}`}
          variant="contained"
          size="large"
        >
          {sewing ? 'Go on sewing' : `Go on to ${stageLabels[line.nextStage]}`}
        </Button>
        {sewing && <p className="soft small">about {line.minutesLeft} min left</p>}
      </div>
    </div>
  );
}

function Empty() {
  return (
    <div className={styles.stopped}>
      <div>
        <h2>Nothing is being made</h2>
        <p className="soft" style={{ marginTop: 6 }}>
          A garment needs a wearer, measured with a tape, and a cloth, tested with a swatch and a ruler. Start
          with the garment; the rest is asked for on the way.
        </p>
      </div>
      <Button component={Link} href="/garments/new" variant="contained" size="large">
        Start a garment
      </Button>
    </div>
  );
}

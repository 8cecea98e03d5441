'use client';
import Button from '@mui/material/Button';
import { clothSpec } from '@/core/facts/cloth';
import { elasticSpec } from '@/core/facts/elastic';
import type { Fitting } from '@/core/facts/fitting';
import { noteWith, wornWords } from '@/core/wear/worn';
import { useRecords } from '@/features/records/RecordsProvider';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import wear from './Wear.module.css';

/** What wear and wash did, to be noted on the cloth or the elastic that it was done to: shown wherever that is used next. */
export function OnTheShelf({ fitting }: { fitting: Fitting }) {
  const { garment, facts } = useGarment();
  const records = useRecords();
  const worn = wornWords(fitting);
  const things = [
    ...(
      [
        ['cloth', garment.outerClothId, facts.outer],
        ['cloth', garment.liningClothId, facts.lining],
        ['cloth', garment.bandClothId, facts.band],
      ] as const
    ).flatMap(([kind, id, thing]) => (id && thing ? [{ kind, id, thing }] : [])),
    ...Object.entries(facts.elastics ?? {}).map(([id, thing]) => ({ kind: 'elastic' as const, id, thing })),
  ];
  const each = [...new Map(things.map((one) => [one.id, one])).values()];
  if (worn.length === 0 || each.length === 0) return null;
  return (
    <section className={styles.stack} aria-label="What the shelf has to know">
      <h3>What the shelf has to know</h3>
      {worn.map((words) => (
        <div key={words} className={wear.proposal}>
          <p>It {words}.</p>
          <div className={styles.actions}>
            {each.map(({ kind, id, thing }) => {
              const most = (kind === 'cloth' ? clothSpec : elasticSpec).fields.notes.maxChars;
              const notes = noteWith(thing.notes, garment.name, words, most);
              return notes === undefined ? (
                <span key={id} className="soft">
                  {thing.name}: noted.
                </span>
              ) : (
                <Button
                  key={id}
                  size="small"
                  variant="outlined"
                  onClick={() => records.set(kind, id, `Note on ${thing.name}`, { notes })}
                >
                  Note it on {thing.name}
                </Button>
              );
            })}
          </div>
        </div>
      ))}
    </section>
  );
}

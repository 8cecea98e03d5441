'use client';
import Button from '@mui/material/Button';
import { kindIds } from '@/core/facts/kindIds';
import { catalogue } from '@/core/garments/catalogue';
import type { LogFigures } from '@/core/log/figures';
import { noteKinds } from '@/core/log/notes';
import type { Choice } from '@/core/views/pageViews';
import type { LogPage as Page } from '@/core/views/logViews';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { DraftBox } from '@/ui/DraftBox';
import { Fold } from '@/ui/Fold';
import { PickField } from '@/ui/PickField';
import { Entry } from './Entry';
import { Figures } from './Figures';
import styles from './Log.module.css';
import { useLog, type Asked } from './useLog';

interface Props {
  readonly first: Page;
  readonly figures: LogFigures;
  readonly asked: Asked;
  readonly choices: Readonly<Record<'wearer' | 'cloth' | 'pattern' | 'machine', readonly Choice[]>>;
}

const EVERYTHING = 'everything';
const KINDS = kindIds.map((id) => ({ id, name: catalogue[id].label }));

/** Everything that was ever written down, in one place to look in. */
export function LogPage({ first, asked: given, figures, choices }: Props) {
  const { asked, page, change, more, file } = useLog(first, given);
  const { entries, sentence } = page;
  const narrowed = Object.keys(asked).some((name) => name !== 'q' && name !== 'what');
  const pick = (name: string, label: string, options: readonly Choice[]) => (
    <PickField
      label={label}
      value={asked[name] ?? ''}
      options={options}
      empty="any"
      onChange={(id) => change(name, id)}
    />
  );
  const day = (name: string, label: string) => (
    <DraftBox
      label={label}
      type="date"
      value={asked[name] ?? ''}
      trouble={undefined}
      onType={(on) => change(name, on)}
    />
  );
  return (
    <div className={styles.whole}>
      <div className={styles.page}>
        <h1>Log</h1>
        <div className={styles.ask}>
          <DraftBox
            label="Look for"
            value={asked.q ?? ''}
            trouble={sentence}
            help="Words match from their beginning, with or without accents. In quotes: just as it stands there."
            onType={(text) => change('q', text)}
          />
          <ChoiceRow
            legend="What it tells of"
            value={asked.what ?? EVERYTHING}
            options={[EVERYTHING, ...noteKinds].map((what) => ({ value: what, label: what }))}
            onChange={(what) => change('what', what === EVERYTHING ? '' : what)}
          />
          <Fold summary="Only of a wearer, a cloth, a pattern, a machine, a time" open={narrowed}>
            <div className={styles.fields}>
              {pick('wearer', 'Wearer', choices.wearer)}
              {pick('cloth', 'Cloth', choices.cloth)}
              {pick('kind', 'Kind of garment', KINDS)}
              {pick('pattern', 'Pattern', choices.pattern)}
              {pick('machine', 'Machine', choices.machine)}
              {day('from', 'From')}
              {day('to', 'To')}
            </div>
          </Fold>
        </div>
        {entries.length > 0 ? (
          <ol className={styles.entries} aria-label="Entries">
            {entries.map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </ol>
        ) : (
          sentence === undefined && (
            <p className="soft">
              {Object.keys(asked).length > 0
                ? 'Nothing was written down of that. Fewer words, or only the beginning of one, find more.'
                : 'Nothing was written down yet. What you note at a try-on, at a step, on a cloth, a pattern or a machine comes together here.'}
            </p>
          )
        )}
        <div className={styles.actions}>
          {page.more && <Button onClick={more}>Show more</Button>}
          {entries.length > 0 && (
            <>
              <Button variant="outlined" onClick={() => window.print()}>
                Print
              </Button>
              <Button variant="outlined" component="a" href={file('csv')}>
                Save as a table (CSV)
              </Button>
              <Button variant="outlined" component="a" href={file('md')}>
                Save as text (Markdown)
              </Button>
            </>
          )}
        </div>
      </div>
      <Figures figures={figures} />
    </div>
  );
}

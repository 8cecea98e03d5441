'use client';
import Button from '@mui/material/Button';
import { fittingSpec, wearIds, type Fitting } from '@/core/facts/fitting';
import { DraftBox } from '@/ui/DraftBox';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import styles from '../page/GarmentPage.module.css';
import type { TryOnDraft } from './useTryOnDraft';

const { wears: WEARS, washes: WASHES, happened: HAPPENED } = fittingSpec.fields;
const WHAT = wearIds.map((id) => ({ id, name: id }));

type Happened = NonNullable<Fitting['happened']>[string];

/** How often it was worn and washed, and what that did to it, where. */
export function Wear({ tryOn: { draft, change } }: { tryOn: TryOnDraft }) {
  const happened = Object.entries(draft.happened ?? {});
  const put = (entries: readonly (readonly [string, Happened])[]) =>
    change({ happened: entries.length > 0 ? Object.fromEntries(entries) : undefined });
  const edit = (id: string, changes: Partial<Happened>) =>
    put(happened.map(([key, one]) => [key, key === id ? { ...one, ...changes } : one]));
  return (
    <div className={styles.stack}>
      <div className={styles.fields}>
        <NumberField
          live
          spec={WEARS}
          label="Times worn"
          value={draft.wears}
          onChange={(wears) => change({ wears })}
        />
        <NumberField
          live
          spec={WASHES}
          label="Times washed"
          value={draft.washes}
          onChange={(washes) => change({ washes })}
        />
      </div>
      {happened.map(([id, { what, at = '' }]) => (
        <div key={id} className={styles.fields}>
          <PickField
            label="What it did"
            value={what}
            options={WHAT}
            onChange={(next) => {
              const found = wearIds.find((one) => one === next);
              if (found) edit(id, { what: found });
            }}
          />
          <DraftBox
            label="Where"
            value={at}
            trouble={at.length > HAPPENED.of.fields.at.maxChars ? 'At most 40 letters.' : undefined}
            onType={(where) => edit(id, { at: where })}
          />
          <Button size="small" onClick={() => put(happened.filter(([key]) => key !== id))}>
            Take away
          </Button>
        </div>
      ))}
      <div>
        <Button
          size="small"
          onClick={() => put([...happened, [crypto.randomUUID(), { what: 'bagged out' }]])}
        >
          Add what it did
        </Button>
      </div>
    </div>
  );
}

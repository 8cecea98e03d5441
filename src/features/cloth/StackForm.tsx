'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { Cloth } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { PickField } from '@/ui/PickField';
import styles from './ClothPage.module.css';

interface Props {
  readonly id: string;
  readonly layers: NonNullable<Cloth['layers']>;
  readonly others: readonly StoredRecord<'cloth'>[];
}

/** The layers of a stack, the outer one first; each laid with its greatest stretch around, or turned. */
export function StackForm({ id, layers, others }: Props) {
  const records = useRecords();
  const options = others.filter((one) => one.id !== id).map((one) => ({ id: one.id, name: one.facts.name }));
  const entries = Object.entries(layers);
  const set = (label: string, changes: Readonly<Record<string, unknown>>) =>
    records.set('cloth', id, label, changes);
  return (
    <Stack component="section" sx={{ gap: '14px' }}>
      <h2>Layers, the outer one first</h2>
      {entries.map(([key, layer], at) => (
        <div key={key} className={styles.layer}>
          <PickField
            label={at === 0 ? 'Outer layer' : `Layer ${at + 1}`}
            value={layer.clothId}
            options={options}
            empty="choose a cloth"
            fault={records.fault('cloth', id, `layers.${key}.clothId`)}
            onChange={(clothId) => clothId && set('Layer', { [`layers.${key}.clothId`]: clothId })}
          />
          <ChoiceRow
            legend="Laid"
            value={layer.turned ? 'turned' : 'around'}
            options={[
              { value: 'around', label: 'greatest stretch around' },
              { value: 'turned', label: 'turned a quarter' },
            ]}
            onChange={(value) => set('Layer turned', { [`layers.${key}.turned`]: value === 'turned' })}
          />
          {entries.length > 1 && (
            <Button size="small" onClick={() => set('Take a layer away', { [`layers.${key}`]: null })}>
              Take away
            </Button>
          )}
        </div>
      ))}
      {records.fault('cloth', id, 'layers') && <Alert>{records.fault('cloth', id, 'layers')}</Alert>}
      <div>
        <Button
          size="small"
          disabled={options.length === 0 || entries.length >= 8}
          onClick={() =>
            set('Add a layer', {
              [`layers.layer-${Date.now().toString(36)}`]: { clothId: options[0]?.id, turned: false },
            })
          }
        >
          Add a layer
        </Button>
      </div>
    </Stack>
  );
}

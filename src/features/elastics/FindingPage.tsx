'use client';
import Stack from '@mui/material/Stack';
import { findingFields } from '@/core/facts/finding';
import type { StoredRecord } from '@/core/facts/records';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import styles from './FindingPage.module.css';
import { SIZE_LABELS } from './findingWords';

/** One finding as stock: what it is, its size, how many are there. */
export function FindingPage({ finding }: { finding: StoredRecord<'finding'> }) {
  return (
    <RecordsProvider records={[finding]}>
      <Inside initial={finding} />
    </RecordsProvider>
  );
}

function Inside({ initial }: { initial: StoredRecord<'finding'> }) {
  const records = useRecords();
  const { id } = initial;
  const finding = records.facts('finding', id) ?? initial.facts;
  const { kind } = finding;
  return (
    <Stack sx={{ gap: '20px', maxWidth: 620 }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px' }}>
        <NameField
          label="Finding’s name"
          value={finding.name}
          fault={records.fault('finding', id, 'name')}
          onChange={(name) => records.set('finding', id, 'Name', { name })}
        />
        <RemoveButton kind="finding" id={id} back="/elastics" />
      </Stack>
      <div className={styles.fields}>
        <RecordFields
          kind="finding"
          id={id}
          only={['kind', ...findingFields[kind], 'notes']}
          parts={{
            sizeMm: <FactField kind="finding" id={id} path="sizeMm" label={SIZE_LABELS[kind]} />,
            nickel: (
              <>
                <FactField kind="finding" id={id} path="nickel" />
                {(kind === 'ring' || kind === 'slider') && (
                  <p className="soft small">
                    Small parts come off and are swallowed: none on clothes for children under three. Nickel
                    troubles some skins.
                  </p>
                )}
              </>
            ),
          }}
        />
      </div>
    </Stack>
  );
}

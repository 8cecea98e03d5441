'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import { useState } from 'react';
import { MAX_SIZE_TABLE_BYTES, readSizeTable } from '@/core/formats/sizeTable';
import { UNREADABLE_LETTERS, decodeTable, type RowFault } from '@/core/formats/tables/rows';
import type { PatternSize } from '@/core/facts/pattern';
import { useUnit } from '@/ui/unit';

/** Reads a size table from a CSV file; every fault by its row, and nothing taken in part. */
export function BringTable({ onRead }: { onRead: (sizes: Readonly<Record<string, PatternSize>>) => void }) {
  const { unit } = useUnit();
  const [faults, setFaults] = useState<readonly RowFault[]>([]);
  const bring = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > MAX_SIZE_TABLE_BYTES) {
      return setFaults([
        { row: 0, sentence: 'This file is larger than any size table: choose the table alone.' },
      ]);
    }
    const text = decodeTable(new Uint8Array(await file.arrayBuffer()));
    if (text === undefined) {
      return setFaults([
        {
          row: 0,
          sentence: UNREADABLE_LETTERS,
        },
      ]);
    }
    const read = readSizeTable(text, unit);
    if (read.ok) {
      setFaults([]);
      onRead(read.sizes);
    } else setFaults(read.faults);
  };
  return (
    <Stack sx={{ gap: '8px' }}>
      <p className="soft small">
        One row a size; the first column its name, each other a measurement with its unit in the heading, such
        as “Bust (cm)”. Without a unit, {unit === 'cm' ? 'centimetres' : 'inches'}. It takes the place of the
        table above, and can be undone.
      </p>
      <input
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        aria-label="Size table file"
        onChange={(event) => {
          void bring(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {faults.length > 0 && (
        <Alert>
          <p>
            <strong>Nothing was brought in.</strong>
          </p>
          {faults.map(({ row, sentence }, at) => (
            <p key={at}>
              {row > 0 && `Row ${row}: `}
              {sentence}
            </p>
          ))}
        </Alert>
      )}
    </Stack>
  );
}

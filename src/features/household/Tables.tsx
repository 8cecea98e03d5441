'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { MAX_TABLE_BYTES } from '@/core/formats/tables/readTable';
import { UNREADABLE_LETTERS, decodeTable } from '@/core/formats/tables/rows';
import { shelfTableIds, type ShelfTableId } from '@/core/formats/tables/shelfTables';
import { formatBytes } from '@/core/units/bytes';
import { capital } from '@/core/units/words';
import type { TableReport } from '@/core/views/householdViews';
import { RequestRefused, request } from '@/features/records/api';
import { useUnit } from '@/ui/unit';
import { ChooseFile } from '@/ui/ChooseFile';
import { Done } from './Done';
import { useAsking } from '@/features/records/useAsking';
import styles from './Household.module.css';

/** Cloths, elastics and measurements as tables for a spreadsheet, out and in. */
export function Tables() {
  const { unit } = useUnit();
  return (
    <section className={styles.part}>
      <h2>Tables for a spreadsheet</h2>
      <p>
        Saved as CSV with lengths in {unit === 'cm' ? 'centimetres' : 'inches'}; changed or added to there, a
        table can be brought in again. A row is told by its id, else by its name. An empty cell leaves what is
        here.
      </p>
      <ul className={styles.rows}>
        {shelfTableIds.map((of) => (
          <Table key={of} of={of} />
        ))}
      </ul>
    </section>
  );
}

interface Read {
  readonly text: string;
  readonly report: TableReport;
}

function Table({ of }: { of: ShelfTableId }) {
  const { unit } = useUnit();
  const router = useRouter();
  const { asking, trouble, rows, ask } = useAsking();
  const [read, setRead] = useState<Read | undefined>(undefined);
  const [done, setDone] = useState<number | undefined>(undefined);
  const url = `/api/household/tables/${of}?unit=${unit}`;
  const look = (file: File) =>
    ask(async () => {
      setRead(undefined);
      setDone(undefined);
      const text = await textOf(file);
      setRead({ text, report: await request<TableReport>('POST', url, text) });
    });
  const bring = ({ text }: Read) =>
    ask(async () => {
      const { commandId } = await request<{ commandId: number }>('POST', `${url}&keep=yes`, text);
      setRead(undefined);
      setDone(commandId);
      router.refresh();
    });
  return (
    <li>
      <span>{capital(of)}</span>
      <span className={styles.actions}>
        <Button size="small" component="a" href={url}>
          Save {of}
        </Button>
        <ChooseFile
          label={`Bring ${of} in`}
          accept=".csv,.tsv,.txt,text/csv"
          busy={asking}
          small
          onFile={(file) => void look(file)}
        />
      </span>
      {trouble && (
        <Alert sx={{ width: '100%' }}>
          {trouble}
          {rows.map((sentence, nth) => (
            <p key={nth}>{sentence}</p>
          ))}
        </Alert>
      )}
      {done !== undefined && (
        <Done commandId={done} what="The table is in." onUndone={() => setDone(undefined)} />
      )}
      {read && (
        <div
          className={styles.report}
          style={{ width: '100%' }}
          role="region"
          aria-label={`What is in the table of ${of}`}
        >
          <TableWords report={read.report} />
          <div className={styles.actions}>
            <Button
              variant="contained"
              disabled={asking || read.report.fresh.length + read.report.changed.length === 0}
              onClick={() => void bring(read)}
            >
              Bring it in
            </Button>
            <Button onClick={() => setRead(undefined)}>Leave all as it is</Button>
          </div>
        </div>
      )}
    </li>
  );
}

function TableWords({ report: { fresh, changed, same } }: { report: TableReport }) {
  return (
    <>
      {fresh.length > 0 && <p>New: {fresh.join(', ')}.</p>}
      {changed.map(({ name, labels }) => (
        <p key={name}>
          {name}: {labels.join(', ').toLowerCase()}.
        </p>
      ))}
      <p className="soft">{same === 1 ? 'One row says' : `${same} rows say`} what is here already.</p>
    </>
  );
}

/** The letters of a table's file; refused, before anything is sent, where it has none that can be read. */
async function textOf(file: File): Promise<string> {
  if (file.size > MAX_TABLE_BYTES)
    throw new RequestRefused(
      `This file has ${formatBytes(file.size)}: a table of at most ${formatBytes(MAX_TABLE_BYTES)} is read. Choose the table alone.`,
      'too-large',
    );
  const text = decodeTable(new Uint8Array(await file.arrayBuffer()));
  if (text === undefined) throw new RequestRefused(UNREADABLE_LETTERS, 'letters');
  return text;
}

'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { useState } from 'react';
import { bodyFields, bodyMeasures, newWearer, type Wearer } from '@/core/facts/wearer';
import type { StoredRecord } from '@/core/facts/records';
import { latestMeasures } from '@/core/fit/latestMeasures';
import { formatLength } from '@/core/units/formatLength';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { useUnit } from '@/ui/unit';
import { grownOptions } from './grownOptions';

/** Everybody garments are made for, with their newest measurements. */
export function WearersPage({ wearers }: { wearers: readonly StoredRecord<'wearer'>[] }) {
  const { unit } = useUnit();
  const [grown, setGrown] = useState<Wearer['grown']>('adult');
  return (
    <Stack sx={{ gap: '18px' }}>
      <h1>Wearers</h1>
      <NewRecordForm
        kind="wearer"
        label="A wearer’s name"
        help="Somebody you sew for."
        button="Add a wearer"
        path="/wearers"
        factsOf={(name) => newWearer(name, grown)}
      >
        <ChoiceRow legend="Grown" value={grown} options={grownOptions} onChange={setGrown} />
      </NewRecordForm>
      {wearers.length === 0 ? (
        <p className="soft">Nobody yet. Add a wearer by name; then measure with a tape, snug and level.</p>
      ) : (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Wearer</TableCell>
                {bodyMeasures.map((measure) => (
                  <TableCell key={measure} align="right">
                    {bodyFields[measure].label}
                  </TableCell>
                ))}
                <TableCell>measured</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {wearers.map(({ id, facts }) => {
                const latest = latestMeasures(facts);
                const newest = Object.values(latest)
                  .map((one) => one.measuredOn)
                  .sort()
                  .at(-1);
                return (
                  <TableRow key={id}>
                    <TableCell>
                      <Link href={`/wearers/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">{facts.grown}</p>
                    </TableCell>
                    {bodyMeasures.map((measure) => (
                      <TableCell key={measure} align="right">
                        {latest[measure] ? (
                          formatLength(latest[measure].mm, unit)
                        ) : (
                          <span className="soft">—</span>
                        )}
                      </TableCell>
                    ))}
                    <TableCell>{newest ?? <Link href={`/wearers/${id}`}>Measure</Link>}</TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </Stack>
  );
}

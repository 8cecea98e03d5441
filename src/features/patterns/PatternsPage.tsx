'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import { newPattern } from '@/core/facts/pattern';
import type { StoredRecord } from '@/core/facts/records';
import { sizesInOrder } from '@/core/fit/patternSize';
import { catalogue } from '@/core/garments/catalogue';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { FrontDrawing } from '@/ui/GarmentDrawing';
import { PickField } from '@/ui/PickField';

/** Every pattern kept, with its sizes and what was learned of it. */
export function PatternsPage({ patterns }: { patterns: readonly StoredRecord<'pattern'>[] }) {
  const [kind, setKind] = useState<KindId>('tee');
  return (
    <Stack sx={{ gap: '18px' }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px', flexWrap: 'wrap' }}>
        <h1>Patterns</h1>
        <Button component={Link} href="/patterns/adapt" variant="outlined">
          Adapt a pattern
        </Button>
      </Stack>
      <NewRecordForm
        kind="pattern"
        label="A pattern’s name"
        help="What you call it."
        button="Add a pattern"
        path="/patterns"
        factsOf={(name) => newPattern(name, kind)}
      >
        <div style={{ width: 260 }}>
          <PickField
            label="For"
            value={kind}
            options={kindIds.map((id) => ({ id, name: catalogue[id].label }))}
            empty="choose a garment"
            onChange={(id) => setKind(kindIds.find((one) => one === id) ?? kind)}
          />
        </div>
      </NewRecordForm>
      {patterns.length === 0 ? (
        <p className="soft">
          No pattern yet. Add one by name; with its size table a garment can say which size to cut.
        </p>
      ) : (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell style={{ width: 76 }}>
                  <span className="visuallyHidden">Drawing</span>
                </TableCell>
                <TableCell>Pattern</TableCell>
                <TableCell>sizes</TableCell>
                <TableCell>drafted for</TableCell>
                <TableCell>to remember</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {patterns.map(({ id, facts }) => {
                const sizes = sizesInOrder(facts).map(([, { label }]) => label);
                return (
                  <TableRow key={id}>
                    <TableCell>
                      <FrontDrawing drawing={drawGarment(facts.kind, {})} heightPx={44} />
                    </TableCell>
                    <TableCell>
                      <Link href={`/patterns/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {catalogue[facts.kind].label}, {facts.source}
                      </p>
                    </TableCell>
                    <TableCell>
                      {sizes.length === 0 ? (
                        <Link href={`/patterns/${id}`}>Enter its table</Link>
                      ) : (
                        `${sizes[0]} to ${sizes.at(-1)}`
                      )}
                    </TableCell>
                    <TableCell>
                      {Object.values(facts.layers)
                        .map(({ label }) => label)
                        .join(', ') || <span className="soft">not said</span>}
                    </TableCell>
                    <TableCell>
                      <span className="soft">{facts.next ?? facts.sizing ?? ''}</span>
                    </TableCell>
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

'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { readClothOnce } from '@/core/cloth/readClothOnce';
import { classLabels } from '@/core/cloth/stretchClass';
import { formatQuantity } from '@/core/explain/display';
import { createLedger } from '@/core/explain/ledger';
import { newCloth, type Cloth } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { formatLength } from '@/core/units/formatLength';
import { RequestRefused, createRecord } from '@/features/records/api';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { useUnit } from '@/ui/unit';

/** The shelf: every cloth with what its tests say. */
export function ClothsPage({ cloths }: { cloths: readonly StoredRecord<'cloth'>[] }) {
  const { unit } = useUnit();
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const stack = async () => {
    const first = cloths.find(({ facts }) => !facts.layers);
    if (!first) return setTrouble('Add a cloth first: a stack is made of cloths.');
    const facts: Cloth = {
      ...newCloth(`${first.facts.name.slice(0, 40)}, layered`),
      washed: 'yes',
      layers: { outer: { clothId: first.id, turned: false } },
    };
    try {
      const written = await createRecord('cloth', facts, 'New stack');
      router.push(`/cloth/${written.records[0]?.id}`);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  const share = (value: number | undefined) =>
    value === undefined ? '' : formatQuantity(value, 'share', unit);
  return (
    <Stack sx={{ gap: '18px' }}>
      <h1>Cloth</h1>
      <NewRecordForm
        kind="cloth"
        label="A cloth’s name"
        help="What you call it on the shelf."
        button="Add a cloth"
        path="/cloth"
        factsOf={newCloth}
      />
      {cloths.length > 0 && (
        <Stack direction="row" sx={{ gap: '12px', alignItems: 'center', flexWrap: 'wrap' }}>
          <Button component={Link} href="/cloth/compare" variant="outlined">
            Compare cloths
          </Button>
          <Button onClick={() => void stack()}>New stack of layers</Button>
          {trouble && <Alert>{trouble}</Alert>}
        </Stack>
      )}
      {cloths.length === 0 ? (
        <p className="soft">No cloth yet. Add one by name; then a swatch and a ruler tell what it can do.</p>
      ) : (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Cloth</TableCell>
                <TableCell align="right">across</TableCell>
                <TableCell align="right">along</TableCell>
                <TableCell align="right">comes back</TableCell>
                <TableCell>class</TableCell>
                <TableCell align="right">on hand</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {cloths.map(({ id, facts }) => {
                const find = (layer: string) => cloths.find((one) => one.id === layer)?.facts;
                const reading = readClothOnce(createLedger(), 'cloth', facts, find);
                const around = reading.around && reading[reading.around];
                return (
                  <TableRow key={id}>
                    <TableCell>
                      <Link href={`/cloth/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {[
                          facts.fibre,
                          facts.weightGsm && `${facts.weightGsm} g/m²`,
                          facts.layers && `stack of ${Object.keys(facts.layers).length} layers`,
                          facts.washed === 'no' && 'not washed',
                        ]
                          .filter(Boolean)
                          .join(', ')}
                      </p>
                    </TableCell>
                    <TableCell align="right">{share(reading.across?.stretch.value)}</TableCell>
                    <TableCell align="right">{share(reading.along?.stretch.value)}</TableCell>
                    <TableCell align="right">{share(around?.recovery?.value)}</TableCell>
                    <TableCell>
                      {reading.stretchClass ? (
                        classLabels[reading.stretchClass]
                      ) : (
                        <Link href={`/cloth/${id}`}>Test it</Link>
                      )}
                      {around?.source === 'stated' && <span className="soft small">, untested</span>}
                      {reading.verdict === 'no-negative-ease' && (
                        <p className="small" style={{ color: 'var(--demand)' }}>
                          poor recovery
                        </p>
                      )}
                    </TableCell>
                    <TableCell align="right">
                      {facts.onHandMm === undefined ? '' : formatLength(facts.onHandMm, unit)}
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

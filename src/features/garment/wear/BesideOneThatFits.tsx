'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMemo, useState } from 'react';
import { createLedger } from '@/core/explain/ledger';
import { besideFit } from '@/core/wear/besideFit';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** This garment's girths beside those of one that fits, what differs most first. */
export function BesideOneThatFits() {
  const { facts, garment, kind, plan } = useGarment();
  const fits = Object.entries(facts.wearer?.fits ?? {});
  const [picked, setPicked] = useState<string | undefined>(garment.likeId);
  const [id, fit] = fits.find(([one]) => one === picked) ?? fits[0] ?? [];
  const { rows, numbers } = useMemo(() => {
    const book = createLedger();
    book.adopt(Object.values(plan.numbers));
    return { rows: fit ? besideFit(book, plan, kind, garment, fit) : [], numbers: book.numbers };
  }, [plan, kind, garment, fit]);
  if (!fit || id === undefined || rows.length === 0) return null;
  return (
    <section className={styles.stack}>
      <h2>Beside one that fits</h2>
      {fits.length > 1 && (
        <PickField
          label="The one that fits"
          value={id}
          options={fits.map(([one, { name }]) => ({ id: one, name }))}
          onChange={setPicked}
        />
      )}
      <NumbersProvider numbers={numbers}>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>At rest, all round</TableCell>
              <TableCell align="right">this one</TableCell>
              <TableCell align="right">{fit.name}</TableCell>
              <TableCell align="right">larger here by</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(({ zone, label, here, there, larger }) => (
              <TableRow key={zone}>
                <TableCell>{label}</TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={here.id} />
                </TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={there.id} />
                </TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={larger.id} />
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </NumbersProvider>
    </section>
  );
}

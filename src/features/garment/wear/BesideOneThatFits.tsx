'use client';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMemo, useState } from 'react';
import { createLedger } from '@/core/explain/ledger';
import { kindOf } from '@/core/garments/kindOf';
import { planGarment } from '@/core/plan/planGarment';
import { besideFit, besideNow, type Beside } from '@/core/wear/besideFit';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useOtherGarment } from '../page/useOtherGarment';

/** What the choices are called that are earlier garments, and not measured by hand. */
const EARLIER = 'garment ';

/** This garment’s girths beside those of one that fits, bought or made earlier for the same person, what differs most first. */
export function BesideOneThatFits() {
  const { facts, garment, earlier, today } = useGarment();
  const fits = Object.entries(facts.wearer?.fits ?? {});
  const made = earlier.filter(({ sameWearer }) => sameWearer);
  const [picked, setPicked] = useState(garment.likeId ?? fits[0]?.[0] ?? '');
  const fit = fits.find(([one]) => one === picked)?.[1];
  const { facts: other, trouble } = useOtherGarment(
    picked.startsWith(EARLIER) ? picked.slice(EARLIER.length) : undefined,
  );
  const beside = useMemo(
    () =>
      fit ??
      (other &&
        besideNow(
          planGarment(other, { onDate: today }),
          kindOf(other.garment, other.ownKind),
          other.garment,
        )),
    [fit, other, today],
  );
  if (fits.length + made.length === 0) return null;
  return (
    <section className={styles.stack}>
      <h2>Beside one that fits</h2>
      <div style={{ maxWidth: 360 }}>
        <PickField
          label="The one that fits"
          value={picked}
          empty="choose one"
          options={[
            ...fits.map(([id, { name }]) => ({ id, name })),
            ...made.map((one) => ({ id: EARLIER + one.garmentId, name: one.garment })),
          ]}
          onChange={setPicked}
        />
      </div>
      {trouble && <Alert severity="warning">{trouble}</Alert>}
      {beside && <Rows beside={beside} />}
    </section>
  );
}

function Rows({ beside }: { beside: Beside }) {
  const { garment, kind, plan } = useGarment();
  const { rows, numbers } = useMemo(() => {
    const book = createLedger();
    book.adopt(Object.values(plan.numbers));
    return { rows: besideFit(book, plan, kind, garment, beside), numbers: book.numbers };
  }, [plan, kind, garment, beside]);
  if (rows.length === 0)
    return <p className="soft">{beside.name} and this one go round no girth that both of them have.</p>;
  return (
    <NumbersProvider numbers={numbers}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>At rest, all round</TableCell>
            <TableCell align="right">this one</TableCell>
            <TableCell align="right">{beside.name}</TableCell>
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
  );
}

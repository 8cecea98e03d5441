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
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Pattern } from '@/core/facts/pattern';
import { bodyFields, bodyMeasures, isBodyMeasure, type BodyMeasure } from '@/core/facts/wearer';
import { sizesInOrder, tableColumns } from '@/core/fit/patternSize';
import { catalogue } from '@/core/garments/catalogue';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import type { SetFields } from '@/features/records/setFields';
import styles from './PatternPage.module.css';
import { SizeTable } from './SizeTable';

const BringTable = dynamic(() => import('./BringTable').then((module) => module.BringTable));

interface Props {
  readonly id: string;
  readonly pattern: Pattern;
  readonly set: SetFields;
}

/** The size table: looked at, typed, or brought in from a CSV file. */
export function PatternSizes({ id, pattern, set }: Props) {
  const rows = sizesInOrder(pattern);
  const [typing, setTyping] = useState(false);
  const [bringing, setBringing] = useState(false);
  return (
    <section className={styles.section}>
      <h2>Size table</h2>
      <ChoiceRow
        legend="The table gives"
        value={pattern.tableOf}
        options={[
          { value: 'body', label: 'body measurements' },
          { value: 'finished garment', label: 'the finished garment' },
        ]}
        onChange={(tableOf) => set('What the table gives', { tableOf })}
      />
      {typing ? <TypeTable id={id} pattern={pattern} set={set} /> : <SizeTable pattern={pattern} />}
      {rows.length === 0 && !typing && (
        <p className="soft">No sizes yet: type the table off the envelope, or bring it in from a CSV file.</p>
      )}
      <Stack direction="row" sx={{ gap: '12px', flexWrap: 'wrap' }}>
        <Button variant={rows.length === 0 ? 'contained' : 'outlined'} onClick={() => setTyping(!typing)}>
          {typing ? 'Done typing' : rows.length === 0 ? 'Type the table' : 'Change the table'}
        </Button>
        <Button onClick={() => setBringing(!bringing)}>From a CSV file</Button>
      </Stack>
      {bringing && (
        <BringTable
          onRead={(sizes) => {
            set('Size table from a file', { sizes });
            setBringing(false);
          }}
        />
      )}
    </section>
  );
}

function TypeTable({ id, pattern, set }: Props) {
  const records = useRecords();
  const rows = sizesInOrder(pattern);
  const [extra, setExtra] = useState<readonly BodyMeasure[]>([]);
  const usual = catalogue[pattern.kind].zones.map(({ measure }) => measure);
  const known = tableColumns(pattern);
  const columns = bodyMeasures.filter(
    (measure) =>
      known.includes(measure) || extra.includes(measure) || (known.length === 0 && usual.includes(measure)),
  );
  return (
    <Stack sx={{ gap: '12px' }}>
      <TableContainer>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell style={{ width: 110 }}>Size</TableCell>
              {columns.map((measure) => (
                <TableCell key={measure}>{bodyFields[measure].label}</TableCell>
              ))}
              <TableCell style={{ width: 90 }}>
                <span className="visuallyHidden">What to do</span>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(([sizeId, size]) => (
              <TableRow key={sizeId}>
                <TableCell>
                  <strong>{size.label}</strong>
                </TableCell>
                {columns.map((measure) => (
                  <TableCell key={measure} style={{ minWidth: 120 }}>
                    <LengthField
                      spec={bodyFields[measure]}
                      label={`${size.label}, ${bodyFields[measure].label.toLowerCase()}`}
                      valueMm={size.values[measure]}
                      onChange={(mm) => set('Size table', { [`sizes.${sizeId}.values.${measure}`]: mm })}
                      fault={records.fault('pattern', id, `sizes.${sizeId}.values.${measure}`)}
                    />
                  </TableCell>
                ))}
                <TableCell>
                  <Button size="small" onClick={() => set('Take a size away', { [`sizes.${sizeId}`]: null })}>
                    Take away
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <Stack direction="row" sx={{ gap: '16px', flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <AddSize pattern={pattern} set={set} />
        <div style={{ width: 230 }}>
          <PickField
            label="Another column"
            value=""
            options={bodyMeasures
              .filter((measure) => !columns.includes(measure))
              .map((measure) => ({ id: measure, name: bodyFields[measure].label }))}
            empty="add a measurement"
            onChange={(measure) => isBodyMeasure(measure) && setExtra([...extra, measure])}
          />
        </div>
      </Stack>
    </Stack>
  );
}

function AddSize({ pattern, set }: Omit<Props, 'id'>) {
  const [label, setLabel] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const add = () => {
    const name = label.trim();
    const rows = sizesInOrder(pattern);
    if (name === '' || name.length > 20) return setTrouble('Give the size a name of at most 20 characters.');
    if (rows.some(([, size]) => size.label === name))
      return setTrouble(`Size ${name} is in the table already.`);
    const order = (rows.at(-1)?.[1].order ?? -1) + 1;
    set('Add a size', {
      [`sizes.size-${crypto.randomUUID().slice(0, 8)}`]: { label: name, order, values: {} },
    });
    setLabel('');
    setTrouble(undefined);
  };
  return (
    <div>
      <label>
        <span className="soft small">Next size, larger than the last </span>
        <input
          value={label}
          onChange={(event) => setLabel(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && add()}
          style={{ font: 'inherit', width: 90, minHeight: 40, padding: '0 8px' }}
        />
      </label>{' '}
      <Button variant="outlined" onClick={add}>
        Add a size
      </Button>
      {trouble && <Alert>{trouble}</Alert>}
    </div>
  );
}

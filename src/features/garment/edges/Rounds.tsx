'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { afterPinching, shorterBy } from '@/core/edges/elastics/lengths';
import { edgeChoiceSpec } from '@/core/facts/garment';
import { formatQuantity } from '@/core/explain/display';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { formatLength } from '@/core/units/formatLength';
import { TextFactField } from '@/features/records/TextFactField';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useEdge } from './useEdge';

const { fields } = edgeChoiceSpec.fields.rounds.of;

/** Basted, tried on, pinched: as many rounds as it takes. The last is what the ticket shows; the rule it comes to stays. */
export function Rounds({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { today } = useGarment();
  const { choice, put } = useEdge(plan);
  const numbers = useNumbers();
  const { unit } = useUnit();
  const [pinched, setPinched] = useState<number | undefined>(undefined);
  const [basted, setBasted] = useState<number | undefined>(undefined);
  const [note, setNote] = useState<string | undefined>(undefined);
  const body = strip.body === undefined ? undefined : valueOf(numbers, strip.body);
  const on = body ?? valueOf(numbers, strip.on);
  const rounds = Object.entries(choice.rounds ?? {}).toSorted(([, a], [, b]) =>
    a.triedOn.localeCompare(b.triedOn),
  );
  const start = basted ?? valueOf(numbers, strip.sewn);
  const next = pinched === undefined ? undefined : afterPinching(start, pinched);
  const tooMuch = next !== undefined && next < fields.bastedMm.min;
  const percent = (mm: number) => formatQuantity(shorterBy(mm, on), 'share', unit);
  const keep = () => {
    put('a round of trying on', {
      [`rounds.${crypto.randomUUID()}`]: {
        triedOn: today,
        bastedMm: start,
        pinchedMm: pinched ?? 0,
        ...(note ? { note } : {}),
      },
      school: 'round',
    });
    setPinched(undefined);
    setBasted(undefined);
    setNote(undefined);
  };
  return (
    <section className={styles.stack}>
      <h2>Try it on</h2>
      <p className="soft">
        Baste it on with a long zigzag, try it on, and pinch out what is spare. Unpick, shorten by that,
        rejoin, mark again, sew.
      </p>
      {rounds.length > 0 && (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Round</TableCell>
                <TableCell align="right">basted</TableCell>
                <TableCell align="right">pinched out</TableCell>
                <TableCell align="right">new length</TableCell>
                <TableCell align="right">under {body === undefined ? 'the edge' : 'the body'}</TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {rounds.map(([id, round], at) => {
                const after = afterPinching(round.bastedMm, round.pinchedMm);
                return (
                  <TableRow key={id}>
                    <TableCell>
                      {at + 1}
                      {round.note && <p className="soft small">{round.note}</p>}
                    </TableCell>
                    <TableCell align="right">{formatLength(round.bastedMm, unit)}</TableCell>
                    <TableCell align="right">{formatLength(round.pinchedMm, unit)}</TableCell>
                    <TableCell align="right">{formatLength(after, unit)}</TableCell>
                    <TableCell align="right">{percent(after)}</TableCell>
                    <TableCell>
                      <Button
                        size="small"
                        onClick={() => put('take a round back', { [`rounds.${id}`]: undefined })}
                      >
                        Take back
                      </Button>
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </TableContainer>
      )}
      <div className={styles.fields}>
        <LengthField live spec={fields.bastedMm} valueMm={start} required onChange={setBasted} />
        <LengthField
          live
          spec={fields.pinchedMm}
          valueMm={pinched}
          help="Both layers of the pinch. Under zero where it was let out."
          onChange={setPinched}
          fault={tooMuch ? 'That leaves next to nothing: measure the pinch again.' : undefined}
        />
        <TextFactField spec={fields.note} value={note} onChange={setNote} />
      </div>
      <div className={styles.actions}>
        <Button variant="outlined" disabled={pinched === undefined || tooMuch} onClick={keep}>
          {next === undefined || tooMuch ? 'Keep this round' : `Keep it: now ${formatLength(next, unit)}`}
        </Button>
      </div>
      {plan.gathers && (
        <p className="soft">
          The fuller front is gathered {plan.gathers.where}: <ExplainedNumber id={plan.gathers.each} /> taken
          up in each place.
        </p>
      )}
    </section>
  );
}

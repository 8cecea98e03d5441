'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { StoredRecord } from '@/core/facts/records';
import { measuredCapacity } from '@/core/machines/swatch';
import { stitches } from '@/core/machines/seams/stitches';
import { formatLength } from '@/core/units/formatLength';
import paper from '@/features/garment/cut/PrintedTicket.module.css';
import { useUnit } from '@/ui/unit';
import { settingsOf } from './setupWords';

interface Props {
  readonly machine: StoredRecord<'machine'>;
  readonly cloths: Readonly<Record<string, string>>;
}

/** A machine's setup cards for paper, to hang beside it. */
export function PrintedCards({ machine, cloths }: Props) {
  const { unit } = useUnit();
  const { facts, id } = machine;
  return (
    <div>
      <div className={paper.bar}>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
        <Button component={Link} href={`/machines/${id}`}>
          Back to the machine
        </Button>
      </div>
      <article className={paper.paper}>
        <h1>{facts.name}: setup cards</h1>
        {Object.entries(facts.cards).map(([key, card]) => {
          const capacity = measuredCapacity(card);
          return (
            <table key={key} data-card={key} style={{ breakInside: 'avoid' }}>
              <tbody>
                <tr>
                  <td colSpan={2}>
                    <strong>
                      {stitches[card.stitch].name} on{' '}
                      {card.clothId === undefined
                        ? 'any cloth'
                        : (cloths[card.clothId] ?? 'a cloth that is gone')}
                    </strong>
                    <div>
                      {card.sewnOn}
                      {card.note ? `. ${card.note}` : ''}
                    </div>
                    {card.beforeMm !== undefined && card.afterMm !== undefined && (
                      <div>
                        Swatch {formatLength(card.beforeMm, unit)} → {formatLength(card.afterMm, unit)}
                        {capacity === undefined ? '' : `, stretched ${Math.round(capacity * 100)} %`}
                      </div>
                    )}
                  </td>
                </tr>
                {settingsOf(card.setup).map(({ label, text }) => (
                  <tr key={label}>
                    <td>{label}</td>
                    <td>
                      <strong>{text}</strong>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          );
        })}
      </article>
    </div>
  );
}

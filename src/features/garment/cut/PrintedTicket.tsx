'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { phraseText } from '@/core/explain/display';
import type { FactsByKind, RecordKind } from '@/core/facts/records';
import { gatherFacts } from '@/core/plan/gatherFacts';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentView } from '@/core/views/pageViews';
import { useUnit } from '@/ui/unit';
import { EdgesOnPaper } from './EdgesOnPaper';
import styles from './PrintedTicket.module.css';
import { headLines, rowSize } from './ticketText';

/** The ticket for paper: A4 or Letter, with test squares to show that the printer kept its scale. */
export function PrintedTicket({ view }: { view: GarmentView }) {
  const { unit } = useUnit();
  const { garment, records, today } = view;
  const facts = gatherFacts(
    garment.facts,
    <K extends RecordKind>(kind: K, id: string) =>
      records.find((one) => one.kind === kind && one.id === id)?.facts as FactsByKind[K] | undefined,
  );
  const plan = planGarment({ ...facts, takenMm: view.takenMm }, { onDate: today });
  const text = (phrase: Parameters<typeof phraseText>[0]) => phraseText(phrase, plan.numbers, unit);
  return (
    <div>
      <div className={styles.bar}>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
        <Button component={Link} href={`/garments/${garment.id}`}>
          Back to the garment
        </Button>
      </div>
      <article className={styles.paper}>
        <h1>{garment.facts.name}</h1>
        <p>
          {facts.wearer ? `for ${facts.wearer.name}, ` : ''}
          {today}
        </p>
        {plan.ticket.map((group) => (
          <table key={group.id}>
            <colgroup>
              <col className={styles.tickColumn} />
              <col />
              <col className={styles.sizeColumn} />
            </colgroup>
            <thead>
              <tr>
                <th colSpan={3}>
                  <strong>{text(group.material)}</strong>
                  {headLines(group).map((note, at) => (
                    <div key={at}>{text(note)}</div>
                  ))}
                </th>
              </tr>
            </thead>
            <tbody>
              {group.rows.map((row) => (
                <tr key={row.id} data-row={row.id}>
                  <td>
                    <span className={styles.box}>{row.cut ? '×' : ''}</span>
                  </td>
                  <td>
                    <strong>{row.label}</strong>
                    {row.details.map((detail, at) => (
                      <div key={at}>{text(detail)}</div>
                    ))}
                    {row.left && (
                      <div>
                        {(plan.numbers[row.left]?.value ?? 0) >= 0
                          ? `left on the roll after it: ${text([{ n: row.left }])}`
                          : 'not enough on the roll for it'}
                      </div>
                    )}
                    {row.cut?.changed && <div>{text(row.cut.changed)}</div>}
                  </td>
                  <td className={styles.size} data-size>
                    {rowSize(plan, row, unit)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
        <EdgesOnPaper plan={plan} />
        {plan.problems
          .filter(({ severity }) => severity === 'stop')
          .map((problem) => (
            <p key={problem.id}>
              <strong>Cannot work as planned:</strong> {text(problem.sentence)}
            </p>
          ))}
        <div className={styles.squares}>
          <div className={styles.square} style={{ width: '50mm', height: '50mm' }}>
            5 cm square
          </div>
          <div className={styles.square} style={{ width: '2in', height: '2in' }}>
            2 in square
          </div>
          <p>Measure one: if it is off, print at 100 %, without fitting to the page.</p>
        </div>
      </article>
    </div>
  );
}

'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { phraseText } from '@/core/explain/display';
import { stepSetup } from '@/core/sewing/stepSetup';
import type { GarmentView } from '@/core/views/pageViews';
import { rollText } from '@/features/elastics/findingWords';
import { changeText, itemText, mainSettings } from '@/features/machines/setupWords';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { EdgesOnPaper } from '../cut/EdgesOnPaper';
import paper from '../cut/PrintedTicket.module.css';
import { GarmentProvider, useGarment } from '../page/useGarment';
import { SewingProvider, WhenPlanned, useSewing } from './useSewing';

/** The sewing sheet for paper: every step with its setup, what to check, and room for a tick. */
export function SewingSheet({ view }: { view: GarmentView }) {
  return (
    <RecordsProvider records={[view.garment, ...view.records]}>
      <GarmentProvider view={view}>
        <SewingProvider>
          <WhenPlanned>
            <Sheet />
          </WhenPlanned>
        </SewingProvider>
      </GarmentProvider>
    </RecordsProvider>
  );
}

function Sheet() {
  const { id, garment, facts, plan, today } = useGarment();
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const text = (phrase: Parameters<typeof phraseText>[0]) => phraseText(phrase, numbers, unit);
  const length = (number: string) => rollText(valueOf(numbers, number), unit);
  return (
    <div>
      <div className={paper.bar}>
        <Button variant="contained" onClick={() => window.print()}>
          Print
        </Button>
        <Button component={Link} href={`/garments/${id}?stage=sew`}>
          Back to the garment
        </Button>
      </div>
      <article className={`${paper.paper} ${paper.compact}`} data-sheet>
        <h1>{garment.name}</h1>
        <p>
          {facts.wearer ? `for ${facts.wearer.name}, ` : ''}
          {today}. {sewing.needle}
        </p>
        <EdgesOnPaper plan={plan} />
        <table>
          <colgroup>
            <col className={paper.tickColumn} />
            <col />
            <col className={paper.sizeColumn} />
          </colgroup>
          <tbody>
            {sewing.steps.map((step, at) => {
              const setup = stepSetup(sewing, step);
              return (
                <tr key={step.id} data-sheet-step={step.id} style={{ breakInside: 'avoid' }}>
                  <td>
                    <span className={paper.box}>{step.done ? '×' : ''}</span>
                  </td>
                  <td>
                    <strong>
                      {at + 1}. {text(step.title)}
                    </strong>
                    <div>{step.lines.map(text).join(' ')}</div>
                    <div>{step.tells.map((tell) => `${tell.label}: ${text(tell.text)}`).join(' · ')}</div>
                    <div>
                      <strong>Check:</strong> {text(step.check)} <em>{step.cautions.join(' ')}</em>
                    </div>
                  </td>
                  <td>
                    <strong>
                      {setup ? `${setup.machine}: ${setup.name}` : sewing.stations[step.station]}
                    </strong>
                    {setup && <div>{mainSettings(setup.setup)}</div>}
                    {step.change.length > 0 && <div>Change: {step.change.map(itemText).join('; ')}</div>}
                    <div>{Math.round(valueOf(numbers, step.minutes))} min</div>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <h2>Thread</h2>
        <p>
          {sewing.threads
            .map(
              (thread) =>
                `${thread.label}: ${length(thread.needs)}, ${Math.round(valueOf(numbers, thread.spools))} × ${length(thread.each)}`,
            )
            .join(' · ')}
        </p>
        {sewing.putBack.length > 0 && (
          <>
            <h2>To put back afterwards</h2>
            {sewing.putBack.map(({ machineId, machine, changes }) => (
              <div key={machineId}>
                {machine}: {changes.map(changeText).join('; ')}
              </div>
            ))}
          </>
        )}
      </article>
    </div>
  );
}

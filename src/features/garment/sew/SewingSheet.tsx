'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { phraseText } from '@/core/explain/display';
import { stepSetup } from '@/core/plan/sewing/stepSetup';
import type { GarmentView } from '@/core/views/pageViews';
import { rollText } from '@/features/elastics/findingWords';
import { changeText, itemText, mainSettings } from '@/features/machines/setupWords';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import paper from '../PrintedTicket.module.css';
import { GarmentProvider, useGarment } from '../useGarment';
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
  const { id, garment, facts, today } = useGarment();
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
      <article className={paper.paper} data-sheet>
        <h1>{garment.name}</h1>
        <p>
          {facts.wearer ? `for ${facts.wearer.name}, ` : ''}
          {today}. {sewing.needle}
        </p>
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
                    {step.lines.map((line, index) => (
                      <div key={index}>{text(line)}</div>
                    ))}
                    <div>{step.tells.map((tell) => `${tell.label}: ${text(tell.text)}`).join(' · ')}</div>
                    <div>Then check: {text(step.check)}</div>
                    {step.cautions.map((caution) => (
                      <div key={caution}>
                        <em>{caution}</em>
                      </div>
                    ))}
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
        {sewing.threads.map((thread) => (
          <div key={thread.id}>
            {thread.label}: {length(thread.needs)}, {Math.round(valueOf(numbers, thread.spools))} ×{' '}
            {length(thread.each)}
          </div>
        ))}
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

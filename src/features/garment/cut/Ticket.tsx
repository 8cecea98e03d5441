'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { phraseText } from '@/core/explain/display';
import type { Phrase } from '@/core/explain/explained';
import { awaitsNeckband } from '@/core/edges/useOf';
import type { TapeLength } from '@/core/edges/types';
import type { TicketGroup, TicketRow } from '@/core/ticket/types';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import styles from './Ticket.module.css';
import { headLines, ticketText } from './ticketText';
import { useCutTick } from './useCutTick';
import { useGarment } from '../page/useGarment';
import { useTicketChanges } from './useTicketChanges';

const ROLE_WORDS = {
  outer: 'outer',
  lining: 'lining',
  band: 'band',
  elastic: 'elastic',
  stay: 'stay',
  findings: 'to pick out',
} as const;

/** Every length to cut, in cutting order, with a tick for cut; always beside the work. */
export function Ticket() {
  const { id, plan, facts } = useGarment();
  const { unit } = useUnit();
  const records = useRecords();
  const changes = useTicketChanges(plan, unit);
  const [copied, setCopied] = useState<string | undefined>(undefined);
  const bandMissing = awaitsNeckband(plan.edges);
  const rows = plan.ticket.flatMap((group) => group.rows);
  const cut = rows.filter((row) => row.cut).length;
  const next = rows.find((row) => !row.cut)?.id;
  const unwashed = [...new Set([facts.outer, facts.lining, facts.band])]
    .filter((cloth) => cloth?.washed === 'no')
    .map((cloth) => cloth?.name);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(ticketText(plan, unit));
      setCopied('Copied.');
    } catch {
      setCopied('This browser does not let the page copy: print it instead.');
    }
  };
  return (
    <aside className={styles.ticket} aria-label="Ticket">
      <div className={styles.head}>
        <h2>Ticket</h2>
        <span className="soft small">{cut === 0 ? 'nothing cut yet' : `${cut} of ${rows.length} cut`}</span>
      </div>
      {plan.ticket.map((group) => (
        <section key={group.id}>
          <div className={styles.group}>
            <span>{phraseText(group.material, plan.numbers, unit)}</span>
            <span>{ROLE_WORDS[group.role]}</span>
          </div>
          <Notes notes={headLines(group)} />
          {group.roll && <RollNote roll={group.roll} />}
          <ul className={styles.rows}>
            {group.rows.map((row) => (
              <Row key={row.id} row={row} isNext={row.id === next && plan.next.stage === 'cut'} />
            ))}
          </ul>
        </section>
      ))}
      {plan.cutting.length > 0 && (
        <section>
          <div className={styles.group}>
            <span>At the edges</span>
            <span>add, trim, fold, mark</span>
          </div>
          {plan.cutting.map(({ edge, label, lines }) => (
            <div key={edge} className={styles.details} style={{ paddingTop: 6 }}>
              <strong>{label}</strong>
              {lines.map((line, at) => (
                <p key={at}>
                  <PhraseText phrase={line} />
                </p>
              ))}
            </div>
          ))}
        </section>
      )}
      {bandMissing && (
        <p className="soft small">
          The neckband’s length comes once its cloth is tested and the neckline measured.
        </p>
      )}
      {unwashed.length > 0 && cut === 0 && (
        <div>
          <h3 className="small">Before you cut</h3>
          <p className="soft small">
            Wash and dry {unwashed.join(' and ')} the way the garment will be washed.
          </p>
        </div>
      )}
      {changes.length > 0 && (
        <div role="status">
          <h3 className="small">Changed just now</h3>
          {changes.map((change) => (
            <p key={change} className="soft small">
              {change}
            </p>
          ))}
        </div>
      )}
      <div className={styles.foot}>
        <Button
          component={Link}
          href={`/garments/${id}/ticket`}
          variant="contained"
          onClick={() => void records.flush()}
        >
          Print ticket
        </Button>
        <Button variant="outlined" onClick={() => void copy()}>
          Copy
        </Button>
      </div>
      {copied && (
        <p role="status" className="soft small">
          {copied}
        </p>
      )}
    </aside>
  );
}

/** What is on the roll, and what other garments take of it. */
function RollNote({ roll }: { roll: NonNullable<TicketGroup['roll']> }) {
  const { plan } = useGarment();
  if (roll.onHand === undefined) return null;
  const taken = roll.taken !== undefined && valueOf(plan.numbers, roll.taken) > 0;
  return (
    <p className="soft small" style={{ paddingTop: 5 }}>
      <ExplainedNumber id={roll.onHand} /> on hand
      {taken && roll.taken && (
        <>
          , other garments take <ExplainedNumber id={roll.taken} />
        </>
      )}
      {roll.short ? (
        <span style={{ color: 'var(--on-demand-tint)' }}>
          ; short by <ExplainedNumber id={roll.short} />
        </span>
      ) : (
        roll.left && (
          <>
            ; then left <ExplainedNumber id={roll.left} />
          </>
        )
      )}
    </p>
  );
}

function Notes({ notes }: { notes: readonly Phrase[] }) {
  return notes.map((note, at) => (
    <p key={at} className="soft small" style={{ paddingTop: 5 }}>
      <PhraseText phrase={note} />
    </p>
  ));
}

function Row({ row, isNext }: { row: TicketRow; isNext: boolean }) {
  const { plan } = useGarment();
  const tick = useCutTick();
  return (
    <li className={styles.row} data-next={isNext} data-row={row.id}>
      <div className={styles.line}>
        <input
          id={`cut-${row.id}`}
          type="checkbox"
          checked={row.cut !== undefined}
          onChange={(event) => tick(row, event.target.checked)}
        />
        <label htmlFor={`cut-${row.id}`}>
          {row.label}
          <span className="visuallyHidden">, cut</span>
        </label>
        <span className={styles.size}>
          {row.length ? (
            <>
              <Length length={row.length} asCut={row.cut?.length} />
              {row.width && (
                <>
                  {' × '}
                  <Length length={row.width} asCut={row.cut?.width} />
                </>
              )}
              {valueOf(plan.numbers, row.count) > 1 && `, ${Math.round(valueOf(plan.numbers, row.count))} of`}
            </>
          ) : (
            Math.round(valueOf(plan.numbers, row.count))
          )}
        </span>
      </div>
      <div className={styles.details}>
        {row.details.map((detail, at) => (
          <p key={at}>
            <PhraseText phrase={detail} />
          </p>
        ))}
        {row.left && !row.cut && valueOf(plan.numbers, row.left) >= 0 && (
          <p>
            then <ExplainedNumber id={row.left} /> left on the roll
          </p>
        )}
        {row.cut?.changed && (
          <p className={styles.changed}>
            <PhraseText phrase={row.cut.changed} />
          </p>
        )}
      </div>
    </li>
  );
}

/** The length as cut once it is cut, else as planned and rounded for the reader's tape. */
function Length({ length, asCut }: { length: TapeLength; asCut: string | undefined }) {
  const { unit } = useUnit();
  return <ExplainedNumber id={asCut ?? length[unit]} />;
}

'use client';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { Fragment } from 'react';
import { AMOUNT_CHECK } from '@/core/cloth/amount';
import { allowanceAt } from '@/core/facts/allowance';
import { isNeck } from '@/core/fit/garmentKind';
import type { TicketRow } from '@/core/ticket/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { formatLength } from '@/core/units/formatLength';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { NextButton } from '../page/NextButton';
import { useCutTick } from './useCutTick';
import { useGarment } from '../page/useGarment';

const EACH_HEAD: Readonly<Record<string, string>> = {
  outer: 'Outer cloth',
  lining: 'Lining',
  band: 'Bands',
  elastic: 'Elastic',
  stay: 'Shoulder stay',
  findings: 'Findings to pick out',
};

/** Every piece with its count, left and right apart, its direction, allowances, marks and a tick. */
export function CutStage() {
  const { id, plan, kind, garment } = useGarment();
  const { unit } = useUnit();
  const tick = useCutTick();
  const { pieces } = kind;
  const isBegun = Object.keys(garment.cuts).length > 0;
  const amount = isBegun ? undefined : plan.checks.find((check) => check.id === AMOUNT_CHECK);
  const show = (mm: number) => formatLength(mm, unit);
  const side = (which: 'left' | 'right') =>
    plan.ticket.flatMap((group) => group.rows).filter((row) => row.id.endsWith(`-${which}`));
  const cutOf = (rows: readonly TicketRow[]) => rows.filter((row) => row.cut).length;
  return (
    <div className={styles.stage}>
      <div className={styles.between}>
        <div>
          <p className="soft">
            Cut one flat layer, away from yourself. Close the rotary cutter when you put it down.
          </p>
          {amount && !kind.made && (
            <p>
              <PhraseText phrase={amount.sentence} />
            </p>
          )}
        </div>
        {!kind.made && (
          <div className={styles.actions}>
            <Button variant="outlined" component={Link} href={`/garments/${id}/layout`}>
              Lay out on cloth
            </Button>
            <Button variant="outlined" component={Link} href={`/garments/${id}/paper`}>
              Print the pieces
            </Button>
          </div>
        )}
      </div>
      {plan.ticket.map((group) => (
        <section key={group.id}>
          <div className={styles.between}>
            <h2>{EACH_HEAD[group.role]}</h2>
            <span className="soft">
              <PhraseText phrase={group.material} />
              {group.lies && (
                <>
                  {' · '}
                  <PhraseText phrase={group.lies} />
                </>
              )}
            </span>
          </div>
          <TableContainer>
            <Table className={styles.cutTable}>
              <TableHead>
                <TableRow>
                  <TableCell style={{ width: 44 }}>Cut</TableCell>
                  <TableCell style={{ width: 190 }}>Piece</TableCell>
                  <TableCell align="right" style={{ width: 80 }}>
                    How many
                  </TableCell>
                  <TableCell align="right" style={{ width: 150 }}>
                    Size
                  </TableCell>
                  <TableCell>How</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {group.rows.map((row) => {
                  const piece = pieces.find(({ id }) => id === row.id);
                  return (
                    <TableRow key={row.id}>
                      <TableCell>
                        <input
                          type="checkbox"
                          aria-label={`${row.label} is cut`}
                          checked={row.cut !== undefined}
                          onChange={(event) => tick(row, event.target.checked)}
                          style={{ width: 24, height: 24, accentColor: 'var(--capacity)' }}
                        />
                      </TableCell>
                      <TableCell>
                        <strong>{row.label}</strong>
                        {row.cut && <p className="soft small">cut on {row.cut.on}</p>}
                        {row.cut?.changed && (
                          <p className="small" style={{ color: 'var(--demand)' }}>
                            <PhraseText phrase={row.cut.changed} />
                          </p>
                        )}
                      </TableCell>
                      <TableCell align="right">
                        <ExplainedNumber id={row.count} />
                      </TableCell>
                      <TableCell align="right">
                        {row.length ? <ExplainedNumber id={row.cut?.length ?? row.length[unit]} /> : '—'}
                        {row.width && (
                          <>
                            {' × '}
                            <ExplainedNumber id={row.cut?.width ?? row.width[unit]} />
                          </>
                        )}
                      </TableCell>
                      <TableCell>
                        {piece?.onFold && <p>on the fold, or a half, flipped and finished</p>}
                        {piece?.side && <p>the mirror of the other: turn the pattern piece over</p>}
                        {row.details.map((detail, at) => (
                          <p key={at} className="soft">
                            <PhraseText phrase={detail} />
                          </p>
                        ))}
                      </TableCell>
                    </TableRow>
                  );
                })}
              </TableBody>
            </Table>
          </TableContainer>
          {group.notes.length > 0 && (
            <p className="soft">
              {group.notes.map((note, at) => (
                <Fragment key={at}>
                  {at > 0 && ' · '}
                  <PhraseText phrase={note} />
                </Fragment>
              ))}
            </p>
          )}
        </section>
      ))}
      {plan.cutting.length > 0 && (
        <section className={styles.stack} style={{ gap: 8 }}>
          <h2>{kind.made ? 'At the edges' : 'At the edges, before the paper comes off'}</h2>
          <dl className={styles.edgeLines}>
            {plan.cutting.map(({ edge, label, lines }) => (
              <div key={edge} data-edge={edge}>
                <dt>{label}</dt>
                <dd>
                  {lines.map((line, at) => (
                    <p key={at}>
                      <PhraseText phrase={line} />
                    </p>
                  ))}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      {side('left').length > 0 && (
        <p>
          <strong>
            Left {cutOf(side('left'))} of {side('left').length} cut, right {cutOf(side('right'))} of{' '}
            {side('right').length} cut.
          </strong>{' '}
          <span className="soft">Two identical halves is the classic mistake.</span>
        </p>
      )}
      {!kind.made && (
        <p>
          Allowances: seams {show(garment.pattern.seamAllowanceMm)}
          {kind.edges.some((edge) => isNeck(kind, edge)) &&
            `, neck ${show(allowanceAt(garment, 'neckline'))}`}
          {kind.edges.some(({ sleeveHem }) => sleeveHem) &&
            `, sleeve hems ${show(garment.pattern.sleeveHemAllowanceMm)}`}
          {kind.edges.some(({ finish }) => finish === 'hem') &&
            `, hem ${show(garment.pattern.hemAllowanceMm)}`}
          . Mark the front’s centre and the back’s centre; double notches on the back.
        </p>
      )}
      {kind.quirks.length > 0 && (
        <ul>
          {kind.quirks.map((quirk) => (
            <li key={quirk}>{quirk}</li>
          ))}
        </ul>
      )}
      <NextButton to="sew" />
    </div>
  );
}

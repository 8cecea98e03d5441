'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { readElastic } from '@/core/edges/elastics/elasticReading';
import { formatQuantity } from '@/core/explain/display';
import { createLedger } from '@/core/explain/ledger';
import { newElastic } from '@/core/facts/elastic';
import { newFinding } from '@/core/facts/finding';
import type { StoredRecord } from '@/core/facts/records';
import { formatLength } from '@/core/units/formatLength';
import { NewRecordForm } from '@/features/records/NewRecordForm';
import { useUnit } from '@/ui/unit';
import { rollText, sizeText, stockText } from './findingWords';

interface Props {
  readonly elastics: readonly StoredRecord<'elastic'>[];
  readonly findings: readonly StoredRecord<'finding'>[];
  readonly shortCount: number;
}

/** The drawer: elastics with what their tests say, and everything small. */
export function ElasticsPage({ elastics, findings, shortCount }: Props) {
  const { unit } = useUnit();
  return (
    <Stack sx={{ gap: '18px' }}>
      <h1>Elastics &amp; findings</h1>
      <Stack direction="row" sx={{ gap: '12px', alignItems: 'center', flexWrap: 'wrap' }}>
        <Button component={Link} href="/elastics/shopping" variant="outlined">
          Shopping list
        </Button>
        <span className="soft">
          {shortCount === 0
            ? 'Nothing is short for what is planned.'
            : `${shortCount} ${shortCount === 1 ? 'thing is' : 'things are'} short or not chosen for what is planned.`}
        </span>
      </Stack>
      <h2>Elastics</h2>
      <NewRecordForm
        kind="elastic"
        label="An elastic’s name"
        help="What you call it in the drawer."
        button="Add an elastic"
        path="/elastics"
        factsOf={(name) => newElastic(name)}
      />
      {elastics.length === 0 ? (
        <p className="soft">
          No elastic yet. Add one by name; a ruler tells what it can do, a sewn sample what it grows.
        </p>
      ) : (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Elastic</TableCell>
                <TableCell align="right">width</TableCell>
                <TableCell align="right">stretches</TableCell>
                <TableCell align="right">comes back</TableCell>
                <TableCell align="right">grows, sewn</TableCell>
                <TableCell>good for</TableCell>
                <TableCell align="right">on hand</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {elastics.map(({ id, facts }) => {
                const { reading, assumed, growth } = readElastic(createLedger(), 'elastic', facts);
                const share = (value: number | undefined) =>
                  value === undefined ? '' : formatQuantity(value, 'share', unit);
                return (
                  <TableRow key={id}>
                    <TableCell>
                      <Link href={`/elastics/${id}`} style={{ color: 'var(--ink)' }}>
                        {facts.name}
                      </Link>
                      <p className="soft small">
                        {[
                          facts.kind,
                          facts.latex === 'yes' && 'latex',
                          facts.cuttable && 'may be cut narrower',
                        ]
                          .filter(Boolean)
                          .join(', ')}
                      </p>
                    </TableCell>
                    <TableCell align="right">{formatLength(facts.widthMm, unit)}</TableCell>
                    <TableCell align="right">
                      {assumed ? <Link href={`/elastics/${id}`}>Test it</Link> : share(reading.stretch.value)}
                    </TableCell>
                    <TableCell align="right">{share(reading.recovery?.value)}</TableCell>
                    <TableCell align="right">{share(growth?.value)}</TableCell>
                    <TableCell>
                      {[facts.swim === 'yes' && 'swimwear', facts.skin === 'soft' && 'next to the skin']
                        .filter(Boolean)
                        .join(', ')}
                    </TableCell>
                    <TableCell align="right">
                      {facts.onHandMm === undefined ? '' : rollText(facts.onHandMm, unit)}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </TableContainer>
      )}
      <h2>Findings</h2>
      <NewRecordForm
        kind="finding"
        label="A finding’s name"
        help="Rings, sliders, hooks, cups, tape, thread, needles."
        button="Add a finding"
        path="/elastics/findings"
        factsOf={(name) => newFinding(name)}
      />
      {findings.length > 0 && (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Finding</TableCell>
                <TableCell>kind</TableCell>
                <TableCell align="right">size</TableCell>
                <TableCell align="right">on hand</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {findings.map(({ id, facts }) => (
                <TableRow key={id}>
                  <TableCell>
                    <Link href={`/elastics/findings/${id}`} style={{ color: 'var(--ink)' }}>
                      {facts.name}
                    </Link>
                    {facts.nickel === 'yes' && <p className="soft small">nickel in it</p>}
                  </TableCell>
                  <TableCell>{facts.kind}</TableCell>
                  <TableCell align="right">{sizeText(facts, unit)}</TableCell>
                  <TableCell align="right">{stockText(facts, unit)}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </Stack>
  );
}

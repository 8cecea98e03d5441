'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import type { ShoppingList } from '@/core/ticket/rolls';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';

/** What is short across every garment, and what has not been chosen yet. */
export function ShoppingPage({ list }: { list: ShoppingList }) {
  return (
    <NumbersProvider numbers={list.numbers}>
      <Stack sx={{ gap: '18px' }}>
        <h1>Shopping list</h1>
        {list.lines.length === 0 ? (
          <p className="soft">
            Nothing is short for what is planned. Choose elastics at a garment’s Bands, and what the drawer
            lacks stands here.
          </p>
        ) : (
          <TableContainer>
            <Table>
              <TableHead>
                <TableRow>
                  <TableCell>What</TableCell>
                  <TableCell align="right">to buy</TableCell>
                  <TableCell align="right">wanted</TableCell>
                  <TableCell align="right">on hand</TableCell>
                  <TableCell>for</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {list.lines.map((line) => (
                  <TableRow key={line.id}>
                    <TableCell>
                      {line.href ? <Link href={line.href}>{line.name}</Link> : line.name}
                      <p className="soft small">{line.what}</p>
                    </TableCell>
                    <TableCell align="right">
                      <strong>
                        <ExplainedNumber id={line.short} />
                      </strong>
                    </TableCell>
                    <TableCell align="right">
                      <ExplainedNumber id={line.wants} />
                    </TableCell>
                    <TableCell align="right">{line.has && <ExplainedNumber id={line.has} />}</TableCell>
                    <TableCell>
                      {line.garments.map(({ id, name }) => (
                        <div key={id}>
                          <Link href={`/garments/${id}?stage=bands`}>{name}</Link>
                        </div>
                      ))}
                      {line.more > 0 && <p className="soft small">and {line.more} more</p>}
                    </TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </TableContainer>
        )}
        <p className="soft small">Lengths as planned, without anything to spare: round up to what is sold.</p>
      </Stack>
    </NumbersProvider>
  );
}

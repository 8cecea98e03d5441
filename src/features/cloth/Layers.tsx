'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { ClothPlan } from '@/core/cloth/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';

/** What each layer of a stack contributes, and the stack's stretch by both schools. */
export function Layers({ cloth }: { cloth: ClothPlan }) {
  if (!cloth.layers) return null;
  return (
    <section>
      <h2>Layers together: {cloth.name}</h2>
      <TableContainer>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>Layer</TableCell>
              <TableCell align="right">stretch alone, around</TableCell>
              <TableCell align="right">its part of the pull</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {cloth.layers.map((layer, at) => (
              <TableRow key={at}>
                <TableCell>{layer.name}</TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={layer.stretch} />
                </TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={layer.share} />
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      <p style={{ marginTop: 8 }}>
        Together around: {cloth.across && <ExplainedNumber id={cloth.across.stretch} />}
        {cloth.along && (
          <>
            , lengthwise <ExplainedNumber id={cloth.along.stretch} />
          </>
        )}
        .{' '}
        {cloth.least && (
          <span className="soft">
            The crude rule says <ExplainedNumber id={cloth.least} />, as the least stretchy layer: never less
            than layers really give, because their pulls add.
          </span>
        )}
      </p>
    </section>
  );
}

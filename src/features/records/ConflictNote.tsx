'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { valueAt } from '@/core/facts/change';
import type { Conflict } from './recordWriter';

/** Two windows wrote the same record: what each has, and which to keep. Nothing is lost until one is chosen. */
export function ConflictNote({
  conflict,
  onResolve,
}: {
  conflict: Conflict;
  onResolve: (keep: 'mine' | 'theirs') => void;
}) {
  const { theirs, changed, mine } = conflict;
  return (
    <Dialog open aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">{theirs.facts.name} was changed in another window</DialogTitle>
      <DialogContent>
        <p>
          Changed there:{' '}
          {changed.length === 0 ? 'it was removed or put back' : changed.map(fieldName).join(', ')}.
        </p>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>Field</TableCell>
              <TableCell>Here</TableCell>
              <TableCell>There</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {mine.map(({ path, value }) => (
              <TableRow key={path}>
                <TableCell>{fieldName(path)}</TableCell>
                <TableCell>{show(value)}</TableCell>
                <TableCell>{show(valueAt(theirs.facts, path))}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => onResolve('theirs')}>Keep what is there</Button>
        <Button variant="contained" onClick={() => onResolve('mine')}>
          Keep what I typed here
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** A path as words: `pattern.neckline.frontMm` → `pattern, neckline, front`. */
const fieldName = (path: string): string =>
  path
    .replace(/(Mm|Rad|Gsm)\b/g, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split('.')
    .join(', ');

const show = (value: unknown): string =>
  value === undefined || value === null
    ? 'nothing'
    : typeof value === 'number'
      ? String(Number(value.toFixed(2)))
      : typeof value === 'object'
        ? 'several fields'
        : String(value);

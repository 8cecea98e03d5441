'use client';
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
        <table style={{ borderSpacing: '16px 4px', marginLeft: -16 }}>
          <thead>
            <tr>
              <th align="left">Field</th>
              <th align="left">Here</th>
              <th align="left">There</th>
            </tr>
          </thead>
          <tbody>
            {mine.map(({ path, value }) => (
              <tr key={path}>
                <td>{fieldName(path)}</td>
                <td>{show(value)}</td>
                <td>{show(valueAt(theirs.facts, path))}</td>
              </tr>
            ))}
          </tbody>
        </table>
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

'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { request } from '@/features/records/api';
import { useAsking } from '@/features/records/useAsking';

interface Props {
  /** What is asked for with DELETE. */
  readonly url: string;
  readonly title: string;
  readonly text: string;
  readonly keep: string;
  readonly remove: string;
  readonly onClose: () => void;
  readonly onDeleted: () => void;
}

/** Asks before photos are deleted for good: the one thing here that cannot be undone. */
export function AskDelete({ url, title, text, keep, remove, onClose, onDeleted }: Props) {
  const { asking, trouble, ask } = useAsking();
  const deleteThem = () =>
    ask(async () => {
      await request('DELETE', url);
      onDeleted();
      onClose();
    });
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        {text} {trouble && <Alert>{trouble}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{keep}</Button>
        <Button color="error" disabled={asking} onClick={() => void deleteThem()}>
          {remove}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

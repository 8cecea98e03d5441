'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { RequestRefused, request } from '@/features/records/api';

interface Props {
  readonly photo: string;
  readonly onClose: () => void;
  readonly onDeleted: () => void;
}

/** Asks before a photo is deleted for good: the one thing here that cannot be undone. */
export function AskDelete({ photo, onClose, onDeleted }: Props) {
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const remove = async () => {
    try {
      await request('DELETE', `/api/photos/${photo}`);
      onDeleted();
      onClose();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>Delete the photo for good?</DialogTitle>
      <DialogContent>This cannot be undone. {trouble && <Alert>{trouble}</Alert>}</DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Keep it</Button>
        <Button color="error" onClick={() => void remove()}>
          Delete the photo
        </Button>
      </DialogActions>
    </Dialog>
  );
}

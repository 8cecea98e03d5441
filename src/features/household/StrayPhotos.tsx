'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { request } from '@/features/records/api';
import { useAsking } from './useAsking';

/** Photos of what was taken away: they wait for an undo until they are deleted for good. */
export function StrayPhotos({ photos }: { photos: number }) {
  const router = useRouter();
  const { asking, trouble, ask } = useAsking();
  const [sure, setSure] = useState(false);
  if (photos === 0) return null;
  const remove = () =>
    ask(async () => {
      await request('DELETE', '/api/photos');
      setSure(false);
      router.refresh();
    });
  return (
    <section>
      <h2>Photos that nothing shows</h2>
      <p>
        {photos === 1 ? 'One photo is' : `${photos} photos are`} of a try-on or a cloth that was taken away.
        Undoing that shows {photos === 1 ? 'it' : 'them'} again.
      </p>
      <div>
        <Button size="small" onClick={() => setSure(true)}>
          Delete for good
        </Button>
      </div>
      {sure && (
        <Dialog open onClose={() => setSure(false)}>
          <DialogTitle>Delete {photos === 1 ? 'the photo' : `${photos} photos`} for good?</DialogTitle>
          <DialogContent>
            This cannot be undone. Copies that were saved before still hold them.{' '}
            {trouble && <Alert>{trouble}</Alert>}
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setSure(false)}>Keep {photos === 1 ? 'it' : 'them'}</Button>
            <Button color="error" disabled={asking} onClick={remove}>
              Delete for good
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </section>
  );
}

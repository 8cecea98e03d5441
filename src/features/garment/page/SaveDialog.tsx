'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';

/** Asks before body measurements go into a file. */
export function SaveDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const [withMeasurements, setWith] = useState(false);
  return (
    <Dialog open onClose={onClose} aria-labelledby="save-title">
      <DialogTitle id="save-title">Save this garment as a file</DialogTitle>
      <DialogContent>
        <p>
          The file holds the garment, its cloths and tests, and every choice. Whoever gets it can read it.
        </p>
        <FormControlLabel
          control={
            <Checkbox checked={withMeasurements} onChange={(event) => setWith(event.target.checked)} />
          }
          label="Put the wearer’s body measurements in too"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Not now</Button>
        <Button
          variant="contained"
          href={`/api/garment-files/${id}${withMeasurements ? '?measurements=yes' : ''}`}
          download
          onClick={onClose}
        >
          Save
        </Button>
      </DialogActions>
    </Dialog>
  );
}

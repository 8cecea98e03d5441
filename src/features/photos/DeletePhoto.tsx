'use client';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';

const AskDelete = dynamic(() => import('./AskDelete').then((module) => module.AskDelete));

/** Deletes a photo for good, once that was asked. */
export function DeletePhoto({
  photo,
  label,
  onDeleted,
}: {
  photo: string;
  label: string;
  onDeleted: () => void;
}) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setAsking(true)}>
        {label}
      </Button>
      {asking && (
        <AskDelete
          url={`/api/photos/${photo}`}
          title="Delete the photo for good?"
          text="This cannot be undone."
          keep="Keep it"
          remove="Delete the photo"
          onClose={() => setAsking(false)}
          onDeleted={onDeleted}
        />
      )}
    </>
  );
}

'use client';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';

const AskDelete = dynamic(() => import('@/features/photos/AskDelete').then((module) => module.AskDelete));

/** Photos of what was taken away: they wait for an undo until they are deleted for good. */
export function StrayPhotos({ photos }: { photos: number }) {
  const router = useRouter();
  const [sure, setSure] = useState(false);
  if (photos === 0) return null;
  const [what, them] = photos === 1 ? ['the photo', 'it'] : [`${photos} photos`, 'them'];
  return (
    <section>
      <h2>Photos that nothing shows</h2>
      <p>
        {photos === 1 ? 'One photo is' : `${photos} photos are`} of a try-on or a cloth that was taken away.
        Undoing that shows {them} again.
      </p>
      <div>
        <Button size="small" onClick={() => setSure(true)}>
          Delete for good
        </Button>
      </div>
      {sure && (
        <AskDelete
          url="/api/photos"
          title={`Delete ${what} for good?`}
          text="This cannot be undone. Copies that were saved before still hold them."
          keep={`Keep ${them}`}
          remove="Delete for good"
          onClose={() => setSure(false)}
          onDeleted={() => router.refresh()}
        />
      )}
    </section>
  );
}

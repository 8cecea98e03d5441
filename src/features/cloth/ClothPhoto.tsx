'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { RequestRefused, sendPhoto } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';

const AskDelete = dynamic(() => import('./AskDelete').then((module) => module.AskDelete));

/** Longest side of a kept photo, px: enough to know the cloth again. */
const LONGEST_PX = 1000;

/** A photo of the cloth, kept in the house's own database and nowhere else. */
export function ClothPhoto({ clothId, photo }: { clothId: string; photo: string | undefined }) {
  const records = useRecords();
  const input = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const [asking, setAsking] = useState(false);
  const [lost, setLost] = useState(false);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setTrouble(undefined);
    try {
      const small = await shrink(file);
      if (!small) return setTrouble('This file is not a picture that can be read: choose a JPEG or PNG.');
      const { id } = await sendPhoto(clothId, small);
      setLost(false);
      records.set('cloth', clothId, 'Photo', { photo: id });
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    } finally {
      if (input.current) input.current.value = '';
    }
  };
  return (
    <div>
      {photo && !lost && (
        // The photo comes from this house's own database: an image optimiser would only copy it.
        // eslint-disable-next-line @next/next/no-img-element
        <img
          src={`/api/photos/${photo}`}
          alt="The cloth"
          onError={() => setLost(true)}
          style={{ width: '100%', borderRadius: 8, display: 'block' }}
        />
      )}
      <Button size="small" onClick={() => input.current?.click()}>
        {photo ? 'Another photo' : 'Add a photo'}
      </Button>
      {photo && (
        <Button size="small" onClick={() => setAsking(true)}>
          Delete the photo
        </Button>
      )}
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label="Photo of the cloth"
        onChange={(event) => void take(event.target.files?.[0])}
      />
      {trouble && <Alert>{trouble}</Alert>}
      {asking && photo && (
        <AskDelete
          photo={photo}
          onClose={() => setAsking(false)}
          onDeleted={() => records.set('cloth', clothId, 'Photo deleted', { photo: null })}
        />
      )}
    </div>
  );
}

/** The picture as a JPEG of at most `LONGEST_PX` a side; `undefined` where the browser cannot read it. */
async function shrink(file: File): Promise<Blob | undefined> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file);
  } catch {
    return undefined;
  }
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(Math.round(picture.width * scale), 1);
  canvas.height = Math.max(Math.round(picture.height * scale), 1);
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', 0.85));
}

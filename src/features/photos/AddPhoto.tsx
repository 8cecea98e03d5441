'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { MAX_PHOTO_BYTES } from '@/core/facts/photos';
import { formatBytes } from '@/core/units/bytes';
import { RequestRefused, sendPhoto, type Photographed } from '@/features/records/api';

interface Props {
  readonly of: Photographed;
  /** On the button. */
  readonly label: string;
  /** What the photo will be of, in words. */
  readonly name: string;
  readonly onAdded: (photoId: string) => void;
}

/** Takes a photo, or chooses one, and keeps it in the house's own database and nowhere else. */
export function AddPhoto({ of, label, name, onAdded }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const [sending, setSending] = useState(false);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setTrouble(undefined);
    if (file.size > MAX_PHOTO_BYTES)
      return setTrouble(
        `This file has ${formatBytes(file.size)}: a photo of at most ${formatBytes(MAX_PHOTO_BYTES)} is kept. Choose a smaller one.`,
      );
    setSending(true);
    try {
      onAdded((await sendPhoto(of, file)).id);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    } finally {
      setSending(false);
      if (input.current) input.current.value = '';
    }
  };
  return (
    <>
      <Button size="small" disabled={sending} onClick={() => input.current?.click()}>
        {sending ? 'Keeping the photo' : label}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        hidden
        aria-label={name}
        onChange={(event) => void take(event.target.files?.[0])}
      />
      {trouble && <Alert>{trouble}</Alert>}
    </>
  );
}

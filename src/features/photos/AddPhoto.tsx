'use client';
import Alert from '@mui/material/Alert';
import { MAX_PHOTO_BYTES } from '@/core/facts/photos';
import { formatBytes } from '@/core/units/bytes';
import { RequestRefused, sendPhoto, type Photographed } from '@/features/records/api';
import { useAsking } from '@/features/records/useAsking';
import { ChooseFile } from '@/ui/ChooseFile';

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
  const { asking, trouble, ask } = useAsking();
  const take = (file: File) =>
    ask(async () => {
      if (file.size > MAX_PHOTO_BYTES)
        throw new RequestRefused(
          `This file has ${formatBytes(file.size)}: a photo of at most ${formatBytes(MAX_PHOTO_BYTES)} is kept. Choose a smaller one.`,
          'too-large',
        );
      onAdded((await sendPhoto(of, file)).id);
    });
  return (
    <>
      <ChooseFile
        label={label}
        name={name}
        working="Keeping the photo"
        accept="image/*"
        busy={asking}
        small
        onFile={(file) => void take(file)}
      />
      {trouble && <Alert>{trouble}</Alert>}
    </>
  );
}

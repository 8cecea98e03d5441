'use client';
import { AddPhoto } from '@/features/photos/AddPhoto';
import { DeletePhoto } from '@/features/photos/DeletePhoto';
import { Photo } from '@/features/photos/Photo';
import { useRecords } from '@/features/records/RecordsProvider';
import styles from './ClothPage.module.css';

/** A photo of the cloth, to know it again. */
export function ClothPhoto({ clothId, photo }: { clothId: string; photo: string | undefined }) {
  const records = useRecords();
  return (
    <div>
      {photo && <Photo photo={photo} alt="The cloth" className={styles.photo} />}
      <AddPhoto
        of={{ kind: 'cloth', id: clothId }}
        label={photo ? 'Another photo' : 'Add a photo'}
        name="Photo of the cloth"
        onAdded={(id) => records.set('cloth', clothId, 'Photo', { photo: id })}
      />
      {photo && (
        <DeletePhoto
          photo={photo}
          label="Delete the photo"
          onDeleted={() => records.set('cloth', clothId, 'Photo deleted', { photo: null })}
        />
      )}
    </div>
  );
}

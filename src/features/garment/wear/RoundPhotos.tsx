'use client';
import { photoViewIds, type Fitting, type PhotoView } from '@/core/facts/fitting';
import { nextView } from '@/core/wear/photoRows';
import { AddPhoto } from '@/features/photos/AddPhoto';
import { DeletePhoto } from '@/features/photos/DeletePhoto';
import { Photo } from '@/features/photos/Photo';
import { PickField } from '@/ui/PickField';
import { useGarment } from '../page/useGarment';
import wear from './Wear.module.css';

interface Props {
  readonly photos: Fitting['photos'];
  /** Of which round, in words. */
  readonly of: string;
  readonly onAdd: (photo: string, view: PhotoView) => void;
  readonly onView: (photo: string, view: PhotoView) => void;
  readonly onDeleted: (photo: string) => void;
}

const VIEWS = photoViewIds.map((id) => ({ id, name: id }));

/** The photos of one round, each by what it shows. They stay on this machine. */
export function RoundPhotos({ photos = {}, of, onAdd, onView, onDeleted }: Props) {
  const { id } = useGarment();
  return (
    <div className={wear.photos}>
      {Object.entries(photos).map(([photo, view]) => (
        <figure key={photo}>
          <a href={`/api/photos/${photo}`} target="_blank" rel="noreferrer">
            <Photo photo={photo} size="small" alt={`${view}, ${of}`} />
          </a>
          <figcaption>
            <PickField
              label="Shows"
              value={view}
              options={VIEWS}
              onChange={(next) => {
                const found = photoViewIds.find((one) => one === next);
                if (found) onView(photo, found);
              }}
            />
            <DeletePhoto photo={photo} label="Delete" onDeleted={() => onDeleted(photo)} />
          </figcaption>
        </figure>
      ))}
      <div>
        <AddPhoto
          of={{ kind: 'garment', id }}
          label="Add a photo"
          name={`Photo of ${of}`}
          onAdded={(photo) => onAdd(photo, nextView(photos))}
        />
      </div>
    </div>
  );
}

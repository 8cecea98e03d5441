'use client';
import { useState } from 'react';

interface Props {
  readonly photo: string;
  readonly alt: string;
  readonly size?: 'small';
  readonly className?: string | undefined;
}

/** A photo out of this house's own database; where it was deleted, that is said. */
export function Photo({ photo, alt, size, className }: Props) {
  const [lost, setLost] = useState<string | undefined>(undefined);
  if (lost === photo) return <span className="soft small">This photo is no longer here.</span>;
  return (
    // An image optimiser would only copy it.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      src={`/api/photos/${photo}${size ? '?size=small' : ''}`}
      alt={alt}
      loading="lazy"
      className={className}
      onError={() => setLost(photo)}
    />
  );
}

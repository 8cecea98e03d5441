'use client';
import { useEffect, useState } from 'react';
import type { Point } from '@/core/geometry/point';
import { sheets, type Sheet } from '@/core/pieces/sheets';
import { forgetPhoto, keepPhoto, keptPhoto, type KeptPhoto } from './keptPhoto';
import { readPhoto, type Photo } from './photo';

type State = Omit<KeptPhoto, 'blob'>;

/** What lies under the outline of a piece. */
export interface Under {
  readonly photo: Photo | undefined;
  readonly state: State | undefined;
  readonly trouble: string | undefined;
  readonly choose: (file: Blob | undefined) => Promise<void>;
  /** Kept on this device unless it is only passing, such as a drag. */
  readonly set: (changes: Partial<State>, passing?: boolean) => void;
  readonly clear: () => void;
}

/** The sheet that is chosen, its sides as they are known. */
export const sheetOf = ({ sheet, ownSheet }: State): Sheet =>
  sheet === 'own' ? (ownSheet ?? sheets.a4) : sheets[sheet];

/** Where the handles stand until they are dragged: well inside the photo, in order. */
const firstCorners = ({ width, height }: Photo): readonly Point[] => {
  const [l, r, t, b] = [0.3 * width, 0.7 * width, 0.3 * height, 0.7 * height];
  return [
    { x: l, y: t },
    { x: r, y: t },
    { x: r, y: b },
    { x: l, y: b },
  ];
};

interface On {
  readonly place: string;
  readonly photo: Photo;
  readonly state: State;
}

/** The photo under a piece and the sheet found in it, kept on this device for each `place`. */
export function useUnder(place: string): Under {
  const [on, setOn] = useState<On | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  useEffect(() => {
    let gone = false;
    void keptPhoto(place).then(async (kept) => {
      if (!kept) return;
      const { blob, ...state } = kept;
      const read = await readPhoto(blob);
      if (gone || !read.ok) return;
      setOn({ place, photo: read.photo, state });
    });
    return () => {
      gone = true;
    };
  }, [place]);
  const here = on?.place === place ? on : undefined;
  const put = (photo: Photo, state: State, passing = false): void => {
    setOn({ place, photo, state });
    if (!passing) void keepPhoto(place, { blob: photo.blob, ...state });
  };
  return {
    photo: here?.photo,
    state: here?.state,
    trouble,
    choose: async (file) => {
      if (!file) return;
      const read = await readPhoto(file);
      setTrouble(read.ok ? undefined : read.sentence);
      if (!read.ok) return;
      put(read.photo, {
        corners: firstCorners(read.photo),
        sheet: here?.state.sheet ?? 'a4',
        turned: false,
        settled: false,
      });
    },
    set: (changes, passing) => here && put(here.photo, { ...here.state, ...changes }, passing),
    clear: () => {
      setOn(undefined);
      void forgetPhoto(place);
    },
  };
}

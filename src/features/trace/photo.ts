/** A photo on the table: where the browser has it, and its size as it is shown, px. */
export interface Photo {
  readonly blob: Blob;
  readonly url: string;
  readonly width: number;
  readonly height: number;
}

export type PhotoRead =
  { readonly ok: true; readonly photo: Photo } | { readonly ok: false; readonly sentence: string };

/** Larger files are no photos of a hand-held camera, bytes. */
const MOST_BYTES = 60_000_000;
/** A photo with more pixels is refused; one with a longer side is made smaller, px. */
const MOST_PIXELS = 50_000_000;
const LONGEST_PX = 4096;

/** The first bytes of the pictures that are read. */
const KINDS = [
  { type: 'image/jpeg', starts: [0xff, 0xd8, 0xff], from: 0 },
  { type: 'image/png', starts: [0x89, 0x50, 0x4e, 0x47], from: 0 },
  { type: 'image/webp', starts: [0x57, 0x45, 0x42, 0x50], from: 8 },
] as const;

const NOT_A_PHOTO =
  'This file is not a photo that can be read, whatever its name says: choose a JPEG, PNG or WebP.';

/** Reads a photo, decoded and made smaller off the page’s thread; a sentence where it cannot be used. */
export async function readPhoto(file: Blob): Promise<PhotoRead> {
  if (file.size > MOST_BYTES)
    return {
      ok: false,
      sentence: 'This file is larger than 60 MB: save the photo smaller and choose it again.',
    };
  const head = new Uint8Array(await file.slice(0, 16).arrayBuffer());
  const kind = KINDS.find(({ starts, from }) => starts.every((byte, at) => head[from + at] === byte));
  if (!kind) return { ok: false, sentence: NOT_A_PHOTO };
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file);
  } catch {
    return { ok: false, sentence: NOT_A_PHOTO };
  }
  const { width, height } = picture;
  if (width * height > MOST_PIXELS) {
    picture.close();
    return {
      ok: false,
      sentence: 'This photo has more than 50 million pixels: save it smaller and choose it again.',
    };
  }
  const scale = Math.min(1, LONGEST_PX / Math.max(width, height));
  if (scale === 1) {
    picture.close();
    return { ok: true, photo: { blob: file, url: URL.createObjectURL(file), width, height } };
  }
  const canvas = new OffscreenCanvas(Math.round(width * scale), Math.round(height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
  return {
    ok: true,
    photo: { blob, url: URL.createObjectURL(blob), width: canvas.width, height: canvas.height },
  };
}

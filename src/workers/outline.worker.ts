import type { Pixels } from '@/core/pieces/found/straightened';
import { answerOutline, type OutlineRequest } from './outline';

async function decode(blob: Blob): Promise<Pixels> {
  const picture = await createImageBitmap(blob);
  const { width, height } = picture;
  const pen = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('this browser gives no pixels');
  pen.drawImage(picture, 0, 0);
  picture.close();
  return pen.getImageData(0, 0, width, height);
}

/** The worker itself: one photo in, one outline out. */
self.addEventListener('message', (event: MessageEvent<OutlineRequest>) => {
  void answerOutline(event.data, decode).then((found) => self.postMessage(found));
});

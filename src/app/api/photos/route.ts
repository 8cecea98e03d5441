import { getDatabase } from '@/server/database';
import { answerAtDoor } from '@/server/http';
import { deleteStrayPhotos, keepPhoto } from '@/server/photos';

/** Keeps a photo of `?kind=cloth|garment&of=ID`. */
export async function POST(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  return answerAtDoor(request, () => keepPhoto(getDatabase(), searchParams, request));
}

/** Deletes what nothing shows any more. */
export async function DELETE(request: Request): Promise<Response> {
  return answerAtDoor(request, () => deleteStrayPhotos(getDatabase()));
}

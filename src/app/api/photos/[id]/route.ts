import { getDatabase } from '@/server/database';
import { answerAtDoor } from '@/server/http';
import { deletePhoto, showPhoto } from '@/server/photos';

interface Context {
  readonly params: Promise<{ id: string }>;
}

export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const size = new URL(request.url).searchParams.get('size') === 'small' ? 'small' : undefined;
  return answerAtDoor(request, () => showPhoto(getDatabase(), id, size));
}

export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  return answerAtDoor(request, () => deletePhoto(getDatabase(), id));
}

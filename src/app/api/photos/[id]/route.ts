import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { deletePhoto, keepPhoto, showPhoto } from '@/server/photos';

interface Context {
  readonly params: Promise<{ id: string }>;
}

export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  return answer(() => showPhoto(getDatabase(), id));
}

/** The id is the cloth's. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  return answer(() => keepPhoto(getDatabase(), id, request));
}

export async function DELETE(_: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  return answer(() => deletePhoto(getDatabase(), id));
}

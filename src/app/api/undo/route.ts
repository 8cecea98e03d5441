import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { readUndoState, undo } from '@/server/recordRoutes';

export async function GET(request: Request): Promise<Response> {
  return answer(() => readUndoState(getDatabase(), new URL(request.url).searchParams.get('scope') ?? ''));
}

export async function POST(request: Request): Promise<Response> {
  return answer(() => undo(getDatabase(), request));
}

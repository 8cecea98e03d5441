import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { changeRecord, readRecord, removeRecord } from '@/server/recordRoutes';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { kind, id } = await params;
  return answer(() => readRecord(getDatabase(), kind, id));
}

export async function PATCH(request: Request, { params }: Context): Promise<Response> {
  const { kind, id } = await params;
  return answer(() => changeRecord(getDatabase(), kind, id, request));
}

export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  const { kind, id } = await params;
  return answer(() => removeRecord(getDatabase(), kind, id, request));
}

import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { createRecord } from '@/server/recordRoutes';

export async function POST(
  request: Request,
  { params }: { params: Promise<{ kind: string }> },
): Promise<Response> {
  const { kind } = await params;
  return answer(() => createRecord(getDatabase(), kind, request));
}

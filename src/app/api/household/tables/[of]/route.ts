import { getDatabase } from '@/server/database';
import { bringTable, downloadTable } from '@/server/household/tables';
import { answer } from '@/server/http';

interface Context {
  readonly params: Promise<{ of: string }>;
}

export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { of } = await params;
  return answer(() => downloadTable(getDatabase(), of, new URL(request.url).searchParams));
}

export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { of } = await params;
  return answer(() => bringTable(getDatabase(), of, new URL(request.url).searchParams, request));
}

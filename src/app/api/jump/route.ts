import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { jumpTargets } from '@/server/views';

export async function GET(request: Request): Promise<Response> {
  return answer(() =>
    Response.json({ targets: jumpTargets(getDatabase(), new URL(request.url).searchParams.get('q') ?? '') }),
  );
}

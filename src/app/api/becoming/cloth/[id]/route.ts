import { clothBecomings } from '@/server/becoming';
import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const wearer = new URL(request.url).searchParams.get('wearer');
  return answer(() => clothBecomings(getDatabase(), id, wearer));
}

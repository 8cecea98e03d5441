import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { garmentPaper } from '@/server/paper';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  return answer(() => garmentPaper(getDatabase(), id, new URL(request.url).searchParams));
}

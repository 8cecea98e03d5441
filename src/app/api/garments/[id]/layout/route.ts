import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { garmentLayout } from '@/server/layoutPaper';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  return answer(() => garmentLayout(getDatabase(), id, new URL(request.url).searchParams));
}

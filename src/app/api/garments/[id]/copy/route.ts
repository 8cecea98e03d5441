import { getDatabase } from '@/server/database';
import { copyGarment } from '@/server/garmentFiles';
import { answer } from '@/server/http';

export async function POST(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  return answer(() => copyGarment(getDatabase(), id));
}

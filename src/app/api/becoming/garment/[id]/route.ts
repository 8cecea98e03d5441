import { garmentCloths } from '@/server/becoming';
import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  return answer(() => garmentCloths(getDatabase(), id));
}

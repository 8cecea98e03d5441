import { getDatabase } from '@/server/database';
import { downloadCopy } from '@/server/household/householdRoutes';
import { answer } from '@/server/http';

export async function GET(_: Request, { params }: { params: Promise<{ day: string }> }): Promise<Response> {
  const { day } = await params;
  return answer(() => downloadCopy(getDatabase(), day));
}

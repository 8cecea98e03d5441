import { getDatabase } from '@/server/database';
import { reportCopy } from '@/server/household/householdRoutes';
import { answer } from '@/server/http';

export async function POST(request: Request): Promise<Response> {
  return answer(() => reportCopy(getDatabase(), request));
}

import { getDatabase } from '@/server/database';
import { restore } from '@/server/household/householdRoutes';
import { answer } from '@/server/http';

export async function POST(request: Request): Promise<Response> {
  return answer(() => restore(getDatabase(), request));
}

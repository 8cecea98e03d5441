import { getDatabase } from '@/server/database';
import { downloadHousehold } from '@/server/household/householdRoutes';
import { answer } from '@/server/http';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  return answer(() => downloadHousehold(getDatabase(), new Date()));
}

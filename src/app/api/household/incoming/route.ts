import { getDatabase } from '@/server/database';
import { reportIncoming } from '@/server/household/householdRoutes';
import { answerAtDoor } from '@/server/http';

export async function POST(request: Request): Promise<Response> {
  return answerAtDoor(request, () => reportIncoming(getDatabase(), request));
}

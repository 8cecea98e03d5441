import { getDatabase } from '@/server/database';
import { importGarmentFile } from '@/server/garmentFiles';
import { answer } from '@/server/http';

export async function POST(request: Request): Promise<Response> {
  return answer(() => importGarmentFile(getDatabase(), request));
}

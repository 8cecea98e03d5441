import { clothPieces } from '@/server/clothPieces';
import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';

export async function GET(request: Request): Promise<Response> {
  return answer(() => clothPieces(getDatabase(), new URL(request.url).searchParams));
}

import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { logFile, logPage } from '@/server/log';

export async function GET(request: Request): Promise<Response> {
  return answer(() => {
    const { searchParams } = new URL(request.url);
    const format = searchParams.get('format');
    if (format === 'csv' || format === 'md') return logFile(getDatabase(), searchParams, format);
    return Response.json(logPage(getDatabase(), searchParams));
  });
}

import { getDatabase } from '@/server/database';
import { exportGarment } from '@/server/garmentFiles';
import { answer } from '@/server/http';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const withMeasurements = new URL(request.url).searchParams.get('measurements') === 'yes';
  return answer(() => exportGarment(getDatabase(), id, withMeasurements));
}

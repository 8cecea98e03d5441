import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';
import { garmentStrips } from '@/server/stripsPdf';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const asked = new URL(request.url).searchParams;
  return answer(() =>
    garmentStrips(getDatabase(), id, {
      paper: asked.get('paper') === 'letter' ? 'letter' : 'a4',
      unit: asked.get('unit') === 'in' ? 'in' : 'cm',
      withEdges: asked.get('edges') === 'yes',
    }),
  );
}

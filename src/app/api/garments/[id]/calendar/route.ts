import { cookies } from 'next/headers';
import { garmentCalendar } from '@/server/calendar';
import { getDatabase } from '@/server/database';
import { answer } from '@/server/http';

export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const unit = (await cookies()).get('unit')?.value === 'in' ? 'in' : 'cm';
  return answer(() => garmentCalendar(getDatabase(), id, unit));
}

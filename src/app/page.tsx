import { getDatabase } from '@/server/database';
import { ListUndo } from '@/features/records/ListUndo';
import { TablePage } from '@/features/table/TablePage';
import { garmentLines, worthAMinute } from '@/server/views';

export const dynamic = 'force-dynamic';

export default function Page() {
  const db = getDatabase();
  return (
    <>
      <TablePage lines={garmentLines(db).lines} worth={worthAMinute(db)} />
      <ListUndo of="table" />
    </>
  );
}

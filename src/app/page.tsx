import { getDatabase } from '@/server/database';
import { ListUndo } from '@/features/records/ListUndo';
import { FirstPage } from '@/features/table/FirstPage';
import { TablePage } from '@/features/table/TablePage';
import { isEmptyHousehold } from '@/server/household/householdRoutes';
import { garmentLines, worthAMinute } from '@/server/views';

export const dynamic = 'force-dynamic';

export default function Page() {
  const db = getDatabase();
  return (
    <>
      {isEmptyHousehold(db) ? (
        <FirstPage />
      ) : (
        <TablePage lines={garmentLines(db).lines} worth={worthAMinute(db)} />
      )}
      <ListUndo of="table" />
    </>
  );
}

import type { Metadata } from 'next';
import { LogPage } from '@/features/log/LogPage';
import { getDatabase } from '@/server/database';
import { logFigures, logPage } from '@/server/log';
import { choices } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Log' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[]>>;
}) {
  const db = getDatabase();
  const given = Object.entries(await searchParams).map(([name, value]) => [name, String(value)]);
  const asked = Object.fromEntries(given) as Readonly<Record<string, string>>;
  return (
    <LogPage
      asked={asked}
      first={logPage(db, new URLSearchParams(asked))}
      figures={logFigures(db)}
      choices={{
        wearer: choices(db, 'wearer'),
        cloth: choices(db, 'cloth'),
        pattern: choices(db, 'pattern'),
        machine: choices(db, 'machine'),
      }}
    />
  );
}

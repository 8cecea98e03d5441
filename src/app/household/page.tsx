import type { Metadata } from 'next';
import { HouseholdPage } from '@/features/household/HouseholdPage';
import { getDatabase } from '@/server/database';
import { householdView } from '@/server/household/householdRoutes';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Household' };

export default async function Page() {
  return <HouseholdPage view={await householdView(getDatabase())} />;
}

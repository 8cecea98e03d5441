import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getDatabase } from '@/server/database';
import { GarmentPage } from '@/features/garment/page/GarmentPage';
import { garmentName, garmentView } from '@/server/views';

export const dynamic = 'force-dynamic';

interface Props {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: garmentName(getDatabase(), (await params).id) ?? 'Garment' };
}

export default async function Page({ params }: Props) {
  const view = garmentView(getDatabase(), (await params).id);
  if (!view) notFound();
  return <GarmentPage key={view.garment.id} view={view} />;
}

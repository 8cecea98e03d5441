'use client';
import dynamic from 'next/dynamic';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { GarmentProvider } from '../page/useGarment';

/** In the browser only: it goes by the screen it is on. */
const Projector = dynamic(() => import('./Projector'), { ssr: false });

/** The pieces of a garment for a projector above the table. */
export const ProjectorPage = ({ view }: { view: GarmentView }) => (
  <RecordsProvider records={[view.garment, ...view.records]}>
    <GarmentProvider view={view}>
      <Projector />
    </GarmentProvider>
  </RecordsProvider>
);

import { type Metadata } from 'next';
import { Suspense } from 'react';
import { CatalogueStation } from '@/features/bench/catalogue/catalogue-station';

export const metadata: Metadata = { title: 'Catalogue' };

export default function CataloguePage() {
  return (
    <Suspense>
      <CatalogueStation />
    </Suspense>
  );
}

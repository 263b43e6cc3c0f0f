import { type Metadata } from 'next';
import { type ReactNode } from 'react';
import { BenchFrame } from '@/features/bench/bench-frame';
import { CatalogueProvider } from '@/store/catalogue-provider';
import { readOwn } from '@/server/db/part-repository';

export const metadata: Metadata = { title: 'The bench' };
export const dynamic = 'force-dynamic';

export default async function BenchLayout({ children }: { readonly children: ReactNode }) {
  return (
    <CatalogueProvider {...await readOwn()}>
      <BenchFrame>{children}</BenchFrame>
    </CatalogueProvider>
  );
}

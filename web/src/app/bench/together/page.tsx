import { type Metadata } from 'next';
import { Suspense } from 'react';
import { TogetherStation } from '@/features/bench/together/together-station';

export const metadata: Metadata = { title: 'Do these two go together?' };

export default function TogetherPage() {
  return (
    <Suspense>
      <TogetherStation />
    </Suspense>
  );
}

import { type Metadata } from 'next';
import { Suspense } from 'react';
import { CardStation } from '@/features/bench/card/card-station';

export const metadata: Metadata = { title: 'Thread card' };

export default function CardPage() {
  return (
    <Suspense>
      <CardStation />
    </Suspense>
  );
}

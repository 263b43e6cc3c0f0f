import { type Metadata } from 'next';
import { type ReactNode } from 'react';
import { BenchFrame } from '@/features/bench/bench-frame';

export const metadata: Metadata = { title: 'The bench' };

export default function BenchLayout({ children }: { readonly children: ReactNode }) {
  return <BenchFrame>{children}</BenchFrame>;
}

import { type Metadata } from 'next';
import { WhichStation } from '@/features/bench/which/which-station';

export const metadata: Metadata = { title: 'Which thread is this?' };

export default function WhichPage() {
  return <WhichStation />;
}

import { TanksStation } from '@/features/tanks/tanks-station';

export default function TanksPage() {
  return <TanksStation />;
}

import { SpaceStation } from '@/features/runs/space-station';

export default function SpacePage() {
  return <SpaceStation />;
}

import { RunsStation } from '@/features/runs/runs-station';

export default function RunsPage() {
  return <RunsStation />;
}

import { PlanStation } from '@/features/site/plan-station';

export default function PlanPage() {
  return <PlanStation />;
}

import { HolesStation } from '@/features/holes/holes-station';

export default function HolesPage() {
  return <HolesStation />;
}

import { SiteStation } from '@/features/site/site-station';

export default function SitePage() {
  return <SiteStation />;
}

import { JobsPage } from '@/features/jobs/jobs-page';
import { listJobs } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';

export const dynamic = 'force-dynamic';

export default async function Home({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly archived?: string }>;
}) {
  const archived = (await searchParams).archived === 'true';
  return <JobsPage jobs={await listJobs(archived)} archived={archived} catalogue={await theCatalogue()} />;
}

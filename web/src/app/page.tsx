import { JobsPage } from '@/features/jobs/jobs-page';
import { after } from 'next/server';
import { jobList, lookAgain } from '@/server/job-looks/list';

export const dynamic = 'force-dynamic';

export default async function Home({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly archived?: string; readonly page?: string }>;
}) {
  const asked = await searchParams;
  const archived = asked.archived === 'true';
  const page = /^[1-9]\d{0,5}$/.test(asked.page ?? '') ? Number(asked.page) : 1;
  // When the page has gone out.
  after(lookAgain);
  return <JobsPage list={jobList(archived, page)} archived={archived} />;
}

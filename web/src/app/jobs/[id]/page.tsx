import { plan } from '@herrero/core';
import { notFound, redirect } from 'next/navigation';
import { stationPath } from '@/features/desk/stations';
import { stationToOpen } from '@/features/jobs/station-to-open';
import { findJob } from '@/server/db/job-repository';
import { theCatalogue } from '@/server/db/part-repository';

export const dynamic = 'force-dynamic';

/** A job opens where work goes on. */
export default async function JobPage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const { id } = await params;
  const stored = await findJob(id);
  if (!stored) notFound();
  redirect(stationPath(id, stationToOpen(plan(stored.document, await theCatalogue()).stations).id));
}

import { NO_SOLUTIONS, plan, wayAnswers } from '@herrero/core';
import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { type ReactNode } from 'react';
import { CatalogueProvider } from '@/store/catalogue-provider';
import { Desk } from '@/features/desk/desk';
import { findJob } from '@/server/db/job-repository';
import { readEntered, theCatalogue } from '@/server/db/part-repository';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export const dynamic = 'force-dynamic';

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: (await findJob((await params).id))?.document.name ?? 'No such job' };
}

export default async function JobLayout({ params, children }: Props & { readonly children: ReactNode }) {
  const { id } = await params;
  const [stored, own, catalogue] = await Promise.all([findJob(id), readEntered(id), theCatalogue(id)]);
  if (!stored) notFound();
  // The ways that the notes of this job name are found here, so that the page need not look for them before it is usable.
  const asked = new Set<string>();
  const listening = { ...NO_SOLUTIONS, ways: { get: (question: string) => void asked.add(question) } };
  plan(stored.document, catalogue, listening).findings.forEach(({ fixes }) => fixes);
  const ways = wayAnswers(asked, catalogue);
  return (
    <CatalogueProvider {...own}>
      <Desk key={id} jobId={id} document={stored.document} revision={stored.revision} ways={ways}>
        {children}
      </Desk>
    </CatalogueProvider>
  );
}

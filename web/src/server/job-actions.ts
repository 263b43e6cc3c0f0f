'use server';

import { randomUUID } from 'node:crypto';
import { CUSTOMS, MEASURES, type Measures, REGIONS, type Region, emptyJob } from '@herrero/core';
import { revalidatePath } from 'next/cache';
import { archiveJob, createJob, findJob } from './db/job-repository';

const LONGEST_NAME = 120;

/** Begins an empty job with what is usual in its region, and says where it is. A name of nothing becomes 'New job'. */
export async function beginJob(name: string, region: Region, measures: Measures, author: string): Promise<string> {
  const id = randomUUID();
  const given = typeof name === 'string' ? name.trim().slice(0, LONGEST_NAME) : '';
  const [where, units] = [REGIONS.find((one) => one === region) ?? null, MEASURES.find((one) => one === measures)];
  const customs = CUSTOMS[where ?? 'US'];
  const job = emptyJob(given === '' ? 'New job' : given, units ?? customs.measures, where);
  await createJob(id, { ...job, currency: customs.currency }, author);
  revalidatePath('/');
  return id;
}

/** Makes a job of its own from another, named 'Copy of ...'. */
export async function duplicateJob(id: string, author: string): Promise<void> {
  const stored = await findJob(id);
  if (!stored) return;
  await createJob(
    randomUUID(),
    { ...stored.document, name: `Copy of ${stored.document.name}`.slice(0, LONGEST_NAME) },
    author,
  );
  revalidatePath('/');
}

/** Puts a job away, or takes it out again. Nothing is lost either way. */
export async function setArchived(id: string, archived: boolean): Promise<void> {
  await archiveJob(id, archived);
  revalidatePath('/');
}

'use server';

import { randomUUID } from 'node:crypto';
import { type Measures, emptyJob } from '@herrero/core';
import { revalidatePath } from 'next/cache';
import { archiveJob, createJob, findJob } from './db/job-repository';

const LONGEST_NAME = 120;

/** Begins an empty job and says where it is. A name of nothing becomes 'New job'. */
export async function beginJob(name: string, measures: Measures, author: string): Promise<string> {
  const id = randomUUID();
  const given = typeof name === 'string' ? name.trim().slice(0, LONGEST_NAME) : '';
  await createJob(id, emptyJob(given === '' ? 'New job' : given, measures === 'mm-l' ? 'mm-l' : 'in-gal'), author);
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

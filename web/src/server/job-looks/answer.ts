import 'server-only';
import { plan } from '@herrero/core';
import { findJob } from '../db/job-repository';
import { keepLook } from '../db/look-repository';
import { catalogueStamp, theCatalogue } from '../db/part-repository';
import { notFound } from '../api/problem';
import { PROGRAM } from '../program';
import { lookAt } from './look';

/** Looks at a job and keeps what the list of jobs shows of it; nothing comes back. */
export async function answerLook(_: Request, { id = '' }: Readonly<Record<string, string>>): Promise<Response> {
  // The stamp before the catalogue: a change in between makes the look stale, never wrongly fresh.
  const stamp = await catalogueStamp();
  const [stored, catalogue] = await Promise.all([findJob(id), theCatalogue()]);
  if (!stored) return notFound('job');
  await keepLook(id, {
    revision: stored.revision,
    catalogue: stamp,
    program: PROGRAM,
    look: lookAt(plan(stored.document, catalogue)),
  });
  return new Response(null, { status: 204 });
}

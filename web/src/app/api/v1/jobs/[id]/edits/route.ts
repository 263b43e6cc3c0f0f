import { answered } from '@/server/api/answered';
import { randomUUID } from 'node:crypto';
import { type Edit } from '@herrero/core';
import { type NextResponse } from 'next/server';
import { answer, readBody } from '@/server/api/operation';
import { editJob } from '@/server/api/operations/jobs';
import { etagOf } from '@/server/api/etag';
import { badRequest, notFound } from '@/server/api/problem';
import { OWN_NAMES, applyBatch } from '@/server/db/job-repository';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/**
 * Makes a batch of edits on the newest revision, all or none. 409 names the edit that no longer fits and what is there
 * now; 400 names what could never be made. Sent twice with one `batchId` it is made once.
 */
export const POST = answered(async (request: Request, { params }: Context): Promise<NextResponse> => {
  const body = await readBody(request, editJob);
  if (!body.ok) return body.error;
  const { baseRevision, batchId = randomUUID(), author = 'api', undoes = null, edits } = body.value;
  if (batchId.startsWith(OWN_NAMES))
    return badRequest([{ path: 'batchId', message: `Names that begin with ${OWN_NAMES} are made by the server.` }]);
  const outcome = await applyBatch((await params).id, {
    batchId,
    author,
    undoes,
    edits: edits as readonly Edit[],
  });
  if (outcome.kind === 'no-such-job') return notFound('job');
  const { stored } = outcome;
  if (outcome.kind === 'name-taken')
    return answer(editJob, 409, {
      error: `Another batch was sent under the name ${batchId}: this one was not made.`,
      refused: [],
      revision: stored.revision,
      job: stored.document,
    });
  if (outcome.kind === 'refused') {
    const { refusal } = outcome;
    if (refusal.code === 'invalid' || refusal.code === 'not-possible')
      return badRequest([
        {
          path: `edits[${refusal.index}]${refusal.path === undefined ? '' : `.${refusal.path}`}`,
          message: refusal.message,
        },
      ]);
    return answer(editJob, 409, {
      error: refusal.message,
      refused: [refusal],
      revision: stored.revision,
      job: stored.document,
    });
  }
  return answer(
    editJob,
    200,
    {
      revision: stored.revision,
      batchId,
      label: outcome.label,
      inverse: outcome.inverse,
      // The sender already has what its own edits make; the whole job goes back only where others were faster.
      ...(stored.revision === baseRevision + 1 ? {} : { job: stored.document }),
    },
    { ETag: etagOf(stored.revision) },
  );
});

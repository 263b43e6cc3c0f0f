import 'server-only';
import { type FieldProblem } from '@herrero/core';
import { badRequest, notFound } from './api/problem';
import { fileNameOf } from './parts-csv';
import { type PlannedJob, findPlannedJob } from './planned-job';

/** A file of a job: the end of its name, its media type, and what is in it. */
export interface JobDownload {
  readonly ending: string;
  readonly type: string;
  readonly body: string | Uint8Array;
}

/** What a caller asks that cannot be had. */
export interface Refused {
  readonly problems: readonly FieldProblem[];
}

/** Answers with a file that follows from a stored job, under the name of the job; never kept by a cache. */
export const answerDownload =
  (make: (job: PlannedJob, asked: URLSearchParams) => JobDownload | Refused | Promise<JobDownload | Refused>) =>
  async (request: Request, { id = '' }: Readonly<Record<string, string>>): Promise<Response> => {
    const found = await findPlannedJob(id);
    if (!found) return notFound('job');
    const made = await make(found, new URL(request.url).searchParams);
    if ('problems' in made) return badRequest(made.problems);
    const { ending, type, body } = made;
    return new Response(typeof body === 'string' ? body : new Uint8Array(body), {
      headers: {
        'Content-Type': type,
        'Content-Disposition': `attachment; filename="${fileNameOf(found.stored.document.name)}-${ending}"`,
        'Cache-Control': 'no-store',
      },
    });
  };

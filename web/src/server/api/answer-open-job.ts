import 'server-only';
import { createHash, randomUUID } from 'node:crypto';
import { ID_PATTERN } from '@herrero/core';
import { createJobOnce } from '../db/job-repository';
import { theCatalogue } from '../db/part-repository';
import { readJobFile } from '../job-file';
import { answer } from './operation';
import { openJob } from './operations/jobs';
import { badRequest, conflict } from './problem';
import { readJson } from './read-body';

/**
 * Opens a job file: a job of its own from a document of any version that Herrero has written, or every reason why not.
 * Sent again with the same `Idempotency-Key` it is one job.
 */
export async function answerOpenJob(request: Request): Promise<Response> {
  const json = await readJson(request);
  if (!json.ok) return json.error;
  const job = readJobFile(json.value, await theCatalogue());
  if (!job.ok) return badRequest(job.error);
  const key = request.headers.get('idempotency-key');
  if (key !== null && !ID_PATTERN.test(key))
    return badRequest([{ path: 'Idempotency-Key', message: 'The key is a short plain name.' }]);
  const id = key === null ? randomUUID() : createHash('sha256').update(key).digest('hex').slice(0, 32);
  if (!(await createJobOnce(id, job.value, 'file')))
    return conflict('Another job was sent with this key: this one was not made.');
  return answer(openJob, 201, { id, name: job.value.name, revision: 1 });
}

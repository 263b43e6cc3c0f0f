import 'server-only';
import { randomUUID } from 'node:crypto';
import { PATTERNS, jobOfPattern } from '@herrero/core';
import { createJob } from '../db/job-repository';
import { answer, readBody } from './operation';
import { beginByPattern } from './operations/patterns';
import { badRequest } from './problem';

/** Begins a job with a kind of system: its holes, runs and parts are made as a user makes them, in what its region sells. */
export async function answerBegin(request: Request): Promise<Response> {
  const body = await readBody(request, beginByPattern);
  if (!body.ok) return body.error;
  const { name, region, measures, system } = body.value;
  const { pattern: kind, ...figures } = system as { readonly pattern: string };
  const pattern = PATTERNS.find(({ id }) => id === kind);
  if (!pattern) return badRequest([{ path: 'system.pattern', message: 'There is no such kind of system.' }]);
  const made = madeOf(() => jobOfPattern(pattern, region, figures));
  if (!made)
    return badRequest([
      { path: 'system', message: 'With these figures it cannot be built: an opening finds no place. Take usual ones.' },
    ]);
  const called = name?.trim() ?? '';
  const job = { ...made, ...(called === '' ? {} : { name: called }), ...(measures ? { measures } : {}) };
  const id = randomUUID();
  await createJob(id, job, 'herrero');
  return answer(beginByPattern, 201, { id, name: job.name, revision: 1 });
}

/** What was made; undefined where the figures leave no way. */
function madeOf<Made>(make: () => Made): Made | undefined {
  try {
    return make();
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

import { EDIT, JOB, TICK_STATES, OWN_LIMITS, ternPoint } from '@herrero/core';
import { type Operation, operation } from '../operation';
import { COUNT, ID, MOMENT, PLAN, TEXT, TEXT_OR_NULL, group, listOf } from './kinds';

const REVISION = { kind: 'count', least: 1, most: Number.MAX_SAFE_INTEGER } as const;
const AUTHOR = { kind: 'text', most: 80, says: 'Whose undo it belongs to' } as const;
const MOST_EDITS = 200;
const MOST_LINES = 5000;
const JOB_DOCUMENT = group(JOB);
const NAMED = { path: { id: '3f1c0f6e-job' } } as const;
const A_NEW_NAME = {
  type: 'change-field',
  in: 'settings',
  field: 'name',
  from: 'Tern Point boat rinse',
  to: 'Tern Point',
} as const;

export const planJob = operation({
  id: 'planJob',
  summary: 'Judge a job document that need not be stored',
  body: JOB,
  answers: { 200: { says: 'The plan', json: group(PLAN(EDIT)) } },
  refuses: [400, 413],
  heavy: true,
  example: { body: ternPoint() },
});

export const listJobs = operation({
  id: 'listJobs',
  summary: 'The jobs, the one worked on last first',
  query: { archived: { kind: 'yes-no', default: false } },
  answers: {
    200: {
      says: 'Names and revisions',
      json: group({ jobs: listOf(group({ id: TEXT, name: TEXT, revision: REVISION, updatedAt: MOMENT })) }),
    },
  },
  refuses: [400],
  example: { query: { archived: 'false' } },
});

export const openJob = operation({
  id: 'openJob',
  summary: 'Open a job file of any version that Herrero has written: a job of its own',
  headers: { 'Idempotency-Key': { ...TEXT, optional: true, says: 'Sent again with the same key it is one job' } },
  body: JOB,
  answers: { 201: { says: 'Opened', json: group({ id: TEXT, name: TEXT, revision: REVISION }) } },
  refuses: [400, 409, 413],
  heavy: true,
  example: { body: ternPoint() },
});

export const getJob = operation({
  id: 'getJob',
  summary: 'A job document; its revision is the ETag',
  headers: { 'If-None-Match': { ...TEXT, optional: true } },
  answers: { 200: { says: 'The document', json: JOB_DOCUMENT }, 304: { says: 'You have the newest' } },
  refuses: [404],
  example: NAMED,
});

export const putJob = operation({
  id: 'putJob',
  summary: 'Put a whole document, if you saw the newest revision',
  headers: { 'If-Match': TEXT },
  body: JOB,
  answers: { 200: { says: 'Stored', json: group({ revision: REVISION }) } },
  refuses: [400, 404, 409, 413, 428],
  example: { ...NAMED, body: ternPoint() },
});

export const getJobFile = operation({
  id: 'getJobFile',
  summary: 'The job as a file, to be opened again without loss by openJob',
  answers: { 200: { says: 'The document', json: JOB_DOCUMENT } },
  refuses: [404],
  example: NAMED,
});

/** An edit that no longer fits, with what stands there now. */
const REFUSED = group({
  index: COUNT,
  code: { kind: 'choice', of: ['gone', 'taken', 'changed-since', 'not-open', 'not-possible', 'invalid'] },
  message: TEXT,
  path: { ...TEXT, optional: true },
  now: { kind: 'any', orUnknown: true, optional: true },
});

export const editJob = operation({
  id: 'editJob',
  summary: 'Make a batch of edits on the newest revision, all or none',
  body: {
    baseRevision: REVISION,
    batchId: { ...ID, optional: true, says: 'Sent twice with one it is made once' },
    author: { ...AUTHOR, optional: true },
    undoes: { ...ID, optional: true, says: 'The batch that this one takes back' },
    edits: { kind: 'list', of: EDIT, least: 1, most: MOST_EDITS },
  },
  answers: {
    200: {
      says: 'Accepted; the job only where others were faster',
      json: group({
        revision: REVISION,
        batchId: TEXT,
        label: TEXT,
        inverse: EDIT,
        job: { ...JOB_DOCUMENT, optional: true },
      }),
    },
    409: {
      says: 'An edit no longer fits; what is there now comes with it',
      json: group({ error: TEXT, refused: listOf(REFUSED), revision: REVISION, job: JOB_DOCUMENT }),
    },
  },
  refuses: [400, 404, 413],
  example: { ...NAMED, body: { baseRevision: 1, edits: [A_NEW_NAME] } },
});

export const jobHistory = operation({
  id: 'jobHistory',
  summary: 'What one author did, oldest first, each with the edit that takes it back',
  query: { author: AUTHOR },
  answers: {
    200: {
      says: 'The history',
      json: group({
        history: listOf(group({ batchId: TEXT, label: TEXT, undoes: TEXT_OR_NULL, inverse: EDIT })),
      }),
    },
  },
  refuses: [400, 404],
  example: { ...NAMED, query: { author: 'me' } },
});

export const TICKS = {
  ticks: listOf(
    group({
      line: { kind: 'text', most: 160, says: 'The article of the line' },
      state: { kind: 'choice', of: TICK_STATES },
      at: { kind: 'moment' },
    }),
    MOST_LINES,
  ),
} as const;

export const getTicks = operation({
  id: 'getTicks',
  summary: 'What has become of each line of the pick list',
  answers: { 200: { says: 'On each line the newest press of all phones', json: group(TICKS) } },
  refuses: [404],
  example: NAMED,
});
export const putTicks = operation({
  id: 'putTicks',
  summary: 'Takes the presses of a phone',
  body: TICKS,
  answers: {
    200: {
      says: 'What stands now; a press of the future counts as of now, and is said',
      json: group({ ...TICKS, said: { ...TEXT, optional: true } }),
    },
  },
  refuses: [400, 404, 413],
  example: { ...NAMED, body: { ticks: [{ line: 'LV-075', state: 'in', at: '2026-11-30T09:00:00.000Z' }] } },
});

const TAKEN = {
  taken: listOf(
    group({
      code: { kind: 'text', most: OWN_LIMITS.codeChars },
      count: { kind: 'count', least: 1, most: OWN_LIMITS.onHand },
    }),
    MOST_LINES,
  ),
} as const;

export const getTaken = operation({
  id: 'getTaken',
  summary: 'What the job has taken of what was on hand',
  answers: { 200: { says: 'By code', json: group(TAKEN) } },
  refuses: [404],
  example: NAMED,
});
export const putTaken = operation({
  id: 'putTaken',
  summary: 'Takes just this of what is on hand; what it had taken besides is put back',
  body: TAKEN,
  answers: { 200: { says: 'What stands now', json: group(TAKEN) } },
  refuses: [400, 404, 413],
  example: { ...NAMED, body: { taken: [{ code: 'LV-075', count: 1 }] } },
});

export const listMerchantLinks = operation({
  id: 'listMerchantLinks',
  summary: 'The links to the parts list, without their secrets',
  answers: {
    200: {
      says: 'Newest first',
      json: group({
        links: listOf(
          group({
            id: TEXT,
            createdAt: MOMENT,
            revokedAt: { ...MOMENT, orUnknown: true },
            expiresAt: MOMENT,
            opened: COUNT,
          }),
        ),
      }),
    },
  },
  refuses: [404],
  example: NAMED,
});
export const makeMerchantLink = operation({
  id: 'makeMerchantLink',
  summary: 'Makes a link that shows the parts list and nothing else',
  answers: { 201: { says: 'Its path, answered only now', json: group({ id: TEXT, path: TEXT }) } },
  refuses: [404],
  example: NAMED,
});
export const closeMerchantLink = operation({
  id: 'closeMerchantLink',
  summary: 'Closes a link for good',
  answers: { 204: { says: 'Closed' } },
  refuses: [404],
  example: { path: { id: '3f1c0f6e-job', link: '9a-link' } },
});

/** By path and method. */
export const JOB_OPERATIONS = {
  '/api/v1/plan': { post: planJob },
  '/api/v1/jobs': { get: listJobs, post: openJob },
  '/api/v1/jobs/{id}': { get: getJob, put: putJob },
  '/api/v1/jobs/{id}/job-file.json': { get: getJobFile },
  '/api/v1/jobs/{id}/edits': { post: editJob },
  '/api/v1/jobs/{id}/history': { get: jobHistory },
  '/api/v1/jobs/{id}/ticks': { get: getTicks, post: putTicks },
  '/api/v1/jobs/{id}/taken': { get: getTaken, put: putTaken },
  '/api/v1/jobs/{id}/merchant-links': { get: listMerchantLinks, post: makeMerchantLink },
  '/api/v1/jobs/{id}/merchant-links/{link}': { delete: closeMerchantLink },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Operation>>>>;

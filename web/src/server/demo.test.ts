import { randomUUID } from 'node:crypto';
import { emptyJob, ternPoint } from '@herrero/core';
import { afterAll, expect, test } from 'vitest';
import { closeDatabase } from './db/database';
import { applyBatch, createJob, findDemo, findJob } from './db/job-repository';
import { loadDemos } from './demo';

afterAll(closeDatabase);

test('demo jobs are loaded once; a reload puts them back as a new revision and leaves other jobs alone', async () => {
  await loadDemos(false);
  const first = await findDemo('tern-point');
  if (!first) throw new Error('no demo');
  const own = randomUUID();
  await createJob(own, emptyJob('Own', 'mm-l'), 'me');
  const spoilt = await applyBatch(first.id, {
    batchId: randomUUID(),
    author: 'me',
    undoes: null,
    edits: [{ type: 'change-field', in: 'settings', field: 'name', from: first.document.name, to: 'Spoilt' }],
  });
  expect(spoilt.kind).toBe('accepted');

  await loadDemos(false);
  expect((await findDemo('tern-point'))?.document.name).toBe('Spoilt');

  await loadDemos(true);
  const again = await findDemo('tern-point');
  expect(again).toMatchObject({ id: first.id, revision: first.revision + 2, document: ternPoint() });
  expect((await findJob(own))?.revision).toBe(1);
});

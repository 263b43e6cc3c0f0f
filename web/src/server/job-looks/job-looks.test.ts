import { randomUUID } from 'node:crypto';
import { aboutOf, emptyJob, figuresOf, plan, setField, ternPoint } from '@herrero/core';
import { afterAll, expect, test } from 'vitest';
import { closeDatabase } from '../db/database';
import { applyBatch, archiveJob, createJob } from '../db/job-repository';
import { ask } from '../pool/pool';
import { type SeenJob, jobList, lookAgain } from './list';
import { lookAt } from './look';

afterAll(closeDatabase);

/** Other tests make jobs and change stock beside this one: it is looked for on every page, and looked at until it is fresh. */
async function rowOf(id: string): Promise<SeenJob | undefined> {
  for (let page = 1; ; page++) {
    const { listed, pages } = await jobList(false, page);
    const row = listed.find(({ stored }) => stored.id === id);
    if (row || page >= pages) return row;
  }
}
const freshAfter = (look: () => Promise<unknown>, id: string) =>
  expect
    .poll(
      async () => {
        await look();
        return (await rowOf(id))?.fresh;
      },
      { timeout: 30_000 },
    )
    .toBe(true);

test('a job is listed before anybody has looked at it, then as it was seen, and marked when it has changed since', async () => {
  const id = randomUUID();
  await createJob(id, ternPoint(), 'a');
  expect(await rowOf(id)).toMatchObject({ fresh: false, look: undefined });
  // Of all jobs nothing is claimed while one of them has not been looked at.
  expect((await jobList(false, 1)).seen).toBe(false);
  expect((await ask('look', { id })).status).toBe(204);
  await freshAfter(() => ask('look', { id }), id);
  const seen = await rowOf(id);
  expect(seen).toMatchObject({ look: { joints: ternPoint().joints.length } });
  expect(seen?.look?.findings).toHaveLength(2);
  expect(seen?.look?.stations.map(({ id: station }) => station)).toContain('parts');

  const { roofs } = ternPoint();
  const roof = roofs[0];
  if (!roof) throw new Error('the demo has a roof');
  const batch = {
    batchId: 'b',
    author: 'a',
    undoes: null,
    edits: [setField('roofs', roof, 'planAreaM2', roof.planAreaM2 + 1)],
  };
  expect((await applyBatch(id, batch)).kind).toBe('accepted');
  expect(await rowOf(id)).toMatchObject({ fresh: false, look: seen?.look });
  await freshAfter(lookAgain, id);
});

test('the worst of all jobs stands beside the list, whatever page is shown; what is put away does not', async () => {
  const id = randomUUID();
  const name = `Worst ${id}`;
  await createJob(id, { ...ternPoint(), name }, 'a');
  await ask('look', { id });
  const { worst } = await jobList(false, 99_999);
  expect(worst.length).toBeGreaterThan(0);
  const ranks = worst.map(({ finding }) => ['fails', 'unknown', 'costs', 'advice'].indexOf(finding.severity));
  expect(ranks).toEqual(ranks.toSorted());
  expect(worst.map((note) => note.name)).toContain(name);
  await archiveJob(id, true);
  expect((await jobList(false, 1)).worst.map((note) => note.name)).not.toContain(name);
});

test('beyond the last page there is the last page, and a job that is none is not looked at', async () => {
  await createJob(randomUUID(), emptyJob('One more', 'mm-l'), 'a');
  const { page, pages, total, listed } = await jobList(false, 99_999);
  expect(page).toBe(pages);
  expect(listed).toHaveLength(total - (pages - 1) * 25);
  expect((await ask('look', { id: 'none' })).status).toBe(404);
});

test('a job of which notes are settled by name is not seen as one without any', () => {
  const job = ternPoint();
  expect(lookAt(plan(job)).settled).toBeUndefined();
  const note = plan(job).findings.find(({ safety }) => !safety);
  if (!note) throw new Error('the demo has a note');
  const settlement = {
    id: 's',
    about: aboutOf(note),
    because: 'accepted' as const,
    by: 'somebody',
    on: '2026-11-30',
    figures: figuresOf(note.data),
  };
  expect(lookAt(plan({ ...job, settlements: [settlement] })).settled).toBe(1);
});

import { type Edit, type Job, applyEdits, shippedCatalogue, ternPoint } from '@herrero/core';
import { describe, expect, test } from 'vitest';
import { insist, rebase } from './sync';

const server = ternPoint();
const height = 8 * 0.0254;
const move = (from: number, to: number): Edit => ({
  type: 'change-field',
  in: 'penetrations',
  id: 'p4',
  field: 'heightM',
  from,
  to,
});
const unsent = (batchId: string, ...edits: Edit[]) => ({ batchId, author: 'me', label: batchId, edits, undoes: null });
const heightOf = (job: Job): number | undefined => job.penetrations.find(({ id }) => id === 'p4')?.heightM;
const moved = (job: Job, from: number, to: number): Job => {
  const edited = applyEdits(job, [move(from, to)], shippedCatalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};

describe('what is not sent yet', () => {
  test('is made again on what others did', () => {
    const standing = rebase(
      { ...server, name: 'Theirs' },
      [unsent('a', move(height, 0.3)), unsent('b', move(0.3, 0.35))],
      shippedCatalogue,
    );
    expect(standing.job.name).toBe('Theirs');
    expect(heightOf(standing.job)).toBe(0.35);
    expect(standing.unsent).toHaveLength(2);
    expect(standing.made.map(({ batchId }) => batchId)).toEqual(['a', 'b']);
  });

  test('is put aside by name where it no longer fits; what does not stand on it goes on', () => {
    const rename: Edit = { type: 'change-field', in: 'settings', field: 'name', from: server.name, to: 'Mine' };
    const standing = rebase(
      moved(server, height, 0.5),
      [unsent('a', move(height, 0.3)), unsent('b', rename)],
      shippedCatalogue,
    );
    expect(heightOf(standing.job)).toBe(0.5);
    expect(standing.job.name).toBe('Mine');
    expect(standing.notTaken).toMatchObject([
      { batch: { batchId: 'a' }, refusal: { code: 'changed-since', now: 0.5 } },
    ]);
  });
});

describe('insisting', () => {
  const [notTaken] = rebase(moved(server, height, 0.5), [unsent('a', move(height, 0.3))], shippedCatalogue).notTaken;

  test('makes the same change on what is there now', () => {
    if (!notTaken) throw new Error('it was taken');
    expect(insist(notTaken)).toEqual([move(0.5, 0.3)]);
  });

  test('is not offered where there is nothing to change any more', () => {
    const [gone] = rebase(server, [unsent('a', { type: 'remove-part', partId: 'gone' })], shippedCatalogue).notTaken;
    if (!gone) throw new Error('it was taken');
    expect(insist(gone)).toBeUndefined();
  });
});

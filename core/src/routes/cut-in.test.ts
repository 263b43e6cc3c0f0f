import { describe, expect, test } from 'vitest';
import { can } from '../fittings/capability';
import { shippedCatalogue } from '../fittings/catalogue';
import { overallMm } from '../fittings/part';
import { contextOf } from '../derived/context';
import { applyEdits } from '../edits/edits';
import { contextInSpace } from '../plan/context-in-space';
import { plan } from '../plan/plan';
import { inSpaceOf } from '../assembly/in-space';
import { twoDrums } from '../test/layouts';
import { OVERFLOW, tankWith, place } from '../test/sample-jobs';
import { type CutIn, cutIn } from './cut-in';

/** A glued line of 3 m, as it stands or new. */
const line = (existing: boolean, lengthM: number | null = 3) =>
  tankWith({
    terminals: [place({ id: 'bed', name: 'bed' })],
    holes: [
      {
        id: 'a',
        size: '1',
        parts: [{ code: 'BS-100' }, { code: 'PI-100', lengthM, existing }],
        end: { of: 'terminal', id: 'bed' },
      },
      OVERFLOW,
    ],
  });
const ways = (wanted: CutIn, job = line(true), nearM: number | null = 1) =>
  cutIn('a-2', wanted, { nearM, farEnd: 1 }, contextOf(job, shippedCatalogue));

describe('cutting into what stands', () => {
  test('a branch: by a saddle without a cut, by a tee with something that slides or comes apart', () => {
    const found = ways('branch');
    expect(found[0]).toMatchObject({ removedM: 0 });
    expect(found[0]?.parts[0]?.name).toBe('Tapping saddle');
    for (const { parts } of found.filter(({ removedM }) => removedM > 0)) {
      expect(parts.some((part) => can(part, 'branch'))).toBe(true);
      expect(parts.some((part) => can(part, 'slip') || can(part, 'union'))).toBe(true);
    }
  });

  test('a new line can be drawn apart: a tee alone will do, and takes the place of its length between the stops', () => {
    const tee = ways('branch', line(false)).find(({ parts }) => parts.length === 1 && parts[0]?.code === 'TS-100');
    // Both sockets of 1 in Schedule 40 take 0.875 in (ASTM D2466): what is left between is sawn out.
    expect(tee?.removedM).toBeCloseTo((overallMm(shippedCatalogue.byCode.get('TS-100')!) - 2 * 0.875 * 25.4) / 1000, 4);
  });

  test.each(['branch', 'shut-off', 'non-return', 'union'] as const)(
    'every way for a %s can be made, and every joint of it holds',
    (wanted) => {
      const job = line(true);
      const found = ways(wanted, job);
      expect(found.length).toBeGreaterThan(0);
      for (const way of found) {
        const made = applyEdits(job, way.edits, shippedCatalogue);
        if (!made.ok) throw new Error(made.error.message);
        const after = plan(made.value.job);
        expect(after.joints.map(({ words }) => words).filter((words) => !words.startsWith('Holds'))).toEqual([]);
        const left = made.value.job.parts.filter(({ existing }) => existing).map(({ lengthM }) => lengthM ?? 0);
        expect(left.reduce((sum, one) => sum + one, 0)).toBeCloseTo(3 - way.removedM, 6);
        expect(left[0]).toBeCloseTo(1 - way.removedM / 2, 6);
        expect(after.findings.map(({ check }) => check)).not.toContain('run/length-not-known');
      }
    },
  );

  test('too near an end there is no room for it', () => {
    expect(ways('shut-off', line(true), 0.02)).toEqual([]);
    expect(ways('branch', line(true), 0.02).every(({ removedM }) => removedM === 0)).toBe(true);
  });

  test('a pipe whose length nobody knows is cut all the same, and asked for afterwards', () => {
    const job = line(true, null);
    const [way] = ways('branch', job, null);
    const made = way && applyEdits(job, way.edits, shippedCatalogue);
    expect(made).toMatchObject({ ok: true });
  });

  test('what is no pipe is not cut', () =>
    expect(cutIn('a-1', 'branch', { nearM: 1, farEnd: 1 }, contextOf(line(true), shippedCatalogue))).toEqual([]));
});

test('of a piece whose length follows from both ends the far part goes on to follow, and the line still meets', () => {
  const job = twoDrums();
  const context = contextInSpace(job, shippedCatalogue);
  const way = cutIn('A2', 'shut-off', { nearM: 0.12, farEnd: 1 }, context).find(({ removedM }) => removedM > 0);
  const edited = applyEdits(job, way?.edits ?? [], shippedCatalogue);
  if (!way || !edited.ok) throw new Error('not cut');
  const after = contextInSpace(edited.value.job, shippedCatalogue);
  const far = after.said.parts.find(({ id }) => id.startsWith('A2-far'));
  expect(far?.lengthM).toBeNull();
  expect(after.job.parts.find(({ id }) => id === far?.id)?.lengthM).toBeGreaterThan(0.02);
  for (const { gaps } of inSpaceOf(after).values())
    for (const { distanceM } of gaps) expect(distanceM).toBeLessThan(0.001);
});

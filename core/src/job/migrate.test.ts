import { expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { migrateJob } from './migrate';
import { validateJob } from './validate';

/** A document of the first version, as it was written: fewer fields of tanks, openings and settings. */
const first = () => {
  const { roofs, parts, joints, terminals, name, measures, tanks, penetrations } = ternPoint();
  return {
    schemaVersion: 1,
    name,
    measures,
    roofs,
    parts,
    joints,
    terminals,
    tanks: tanks.map(({ id, label, type, capacityM3, diameterM, brimM, heightM, wallM, plinthM }) => ({
      id,
      label,
      type,
      capacityM3,
      diameterM,
      brimM,
      heightM,
      wallM,
      plinthM,
    })),
    penetrations: penetrations.map(
      ({ id, label, tankId, name: called, roles, size, face, heightM, aroundM, port }) => ({
        id,
        label,
        tankId,
        name: called,
        roles,
        size,
        face,
        heightM,
        aroundM,
        holeM: null,
        port,
      }),
    ),
  };
};

test('a job of the first version becomes one of today, with all that was said in it', () => {
  const old = first();
  const job = migrateJob(structuredClone(old));
  expect(validateJob(job, shippedCatalogue)).toEqual([]);
  expect(job).toMatchObject({ ...old, schemaVersion: 2 });
  expect(job.penetrations.find(({ id }) => id === 'p5')?.portUse).toBe('use');
});

test('a tank of a type that is gone is kept as one of its own size', () => {
  const old = first();
  const strange = { ...old, tanks: old.tanks.map((tank) => ({ ...tank, type: 'retired' })) };
  const job = migrateJob(strange);
  // The type stands as it was written, so that validation names it; nothing is silently replaced.
  expect(validateJob(job, shippedCatalogue).map(({ path }) => path)).toContain('tanks[0].type');
});

test('today’s document and one of the future come back as they are', () => {
  const job = ternPoint();
  expect(migrateJob(job)).toBe(job);
  const future = { ...job, schemaVersion: 99 };
  expect(migrateJob(future)).toBe(future);
});

import { expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { placeUpM } from '../derived/heights';
import { migrateJob } from './migrate';
import { validateJob } from './validate';

/** A document of the first version, as it was written: fewer fields of tanks, openings and settings. */
const first = () => {
  const today = ternPoint();
  const { roofs, parts, joints, terminals, name, measures, tanks, penetrations } = today;
  return {
    schemaVersion: 1,
    name,
    measures,
    roofs: roofs.map(({ id, name: called, planAreaM2 }) => ({ id, name: called, planAreaM2 })),
    // As they were called then.
    parts: parts.map(({ id, lengthM, ...part }) => ({
      id,
      lengthM,
      code: part.code.replace(/^U-/, 'UT-').replace(/^TRS-/, 'TR-'),
    })),
    joints: joints.map(({ id, number, a, b, accepted }) => ({ id, number, a, b, accepted })),
    terminals: terminals.map(({ id, name: called, offers, distanceM, readings }) => ({
      id,
      name: called,
      offers,
      distanceM,
      // Then it was said from the base of the tanks, which stand 16 in up.
      dropM: readings.length === 0 ? null : 16 * 0.0254 - (placeUpM(today, id) ?? 0),
    })),
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
  const renamed: Readonly<Record<string, string>> = { 'UT-150': 'U-150', 'TR-150075': 'TRS-150075' };
  expect(job).toMatchObject({
    ...old,
    schemaVersion: 6,
    terminals: old.terminals.map(({ id, name }) => ({ id, name })),
    parts: old.parts.map(({ code, ...part }) => ({ ...part, code: renamed[code] ?? code })),
  });
  expect(job.penetrations.find(({ id }) => id === 'p5')?.portUse).toBe('use');
  expect(job.parts[0]).toMatchObject({ existing: false, points: null, riseM: null, held: false });
  expect(job.joints[0]?.madeWith).toBeNull();
  expect(job.penetrations[0]?.comesApart).toBeNull();
  // The drop below the base of the tanks is a reading from the ground that they stand 16 in above.
  expect(placeUpM(job, 'bay')).toBeCloseTo(-50.125 * 0.0254, 9);
  expect(job.roofs[0]).toMatchObject({ material: null, into: null, readings: [] });
});

test('a tank of a type that is gone stands as it was written, and validation names it', () => {
  const old = first();
  const strange = { ...old, tanks: old.tanks.map((tank) => ({ ...tank, type: 'retired' })) };
  const job = migrateJob(strange);
  // Nothing is silently replaced.
  expect(validateJob(job, shippedCatalogue).map(({ path }) => path)).toContain('tanks[0].type');
});

test('a part of the second version keeps what it is under its new code', () => {
  const codes = [
    ['ET-100', 'EV-100'],
    ['PT-075', 'PLV-075'],
    ['NL-100', 'NL-100-4'],
    ['NLV-150', 'NLV-150-4'],
    ['RT-200150', 'R-200150'],
    ['CC-NPTF', 'CMDP-200'],
    ['LV-075', 'LV-075'],
  ] as const;
  const job = {
    ...ternPoint(),
    schemaVersion: 2,
    parts: codes.map(([code], index) => ({ id: `q${index}`, code, lengthM: null })),
  };
  const migrated = migrateJob(job).parts.map(({ code }) => code);
  expect(migrated).toEqual(codes.map(([, now]) => now));
  for (const code of migrated) expect(shippedCatalogue.byCode.has(code), code).toBe(true);
});

test('today’s document and one of the future come back as they are', () => {
  const job = ternPoint();
  expect(migrateJob(job)).toBe(job);
  const future = { ...job, schemaVersion: 99 };
  expect(migrateJob(future)).toBe(future);
});

import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { placeUpM } from '../derived/heights';
import { shippedCatalogue } from '../fittings/catalogue';
import { plan } from '../plan/plan';
import { SCHEMA_VERSION } from './job';
import { migrateJob } from './migrate';
import { STEPS } from './migrations/steps';
import { validateJob } from './validate';

// Tern Point as each version of the program itself stored it: written by the program of that day, never changed since.
const stored = path.join(import.meta.dirname, 'migrations/stored');
const versionOf = (version: number): Record<string, unknown> =>
  JSON.parse(readFileSync(path.join(stored, `version-${version}.json`), 'utf8')) as Record<string, unknown>;
const VERSIONS = Array.from({ length: SCHEMA_VERSION }, (_, index) => index + 1);
const today = (version: number) => migrateJob(versionOf(version));
type Records = readonly Record<string, unknown>[];

test('a document of every version is kept, and every version but today’s has its step', () => {
  expect(readdirSync(stored).sort()).toEqual(VERSIONS.map((version) => `version-${version}.json`).sort());
  expect(Object.keys(STEPS).map(Number)).toEqual(VERSIONS.slice(0, -1));
});

describe.each(VERSIONS)('a document of version %d', (version) => {
  const old = versionOf(version);
  const job = today(version);

  test('says which it is, and is sound once it is one of today', () => {
    expect(old['schemaVersion']).toBe(version);
    expect(job.schemaVersion).toBe(SCHEMA_VERSION);
    expect(validateJob(job, shippedCatalogue)).toEqual([]);
    expect(plan(job).joints).toHaveLength((old['joints'] as Records).length);
  });

  test('keeps all that was said in it, under the codes of today', () => {
    const renamed: Readonly<Record<string, string>> =
      version < 3 ? { 'UT-150': 'U-150', 'TR-150075': 'TRS-150075' } : {};
    for (const [name, value] of Object.entries(old)) {
      if (name === 'schemaVersion') continue;
      if (!Array.isArray(value)) expect(job[name as 'name'], name).toEqual(value);
      else
        for (const [index, record] of (value as Records).entries()) {
          const { dropM: _, accepted: __, number: ___, distanceM, riseM, fallShare: ____, code, ...rest } = record;
          if (typeof riseM === 'number') expect(job.parts[index]?.slope).toEqual({ by: 'rise', riseM });
          if (typeof distanceM === 'number') expect(job.terminals[index]?.placed).toEqual({ by: 'away', distanceM });
          expect(job[name as 'parts'][index]).toMatchObject(
            code === undefined ? rest : { ...rest, code: renamed[`${code as string}`] ?? code },
          );
        }
    }
  });

  test('stays untouched, and comes out the same every time', () => {
    expect(old).toEqual(versionOf(version));
    expect(today(version)).toEqual(job);
  });
});

test('what was not asked in the first version is not said, or is as it was then', () => {
  const job = today(1);
  expect(job.region).toBeNull();
  expect(job.penetrations.find(({ port }) => port !== null)?.portUse ?? 'use').toBe('use');
  expect(job.parts[0]).toMatchObject({
    existing: false,
    points: null,
    slope: null,
    held: false,
    lengthKind: 'computed',
  });
  expect(job.joints[0]?.madeWith).toBeNull();
  expect(job.penetrations[0]?.comesApart).toBeNull();
  expect(job.tanks[0]).toMatchObject({ lengthM: 0, accessM: 0.4064, base: 'ground', dark: true, pump: null });
  // Stored as 66 in below the base of the tanks, which stand 16 in up: by hand 50 in below the ground.
  expect(placeUpM(job, 'bay')).toBeCloseTo(-50 * 0.0254, 9);
});

test('a tank of a type that is gone stands as it was written, and validation names it', () => {
  const old = versionOf(1);
  const strange = { ...old, tanks: (old['tanks'] as Records).map((tank) => ({ ...tank, type: 'retired' })) };
  // Nothing is silently replaced.
  expect(validateJob(migrateJob(strange), shippedCatalogue).map(({ path: at }) => at)).toContain('tanks[0].type');
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
  const old = { ...versionOf(2), parts: codes.map(([code], index) => ({ id: `q${index}`, code, lengthM: null })) };
  const migrated = migrateJob(old).parts.map(({ code }) => code);
  expect(migrated).toEqual(codes.map(([, now]) => now));
  for (const code of migrated) expect(shippedCatalogue.byCode.has(code), code).toBe(true);
});

test('today’s document and one of the future come back as they are', () => {
  const job = ternPoint();
  expect(migrateJob(job)).toBe(job);
  const future = { ...job, schemaVersion: 99 };
  expect(migrateJob(future)).toBe(future);
});

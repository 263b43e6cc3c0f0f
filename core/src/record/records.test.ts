import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { runs } from '../test/runs';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { EDIT, type Edit, applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import { JOB, type Job, LISTED, RECORDS } from '../job/job';
import { migrateJob } from '../job/migrate';
import { validateJob } from '../job/validate';
import { nearly, recordOf, valueOf } from '../test/arbitrary-field';
import type { Measures } from '../quantity/length';
import { faultWords, faultsOf } from './faults';
import { type Field, type Fields, defaultOf, hasDefault } from './field';
import { jsonSchemaOf } from './json-schema';
import { makeRecord, withDefaults } from './make-record';

// Ajv reads JSON Schema and knows nothing of this application.
const ajv = new Ajv({ strict: true, allowUnionTypes: true, strictTypes: false, strictRequired: false });
const records = Object.entries(RECORDS) as readonly (readonly [string, Fields])[];
const everyField = records.flatMap(([name, fields]) =>
  Object.entries(fields).map(([field, described]) => [`${name}.${field}`, described] as const),
);
const groupOf = (of: Fields): Field => ({ kind: 'group', of });

describe('what is described', () => {
  test.each(everyField)('%s: what it holds is taken, and what a public validator of its schema takes', (_, field) => {
    const validate = ajv.compile(jsonSchemaOf(field));
    fc.assert(
      fc.property(valueOf(field), (value) => void expect(faultsOf(field, value)).toEqual([])),
      { numRuns: runs(30) },
    );
    fc.assert(
      fc.property(nearly(field), (value) => void expect(validate(value)).toBe(faultsOf(field, value).length === 0)),
      { numRuns: runs(60) },
    );
  });

  test.each([...records, ['edit', { edit: EDIT }] as const])('%s as a whole agrees with its schema', (_, fields) => {
    const field = groupOf(fields);
    const validate = ajv.compile(jsonSchemaOf(field));
    const strange = fc.constantFrom({}, { colour: 'red' }, { id: 7 }, { constructor: 1 });
    fc.assert(
      fc.property(recordOf(fields), strange, (record, more) => {
        const value = { ...(record as object), ...more };
        // A schema lets a field with a default be left out; it is filled in before anything is checked.
        expect(validate(value)).toBe(faultsOf(field, withDefaults(field, value)).length === 0);
      }),
      { numRuns: runs(60) },
    );
  });

  test.each(everyField)('%s: what it begins with is something that it may hold', (_, field) => {
    if (hasDefault(field)) expect(faultsOf(field, defaultOf(field))).toEqual([]);
  });

  test('every fault is said in words', () => {
    for (const [, field] of everyField)
      fc.assert(
        fc.property(nearly(field), (value) => {
          for (const fault of faultsOf(field, value)) {
            const words = faultWords(fault, 'T1', 'in-gal');
            expect(words).toMatch(/\.$/);
            expect(words).not.toMatch(/undefined|NaN|Infinity|object Object/);
          }
        }),
        { numRuns: runs(15) },
      );
  });

  // 200 mm is 7.874 in, the next mark above it 7-7/8; 1200 mm is 47.244 in, the next mark below it 47-3/16.
  test('a range is told by marks of the tape that lie in it', () => {
    const arm = { kind: 'length', least: 0.2, most: 1.2, words: 'length' } as const;
    const said = (measures: Measures) => faultsOf(arm, 2).map((one) => faultWords(one, 'the arm', measures));
    expect(said('in-gal')).toEqual(['The length of the arm is from 7-7/8 in to 47-3/16 in.']);
    expect(said('mm-l')).toEqual(['The length of the arm is from 200 mm to 1200 mm.']);
  });
});

describe('a stored record that lacks what came to be described since', () => {
  test('reads as it is described; what is there already stays the same object', () => {
    const job = ternPoint();
    const field = groupOf(JOB);
    expect(withDefaults(field, job)).toBe(job);
    const old = {
      ...job,
      region: undefined,
      tanks: job.tanks.map(({ dark: _, ...tank }) => tank),
      terminals: job.terminals.map(({ mains: _, wantsKpa: __, ...terminal }) => terminal),
    };
    const read = migrateJob(JSON.parse(JSON.stringify(old)));
    expect(validateJob(read, shippedCatalogue)).toEqual([]);
    expect(read.region).toBeNull();
    expect(read.tanks.map(({ dark }) => dark)).toEqual(job.tanks.map(() => false));
    expect(read.terminals[0]).toMatchObject({ mains: false, wantsKpa: null });
  });

  test('a new record begins with the same', () =>
    expect(makeRecord(LISTED.marks, { id: 'm', name: 'nail' })).toEqual({
      id: 'm',
      name: 'nail',
      kind: 'reference',
      at: null,
      placed: null,
      wallTo: null,
      wallSide: null,
      readings: [],
      finishedM: null,
    }));
});

describe('edits', () => {
  const job = ternPoint();
  const settable = records.flatMap(([where, fields]) => {
    const record = where === 'settings' ? job : job[where as keyof typeof LISTED][0];
    return record === undefined
      ? []
      : Object.entries(fields).flatMap(([name, field]) => (field.fixed ? [] : [{ where, name, field, record }]));
  });

  // The fault that was: {dark: {anything: [1, 'x']}} was taken.
  test('refuse what a job of that value would be refused for, and say where', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...settable).chain((one) => fc.record({ one: fc.constant(one), to: nearly(one.field) })),
        ({ one: { where, name, record }, to }) => {
          const from = (record as unknown as Record<string, unknown>)[name];
          const id = (record as { id?: string }).id;
          const edit = { type: 'change-field', in: where, ...(id === undefined ? {} : { id }), field: name, from, to };
          const changed = { ...record, [name]: to };
          const outcome =
            where === 'settings'
              ? changed
              : { ...job, [where]: job[where as keyof typeof LISTED].map((one) => (one === record ? changed : one)) };
          const problems = validateJob(outcome as unknown as Job, shippedCatalogue);
          const edited = applyEdits(job, [edit as unknown as Edit], shippedCatalogue);
          expect(edited.ok, JSON.stringify(edit)).toBe(problems.length === 0);
          if (!edited.ok) {
            expect(edited.error.message).toMatch(/\.$/);
            expect(edited.error.path).toBeTruthy();
          }
        },
      ),
      { numRuns: runs(150, 8000) },
    ));

  test('of a misspelt field, a field of its own edit and data of another shape are refused with the place', () => {
    const wrong = (edit: unknown) => {
      const edited = applyEdits(job, [edit as Edit], shippedCatalogue);
      return edited.ok ? undefined : edited.error;
    };
    const tank = { type: 'change-field', in: 'tanks', id: 't1' } as const;
    expect(wrong({ ...tank, field: 'colour', from: 1, to: 2 })).toMatchObject({ code: 'not-possible', path: 'field' });
    expect(wrong({ ...tank, field: 'label', from: 'T1', to: 'T7' })).toMatchObject({ path: 'field' });
    expect(wrong({ ...tank, field: 'dark', from: true, to: { anything: [1, 'x'] } })).toMatchObject({ path: 'to' });
    expect(wrong({ type: 'remove-part', partId: { a: 1 } })).toMatchObject({ path: 'partId' });
    expect(
      wrong({ type: 'add-part', part: { id: 'x' }, at: { of: 'hole', id: 'p1' }, partEnd: 0, jointId: 'j' }),
    ).toMatchObject({ path: 'part.code' });
    expect(
      wrong({
        type: 'revert',
        label: 'x',
        changes: [{ in: 'tanks', id: 't1', index: 0, from: null, to: { id: 't1' } }],
      }),
    ).toMatchObject({ code: 'not-possible' });
  });
});

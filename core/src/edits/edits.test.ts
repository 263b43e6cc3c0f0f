import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { DEEP, runs } from '../test/runs';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue as catalogue } from '../fittings/catalogue';
import { type ChangedLine, type Job, type Settlement, emptyJob } from '../job/job';
import { newPenetration, newTank } from '../job/new-tank';
import { validateJob } from '../job/validate';
import { EDIT_TYPES, type Edit, applyEdits } from './edits';
import { newPart } from '../job/new-part';
import { awayBy, newExtra, newInflow, newMark, newRoof } from '../job/places';
import { place } from '../test/sample-jobs';

const settlement = (id: string): Settlement => ({
  id,
  about: `tank/no-overflow none tank ${id}`,
  because: 'works-as-it-is',
  by: 'somebody',
  on: '2026-11-30',
  figures: null,
});
/** The clips come in the box of the cord. */
const lineChange = (id: string): ChangedLine => ({
  id,
  group: 'consumables',
  code: id,
  detail: '',
  buy: id === 'clips' ? null : 7,
  instead: null,
  kitId: id === 'clips' ? 'cord' : null,
  because: null,
});
const job: Job = {
  ...ternPoint(),
  settlements: [settlement('t1')],
  extras: [newExtra({ id: 'cord', name: 'Cord' })],
  changedLines: [lineChange('clips'), lineChange('tape')],
};
const made = (before: Job, ...edits: Edit[]) => {
  const edited = applyEdits(before, edits, catalogue);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value;
};
const refused = (before: Job, ...edits: Edit[]) => {
  const edited = applyEdits(before, edits, catalogue);
  if (edited.ok) throw new Error('was not refused');
  return edited.error;
};
const pick = <One>(list: readonly One[]): fc.Arbitrary<One> => fc.constantFrom(...list);
const idOf = (list: readonly { id: string }[]): fc.Arbitrary<string> => pick(list.map(({ id }) => id));

/** Edits of every kind that are possible on Tern Point, each drawn at random. */
const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc
    .record({
      id: idOf(job.penetrations.filter(({ face }) => face === 'wall')),
      to: fc.double({ min: 0.2, max: 1, noNaN: true }),
    })
    .map(({ id, to }): Edit => ({
      type: 'change-field',
      in: 'penetrations',
      id,
      field: 'heightM',
      from: job.penetrations.find((one) => one.id === id)?.heightM ?? 0,
      to,
    })),
  fc
    .constantFrom('A', 'Boat wash')
    .map((to): Edit => ({ type: 'change-field', in: 'settings', field: 'name', from: job.name, to })),
  fc.constantFrom('open-drum', 'closed-drum').map((type): Edit => ({ type: 'add-tank', tank: newTank('t9', type) })),
  idOf(job.tanks).map((tankId): Edit => ({ type: 'remove-tank', tankId })),
  idOf(job.penetrations).map((penetrationId): Edit => ({ type: 'remove-penetration', penetrationId })),
  fc.constant<Edit>({
    type: 'add-penetration',
    penetration: newPenetration({
      id: 'p9',
      tankId: 't1',
      name: 'Spare',
      roles: ['spare'],
      size: '1',
      face: 'wall',
      heightM: 0.5,
      aroundM: 1,
    }),
  }),
  fc.constant<Edit>({ type: 'add-roof', roof: newRoof({ id: 'shed', name: 'shed', planAreaM2: 20 }) }),
  fc.constant<Edit>({ type: 'add-inflow', inflow: newInflow({ id: 'well', name: 'well', kind: 'bore' }) }),
  fc.constantFrom<Edit>(
    { type: 'add-extra', extra: newExtra({ id: 'cover', name: 'Shade cloth', tankId: 't1' }) },
    { type: 'remove-extra', id: 'cord' },
  ),
  fc.constantFrom<Edit>({ type: 'change-line', line: lineChange('saw') }, { type: 'restore-line', id: 'tape' }),
  fc.constantFrom<Edit>(
    { type: 'settle-note', title: 'No overflow', settlement: settlement('t2') },
    { type: 'reopen-note', id: 't1', title: 'No overflow' },
  ),
  fc.constant<Edit>({ type: 'add-mark', mark: newMark({ id: 'nail', name: 'nail' }) }),
  fc.constantFrom<Edit>(
    { type: 'remove-place', in: 'roofs', id: 'boat-house' },
    { type: 'remove-place', in: 'terminals', id: 'bed' },
    { type: 'remove-place', in: 'marks', id: 'nail' },
  ),
  fc.constant<Edit>({
    type: 'add-terminal',
    terminal: place({ id: 'bed', name: 'bed', placed: awayBy(3) }),
  }),
  fc.constant<Edit>({
    type: 'add-part',
    part: newPart('x', 'HM-075100'),
    at: { of: 'part', id: 'p4-6', end: 1 },
    partEnd: 0,
    jointId: 'xj',
  }),
  fc.constant<Edit>({
    type: 'join-ends',
    jointId: 'xj',
    a: { of: 'part', id: 'p4-6', end: 1 },
    b: { of: 'terminal', id: 'gravel' },
  }),
  idOf(job.joints).map((jointId): Edit => ({
    type: 'insert-part',
    part: newPart('x', 'AD-075F'),
    jointId,
    endTowardsA: 0,
    endTowardsB: 1,
    newJointId: 'xj',
  })),
  fc.constant<Edit>({ type: 'cut-part', partId: 'p4-6', farEnd: 1, nearM: 3, farM: 12, newPartId: 'x' }),
  idOf(job.joints).map((jointId): Edit => ({
    type: 'move-stretch',
    first: { of: 'part', id: 'p4-3', end: 0 },
    last: { of: 'part', id: 'p4-4', end: 1 },
    to: { at: 'joint', jointId, firstToA: true, newJointId: 'xj' },
  })),
  idOf(job.joints).map((jointId): Edit => ({ type: 'separate', jointId })),
  idOf(job.parts).map((partId): Edit => ({ type: 'remove-part', partId })),
  idOf(job.parts.filter(({ code }) => !code.startsWith('S'))).map((partId): Edit => ({ type: 'turn-part', partId })),
  fc.constant<Edit>({ type: 'replace-part', partId: 'p4-3', from: 'LV-075', to: 'VT-075' }),
);

describe('every kind of edit', () => {
  test('taken back gives the job back, and leaves the one before untouched', () => {
    const before = structuredClone(job);
    const seen = new Set<string>();
    fc.assert(
      fc.property(fc.array(anyEdit, { minLength: 1, maxLength: 4 }), (edits) => {
        const done = applyEdits(job, edits, catalogue);
        if (!done.ok) return;
        for (const { type } of edits) seen.add(type);
        expect(validateJob(done.value.job, catalogue)).toEqual([]);
        const undone = made(done.value.job, done.value.inverse);
        expect(undone.job).toEqual(before);
        expect(made(undone.job, undone.inverse).job).toEqual(done.value.job);
      }),
      { numRuns: runs(400, 4000), ...(DEEP ? {} : { seed: 20 }) },
    );
    expect(job).toEqual(before);
    expect([...seen, 'revert'].sort()).toEqual([...EDIT_TYPES].sort());
  });

  test('survives the wire', () => {
    fc.assert(
      fc.property(anyEdit, (edit) => {
        const overWire = JSON.parse(JSON.stringify(edit)) as Edit;
        expect(applyEdits(job, [overWire], catalogue)).toEqual(applyEdits(job, [edit], catalogue));
      }),
      { numRuns: runs(100) },
    );
  });
});

describe('edits of two people', () => {
  const move = (from: number, to: number): Edit => ({
    type: 'change-field',
    in: 'penetrations',
    id: 'p4',
    field: 'heightM',
    from,
    to,
  });
  const height = job.penetrations.find(({ id }) => id === 'p4')?.heightM ?? 0;

  test('on different fields both stand', () => {
    const first = made(job, move(height, 0.3)).job;
    const both = made(first, {
      type: 'change-field',
      in: 'penetrations',
      id: 'p4',
      field: 'name',
      from: 'Hose outlet',
      to: 'Rinse',
    }).job;
    expect(both.penetrations.find(({ id }) => id === 'p4')).toMatchObject({ heightM: 0.3, name: 'Rinse' });
  });

  test('on the same field the second is named, with what it is now, and changes nothing', () => {
    const first = made(job, move(height, 0.3)).job;
    expect(refused(first, move(height, 0.4))).toMatchObject({
      code: 'changed-since',
      now: 0.3,
      message: 'The height of P4 was changed since.',
    });
  });

  test('two holes added at once get two labels', () => {
    const hole = (id: string): Edit => ({
      type: 'add-penetration',
      penetration: newPenetration({
        id,
        tankId: 't1',
        name: 'Spare',
        roles: ['spare'],
        size: '1',
        face: 'wall',
        heightM: 0.5,
        aroundM: 1,
      }),
    });
    const labels = made(made(job, hole('a')).job, hole('b')).job.penetrations.map(({ label }) => label);
    expect(labels.slice(-2)).toEqual(['P8', 'P9']);
  });

  test('undo does not overwrite what another changed since', () => {
    const mine = made(job, move(height, 0.3));
    const theirs = made(mine.job, move(0.3, 0.35));
    expect(refused(theirs.job, mine.inverse)).toMatchObject({ code: 'changed-since' });
  });

  test('a part on an end that has been taken is refused', () =>
    expect(
      refused(job, {
        type: 'add-part',
        part: newPart('x', 'NC-075'),
        at: { of: 'part', id: 'p4-1', end: 1 },
        partEnd: 0,
        jointId: 'xj',
      }),
    ).toMatchObject({ code: 'not-open' }));
});

describe('a batch', () => {
  test('is made whole or not at all', () => {
    const error = refused(
      job,
      { type: 'change-field', in: 'settings', field: 'name', from: job.name, to: 'Other' },
      { type: 'remove-part', partId: 'not-there' },
    );
    expect(error).toMatchObject({ index: 1, code: 'gone' });
  });

  test.each([
    ['a height above the lid', 'heightM', 3],
    ['a negative height', 'heightM', -0.1],
    ['a place further round than the tank', 'aroundM', 40],
    ['a hole larger than the tank', 'holeM', 5],
    ['no role', 'roles', []],
    ['a port nobody can read', 'port', '3/4 XYZ M'],
  ])('with %s is refused by name', (_, field, to) => {
    const from = job.penetrations.find(({ id }) => id === 'p4')?.[field as 'heightM'];
    const error = refused(job, { type: 'change-field', in: 'penetrations', id: 'p4', field, from, to } as Edit);
    expect(error.code).toBe('invalid');
    expect(error.message).toMatch(/P4|XYZ/);
  });

  test.each([
    ['wallM', 2],
    ['diameterM', 0],
    ['capacityM3', Number.POSITIVE_INFINITY],
    ['brimM', 9],
    ['type', 'teapot'],
  ])('that makes %s of a tank %s is refused', (field, to) => {
    const from = job.tanks[0]?.[field as 'wallM'];
    expect(refused(job, { type: 'change-field', in: 'tanks', id: 't1', field, from, to } as Edit).code).toBe('invalid');
  });

  test('cannot set a field that has an edit of its own', () =>
    expect(
      refused(job, {
        type: 'change-field',
        in: 'parts',
        id: 'p4-1',
        field: 'code',
        from: 'BH-075',
        to: 'BH-100',
      } as unknown as Edit).code,
    ).toBe('not-possible'));
});

describe('neighbours', () => {
  test('a part put between keeps the joint on the side of the tank and makes another beyond', () => {
    const { job: after } = made(job, {
      type: 'insert-part',
      part: newPart('x', 'AD-075F'),
      jointId: 'p4-j5',
      endTowardsA: 0,
      endTowardsB: 1,
      newJointId: 'xj',
    });
    expect(after.joints.find(({ id }) => id === 'p4-j5')).toMatchObject({ b: { id: 'x', end: 0 } });
    expect(after.joints.find(({ id }) => id === 'xj')).toMatchObject({
      a: { id: 'x', end: 1 },
      b: { id: 'p4-5' },
    });
  });

  test('a part taken out lets its neighbours meet', () => {
    const { job: after } = made(job, { type: 'remove-part', partId: 'p4-4' });
    expect(after.joints.find(({ id }) => id === 'p4-j4')).toMatchObject({
      a: { id: 'p4-3' },
      b: { id: 'p4-5' },
    });
    expect(after.joints.some(({ id }) => id === 'p4-j5')).toBe(false);
  });

  test('a link taken away at one tank stays at the other', () => {
    const { job: after } = made(job, { type: 'remove-penetration', penetrationId: 'p3-t2' });
    expect(after.parts.filter(({ id }) => id.startsWith('p3-'))).toHaveLength(7);
    expect(after.joints.some(({ id }) => id === 'p3-j8')).toBe(false);
  });

  test('an empty job takes a first tank and calls it T1', () =>
    expect(
      made(emptyJob('New', 'mm-l'), { type: 'add-tank', tank: newTank('a', 'open-drum') }).job.tanks,
    ).toMatchObject([{ label: 'T1' }]));
});

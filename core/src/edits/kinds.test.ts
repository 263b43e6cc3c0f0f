import { rising } from '../job/placed-part';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue as catalogue } from '../fittings/catalogue';
import type { Job } from '../job/job';
import { newPenetration, newTank } from '../job/new-tank';
import { type Edit, applyEdits } from './edits';
import { nextLabel } from './labels';
import { newPart } from '../job/new-part';
import { awayBy, newRoof } from '../job/places';
import { place } from '../test/sample-jobs';

const job = ternPoint();
const outcome = (edit: Edit, on: Job = job) => applyEdits(on, [edit], catalogue);
const after = (edit: Edit, on: Job = job): Job => {
  const edited = outcome(edit, on);
  if (!edited.ok) throw new Error(edited.error.message);
  return edited.value.job;
};
const code = (edit: Edit): string => {
  const edited = outcome(edit);
  return edited.ok ? 'made' : edited.error.code;
};
const label = (edit: Edit): string => {
  const edited = outcome(edit);
  return edited.ok ? edited.value.label : '';
};

describe('every kind refuses what is gone or taken, and says what it did', () => {
  const placed = (id: string, partCode = 'NC-075') => newPart(id, partCode);
  const openEnd = { of: 'part', id: 'p4-6', end: 1 } as const;
  const hole = newPenetration({
    id: 'p4',
    tankId: 't1',
    name: 'Spare',
    roles: ['spare'],
    size: '1',
    face: 'wall',
    heightM: 0.5,
    aroundM: 1,
  });

  test.each<readonly [string, Edit, string]>([
    ['a tank that is there', { type: 'add-tank', tank: newTank('t1', 'open-drum') }, 'taken'],
    ['a hole that is there', { type: 'add-penetration', penetration: hole }, 'taken'],
    [
      'a hole in a tank that is gone',
      { type: 'add-penetration', penetration: { ...hole, id: 'new', tankId: 'gone' } },
      'gone',
    ],
    [
      'a terminal that is there',
      {
        type: 'add-terminal',
        terminal: place({ id: 'bay', name: 'bay' }),
      },
      'taken',
    ],
    [
      'a roof that is there',
      { type: 'add-roof', roof: newRoof({ id: 'boat-house', name: 'x', planAreaM2: 1 }) },
      'taken',
    ],
    ['a place at which a run ends', { type: 'remove-place', in: 'terminals', id: 'downpipe' }, 'not-possible'],
    ['a roof that is gone', { type: 'remove-place', in: 'roofs', id: 'gone' }, 'gone'],
    ['a mark from which a height was read', { type: 'remove-place', in: 'marks', id: 'level' }, 'not-possible'],
    [
      'a part that is there',
      { type: 'add-part', part: placed('p4-1'), at: openEnd, partEnd: 0, jointId: 'x' },
      'taken',
    ],
    [
      'a part by an end it does not have',
      { type: 'add-part', part: placed('x'), at: openEnd, partEnd: 5, jointId: 'x' },
      'invalid',
    ],
    [
      'a part of no catalogue',
      { type: 'add-part', part: placed('x', 'OWN'), at: openEnd, partEnd: 0, jointId: 'x' },
      'invalid',
    ],
    [
      'a part into a joint that is gone',
      { type: 'insert-part', part: placed('x'), jointId: 'gone', endTowardsA: 0, endTowardsB: 1, newJointId: 'y' },
      'gone',
    ],
    [
      'a part put between twice',
      { type: 'insert-part', part: placed('p4-1'), jointId: 'p4-j5', endTowardsA: 0, endTowardsB: 1, newJointId: 'y' },
      'taken',
    ],
    [
      'another part for one that is gone',
      { type: 'replace-part', partId: 'gone', from: 'LV-075', to: 'VT-075' },
      'gone',
    ],
    [
      'another part for one that was changed',
      { type: 'replace-part', partId: 'p4-3', from: 'VT-075', to: 'LV-075' },
      'changed-since',
    ],
    [
      'another part that is not made',
      { type: 'replace-part', partId: 'p4-3', from: 'LV-075', to: 'OWN' },
      'not-possible',
    ],
    [
      'another part with too few ends',
      { type: 'replace-part', partId: 'p4-3', from: 'LV-075', to: 'KV-075' },
      'invalid',
    ],
    ['taking out what is gone', { type: 'remove-part', partId: 'gone' }, 'gone'],
    ['turning what is gone', { type: 'turn-part', partId: 'gone' }, 'gone'],
    ['turning a cowl', { type: 'turn-part', partId: 'p7-3' }, 'not-possible'],
    ['turning a screen, of which one end is its mesh', { type: 'turn-part', partId: 'p2-5' }, 'not-possible'],
    ['joining an end to itself', { type: 'join-ends', jointId: 'x', a: openEnd, b: openEnd }, 'not-possible'],
    [
      'joining an end that is taken',
      { type: 'join-ends', jointId: 'x', a: openEnd, b: { of: 'part', id: 'p4-3', end: 1 } },
      'not-open',
    ],
    [
      'a joint that is there',
      { type: 'join-ends', jointId: 'p4-j1', a: openEnd, b: { of: 'terminal', id: 'gravel' } },
      'taken',
    ],
    ['taking apart what is gone', { type: 'separate', jointId: 'gone' }, 'gone'],
    ['a hole that is gone', { type: 'remove-penetration', penetrationId: 'gone' }, 'gone'],
    ['a tank that is gone', { type: 'remove-tank', tankId: 'gone' }, 'gone'],
    [
      'a field of something that is gone',
      { type: 'change-field', in: 'tanks', id: 'gone', field: 'wallM', from: 0.01, to: 0.02 },
      'gone',
    ],
    [
      'a field that is not one',
      { type: 'change-field', in: 'tanks', id: 't1', field: 'colour', from: 1, to: 2 } as unknown as Edit,
      'not-possible',
    ],
    [
      'measures that were changed',
      { type: 'change-field', in: 'settings', field: 'measures', from: 'mm-l', to: 'in-gal' },
      'changed-since',
    ],
  ])('%s', (_, edit, expected) => expect(code(edit)).toBe(expected));

  test.each<readonly [Edit, string]>([
    [
      { type: 'change-field', in: 'penetrations', id: 'p4', field: 'aroundM', from: 66.5 * 0.0254, to: 1 },
      'Set the place of P4',
    ],
    [
      { type: 'change-field', in: 'tanks', id: 't1', field: 'wallM', from: job.tanks[0]?.wallM ?? 0, to: 0.008 },
      'Set the wall of T1',
    ],
    [{ type: 'change-field', in: 'settings', field: 'name', from: job.name, to: 'x' }, 'Set the name'],
    [
      {
        type: 'change-field',
        in: 'terminals',
        id: 'bay',
        field: 'placed',
        from: awayBy(60 * (12 * 0.0254)),
        to: awayBy(20),
      },
      'Change “Its place” of rinse bay',
    ],
    [{ type: 'separate', jointId: 'p4-j5' }, 'Take NH-075 and HS-075100 apart'],
    [{ type: 'remove-part', partId: 'p4-3' }, 'Take out LV-075'],
    [{ type: 'turn-part', partId: 'p4-3' }, 'Turn LV-075 round'],
    [{ type: 'remove-penetration', penetrationId: 'p4' }, 'Take away P4'],
    [{ type: 'remove-tank', tankId: 't1' }, 'Take away T1'],
    [{ type: 'replace-part', partId: 'p4-3', from: 'LV-075', to: 'VT-075' }, 'Change LV-075 to VT-075'],
  ])('%#: is called what it does', (edit, words) => expect(label(edit)).toBe(words));
});

describe('what an edit leaves behind', () => {
  test('a tank takes its holes and their runs with it, but not the link that another holds', () => {
    const left = after({ type: 'remove-tank', tankId: 't1' });
    expect(left.penetrations.every(({ tankId }) => tankId === 't2')).toBe(true);
    expect(left.parts.some(({ id }) => id.startsWith('p1-') || id.startsWith('p2-'))).toBe(false);
    expect(left.parts.filter(({ id }) => id.startsWith('p3-'))).toHaveLength(7);
  });

  test('taking out a tee leaves what hung on it unjoined', () => {
    const cut = after({ type: 'remove-part', partId: 'p6-4' });
    expect(cut.joints.filter(({ a, b }) => a.id === 'p6-4' || b.id === 'p6-4')).toEqual([]);
    expect(cut.parts).toHaveLength(job.parts.length - 1);
  });

  test('a turned part has what was on one end on the other, and what its joints were made with is gone', () => {
    const made = after({
      type: 'change-field',
      in: 'joints',
      id: 'p4-j3',
      field: 'madeWith',
      from: null,
      to: ['tape'],
    });
    const turned = after({ type: 'turn-part', partId: 'p4-3' }, made);
    expect(turned.joints.find(({ id }) => id === 'p4-j3')).toMatchObject({ b: { id: 'p4-3', end: 1 }, madeWith: null });
    expect(turned.joints.find(({ id }) => id === 'p4-j4')).toMatchObject({ a: { id: 'p4-3', end: 0 } });
  });

  test('a pipe in the place of a piece begins without a length; a pipe in the place of a pipe keeps it', () => {
    expect(
      after({ type: 'replace-part', partId: 'p4-6', from: 'HO-100', to: 'HO-075' }).parts.find(
        ({ id }) => id === 'p4-6',
      )?.lengthM,
    ).toBeCloseTo(18.288, 6);
    expect(
      after({ type: 'replace-part', partId: 'p4-2', from: 'NC-075', to: 'HO-075' }).parts.find(
        ({ id }) => id === 'p4-2',
      )?.lengthM,
    ).toBeNull();
  });
});

test('the next label is one past the highest, whatever is missing between', () => {
  expect(nextLabel('P', [])).toBe('P1');
  expect(nextLabel('P', ['P1', 'P7', 'T9'])).toBe('P8');
  expect(nextLabel('T', ['P1', 'Tank'])).toBe('T1');
});

describe('cutting a length', () => {
  const cut: Edit = { type: 'cut-part', partId: 'p2-2', farEnd: 1, nearM: 0.1, farM: 0.15, newPartId: 'far' };

  test('leaves the near piece its name and gives the far one what hung on the far end', () => {
    const far = job.joints.find(({ a, b }) =>
      [a, b].some((ref) => ref.of === 'part' && ref.id === 'p2-2' && ref.end === 1),
    );
    const now = after(cut);
    expect(now.parts.find(({ id }) => id === 'p2-2')?.lengthM).toBe(0.1);
    expect(now.parts.find(({ id }) => id === 'far')).toMatchObject({ code: 'PI-300', lengthM: 0.15 });
    expect(now.joints.find(({ id }) => id === far?.id)?.a).toEqual({ of: 'part', id: 'far', end: 1 });
    const sloped = after(
      { ...cut, partId: 'p2-2' },
      { ...job, parts: job.parts.map((part) => (part.id === 'p2-2' ? { ...part, slope: rising(0.1524) } : part)) },
    );
    // 12 in that rise by half of themselves: so do the pieces (geometry).
    expect(sloped.parts.find(({ id }) => id === 'p2-2')?.slope).toEqual({
      by: 'rise',
      riseM: expect.closeTo(0.05, 6) as number,
    });
  });

  test.each<readonly [string, Edit]>([
    ['longer than it is', { ...cut, nearM: 0.2, farM: 0.2 }],
    ['a piece that is not sold by length', { ...cut, partId: 'p4-3' }],
    ['an end that it does not have', { ...cut, farEnd: 2 }],
  ])('%s is refused', (_, edit) => expect(code(edit)).toBe('not-possible'));
});

describe('moving a stretch', () => {
  const at = (id: string, end: number) => ({ of: 'part', id, end }) as const;
  const sides = (now: Job, id: string) => {
    const joint = now.joints.find((one) => one.id === id);
    return joint && [joint.a, joint.b].map((ref) => (ref.of === 'part' ? `${ref.id}/${ref.end}` : ref.of));
  };
  const move = (
    to: Extract<Edit, { type: 'move-stretch' }>['to'],
    first = at('p4-3', 0),
    last = at('p4-4', 1),
  ): Edit => ({
    type: 'move-stretch',
    first,
    last,
    to,
  });

  test('its neighbours meet and it stands between the two sides of its new joint', () => {
    const now = after(move({ at: 'joint', jointId: 'p4-j6', firstToA: true, newJointId: 'new' }));
    expect(sides(now, 'p4-j3')).toEqual(['p4-2/1', 'p4-5/0']);
    expect(sides(now, 'p4-j6')).toEqual(['p4-5/1', 'p4-3/0']);
    expect(sides(now, 'new')).toEqual(['p4-4/1', 'p4-6/0']);
    expect(sides(now, 'p4-j4')).toEqual(['p4-3/1', 'p4-4/0']);
  });

  test('the other way round', () => {
    const now = after(move({ at: 'joint', jointId: 'p4-j6', firstToA: false, newJointId: 'new' }));
    expect(sides(now, 'p4-j6')).toEqual(['p4-5/1', 'p4-4/1']);
    expect(sides(now, 'new')).toEqual(['p4-3/0', 'p4-6/0']);
  });

  test('to the open end', () => {
    const now = after(move({ at: 'end', ref: at('p4-6', 1), jointId: 'new' }));
    expect(sides(now, 'new')).toEqual(['p4-6/1', 'p4-3/0']);
    expect(sides(now, 'p4-j3')).toEqual(['p4-2/1', 'p4-5/0']);
  });

  test('a tee takes its branch along', () => {
    const now = after(
      move({ at: 'joint', jointId: 'p6-j2', firstToA: true, newJointId: 'new' }, at('p6-4', 0), at('p6-4', 1)),
    );
    expect(sides(now, 'new')?.[0]).toBe('p6-4/1');
  });

  test.each<readonly [string, Edit, string]>([
    ['to where it is', move({ at: 'joint', jointId: 'p4-j3', firstToA: true, newJointId: 'n' }), 'not-possible'],
    ['between its own parts', move({ at: 'joint', jointId: 'p4-j4', firstToA: true, newJointId: 'n' }), 'not-possible'],
    ['to a joint that is gone', move({ at: 'joint', jointId: 'gone', firstToA: true, newJointId: 'n' }), 'gone'],
    ['on an end that is taken', move({ at: 'end', ref: at('p4-5', 1), jointId: 'n' }), 'not-open'],
    [
      'parts of two runs',
      move({ at: 'joint', jointId: 'p4-j6', firstToA: true, newJointId: 'n' }, at('p4-3', 0), at('p5-2', 1)),
      'not-possible',
    ],
    [
      'a part that is gone',
      move({ at: 'end', ref: at('p4-6', 1), jointId: 'n' }, at('gone', 0), at('gone', 1)),
      'gone',
    ],
  ])('%s is refused', (_, edit, why) => expect(code(edit)).toBe(why));
});

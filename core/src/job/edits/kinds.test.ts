import { describe, expect, test } from 'vitest';
import { ternPoint } from '../../demo/tern-point';
import { shippedCatalogue as catalogue } from '../../fittings/catalogue';
import type { Job } from '../job';
import { newPenetration } from '../new-tank';
import { type Edit, applyEdits } from './edits';
import { nextLabel } from './labels';

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
  const placed = (id: string, partCode = 'NC-075') => ({ id, code: partCode, lengthM: null });
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
    [
      'a tank that is there',
      { type: 'add-tank', tank: { ...after({ type: 'remove-tank', tankId: 't2' }).tanks[0]! } },
      'taken',
    ],
    ['a hole that is there', { type: 'add-penetration', penetration: hole }, 'taken'],
    [
      'a hole in a tank that is gone',
      { type: 'add-penetration', penetration: { ...hole, id: 'new', tankId: 'gone' } },
      'gone',
    ],
    [
      'a terminal that is there',
      { type: 'add-terminal', terminal: { id: 'bay', name: 'bay', offers: null, distanceM: null, dropM: null } },
      'taken',
    ],
    ['a roof that is there', { type: 'add-roof', roof: { id: 'boat-house', name: 'x', planAreaM2: 1 } }, 'taken'],
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
    ['turning a cap', { type: 'turn-part', partId: 'p2-5' }, 'not-possible'],
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
      { type: 'change-field', in: 'tanks', id: 'gone', field: 'wallM', from: 1, to: 2 },
      'gone',
    ],
    [
      'a field that is not one',
      { type: 'change-field', in: 'tanks', id: 't1', field: 'colour', from: 1, to: 2 },
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
      { type: 'change-field', in: 'tanks', id: 't1', field: 'wallM', from: job.tanks[0]?.wallM, to: 0.008 },
      'Set the wall of T1',
    ],
    [{ type: 'change-field', in: 'settings', field: 'name', from: job.name, to: 'x' }, 'Set the name'],
    [
      { type: 'change-field', in: 'terminals', id: 'bay', field: 'dropM', from: 66 * 0.0254, to: 2 },
      'Set the drop of rinse bay',
    ],
    [{ type: 'separate', jointId: 'p4-j5' }, 'Take J5 apart'],
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

  test('a turned part has what was on one end on the other, and an acceptance is gone', () => {
    const accepted = after({
      type: 'change-field',
      in: 'joints',
      id: 'p4-j3',
      field: 'accepted',
      from: null,
      to: { by: 'you', on: '2026-11-25' },
    });
    const turned = after({ type: 'turn-part', partId: 'p4-3' }, accepted);
    expect(turned.joints.find(({ id }) => id === 'p4-j3')).toMatchObject({ b: { id: 'p4-3', end: 1 }, accepted: null });
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

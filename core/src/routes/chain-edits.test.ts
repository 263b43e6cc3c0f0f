import { describe, expect, test } from 'vitest';
import { parseEnd } from '../connections/parse';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue as catalogue } from '../fittings/catalogue';
import { applyEdits } from '../edits/edits';
import { type Route, findRoutes } from '../routes/find-routes';
import { appendChain, insertChain } from './chain-edits';
import { fillText } from '../quantity/values';
import { freshId } from '../edits/fresh-id';

const end = (text: string) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(text);
  return { end: parsed.value };
};
const chain = (from: string, to: string): Route => {
  const [found] = findRoutes(end(from), end(to), catalogue).routes;
  if (!found) throw new Error('no chain');
  return found;
};
const job = ternPoint();

describe('a fix', () => {
  test('of two parts is put in in order, the joint keeping its place on the tank’s side', () => {
    const long = findRoutes(end('3/4 NPT M'), end('3/4 NH F swivel'), catalogue, { mostParts: 2 }).routes.find(
      ({ links }) => links.length === 2,
    );
    if (!long) throw new Error('no chain of two');
    const fix = insertChain(job, 'p4-j5', long, 'Put between: {parts}');
    expect(fix).toMatchObject({ partsAdded: 2 });
    const edited = applyEdits(job, fix.edits, catalogue);
    if (!edited.ok) throw new Error(edited.error.message);
    const added = edited.value.job.parts.slice(job.parts.length).map(({ code }) => code);
    expect(added).toEqual(long.links.map(({ part }) => part.code));
    expect(edited.value.job.joints.find(({ id }) => id === 'p4-j5')?.b).toMatchObject({ id: 'p4-j5-fix' });
  });

  test('taken twice does not take the same ids', () => {
    const fix = insertChain(job, 'p4-j5', chain('3/4 NPT M', '3/4 NH F swivel'), '{parts}');
    const once = applyEdits(job, fix.edits, catalogue);
    if (!once.ok) throw new Error(once.error.message);
    const again = insertChain(once.value.job, 'p4-j5', chain('3/4 NPT M', '3/4 NH F swivel'), '{parts}');
    expect(again.edits[0]).toMatchObject({ part: { id: 'p4-j5-fix-2' } });
  });

  test('at an open end closes into its terminal', () => {
    const at = { of: 'part', id: 'p4-6', end: 1 } as const;
    const fix = appendChain(job, at, chain('1 hose bore', '3/4 NH F swivel'), 'Finish: {parts}', {
      of: 'terminal',
      id: 'bay',
    });
    expect(fillText(fix.text, fix.data, 'in-gal')).toBe('Finish: Hose male end 1 in tail x 3/4 NH male');
    const edited = applyEdits(job, fix.edits, catalogue);
    expect(edited).toMatchObject({ ok: true });
    if (edited.ok) expect(edited.value.job.joints.at(-1)?.b).toEqual({ of: 'terminal', id: 'bay' });
  });
});

test('a fresh id is the base, or the base with the next number', () => {
  expect(freshId('a', [])).toBe('a');
  expect(freshId('a'.repeat(90), [{ id: 'a'.repeat(60) }])).toBe(`${'a'.repeat(60)}-2`);
  expect(freshId('a', [{ id: 'a' }])).toBe('a-2');
  expect(freshId('a', [{ id: 'a' }, { id: 'a-2' }, { id: 'a-4' }])).toBe('a-3');
});

describe('the words of a finding', () => {
  test('come in the measures of the job', () => {
    const data = { height: { lengthM: 0.2032 }, left: { volumeM3: 0.2 }, hole: 'P4', count: 3 };
    expect(fillText('{hole}: {count} at {height}, {left}', data, 'in-gal')).toBe('P4: 3 at 8 in, 53 gal, 200 L');
    expect(fillText('{hole}: {count} at {height}, {left}', data, 'mm-l')).toBe('P4: 3 at 203 mm, 200 L, 53 gal');
  });

  test('with a placeholder that nothing fills are a bug', () =>
    expect(() => fillText('{nothing}', {}, 'mm-l')).toThrow(RangeError));
});

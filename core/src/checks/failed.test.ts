import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import { fillText } from '../quantity/values';
import { plan } from '../plan/plan';
import { type Check, defineCheck } from './define-check';
import { CHECKS } from './registry';
import { runChecks } from './run-checks';

const meta = (id: string) =>
  ({ id, severity: 'advice', toDo: '', sources: [], messages: { a: { title: 'A', text: 'a' } } }) as const;
const breaks = (sees?: 'run' | 'run-in-water'): Check => {
  const check = () => {
    throw new RangeError('no such thread');
  };
  return sees === undefined
    ? defineCheck({ meta: meta('hole/broken'), check })
    : defineCheck({ meta: meta('hole/broken'), sees, check });
};
const fixBreaks = defineCheck({
  meta: meta('tank/fix'),
  check: () => [
    {
      messageId: 'a',
      at: { kind: 'tank', id: 't1', label: 'T1' },
      data: {},
      fixes: () => {
        throw new Error('no way');
      },
    },
  ],
});

describe('a check that throws', () => {
  const context = contextOf(ternPoint(), shippedCatalogue);
  const sound = runChecks(context, CHECKS);

  test.each([undefined, 'run', 'run-in-water'] as const)('seeing %s is one finding, and hides no other', (sees) => {
    const found = runChecks(context, [...CHECKS, breaks(sees)]);
    expect(found.filter(({ check }) => check !== 'hole/broken')).toEqual(sound);
    const [own, ...more] = found.filter(({ check }) => check === 'hole/broken');
    expect(more).toEqual([]);
    expect(own).toMatchObject({ severity: 'unknown', station: 'holes', title: 'This check failed', fixes: [] });
    expect(own && fillText(own.text, own.data, 'mm-l')).toContain('hole/broken: no such thread');
  });

  test('only when its fix is looked for offers none', () =>
    expect(runChecks(context, [fixBreaks]).map(({ fixes }) => fixes)).toEqual([[]]));
});

test('what cannot be worked out in space leaves the job as it was said', () => {
  const parts = shippedCatalogue.list.map((part) => ({ ...part, sale: undefined as never }));
  const broken = { ...shippedCatalogue, list: parts, byCode: new Map(parts.map((part) => [part.code, part])) };
  const planned = plan(ternPoint(), broken);
  expect(planned.findings.map(({ check }) => check)).toContain('the work in space');
  expect(planned.joints).toHaveLength(42);
});

test('a station that cannot be worked out leaves the rest of the plan standing', () => {
  // A catalogue whose prices cannot be read breaks the list and nothing else.
  const parts = shippedCatalogue.list.map((part) => ({
    ...part,
    get priceUsd(): never {
      throw new Error('no price');
    },
  }));
  const broken = { ...shippedCatalogue, list: parts, byCode: new Map(parts.map((part) => [part.code, part])) };
  const planned = plan(ternPoint(), broken);
  expect(planned.findings[0]).toMatchObject({ check: 'the parts list', station: 'parts', severity: 'unknown' });
  expect(planned.parts.questions[0]).toMatch(/could not be made/);
  expect(planned.joints).toHaveLength(42);
  expect(planned.stations.find(({ id }) => id === 'parts')?.peg).not.toBe('settled');
});

import { describe, expect, test } from 'vitest';
import { contextOf } from '../derived/context';
import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef } from '../job/job';
import { drumWith } from '../test/sample-jobs';
import type { Role } from '../walls/roles';
import { flowAt, flowThrough } from './flow';

const line = (roles: readonly Role[]) =>
  contextOf(
    drumWith({ hole: { size: '1', roles }, parts: [{ code: 'BH-100' }, { code: 'NC-100' }, { code: 'CKW-100' }] }),
    shippedCatalogue,
  );

describe('which way the water goes', () => {
  test.each([
    [['draw-off'], 'onward'],
    [['overflow'], 'onward'],
    [['tanker-fill'], 'back'],
    [['vent'], undefined],
    [['draw-off', 'float-fill'], undefined],
  ] as const)('at the open end of an opening for %s it is %s', (roles, flow) => {
    const context = line(roles);
    const last = context.job.parts.find(({ code }) => code === 'CKW-100');
    const at: EndRef = { of: 'part', id: last?.id ?? '', end: 1 };
    expect(flowAt(at, context)).toBe(flow);
  });

  test('through a joint it is told from its first end to its second, however the joint was written', () => {
    const context = line(['draw-off']);
    const joint = context.job.joints.find(({ a, b }) => a.of === 'part' && b.of === 'part');
    if (!joint) throw new Error('no joint between two parts');
    const order = context.job.parts.map(({ id }) => id);
    const outward = order.indexOf(joint.a.id) < order.indexOf(joint.b.id);
    expect(flowThrough(joint, context)).toBe(outward ? 'onward' : 'back');
    const filled = line(['tanker-fill']);
    expect(flowThrough(joint, filled)).toBe(outward ? 'back' : 'onward');
  });

  test('where nothing stands nothing is said', () => {
    expect(flowAt({ of: 'part', id: 'none', end: 0 }, line(['draw-off']))).toBeUndefined();
  });
});

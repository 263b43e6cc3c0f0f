import { describe, expect, test } from 'vitest';
import { holdsAtAll } from '../connections/mating';
import { partTitle, shippedCatalogue } from '../fittings/catalogue';
import { SYSTEMS, buildSystem } from '../test/systems';
import { plan } from './plan';

describe.each(Object.entries(SYSTEMS))('%s', (_, system) => {
  const job = buildSystem(system);
  const { joints, findings, parts } = plan(job);

  test('no joint that fails', () => {
    const failing = joints
      .filter(({ mating, a, b }) => !holdsAtAll(mating.verdict) && ![a, b].some(({ end }) => end?.kind === 'wall-seal'))
      .map(({ joint, mating }) => `${joint.id}: ${mating.verdict}, ${mating.why}`);
    expect(failing).toEqual([]);
  });

  test('nothing that cannot be put together', () =>
    expect(
      findings
        .filter(({ check, severity }) => severity === 'fails' && /^(joint|run)\//.test(check))
        .map(({ check, at }) => `${check} ${at.label}`),
    ).toEqual([]));

  test('no open end', () =>
    expect(
      findings
        .filter(({ check }) => check === 'run/end-open')
        .map(({ text, data }) => `${text} ${JSON.stringify(data)}`),
    ).toEqual([]));

  test('every noun of its line is there, and every part is on the list', () => {
    const there = [
      ...job.parts.map(({ code }) =>
        partTitle(shippedCatalogue.byCode.get(code) ?? { name: `no ${code}`, detail: '' }),
      ),
      ...job.penetrations.map(({ name }) => name),
      ...job.terminals.map(({ name }) => name),
    ];
    for (const noun of system.nouns)
      expect(
        there.some((one) => noun.test(one)),
        `${noun}`,
      ).toBe(true);
    const listed = new Set(parts.groups.flatMap(({ lines }) => lines).map(({ code }) => code));
    for (const { code } of job.parts) expect(listed.has(code), code).toBe(true);
  });
});

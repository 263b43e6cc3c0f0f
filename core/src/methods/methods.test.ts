import { describe, expect, test } from 'vitest';
import type { JudgedJoint } from '../derived/context';
import { kilnYard } from '../demo/kiln-yard';
import type { Job } from '../job/job';
import { PATTERNS } from '../patterns/patterns';
import { jobOfPattern } from '../patterns/pattern';
import { plan } from '../plan/plan';
import { provenList } from '../parts/proven-list';
import { tankWith } from '../test/sample-jobs';
import type { Region } from '../region';
import { wayLines } from '../parts/way-lines';
import { LOOKED_AT } from './looked-at';
import type { Method } from './method';
import { TOOLS } from './tools';
import { WAYS, type WayId } from './ways';

const EVERY_WAY: readonly (readonly [string, Method])[] = Object.entries(WAYS);
const listOf = (job: Job) => provenList(plan(job));
const waysOf = (job: Job) => wayLines(plan(job).context);
const way = (job: Job, id: WayId) => waysOf(job).find((one) => one.id === id);
const toolsOf = (job: Job) =>
  listOf(job)
    .groups.find(({ id }) => id === 'tools')
    ?.lines.map(({ title, detail, note }) => `${title}: ${detail}, ${note}`) ?? [];
const kind = (id: string, region: Region) => {
  const pattern = PATTERNS.find((one) => one.id === id);
  if (!pattern) throw new Error(id);
  return jobOfPattern(pattern, region);
};

test('every way takes some time and says what is looked at, before and after', () => {
  for (const [id, { minutes }] of EVERY_WAY) {
    const { before, after } = LOOKED_AT[id as WayId];
    expect(minutes[0], id).toBeGreaterThan(0);
    expect(minutes[1], id).toBeGreaterThanOrEqual(minutes[0]);
    expect([before.length > 0, after.length > 0], id).toEqual([true, true]);
  }
});

test('every tool has a code of its own, and some way that takes it', () => {
  const codes = Object.values(TOOLS).map(({ code }) => code);
  expect(new Set(codes).size).toBe(codes.length);
  const taken = new Set(
    EVERY_WAY.flatMap(([, { tools }]) => tools.map((one) => (typeof one === 'string' ? one : one.tool))),
  );
  expect(Object.keys(TOOLS).filter((id) => !(taken as ReadonlySet<string>).has(id))).toEqual([]);
});

describe('what is made in a job', () => {
  // By hand: two 4 in pipes in three sockets are wide: two people, a swab of their own; 1 in has the dauber in its tin.
  const glued = (size: string) =>
    tankWith({
      holes: [
        {
          size: '1',
          parts: [
            { code: `BS-${size}` },
            { code: `PI-${size}`, lengthM: 0.5 },
            { code: `ES-${size}` },
            { code: `PI-${size}`, lengthM: 0.5 },
          ],
        },
      ],
    });
  test('one joint is one of its way; its minutes are as many times those of one', () => {
    const small = way(glued('100'), 'solvent-primer');
    expect(small).toMatchObject({ amount: 3, minutes: [9, 18], people: 1 });
    expect(small?.waits.map(({ what, before }) => `${what}, ${before}`)).toEqual(['set, moving it', 'cure, water']);
    expect(toolsOf(glued('100')).join()).not.toContain('swab');
  });
  test('a wide socket takes two people and a swab of its own', () => {
    expect(way(glued('300'), 'solvent-primer')).toMatchObject({ people: 2 });
    expect(toolsOf(glued('300'))).toContain(
      'Brush or swab for cement: (about half as wide as the pipe; for 3 in), from the van',
    );
  });

  test('concrete is cored: water gathered, steel looked for, the machine hired', () => {
    const job = kind('precast-cistern', 'UK');
    expect(way(job, 'core-hole')?.people).toBe(2);
    const tools = toolsOf(job).join('\n');
    for (const tool of ['Core drill', 'Wet vacuum', 'Detector for steel']) expect(tools).toContain(tool);
    expect(tools).toMatch(/Core drill.*hired by the day/);
  });

  test('a hole in steel is sawn with gloves on, and its edge is painted', () => {
    const job = kind('corrugated-fire', 'ANZ');
    expect(way(job, 'zinc-edge')?.amount).toBe(
      (way(job, 'saw-steel')?.amount ?? 0) + (way(job, 'cut-to-template')?.amount ?? 0),
    );
  });

  test('the cautions are those of what is made, and the two that always stand', () => {
    const { cautions } = listOf(kilnYard());
    expect(cautions.some((text) => text.includes('trench'))).toBe(way(kilnYard(), 'trench') !== undefined);
    expect(cautions.at(-1)).toContain('Local codes and licensed trades decide');
  });

  test('what stands already is made by nobody', () => {
    const job = glued('100');
    const standing: Job = {
      ...job,
      tanks: job.tanks.map((tank) => ({ ...tank, stands: true })),
      parts: job.parts.map((part) => ({ ...part, existing: true })),
      penetrations: job.penetrations.map((hole) => ({ ...hole, stands: true })),
    };
    expect(waysOf(standing)).toEqual([]);
    expect(listOf(standing).groups).toEqual([]);
  });

  test('a joint that nobody has described a way for is a question on the list, never silence', () => {
    const { parts, context } = plan(glued('100'));
    const odd = {
      joint: { id: 'odd', madeWith: null, factorySeal: false },
      name: 'P1 J9',
      a: { end: { kind: 'click', size: '1/2', part: 'plug' }, stands: false },
      b: { end: { kind: 'cam', size: '1', part: 'coupler' }, stands: false },
      mating: { verdict: 'holds', needs: [] },
    } as unknown as JudgedJoint;
    const list = provenList({ parts, context: { ...context, joints: [...context.joints, odd] } });
    expect(list.questions).toContain('How is P1 J9 made?');
  });
});

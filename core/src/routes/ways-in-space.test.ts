import { describe, expect, it } from 'vitest';
import { isFlexible } from '../fittings/flexible';
import { contextOf } from '../derived/context';
import { applyEdits } from '../edits/edits';
import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef, Job } from '../job/job';
import { newPart } from '../job/new-part';
import { contextInSpace } from '../plan/context-in-space';
import { inSpaceOf } from '../assembly/in-space';
import { centreToCentre } from '../assembly/centre-to-centre';
import { fourDrums, placesOnly, twoDrums } from '../test/layouts';
import { waysFound } from '../test/ways-found';
import { appendChain } from './chain-edits';

const FROM: EndRef = { of: 'hole', id: 't1-o' };
const TO: EndRef = { of: 'hole', id: 't2-o' };
const OPTIONS = { home: 'US' } as const;
const us = (job: Job): Job => ({ ...job, region: 'US' });

describe('two drums on their heads, their bungs looking down', () => {
  const job = us(placesOnly(twoDrums()));
  const ways = waysFound(job, FROM, TO, OPTIONS);

  const rigid = ways.filter(({ links }) => links.every(({ part }) => !isFlexible(part)));

  it('a way goes down, across and up again: two elbows at least, never straight', () => {
    expect(rigid.length).toBeGreaterThan(0);
    for (const { links } of rigid) {
      const turns = links.reduce((sum, { part }) => sum + (part.bendDegrees ?? 0), 0);
      expect(turns).toBeGreaterThanOrEqual(180);
    }
  });

  it.each([0, 1])('taken, its ends meet and every joint holds: way %d', (place) => {
    const way = rigid[place];
    if (!way) throw new Error('no way');
    const edited = applyEdits(job, appendChain(job, FROM, way, '', TO).edits, shippedCatalogue);
    if (!edited.ok) throw new Error(edited.error.message);
    const context = contextInSpace(edited.value.job, shippedCatalogue);
    const gaps = [...inSpaceOf(context).values()].flatMap((one) => one.gaps);
    expect(gaps).toHaveLength(1);
    expect(gaps[0]?.distanceM).toBeLessThan(0.001);
    expect(gaps[0]?.degrees).toBeLessThan(0.5);
    expect(context.joints.filter(({ mating }) => !mating.verdict.startsWith('holds'))).toEqual([]);
    // Every piece has its length.
    expect(context.job.parts.filter(({ code, lengthM }) => code.startsWith('PI-') && lengthM === null)).toEqual([]);
  });

  it('a hose hangs between the two bungs, long enough not to be bent tighter than six times its outside', () => {
    const hose = ways.map(({ links }) => links.find(({ part }) => isFlexible(part))).find((link) => link !== undefined);
    // Half a circle over 610 mm would be 0.96 m; two quarters of six diameters and straight between is the least.
    expect(hose?.lengthM).toBeGreaterThan(0.75);
    expect(hose?.lengthM).toBeLessThan(1.2);
  });

  it('asked from the second drum it is the same line', () => {
    const back = waysFound(job, TO, FROM, OPTIONS).filter(({ links }) => links.every(({ part }) => !isFlexible(part)));
    expect(back.map(({ links }) => links.length)).toEqual(rigid.map(({ links }) => links.length));
    expect(back.length).toBeGreaterThan(0);
  });

  it('a line elsewhere that does not meet its end is no fault of it', () => {
    const at = (id: string, end: number): EndRef => ({ of: 'part', id, end });
    const [first] = job.penetrations;
    if (!first) throw new Error('no opening');
    const { label: _, ...opening } = first;
    const astray = applyEdits(
      job,
      [
        { type: 'add-penetration', penetration: { ...opening, id: 'astray', aroundM: 0.2 } },
        {
          type: 'add-part',
          part: newPart('a1', 'AM-075'),
          at: { of: 'hole', id: 'astray' },
          partEnd: 0,
          jointId: 'aj1',
        },
        {
          type: 'add-part',
          part: newPart('a2', 'PI-075', { lengthM: 0.1 }),
          at: at('a1', 1),
          partEnd: 0,
          jointId: 'aj2',
        },
        { type: 'add-part', part: newPart('a3', 'AF-075'), at: at('a2', 1), partEnd: 1, jointId: 'aj3' },
        { type: 'join-ends', jointId: 'aj4', a: at('a3', 0), b: { of: 'terminal', id: 'tap' } },
      ],
      shippedCatalogue,
    );
    if (!astray.ok) throw new Error(astray.error.message);
    const gaps = [...inSpaceOf(contextInSpace(astray.value.job, shippedCatalogue)).values()].flatMap((one) => one.gaps);
    expect(Math.max(...gaps.map(({ distanceM }) => distanceM))).toBeGreaterThan(0.1);
    expect(waysFound(astray.value.job, FROM, TO, OPTIONS)).toHaveLength(ways.length);
  });

  it('none where a drum has no place, or nobody knows where the run ends by now', () => {
    const nowhere = { ...job, tanks: job.tanks.map((tank) => (tank.id === 't2' ? { ...tank, placed: null } : tank)) };
    expect(waysFound(nowhere, FROM, TO, OPTIONS)).toEqual([]);
  });
});

it('the openings of one tank need no plan', () => {
  const job = us(placesOnly(twoDrums()));
  const own: Job = {
    ...job,
    tanks: job.tanks.filter(({ id }) => id === 't1').map((tank) => ({ ...tank, placed: null, turned: null })),
    penetrations: [
      ...job.penetrations.filter(({ tankId }) => tankId === 't1'),
      ...job.penetrations
        .filter(({ tankId }) => tankId === 't1')
        .map((hole) => ({ ...hole, id: 'second', label: 'P9', aroundM: 0.0819 })),
    ],
    joints: [],
  };
  expect(contextOf(own, shippedCatalogue).runs).toHaveLength(2);
  expect(waysFound(own, FROM, { of: 'hole', id: 'second' }, OPTIONS).length).toBeGreaterThan(0);
});

describe('four drums on one manifold whose lengths nobody has given', () => {
  /** Its tees and what lies between them, up to the tap; no drop but the first, and a bulkhead in the second drum. */
  function manifold(): Job {
    const whole = us(fourDrums());
    const isOf = (ref: EndRef, ids: readonly string[]): boolean => ref.of === 'part' && ids.includes(ref.id);
    const drops = [2, 3, 4].flatMap((drum) => [`B1.${drum}`, `EL${drum}`]);
    const joints = whole.joints.filter(({ a, b }) => !isOf(a, drops) && !isOf(b, drops));
    const bare = { ...whole, parts: whole.parts.filter(({ id }) => !drops.includes(id)), joints };
    const seal = bare.joints.find(({ a, b }) => [a, b].some((ref) => ref.of === 'hole' && ref.id === 't2-o'));
    const edited = applyEdits(
      { ...bare, joints: bare.joints.filter((joint) => joint !== seal) },
      [
        {
          type: 'add-part',
          part: newPart('seal', 'BH-075'),
          at: { of: 'hole', id: 't2-o' },
          partEnd: 0,
          jointId: 'seal-j',
        },
      ],
      shippedCatalogue,
    );
    if (!edited.ok) throw new Error(edited.error.message);
    return edited.value.job;
  }

  it('a drop goes out, round one elbow and down into its tee, which slides to where the drum is', () => {
    const job = manifold();
    const [at, to] = [
      { of: 'part', id: 'seal', end: 1 },
      { of: 'part', id: 'T2', end: 2 },
    ] as const;
    const [way] = waysFound(job, at, to, OPTIONS);
    if (!way) throw new Error('no way');
    expect(way.links.filter(({ part }) => (part.bendDegrees ?? 0) > 0)).toHaveLength(1);
    const edited = applyEdits(job, appendChain(job, at, way, '', to).edits, shippedCatalogue);
    if (!edited.ok) throw new Error(edited.error.message);
    const context = contextInSpace(edited.value.job, shippedCatalogue);
    // The drums stand 650 mm apart, and so do their tees: middle to middle (worked layout).
    const between = centreToCentre('B3', context);
    expect((between?.madeM ?? 0) * 1000).toBeCloseTo(650, 0);
  });

  it('none where a piece before the tee is measured on site, and nobody has yet: nobody knows that it meets', () => {
    const job = manifold();
    const measured: Job = {
      ...job,
      parts: job.parts.map((part) => (part.id === 'B3' ? { ...part, lengthKind: 'measured' } : part)),
    };
    const [at, to] = [
      { of: 'part', id: 'seal', end: 1 },
      { of: 'part', id: 'T2', end: 2 },
    ] as const;
    expect(waysFound(measured, at, to, OPTIONS)).toEqual([]);
  });
});

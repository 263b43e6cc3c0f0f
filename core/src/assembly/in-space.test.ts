import { describe, expect, it } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import type { Job } from '../job/job';
import { takeOff } from '../parts/take-off/take-off';
import { contextInSpace } from '../plan/context-in-space';
import { crateOverflow, cutTooShort, drawnRoughly, fourDrums, movedBy, twoDrums } from '../test/layouts';
import { tankWith } from '../test/sample-jobs';
import { type Leg, coursesOf } from './course';
import { toSpace } from './frame';
import { inSpaceOf, lengthsToAsk, meetingOf } from './in-space';

const spaceOf = (job: Job) => [...inSpaceOf(contextOf(job, shippedCatalogue)).values()];
const lengthsOf = (job: Job): Record<string, number> =>
  Object.fromEntries(
    spaceOf(job).flatMap(({ lengths }) => [...lengths].map(([id, metres]) => [id, Math.round(metres * 10_000) / 10])),
  );
const gapsOf = (job: Job) => spaceOf(job).flatMap(({ gaps }) => gaps);

/** Where the middle of a part is, once all lengths are there. */
function middleOf(job: Job, id: string): readonly number[] {
  const context = contextInSpace(job, shippedCatalogue);
  for (const course of coursesOf(context).values()) {
    const leg: Leg | undefined = course.strands.flat().find(({ placed }) => placed.id === id);
    if (leg) {
      const { x, y, z } = toSpace(leg.through, course.frame);
      return [x, y, z];
    }
  }
  throw new Error(`${id} is not there`);
}
const near = (...figures: readonly number[]) => figures.map((figure) => expect.closeTo(figure, 3) as number);
const mm = (figure: number) => expect.closeTo(figure, 0) as number;

// Points and cuts reckoned by hand from the stated geometry and from the sockets and threads of the standards (sockets ASTM
// D2466, taper thread ASME B1.20.1); bodies from memory.
describe('two drums on their heads, linked under their stand', () => {
  it('cuts follow from where the bungs are and the one drop that was chosen', () =>
    expect(lengthsOf(twoDrums())).toEqual({ A2: mm(276.4), A3: mm(276.4), A4: mm(80.1), A5: mm(115.5) }));
  it('bends and tee lie where they should', () => {
    expect(middleOf(twoDrums(), 'E1')).toEqual(near(0, -0.2106, 0.4));
    expect(middleOf(twoDrums(), 'T')).toEqual(near(0.305, -0.2106, 0.4));
    expect(middleOf(twoDrums(), 'E2')).toEqual(near(0.61, -0.2106, 0.4));
  });
  it('both ends meet', () => {
    for (const { distanceM, degrees } of gapsOf(twoDrums())) {
      expect(distanceM).toBeLessThan(0.001);
      expect(degrees).toBeCloseTo(0, 6);
    }
    expect(gapsOf(twoDrums())).toHaveLength(2);
  });
  it('turned by five degrees the second bung is 0.8 mm aside: the line is longer, and that is nothing', () => {
    const job = twoDrums(-85);
    // The tee stands where its tap is, so all of it is in the second piece.
    expect((lengthsOf(job)['A2'] ?? 0) + (lengthsOf(job)['A3'] ?? 0)).toBeCloseTo(2 * 285.6, 0);
    expect(Math.max(...gapsOf(job).map(({ distanceM }) => distanceM))).toBeLessThan(0.002);
  });
  it('one drum moved by 100 mm has new lengths at once', () => {
    const moved = lengthsOf(movedBy(twoDrums(), 't2', 0.1));
    expect(moved).toMatchObject({ A2: mm(276.4), A3: mm(376.4) });
  });
  it('what is only drawn gives lengths too, but nothing is sure of it', () => {
    expect(gapsOf(drawnRoughly(twoDrums(), 't2')).filter(({ sure }) => !sure)).toHaveLength(1);
  });
});

describe('four drums on one manifold', () => {
  it('cuts follow from the drums, one drop and one half of the union', () =>
    expect(lengthsOf(fourDrums())).toEqual({
      B3: mm(621.4),
      B4b: mm(296),
      B5: mm(621.4),
      B6: mm(166.1),
      'B1.2': mm(221.4),
      'B1.3': mm(221.4),
      'B1.4': mm(221.4),
    }));
  it('elbows and tees lie where they should, and every end meets', () => {
    expect(middleOf(fourDrums(), 'EL1')).toEqual(near(0, -0.3846, 0.7));
    expect(middleOf(fourDrums(), 'T2')).toEqual(near(0.65, -0.3846, 0.45));
    expect(middleOf(fourDrums(), 'T4')).toEqual(near(1.95, -0.3846, 0.45));
    expect(middleOf(fourDrums(), 'EL4')).toEqual(near(1.95, -0.3846, 0.7));
    expect(gapsOf(fourDrums())).toHaveLength(4);
    expect(Math.max(...gapsOf(fourDrums()).map(({ distanceM }) => distanceM))).toBeLessThan(0.001);
  });
  it('nothing of it lies under ground', () => {
    const legs = [...coursesOf(contextInSpace(fourDrums(), shippedCatalogue)).values()].flatMap(({ strands }) =>
      strands.flat(),
    );
    expect(Math.min(...legs.map(({ from, to }) => Math.min(from.up, to.up)))).toBeGreaterThan(0.43);
  });
  it('where two pieces of one line are open nobody knows where their tee is, and one of them is a question', () => {
    const job = fourDrums();
    const open = { ...job, parts: job.parts.map((part) => (part.id === 'B4a' ? { ...part, lengthM: null } : part)) };
    const lengths = lengthsOf(open);
    expect([lengths['B4a'], lengths['B4b']]).toEqual([undefined, undefined]);
    // One of them is asked for, and the other follows.
    expect(lengthsToAsk(contextInSpace(open, shippedCatalogue)).map(({ item }) => item.placed.id)).toHaveLength(1);
    expect(lengths['B5']).toEqual(mm(621.4));
  });
});

describe('an overflow that falls to a gully', () => {
  it('cuts follow from the gully, with the fall', () =>
    expect(lengthsOf(crateOverflow())).toEqual({ C2: mm(665), C4: mm(518.1), C5: mm(1170.3) }));
  it('bends lie where they should, and the end meets', () => {
    expect(middleOf(crateOverflow(), 'E1')).toEqual(near(0, 1.15, 0.985));
    expect(middleOf(crateOverflow(), 'E2')).toEqual(near(0, 1.15, 0.2078));
    expect(middleOf(crateOverflow(), 'F2')).toEqual(near(0.4, 2.6, 0.1808));
    expect(gapsOf(crateOverflow())[0]?.distanceM).toBeLessThan(0.001);
  });
});

describe('ends that do not meet', () => {
  it('a length given too short leaves a gap, said along the way it goes', () => {
    const [link] = gapsOf(cutTooShort());
    expect(link?.distanceM).toBeGreaterThan(0.02);
    expect(link?.alongM).toBeCloseTo(0.0264, 3);
  });
  it('a piece that would be shorter than what it stands in is said, and not cut', () => {
    const [space] = spaceOf(movedBy(twoDrums(), 't2', -0.28));
    expect(space?.tooShort.map(({ leg }) => leg.placed.id)).toEqual(['A3']);
    expect(space?.lengths.has('A3')).toBe(false);
  });
  it('a piece of no length at all is none, though it stands in nothing', () => {
    const bare = { size: '1', aroundM: 0.5, heightM: 0.3 } as const;
    const job = tankWith({
      holes: [
        { id: 'b', ...bare },
        { id: 'a', ...bare, parts: [{ code: 'PI-100', lengthM: null }], end: { of: 'hole', id: 'b' } },
      ],
    });
    const context = contextInSpace(job, shippedCatalogue);
    expect(context.job.parts.map(({ lengthM }) => lengthM)).toEqual([null]);
    expect([...inSpaceOf(context).values()].flatMap(({ tooShort }) => tooShort)).toHaveLength(1);
    expect(() => takeOff(context)).not.toThrow();
  });
  it('a bend of which nobody said where it points is waited for', () => {
    const job = twoDrums();
    const asked = { ...job, parts: job.parts.map((part) => (part.id === 'E1' ? { ...part, points: null } : part)) };
    expect(lengthsOf(asked)).toEqual({});
    expect(gapsOf(asked)).toEqual([]);
  });
});

// Our judgement: 2 mm is no gap, a tape is out by up to 10 mm, two joints of a bend give 1-1/2 degrees each.
it.each([
  ['meets', 0.002, 3],
  ['meets', 0, undefined],
  ['tape', 0.0021, 3],
  ['tape', 0.01, undefined],
  ['askew', 0.001, 3.1],
  ['askew', 0.01, 90],
  ['apart', 0.0101, 0],
] as const)('%s at %d m and %d degrees', (meeting, distanceM, degrees) => {
  expect(meetingOf({ distanceM, degrees, hose: false })).toBe(meeting);
  expect(meetingOf({ distanceM, degrees, hose: true })).toBe('hose-short');
});

import { rising } from '../job/placed-part';
import { describe, expect, test } from 'vitest';
import { ternPoint } from '../demo/tern-point';
import { shippedCatalogue } from '../fittings/catalogue';
import { contextOf } from '../derived/context';
import { type SampleHole, tankWith } from '../test/sample-jobs';
import { courseOf, endOfStrand } from './course';
import { HEADING_VECTORS, lengthOf, turned } from './vector';

const INCH = 0.0254;
const NOWHERE = { out: 0, right: 0, up: 0 };

/** The course of one hole's run in a plain drum, and where its first strand ends. */
const laid = (parts: SampleHole['parts'], hole: SampleHole = {}) => {
  const context = contextOf(tankWith({ holes: [{ id: 'h', ...hole, ...(parts ? { parts } : {}) }] }), shippedCatalogue);
  const [run] = context.runs;
  if (!run) throw new Error('no run');
  const course = courseOf(run, context);
  return { course, legs: course.strands[0] ?? [], end: endOfStrand(course, 0) };
};

describe('a run as it really goes', () => {
  test('starts on the outside of the wall, at the height of its hole above the ground', () => {
    const { course } = laid([{ code: 'BH-075' }], { heightM: 0.3 });
    expect(course.start.up).toBe(0.3);
    expect(Math.hypot(course.start.out, course.start.right)).toBe(0);
  });

  test('a pipe of 5 m that falls 3 m goes 4 m out (Pythagoras)', () => {
    const { legs } = laid([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 5, slope: rising(-3) }]);
    const pipe = legs[1];
    expect((pipe?.to.up ?? 0) - (pipe?.from.up ?? 0)).toBeCloseTo(-3, 9);
    expect((pipe?.to.out ?? 0) - (pipe?.from.out ?? 0)).toBeCloseTo(4, 9);
  });

  test('a pipe stands in its socket by the depth of the socket: 1 in Schedule 40, 0.875 in (ASTM D2466)', () => {
    const { legs } = laid([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 1 },
      { code: 'ES-100' },
      { code: 'PI-100', lengthM: 1 },
    ]);
    const [, first, elbow] = legs;
    expect((first?.to.out ?? 0) - (elbow?.from.out ?? 0)).toBeCloseTo(0.875 * INCH, 3);
  });

  test.each([
    ['down', 'up', -1],
    ['up', 'up', 1],
    ['left', 'right', -1],
    ['right', 'right', 1],
  ] as const)('an elbow that points %s sends the next metre along %s', (points, axis, sign) => {
    const { legs } = laid([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 1 },
      { code: 'ES-100', points },
      { code: 'PI-100', lengthM: 1 },
    ]);
    const last = legs[3];
    expect((last?.to[axis] ?? 0) - (last?.from[axis] ?? 0)).toBeCloseTo(sign, 9);
    expect(last?.to.out).toBeCloseTo(last?.from.out ?? 0, 9);
    expect(legs[2]?.assumed).toEqual([]);
  });

  test('an elbow nobody has turned is drawn down, one on an upright line outward, and says that it is assumed', () => {
    const { legs } = laid([{ code: 'BS-100' }, { code: 'PI-100', lengthM: 0.5 }, { code: 'ES-100' }]);
    expect(legs[2]).toMatchObject({ assumed: ['direction'] });
    expect(legs[2]?.headingOut.up).toBeCloseTo(-1, 9);
    const top = laid([{ code: 'BS-200' }, { code: 'PI-200', lengthM: 0.5 }, { code: 'ES-200' }], {
      face: 'top',
      size: '2',
      heightM: 0.9,
    });
    expect(top.legs[1]?.headingIn.up).toBe(1);
    expect(top.legs[2]?.headingOut.out).toBeCloseTo(1, 9);
  });

  test('two eighth bends against one another set the line over by the sine of 45 degrees', () => {
    const { legs } = laid([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 0.5 },
      { code: 'FS-100', points: 'down' },
      { code: 'PI-100', lengthM: 1 },
      { code: 'FS-100', points: 'out' },
      { code: 'PI-100', lengthM: 0.5 },
    ]);
    expect(legs[3]?.headingIn.up).toBeCloseTo(-Math.SQRT1_2, 9);
    expect((legs[3]?.to.up ?? 0) - (legs[3]?.from.up ?? 0)).toBeCloseTo(-Math.SQRT1_2, 9);
    expect(legs[5]?.headingIn).toMatchObject({ out: expect.closeTo(1, 9) as number });
  });

  test('the branch of a tee leaves from its middle, square to the line', () => {
    const { course, legs } = laid([
      { code: 'BS-100' },
      { code: 'PI-100', lengthM: 0.5 },
      { code: 'TS-100', points: 'right' },
      { code: 'PI-100', lengthM: 0.5 },
    ]);
    const branch = legs[2]?.branches.get(2);
    expect(branch?.heading.right).toBeCloseTo(1, 9);
    expect(branch?.from.out).toBeCloseTo(legs[2]?.through.out ?? 0, 9);
    expect(course.strands).toHaveLength(2);
  });

  test('a hose nobody has followed and a pipe nobody has measured are named', () => {
    const { legs } = laid([{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: null }]);
    expect(legs[2]?.assumed).toEqual(['length', 'rise']);
  });

  test('a hose lies level at its end, however far it has fallen', () => {
    const { legs } = laid([{ code: 'BH-075' }, { code: 'HB-075' }, { code: 'HO-075', lengthM: 2, slope: rising(-2) }]);
    expect(legs[2]?.headingOut.out).toBeCloseTo(1, 9);
    expect((legs[2]?.to.up ?? 0) - (legs[2]?.from.up ?? 0)).toBeCloseTo(-2, 9);
  });

  test('a tube that ends in another opening of its tank turns towards it, up and back in', () => {
    const context = contextOf(ternPoint(), shippedCatalogue);
    const sight = context.runs.find(
      ({ penetration, strands }) => penetration.label === 'P6' && strands[0]?.end.at === 'hole',
    );
    const course = sight && courseOf(sight, context);
    const [, , , first, below, , tube, second] = course?.strands[0] ?? [];
    expect(first?.headingOut.up).toBeCloseTo(1, 9);
    // Centre to centre of the two holes is 36 in, less the take-off of two elbows.
    expect((tube?.to.up ?? 0) - (below?.from.up ?? 0)).toBeCloseTo(35 * INCH, 2);
    expect(second?.headingOut.out).toBeCloseTo(-1, 9);
  });

  test('what hangs on the inside goes back from the wall', () => {
    const context = contextOf(
      tankWith({ holes: [{ id: 'h', size: '1', parts: [{ code: 'BH-100' }] }] }),
      shippedCatalogue,
    );
    const [run] = context.runs;
    expect(run && courseOf(run, context).strands[0]?.[0]?.to.out).toBeGreaterThan(0);
  });
});

describe('directions', () => {
  test('turning by a right angle goes where it is pointed; along the line there is nothing to turn to', () => {
    expect(turned(HEADING_VECTORS.out, HEADING_VECTORS.left, 90)?.right).toBeCloseTo(-1, 9);
    expect(turned(HEADING_VECTORS.out, HEADING_VECTORS.back, 90)).toBeUndefined();
  });

  test('a turn keeps the length', () =>
    expect(lengthOf(turned(HEADING_VECTORS.up, HEADING_VECTORS.right, 37) ?? NOWHERE)).toBeCloseTo(1, 9));
});

// Two openings of one wall, one above the other: what nobody has turned leads to where the line is known to end.
describe('a bend that nobody has turned, between two openings of one wall', () => {
  const linked = (fromM: number, toM: number) => {
    const job = tankWith({
      holes: [
        {
          id: 'from',
          heightM: fromM,
          size: '1',
          parts: [
            { code: 'BS-100' },
            { code: 'PI-100', lengthM: 0.1 },
            { code: 'ES-100' },
            { code: 'PI-100', lengthM: 0.3 },
          ],
          end: { of: 'hole', id: 'to' },
        },
        { id: 'to', heightM: toM, size: '1' },
      ].toReversed() as readonly SampleHole[],
    });
    const context = contextOf(job, shippedCatalogue);
    const run = context.runs.find(({ penetration }) => penetration.id === 'from');
    if (!run) throw new Error('no run');
    return courseOf(run, context).strands[0]?.[2]?.headingOut.up;
  };
  test('goes up to the one that is higher, down to the one that is lower', () => {
    expect(linked(0.2, 0.7)).toBeCloseTo(1, 9);
    expect(linked(0.7, 0.2)).toBeCloseTo(-1, 9);
  });
});

import { describe, expect, test } from 'vitest';
import { shippedCatalogue } from '../fittings/catalogue';
import { linkedDrums, place, tankWith } from '../test/sample-jobs';
import { contextOf } from '../derived/context';
import type { Job } from '../job/job';
import { closingOf, stretchesOf } from './closure';
import { bowGivesM, freedomOfJoint, freedomOfPart, freedomOfPlace, lengthThatGivesM } from './freedom';

/** How the first stretch of the run at opening `a` is closed, in one word. */
function closes(job: Job): string | undefined {
  const context = contextOf(job, shippedCatalogue);
  const strand = context.runs.find(({ penetration }) => penetration.id === 'a')?.strands[0];
  if (!strand) throw new Error('no strand');
  const [stretch] = stretchesOf(strand, context);
  const closing = stretch && closingOf(stretch, strand, context);
  return closing && ('closes' in closing ? closing.closes.by : closing.cannot.because);
}

const HEAVY = 'corrugated';
const HELD = { size: '1' } as const;

/** Length of four arcs less their chord, by sums of small straight steps instead of the formula. */
function bowedM(lengthM: number, radiusM: number): number {
  const steps = 100_000;
  let [x, heading] = [0, 0];
  for (let step = 0; step < steps; step += 1) {
    const quarter = Math.floor((4 * step) / steps);
    heading += ((quarter === 0 || quarter === 3 ? 1 : -1) * (lengthM / steps)) / radiusM;
    x += (Math.cos(heading) * lengthM) / steps;
  }
  return lengthM - x;
}

describe('what a bowed piece gives', () => {
  test.each([
    [1, 0.25],
    [3, 0.8],
    [0.3, 0.2],
  ])('%d m at a radius of %d m, against small steps', (lengthM, radiusM) =>
    expect(bowGivesM(lengthM, radiusM)).toBeCloseTo(bowedM(lengthM, radiusM), 4),
  );

  test('the length that gives so much is the other way round', () => {
    for (const giveM of [0.005, 0.02, 0.3]) expect(bowGivesM(lengthThatGivesM(giveM, 0.2), 0.2)).toBeCloseTo(giveM, 9);
  });

  test('nothing of a straight piece of no length; what bends to nothing gives all', () => {
    expect(bowGivesM(0, 0.2)).toBe(0);
    expect(bowGivesM(0.4, 0)).toBe(0.4);
  });
});

describe('freedom', () => {
  const part = (code: string) => {
    const found = shippedCatalogue.byCode.get(code);
    if (!found) throw new Error(code);
    return found;
  };
  // Polyethylene bends cold to some 25 diameters (its makers, from memory).
  test('of a part: rigid pipe stays, polyethylene bends to 25 diameters, a union turns, a repair coupling slides', () => {
    expect(freedomOfPart(part('PI-100'))).toEqual({ is: 'fixed' });
    expect(freedomOfPart(part('U-075'))).toEqual({ is: 'turns' });
    expect(freedomOfPart(part('CLS-100'))).toEqual({ is: 'slides' });
    const pipe = freedomOfPart(part('PER-100'));
    expect(pipe).toMatchObject({ is: 'bends' });
    expect(pipe.is === 'bends' && pipe.radiusM).toBeGreaterThan(0.6);
  });

  test('of a joint: pipe slides in the gasket of a wall and nowhere else', () => {
    const { joints } = contextOf(linkedDrums('PG-150', [{ code: 'PI-150', lengthM: 1 }], HELD), shippedCatalogue);
    expect(joints.map((joint) => freedomOfJoint(joint).is)).toEqual(['fixed', 'slides', 'slides', 'fixed']);
  });

  test('of a place: a tap stands, a drip line hangs, and whoever knows better says so', () => {
    const at = (kind: 'tap' | 'drip-line', loose: boolean | null) =>
      freedomOfPlace(place({ id: 'p', name: 'place', kind, offers: '3/4 G M', loose })).is;
    expect([at('tap', null), at('drip-line', null), at('tap', true), at('drip-line', false)]).toEqual([
      'fixed',
      'loose',
      'loose',
      'fixed',
    ]);
  });
});

/** What moves is told by geometry and weight; common practice, no source. */
describe('a line between two tanks is closed', () => {
  const pipe = { code: 'PI-150', lengthM: 1 };
  test('in the gaskets, where both look the same way', () =>
    expect(closes(linkedDrums('PG-150', [pipe], HELD, HEAVY))).toBe('slides'));

  test('by three metres of polyethylene, not by a third of one', () => {
    const across = (lengthM: number) =>
      closes(
        linkedDrums(
          'BH-075',
          [{ code: 'AMIY-075' }, { code: 'PEI-075', lengthM }, { code: 'AMIY-075', inEnd: 1 }],
          {},
          HEAVY,
        ),
      );
    expect(across(3)).toBe('bends');
    expect(across(0.3)).toBe('short');
  });

  test('by the drum that is shifted, if it is light and new and its joint lies level', () => {
    const glued = [{ code: 'PI-100', lengthM: 0.5 }];
    const job = linkedDrums('BS-100', glued, HELD);
    expect(closes({ ...job, tanks: job.tanks.map((tank) => ({ ...tank, stands: true })) })).toBe('sprung');
    expect(closes(linkedDrums('BS-100', glued, HELD))).toBe('shifts');
    expect(closes(linkedDrums('BS-100', glued, HELD, HEAVY))).toBe('sprung');
    expect(closes(linkedDrums('BH-075', [{ code: 'NL-075-4' }]))).toBe('threads');
  });
});

test('a thread that hangs loose is turned on: no union is asked for there', () => {
  const job = (loose: boolean | null) =>
    tankWith({
      terminals: [place({ id: 'p', name: 'end of the hose', kind: 'hose-bay', offers: '3/4 NPT F', loose })],
      holes: [{ id: 'a', parts: [{ code: 'BH-075' }, { code: 'NC-075' }], end: { of: 'terminal', id: 'p' } }],
    });
  expect(closes(job(null))).toBe('threads');
  expect(closes(job(true))).toBeUndefined();
});

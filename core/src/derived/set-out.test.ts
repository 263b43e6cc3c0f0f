import { describe, expect, it } from 'vitest';
import type { Job, Mark } from '../job/job';
import { belowGround, newMark, newTerminal } from '../job/places';
import { newTank } from '../job/new-tank';
import { tankWith } from '../test/sample-jobs';
import type { Placed, Tape, Turned } from '../walls/placing';
import type { Tank } from '../walls/tank';
import { awayM, baseLevelM, setOutOf, standingOf } from './set-out';

const A = newMark({ id: 'a', name: 'A', placed: { by: 'origin' } });
const B = newMark({ id: 'b', name: 'B', placed: { by: 'line', alongM: 4 } });
const tape = (from: string, tapeM: number, to: Tape['to'] = 'middle', openingId: string | null = null): Tape => ({
  from: { of: 'mark', id: from },
  tapeM,
  to,
  openingId,
});
const tapes = (...readings: readonly Tape[]): Placed => ({ by: 'tapes', readings, side: 'left' });
const drum = (id: string, placed: Placed | null, turned: Turned | null = null, more: Partial<Tank> = {}): Tank => ({
  ...newTank(id, 'own-cylinder'),
  label: id.toUpperCase(),
  diameterM: 0.585,
  baseDiameterM: 0.585,
  placed,
  turned,
  ...more,
});
const jobOf = (tanks: readonly Tank[], marks: readonly Mark[] = [A, B], more: Partial<Job> = {}): Job => ({
  ...tankWith({}),
  penetrations: [],
  tanks,
  marks,
  ...more,
});
const placeOf = (job: Job, key: string) => {
  const found = setOutOf(job).places.get(key);
  if (!found) throw new Error(`${key} is not there`);
  return found;
};
const near = (x: number, y: number) => ({ x: expect.closeTo(x, 3) as number, y: expect.closeTo(y, 3) as number });

// Expected places worked out by hand: law of cosines, or a figure drawn on squared paper.
describe('places on the plan', () => {
  it('two tapes to the near side of a round tank; the other side is the other crossing', () => {
    const found = placeOf(
      jobOf([drum('t', tapes(tape('a', 2.37, 'near-side'), tape('b', 3.038, 'near-side')))]),
      'tank t',
    );
    expect(found.at).toEqual(near(1.4996, 2.2));
    expect(found.other).toEqual(near(1.4996, -2.2));
    expect(found).toMatchObject({ sure: true, trouble: undefined });
  });

  it('a further tape is a check, its difference stands there', () => {
    const C = newMark({
      id: 'c',
      name: 'C',
      placed: { by: 'wall', from: { of: 'mark', id: 'a' }, towards: { of: 'mark', id: 'b' }, alongM: 4, offM: 3 },
    });
    const found = placeOf(
      jobOf([drum('t', tapes(tape('a', 2.6625), tape('b', 3.3305), tape('c', 2.63)))], [A, B, C]),
      'tank t',
    );
    // From (1.4996, 2.2) to (4, 3) are 2.6253 m.
    expect(found.tapes[2]?.offM).toBeCloseTo(0.0047, 3);
    expect(found).toMatchObject({ sure: true, trouble: undefined, other: undefined });
  });

  describe('a blunder', () => {
    const C = newMark({ id: 'c', name: 'C', placed: { by: 'rough', xM: 4, yM: 3 } });
    const D = newMark({ id: 'd', name: 'D', placed: { by: 'rough', xM: 0, yM: 3 } });
    const three = [tape('a', 2.663), tape('b', 3.03), tape('c', 2.625)];
    it('among three cannot be told', () => {
      const found = placeOf(jobOf([drum('t', tapes(...three))], [A, B, C]), 'tank t');
      expect(found).toMatchObject({ trouble: 'misfit', blunder: undefined, sure: false });
      expect(found.tapes[2]?.offM).toBeCloseTo(0.159, 3);
    });
    it('among four is named: B was read 0.301 short', () => {
      const found = placeOf(jobOf([drum('t', tapes(...three, tape('d', 1.7)))], [A, B, C, D]), 'tank t');
      expect(found).toMatchObject({ trouble: 'blunder', blunder: 1 });
      expect(found.at).toEqual(near(1.4997, 2.2006));
      expect(found.tapes[1]?.offM).toBeCloseTo(-0.301, 3);
    });
    it('of one distance read three times is left out of the average', () => {
      const found = placeOf(
        jobOf([drum('t', tapes(tape('a', 2.66), tape('a', 2.665), tape('a', 3.1), tape('b', 3.3305)))]),
        'tank t',
      );
      expect(found).toMatchObject({ trouble: 'blunder', blunder: 2 });
      expect(found.at).toEqual(near(1.4996, 2.2));
    });
    it('of one distance read twice cannot be told, and nothing is placed by it', () =>
      expect(
        placeOf(jobOf([drum('t', tapes(tape('a', 2.66), tape('a', 2.8), tape('b', 3.33)))]), 'tank t'),
      ).toMatchObject({
        at: undefined,
        trouble: 'misfit',
      }));
  });

  it.each([
    ['one tape', tapes(tape('a', 2)), { trouble: 'one-tape' }],
    [
      'two that do not meet',
      tapes(tape('a', 2), tape('b', 1.7)),
      { trouble: 'do-not-meet', shortM: expect.closeTo(0.3, 9) as number },
    ],
    [
      'two that cross flat',
      tapes(tape('a', 2.1), tape('b', 1.95)),
      { at: near(2.0759, 0.317), trouble: 'flat', sure: false },
    ],
    ['a tape from what is not placed', tapes(tape('a', 2), tape('x', 2)), { trouble: 'stands-on-nothing' }],
    ['drawn roughly', { by: 'rough', xM: 1, yM: 2 } as const, { trouble: 'rough', sure: false, at: { x: 1, y: 2 } }],
    ['so far off along its line', { by: 'away', distanceM: 5 } as const, { trouble: 'no-direction' }],
    ['nothing', null, { trouble: 'not-placed' }],
  ])('%s', (_, placed, wanted) => {
    const X = newMark({ id: 'x', name: 'X' });
    expect(placeOf(jobOf([drum('t', placed)], [A, B, X]), 'tank t')).toMatchObject({ at: undefined, ...wanted });
  });

  it('one that is taken from itself has none, and neither has what it was taken from', () => {
    const ring = jobOf([
      drum('t', { by: 'beside', tankId: 'u', side: 'right', gapM: 1 }, { by: 'degrees', degrees: 0 }),
      drum('u', { by: 'beside', tankId: 't', side: 'right', gapM: 1 }, { by: 'degrees', degrees: 0 }),
    ]);
    expect(['tank t', 'tank u'].map((key) => placeOf(ring, key).at)).toEqual([undefined, undefined]);
  });

  it('what hangs on something drawn roughly is no surer', () => {
    const rough = newMark({ id: 'b', name: 'B', placed: { by: 'rough', xM: 4, yM: 0 } });
    expect(placeOf(jobOf([drum('t', tapes(tape('a', 2.6625), tape('b', 3.3305)))], [A, rough]), 'tank t').sure).toBe(
      false,
    );
  });

  it('beside a turned neighbour, by half of each and the gap', () => {
    const job = jobOf(
      [
        drum('t', { by: 'origin' }, { by: 'degrees', degrees: 90 }),
        drum('u', { by: 'beside', tankId: 't', side: 'right', gapM: 0.3 }, null, { diameterM: 1, baseDiameterM: 1 }),
        {
          ...newTank('v', 'crate-eu'),
          label: 'V',
          placed: { by: 'beside', tankId: 't', side: 'front', gapM: 0.1 },
          turned: { by: 'degrees', degrees: 90 },
        },
      ],
      [],
    );
    // Turned by 90 its right looks up the plan, its front to the right of it.
    expect(placeOf(job, 'tank u').at).toEqual(near(0, 0.2925 + 0.3 + 0.5));
    expect(placeOf(job, 'tank v').at).toEqual(near(0.2925 + 0.1 + 0.5, 0));
  });

  it('beside a neighbour at a gap that nobody has measured it is drawn a hand off, and is not sure', () => {
    const place = placeOf(
      jobOf(
        [
          drum('t', { by: 'origin' }, { by: 'degrees', degrees: 0 }),
          drum('u', { by: 'beside', tankId: 't', side: 'right', gapM: null }),
        ],
        [],
      ),
      'tank u',
    );
    expect(place).toMatchObject({ sure: false, trouble: 'no-gap', at: near(0.2925 + 0.1 + 0.2925, 0) });
  });

  it('beside a neighbour of which nobody has said how it is turned asks that', () =>
    expect(
      placeOf(
        jobOf([drum('t', { by: 'origin' }), drum('u', { by: 'beside', tankId: 't', side: 'right', gapM: 0.3 })], []),
        'tank u',
      ),
    ).toMatchObject({ at: undefined, trouble: 'turning-unknown' }));

  it('a corner of a box, turned: two tapes to it place its middle', () => {
    const box: Tank = {
      ...newTank('t', 'own-box'),
      label: 'T',
      lengthM: 1.2,
      widthM: 1,
      turned: { by: 'degrees', degrees: 90 },
      placed: tapes(tape('a', 2.5, 'front-left'), tape('b', Math.hypot(1.5, 2), 'front-left')),
    };
    // The corner is at (2.5, 2) less nothing: 1.5 left of B and 2 over the line; 2.5 from A at (1.5, 2) would be the other.
    const corner = { x: (2.5 ** 2 - (1.5 ** 2 + 2 ** 2) + 16) / 8, y: 0 };
    const y = Math.sqrt(2.5 ** 2 - corner.x ** 2);
    // Front left is (-0.6, -0.5) from the middle; turned by 90: (0.5, -0.6).
    expect(placeOf(jobOf([box]), 'tank t').at).toEqual(near(corner.x - 0.5, y + 0.6));
  });

  it('a box is not taped to its near side', () =>
    expect(
      placeOf(
        jobOf([
          {
            ...newTank('t', 'crate-eu'),
            label: 'T',
            placed: tapes(tape('a', 2, 'near-side'), tape('b', 3, 'near-side')),
          },
        ]),
        'tank t',
      ).trouble,
    ).toBe('not-round'));
});

describe('how a tank is turned', () => {
  const OPENING = { ...tankWith({ holes: [{ id: 'o', aroundM: 1.05, heightM: 0.1 }] }).penetrations[0]!, tankId: 't' };
  const placed = { by: 'rough', xM: 1.49958, yM: 2.20003 } as const;
  const turned = (side: 'left' | 'right', tapeM = 2.628): Turned => ({
    by: 'tape',
    from: { of: 'mark', id: 'a' },
    tapeM,
    openingId: 'o',
    side,
  });
  const turnOf = (how: Turned | null) =>
    setOutOf(jobOf([drum('t', placed, how)], [A, B], { penetrations: [OPENING] })).turns.get('t');

  it('by a third tape to an opening, either way', () => {
    expect(turnOf(turned('left'))).toMatchObject({
      degrees: expect.closeTo(20.13, 1) as number,
      other: expect.closeTo(219.95, 1) as number,
    });
    expect(turnOf(turned('right'))).toMatchObject({ degrees: expect.closeTo(219.95, 1) as number });
  });
  it('a tape that no turning reaches says so', () =>
    expect(turnOf(turned('left', 3.2))).toMatchObject({ degrees: undefined, trouble: 'out-of-reach' }));
  it('not said is not known', () => expect(turnOf(null)).toMatchObject({ degrees: undefined, trouble: 'not-said' }));
});

describe('the ground under a tank', () => {
  const slope = newMark({ id: 's', name: 'slope', kind: 'ground', readings: belowGround(-7.5) });
  it('two tanks up the slope stand on their own ground, not on a plinth', () => {
    const job = jobOf([drum('t', null), drum('u', null, null, { groundId: 's', plinthM: 0.2 })], [slope]);
    expect(job.tanks.map((tank) => baseLevelM(tank, job))).toEqual([0, 7.7]);
  });
  it('what it shall be once the work is done comes first', () => {
    const job = jobOf([drum('u', null, null, { groundId: 's' })], [{ ...slope, finishedM: 7 }]);
    expect(job.tanks.map((tank) => baseLevelM(tank, job))).toEqual([7]);
  });
});

describe('how far a place is off', () => {
  const bed = (placed: Placed | null) => newTerminal({ id: 'bed', name: 'bed', placed });
  const hole = {
    ...tankWith({ holes: [{ id: 'o', aroundM: Math.PI * 0.2925, heightM: 0.1 }] }).penetrations[0]!,
    tankId: 't',
  };
  const job = (placed: Placed | null, turned: Turned | null = { by: 'degrees', degrees: 0 }) =>
    jobOf([drum('t', { by: 'rough', xM: 2, yM: 3 }, turned)], [A, B], {
      penetrations: [hole],
      terminals: [bed(placed)],
    });
  it('is as somebody has said', () => expect(awayM('bed', 'o', job({ by: 'away', distanceM: 7 }))).toBe(7));
  it('follows from the plan, from the opening itself', () =>
    // Half way round looks down the plan: (2, 2.7075); B is at (4, 0).
    expect(awayM('bed', 'o', job({ by: 'line', alongM: 4 }))).toBeCloseTo(Math.hypot(2, 2.7075), 6));
  it('is not known where the tank is not turned', () =>
    expect(awayM('bed', 'o', job({ by: 'line', alongM: 4 }, null))).toBeUndefined());
  it('a tank stands where it is said only once both place and turning are', () => {
    const tank = drum('t', { by: 'origin' });
    expect(standingOf(tank, jobOf([tank]))).toBeUndefined();
  });
});

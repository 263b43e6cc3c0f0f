import { describe, expect, test } from 'vitest';
import type { End, HoseEnd, OwnEnd } from '../end';
import { OWN_ENDS } from '../end';
import { judge, mate } from '../mate';
import { CAM_SIZES, CAM_TYPES, camHeadMm } from '../standards/couplings';
import { HOSE_SYSTEMS, hoseOf, hoseSystem } from '../standards/hose';
import { threadForm, threadStandard } from '../standards/threads';
import { MEASURE } from './own';

const cam = (size: (typeof CAM_SIZES)[number], part: 'adapter' | 'coupler'): End => ({ kind: 'cam', size, part });
const hose = (system: string, size: HoseEnd['size'], part: HoseEnd['part']): HoseEnd => ({
  kind: 'hose',
  system,
  size,
  part,
});
const own = (what: OwnEnd['what']): OwnEnd => ({ kind: 'own', what });

describe('cam-and-groove', () => {
  test('every size locks on its own and on no other', () => {
    for (const one of CAM_SIZES)
      for (const other of CAM_SIZES)
        expect(judge(cam(one, 'adapter'), cam(other, 'coupler')).reason).toBe(one === other ? 'locks' : 'other-size');
  });
  // A-A-59326: A, E, F and DP are grooved; B, C, D and DC have the arms.
  test('the letters say which half', () => {
    const halves = (part: string): string =>
      Object.entries(CAM_TYPES)
        .filter(([, type]) => type.part === part)
        .map(([letter]) => letter)
        .join();
    expect(halves('adapter')).toBe('A,E,F,DP');
    expect(halves('coupler')).toBe('B,C,D,DC');
  });
  test('heads grow with the size, and 1/2 is warned of', () => {
    const heads = CAM_SIZES.map(camHeadMm);
    expect(heads).toEqual(heads.toSorted((a, b) => a - b));
    expect(mate(cam('1/2', 'adapter'), cam('1/2', 'coupler')).why).toContain('3/4 body');
    expect(() => camHeadMm('15')).toThrow(RangeError);
  });
  test('a refusal quotes both heads', () =>
    // EN 14420-7 (from memory): 63 mm for 2 in, 53.4 mm for 1-1/2 in.
    expect(mate(cam('1-1/2', 'adapter'), cam('2', 'coupler')).why).toContain('53.4 and 63 mm'));
});

describe('click couplings', () => {
  const click = (size: '12.5' | '19', part: 'plug' | 'socket'): End => ({ kind: 'click', size, part });
  test('by size, and by half', () => {
    expect(judge(click('12.5', 'plug'), click('12.5', 'socket')).verdict).toBe('holds');
    expect(judge(click('19', 'plug'), click('12.5', 'socket')).verdict).toBe('will-not-go');
    expect(judge(click('19', 'socket'), click('19', 'socket')).reason).toBe('same-half');
  });
  test('the pattern is not everybody’s: it is to be heard and pulled', () =>
    expect(mate(click('19', 'plug'), click('19', 'socket')).why).toContain('hear it click, then pull'));
});

describe('tails', () => {
  test('every tail holds in what it is made for, as its system holds it', () => {
    for (const { id, sizes, heldBy } of HOSE_SYSTEMS)
      for (const { size } of sizes)
        expect(judge(hose(id, size, 'barb'), hose(id, size, 'bore')).reason, `${size} ${id}`).toBe(
          { nut: 'nut', clamp: 'clamps', edge: 'edge' }[heldBy],
        );
  });
  test('insert tails of polyethylene pipe take two clamps', () => {
    for (const { size } of hoseSystem('pe-id').sizes)
      expect(mate(hose('pe-id', size, 'barb'), hose('pe-id', size, 'bore')).needs).toMatchObject([{ count: 2 }]);
  });
  test('the nut of rural pipe grips nothing else', () => {
    expect(judge(hose('rural', '1', 'barb'), hose('hose', '1', 'bore')).reason).toBe('other-nut');
    expect(judge(hose('rural', '3/4', 'barb'), hose('pe-id', '3/4', 'bore')).reason).toBe('other-nut');
  });
  // A 3/4 tail is about 20.4 mm: over 19.05 by 7 %, over 15.9 by 28 %, under 25.4.
  test.each([
    ['3/4', 'clamps'],
    ['5/8', 'splits'],
    ['1', 'loose'],
    ['3/8', 'far-over'],
  ] as const)('a 3/4 tail in a %s hose: %s', (bore, reason) =>
    expect(judge(hose('hose', '3/4', 'barb'), hose('hose', bore, 'bore')).reason).toBe(reason),
  );
  test('two tails, two hoses', () => {
    expect(mate(hose('hose', '1', 'barb'), hose('hose', '1', 'barb')).instead).toContain('piece of hose');
    expect(mate(hose('hose', '1', 'bore'), hose('hose', '1', 'bore')).instead).toContain('joiner');
  });
  test('a tail or a system nobody registered is a bug of the caller', () => {
    expect(() => hoseSystem('none')).toThrow(RangeError);
    expect(() => hoseOf({ system: 'rural', size: '1/2' })).toThrow(RangeError);
  });
});

describe('pipe that is known by its bore, in fittings that grip its outside', () => {
  // AU/NZ rural 1 in is about 30.5 mm outside, an American 1 in SIDR 15 about 30.2 mm (from memory): thin in 32 mm.
  test.each([
    ['rural', '1', '32', 'too-small'],
    ['pe-id', '1', '32', 'too-small'],
    ['rural', '1-1/4', '32', 'too-large'],
    ['rural', '3/4', '40', 'falls-through'],
  ] as const)('%s %s in %s PE compression: %s', (system, size, metric, reason) => {
    const mating = mate(hose(system, size, 'bore'), { kind: 'pipe', series: 'pe', size: metric, part: 'compression' });
    expect(mating.reason).toBe(reason);
    expect(mating.why).toContain('outside');
  });
  test('garden hose has no outside to grip, and a tail takes no fitting', () => {
    const fitting: End = { kind: 'pipe', series: 'pe', size: '25', part: 'compression' };
    expect(judge(hose('hose', '1', 'bore'), fitting).reason).toBe('no-way');
    // Known by its outside or not: in a socket for cement it is in the wrong place, whatever its size.
    expect(judge(hose('rural', '1', 'bore'), { ...fitting, part: 'socket' }).reason).toBe('no-way');
    expect(judge(hose('hose', '1', 'barb'), fitting).reason).toBe('no-way');
  });
  // 1/2 in pipe is 21.3 mm: 12 % over a 3/4 in hose, 34 % over a 5/8, under a 1 in.
  test.each([
    ['3/4', 'pipe-in-hose'],
    ['5/8', 'no-way'],
    ['1', 'loose-in-hose'],
  ] as const)('plain 1/2 in pipe in a %s hose: %s', (size, reason) =>
    expect(
      judge({ kind: 'pipe', series: 'ips-40', size: '1/2', part: 'spigot' }, hose('hose', size, 'bore')).reason,
    ).toBe(reason),
  );
});

// 1/2 in pipe, 21.3 mm, in a 3/4 in hose whose wall on its tail is (26.5 - 20.35) / 2 = 3.1 mm: 27.5 mm round, 1.08 in; by SAE
// J1508 no. 16 closes from 13/16 to 1-1/2 in, and 1.08 is a little below its middle (from memory).
test('a hose forced over plain pipe is clamped, and stays unrated', () =>
  expect(
    mate({ kind: 'pipe', series: 'ips-40', size: '1/2', part: 'spigot' }, hose('hose', '3/4', 'bore')),
  ).toMatchObject({ verdict: 'fits-unrated', needs: [{ kind: 'clamp', name: 'worm-drive clamp no. 16', count: 1 }] }));

describe('ends of no standard', () => {
  const npt: End = { kind: 'thread', standard: 'npt', size: '1', sex: 'male' };

  test('each says what to measure or what it goes with', () => {
    for (const what of OWN_ENDS) {
      const mating = mate(own(what), npt);
      expect(mating.instead, what).toContain(MEASURE[what].split('.')[0]);
      expect(['unknown', 'will-not-go']).toContain(mating.verdict);
    }
  });
  test.each([
    ['bulkhead-thread', 'bulkhead-nut'],
    ['union-nut', 'union-tail'],
  ] as const)('a %s goes with its %s, if it is its own, and with nothing else', (one, other) => {
    expect(mate(own(one), own(other)).verdict).toBe('unknown');
    expect(mate(own(one), npt).verdict).toBe('will-not-go');
    expect(mate(own(one), own(one)).verdict).toBe('will-not-go');
    expect(mate(own(one), own('container-neck')).verdict).toBe('will-not-go');
  });
  test('two unknown ends are both to be measured', () => {
    const { why } = mate(own('container-neck'), own('home-made'));
    expect(why).toContain('container neck and the home-made end are of no standard');
    expect(why).toContain('Take the cap off');
    expect(why).toContain('three places');
  });
});

test('a thread or a standard nobody registered is a bug of the caller', () => {
  expect(() => threadStandard('none')).toThrow(RangeError);
  expect(() => threadForm({ kind: 'thread', standard: 'rc', size: '1', sex: 'male' })).toThrow(RangeError);
  expect(() => threadForm({ kind: 'thread', standard: 'nh', size: '1', sex: 'male' })).toThrow(RangeError);
});

import { describe, expect, test } from 'vitest';
import type { End } from '../end';
import { mate } from '../mate';
import { HOSE_SIZES } from '../standards/hose';
import { ipsSchedule40 } from '../standards/ips-schedule-40';
import { npt } from '../standards/npt';
import { WALL_SEALS } from '../standards/wall-seals';
import { tapeFor, tapeWidthIn } from './tape';

const spigot = (size: (typeof ipsSchedule40.sizes)[number]['size']): End => ({
  kind: 'pipe',
  series: 'ips-40',
  size,
  part: 'spigot',
});
const socket = (size: (typeof ipsSchedule40.sizes)[number]['size']): End => ({
  kind: 'pipe',
  series: 'ips-40',
  size,
  part: 'socket',
});

describe('solvent weld', () => {
  const sizes = ipsSchedule40.sizes.map(({ size }) => size);

  test('every size holds in its own socket and goes into no other', () => {
    for (const pipe of sizes)
      for (const hub of sizes)
        expect(mate(spigot(pipe), socket(hub)).verdict, `${pipe} in ${hub}`).toBe(
          pipe === hub ? 'holds-with' : 'will-not-go',
        );
  });

  // ASTM D2466: the socket of 1-1/2 in is at least 1.094 in deep.
  test('goes in as deep as its socket', () =>
    expect(mate(spigot('1-1/2'), socket('1-1/2')).engagementMm).toBeCloseTo(1.094 * 25.4, 6));

  // 3/4: pipe 1.050, mouth 1.058, foot 1.046 in: it jams (1.058 - 1.050) / (1.058 - 1.046) = 67 % of the way down.
  test('says how far down it jams', () => expect(mate(spigot('3/4'), socket('3/4')).why).toContain('67 %'));

  test.each(['polypropylene', 'polyethylene', 'brass', 'rubber'] as const)('no cement bonds %s', (material) => {
    expect(mate(spigot('1'), socket('1'), { a: material, b: 'pvc' }).verdict).toBe('starts-then-leaks');
    expect(mate(spigot('1'), socket('1'), { a: 'pvc', b: material }).verdict).toBe('starts-then-leaks');
  });

  test('clear pipe is PVC too', () =>
    expect(mate(spigot('1/2'), socket('1/2'), { a: 'clear-pvc', b: 'pvc' }).verdict).toBe('holds-with'));
});

describe('hose on barb', () => {
  const barb = (size: (typeof HOSE_SIZES)[number]['size']): End => ({ kind: 'hose', size, part: 'barb' });
  const bore = (size: (typeof HOSE_SIZES)[number]['size']): End => ({ kind: 'hose', size, part: 'bore' });

  test('every barb holds in its own hose, with its clamp', () => {
    for (const { size, clampNumber, clampsPerJoint } of HOSE_SIZES)
      expect(mate(barb(size), bore(size)).needs).toEqual([
        { kind: 'clamp', name: `worm-drive clamp no. ${clampNumber}`, count: clampsPerJoint },
      ]);
  });

  test('no barb holds in a hose of another size', () => {
    for (const one of HOSE_SIZES)
      for (const other of HOSE_SIZES)
        if (one.size !== other.size) expect(mate(barb(one.size), bore(other.size)).verdict).not.toBe('holds-with');
  });

  test('the way out is the barb for that hose', () =>
    expect(mate(barb('1/2'), bore('5/8')).instead).toBe('Use a 5/8 in barb.'));
});

describe('a seal in a hole', () => {
  const hole = (diameterMm: number, wallMm: number, wallRadiusMm?: number): End => ({
    kind: 'hole',
    diameterMm,
    wallMm,
    ...(wallRadiusMm === undefined ? {} : { wallRadiusMm }),
  });

  test.each(['bulkhead', 'gasket'] as const)(
    'every %s holds in its usual hole, and the figures decide at their limits',
    (style) => {
      for (const { size, typicalHoleMm, holeMm, gripMm, leastRadiusMm } of WALL_SEALS[style]) {
        const seal: End = { kind: 'wall-seal', style, size };
        const wall = (gripMm[0] + gripMm[1]) / 2;
        const verdict = (end: End): string => mate(end, seal).verdict;
        expect(['holds', 'holds-with']).toContain(verdict(hole(typicalHoleMm, wall)));
        expect(['holds', 'holds-with']).toContain(verdict(hole(typicalHoleMm, gripMm[1], leastRadiusMm)));
        expect(verdict(hole(holeMm[0] - 1, wall))).toBe('will-not-go');
        expect(verdict(hole(holeMm[1] + 1, wall))).toBe('starts-then-leaks');
        expect(verdict(hole(typicalHoleMm, gripMm[1] + 0.1))).toBe('will-not-go');
        expect(verdict(hole(typicalHoleMm, gripMm[0] - 0.1))).toBe('starts-then-leaks');
        expect(verdict(hole(typicalHoleMm, wall, leastRadiusMm - 1))).toBe('starts-then-leaks');
      }
    },
  );

  test('a refusal quotes both figures it compared', () => {
    const { why } = mate(hole(41.3, 100), { kind: 'wall-seal', style: 'bulkhead', size: '3/4' });
    // Grip of a 3/4 bulkhead at most 3/4 in: 19.05 mm, read to a tenth.
    expect(why).toContain('100.0 mm');
    expect(why).toMatch(/19\.[01] mm/);
  });
});

describe('tape', () => {
  test('there is a row for every NPT size, and metal takes at least as much as plastic (common practice)', () => {
    for (const size of npt.sizes) {
      const { crestMm } = npt.form(size, 'male');
      const [metal, plastic] = [tapeFor(size, crestMm, 'brass'), tapeFor(size, crestMm, 'pvc')];
      if (metal.kind !== 'tape' || plastic.kind !== 'tape') throw new Error('no tape');
      expect(metal.turns).toBeGreaterThan(plastic.turns);
      // Geometry: never less than the circumference times the turns.
      expect(metal.lengthM * 1000).toBeGreaterThanOrEqual(Math.PI * crestMm * metal.turns - 0.001);
    }
  });

  test('a material nobody knows is taken for metal: more tape does less harm', () =>
    expect(tapeFor('1', 33, undefined)).toEqual(tapeFor('1', 33, 'brass')));

  test('a size without a row is a bug of the caller', () =>
    expect(() => tapeFor('5/8', 20, 'brass')).toThrow(RangeError));

  test('wider tape for larger threads', () =>
    expect(['1/2', '1', '3'].map((size) => tapeWidthIn(size as '1/2'))).toEqual([0.5, 0.75, 1]));
});

describe('ends of two kinds that never meet', () => {
  test.each<readonly [End, End]>([
    [
      { kind: 'thread', standard: 'npt', size: '1', sex: 'male' },
      { kind: 'hose', size: '1', part: 'bore' },
    ],
    [
      { kind: 'hole', diameterMm: 40, wallMm: 5 },
      { kind: 'thread', standard: 'npt', size: '1', sex: 'male' },
    ],
    [
      { kind: 'gasket', series: 'ips-40', size: '1' },
      { kind: 'hose', size: '1', part: 'barb' },
    ],
  ])('case %#', (a, b) => {
    expect(mate(a, b)).toMatchObject({ verdict: 'will-not-go', instead: 'Put an adapter between.' });
    expect(mate(a, b)).toEqual(mate(b, a));
  });
});

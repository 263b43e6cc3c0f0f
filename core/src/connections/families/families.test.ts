import { describe, expect, test } from 'vitest';
import { type NominalSize, isMetricSize } from '../../quantity/size';
import type { End } from '../end';
import { mate } from '../mate';
import { clampFor } from '../make-up/clamp';
import { hose, hoseOf } from '../standards/hose';
import { ipsSchedule40 } from '../standards/ips';
import { WALL_SEAL_STYLES } from '../standards/wall-seals';

const spigot = (size: NominalSize): End => ({
  kind: 'pipe',
  series: 'ips-40',
  size,
  part: 'spigot',
});
const socket = (size: NominalSize): End => ({
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
  const barb = (size: NominalSize): End => ({ kind: 'hose', system: 'hose', size, part: 'barb' });
  const bore = (size: NominalSize): End => ({ kind: 'hose', system: 'hose', size, part: 'bore' });

  const inch = hose.sizes.filter(({ size }) => !isMetricSize(size)).map(({ size }) => size);

  test('every barb holds in its own hose, with a clamp that closes there', () => {
    for (const size of inch) {
      const [need] = mate(barb(size), bore(size)).needs;
      if (need?.kind !== 'clamp') throw new Error(`${size}: no clamp`);
      const number = Number(need.name.split(' ').at(-1));
      const { rangeMm } = clampFor(hoseOf({ system: 'hose', size }).outsideOnBarbMm);
      expect(clampFor(hoseOf({ system: 'hose', size }).outsideOnBarbMm).number).toBe(number);
      expect(rangeMm[0]).toBeLessThan(hoseOf({ system: 'hose', size }).outsideOnBarbMm);
    }
  });

  test('no barb holds in a hose of another size', () => {
    for (const one of inch)
      for (const other of inch) if (one !== other) expect(mate(barb(one), bore(other)).verdict).not.toBe('holds-with');
  });

  test('the way out is the barb for that hose', () =>
    expect(mate(barb('1/2'), bore('5/8')).instead).toBe('Use a 5/8 hose tail.'));
});

describe('a seal in a hole', () => {
  const hole = (diameterMm: number, wallMm: number, wallRadiusMm?: number): End => ({
    kind: 'hole',
    diameterMm,
    wallMm,
    ...(wallRadiusMm === undefined ? {} : { wallRadiusMm }),
  });

  test.each(WALL_SEAL_STYLES.map(({ id, sizes }) => [id, sizes] as const))(
    'every %s holds in its usual hole, and the figures decide at their limits',
    (style, sizes) => {
      for (const { size, typicalHoleMm, holeMm, gripMm, leastRadiusMm, mayRadiusMm } of sizes) {
        const seal: End = { kind: 'wall-seal', style, size };
        const wall = (gripMm[0] + gripMm[1]) / 2;
        const verdict = (end: End): string => mate(end, seal).verdict;
        expect(['holds', 'holds-with']).toContain(verdict(hole(typicalHoleMm, wall)));
        expect(['holds', 'holds-with']).toContain(verdict(hole(typicalHoleMm, gripMm[1], leastRadiusMm)));
        expect(verdict(hole(holeMm[0] - 1, wall))).toBe('will-not-go');
        expect(verdict(hole(holeMm[1] + 1, wall))).toBe('starts-then-leaks');
        expect(verdict(hole(typicalHoleMm, gripMm[1] + 0.15))).toBe('will-not-go');
        expect(verdict(hole(typicalHoleMm, gripMm[0] - 0.15))).toBe('starts-then-leaks');
        expect(verdict(hole(typicalHoleMm, wall, (mayRadiusMm ?? leastRadiusMm) - 1))).toBe('starts-then-leaks');
        // What follows a curve is used beyond what is flat for sure: nobody rates it, and where water only falls it does.
        if (mayRadiusMm !== undefined) {
          expect(verdict(hole(typicalHoleMm, wall, leastRadiusMm - 1))).toBe('fits-unrated');
          expect(mate(hole(typicalHoleMm, wall, leastRadiusMm - 1), seal, { service: 'drain' }).verdict).toBe('holds');
        }
      }
    },
  );

  // 5/64 in is 1.98 mm, 0.08 in is 2.03: no wall is gauged so fine.
  test('a wall of two millimetres takes the gasket that asks for 2.03', () => {
    const gasket: End = { kind: 'wall-seal', style: 'gasket', size: '2' };
    const [row] = WALL_SEAL_STYLES.filter(({ id }) => id === 'gasket').flatMap(({ sizes }) =>
      sizes.filter(({ size }) => size === '2'),
    );
    if (!row) throw new Error('no 2 in gasket');
    expect(row.gripMm[0]).toBeCloseTo(2.03, 2);
    expect(mate(hole(row.typicalHoleMm, 2), gasket).verdict).toBe('holds');
    expect(mate(hole(row.typicalHoleMm, 1.9), gasket)).toMatchObject({
      verdict: 'starts-then-leaks',
      why: expect.stringContaining('1.9 mm thick') as string,
    });
  });

  test('a refusal quotes both figures it compared', () => {
    const { why } = mate(hole(41.3, 100), { kind: 'wall-seal', style: 'bulkhead', size: '3/4' });
    // Grip of a 3/4 bulkhead at most 3/4 in: 19.05 mm, read to a tenth.
    expect(why).toContain('100.0 mm');
    expect(why).toMatch(/19\.[01] mm/);
  });

  // Rise of an arc over half of the flange, r - sqrt(r2 - (w/2)2): the wall's own radius stands in the words.
  test('a wall that curves too sharply is named with its radius', () => {
    const size = WALL_SEAL_STYLES.find(({ id }) => id === 'bulkhead')?.sizes.find((one) => one.leastRadiusMm > 20);
    if (!size) throw new Error('no bulkhead that is held to a radius');
    const radiusMm = size.leastRadiusMm - 10;
    const { why, reason } = mate(hole(size.typicalHoleMm, (size.gripMm[0] + size.gripMm[1]) / 2, radiusMm), {
      kind: 'wall-seal',
      style: 'bulkhead',
      size: size.size,
    });
    expect(reason).toBe('curve-too-sharp');
    expect(why).toContain(`curves at ${radiusMm.toFixed(1)} mm`);
  });
});

describe('ends of two kinds that never meet', () => {
  test.each<readonly [End, End]>([
    [
      { kind: 'thread', standard: 'npt', size: '1', sex: 'male' },
      { kind: 'hose', system: 'hose', size: '1', part: 'bore' },
    ],
    [
      { kind: 'hole', diameterMm: 40, wallMm: 5 },
      { kind: 'thread', standard: 'npt', size: '1', sex: 'male' },
    ],
    [
      { kind: 'gasket', series: 'ips-40', size: '1' },
      { kind: 'hose', system: 'hose', size: '1', part: 'barb' },
    ],
  ])('case %#', (a, b) => {
    expect(mate(a, b)).toMatchObject({ verdict: 'will-not-go', instead: 'Put an adapter between.' });
    expect(mate(a, b)).toEqual(mate(b, a));
  });
});

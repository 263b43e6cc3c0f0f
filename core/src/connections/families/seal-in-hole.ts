import type { Figure, Mating } from '../mating';
import { WALL_SEAL_SOURCE, wallSealSize } from '../standards/wall-seals';
import { defineJointFamily } from './joint-family';

/** A bulkhead or a gasket in a drilled wall: judged by hole, wall thickness and how sharply the wall is curved. */
export const sealInHole = defineJointFamily(['hole', 'wall-seal'], (hole, seal): Mating => {
  const row = wallSealSize(seal.style, seal.size);
  const called = seal.style === 'bulkhead' ? 'bulkhead' : 'gasket';
  const [leastHole, mostHole] = row.holeMm;
  const [leastWall, mostWall] = row.gripMm;
  const basis: Figure[] = [
    { name: 'hole', value: hole.diameterMm, unit: 'mm' },
    { name: 'least hole', value: leastHole, unit: 'mm' },
    { name: 'largest hole', value: mostHole, unit: 'mm' },
    { name: 'wall', value: hole.wallMm, unit: 'mm' },
    { name: 'thickest wall it grips', value: mostWall, unit: 'mm' },
  ];
  const none = { needs: [], basis, sources: [WALL_SEAL_SOURCE], engagementMm: 0 } as const;
  const mm = (value: number): string => `${value.toFixed(1)} mm`;
  if (hole.diameterMm < leastHole - 0.5)
    return {
      ...none,
      verdict: 'will-not-go',
      why: `The hole is ${mm(hole.diameterMm)}; the ${called} needs at least ${mm(leastHole)}.`,
      instead: 'Open the hole, or take a smaller size.',
    };
  if (hole.diameterMm > mostHole + 0.5)
    return {
      ...none,
      verdict: 'starts-then-leaks',
      why: `The hole is ${mm(hole.diameterMm)}; the ${called} covers at most ${mm(mostHole)}.`,
      instead: 'Take the next size up.',
    };
  if (hole.wallMm > mostWall)
    return {
      ...none,
      verdict: 'will-not-go',
      why: `The wall is ${mm(hole.wallMm)} thick; the ${called} grips at most ${mm(mostWall)}.`,
      instead: 'Take a fitting with a longer shank.',
    };
  if (hole.wallMm < leastWall)
    return {
      ...none,
      verdict: 'starts-then-leaks',
      why: `The wall is ${mm(hole.wallMm)} thick; the ${called} needs at least ${mm(leastWall)}.`,
      instead: 'Back the wall with a plate.',
    };
  if (hole.wallRadiusMm !== undefined && hole.wallRadiusMm < row.leastRadiusMm)
    return {
      ...none,
      verdict: 'starts-then-leaks',
      why: `The wall curves at ${mm(hole.wallRadiusMm)}; a flat ${called} of this size seals down to ${mm(row.leastRadiusMm)}.`,
      instead: seal.style === 'bulkhead' ? 'Use a smaller bulkhead or a push-through gasket.' : 'Use a smaller gasket.',
    };
  return seal.style === 'bulkhead'
    ? {
        ...none,
        verdict: 'holds-with',
        needs: [{ kind: 'washer', name: `${seal.size} in bulkhead gasket`, suppliedWithPart: true }],
        why: 'One rubber under the fixed head, on the wet side; the nut pulls it flat against the wall. Measure the shank before you saw: makers differ.',
        engagementMm: hole.wallMm,
        tighten: 'Nut hand tight, then a quarter to half a turn.',
      }
    : {
        ...none,
        verdict: 'holds',
        why: 'The gasket snaps into the hole and the pipe spreads it. Measure the gasket before you saw: makers differ.',
        engagementMm: hole.wallMm,
      };
});

import type { HoleEnd, WallSealEnd } from '../end';
import type { Figure } from '../mating';
import { WALL_SEAL_SOURCE, wallSealSize } from '../standards/wall-seals';
import { type Explanation, defineJointFamily, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'hole-too-small': ['will-not-go'],
  'hole-too-large': ['starts-then-leaks'],
  'wall-too-thick': ['will-not-go'],
  'wall-too-thin': ['starts-then-leaks'],
  'curve-too-sharp': ['starts-then-leaks'],
  'bulkhead-grips': ['holds-with', 'washer'],
  'gasket-snaps-in': ['holds'],
});
/** A hole is sawn no truer than this. */
const SAWN_MM = 0.5;

function reasonOf(hole: HoleEnd, seal: WallSealEnd): keyof typeof JUDGEMENTS {
  const { holeMm, gripMm, leastRadiusMm } = wallSealSize(seal.style, seal.size);
  if (hole.diameterMm < holeMm[0] - SAWN_MM) return 'hole-too-small';
  if (hole.diameterMm > holeMm[1] + SAWN_MM) return 'hole-too-large';
  if (hole.wallMm > gripMm[1]) return 'wall-too-thick';
  if (hole.wallMm < gripMm[0]) return 'wall-too-thin';
  if (hole.wallRadiusMm !== undefined && hole.wallRadiusMm < leastRadiusMm) return 'curve-too-sharp';
  return seal.style === 'bulkhead' ? 'bulkhead-grips' : 'gasket-snaps-in';
}

/** A bulkhead or a gasket in a drilled wall: judged by hole, wall thickness and how sharply the wall is curved. */
export const sealInHole = defineJointFamily({
  kinds: ['hole', 'wall-seal'],
  judge: (hole, seal) => JUDGEMENTS[reasonOf(hole, seal)],
  explain: (hole, seal, _conditions, { reason }): Explanation => {
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
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'hole-too-small':
        return {
          ...none,
          why: `The hole is ${mm(hole.diameterMm)}; the ${called} needs at least ${mm(leastHole)}.`,
          instead: 'Open the hole, or take a smaller size.',
        };
      case 'hole-too-large':
        return {
          ...none,
          why: `The hole is ${mm(hole.diameterMm)}; the ${called} covers at most ${mm(mostHole)}.`,
          instead: 'Take the next size up.',
        };
      case 'wall-too-thick':
        return {
          ...none,
          why: `The wall is ${mm(hole.wallMm)} thick; the ${called} grips at most ${mm(mostWall)}.`,
          instead: 'Take a fitting with a longer shank.',
        };
      case 'wall-too-thin':
        return {
          ...none,
          why: `The wall is ${mm(hole.wallMm)} thick; the ${called} needs at least ${mm(leastWall)}.`,
          instead: 'Back the wall with a plate.',
        };
      case 'curve-too-sharp':
        return {
          ...none,
          why: `The wall curves at ${mm(hole.wallRadiusMm ?? 0)}; a flat ${called} of this size seals down to ${mm(row.leastRadiusMm)}.`,
          instead:
            seal.style === 'bulkhead' ? 'Use a smaller bulkhead or a push-through gasket.' : 'Use a smaller gasket.',
        };
      case 'bulkhead-grips':
        return {
          ...none,
          needs: [{ kind: 'washer', name: `${seal.size} in bulkhead gasket`, suppliedWithPart: true }],
          why: 'One rubber under the fixed head, on the wet side; the nut pulls it flat against the wall. Measure the shank before you saw: makers differ.',
          engagementMm: hole.wallMm,
          tighten: 'Nut hand tight, then a quarter to half a turn.',
        };
      case 'gasket-snaps-in':
        return {
          ...none,
          why: 'The gasket snaps into the hole and the pipe spreads it. Measure the gasket before you saw: makers differ.',
          engagementMm: hole.wallMm,
        };
    }
  },
});

import { sizeWords } from '../../quantity/size';
import type { HoleEnd, WallSealEnd } from '../end';
import { formatEnd } from '../format';
import type { Figure, Service } from '../mating';
import { wallSealSize, wallSealStyle } from '../standards/wall-seals';
import type { WallSealSize } from '../standards/wall-seals/wall-seal';
import { type Explanation, defineJointFamily, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'hole-too-small': ['will-not-go'],
  'hole-too-large': ['starts-then-leaks'],
  'wall-too-thick': ['will-not-go'],
  'wall-too-thin': ['starts-then-leaks'],
  'curve-too-sharp': ['starts-then-leaks'],
  'curve-in-doubt': ['fits-unrated'],
  'curve-falls-only': ['holds'],
  'sealed-by-washer': ['holds-with', 'washer'],
  sealed: ['holds'],
});
/** A hole is sawn no truer than this. */
const SAWN_MM = 0.5;
/** A wall is gauged no truer than this: two millimetres grip what five sixty-fourths of an inch do. */
const GAUGED_MM = 0.1;

/** What can be wrong between a wall and what is to stand in it. */
export type Misfit = Exclude<keyof typeof JUDGEMENTS, 'sealed' | 'sealed-by-washer' | 'curve-falls-only'>;

/** Everything that is wrong between a hole in its wall and a row of a seal, worst first. */
export function misfitsOf(
  hole: HoleEnd,
  { holeMm, gripMm, leastRadiusMm, mayRadiusMm = leastRadiusMm }: WallSealSize,
): readonly Misfit[] {
  const radiusMm = hole.wallRadiusMm ?? Infinity;
  const found: readonly (readonly [Misfit, boolean])[] = [
    ['hole-too-small', hole.diameterMm < holeMm[0] - SAWN_MM],
    ['hole-too-large', hole.diameterMm > holeMm[1] + SAWN_MM],
    ['wall-too-thick', hole.wallMm > gripMm[1] + GAUGED_MM],
    ['wall-too-thin', hole.wallMm < gripMm[0] - GAUGED_MM],
    ['curve-too-sharp', radiusMm < mayRadiusMm],
    ['curve-in-doubt', radiusMm >= mayRadiusMm && radiusMm < leastRadiusMm],
  ];
  return found.flatMap(([misfit, is]) => (is ? [misfit] : []));
}

function reasonOf(hole: HoleEnd, seal: WallSealEnd, service: Service | undefined): keyof typeof JUDGEMENTS {
  const [misfit] = misfitsOf(hole, wallSealSize(seal.style, seal.size));
  // Water that only runs past does not stand on the lip.
  if (misfit === 'curve-in-doubt' && service === 'drain') return 'curve-falls-only';
  return misfit ?? (wallSealStyle(seal.style).washer ? 'sealed-by-washer' : 'sealed');
}

/**
 * How far a flat washer of this diameter stands off a wall of this radius at its edge: the rise of the arc over half of
 * the washer [same unit as given].
 */
export const gapUnderWasher = (washer: number, radius: number): number =>
  radius === Infinity ? 0 : radius <= washer / 2 ? Infinity : radius - Math.sqrt(radius ** 2 - (washer / 2) ** 2);

/** What stands in the hole of a wall: judged by hole, wall thickness and how sharply the wall is curved. */
export const sealInHole = defineJointFamily({
  kinds: ['hole', 'wall-seal'],
  judge: (hole, seal, { service }) => JUDGEMENTS[reasonOf(hole, seal, service)],
  explain: (hole, seal, _conditions, { reason }): Explanation => {
    const row = wallSealSize(seal.style, seal.size);
    const { called, why, source, tighten } = wallSealStyle(seal.style);
    const [leastHole, mostHole] = row.holeMm;
    const [leastWall, mostWall] = row.gripMm;
    const basis: Figure[] = [
      { name: 'hole', value: hole.diameterMm, unit: 'mm' },
      { name: 'least hole', value: leastHole, unit: 'mm' },
      { name: 'largest hole', value: mostHole, unit: 'mm' },
      { name: 'wall', value: hole.wallMm, unit: 'mm' },
      { name: 'thickest wall it grips', value: mostWall, unit: 'mm' },
    ];
    const none = { needs: [], basis, sources: [source], engagementMm: 0 } as const;
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
      case 'curve-too-sharp': {
        const radiusMm = hole.wallRadiusMm ?? 0;
        return {
          ...none,
          why: `The wall curves at ${mm(radiusMm)}; a flat ${called} of this size seals down to ${mm(row.leastRadiusMm)}: ${mm(gapUnderWasher(row.flangeMm, radiusMm))} open under its edge against ${mm(gapUnderWasher(row.flangeMm, row.leastRadiusMm))}.`,
          instead: wallSealStyle(seal.style).washer
            ? 'Use a smaller one, or a push-through gasket.'
            : 'Use a smaller gasket.',
        };
      }
      case 'curve-in-doubt':
      case 'curve-falls-only':
        return {
          ...none,
          why: `The wall curves at ${mm(hole.wallRadiusMm ?? 0)}; a ${called} of this size surely lies flat down to ${mm(row.leastRadiusMm)}, and is used down to ${mm(row.mayRadiusMm ?? 0)}: it may need a flatter place.`,
          instead: 'Choose the flattest place of the wall, fill above it, and look.',
          engagementMm: hole.wallMm,
        };
      case 'sealed-by-washer':
        return {
          ...none,
          needs: [{ kind: 'washer', name: `${sizeWords(seal.size)} ${called} gasket`, comesWith: formatEnd(seal) }],
          why,
          engagementMm: hole.wallMm,
          ...(tighten === undefined ? {} : { tighten }),
        };
      case 'sealed':
        return { ...none, why, engagementMm: hole.wallMm };
    }
  },
});

import type { DrainLeg } from '../../falls/drain';
import type { Fix } from '../finding';
import { setFix } from '../move-fix';

/**
 * Gives a length of drain the least fall. The rise of a pipe is said as it is walked from the tank: what comes in falls
 * towards it.
 */
export const letItFall = ({ run: { penetration }, leg: { placed } }: DrainLeg, leastM: number): Fix =>
  setFix(
    'parts',
    placed,
    'riseM',
    placed.riseM,
    penetration.roles.includes('inlet') ? leastM : -leastM,
    'Let it fall by {least}',
    { least: { lengthM: leastM } },
  );

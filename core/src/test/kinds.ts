import { PATTERNS } from '../patterns/patterns';
import { REGIONS } from '../region';
import { DEEP } from './runs';

/**
 * The eighteen kinds of system, each in some of the four regions, each region with as many of the kinds; in the long run every
 * kind in every region.
 */
export const kindsInRegions = (regionsEach: number) =>
  PATTERNS.flatMap((pattern, at) =>
    REGIONS.filter((_, which) => DEEP || (which + at) % REGIONS.length < regionsEach).map((region) => ({
      id: pattern.id,
      pattern,
      region,
    })),
  );

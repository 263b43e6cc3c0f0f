import type { JudgedJoint } from '../derived/context';
import { type Part, overallMm } from '../fittings/part';

/**
 * How far two parts stand in one another [m]. What goes through a gasket is reckoned from the outside of the wall, as it is
 * measured, and not from the lip that stands before it.
 *
 * @param parts  the two, where they are known
 * @param wallM  thickness of the wall that a gasket sits in
 */
export function standsInM(
  judged: JudgedJoint | undefined,
  parts: readonly (Part | undefined)[],
  wallM: number,
): number {
  if (!judged) return 0;
  const gasket = [judged.a, judged.b].some(({ end }) => end?.kind === 'gasket')
    ? parts.find((part) => part?.wallFaceMm !== undefined)
    : undefined;
  const lipM = gasket ? Math.max(0, (overallMm(gasket) - (gasket.wallFaceMm ?? 0)) / 1000 - wallM) : 0;
  return judged.mating.engagementMm / 1000 + lipM;
}

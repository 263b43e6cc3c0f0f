import type { Figure, Mating } from '../mating';
import { HOSE_SOURCES, hoseSize } from '../standards/hose';
import { defineJointFamily } from './joint-family';

// Turning points, as a share of the bore. Engineering judgement (common practice, no source).
const LEAST_INTERFERENCE = 0.02;
const MOST_INTERFERENCE = 0.13;
/** Goes on with hot water and force; the wall is thinned. */
const FORCED_INTERFERENCE = 0.36;
/** A barb this much smaller than the bore does not even catch. */
const FALLS_IN = -0.5;

/** A hose pushed over a barb and clamped: judged by how much the barb is larger than the bore. */
export const hoseOnBarb = defineJointFamily(['hose', 'hose'], (a, b): Mating => {
  const none = { needs: [], basis: [] as Figure[], sources: HOSE_SOURCES, engagementMm: 0 } as const;
  if (a.part === b.part)
    return {
      ...none,
      verdict: 'will-not-go',
      why: a.part === 'barb' ? 'Both ends are barbs.' : 'Both ends are open hose.',
      instead: a.part === 'barb' ? 'Put a piece of hose between.' : 'Put a hose joiner between.',
    };
  const [barbEnd, boreEnd] = a.part === 'barb' ? [a, b] : [b, a];
  const barb = hoseSize(barbEnd.size);
  const hose = hoseSize(boreEnd.size);
  const crestMm = (barb.barbCrestMm[0] + barb.barbCrestMm[1]) / 2;
  const overMm = crestMm - hose.boreMm;
  const share = overMm / hose.boreMm;
  const basis: Figure[] = [
    { name: 'barb over its crests', value: crestMm, unit: 'mm' },
    { name: 'bore of the hose', value: hose.boreMm, unit: 'mm' },
  ];
  const instead = `Use a ${boreEnd.size} in barb.`;
  if (share > FORCED_INTERFERENCE || share < FALLS_IN)
    return {
      ...none,
      basis,
      verdict: 'will-not-go',
      why: `The barb is ${Math.abs(overMm).toFixed(1)} mm ${overMm > 0 ? 'over' : 'under'} the bore.`,
      instead,
    };
  if (share > MOST_INTERFERENCE)
    return {
      ...none,
      basis,
      verdict: 'fits-unrated',
      why: `The barb is ${overMm.toFixed(1)} mm over the bore: goes on with hot water and force, and the thinned wall splits.`,
      instead,
      engagementMm: barb.barbLengthMm,
    };
  if (share < LEAST_INTERFERENCE)
    return {
      ...none,
      basis,
      verdict: 'starts-then-leaks',
      why: `The barb is ${Math.abs(overMm).toFixed(1)} mm under the bore: a clamp pinches the hose oval and it weeps.`,
      instead,
      engagementMm: barb.barbLengthMm,
    };
  return {
    ...none,
    basis,
    verdict: 'holds-with',
    needs: [{ kind: 'clamp', name: `worm-drive clamp no. ${hose.clampNumber}`, count: hose.clampsPerJoint }],
    why: `The barb is ${overMm.toFixed(1)} mm over the bore and the clamp closes on ${hose.outsideOnBarbMm} mm outside.`,
    engagementMm: barb.barbLengthMm,
  };
});

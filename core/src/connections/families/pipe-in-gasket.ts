import type { Mating } from '../mating';
import { pipeSize } from '../standards/pipe-series';
import { pipeSeries } from '../standards/pipes';
import { WALL_SEAL_SOURCE } from '../standards/wall-seals';
import { defineJointFamily } from './joint-family';

/** How much the pipe may differ outside from the one the gasket is made for, in mm. Our judgement from the squeeze of such gaskets. */
const LOOSE_MM = -0.8;
const TIGHT_MM = 0.8;
const FORCED_MM = 2;
/** Pipe stands through the wall by about this much inside (common practice). */
const THROUGH_MM = 40;

/** Plain pipe pushed through a flexible gasket: seals by squeeze on a round pipe of the gasket's own series, and holds no pull. */
export const pipeInGasket = defineJointFamily(['gasket', 'pipe'], (gasket, pipe): Mating => {
  const sources = [WALL_SEAL_SOURCE, ...pipeSeries(pipe.series).sources];
  const none = { needs: [], basis: [], sources, engagementMm: 0 } as const;
  if (pipe.part === 'socket')
    return {
      ...none,
      verdict: 'will-not-go',
      why: 'A gasket takes plain pipe, not a socket.',
      instead: 'Put a piece of pipe between.',
    };
  const madeForMm = pipeSize(pipeSeries(gasket.series), gasket.size).outsideMm;
  const outsideMm = pipeSize(pipeSeries(pipe.series), pipe.size).outsideMm;
  const overMm = outsideMm - madeForMm;
  const basis = [
    { name: 'outside of the pipe', value: outsideMm, unit: 'mm' },
    { name: 'pipe the gasket is made for', value: madeForMm, unit: 'mm' },
  ] as const;
  const instead = `Use a gasket for ${pipe.size} in pipe.`;
  if (overMm > FORCED_MM)
    return {
      ...none,
      basis,
      verdict: 'will-not-go',
      why: `The pipe is ${overMm.toFixed(1)} mm larger than the gasket is made for.`,
      instead,
    };
  if (overMm > TIGHT_MM)
    return {
      ...none,
      basis,
      verdict: 'fits-unrated',
      why: `The pipe is ${overMm.toFixed(1)} mm larger than meant: hard to push, and the lip is stretched.`,
      instead,
      engagementMm: THROUGH_MM,
    };
  if (overMm < LOOSE_MM)
    return {
      ...none,
      basis,
      verdict: 'starts-then-leaks',
      why: `The pipe is ${(-overMm).toFixed(1)} mm too thin for the squeeze.`,
      instead,
      engagementMm: THROUGH_MM,
    };
  return {
    ...none,
    basis,
    verdict: 'holds-with',
    needs: [{ kind: 'lubricant' }],
    why: 'The lip squeezes the pipe it is made for. Bevel the pipe, wet it with soapy water, push from outside. It holds no pull: support the pipe.',
    engagementMm: THROUGH_MM,
  };
});

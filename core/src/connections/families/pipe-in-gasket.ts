import { differenceMm } from '../../quantity/length';
import type { PipeSize } from '../standards/pipe-series';
import { pipeOf, pipeSeries } from '../standards/pipes';
import { WALL_SEAL_SOURCE } from '../standards/wall-seals/wall-seal';
import { type Explanation, defineJointFamily, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'not-plain': ['will-not-go'],
  'no-round': ['starts-then-leaks'],
  'other-shape': ['will-not-go'],
  'too-large': ['will-not-go'],
  stretched: ['fits-unrated'],
  'too-thin': ['starts-then-leaks'],
  'falls-through': ['will-not-go'],
  squeezed: ['holds-with', 'lubricant'],
});

/** How much the pipe may differ outside from the one the gasket is made for, in mm. Our judgement from the squeeze of such gaskets. */
const LOOSE_MM = -0.8;
const TIGHT_MM = 0.8;
const FORCED_MM = 2;
/** Thinner than this share of the gasket's own pipe it does not touch the lip. */
const FALLS_THROUGH_SHARE = 0.25;
/** Pipe stands through the wall by about this much inside (common practice). */
const THROUGH_MM = 40;

/** How plain pipe goes through the lip of a gasket that is made for another; both by their dimensions. */
export function pipeInLip(offered: PipeSize, madeFor: PipeSize, ribbed = false): keyof typeof JUDGEMENTS {
  if (madeFor.shortSideMm !== undefined && offered.shortSideMm === undefined) return 'other-shape';
  const overMm = offered.outsideMm - madeFor.outsideMm;
  if (overMm < -FALLS_THROUGH_SHARE * madeFor.outsideMm) return 'falls-through';
  if (offered.shortSideMm !== undefined || ribbed) return 'no-round';
  if (overMm > FORCED_MM) return 'too-large';
  if (overMm > TIGHT_MM) return 'stretched';
  return overMm < LOOSE_MM ? 'too-thin' : 'squeezed';
}

/** Plain pipe pushed through a flexible gasket: seals by squeeze on a round pipe of the gasket's own diameter, and holds no pull. */
export const pipeInGasket = defineJointFamily({
  kinds: ['gasket', 'pipe'],
  judge: (gasket, pipe) => {
    if (pipe.part !== 'spigot') return JUDGEMENTS['not-plain'];
    return JUDGEMENTS[pipeInLip(pipeOf(pipe), pipeOf(gasket), pipeSeries(pipe.series).ribbed === true)];
  },
  explain: (gasket, pipe, _conditions, { reason }): Explanation => {
    const [madeForMm, { outsideMm }] = [pipeOf(gasket).outsideMm, pipeOf(pipe)];
    const overMm = outsideMm - madeForMm;
    const by = differenceMm(overMm);
    const made = {
      needs: [],
      basis: [
        { name: 'outside of the pipe', value: outsideMm, unit: 'mm' },
        { name: 'pipe the gasket is made for', value: madeForMm, unit: 'mm' },
      ],
      sources: [WALL_SEAL_SOURCE, ...pipeSeries(pipe.series).sources],
      engagementMm: THROUGH_MM,
    } as const;
    const instead = `Use a gasket for ${pipe.size} ${pipeSeries(pipe.series).token} pipe.`;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'not-plain':
        return {
          ...made,
          engagementMm: 0,
          basis: [],
          why: 'A gasket takes plain pipe, not a fitting.',
          instead: 'Put a piece of pipe between.',
        };
      case 'other-shape':
        return { ...made, engagementMm: 0, instead, why: 'The opening is rectangular, the pipe is round.' };
      case 'no-round':
        return { ...made, instead, why: 'The lip seals only on round, smooth pipe.' };
      case 'falls-through':
        return { ...made, engagementMm: 0, instead, why: `The pipe is ${by} thinner: it does not touch the lip.` };
      case 'too-large':
        return { ...made, engagementMm: 0, instead, why: `The pipe is ${by} larger than the gasket is made for.` };
      case 'stretched':
        return {
          ...made,
          needs: [{ kind: 'lubricant' }],
          instead,
          why: `The pipe is ${by} larger than meant: hard to push, and the lip is stretched.`,
        };
      case 'too-thin':
        return { ...made, instead, why: `The pipe is ${by} too thin for the squeeze.` };
      case 'squeezed':
        return {
          ...made,
          needs: [{ kind: 'lubricant' }],
          why: 'The lip squeezes the pipe it is made for. Bevel the pipe, wet it with soapy water, push from outside. It holds no pull: support the pipe.',
        };
    }
  },
});

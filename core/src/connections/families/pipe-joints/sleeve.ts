import { differenceMm } from '../../../quantity/length';
import { wormDrives } from '../../make-up/clamp';
import { judgements } from '../joint-family';
import { type PipeJoint, diameters, isRectangular, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  clamps: ['holds-with', 'clamp'],
  pressed: ['starts-then-leaks'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'no-round': ['will-not-go'],
});

// What a rubber sleeve takes up, as a share of the diameter it is made for (from memory: makers print a range).
const STRETCHES_SHARE = 0.03;
const CLOSES_SHARE = 0.05;
/** Rubber over the pipe, which the clamp closes on as well (from memory). */
const RUBBER_MM = 5;
/** What the clamp of a sleeve closes on [mm]. */
export const overRubberMm = (pipeOutsideMm: number): number => pipeOutsideMm + 2 * RUBBER_MM;

/** A rubber coupling with a clamp at each end, over two pipes of about one diameter: for drains and the head of a tank. */
export const sleeve: PipeJoint = {
  judge: (pair, { service }) => {
    if (isRectangular(pair.pipe) || pair.pipeSeries.ribbed) return JUDGEMENTS['no-round'];
    const share = overMm(pair) / pair.madeFor.outsideMm;
    if (share > STRETCHES_SHARE) return JUDGEMENTS['too-large'];
    if (share < -CLOSES_SHARE) return JUDGEMENTS['too-small'];
    return service === 'pressure' ? JUDGEMENTS.pressed : JUDGEMENTS.clamps;
  },
  explain: (pair, { reason }) => {
    const { pipe } = pair;
    const basis = diameters(pair);
    const not = { needs: [], basis, engagementMm: 0, instead: 'Use a sleeve made for this outside diameter.' } as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'no-round':
        return { ...not, why: 'The rubber seals only on round, smooth pipe.' };
      case 'too-large':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} larger than the rubber stretches to.` };
      case 'too-small':
        return {
          ...not,
          why: `The pipe is ${differenceMm(overMm(pair))} thinner than the clamp can close the rubber on.`,
        };
      case 'pressed':
        return {
          ...not,
          instead: 'Use fittings that are made for pressure.',
          why: 'The clamp holds the head of a tank; a pump or the mains push the pipe out of the rubber.',
        };
      case 'clamps':
        return {
          needs: [wormDrives(overRubberMm(pipe.outsideMm), 1)],
          basis,
          engagementMm: Math.min(50, pipe.outsideMm),
          why: 'The clamp presses the rubber on the pipe. Good for drains and the head of a tank; not for a pump or the mains.',
          tighten: 'Tighten the clamp until the rubber starts to bulge beside it.',
        };
    }
  },
};

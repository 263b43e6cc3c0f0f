import { differenceMm } from '../../../quantity/length';
import { judgements } from '../joint-family';
import { type PipeJoint, diameters, isRectangular } from './pipe-joint';

const JUDGEMENTS = judgements({
  laps: ['holds'],
  'runs-out': ['starts-then-leaks'],
  dry: ['fits-unrated'],
  'other-shape': ['will-not-go'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'falls-through': ['will-not-go'],
});

/** A pipe this much thinner than the hub is for still hangs in it; thinner it falls through. Our judgement. */
const HANGS_SHARE = 0.08;

/** Pushed or lapped together without a seal: holds falling water where the lap points down the flow, weeps under any head. */
export const dryHub: PipeJoint = {
  judge: ({ pipe, madeFor, fittingSeries }, { service }) => {
    if (isRectangular(pipe) !== isRectangular(madeFor)) return JUDGEMENTS['other-shape'];
    if (isRectangular(pipe) && Math.abs((pipe.shortSideMm ?? 0) - (madeFor.shortSideMm ?? 0)) > 3)
      return JUDGEMENTS['other-shape'];
    if (pipe.outsideMm > madeFor.socketMouthMm) return JUDGEMENTS['too-large'];
    if (pipe.outsideMm < madeFor.outsideMm * (1 - HANGS_SHARE)) return JUDGEMENTS['falls-through'];
    if (pipe.outsideMm < madeFor.socketBottomMm) return JUDGEMENTS['too-small'];
    if (service === 'head' || service === 'pressure') return JUDGEMENTS['runs-out'];
    return fittingSeries.family === 'downpipe' ? JUDGEMENTS.laps : JUDGEMENTS.dry;
  },
  explain: (pair, { reason }) => {
    const { pipe, madeFor } = pair;
    const basis = diameters(pair);
    const not = { needs: [], basis, engagementMm: 0, instead: 'Use an adapter between the two.' } as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'other-shape':
        return { ...not, why: 'One is round and the other is not, or the sides differ.' };
      case 'too-large':
        return {
          ...not,
          why: `The pipe is ${differenceMm(pipe.outsideMm - madeFor.socketMouthMm)} larger than the hub.`,
        };
      case 'falls-through':
        return {
          ...not,
          why: `The pipe is ${differenceMm(madeFor.outsideMm - pipe.outsideMm)} thinner: it falls through.`,
        };
      case 'too-small':
        return {
          ...not,
          why: `The pipe is ${differenceMm(madeFor.outsideMm - pipe.outsideMm)} thin for the hub: it rattles and drips.`,
        };
      case 'runs-out':
        return {
          ...not,
          instead: 'Use a socket that is cemented, or one with a rubber ring.',
          why: 'There is no seal in a lap: where water stands, it runs out.',
        };
      case 'laps':
        return {
          needs: [],
          basis,
          engagementMm: madeFor.socketDepthMm,
          why: 'Lapped in the direction of flow it holds falling water. Under any head it runs out: never where it can fill.',
        };
      case 'dry':
        return {
          needs: [],
          basis,
          engagementMm: madeFor.socketDepthMm,
          why: 'Pushed together dry it holds falling water and weeps under any head.',
          instead: 'Cement it, or use a hub with a rubber ring, where water can stand.',
        };
    }
  },
};

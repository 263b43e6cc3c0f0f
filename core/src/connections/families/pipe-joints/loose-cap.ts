import { differenceMm } from '../../../quantity/length';
import { judgements } from '../joint-family';
import { type PipeJoint, diameters } from './pipe-joint';

const JUDGEMENTS = judgements({
  lies: ['holds'],
  'blows-off': ['starts-then-leaks'],
  'too-large': ['will-not-go'],
  'too-small': ['will-not-go'],
});

/** A pipe this much thinner than the cap is for, and the wind takes it. Our judgement. */
const STAYS_SHARE = 0.05;

/** Set over the open top of an upright pipe: it keeps out what falls and crawls, lets air through, and lifts off again. */
export const looseCap: PipeJoint = {
  judge: ({ pipe, madeFor }, { service }) => {
    if (pipe.outsideMm > madeFor.socketMouthMm) return JUDGEMENTS['too-large'];
    return pipe.outsideMm < madeFor.outsideMm * (1 - STAYS_SHARE)
      ? JUDGEMENTS['too-small']
      : service === 'pressure'
        ? JUDGEMENTS['blows-off']
        : JUDGEMENTS.lies;
  },
  explain: (pair, { reason }) => {
    const { pipe, madeFor } = pair;
    const basis = diameters(pair);
    const not = { needs: [], basis, engagementMm: 0, instead: 'Take the cap of this pipe.' } as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'too-large':
        return {
          ...not,
          why: `The pipe is ${differenceMm(pipe.outsideMm - madeFor.socketMouthMm)} larger than the cap.`,
        };
      case 'too-small':
        return {
          ...not,
          why: `The pipe is ${differenceMm(madeFor.outsideMm - pipe.outsideMm)} thinner: the cap falls off.`,
        };
      case 'blows-off':
        return {
          ...not,
          instead: 'Close it with a cap that is cemented or screwed.',
          why: 'It is only set over the end: a pump lifts it off.',
        };
      case 'lies':
        return {
          needs: [],
          basis,
          engagementMm: madeFor.socketDepthMm,
          why: 'Set over the open end and not glued: air goes through, and it lifts off to clean the tube. It holds no water.',
        };
    }
  },
};

import { differenceMm } from '../../../quantity/length';
import { insertFor } from '../../make-up/insert';
import type { Explanation } from '../joint-family';
import { judgements } from '../joint-family';
import { agreement, type PipeJoint, type PipePair, diameters, isRectangular, oneFamily, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  'ring-squeezes': ['holds-with', 'lubricant'],
  'ring-and-teeth': ['holds'],
  'needs-insert': ['holds-with', 'insert'],
  'ring-pressed': ['starts-then-leaks'],
  'material-not-said': ['unknown'],
  'other-series': ['fits-unrated'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'falls-through': ['will-not-go'],
  'no-round': ['will-not-go'],
});

// How far a pipe may differ from the one a ring is made for, in mm. Our judgement from the squeeze of such rings.
const LARGER_MM = 0.5;
const SMALLER_MM = 0.5;
/** Looser than this share of its diameter it does not even touch the ring. */
const FALLS_THROUGH_SHARE = 0.06;

const soft = ({ pipeMaterial }: PipePair): boolean => pipeMaterial === 'pex' || pipeMaterial === 'polyethylene';

/** A pipe pushed past a rubber ring: by squeeze on a round, smooth pipe of its own diameter. Pressure fittings also grip it with teeth. */
export const pushFit: PipeJoint = {
  judge: (pair, { service }) => {
    const { pipe, madeFor, pipeSeries, fittingSeries, pipeMaterial } = pair;
    if (isRectangular(pipe) || pipeSeries.ribbed) return JUDGEMENTS['no-round'];
    const over = overMm(pair);
    if (over > LARGER_MM) return JUDGEMENTS['too-large'];
    if (over < -FALLS_THROUGH_SHARE * madeFor.outsideMm) return JUDGEMENTS['falls-through'];
    if (over < -SMALLER_MM) return JUDGEMENTS['too-small'];
    if (!oneFamily(pair)) return JUDGEMENTS['other-series'];
    if (!fittingSeries.pressure)
      return service === 'pressure' ? JUDGEMENTS['ring-pressed'] : JUDGEMENTS['ring-squeezes'];
    if (pipeMaterial === undefined) return JUDGEMENTS['material-not-said'];
    return soft(pair) ? JUDGEMENTS['needs-insert'] : JUDGEMENTS['ring-and-teeth'];
  },
  explain: (pair, { reason }) => {
    const { madeFor } = pair;
    const made = { needs: [], basis: diameters(pair), engagementMm: madeFor.socketDepthMm } satisfies Omit<
      Explanation,
      'sources' | 'why'
    >;
    const not = { ...made, engagementMm: 0, instead: 'Use a fitting for this pipe.' };
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'no-round':
        return { ...not, why: 'The ring seals only on round, smooth pipe.' };
      case 'too-large':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} larger than the ring is made for.` };
      case 'falls-through':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} too thin: it does not touch the ring.` };
      case 'too-small':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} too thin for the squeeze of the ring.` };
      case 'other-series':
        return {
          ...made,
          needs: !pair.fittingSeries.pressure ? [{ kind: 'lubricant' }] : soft(pair) ? [insertFor(pair.spigot)] : [],
          instead: 'Use an adapter between the two series.',
          why: `${agreement(pair)}, but they are two standards: the ring may or may not seal.`,
        };
      case 'ring-pressed':
        return {
          ...not,
          instead: 'Use fittings that are made for pressure.',
          why: 'The ring holds no pull: a pump or the mains push the pipe out of it.',
        };
      case 'material-not-said':
        return {
          ...not,
          instead: 'Say what the tube is made of.',
          why: 'Copper is pushed in as it is, soft tube only with its insert: nothing can be said before the tube is named.',
        };
      case 'ring-squeezes':
        return {
          ...made,
          needs: [{ kind: 'lubricant' }],
          why: 'The ring squeezes the pipe. Bevel it, wet it with soapy water, push it home and pull it back 10 mm for heat. It holds no pull: bracket the pipe.',
        };
      case 'ring-and-teeth':
        return {
          ...made,
          why: 'The ring seals and the teeth grip. Cut square, take the burr off, push past the second stop.',
        };
      case 'needs-insert':
        return {
          ...made,
          needs: [insertFor(pair.spigot)],
          why: 'Soft pipe needs its insert inside, or the ring squeezes it out of round.',
        };
    }
  },
};

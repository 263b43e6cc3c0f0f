import { differenceMm } from '../../../quantity/length';
import { judgements } from '../joint-family';
import { type PipeJoint, diameters, isRectangular, oneFamily, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  'bolts-round': ['holds'],
  'other-series': ['fits-unrated'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'no-round': ['will-not-go'],
});

/** How far a saddle lies along its pipe to either side of its body, as a share of the outside (typical, value from memory). */
export const SADDLE_REACH = 0.25;

/** How far a pipe may differ from the one the saddle is bored for before its ring no longer lies on it [mm] (value from memory). */
const OFF_MM = 0.8;

/** A saddle bolted round a pipe that goes on through it: its ring lies on the outside, the hole is drilled inside the ring. */
export const saddle: PipeJoint = {
  judge: (pair) => {
    if (isRectangular(pair.pipe) || pair.pipeSeries.ribbed) return JUDGEMENTS['no-round'];
    if (overMm(pair) > OFF_MM) return JUDGEMENTS['too-large'];
    if (overMm(pair) < -OFF_MM) return JUDGEMENTS['too-small'];
    return oneFamily(pair) ? JUDGEMENTS['bolts-round'] : JUDGEMENTS['other-series'];
  },
  explain: (pair, { reason }) => {
    const basis = diameters(pair);
    const not = { needs: [], basis, engagementMm: 0, instead: 'Use a saddle for this outside diameter.' } as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'no-round':
        return { ...not, why: 'The ring of a saddle lies only on round, smooth pipe.' };
      case 'too-large':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} larger than the saddle closes round.` };
      case 'too-small':
        return {
          ...not,
          why: `The pipe is ${differenceMm(overMm(pair))} thinner: the halves meet before the ring is pressed.`,
        };
      case 'other-series':
        return { ...not, why: 'The diameters agree, but they are two standards: the ring may or may not seal.' };
      case 'bolts-round':
        return {
          needs: [],
          basis,
          engagementMm: SADDLE_REACH * pair.madeFor.outsideMm,
          why: 'The pipe is not cut: the saddle is bolted round it and drilled through inside its ring.',
          tighten: 'Bolts evenly crosswise, until the ring is flat; no more on plastic.',
        };
    }
  },
};

import { differenceMm } from '../../../quantity/length';
import type { Material } from '../../material';
import type { Explanation } from '../joint-family';
import { judgements } from '../joint-family';
import { type PipeJoint, agreement, diameters, isRectangular, oneFamily, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  pressed: ['holds'],
  'other-series': ['fits-unrated'],
  'too-soft': ['starts-then-leaks'],
  'material-not-said': ['unknown'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'falls-through': ['will-not-go'],
  'no-round': ['will-not-go'],
});

/** What bears the jaws: a tube that gives way is squeezed flat instead (common practice). */
const PRESSED: readonly Material[] = ['copper', 'stainless'];

// How far a tube may differ from the one the jaws are made for, in mm; our judgement, as for a compression ring.
const SAME_MM = 0.15;
const FALLS_THROUGH_MM = 2.5;

/** A ring of rubber in a bead that a tool closes round the tube: by its outside diameter and its hardness. */
export const press: PipeJoint = {
  judge: (pair) => {
    if (isRectangular(pair.pipe) || pair.pipeSeries.ribbed) return JUDGEMENTS['no-round'];
    const over = overMm(pair);
    if (over > SAME_MM) return JUDGEMENTS['too-large'];
    if (over < -FALLS_THROUGH_MM) return JUDGEMENTS['falls-through'];
    if (over < -SAME_MM) return JUDGEMENTS['too-small'];
    if (pair.pipeMaterial === undefined) return JUDGEMENTS['material-not-said'];
    if (!PRESSED.includes(pair.pipeMaterial)) return JUDGEMENTS['too-soft'];
    return oneFamily(pair) ? JUDGEMENTS.pressed : JUDGEMENTS['other-series'];
  },
  explain: (pair, { reason }) => {
    const made = { needs: [], basis: diameters(pair), engagementMm: pair.madeFor.socketDepthMm } satisfies Omit<
      Explanation,
      'sources' | 'why'
    >;
    const not = { ...made, engagementMm: 0, instead: 'Use a press fitting made for this tube.' };
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'no-round':
        return { ...not, why: 'The jaws close only on round, smooth tube.' };
      case 'too-large':
        return { ...not, why: `The tube is ${differenceMm(overMm(pair))} larger than the bead: it does not enter.` };
      case 'falls-through':
        return { ...not, why: `The tube is ${differenceMm(overMm(pair))} thinner than the bead: it falls through.` };
      case 'too-small':
        return { ...not, why: `The tube is ${differenceMm(overMm(pair))} thin for the bead: pressed, it still weeps.` };
      case 'other-series':
        return {
          ...made,
          instead: 'Use the press fitting of this tube.',
          why: `${agreement(pair)}, but the jaws are those of another standard.`,
        };
      case 'too-soft':
        return {
          ...not,
          instead: 'Use a compression fitting with an insert, or push-fit.',
          why: 'The jaws squeeze plastic tube flat: only copper and stainless tube is pressed.',
        };
      case 'material-not-said':
        return {
          ...not,
          instead: 'Say what the tube is made of.',
          why: 'Only copper and stainless tube is pressed: nothing can be said before the tube is named.',
        };
      case 'pressed':
        return {
          ...made,
          why: 'The tool closes the bead and its rubber round the tube for good. Cut square, take the burr off, mark the depth, press once.',
        };
    }
  },
};

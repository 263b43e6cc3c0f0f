import { differenceMm } from '../../../quantity/length';
import { type Material, isMetal } from '../../material';
import type { Explanation } from '../joint-family';
import { judgements } from '../joint-family';
import { insertFor } from '../../make-up/insert';
import { agreement, type PipeJoint, type PipePair, diameters, isRectangular, oneFamily, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  grips: ['holds'],
  'needs-insert': ['holds-with', 'insert'],
  'material-not-said': ['unknown'],
  nearly: ['fits-unrated'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  'falls-through': ['will-not-go'],
  'no-round': ['will-not-go'],
});

// How far a pipe may differ from the one a ring is made for, in mm (22 mm copper against 3/4 CTS is 0.2; our judgement).
const SAME_MM = 0.15;
const NEARLY_MM = 0.35;
const FALLS_THROUGH_MM = 2.5;

const SOFT: readonly Material[] = ['polyethylene', 'polypropylene', 'nylon'];

/** Does the ring squeeze the tube out of round? PEX in any fitting; other soft tube where ring and body are metal. */
const soft = ({ pipeMaterial, fittingMaterial }: PipePair): boolean =>
  pipeMaterial === 'pex' ||
  (pipeMaterial !== undefined &&
    SOFT.includes(pipeMaterial) &&
    fittingMaterial !== undefined &&
    isMetal(fittingMaterial));

/** Exported for pipe that is known by its bore but gripped by its outside. */
export function compressionReason(overByMm: number): 'grips' | 'nearly' | 'too-large' | 'too-small' | 'falls-through' {
  if (overByMm > NEARLY_MM) return 'too-large';
  if (Math.abs(overByMm) <= SAME_MM) return 'grips';
  if (overByMm >= -NEARLY_MM) return 'nearly';
  return overByMm >= -FALLS_THROUGH_MM ? 'too-small' : 'falls-through';
}

/** A pipe gripped by a ring under a nut: by its outside diameter, to a few tenths. */
export const compression: PipeJoint = {
  judge: (pair) => {
    if (isRectangular(pair.pipe) || pair.pipeSeries.ribbed) return JUDGEMENTS['no-round'];
    const reason = compressionReason(overMm(pair));
    if (reason !== 'grips') return JUDGEMENTS[reason];
    if (!oneFamily(pair)) return JUDGEMENTS.nearly;
    if (pair.pipeMaterial === undefined) return JUDGEMENTS['material-not-said'];
    return soft(pair) ? JUDGEMENTS['needs-insert'] : JUDGEMENTS.grips;
  },
  explain: (pair, { reason }) => {
    const { spigot, madeFor } = pair;
    const made = { needs: [], basis: diameters(pair), engagementMm: madeFor.socketDepthMm } satisfies Omit<
      Explanation,
      'sources' | 'why'
    >;
    const not = {
      ...made,
      engagementMm: 0,
      instead: `Use a compression fitting for ${spigot.size} ${pair.pipeSeries.token}.`,
    };
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'no-round':
        return { ...not, why: 'The ring grips only round, smooth pipe.' };
      case 'too-large':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} larger than the ring: it does not enter.` };
      case 'too-small':
        return {
          ...not,
          why: `The pipe is ${differenceMm(overMm(pair))} thinner than the ring is made for: the nut comes tight, then it weeps and slides out.`,
        };
      case 'falls-through':
        return { ...not, why: `The pipe is ${differenceMm(overMm(pair))} thinner than the ring: it falls through.` };
      case 'nearly':
        return {
          ...made,
          needs: soft(pair) ? [insertFor(pair.spigot)] : [],
          instead: 'Use a conversion coupling, or the ring made for this tube.',
          why: `${agreement(pair)}, and it is of another standard: it can be pulled tight, no standard rates it.`,
        };
      case 'grips':
        return {
          ...made,
          why: 'The ring grips the pipe it is made for. No tape and no paste on the nut.',
          tighten: 'Hand tight, then as the maker says: about a turn on metal, to the stop on plastic.',
        };
      case 'material-not-said':
        return {
          ...not,
          instead: 'Say what the tube is made of.',
          why: 'Copper is gripped as it is, soft tube only with its insert: nothing can be said before the tube is named.',
        };
      case 'needs-insert':
        return {
          ...made,
          needs: [insertFor(pair.spigot)],
          why: 'Soft pipe needs its insert inside, or the ring squeezes it out of round.',
          tighten: 'Hand tight, then about a turn.',
        };
    }
  },
};

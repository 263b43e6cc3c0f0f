import { sizeWords } from '../../../quantity/size';
import type { Explanation } from '../joint-family';
import { judgements } from '../joint-family';
import { type PipeJoint, diameters, isRectangular, oneFamily, overMm } from './pipe-joint';

const JUDGEMENTS = judgements({
  rings: ['holds-with', 'clamp'],
  'not-soft': ['will-not-go'],
  'material-not-said': ['unknown'],
  'other-tube': ['will-not-go'],
});

/** Tube of another size does not go over the insert, or hangs loose on it; our judgement, as for a compression ring. */
const SAME_MM = 0.15;

/** How a ring closes soft tube on the insert inside it. */
interface Ring {
  readonly name: string;
  readonly why: string;
  readonly tighten: string;
}

/** An insert inside cross-linked tube with a ring over it: by size and material, and no other tube. */
const ringOver = ({ name, why, tighten }: Ring): PipeJoint => ({
  judge: (pair) => {
    if (isRectangular(pair.pipe) || !oneFamily(pair) || Math.abs(overMm(pair)) > SAME_MM)
      return JUDGEMENTS['other-tube'];
    if (pair.pipeMaterial === undefined) return JUDGEMENTS['material-not-said'];
    return pair.pipeMaterial === 'pex' ? JUDGEMENTS.rings : JUDGEMENTS['not-soft'];
  },
  explain: (pair, { reason }) => {
    const made = { needs: [], basis: diameters(pair), engagementMm: 0 } satisfies Omit<Explanation, 'sources' | 'why'>;
    const not = { ...made, instead: 'Use a fitting made for this tube.' };
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'other-tube':
        return {
          ...not,
          why: 'The insert is made for one tube, by its bore: another size or series does not go on it.',
        };
      case 'not-soft':
        return { ...not, why: 'Hard tube does not give way over the insert: only cross-linked polyethylene does.' };
      case 'material-not-said':
        return {
          ...not,
          instead: 'Say what the tube is made of.',
          why: 'Only cross-linked polyethylene goes over the insert: nothing can be said before the tube is named.',
        };
      case 'rings':
        return {
          ...made,
          needs: [{ kind: 'clamp', name: `${sizeWords(pair.spigot.size)} ${name}`, count: 1 }],
          engagementMm: pair.madeFor.socketDepthMm,
          why,
          tighten,
        };
    }
  },
});

/** Copper ring squeezed by a tool: ASTM F1807 inserts. */
export const crimp = ringOver({
  name: 'crimp ring',
  why: 'The ring is squeezed over tube and insert by its tool. Its edge stands 3 to 6 mm from the end of the tube; check it with the gauge.',
  tighten: 'One squeeze, then the go and no-go gauge.',
});

/** Ring of the tube's own material: tube and ring are stretched and shrink on the fitting (ASTM F1960). */
export const expansion = ringOver({
  name: 'expansion ring',
  why: 'Ring and tube are stretched together and shrink on the fitting. Push home before they close; wait longer in the cold.',
  tighten: 'Hold it for some seconds; no water before it has shrunk (half an hour; longer below 5 C).',
});

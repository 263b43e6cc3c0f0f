import { SADDLE_REACH } from './pipe-joints/saddle';
import { wormDrives } from '../make-up/clamp';
import { differenceMm } from '../../quantity/length';
import { type HoseSize, hoseOf, hoseSystem } from '../standards/hose';
import { pipeOf, pipeSeries } from '../standards/pipes';
import { bare, defineJointFamily, judgements, sourcesOf } from './joint-family';
import { compressionReason } from './pipe-joints/compression';

const JUDGEMENTS = judgements({
  'no-way': ['will-not-go'],
  'grips-outside': ['holds'],
  'bolts-round': ['holds'],
  'pipe-in-hose': ['fits-unrated'],
  'loose-in-hose': ['starts-then-leaks'],
  'too-large': ['will-not-go'],
  'too-small': ['starts-then-leaks'],
  nearly: ['fits-unrated'],
  'falls-through': ['will-not-go'],
});

/** A plain pipe may be forced into a hose this much smaller than itself (our judgement). */
const FORCED_SHARE = 0.16;

/** How thick a hose is where it is stretched over its own tail [mm]. */
const wallOnTailMm = ({ outsideOnBarbMm, barbCrestMm: [least, most] }: HoseSize): number =>
  (outsideOnBarbMm - (least + most) / 2) / 2;

/** A hose offered to the fitting or the end of rigid pipe: plain pipe in a hose, or bore-controlled pipe in a compression fitting. */
export const hoseAndPipe = defineJointFamily({
  kinds: ['hose', 'pipe'],
  judge: (hose, pipe) => {
    if (hose.part === 'barb') return JUDGEMENTS['no-way'];
    const size = hoseOf(hose);
    const { outsideMm } = pipeOf(pipe);
    if (pipe.part === 'spigot' && hoseSystem(hose.system).id === 'hose') {
      const share = (outsideMm - size.boreMm) / size.boreMm;
      if (share > FORCED_SHARE) return JUDGEMENTS['no-way'];
      return share >= 0 ? JUDGEMENTS['pipe-in-hose'] : JUDGEMENTS['loose-in-hose'];
    }
    if (pipeSeries(pipe.series).takesHose === hose.system && pipe.size === hose.size)
      return JUDGEMENTS[pipe.part === 'saddle' ? 'bolts-round' : 'grips-outside'];
    if (pipe.part === 'compression' && size.outsideMm !== undefined) {
      const reason = compressionReason(size.outsideMm - outsideMm);
      return JUDGEMENTS[reason === 'grips' ? 'nearly' : reason];
    }
    return JUDGEMENTS['no-way'];
  },
  explain: (hose, pipe, _conditions, { reason }) => {
    const sources = sourcesOf(...hoseSystem(hose.system).sources, ...pipeSeries(pipe.series).sources);
    const size = hoseOf(hose);
    const { outsideMm } = pipeOf(pipe);
    const name = hoseSystem(hose.system).name;
    const made = {
      needs: [],
      basis: [
        { name: 'outside of the pipe', value: size.outsideMm ?? 0, unit: 'mm' },
        { name: 'pipe the fitting is made for', value: outsideMm, unit: 'mm' },
      ],
      sources,
    } as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'pipe-in-hose':
        return {
          ...bare(
            `The plain pipe ${outsideMm - size.boreMm < 0.005 ? 'just fills the bore' : `is ${differenceMm(outsideMm - size.boreMm)} over the bore`} and has no barbs: a clamp holds it against a little head, then it creeps off.`,
            sources,
            `Use a ${hose.size} hose tail.`,
          ),
          // The hose is as thick over the pipe as over its own tail.
          needs: [wormDrives(outsideMm + 2 * wallOnTailMm(size), size.clampsPerJoint)],
          engagementMm: 25,
        };
      case 'loose-in-hose':
        return bare(
          `The pipe is ${differenceMm(outsideMm - size.boreMm)} under the bore: it slips in and drips.`,
          sources,
          `Use a ${hose.size} hose tail.`,
        );
      case 'too-small':
      case 'nearly':
      case 'too-large':
      case 'falls-through':
        return bare(
          `This ${name} is about ${differenceMm(size.outsideMm ?? 0)} outside, the fitting is made for ${differenceMm(outsideMm)}, and its outside differs between makers.`,
          sources,
          'Use the tail and clamps made for its bore.',
        );
      case 'grips-outside':
        return {
          ...made,
          engagementMm: pipeOf(pipe).socketDepthMm,
          why: 'The ring grips the pipe it is made for from outside. Makers differ in the wall: use the fitting that is sold with the pipe.',
          tighten: 'Nut hand tight, then about a turn.',
        };
      case 'bolts-round':
        return {
          ...made,
          engagementMm: SADDLE_REACH * outsideMm,
          why: 'The pipe is not cut: the saddle is bolted round it and drilled through inside its ring.',
          tighten: 'Bolts evenly crosswise, until the ring is flat; no more on plastic.',
        };
      case 'no-way':
        return bare(
          hose.part === 'barb'
            ? 'A tail takes hose, not a fitting for rigid pipe.'
            : `Nothing in this fitting grips ${name}.`,
          sources,
          'Put a hose tail with a thread or spigot between.',
        );
    }
  },
});

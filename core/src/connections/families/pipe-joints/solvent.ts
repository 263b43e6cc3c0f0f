import { differenceMm } from '../../../quantity/length';
import { CEMENT_NAMES, MATERIAL_NAMES, type Material, cementFor, takesNoCement } from '../../material';
import { cementFor as cementNeed } from '../../make-up/cement';
import { solderFor } from '../../make-up/solder';
import type { Explanation } from '../joint-family';
import { judgements } from '../joint-family';
import { agreement, type PipeJoint, type PipePair, drainsOnly, isRectangular, oneFamily } from './pipe-joint';

const JUDGEMENTS = judgements({
  welds: ['holds-with', 'cement'],
  solders: ['holds-with', 'solder'],
  'over-mouth': ['will-not-go'],
  'falls-in': ['will-not-go'],
  'loose-in-socket': ['starts-then-leaks'],
  'no-cement-bonds': ['starts-then-leaks'],
  'wrong-cement': ['fits-unrated'],
  'no-cement-for-pair': ['fits-unrated'],
  'other-series': ['fits-unrated'],
  'drainage-mixed': ['fits-unrated'],
  'drainage-pressed': ['starts-then-leaks'],
  'transition-unsaid': ['fits-unrated'],
  'transition-pressed': ['starts-then-leaks'],
  'material-not-said': ['unknown'],
});

/** A pipe up to this loose goes in and looks made; looser than that it falls in. Our judgement. */
const LOOKS_MADE_MM = 1;

const plastics = ({
  pipeMaterial,
  fittingMaterial,
}: PipePair): readonly [Material | undefined, Material | undefined] => [pipeMaterial, fittingMaterial];

const stranger = (pair: PipePair): Material | undefined =>
  plastics(pair).find((one) => one !== undefined && takesNoCement(one));

/** Metals that solder runs on: tube of copper in fittings of copper or brass. */
const isSoldered = ({ pipeMaterial, fittingMaterial }: PipePair): boolean =>
  pipeMaterial === 'copper' && (fittingMaterial === 'copper' || fittingMaterial === 'brass');

/** A pipe in a cemented or soldered socket: larger than the foot of the socket, smaller than its mouth, and both dissolve. */
export const solvent: PipeJoint = {
  judge: (pair, { cement, service }) => {
    const { pipe, madeFor, pipeSeries, fittingSeries } = pair;
    if (isRectangular(pipe) || pipe.outsideMm > madeFor.socketMouthMm) return JUDGEMENTS['over-mouth'];
    if (pipe.outsideMm < madeFor.socketBottomMm - LOOKS_MADE_MM) return JUDGEMENTS['falls-in'];
    if (isSoldered(pair))
      return JUDGEMENTS[
        pipe.outsideMm < madeFor.socketBottomMm ? 'loose-in-socket' : oneFamily(pair) ? 'solders' : 'other-series'
      ];
    if (stranger(pair) !== undefined || pipeSeries.ribbed) return JUDGEMENTS['no-cement-bonds'];
    if (pipe.outsideMm < madeFor.socketBottomMm) return JUDGEMENTS['loose-in-socket'];
    const [a, b] = plastics(pair);
    if (a === undefined || b === undefined) return JUDGEMENTS['material-not-said'];
    const right = cementFor(a, b);
    if (right === undefined) return JUDGEMENTS['no-cement-for-pair'];
    if (cement !== undefined && cement !== right) return JUDGEMENTS['wrong-cement'];
    if (!oneFamily(pair)) return JUDGEMENTS['other-series'];
    if (right === 'transition' && service !== 'drain')
      return service === 'pressure' ? JUDGEMENTS['transition-pressed'] : JUDGEMENTS['transition-unsaid'];
    if (service === 'pressure' && drainsOnly(pair)) return JUDGEMENTS['drainage-pressed'];
    return pipeSeries.pressure !== fittingSeries.pressure && service !== 'drain'
      ? JUDGEMENTS['drainage-mixed']
      : JUDGEMENTS.welds;
  },
  explain: (pair, { reason }, conditions) => {
    const { pipe, madeFor, fitting } = pair;
    const basis: Explanation['basis'] = [
      { name: 'outside of the pipe', value: pipe.outsideMm, unit: 'mm' },
      { name: 'mouth of the socket', value: madeFor.socketMouthMm, unit: 'mm' },
      { name: 'foot of the socket', value: madeFor.socketBottomMm, unit: 'mm' },
    ];
    const said = (
      why: string,
      instead: string,
      engagementMm = 0,
      needs: Explanation['needs'] = [],
    ): Omit<Explanation, 'sources'> => ({
      needs,
      basis,
      why,
      instead,
      engagementMm,
    });
    const [a = 'pvc', b = 'pvc'] = plastics(pair);
    const right = cementFor(a, b);
    /** What it is made with all the same where somebody takes it unrated. */
    const allTheSame = isSoldered(pair)
      ? [solderFor(fitting.size, pipe.outsideMm)]
      : right === undefined
        ? []
        : [cementNeed(fitting.size, right, pipe.outsideMm)];
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'over-mouth':
        return said(
          isRectangular(pipe)
            ? 'A rectangular pipe does not go into a round socket.'
            : `The pipe is ${differenceMm(pipe.outsideMm - madeFor.socketMouthMm)} larger outside than the mouth of the socket.`,
          'Use a reducing bushing or coupling.',
        );
      case 'falls-in':
      case 'loose-in-socket':
        return said(
          `The pipe is ${differenceMm(madeFor.socketBottomMm - pipe.outsideMm)} loose at the foot of the socket: cement cannot bridge that.`,
          'Use a reducing bushing or coupling.',
        );
      case 'no-cement-bonds':
        return said(
          `It slips in, but no cement bonds ${MATERIAL_NAMES[stranger(pair) ?? 'polyethylene']}: it looks made and pulls apart by hand.`,
          'Use a threaded or gasketed joint.',
        );
      case 'no-cement-for-pair':
        return said(
          `No cement is made for ${MATERIAL_NAMES[a]} on ${MATERIAL_NAMES[b]}.`,
          'Use a threaded adapter of each.',
        );
      case 'wrong-cement':
        return said(
          `${CEMENT_NAMES[conditions.cement ?? 'pvc']} is not the one for ${MATERIAL_NAMES[a]} on ${MATERIAL_NAMES[b]}: it may stick and is not rated.`,
          right === undefined ? 'Use a threaded joint.' : `Use ${CEMENT_NAMES[right]}.`,
          madeFor.socketDepthMm,
          allTheSame,
        );
      case 'other-series':
        return said(
          `${agreement(pair)}, but ${pair.pipeSeries.name} and ${pair.fittingSeries.name} are two standards: try it dry, it should go a third to two thirds in.`,
          'Use an adapter between the two series.',
          madeFor.socketDepthMm,
          allTheSame,
        );
      case 'drainage-mixed':
        return said(
          `They fit and weld, but ${pair.fittingSeries.pressure ? 'the pipe is' : 'the hub is'} of ${(pair.fittingSeries.pressure ? pair.pipeSeries : pair.fittingSeries).name}, made for falling water: good for an overflow or a drain, rated for no head.`,
          'Take both for pressure where water stands above the joint.',
          madeFor.socketDepthMm,
          allTheSame,
        );
      case 'drainage-pressed':
        return said(
          `${pair.fittingSeries.pressure ? 'The pipe' : `The hub, ${madeFor.socketDepthMm.toFixed(0)} mm deep,`} is made for falling water: a pump or the mains push it apart.`,
          'Take pipe and fittings that are made for pressure.',
          madeFor.socketDepthMm,
        );
      case 'transition-unsaid':
      case 'transition-pressed':
        return said(
          `${CEMENT_NAMES.transition} is made for drains: ${reason === 'transition-pressed' ? 'under pressure it lets go.' : 'where only falling water goes it holds, under a head nothing rates it.'}`,
          'Join the two by a threaded adapter of each.',
          madeFor.socketDepthMm,
          reason === 'transition-unsaid' ? allTheSame : [],
        );
      case 'material-not-said':
        return said(
          `${pair.pipeSeries.name[0]?.toUpperCase() ?? ''}${pair.pipeSeries.name.slice(1)} is made in several materials, some glued, some soldered: nothing can be said before both are named.`,
          'Say what the pipe and the fitting are made of.',
        );
      case 'solders':
        return {
          needs: [solderFor(fitting.size, pipe.outsideMm)],
          basis,
          why: 'Solder is drawn into the gap all round. Clean both bright, flux, heat the fitting and not the wire; no water in the pipe while it is soldered.',
          engagementMm: madeFor.socketDepthMm,
        };
      case 'welds': {
        const cement = right ?? 'pvc';
        const taper = madeFor.socketMouthMm - madeFor.socketBottomMm;
        const down = (1 - (pipe.outsideMm - madeFor.socketBottomMm) / taper) * 100;
        return {
          needs: [cementNeed(fitting.size, cement, pipe.outsideMm)],
          basis,
          why:
            cement === 'pvc'
              ? `The pipe jams ${down.toFixed(0)} % of the way down the socket; primer and cement weld it there.`
              : `The pipe jams ${down.toFixed(0)} % of the way down the socket; ${CEMENT_NAMES[cement]} welds it there.`,
          engagementMm: madeFor.socketDepthMm,
        };
      }
    }
  },
};

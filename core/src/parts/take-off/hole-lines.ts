import type { CheckContext } from '../../derived/context';
import { holeDiameterM, isToDrill, sealOf } from '../../derived/resolve';
import type { Penetration } from '../../job/job';
import { tankOf } from '../../job/lookup';
import { wallKindOf } from '../../walls/tank-types';
import { useOfHole } from '../list/trace';
import type { PartsLine } from '../list/parts-list';
import { cutOf } from './drilling';
import { siliconed } from './own-lines';
import { packed } from './packed';

/** A bead of silicone round one bulkhead [ml] (common practice). */
const BEAD_ML = 15;
/** What a tube holds [ml] (common practice). */
const TUBE_ML = 300;
const TUBE_USD = 7.5;

/** Holes round which a bead is laid: at the bulkheads where the job asks for it, and where nothing else closes a hole. */
export const beaded = (context: CheckContext): readonly Penetration[] => [
  ...context.job.penetrations.filter(
    ({ id }) => context.job.silicone && sealOf(id, context.index)?.end.style === 'bulkhead',
  ),
  ...siliconed(context),
];

/** Silicone for the beads. */
export function siliconeLines(context: CheckContext): PartsLine[] {
  const places = beaded(context).map(useOfHole);
  if (places.length === 0) return [];
  return [
    packed({
      code: 'SI-300',
      title: 'Silicone, neutral cure',
      detail: 'tube of 300 ml',
      need: places.length * BEAD_ML,
      unit: 'ml',
      holds: TUBE_ML,
      packUsd: TUBE_USD,
      uses: places,
      note: 'fills a gap; does not bond polyethylene',
    }),
  ];
}

const ZINC_TIN_ML = 100;
const ZINC_USD = 8;
/** A stroke of the brush round the bare edge of a hole [ml for each mm of its diameter] (common practice). */
const ZINC_ML_PER_MM = (0.2 * Math.PI) / 25;

/** Holes that are cut in steel: their edge is bare. */
export const bareInSteel = (context: CheckContext): readonly Penetration[] =>
  context.job.penetrations.filter((hole) => {
    const tank = tankOf(context.job, hole);
    return (
      tank !== undefined &&
      wallKindOf(tank) === 'metal' &&
      isToDrill(hole, context.index) &&
      cutOf(hole, context) !== undefined
    );
  });

/** What keeps rust from the edge of a hole in sheet steel. */
export function zincLines(context: CheckContext): PartsLine[] {
  const { job, index } = context;
  const bare = bareInSteel(context);
  if (bare.length === 0) return [];
  const acrossMm = bare.reduce((sum, { id }) => sum + (holeDiameterM(id, job, index) ?? 0) * 1000, 0);
  return [
    packed({
      code: 'ZP-100',
      title: 'Zinc-rich paint',
      detail: `tin of ${ZINC_TIN_ML} ml, with a brush`,
      need: acrossMm * ZINC_ML_PER_MM,
      unit: 'ml',
      holds: ZINC_TIN_ML,
      packUsd: ZINC_USD,
      uses: bare.map(useOfHole),
      note: 'on the bare edge of every hole in steel, before anything is set in it',
    }),
  ];
}

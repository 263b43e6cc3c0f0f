import type { CheckContext } from '../derived/context';
import { holeDiameterM, isToDrill, sealOf } from '../derived/resolve';
import { wallSealSizeOf } from '../connections/standards/wall-seals';
import { tankOf } from '../job/lookup';
import { useOfHole } from '../parts/list/trace';
import { sizeCode, sizeWords } from '../quantity/size';
import { sawFit } from '../walls/hole-saws';
import { wallKindOf } from '../walls/tank-types';
import { type Claim, claim, thereIs } from './claim';

const BEAD_ML = 15;
/** What somebody closes a hole with himself, by the first letters of its line. */
const OWN = { cap: 'OC', plug: 'OP', hatch: 'OH', 'second-lid': 'OL', other: 'OW' } as const;
const isOwn = (seal: string): seal is keyof typeof OWN => seal in OWN;

/** What makes a hole, and what closes it beside the parts that stand in it. */
export const atHoles = (context: CheckContext): readonly Claim[] =>
  context.job.penetrations.flatMap((hole): readonly Claim[] => {
    const { job, index } = context;
    const use = useOfHole(hole);
    const seal = sealOf(hole.id, index);
    const bare = !hole.stands && hole.port === null && index.jointAt({ of: 'hole', id: hole.id }) === undefined;
    const bead = job.silicone && seal?.end.style === 'bulkhead' ? 1 : bare && hole.ownSeal === 'silicone' ? 1 : 0;
    return [
      ...sawn(hole, context),
      ...(bead > 0 ? [claim('SI-300', BEAD_ML, use, { unit: 'ml' })] : []),
      ...(bare && hole.ownSeal !== null && isOwn(hole.ownSeal)
        ? [
            claim(`${OWN[hole.ownSeal]}-${sizeCode(hole.size)}`, 1, use, {
              detail:
                hole.ownSeal === 'other'
                  ? (hole.ownSealWords ?? 'not said yet')
                  : `for ${sizeWords(hole.size)}, as measured`,
            }),
          ]
        : []),
    ];
  });

/** The saw of its diameter, or what cuts where no saw does: one that stands ready for all holes of its size. */
function sawn(hole: CheckContext['job']['penetrations'][number], context: CheckContext): readonly Claim[] {
  const { job, index } = context;
  const tank = tankOf(job, hole);
  const diameterM = holeDiameterM(hole.id, job, index);
  if (!isToDrill(hole, index) || !tank || diameterM === undefined) return [];
  const seal = sealOf(hole.id, index);
  const row = seal && wallSealSizeOf(seal.end.style, seal.end.size);
  const fit = sawFit(diameterM, job.measures, row?.holeMm, wallKindOf(tank) === 'concrete');
  const use = useOfHole(hole);
  const cut =
    'sawM' in fit
      ? claim(`SW-${Math.round(fit.sawM * 10_000)}`, 0, use)
      : thereIs(fit.fit === 'core' ? 'KD' : 'JS', use);
  // A fifth of a millilitre goes round the bare edge of each inch of hole in steel.
  const zincMl = 0.2 * Math.PI * ((diameterM * 1000) / 25);
  return [cut, ...(wallKindOf(tank) === 'metal' ? [claim('ZP-100', zincMl, use, { unit: 'ml' })] : [])];
}

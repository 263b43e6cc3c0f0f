import { lengthStepM } from '../../../quantity/length';
import { wallSealStyle } from '../../../connections/standards/wall-seals';
import { closesRoundCord } from '../../../connections/standards/wall-seals/wall-seal';
import type { CheckContext, RunSight } from '../../../derived/context';
import { invertM, obvertM } from '../../../derived/levels';
import { strandsOf } from '../../../derived/strands';
import { selfStopping } from '../../../falls/self-stopping';
import { stormLevelM } from '../../../hydraulics/overflow';
import type { Penetration } from '../../../job/job';
import { isUpright } from '../../../walls/forms';
import { freePlace } from '../../../walls/no-drill';
import { SPILLS_BY, passesWater } from '../../../walls/roles';
import type { Tank } from '../../../walls/tank';
import { flatRadiusM, sealOf } from '../../../derived/resolve';
import { workingHoles } from '../../../derived/shut';
import { moveFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/overflow-too-high',
    severity: 'fails',
    toDo: 'Lower the overflow, take a larger one, or raise the other opening.',
    sources: [
      { document: 'the overflow is the lowest opening above the water', provenance: 'common-practice' },
      { document: 'critical depth and orifice at the head that the storm asks for', provenance: 'standard-formula' },
    ],
    messages: {
      above: {
        title: 'Overflow too high',
        text: 'The lowest point of {hole} is at {low}; {other} begins at {at}: water leaves there first.',
      },
      storm: {
        title: 'Overflow too high',
        text: 'In a storm the water stands {head} over the lowest point of {hole}, at {level}; {other} begins at {at}: water leaves there too.',
      },
      rim: {
        title: 'Overflow too high',
        text: 'The top of {hole} is at {top}, the brim at {at}: it is cut through the rim.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const overflows = workingHoles(context, tank.id, 'overflow').filter(({ face }) => isUpright(face));
      if (overflows.length === 0) return [];
      const stormM = stormLevelM(tank, context) ?? 0;
      return overflows.flatMap((hole): Report<'above' | 'storm' | 'rim'>[] => {
        const [lowM, topM] = [invertM(hole, tank, context), obvertM(hole, tank, context)];
        const report = (
          messageId: 'above' | 'storm' | 'rim',
          other: string,
          atM: number,
          byM: number,
        ): Report<typeof messageId> => ({
          messageId,
          at: atPenetration(hole),
          data: {
            hole: hole.label,
            other,
            at: { lengthM: atM },
            low: { lengthM: lowM },
            top: { lengthM: topM },
            head: { lengthM: stormM - lowM },
            level: { lengthM: stormM },
          },
          fixes: (whole: CheckContext) => lowerFixes(hole, byM, tank, whole),
        });
        if (topM > tank.brimM + 0.0005) return [report('rim', 'the brim', tank.brimM, topM - tank.brimM)];
        const lowest = othersOf(hole, tank, context)
          .map((other) => ({ ...other, overM: (other.closed ? lowM : Math.max(lowM, stormM)) - other.atM }))
          .filter(({ overM }) => overM > 0.0005)
          .toSorted((a, b) => b.overM - a.overM)[0];
        if (!lowest) return [];
        return [report(lowM > lowest.atM + 0.0005 ? 'above' : 'storm', lowest.name, lowest.atM, lowest.overM)];
      });
    }),
});

/**
 * Openings in a side by which surplus could leave. A pipe that stands in its seal and goes on is closed round: the water may rise in it
 * for the time of a storm; out of what is open it runs as soon as it comes there.
 */
const othersOf = (hole: Penetration, tank: Tank, context: CheckContext) =>
  workingHoles(context, tank.id, ...SPILLS_BY)
    .filter((other) => !isTightRoundCord(other, context) && !stopsAtDiverter(other, context))
    .filter((other) => other.id !== hole.id && isUpright(other.face) && !other.roles.includes('overflow'))
    .map((other) => ({
      name: `${other.label} ${other.name.toLowerCase()}`,
      atM: invertM(other, tank, context),
      closed:
        other.roles.includes('inlet') &&
        (other.port !== null || strandsOf(other, context.runs).some(({ items }) => items.length > 0)),
    }));

/** Down by so much, to a mark of the tape where it lies flat. */
function lowerFixes(hole: Penetration, byM: number, tank: Tank, { job, index }: CheckContext) {
  if (hole.port !== null || hole.stands) return [];
  const wanted = { ...hole, heightM: hole.heightM - byM };
  const free = freePlace(tank, wanted, flatRadiusM(hole, job, index), {
    fields: ['heightM'],
    mostUpM: wanted.heightM,
    marksM: lengthStepM(job.measures, true),
  });
  return free ? [moveFix(hole, free, 'Lower it to {up}')] : [];
}

/** What leaves by the hose of a diverter that stops the fill falls on down its pipe: so it is meant. */
const stopsAtDiverter = ({ id }: Penetration, context: CheckContext): boolean =>
  selfStopping(context).some(({ hole, sure, spillM, lowestM }) => hole.id === id && sure && spillM <= lowestM);

/** A cord entry whose seal closes round the cord and holds water is no leak, however low it is. */
const isTightRoundCord = ({ id, roles }: Penetration, { index }: RunSight): boolean => {
  const seal = sealOf(id, index);
  const style = seal && wallSealStyle(seal.end.style);
  return !passesWater(roles) && style !== undefined && closesRoundCord(style) && style.where === 'anywhere';
};

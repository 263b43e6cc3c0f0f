import { FLOAT_BELOW_M, armTiltsM, levelsOf, shutsAtM } from '../../../derived/levels';
import { flatRadiusM } from '../../../derived/resolve';
import type { CheckContext } from '../../../derived/context';
import { setField } from '../../../edits/change-field';
import type { Penetration } from '../../../job/job';
import { holesOf } from '../../../job/lookup';
import { lengthStepM, markBelow } from '../../../quantity/length';
import { holdsM3 } from '../../../walls/level';
import { freePlace } from '../../../walls/no-drill';
import type { Tank } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import type { Fix } from '../../finding';
import { moveFix, setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { type Report, defineCheck } from '../../define-check';

/** A tilt that the thumb screw of the arm takes up [m]. Our judgement. */
const SET_BY_SCREW_M = 0.01;
const SHARE = 0.1;
/** It shuts so far below where the tank runs over, so that a wave or a slow valve wastes nothing (common practice) [m]. */
const BELOW_SPILL_M = 0.05;
/** Between the water and the valve there is air, or the mains draw from the tank (common practice: an inch) [m]. */
const AIR_M = 0.025;

export default defineCheck({
  meta: {
    id: 'hole/float-valve',
    severity: 'costs',
    toDo: 'Set it higher, or bend the arm and say where it shuts.',
    sources: [
      { document: 'the arm of a float valve stands square on its wall when it shuts', provenance: 'common-practice' },
      { document: 'a valve of the mains stays clear of the water', provenance: 'common-practice' },
    ],
    messages: {
      tilted: {
        title: 'Float valve tilts',
        text: 'The wall slopes here: the arm of {hole} points {way} and it shuts {by} {where}, unless the arm is bent.',
      },
      costs: {
        title: 'Float valve costs water',
        text: '{hole} shuts at {shuts} and leaves {lost} unfilled, {share} % of the tank.',
      },
      over: {
        title: 'Float valve under water',
        text: '{hole} is at {at} and shuts at {shuts}: the water stands at the valve, and what feeds it can draw from the tank. Bend the arm to shut lower.',
        severity: 'fails',
      },
      unsaid: {
        title: 'Where it shuts is not known',
        text: '{hole} sits {where}: its arm stands as the wall does there, which no figure of {tank} says. Hold it up, and give the level at which it shuts.',
        severity: 'unknown',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { floatLosesM3 } = levelsOf(tank, context);
      return holesOf(context.job, tank.id, 'float-fill').flatMap(
        (hole): Report<'tilted' | 'costs' | 'over' | 'unsaid'>[] => {
          const tiltM = hole.shutsM === null ? armTiltsM(hole, tank) : 0;
          const share = floatLosesM3 / holdsM3(tank);
          const at = atPenetration(hole);
          const shuts = { lengthM: shutsAtM(hole, tank) };
          const where = hole.shutsM === null ? noWallThere(hole, tank) : undefined;
          return [
            ...(where === undefined
              ? []
              : [{ messageId: 'unsaid' as const, at, data: { hole: hole.label, where, tank: tank.label } }]),
            ...(Math.abs(tiltM) > SET_BY_SCREW_M
              ? [
                  {
                    messageId: 'tilted' as const,
                    at,
                    data: {
                      hole: hole.label,
                      way: tiltM > 0 ? 'up' : 'down',
                      by: { lengthM: Math.abs(tiltM) },
                      where: tiltM > 0 ? 'higher' : 'lower',
                    },
                  },
                ]
              : []),
            ...(shuts.lengthM > hole.heightM - AIR_M + 0.0005
              ? [
                  {
                    messageId: 'over' as const,
                    at,
                    data: { hole: hole.label, at: { lengthM: hole.heightM }, shuts },
                    fixes: [lowerFix(hole, context)],
                  },
                ]
              : []),
            ...(share > SHARE
              ? [
                  {
                    messageId: 'costs' as const,
                    at,
                    data: { hole: hole.label, shuts, lost: { volumeM3: floatLosesM3 }, share: Math.round(share * 100) },
                    fixes: (whole: CheckContext) => higherFixes(hole, tank, whole),
                  },
                ]
              : []),
          ];
        },
      );
    }),
});

/** Where an opening sits on what is drawn as it usually is, and is not measured: a top, or a shoulder over the brim. */
const noWallThere = ({ face, heightM }: Penetration, tank: Tank): string | undefined =>
  face === 'top'
    ? 'in the top'
    : heightM > tank.brimM && !tankType(tank.type).openTop
      ? 'on the shoulder, over the brim'
      : undefined;

/** The arm is bent so that the water stays clear of the valve. */
function lowerFix(hole: Penetration, { job }: CheckContext): Fix {
  const stepM = lengthStepM(job.measures, true);
  const levelM = Math.max(stepM, markBelow(hole.heightM - FLOAT_BELOW_M, stepM));
  return setFix(setField('penetrations', hole, 'shutsM', levelM), 'Bend the arm to shut at {level}', {
    level: { lengthM: levelM },
  });
}

/** The arm is set to where little is lost, if that is below its own valve; else the valve goes up to where it is. */
function higherFixes(hole: Penetration, tank: Tank, context: CheckContext): readonly Fix[] {
  const { job, index } = context;
  const stepM = lengthStepM(job.measures, true);
  const wantedM = markBelow(levelsOf(tank, context).spillsM - BELOW_SPILL_M, stepM);
  if (wantedM <= shutsAtM(hole, tank)) return [];
  if (wantedM <= hole.heightM - AIR_M)
    return [
      setFix(setField('penetrations', hole, 'shutsM', wantedM), 'Bend the arm to shut at {level}', {
        level: { lengthM: wantedM },
      }),
    ];
  if (hole.port !== null || hole.stands) return [];
  const place = { ...hole, heightM: wantedM + FLOAT_BELOW_M };
  const free = freePlace(tank, place, flatRadiusM(hole, job, index), {
    fields: ['heightM'],
    leastUpM: hole.heightM,
    marksM: stepM,
  });
  if (!free || free.heightM <= hole.heightM) return [];
  const moved = moveFix(hole, free, 'Move it up to {up}, where its arm shuts below the overflow');
  return [
    hole.shutsM === null
      ? moved
      : { ...moved, edits: [...moved.edits, setField('penetrations', hole, 'shutsM', null)] },
  ];
}

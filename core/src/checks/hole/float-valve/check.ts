import { holdsM3 } from '../../../walls/level';
import { setField } from '../../../edits/change-field';
import { holesOf } from '../../../job/lookup';
import { levelsOf, shutsAtM } from '../../../derived/levels';
import { formOf, isUpright } from '../../../walls/forms';
import { setFix } from '../../move-fix';
import { atPenetration } from '../../places';
import { defineCheck } from '../../define-check';

/** Length of the arm of a small float valve (typical, value from memory). */
const ARM_M = 0.35;
/** A slope that the thumb screw of the arm takes up. Our judgement. */
const SLOPE = 0.03;
const SHARE = 0.1;

export default defineCheck({
  meta: {
    id: 'hole/float-valve',
    severity: 'costs',
    toDo: 'Set it higher, or bend the arm and say where it shuts.',
    sources: [{ document: 'the arm of a float valve is level when it shuts', provenance: 'common-practice' }],
    messages: {
      tilted: {
        title: 'Float valve tilts',
        text: 'The wall slopes by {slope} mm to the metre here: the arm points down and it shuts {low} lower.',
      },
      costs: {
        title: 'Float valve costs water',
        text: '{hole} shuts at {shuts} and leaves {lost} unfilled, {share} % of the tank.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { floatLosesM3, fullM } = levelsOf(tank, context);
      return holesOf(context.job, tank.id, 'float-fill').flatMap((hole) => {
        const radius = (heightM: number): number => formOf(tank).radiusM(tank, hole.face, heightM) ?? 0;
        const slope = isUpright(hole.face) ? Math.abs(radius(tank.brimM) - radius(0)) / tank.brimM : 0;
        const share = floatLosesM3 / holdsM3(tank);
        const at = atPenetration(hole);
        return [
          ...(slope > SLOPE
            ? [
                {
                  messageId: 'tilted' as const,
                  at,
                  data: { slope: Math.round(slope * 1000), low: { lengthM: ARM_M * slope } },
                },
              ]
            : []),
          ...(share > SHARE
            ? [
                {
                  messageId: 'costs' as const,
                  at,
                  data: {
                    hole: hole.label,
                    shuts: { lengthM: shutsAtM(hole) },
                    lost: { volumeM3: floatLosesM3 },
                    share: Math.round(share * 100),
                  },
                  fixes:
                    shutsAtM(hole) < tank.brimM * 0.95 && fullM < tank.brimM * 0.95
                      ? [
                          setFix(
                            setField('penetrations', hole, 'shutsM', tank.brimM * 0.95),
                            'Let it shut at {level}',
                            {
                              level: { lengthM: tank.brimM * 0.95 },
                            },
                          ),
                        ]
                      : [],
                },
              ]
            : []),
        ];
      });
    }),
});

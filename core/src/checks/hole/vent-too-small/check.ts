import { workingHoles } from '../../../derived/shut';
import { stormIntoM3s } from '../../../hydraulics/storm';
import { holesOf } from '../../../job/lookup';
import { TANKER_M3S, outletM3s, ventM3s } from '../../../hydraulics/free-flow';
import { boreM, invertM, levelsOf } from '../../../derived/levels';
import { tankType } from '../../../walls/tank-types';
import { atTank } from '../../places';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'hole/vent-too-small',
    severity: 'costs',
    toDo: 'Take a larger vent.',
    sources: [
      { document: 'orifice for air at 25 mm of water', provenance: 'standard-formula' },
      { document: 'a screened vent wants twice the area', provenance: 'common-practice' },
    ],
    messages: {
      small: {
        title: 'Vent too small',
        text: '{what} moves {needs}; the vents of {tank} pass {passes} before the walls feel it.',
      },
    },
  },
  check: (context) =>
    context.job.tanks.flatMap((tank) => {
      const { job } = context;
      const vents = workingHoles(context, tank.id, 'vent', 'overflow');
      if (vents.length === 0 || tankType(tank.type).openTop) return [];
      // Half of the area, for the screen at its end.
      const passes = vents.reduce((sum, hole) => sum + ventM3s(boreM(hole, context)) / 2, 0);
      const { fullM } = levelsOf(tank, context);
      const moves = [
        ...holesOf(job, tank.id, 'tanker-fill').map((hole) => ({ what: `A tanker at ${hole.label}`, m3s: TANKER_M3S })),
        ...holesOf(job, tank.id, 'inlet').map((hole) => ({
          what: `A storm at ${hole.label}`,
          m3s: stormIntoM3s([hole], job),
        })),
        ...workingHoles(context, tank.id, 'draw-off', 'drain').map((hole) => ({
          what: `${hole.label} wide open`,
          m3s: outletM3s(boreM(hole, context), fullM - invertM(hole, tank, context)),
        })),
      ].toSorted((a, b) => b.m3s - a.m3s);
      const [worst] = moves;
      return !worst || worst.m3s <= passes
        ? []
        : [
            {
              messageId: 'small' as const,
              at: atTank(tank),
              data: {
                what: worst.what,
                needs: { flowM3s: worst.m3s },
                tank: tank.label,
                passes: { flowM3s: passes },
              },
            },
          ];
    }),
});

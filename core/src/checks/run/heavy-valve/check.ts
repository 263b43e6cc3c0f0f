import { setField } from '../../../edits/change-field';
import { coursesOf } from '../../../assembly/course';
import { isMetal } from '../../../connections/material';
import { isShutOff } from '../../../fittings/capability';
import { tankOf } from '../../../job/lookup';
import { sealOf } from '../../../derived/resolve';
import { sizeInInches } from '../../../quantity/size';
import { isUpright } from '../../../walls/forms';
import { tankType } from '../../../walls/tank-types';
import { defineCheck } from '../../define-check';
import { runsOnce } from '../../../assembly/flow';
import { setFix } from '../../move-fix';
import { atPart } from '../../places';

// From this size a metal valve is a weight, on a wall thinner than this, nearer than this (our judgement).
const HEAVY_IN = 1.5;
const THIN_M = 0.008;
const NEAR_M = 0.4;

export default defineCheck({
  meta: {
    id: 'run/heavy-valve',
    severity: 'advice',
    safety: true,
    toDo: 'Strap it, or stand it on a block.',
    sources: [{ document: 'a gasket holds no weight, a thin wall creeps', provenance: 'common-practice' }],
    messages: {
      gasket: {
        title: 'Heavy valve on a gasket',
        text: '{part} hangs on the gasket of {hole}, which holds no weight: stand it on a block or strap it.',
      },
      wall: {
        title: 'Heavy valve on a thin wall',
        text: '{part} hangs {far} from a plastic wall of {wall}: stand it on a block or strap it, or the seal creeps.',
      },
    },
  },
  sees: 'run',
  check: (context) =>
    runsOnce(context).flatMap((run) => {
      const { penetration } = run;
      const tank = tankOf(context.job, penetration);
      const course = coursesOf(context).get(penetration.id);
      if (!tank || !course || penetration.supported || !isUpright(penetration.face)) return [];
      const legs = course.strands[0] ?? [];
      const heavy = legs.find(
        ({ part, placed, from }) =>
          isShutOff(part) &&
          isMetal(part.material) &&
          sizeInInches(part.size) >= HEAVY_IN &&
          !placed.held &&
          from.out <= NEAR_M,
      );
      if (!heavy || legs.slice(0, legs.indexOf(heavy)).some(({ placed }) => placed.held)) return [];
      const onGasket = sealOf(penetration.id, context.index)?.end.style === 'gasket';
      if (!onGasket && (isMetal(tankType(tank.type).material) || tank.wallM >= THIN_M)) return [];
      return [
        {
          messageId: onGasket ? ('gasket' as const) : ('wall' as const),
          at: atPart(heavy.placed.id, penetration),
          data: {
            part: heavy.part.name,
            hole: penetration.label,
            far: { lengthM: Math.max(0, heavy.from.out) },
            wall: { lengthM: tank.wallM },
          },
          fixes: [setFix(setField('parts', heavy.placed, 'held', true), 'Strap it to what stands beside it')],
        },
      ];
    }),
});

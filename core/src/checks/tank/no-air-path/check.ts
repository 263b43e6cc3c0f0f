import { isDryHousing, workingHoles } from '../../../derived/shut';
import { holeKind, setOutHole } from '../../../job/hole-kinds';
import type { CheckContext } from '../../../derived/context';
import type { Tank } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import type { Fix } from '../../finding';
import { freshId } from '../../../edits/fresh-id';
import { atTank } from '../../places';
import { newHoleFix } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/no-air-path',
    severity: 'fails',
    station: 'holes',
    toDo: 'Add a vent.',
    sources: [{ document: 'each separate air space needs its own path', provenance: 'common-practice' }],
    messages: {
      none: {
        title: 'No way for air',
        text: '{tank} has no vent, no overflow and a tight lid: filled from below it stops on trapped air, drawn down it pulls a vacuum.',
      },
    },
  },
  check: (context) =>
    context.job.tanks
      .filter((tank) => !tank.stands && !tankType(tank.type).breathes)
      .filter(({ id }) => workingHoles(context, id, 'vent', 'overflow').length === 0 && !isDryHousing(context, id))
      .map((tank) => ({
        messageId: 'none' as const,
        at: atTank(tank),
        data: { tank: tank.label },
        fixes: (whole) => ventFix(tank, whole),
      })),
});

/** A small vent where it is flat, with what seals it. */
const ventFix = (tank: Tank, context: CheckContext): readonly Fix[] =>
  newHoleFix(
    setOutHole(freshId(`${tank.id}-vent`, context.job.penetrations), holeKind('vent'), tank, context.job),
    tank,
    context,
    'Add a vent of {size} in the top',
  );

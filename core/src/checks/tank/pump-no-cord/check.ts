import { pumpsInside } from '../../../assembly/pumps-inside';
import type { CheckContext } from '../../../derived/context';
import { freshId } from '../../../edits/fresh-id';
import { holeKind, setOutHole } from '../../../job/hole-kinds';
import { holesOf } from '../../../job/lookup';
import type { Tank } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import { atTank } from '../../places';
import { newHoleFix } from '../../seals';
import { defineCheck } from '../../define-check';

export default defineCheck({
  meta: {
    id: 'tank/pump-no-cord',
    severity: 'unknown',
    safety: true,
    station: 'holes',
    toDo: 'Add an opening for the cord above the water. Connecting the pump is for a licensed electrician, with residual-current protection.',
    sources: [
      { document: 'the cord of a pump leaves by an entry of its own above the water', provenance: 'common-practice' },
    ],
    messages: {
      none: {
        title: 'No way for the cord',
        text: 'A pump stands in {tank}, and no opening is for its cord: pinched under a lid it chafes, and the lid stays open to insects.',
      },
    },
  },
  check: (context) =>
    context.job.tanks
      .filter((tank) => !tank.stands && !tankType(tank.type).openTop)
      .filter((tank) => tank.pump !== null || pumpsInside(tank, context).length > 0)
      .filter(({ id }) => holesOf(context.job, id, 'cord-entry').length === 0)
      .map((tank) => ({
        messageId: 'none' as const,
        at: atTank(tank),
        data: { tank: tank.label },
        fixes: (whole) => entryFix(tank, whole),
      })),
});

/** A cord entry in the top, with what closes round the cord. */
const entryFix = (tank: Tank, context: CheckContext) =>
  newHoleFix(
    setOutHole(freshId(`${tank.id}-cord`, context.job.penetrations), holeKind('cord-entry'), tank, context.job),
    tank,
    context,
    'Add a cord entry of {size} in the top',
  );

import { pumpsInside } from '../../../assembly/pumps-inside';
import type { CheckContext } from '../../../derived/context';
import { freshId } from '../../../edits/fresh-id';
import { holeKind, setOutHole, usualSize } from '../../../job/hole-kinds';
import { holesOf } from '../../../job/lookup';
import type { NominalSize } from '../../../quantity/size';
import type { Tank } from '../../../walls/tank';
import { tankType } from '../../../walls/tank-types';
import type { Fix } from '../../finding';
import { atTank } from '../../places';
import { newHoleFix } from '../../seals';
import { defineCheck } from '../../define-check';

/** In a thick wall a cord is closed round in a larger hole. */
const LARGER: NominalSize = '1';

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

/** A cord entry in the top, in the first size in which something closes round a cord in this wall. */
function entryFix(tank: Tank, context: CheckContext): readonly Fix[] {
  const kind = holeKind('cord-entry');
  const id = freshId(`${tank.id}-cord`, context.job.penetrations);
  const made = [usualSize(kind, context.job), LARGER].map((size) =>
    newHoleFix(setOutHole(id, kind, tank, context.job, size), tank, context, 'Add a cord entry of {size} in the top'),
  );
  return made.find(([fix]) => (fix?.partsAdded ?? 0) > 0) ?? made[0] ?? [];
}

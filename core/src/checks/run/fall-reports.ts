import { falling, rising } from '../../job/placed-part';
import { setField } from '../../edits/change-field';
import { type DrainLeg, drainLegs } from '../../falls/drain';
import type { CheckContext } from '../../derived/context';
import { siteFigure } from '../../job/job';
import type { Report } from '../define-check';
import type { Fix } from '../finding';
import { setFix } from '../move-fix';
import { atPart } from '../places';

/** How a length of drain falls: the wrong way, not at all though it was said, nobody has said, or less than the least. */
export type FallKind = 'back' | 'flat' | 'not-said' | 'little';

/** A level in the hand shows this much over its length. */
const LEVEL = 0.002;
/** A rounding of the tape is not a fault. */
const ROUNDING_M = 0.001;

function kindOf({ fall, lengthM, leg }: DrainLeg, leastM: number): FallKind | undefined {
  if (fall < -LEVEL) return 'back';
  if (fall < LEVEL) return leg.placed.slope === null ? 'not-said' : 'flat';
  return fall * lengthM < leastM - ROUNDING_M ? 'little' : undefined;
}

/** The least fall, in the way in which it is said. A pipe is walked from the tank: what comes in falls towards it. */
const letItFall = ({ run: { penetration }, leg: { placed }, lengthM }: DrainLeg, leastM: number): Fix => {
  const fallsM = penetration.roles.includes('inlet') ? -leastM : leastM;
  return setFix(
    setField('parts', placed, 'slope', placed.slope?.by === 'fall' ? falling(fallsM / lengthM) : rising(-fallsM)),
    'Let it fall by {least}',
    { least: { lengthM: leastM } },
  );
};

/** Every length of drain that falls in one of these ways, each with the least fall as its fix. */
export const fallReports = <Kind extends FallKind>(
  context: CheckContext,
  kinds: readonly Kind[],
): readonly Report<Kind>[] =>
  drainLegs(context).flatMap((drain): readonly Report<Kind>[] => {
    const { leg, lengthM, fall, run } = drain;
    const leastM = siteFigure(context.job, 'fallShare') * lengthM;
    const kind = kindOf(drain, leastM);
    const messageId = kinds.find((one) => one === kind);
    if (!leg.sure || messageId === undefined) return [];
    return [
      {
        messageId,
        at: atPart(leg.placed.id, run.penetration),
        data: {
          part: leg.part.name,
          hole: run.penetration.label,
          by: { lengthM: Math.abs(fall) * lengthM },
          length: { lengthM },
          least: { lengthM: leastM },
        },
        fixes: [letItFall(drain, leastM)],
      },
    ];
  });

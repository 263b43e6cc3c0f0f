import type { Job } from '../job/job';
import { setOutOf } from '../derived/set-out';
import { byItself } from '../derived/shared-stand';
import { type Placed, type PlanRef, type Turned, planKey, takenFrom } from '../walls/placing';
import type { Tank } from '../walls/tank';
import { type Change, replace } from './change';

const names = (ref: PlanRef, placed: Placed | null, turned: Turned | null = null): boolean =>
  takenFrom(placed, turned).some((one) => planKey(one) === planKey(ref));

/** What is placed from something, or stands on it, by name: it cannot go while that is so. */
export const placedFrom = (job: Job, ref: PlanRef): string | undefined =>
  [...job.marks, ...job.roofs, ...job.terminals].find(({ placed }) => names(ref, placed))?.name ??
  job.tanks.find(({ placed, turned }) => names(ref, placed, turned))?.label;

/** Where it is now, as somebody draws it who has measured nothing. */
function roughly(job: Job, key: string): Placed | null {
  const at = setOutOf(job).places.get(key)?.at;
  return at ? { by: 'rough', xM: at.x, yM: at.y } : null;
}

/** What has a place and no turning, and what the plan calls it. */
const PLACED_IN = [
  { collection: 'marks', of: 'mark' },
  { collection: 'roofs', of: 'roof' },
  { collection: 'terminals', of: 'terminal' },
] as const;

/** What was placed from a tank that goes stays where it is drawn, and is no longer measured; what shared its stand stands by itself, as high. */
export function freedFromTank(job: Job, tankId: string): readonly Change[] {
  const onItsStand = ({ onStandOf }: Tank): boolean => onStandOf === tankId;
  const ref = { of: 'tank', id: tankId } as const;
  const places = PLACED_IN.flatMap(({ collection, of }) =>
    job[collection]
      .filter(({ placed }) => names(ref, placed))
      .map((record) =>
        replace(job, collection, record, { ...record, placed: roughly(job, planKey({ of, id: record.id })) }),
      ),
  );
  const tanks = job.tanks
    .filter((tank) => tank.id !== tankId && (names(ref, tank.placed, tank.turned) || onItsStand(tank)))
    .map((tank) =>
      replace(job, 'tanks', tank, {
        ...(onItsStand(tank) ? byItself(tank, job.tanks) : tank),
        placed: names(ref, tank.placed) ? roughly(job, planKey({ of: 'tank', id: tank.id })) : tank.placed,
        turned: names(ref, null, tank.turned) ? turnedAs(job, tank) : tank.turned,
      }),
    );
  return [...places, ...tanks];
}

/** A tape to an opening that goes is struck out; a turning that hung on it is kept as it came out. */
export function freedFromOpening(job: Job, openingId: string): readonly Change[] {
  return job.tanks.flatMap((tank) => {
    const { placed, turned } = tank;
    const taped = placed?.by === 'tapes' && placed.readings.some((tape) => tape.openingId === openingId);
    const turnedBy = turned?.by === 'tape' && turned.openingId === openingId;
    if (!taped && !turnedBy) return [];
    return [
      replace(job, 'tanks', tank, {
        ...tank,
        placed: taped
          ? { ...placed, readings: placed.readings.filter((tape) => tape.openingId !== openingId) }
          : placed,
        turned: turnedBy ? turnedAs(job, tank) : turned,
      }),
    ];
  });
}

const turnedAs = (job: Job, { id }: Tank): Turned | null => {
  const degrees = setOutOf(job).turns.get(id)?.degrees;
  return degrees === undefined ? null : { by: 'degrees', degrees };
};

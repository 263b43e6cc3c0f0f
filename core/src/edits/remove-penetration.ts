import { holeById } from '../job/lookup';
import { err, ok } from '../result';
import type { Catalogue } from '../fittings/catalogue';
import type { Job, Penetration } from '../job/job';
import { indexJob, jointsOfRun, walkRun } from '../derived/run';
import { type Change, replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { freedFromOpening } from './unplace';

export const removePenetration = defineEdit({
  type: 'remove-penetration',
  says: 'Takes a hole away with the run that hangs on it; a run that also hangs on another hole stays there',
  data: { penetrationId: { kind: 'id' } },
  changes: (job, { penetrationId }, catalogue) => {
    const penetration = holeById(job, penetrationId);
    if (!penetration) return err({ code: 'gone', message: 'This hole has been taken away already.' });
    return ok(changesToRemove(job, penetration, catalogue));
  },
  label: ({ penetrationId }, job) => `Take away ${holeById(job, penetrationId)?.label ?? 'a hole'}`,
});

/** What goes with a hole: itself, and its run unless the run is held by another hole. */
export function changesToRemove(job: Job, penetration: Penetration, catalogue: Catalogue): Change[] {
  const strands = walkRun({ of: 'hole', id: penetration.id }, indexJob(job, catalogue));
  const heldElsewhere = strands.some(({ end }) => end.at === 'hole');
  const own = job.joints.filter(({ a, b }) => [a, b].some((ref) => ref.of === 'hole' && ref.id === penetration.id));
  const joints = heldElsewhere ? own : jointsOfRun(strands);
  const parts = heldElsewhere ? [] : strands.flatMap(({ items }) => items.map(({ placed }) => placed));
  return [
    ...joints.map((joint) => take(job, 'joints', joint)),
    ...parts.map((part) => take(job, 'parts', part)),
    // What fell into it falls into nothing that is known.
    ...(['roofs', 'inflows'] as const).flatMap((collection) =>
      job[collection]
        .filter(({ into }) => into === penetration.id)
        .map((source) => replace(job, collection, source, { ...source, into: null })),
    ),
    ...job.extras
      .filter(({ penetrationId }) => penetrationId === penetration.id)
      .map((extra) => replace(job, 'extras', extra, { ...extra, penetrationId: null })),
    ...freedFromOpening(job, penetration.id),
    take(job, 'penetrations', penetration),
  ];
}
export type RemovePenetration = EditBy<typeof removePenetration>;

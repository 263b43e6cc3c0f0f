import { err, ok } from '../result';
import type { HeightRef, Job, Measured } from '../job/job';
import { replace, take } from './change';
import { type EditBy, defineEdit } from './edit-kind';
import { placedFrom } from './unplace';

const LISTS = ['roofs', 'inflows', 'terminals', 'marks'] as const;
const OF: Readonly<Record<(typeof LISTS)[number], Measured['of'] | undefined>> = {
  roofs: 'roof',
  terminals: 'terminal',
  marks: 'mark',
  inflows: undefined,
};

/** What is read from it, by name: it cannot go while something stands on it. */
const readFrom = ({ roofs, terminals, marks }: Job, of: HeightRef['of'] | undefined, id: string): string | undefined =>
  [...roofs, ...terminals, ...marks].find(({ readings }) =>
    readings.some(({ from }) => from.of === of && 'id' in from && from.id === id),
  )?.name;

export const removePlace = defineEdit({
  type: 'remove-place',
  says: 'Takes a roof, an inflow, a place or a mark away again',
  data: { in: { kind: 'choice', of: LISTS }, id: { kind: 'id' } },
  changes: (job, { in: collection, id }) => {
    const record = job[collection].find((one) => one.id === id);
    if (!record) return err({ code: 'gone', message: 'This has been taken away already.' });
    const reader = readFrom(job, OF[collection], id);
    if (reader !== undefined)
      return err({ code: 'not-possible', message: `The height of ${reader} was read from ${record.name}.` });
    if (job.joints.some(({ a, b }) => [a, b].some((ref) => ref.of === 'terminal' && ref.id === id)))
      return err({ code: 'not-possible', message: `A run ends at ${record.name}: finish it elsewhere first.` });
    const of = OF[collection];
    const placed = of ? placedFrom(job, { of, id }) : undefined;
    if (placed !== undefined)
      return err({ code: 'not-possible', message: `The place of ${placed} was taken from ${record.name}.` });
    const standing = collection === 'marks' ? job.tanks.find(({ groundId }) => groundId === id) : undefined;
    if (standing) return err({ code: 'not-possible', message: `${standing.label} stands on ${record.name}.` });
    const grounds = job.marks.filter(({ at }) => at === id && collection === 'terminals');
    const carried = grounds.find((ground) => readFrom(job, 'mark', ground.id) !== undefined);
    if (carried) return err({ code: 'not-possible', message: `A height was read from ${carried.name}.` });
    // A wall that led to it leads nowhere.
    const walls = job.marks
      .filter(({ wallTo }) => collection === 'marks' && wallTo === id)
      .map((mark) => replace(job, 'marks', mark, { ...mark, wallTo: null, wallSide: null }));
    return ok([...walls, ...grounds.map((mark) => take(job, 'marks', mark)), take(job, collection, record)]);
  },
  label: ({ in: collection, id }, job) =>
    `Take away ${job[collection].find((one) => one.id === id)?.name ?? 'a place'}`,
});
export type RemovePlace = EditBy<typeof removePlace>;

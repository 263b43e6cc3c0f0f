import type { RunJob } from './run-job';
import { memoize, memoizeBoth } from '../quantity/memoize';
import type { HeightRef, Job, Reading, Roof } from '../job/job';
import { settle } from '../site/settle';

/** Why a height has no figure, or one that should not be trusted. */
export type HeightTrouble =
  /** Nobody has read it. */
  | 'not-read'
  /** What it was read from has no height itself. */
  | 'stands-on-nothing'
  /** It was read from something that was read from it. */
  | 'in-a-circle'
  /** Two readings differ: a third would say which of them is wrong. */
  | 'apart'
  /** One of several is far from the others, which agree. */
  | 'blunder';

/** A height as its readings make it. */
export interface Height {
  /** Above the finished ground at the tanks [m]; undefined where it cannot be said. */
  readonly upM: number | undefined;
  /** What each reading makes of it, in their order [m]. */
  readonly each: readonly (number | undefined)[];
  /** From the lowest to the highest of those that were taken into the average [m]. */
  readonly spreadM: number;
  /** Which reading was left out as a blunder, by its place; undefined: none. */
  readonly blunder: number | undefined;
  readonly trouble: HeightTrouble | undefined;
}

export const heightKey = (ref: HeightRef): string => (ref.of === 'ground' ? 'ground' : `${ref.of} ${ref.id}`);

const GROUND: Height = { upM: 0, each: [], spreadM: 0, blunder: undefined, trouble: undefined };

/** A height from what each of its readings makes of it [m]; undefined where what it was taken from has no height. */
function heightOf(each: Height['each']): Height {
  const settled = settle(each);
  if (!settled)
    return {
      upM: undefined,
      each,
      spreadM: 0,
      blunder: undefined,
      trouble: each.length === 0 ? 'not-read' : 'stands-on-nothing',
    };
  const { valueM, spreadM, blunder, trouble } = settled;
  return { upM: valueM, each, spreadM, blunder, trouble };
}

/** Is what a height was read from read, in the end, from that height itself? */
function isInCircle(key: string, readings: ReadonlyMap<string, readonly Reading[]>): boolean {
  const seen = new Set<string>();
  const waiting = [key];
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop())
    for (const { from } of readings.get(at) ?? []) {
      const next = heightKey(from);
      if (next === key) return true;
      if (!seen.has(next)) waiting.push(next);
      seen.add(next);
    }
  return false;
}

/**
 * Every height of a job by `heightKey`; worked out once.
 *
 * A height is settled once all that it was read from is. Where that comes to a stop, a circle is broken at a height that
 * was also read from something known; where there is none, it has no height.
 */
export const heightsOf = memoize((job: RunJob): ReadonlyMap<string, Height> => {
  if (!isWhole(job)) throw new RangeError('heightsOf: asked of a part of a job that was told none');
  const { marks, roofs, terminals } = job;
  return heightsRead(marks)(roofs, terminals);
});
const isWhole = (job: RunJob): job is Job => 'roofs' in job;

/** They follow from what was read and from nothing else of a job. */
const heightsRead = memoize((marks: Job['marks']) =>
  memoizeBoth((roofs: Job['roofs'], terminals: Job['terminals']) => settleAll(marks, roofs, terminals)),
);

function settleAll(marks: Job['marks'], roofs: Job['roofs'], terminals: Job['terminals']): ReadonlyMap<string, Height> {
  const readings = new Map<string, readonly Reading[]>([
    ...marks.map(({ id, readings: own }) => [heightKey({ of: 'mark', id }), own] as const),
    ...roofs.map(({ id, readings: own }) => [heightKey({ of: 'roof', id }), own] as const),
    ...terminals.map(({ id, readings: own }) => [heightKey({ of: 'terminal', id }), own] as const),
  ]);
  const settled = new Map<string, Height>([['ground', GROUND]]);
  const isSettled = ({ from }: Reading): boolean => settled.has(heightKey(from));
  const open = new Set(readings.keys());
  while (open.size > 0) {
    const waiting = [...open];
    const next =
      waiting.find((key) => readings.get(key)?.every(isSettled)) ??
      waiting.find((key) => readings.get(key)?.some((reading) => isSettled(reading))) ??
      waiting[0] ??
      '';
    const height = heightOf(
      (readings.get(next) ?? []).map(({ from, downM }) => {
        const upM = settled.get(heightKey(from))?.upM;
        return upM === undefined ? undefined : upM - downM;
      }),
    );
    const circle = height.trouble === 'stands-on-nothing' && isInCircle(next, readings);
    settled.set(next, circle ? { ...height, trouble: 'in-a-circle' } : height);
    open.delete(next);
  }
  return settled;
}

/** Says the heights of a job that shows a part of another: they follow from what it does not show. */
export const giveHeights = (job: RunJob, heights: ReadonlyMap<string, Height>): void => heightsOf.know(job, heights);

/** Above the finished ground at the tanks [m]; undefined where nobody knows. */
export const upOf = (job: RunJob, ref: HeightRef): number | undefined =>
  ref.of === 'ground' ? 0 : heightsOf(job).get(heightKey(ref))?.upM;

/** Where a place lies, above the finished ground at the tanks [m]. */
export const placeUpM = (job: RunJob, terminalId: string): number | undefined =>
  upOf(job, { of: 'terminal', id: terminalId });

/** The underside of the gutter of a roof [m above the finished ground]. */
export const gutterUpM = (job: Job, roofId: string): number | undefined => upOf(job, { of: 'roof', id: roofId });

/** The ground where a place is [m above the finished ground at the tanks]: finished where that was said, else as it is. */
export function groundAtM(job: Job, placeId: string): number | undefined {
  const mark = job.marks.find(({ kind, at }) => kind === 'ground' && at === placeId);
  return mark && (mark.finishedM ?? upOf(job, { of: 'mark', id: mark.id }));
}

/** The roofs whose water falls into an opening: those that say so, and those that say nothing where it is the only inlet. */
export const roofsInto = (job: Job, holeId: string): readonly Roof[] => {
  if (job.roofs.length === 0) return [];
  const only = onlyInletOf(job.penetrations);
  return job.roofs.filter(({ into }) => (into ?? only) === holeId);
};

/** The only inlet; undefined where there are several, or none. */
const onlyInletOf = memoize((penetrations: Job['penetrations']): string | undefined => {
  const inlets = penetrations.filter(({ roles }) => roles.includes('inlet'));
  return inlets.length === 1 ? inlets[0]?.id : undefined;
});

import { isByLength } from '../fittings/part';
import { type StrandItem, discharges, itemsOfRun } from '../derived/run';
import type { CheckContext } from '../derived/context';
import { roofsInto } from '../derived/heights';
import type { Penetration, Roof } from '../job/job';

/** A chamber that takes the first water off a roof before the rest goes on to the tank. */
export interface FirstFlush {
  readonly hole: Penetration;
  readonly body: StrandItem;
  readonly roofs: readonly Roof[];
  /** What the chamber holds [m3]; undefined while a length of it is not known. */
  readonly holdsM3: number | undefined;
  /** As so much rain on its roofs [m]. */
  readonly depthM: number | undefined;
  /** Where it lets its water go again: a tap, a trickle or an open end below. */
  readonly drains: boolean;
  readonly pipe: StrandItem | undefined;
}

const areaM2 = (mm: number): number => (Math.PI / 4) * (mm / 1000) ** 2;

/** Every first flush of a job. Two of one run share its roofs. */
export const firstFlushes = (context: CheckContext): readonly FirstFlush[] =>
  context.runs.flatMap((run) => {
    const bodies = itemsOfRun(run).filter(({ part }) => part.features.includes('first-flush'));
    if (bodies.length === 0) return [];
    const roofs = roofsInto(context.job, run.penetration.id);
    const roofM2 = roofs.reduce((sum, { planAreaM2 }) => sum + planAreaM2, 0) / Math.max(1, bodies.length);
    return bodies.map((body): FirstFlush => {
      const chamber = run.strands.find(
        ({ from }) =>
          from.of === 'part' && from.id === body.placed.id && body.part.ends[from.end]?.position === 'branch',
      );
      const pipes = (chamber?.items ?? []).filter(({ part }) => isByLength(part));
      const unknown =
        chamber === undefined || pipes.length === 0 || pipes.some(({ placed }) => placed.lengthM === null);
      const holdsM3 =
        body.part.flushM3 ??
        (unknown
          ? undefined
          : pipes.reduce((sum, { part, placed }) => sum + areaM2(part.boreMm) * (placed.lengthM ?? 0), 0));
      return {
        hole: run.penetration,
        body,
        roofs,
        holdsM3,
        depthM: holdsM3 === undefined || roofM2 === 0 ? undefined : holdsM3 / roofM2,
        drains: body.part.flushM3 !== undefined || (chamber !== undefined && discharges(chamber)),
        pipe: pipes[0],
      };
    });
  });

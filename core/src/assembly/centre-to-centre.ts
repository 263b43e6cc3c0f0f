import { reachMmOf } from '../fittings/part';
import type { RunSight } from '../derived/context';
import type { StrandItem } from '../derived/run';
import type { EndRef } from '../job/job';
import { tankOf } from '../job/lookup';
import { standsInM } from './stands-in';

/** What a length is measured to: the middle of a bend or a branch, the face of anything else, or its own bare end. */
export interface MeasuredTo {
  readonly of: 'middle' | 'face' | 'end';
  /** Of which part: 'Elbow'; empty where the piece ends free. */
  readonly name: string;
}

/** 'middle of elbow'. */
export const measuredToWords = ({ of, name }: MeasuredTo): string =>
  of === 'end' ? 'its end' : `${of} of ${name.toLowerCase()}`;

/** A cut piece between its neighbours, as it is measured on the wall. */
export interface CentreToCentre {
  /** Once its joints are made [m]. */
  readonly madeM: number;
  /** While it is pushed together dry, least and most [m]; undefined where nothing is cemented. */
  readonly dryM: readonly [least: number, most: number] | undefined;
  readonly from: MeasuredTo;
  readonly to: MeasuredTo;
  /** What is taken from that measure to have the cut length [m]: laying lengths less what goes into sockets and threads. */
  readonly allowanceM: number;
}

/** A dry pipe goes so far into its socket: a third to two thirds of its depth (ASTM D2855, from memory). */
const DRY_SHARE = [1 / 3, 2 / 3] as const;

interface Neighbour extends Pick<StrandItem, 'part' | 'outEnd'> {}

const turns = ({ part }: Pick<Neighbour, 'part'>): boolean =>
  part.bendDegrees !== undefined || part.features.includes('branch');

/** The part from which a branch leaves, by the end of its branch. */
function branchedFrom({ id, end }: Extract<EndRef, { of: 'part' }>, { index }: RunSight): Neighbour | undefined {
  const found = index.placed(id);
  return found && { part: found.part, outEnd: end };
}

/** What a piece of known length measures between its neighbours; undefined where it is of no known length. */
export function centreToCentre(partId: string, context: RunSight): CentreToCentre | undefined {
  for (const { penetration, strands } of context.runs) {
    const wallM = tankOf(context.job, penetration)?.wallM ?? 0;
    for (const { from, items } of strands) {
      const place = items.findIndex(({ placed }) => placed.id === partId);
      const item = items[place];
      if (item?.placed.lengthM == null) continue;
      const after = items[place + 1];
      const before = items[place - 1] ?? (from.of === 'part' ? branchedFrom(from, context) : undefined);
      const sides = [
        { neighbour: before, end: before?.outEnd, joint: context.judgedOf(item.jointIn?.id) },
        { neighbour: after, end: after?.inEnd, joint: context.judgedOf(after?.jointIn?.id) },
      ].map(({ neighbour, end, joint }) => {
        const insideM = neighbour ? standsInM(joint, [neighbour.part, item.part], wallM) : 0;
        const middle = neighbour !== undefined && turns(neighbour);
        const reachM = middle && end !== undefined ? reachMmOf(neighbour.part, end) / 1000 : 0;
        const cemented = joint?.mating.needs.some(({ kind }) => kind === 'cement') ?? false;
        const to: MeasuredTo = neighbour
          ? { of: middle ? 'middle' : 'face', name: neighbour.part.name }
          : { of: 'end', name: '' };
        return { allowanceM: reachM - insideM, standsOutM: cemented ? insideM : 0, to };
      });
      const [near, far] = sides as [(typeof sides)[number], (typeof sides)[number]];
      const allowanceM = near.allowanceM + far.allowanceM;
      const madeM = item.placed.lengthM + allowanceM;
      const standsOutM = near.standsOutM + far.standsOutM;
      return {
        madeM,
        dryM:
          standsOutM === 0
            ? undefined
            : [madeM + standsOutM * (1 - DRY_SHARE[1]), madeM + standsOutM * (1 - DRY_SHARE[0])],
        from: near.to,
        to: far.to,
        allowanceM,
      };
    }
  }
  return undefined;
}

import { type Leg, coursesOf } from '../assembly/course';
import type { CheckContext } from '../derived/context';
import { gutterUpM, roofsInto } from '../derived/heights';
import type { Penetration, Roof } from '../job/job';
import { tankOf } from '../job/lookup';
import { type Run, type Strand, type StrandItem, strandPath } from '../derived/run';
import type { Tank } from '../walls/tank';

/** The way of the water of one roof, from its opening in the tank up to its gutter. */
export interface GutterRun {
  readonly roof: Roof;
  readonly hole: Penetration;
  readonly tank: Tank;
  /** From the tank upward; empty where nothing stands there yet. */
  readonly items: readonly StrandItem[];
  readonly legs: readonly Leg[];
  /** The underside of the gutter above the finished ground [m]; undefined: nobody has read it. */
  readonly gutterM: number | undefined;
  /** The top of the last piece [m]; undefined where nothing stands there. */
  readonly topM: number | undefined;
  /** Does it end in a gutter outlet or a leaf head? */
  readonly reaches: boolean;
}

/** The piece that hangs in the gutter: one end, for the pipe below it. */
export const hangsInGutter = ({ part }: StrandItem): boolean =>
  part.family === 'downpipe-fitting' && part.ends.length === 1;

const endsInGutter = ({ items }: Strand): boolean => {
  const last = items.at(-1);
  return last !== undefined && hangsInGutter(last);
};

/** Strands of a run by which water comes, those that end in a gutter first. */
const waysUp = ({ strands }: Run): readonly Strand[] => {
  const ending = strands.filter(endsInGutter);
  return ending.length > 0 ? ending : strands.slice(0, 1);
};

/** Every roof that falls into an opening, with the parts that are to lead its water there. */
export function gutterRuns(context: CheckContext): readonly GutterRun[] {
  const { job } = context;
  return context.runs.flatMap((run): readonly GutterRun[] => {
    const { penetration: hole } = run;
    const tank = tankOf(job, hole);
    const roofs = roofsInto(job, hole.id);
    if (!tank || roofs.length === 0) return [];
    const ways = waysUp(run);
    const legs = new Map((coursesOf(context).get(hole.id)?.strands ?? []).flat().map((leg) => [leg.placed.id, leg]));
    return roofs.map((roof, place) => {
      const strand = ways[place] ?? ways[0];
      const items = strand ? strandPath(run, strand) : [];
      const own = items.flatMap(({ placed }) => legs.get(placed.id) ?? []);
      const last = items.at(-1);
      return {
        roof,
        hole,
        tank,
        items,
        legs: own,
        gutterM: gutterUpM(job, roof.id),
        topM: own.at(-1)?.to.up,
        reaches: last !== undefined && hangsInGutter(last),
      };
    });
  });
}

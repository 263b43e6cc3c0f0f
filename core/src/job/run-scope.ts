import { keepAlike, remember } from '../quantity/remember';
import type { Tank } from '../walls/tank';
import type { CheckContext } from './context';
import { giveHeights, heightKey, heightsOf } from './heights';
import type { Job, Joint, Penetration, PlacedPart, Terminal } from './job';
import { giveLevels, levelsOf } from './levels';
import { holeById, holesOf, tankOf } from './lookup';
import { sealOf } from './resolve';
import { type Run, indexJob, itemsOfRun, jointsOfRun } from './run';

/** A tank as a run on it sees it: its openings, what stands in each of them, and where its water stands. */
interface Neighbourhood {
  readonly tank: Tank;
  readonly holes: readonly Penetration[];
  readonly seals: readonly PlacedPart[];
  readonly wallJoints: readonly Joint[];
  readonly levels: ReturnType<typeof levelsOf>;
}

/** A place where a run ends, and how high it lies. */
interface Place {
  readonly terminal: Terminal;
  readonly height: ReturnType<ReturnType<typeof heightsOf>['get']>;
}

/** All that the view of one run is made of. */
interface Seen extends Pick<CheckContext, 'catalogue' | 'joints'> {
  readonly run: Run;
  readonly tanks: readonly Neighbourhood[];
  /** The openings of these tanks, in the order of the job. */
  readonly holes: readonly Penetration[];
  readonly places: readonly Place[];
  readonly settings: Job;
}

const neighbourhoodAgain = keepAlike<Tank, Neighbourhood>();
const settingsAgain = keepAlike<CheckContext['catalogue'], Job>();
const seenAgain = keepAlike<Penetration, Seen>();

function neighbourhoodOf(tank: Tank, context: CheckContext): Neighbourhood {
  const { job, index } = context;
  const holes = holesOf(job, tank.id);
  return neighbourhoodAgain(tank, {
    tank,
    holes,
    seals: holes.flatMap(({ id }) => sealOf(id, index)?.placed ?? []),
    wallJoints: holes.flatMap(({ id }) => index.jointAt({ of: 'hole', id }) ?? []),
    levels: levelsOf(tank, context),
  });
}

const EMPTY = { roofs: [], inflows: [], marks: [], tanks: [], penetrations: [], parts: [], joints: [], terminals: [] };

/** The job as it is seen from one run, made once for what it is made of. */
const scopeOfSeen = remember(({ run, tanks, holes, places, joints, settings, catalogue }: Seen): CheckContext => {
  const job: Job = {
    ...settings,
    tanks: tanks.map(({ tank }) => tank),
    penetrations: holes,
    parts: [...new Set([...itemsOfRun(run).map(({ placed }) => placed), ...tanks.flatMap(({ seals }) => seals)])],
    joints: [...new Set([...jointsOfRun(run.strands), ...tanks.flatMap(({ wallJoints }) => wallJoints)])],
    terminals: places.map(({ terminal }) => terminal),
  };
  giveLevels(job, new Map(tanks.map(({ tank, levels }) => [tank.id, levels])));
  giveHeights(
    job,
    new Map(
      places.flatMap(({ terminal: { id }, height }) => (height ? [[heightKey({ of: 'terminal', id }), height]] : [])),
    ),
  );
  const byId = new Map(joints.map((judged) => [judged.joint.id, judged]));
  const scope: CheckContext = {
    job,
    catalogue,
    index: indexJob(job, catalogue),
    runs: [run],
    joints,
    judgedOf: (id) => byId.get(id ?? ''),
  };
  runScopes.know(scope, [scope]);
  return scope;
});

/**
 * The job as each of its runs sees it: the run itself, its joints, the tanks it hangs on with their openings and levels,
 * the places where it ends, the settings, and nothing else: no other run, no roof. Where none of that has changed since
 * the job was planned before, the view is the same object again, and all that was worked out of it stays known.
 */
export const runScopes = remember((context: CheckContext): readonly CheckContext[] => {
  const { job, catalogue, judgedOf } = context;
  const order = new Map<Tank | Penetration, number>(
    [...job.tanks, ...job.penetrations].map((one, place) => [one, place]),
  );
  const inOrder = <One extends Tank | Penetration>(list: readonly One[]): readonly One[] =>
    list.length < 2 ? list : list.toSorted((a, b) => (order.get(a) ?? 0) - (order.get(b) ?? 0));
  const around = remember((tank: Tank) => neighbourhoodOf(tank, context));
  const settings = settingsAgain(catalogue, { ...job, ...EMPTY, name: '' });
  const heights = heightsOf(job);
  return context.runs.map((run) => {
    const { penetration, strands } = run;
    const far = strands.map(({ end }) => (end.at === 'hole' ? tankOf(job, holeById(job, end.id)) : undefined));
    const own = [...new Set([tankOf(job, penetration), ...far])].filter((tank) => tank !== undefined);
    const tanks = inOrder(own).map(around);
    const ends = new Set(strands.flatMap(({ end }) => (end.at === 'terminal' ? [end.id] : [])));
    return scopeOfSeen(
      seenAgain(penetration, {
        run,
        tanks,
        holes: tanks.length === 1 ? (tanks[0]?.holes ?? []) : inOrder(tanks.flatMap(({ holes }) => holes)),
        places: job.terminals
          .filter(({ id }) => ends.has(id))
          .map((terminal) => ({ terminal, height: heights.get(heightKey({ of: 'terminal', id: terminal.id })) })),
        joints: jointsOfRun(strands)
          .map(({ id }) => judgedOf(id))
          .filter((judged) => judged !== undefined),
        settings,
        catalogue,
      }),
    );
  });
});

const scopesByHole = remember(
  (context: CheckContext) => new Map(runScopes(context).map((scope) => [scope.runs[0]?.penetration.id, scope])),
);

/** The job as this run sees it; where the job does not know the run, the whole of it. */
export const scopeOf = (context: CheckContext, { penetration }: Run): CheckContext =>
  scopesByHole(context).get(penetration.id) ?? context;

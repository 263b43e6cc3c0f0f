import { dequal } from 'dequal';
import { reuseEqual, memoize, memoizeBoth } from '../quantity/memoize';
import { spotOf } from '../walls/forms';
import { planKey } from '../walls/placing';
import type { Tank } from '../walls/tank';
import type { CheckContext, RunSight } from './context';
import type { RunJob } from './run-job';
import { giveHeights, heightKey, heightsOf } from './heights';
import { type Joint, type Penetration, type PlacedPart, SETTINGS, type Terminal } from '../job/job';
import { type TankLevels, giveLevels, levelsOf } from './levels';
import { type PlanPlace, type SetOut, type TankTurn, giveSetOut, setOutOf } from './set-out';
import { holeById, holesOf, tankOf } from '../job/lookup';
import { sealOf } from './resolve';
import { type Run, indexJob, itemsOfRun, jointsOfRun } from './run';

/** An opening as a run sees it: what stands in it, and by which joint. */
interface Opening {
  readonly hole: Penetration;
  readonly seal: PlacedPart | undefined;
  readonly joint: Joint | undefined;
}

/** A place where a run ends, how high it lies and where it is on the plan. */
interface Place {
  readonly terminal: Terminal;
  readonly height: ReturnType<ReturnType<typeof heightsOf>['get']>;
  readonly place: PlanPlace | undefined;
}

/** Where a tank is on the plan, how it is turned, and the ground under it. */
interface Stood {
  readonly id: string;
  readonly place: PlanPlace | undefined;
  readonly turn: TankTurn | undefined;
  readonly groundM: number | undefined;
}

/** What the plan says of some tanks and places. */
const setOutAs = (stood: readonly Stood[], places: readonly Place[]): SetOut => ({
  places: new Map([
    ...stood.flatMap(({ id, place }) => (place ? [[planKey({ of: 'tank', id }), place] as const] : [])),
    ...places.flatMap(({ terminal: { id }, place }) =>
      place ? [[planKey({ of: 'terminal', id }), place] as const] : [],
    ),
  ]),
  turns: new Map(stood.flatMap(({ id, turn }) => (turn ? [[id, turn] as const] : []))),
  groundM: new Map(stood.flatMap(({ id, groundM }) => (groundM === undefined ? [] : [[id, groundM] as const]))),
});

/** What is said once for the whole job and matters to a run. */
type RunSettings = Omit<RunJob, 'tanks' | 'penetrations' | 'parts' | 'joints' | 'terminals'>;
const RUN_SETTINGS = (Object.keys(SETTINGS) as readonly (keyof typeof SETTINGS)[]).filter((name) => name !== 'name');
const settingsOf = (job: RunJob): RunSettings =>
  Object.fromEntries(RUN_SETTINGS.map((name) => [name, job[name]])) as unknown as RunSettings;

/** All that the view of one run is made of; tanks and openings in the order of the job. */
interface Seen extends Pick<CheckContext, 'catalogue' | 'joints'> {
  readonly run: Run;
  readonly tanks: readonly Tank[];
  readonly stood: readonly Stood[];
  readonly openings: readonly Opening[];
  readonly places: readonly Place[];
  readonly settings: RunSettings;
}

const isSameList = (list: readonly unknown[], other: readonly unknown[]): boolean =>
  list.length === other.length && list.every((one, place) => one === other[place]);

const openingAgain = reuseEqual<Penetration, Opening>();
const settingsAgain = reuseEqual<CheckContext['catalogue'], RunSettings>();
const seenAgain = reuseEqual<Penetration, Seen>(
  (one, other) =>
    one.run === other.run &&
    one.settings === other.settings &&
    one.catalogue === other.catalogue &&
    isSameList(one.tanks, other.tanks) &&
    isSameList(one.openings, other.openings) &&
    isSameList(one.joints, other.joints) &&
    dequal(one.stood, other.stood) &&
    dequal(one.places, other.places),
);

/** Nothing that is screwed on sweeps as far as this, with the flange that it would strike [m]. */
export const STRIKES_M = 0.75;

/** Openings on one face so near each other that what is screwed on at one may strike the other. */
const nearOnFace = memoizeBoth((tank: Tank, holes: readonly Penetration[]) => {
  const spots = holes.map((hole) => ({ hole, ...spotOf(tank, hole) }));
  return new Map<Penetration, readonly Penetration[]>(
    spots.map((own) => [
      own.hole,
      spots
        .filter(
          ({ hole, leftM, frontM, upM }) =>
            hole.face === own.hole.face &&
            Math.hypot(leftM - own.leftM, frontM - own.frontM, upM - own.upM) <= STRIKES_M,
        )
        .map(({ hole }) => hole),
    ]),
  );
});

/** The job as one run sees it. */
export interface RunView {
  /** Whatever the levels of the water are: they may not be asked for. */
  readonly dry: RunSight;
  /** With the levels of its tanks. */
  readonly inWater: RunSight;
}

/** The dry view, made once for what it is made of. */
const dryView = memoize(({ run, tanks, stood, openings, places, joints, settings, catalogue }: Seen): RunSight => {
  const job: RunJob = {
    ...settings,
    tanks,
    penetrations: openings.map(({ hole }) => hole),
    parts: [
      ...new Set([...itemsOfRun(run).map(({ placed }) => placed), ...openings.flatMap(({ seal }) => seal ?? [])]),
    ],
    joints: [...new Set([...jointsOfRun(run.strands), ...openings.flatMap(({ joint }) => joint ?? [])])],
    terminals: places.map(({ terminal }) => terminal),
  };
  giveLevels(job);
  giveHeights(
    job,
    new Map(
      places.flatMap(({ terminal: { id }, height }) => (height ? [[heightKey({ of: 'terminal', id }), height]] : [])),
    ),
  );
  giveSetOut(job, setOutAs(stood, places));
  const byId = new Map(joints.map((judged) => [judged.joint.id, judged]));
  const dry: RunSight = {
    job,
    catalogue,
    index: indexJob(job, catalogue),
    runs: [run],
    joints,
    judgedOf: (id) => byId.get(id ?? ''),
  };
  runViews.know(dry, [{ dry, inWater: dry }]);
  return dry;
});

type Levels = ReadonlyMap<string, TankLevels>;
const levelsAgain = reuseEqual<RunSight, Levels>();

/** A dry view with the levels of its tanks, by their ids. */
const viewInWater = memoizeBoth((dry: RunSight, levels: Levels): RunView => {
  const inWater = { ...dry, job: { ...dry.job } };
  giveLevels(inWater.job, levels);
  giveHeights(inWater.job, heightsOf(dry.job));
  giveSetOut(inWater.job, setOutOf(dry.job));
  const view = { dry, inWater };
  runViews.know(inWater, [view]);
  return view;
});

/**
 * The job as each of its runs sees it: the run itself and its joints; the tanks it hangs on, its openings, those that a
 * hand goes in by and those near its own; the places where it ends; the settings; in water the levels of its tanks.
 * Nothing else: no other run, no roof. Where none of that has changed since the job was planned before, the view is the
 * same object again, and all that was worked out of it stays known.
 */
export const runViews = memoize((context: RunSight): readonly RunView[] => {
  const { job, catalogue, index, judgedOf } = context;
  const order = new Map<Tank | Penetration, number>(
    [...job.tanks, ...job.penetrations].map((one, place) => [one, place]),
  );
  const inOrder = <One extends Tank | Penetration>(some: ReadonlySet<One>): readonly One[] =>
    some.size < 2 ? [...some] : [...some].sort((a, b) => (order.get(a) ?? 0) - (order.get(b) ?? 0));
  const openingOf = memoize((hole: Penetration) =>
    openingAgain(hole, {
      hole,
      seal: sealOf(hole.id, index)?.placed,
      joint: index.jointAt({ of: 'hole', id: hole.id }),
    }),
  );
  const settings = settingsAgain(catalogue, settingsOf(job));
  const heights = heightsOf(job);
  const { places, turns, groundM } = setOutOf(job);
  const stoodOf = memoize(({ id }: Tank): Stood => ({
    id,
    place: places.get(planKey({ of: 'tank', id })),
    turn: turns.get(id),
    groundM: groundM.get(id),
  }));
  return context.runs.map((run) => {
    const { penetration, strands } = run;
    const holes = new Set([penetration]);
    const ends = new Set<string>();
    for (const { end } of strands) {
      const far = end.at === 'hole' ? holeById(job, end.id) : undefined;
      if (far) holes.add(far);
      if (end.at === 'terminal') ends.add(end.id);
    }
    const tanks = new Set([...holes].map((hole) => tankOf(job, hole)).filter((tank) => tank !== undefined));
    for (const tank of tanks) {
      for (const hole of holesOf(job, tank.id, 'access')) holes.add(hole);
      for (const hole of nearOnFace(tank, holesOf(job, tank.id)).get(penetration) ?? []) holes.add(hole);
    }
    const dry = dryView(
      seenAgain(penetration, {
        run,
        tanks: inOrder(tanks),
        stood: inOrder(tanks).map(stoodOf),
        openings: inOrder(holes).map(openingOf),
        places: job.terminals
          .filter(({ id }) => ends.has(id))
          .map((terminal) => ({
            terminal,
            height: heights.get(heightKey({ of: 'terminal', id: terminal.id })),
            place: places.get(planKey({ of: 'terminal', id: terminal.id })),
          })),
        joints: jointsOfRun(strands)
          .map(({ id }) => judgedOf(id))
          .filter((judged) => judged !== undefined),
        settings,
        catalogue,
      }),
    );
    return viewInWater(dry, levelsAgain(dry, new Map([...tanks].map((tank) => [tank.id, levelsOf(tank, context)]))));
  });
});

const viewsByHole = memoize(
  (context: RunSight) => new Map(runViews(context).map((view) => [view.dry.runs[0]?.penetration.id, view])),
);

/** The job in water as this run sees it; where the job does not know the run, the whole of it. */
export const inWaterOf = (context: RunSight, { penetration }: Run): RunSight =>
  viewsByHole(context).get(penetration.id)?.inWater ?? context;

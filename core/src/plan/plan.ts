import { NO_SOLUTIONS, type Solutions } from '../derived/solutions';
import { type CheckContext, type JudgedJoint, contextOf } from '../derived/context';
import type { Run } from '../derived/run';
import { failedFinding, reasonOf } from '../checks/failed';
import { type Finding, type StationId, isOpen } from '../checks/finding';
import { CHECKS } from '../checks/registry';
import { runChecks } from '../checks/run-checks';
import { holdsAtAll } from '../connections/mating';
import { type Catalogue, shippedCatalogue } from '../fittings/catalogue';
import { unknownsOf } from '../falls/measuring-sheet';
import type { Job } from '../job/job';
import { contextInSpace } from './context-in-space';
import { takeOff } from '../parts/take-off/take-off';
import type { Completeness, PartsList } from '../parts/list/parts-list';

/** How far a station has come: the peg beside its name. */
export type PegState = 'settled' | 'under-way' | 'not-begun' | 'waits' | 'trouble';

export interface Station {
  readonly id: StationId;
  readonly name: string;
  readonly peg: PegState;
  readonly words: string;
  /** Has it a screen yet? */
  readonly open: boolean;
}

/** All that follows from a job: judged joints, runs, findings, the parts list and how far each station has come. */
export interface Plan {
  readonly context: CheckContext;
  readonly joints: readonly JudgedJoint[];
  readonly runs: readonly Run[];
  /** What is open, worst first; what can hurt somebody among it, acknowledged or not. */
  readonly findings: readonly Finding[];
  /** What somebody has settled by name, on the figures as they are. */
  readonly settled: readonly Finding[];
  readonly parts: PartsList;
  readonly stations: readonly Station[];
}

/**
 * The one call behind every screen and the API. Synchronous and pure; a keystroke's worth of work.
 *
 * @param job        a valid job document; parts that the catalogue does not know are passed over
 * @param solutions  slow answers found elsewhere; without them the quick ones stand
 */
export function plan(job: Job, catalogue: Catalogue = shippedCatalogue, solutions: Solutions = NO_SOLUTIONS): Plan {
  const failed: Finding[] = [];
  const context = tried(
    () => contextInSpace(job, catalogue, solutions),
    (why) => {
      failed.push(failedFinding('the work in space', 'runs', why));
      return contextOf(job, catalogue, solutions);
    },
  );
  const all = runChecks(context, CHECKS);
  const checked = job.settlements.length === 0 ? all : all.filter(isOpen);
  const parts = tried(
    () => takeOff(context),
    (why) => {
      failed.push(failedFinding('the parts list', 'parts', why));
      return noList(why);
    },
  );
  const settled = checked === all ? NONE : all.filter((finding) => !isOpen(finding));
  const stations = stationsOf(context, checked, parts, failed).map((station) => withSettled(station, settled));
  return {
    context,
    joints: context.joints,
    runs: context.runs,
    findings: failed.length > 0 ? [...failed, ...checked] : checked,
    settled,
    parts,
    stations,
  };
}

const NONE: readonly Finding[] = [];

/** A station that has come to its end says how much of it was only settled by name; the list rests on all of it. */
function withSettled(station: Station, settled: readonly Finding[]): Station {
  const own = station.id === 'parts' ? settled : settled.filter((one) => one.station === station.id);
  return station.peg === 'settled' && own.length > 0
    ? { ...station, words: `${station.words}, ${own.length} by name` }
    : station;
}

/** What is worked out, or what stands in its place where that breaks: the rest of the desk goes on. */
function tried<Value>(work: () => Value, instead: (why: string) => Value): Value {
  try {
    return work();
  } catch (error) {
    return instead(reasonOf(error));
  }
}

const NOTHING: Completeness = { done: 0, of: 0, missing: [] };
/** A list that could not be made: it is complete in nothing, and asks why. */
const noList = (why: string): PartsList => ({
  groups: [],
  cuts: [],
  closedBy: [],
  ends: NOTHING,
  joints: NOTHING,
  holes: NOTHING,
  lengths: NOTHING,
  questions: [`The list could not be made (${why}). Report it.`],
  toBuy: 0,
  totalUsd: 0,
});

const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;

function stationsOf(
  context: CheckContext,
  findings: readonly Finding[],
  parts: PartsList,
  failed: Finding[],
): readonly Station[] {
  const { job, joints } = context;
  const made = (id: StationId, name: string, station: () => Station): Station =>
    tried(station, (why) => {
      failed.push(failedFinding(`the station ${name}`, id, why));
      return { id, name, peg: 'trouble', words: 'failed', open: true };
    });
  const waits = (id: Station['id'], name: string): Station => ({
    id,
    name,
    peg: 'waits',
    words: 'comes later',
    open: false,
  });
  return [
    made('site', 'Site', () => siteStation(context, findings)),
    made('tanks', 'Tanks', () => tanksStation(job, findings)),
    made('holes', 'Holes', () => holesStation(job, findings)),
    made('runs', 'Runs', () => runsStation(job, joints, findings)),
    waits('flow', 'Flow'),
    made('parts', 'Parts', () => partsStation(job, findings, parts)),
    waits('build', 'Build'),
  ];
}

const pressing = ({ severity }: Finding): boolean => severity !== 'costs' && severity !== 'advice';

function siteStation(context: CheckContext, findings: readonly Finding[]): Station {
  const { roofs, inflows, terminals, tanks } = context.job;
  const base = { id: 'site', name: 'Site', open: true } as const;
  const named = roofs.length + inflows.length + terminals.length;
  const setOut = tanks.some(({ placed }) => placed !== null);
  if (named === 0 && !setOut) return { ...base, peg: 'not-begun', words: 'not begun' };
  const own = findings.filter((finding) => finding.station === 'site' && pressing(finding));
  const failing = own.filter(({ severity }) => severity === 'fails').length;
  if (failing > 0) return { ...base, peg: 'trouble', words: `${failing} to put right` };
  const open = own.length + unknownsOf(context).length;
  if (open > 0) return { ...base, peg: 'under-way', words: `${open} to measure` };
  if (tanks.length === 0) return { ...base, peg: 'under-way', words: 'waits on Tanks' };
  if (named === 0) return { ...base, peg: 'settled', words: 'tanks set out' };
  return { ...base, peg: 'settled', words: `${roofs.length + inflows.length} in, ${terminals.length} out` };
}

function tanksStation({ tanks }: Job, findings: readonly Finding[]): Station {
  const base = { id: 'tanks', name: 'Tanks', open: true } as const;
  if (tanks.length === 0) return { ...base, peg: 'not-begun', words: 'not begun' };
  const own = findings.filter((finding) => finding.station === 'tanks' && pressing(finding));
  const failing = own.filter(({ severity }) => severity === 'fails').length;
  if (failing > 0) return { ...base, peg: 'trouble', words: `${failing} to put right` };
  if (own.length > 0) return { ...base, peg: 'under-way', words: `${own.length} to say` };
  return { ...base, peg: 'settled', words: `${tanks.length} settled` };
}

function holesStation({ tanks, penetrations }: Job, findings: readonly Finding[]): Station {
  const own = findings.filter(
    (finding) => finding.station === 'holes' && pressing(finding) && finding.check !== 'hole/nothing-behind',
  );
  const failing = own.filter(({ severity }) => severity === 'fails').length;
  const base = { id: 'holes', name: 'Holes', open: true } as const;
  if (tanks.length === 0) return { ...base, peg: 'waits', words: 'waits on Tanks' };
  if (penetrations.length === 0) return { ...base, peg: 'not-begun', words: 'not begun' };
  if (failing > 0) return { ...base, peg: 'trouble', words: `${failing} to put right` };
  if (own.length > 0) return { ...base, peg: 'under-way', words: `${own.length} to check` };
  return { ...base, peg: 'settled', words: `${penetrations.length} settled` };
}

function runsStation({ penetrations }: Job, joints: readonly JudgedJoint[], findings: readonly Finding[]): Station {
  const base = { id: 'runs', name: 'Runs', open: true } as const;
  if (penetrations.length === 0) return { ...base, peg: 'waits', words: 'waits on Holes' };
  if (joints.length === 0) return { ...base, peg: 'not-begun', words: 'not begun' };
  const failing = joints.filter(
    ({ mating }) => mating.verdict === 'starts-then-leaks' || mating.verdict === 'will-not-go',
  ).length;
  const ends = findings.filter(({ check }) => check === 'run/end-open' || check === 'hole/nothing-behind').length;
  const asked = findings.filter(
    ({ station, severity, check }) => station === 'runs' && severity === 'unknown' && check !== 'run/end-open',
  ).length;
  // What fails of a run though every joint of it holds.
  const wrong = findings.filter(
    ({ station, severity, check }) => station === 'runs' && severity === 'fails' && !check.startsWith('joint/'),
  ).length;
  const words = [
    ...(wrong > 0 ? [`${wrong} to put right`] : []),
    ...(failing > 0 ? [`${failing} ${failing === 1 ? 'leaks' : 'leak'}`] : []),
    ...(ends > 0 ? [`${plural(ends, 'end')} open`] : []),
    ...(asked > 0 ? [`${asked} to measure`] : []),
  ];
  if (words.length === 0)
    return {
      ...base,
      peg: 'settled',
      words: `${joints.filter(({ mating }) => holdsAtAll(mating.verdict)).length} joints hold`,
    };
  return { ...base, peg: failing + wrong > 0 ? 'trouble' : 'under-way', words: words.slice(0, 2).join(', ') };
}

function partsStation({ parts: placed }: Job, findings: readonly Finding[], parts: PartsList): Station {
  const base = { id: 'parts', name: 'Parts', open: true } as const;
  if (placed.length === 0) return { ...base, peg: 'waits', words: 'waits on Runs' };
  const complete =
    parts.questions.length === 0 && findings.every(({ severity }) => severity === 'costs' || severity === 'advice');
  return { ...base, peg: complete ? 'settled' : 'under-way', words: `${parts.toBuy} to buy` };
}

import { dequal } from 'dequal';
import { type Mating, type Service, verdictWords } from '../connections/mating';
import type { End } from '../connections/end';
import { asMade } from '../connections/as-made';
import { mate } from '../connections/mate';
import type { Catalogue } from '../fittings/catalogue';
import { reuseEqual, memoize, memoizeBoth } from '../quantity/memoize';
import type { Job, Joint, Penetration } from '../job/job';
import type { RunJob } from './run-job';
import { NO_SOLUTIONS, type Solutions } from './solutions';
import { type ResolvedEnd, resolveEnd } from './resolve';
import { servicesOfJoints } from './service';
import { onSharedStands } from './shared-stand';
import { jointNames } from './joint-names';
import { type JobIndex, type Run, indexJob, runOf } from './run';

/** A joint with what stands on both of its sides and how it is judged. */
export interface JudgedJoint {
  readonly joint: Joint;
  /** 'P3 J1'. */
  readonly name: string;
  /** Within its run, along the flow. */
  readonly number: number;
  readonly a: ResolvedEnd;
  readonly b: ResolvedEnd;
  readonly mating: Mating;
  /** 'Holds with tape', 'Starts, then leaks'. */
  readonly words: string;
  /** The hole from which its run starts; undefined where it hangs on none. */
  readonly penetration: Penetration | undefined;
  /** What the water does there; undefined where it hangs on no opening. */
  readonly service: Service | undefined;
}

/** Everything a check may look at, worked out once. */
export interface CheckContext {
  /** With every length that follows from the places of its ends, every tank as high as the stand it shares. */
  readonly job: Job;
  /** As people have said it: what edits are made on. */
  readonly said: Job;
  readonly catalogue: Catalogue;
  /** What was found elsewhere and passed in. */
  readonly solutions: Solutions;
  readonly index: JobIndex;
  readonly runs: readonly Run[];
  readonly joints: readonly JudgedJoint[];
  /** A joint by its id; undefined where there is none. */
  readonly judgedOf: (jointId: string | undefined) => JudgedJoint | undefined;
}

/** The view of one run: itself, its joints, its tanks and openings, the places where it ends. */
export interface RunSight extends Omit<CheckContext, 'job' | 'said' | 'solutions'> {
  readonly job: RunJob;
}

/** Water just leaves or enters here: there is nothing to make tight. */
const DAYLIGHT: Mating = {
  verdict: 'holds',
  reason: 'free',
  needs: [],
  cautions: [],
  why: 'The end stands free: water leaves here.',
  basis: [],
  sources: [],
  engagementMm: 0,
};

const NOT_SAID: Mating = {
  verdict: 'unknown',
  reason: 'not-said',
  needs: [],
  cautions: [],
  why: 'One side of this joint is not known.',
  basis: [],
  instead: 'Measure the end: diameter over or across the threads, and threads to the inch.',
  sources: [],
  engagementMm: 0,
};

/** What has been judged between two ends of the catalogue, made as they ask; both are objects that never change. */
const judgedWith = memoizeBoth<End, End, Map<string, Mating>>(() => new Map());

/** `mate` of a joint that is made as it asks: worked out once for the two ends, what they are made of and what the water does. */
function asAsked(
  a: ResolvedEnd & { readonly end: End },
  b: ResolvedEnd & { readonly end: End },
  service: Service | undefined,
): Mating {
  const byMaterial = judgedWith(a.end, b.end);
  const key = `${a.material ?? ''}|${b.material ?? ''}|${service ?? ''}`;
  const mating = byMaterial.get(key) ?? mate(a.end, b.end, { a: a.material, b: b.material, service });
  byMaterial.set(key, mating);
  return mating;
}

const isKnown = (side: ResolvedEnd): side is ResolvedEnd & { readonly end: End } => side.end !== undefined;

const isMadeOtherwise = ({ factorySeal, dryFitTurns, cutToM }: Joint): boolean =>
  factorySeal || dryFitTurns !== null || cutToM !== null;

/** A joint with what stands on both of its sides, not judged yet. */
type MetJoint = Omit<JudgedJoint, 'mating' | 'words'>;

const isSameSide = (one: ResolvedEnd, other: ResolvedEnd): boolean =>
  one.stands === other.stands &&
  one.material === other.material &&
  (one.end === other.end || dequal(one.end, other.end));
const metAgain = reuseEqual<Joint, MetJoint>(
  (one, other) =>
    one.penetration === other.penetration &&
    one.service === other.service &&
    one.name === other.name &&
    isSameSide(one.a, other.a) &&
    isSameSide(one.b, other.b),
);

const judged = memoize((met: MetJoint): JudgedJoint => {
  const { joint, a, b, service } = met;
  const free = [a, b].some(({ ref, end }) => ref.of === 'terminal' && end === undefined);
  const mating = free
    ? DAYLIGHT
    : !isKnown(a) || !isKnown(b)
      ? NOT_SAID
      : joint.madeWith === null
        ? asAsked(a, b, service)
        : mate(a.end, b.end, { a: a.material, b: b.material, madeWith: joint.madeWith, service });
  const made =
    free || !isKnown(a) || !isKnown(b) || !isMadeOtherwise(joint) ? mating : asMade(a.end, b.end, mating, joint);
  return { ...met, mating: made, words: verdictWords(made) };
});

/**
 * Judges every joint and walks every run of a job, once. A run and a joint of which nothing has changed since the job was
 * planned before are the same objects again.
 */
export function contextOf(said: Job, catalogue: Catalogue, solutions: Solutions = NO_SOLUTIONS): CheckContext {
  const job = onSharedStands(said);
  const index = indexJob(job, catalogue);
  const runs = job.penetrations.map((penetration) => runOf(penetration, index));
  const names = jointNames(runs, job.joints);
  const services = servicesOfJoints(runs);
  const joints = job.joints.map((joint) => {
    const [a, b] = [resolveEnd(joint.a, job, index), resolveEnd(joint.b, job, index)];
    const { name = '', number = 0, penetration } = names.get(joint) ?? {};
    return judged(metAgain(joint, { joint, name, number, a, b, penetration, service: services.get(joint) }));
  });
  const byId = new Map(joints.map((one) => [one.joint.id, one]));
  return { job, said, catalogue, solutions, index, runs, joints, judgedOf: (id) => byId.get(id ?? '') };
}

import {
  type Finding,
  type Job,
  type Mating,
  type Plan,
  type Station,
  fillText,
  formatVolume,
  holdsM3,
  tankType,
} from '@herrero/core';

/** A finding as the list of jobs shows it. */
export interface LookedFinding extends Pick<Finding, 'check' | 'severity' | 'title' | 'text'> {
  readonly label: string;
  /** Of the joint that it lies at. */
  readonly mating?: Pick<Mating, 'verdict' | 'needs'>;
}

/** What the list of jobs shows of a job without planning it again. */
export interface Look {
  readonly tanks: string;
  readonly joints: number;
  readonly stations: readonly Station[];
  /** How many of its notes are settled by name: they are not open, and not solved. */
  readonly settled?: number;
  /** The worst two. */
  readonly findings: readonly LookedFinding[];
}

const MOST_FINDINGS = 2;

function tankWords(job: Job): string {
  const [first] = job.tanks;
  if (!first) return 'no tank yet';
  const same = job.tanks.every((tank) => holdsM3(tank) === holdsM3(first));
  const tanks = same
    ? `${job.tanks.length} x ${formatVolume(holdsM3(first), job.measures)} ${tankType(first.type).shortName}`
    : `${job.tanks.length} tanks`;
  return `${tanks}, ${job.penetrations.length} ${job.penetrations.length === 1 ? 'hole' : 'holes'}`;
}

/** What is kept of a plan for the list of jobs. */
export function lookAt({ context: { job }, joints, stations, findings, settled }: Plan): Look {
  return {
    tanks: tankWords(job),
    joints: joints.length,
    stations,
    ...(settled.length > 0 ? { settled: settled.length } : {}),
    findings: findings.slice(0, MOST_FINDINGS).map(({ check, severity, title, text, data, at }) => {
      const judged = at.kind === 'joint' ? joints.find(({ joint }) => joint.id === at.id) : undefined;
      return {
        check,
        severity,
        title,
        text: fillText(text, data, job.measures),
        label: at.label,
        ...(judged ? { mating: { verdict: judged.mating.verdict, needs: judged.mating.needs } } : {}),
      };
    }),
  };
}

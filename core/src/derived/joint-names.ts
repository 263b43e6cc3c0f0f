import type { Joint, Penetration } from '../job/job';
import { waterGoes } from '../walls/roles';
import { type Run, jointsOfRun } from './run';

/** What a joint is called: 'P3 J1', by the opening of its run, numbered along the flow; 'J1' where it hangs on no opening. */
export interface JointName {
  readonly name: string;
  readonly number: number;
  readonly penetration: Penetration | undefined;
}

/**
 * The names of all joints of a job. A run that several openings share is named by the first of them; what hangs on none is
 * numbered by its place in the job. They follow from where the joints are: what is put between moves those after it on.
 */
export function jointNames(runs: readonly Run[], joints: readonly Joint[]): ReadonlyMap<Joint, JointName> {
  const names = new Map<Joint, JointName>();
  const taken = new Map<string, number>();
  const say = (joint: Joint, label: string, penetration: Penetration | undefined): void => {
    const number = (taken.get(label) ?? 0) + 1;
    taken.set(label, number);
    names.set(joint, { name: `${label} J${number}`.trim(), number, penetration });
  };
  for (const { penetration, strands } of runs) {
    const own = jointsOfRun(strands).filter((joint) => !names.has(joint));
    // Where water only comes in, they are numbered from afar to the tank.
    const along = waterGoes(penetration.roles) === 'in' ? own.toReversed() : own;
    for (const joint of along) say(joint, penetration.label, penetration);
  }
  for (const joint of joints) if (!names.has(joint)) say(joint, '', undefined);
  return names;
}

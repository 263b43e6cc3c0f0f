import type { Service } from '../connections/mating';
import { isShutOff } from '../fittings/capability';
import type { EndRef, Joint } from '../job/job';
import { memoize } from '../quantity/memoize';
import type { Role } from '../walls/roles';
import type { Run } from './run';

/** What the water does at the joints of an opening by what it is for (common practice); where it has several, the worst counts. */
const OF_ROLE: Readonly<Record<Role, Service>> = {
  inlet: 'drain',
  overflow: 'drain',
  vent: 'drain',
  'cord-entry': 'drain',
  access: 'drain',
  clearance: 'drain',
  'draw-off': 'head',
  drain: 'head',
  link: 'head',
  'sight-tube': 'head',
  spare: 'head',
  'pump-line': 'pressure',
  'float-fill': 'pressure',
  'tanker-fill': 'pressure',
};
const RANK: Readonly<Record<Service, number>> = { drain: 0, head: 1, pressure: 2 };

/** The worse of two. */
const worseService = (one: Service | undefined, other: Service): Service =>
  one !== undefined && RANK[one] >= RANK[other] ? one : other;

/** What the water does behind an opening of these roles; undefined where nobody has said what it is for. */
export const serviceOfRoles = (roles: readonly Role[]): Service | undefined =>
  roles.reduce<Service | undefined>((so, role) => worseService(so, OF_ROLE[role]), undefined);

/** What the water does in a run: at each of its joints, at its opening, and beyond each of its parts. */
interface RunServices {
  readonly joints: ReadonlyMap<Joint, Service>;
  readonly opening: Service;
  readonly beyond: ReadonlyMap<string, Service>;
}

/**
 * What the water does along a run: by what its opening is for, and by a pump that stands in it. A drain runs out freely
 * behind its valve, and nothing stands in a downpipe under its diverter.
 *
 * @source common practice; a charged (wet) inlet is not told from a dry one
 */
export const servicesOf: (run: Run) => RunServices = memoize(({ penetration: { roles }, strands }: Run) => {
  const pumped = strands.some(({ items }) => items.some(({ part }) => part.features.includes('pump')));
  const opening: Service = pumped ? 'pressure' : (serviceOfRoles(roles) ?? 'head');
  const drains = roles.includes('drain') && roles.every((role) => role === 'drain' || OF_ROLE[role] === 'drain');
  const joints = new Map<Joint, Service>();
  const beyond = new Map<string, Service>();
  for (const { from, items, end } of strands) {
    let here = from.of === 'part' ? (beyond.get(from.id) ?? opening) : opening;
    for (const { placed, part, jointIn } of items) {
      if (jointIn) joints.set(jointIn, here);
      // What a diverter does not turn aside falls on down its pipe.
      if ((drains && !pumped && isShutOff(part)) || part.diverts !== undefined) here = 'drain';
      beyond.set(placed.id, here);
    }
    if ('joint' in end) joints.set(end.joint, here);
  }
  return { joints, opening, beyond };
});

/** What the water does at each joint of a job; where two runs share one, the worse counts. Those that hang on no opening are not in it. */
export const servicesOfJoints = memoize((runs: readonly Run[]): ReadonlyMap<Joint, Service> => {
  const services = new Map<Joint, Service>();
  for (const run of runs)
    for (const [joint, service] of servicesOf(run).joints)
      services.set(joint, worseService(services.get(joint), service));
  return services;
});

/** What the water will do at an end to which nothing goes yet; undefined where it hangs on no opening. */
export function serviceAt({ of, id }: EndRef, runs: readonly Run[]): Service | undefined {
  if (of === 'terminal') return undefined;
  for (const run of runs) {
    const { opening, beyond } = servicesOf(run);
    const service = of === 'hole' ? (run.penetration.id === id ? opening : undefined) : beyond.get(id);
    if (service !== undefined) return service;
  }
  return undefined;
}

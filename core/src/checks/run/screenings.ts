import { holdsAtAll } from '../../connections/mating';
import type { CheckContext } from '../../derived/context';
import { resolveEnd } from '../../derived/resolve';
import type { StrandEnd } from '../../derived/run';
import { isSoldIn } from '../../derived/seal-ways';
import { serviceAt } from '../../derived/service';
import type { EndRef } from '../../job/job';
import type { Part } from '../../fittings/part';
import { appendChain, insertChain, turnedRound } from '../../routes/chain-edits';
import { type Offer, offersOf } from '../../routes/next-parts';
import type { Role } from '../../walls/roles';
import type { Fix } from '../finding';

type Finish = NonNullable<Part['finishes']>;

/** What a line in the open ends in, by what its opening is for; what is surplus leaves as water does, whatever air it lets in. */
const FINISHES: readonly (readonly [Role, Finish])[] = [
  ['overflow', 'overflow'],
  ['vent', 'vent'],
  ['sight-tube', 'sight-tube'],
  ['inlet', 'inlet'],
];

/** In what a line from such an opening ends where it ends in the open: it is never closed. */
export const finishOf = (roles: readonly Role[]): Finish | undefined =>
  FINISHES.find(([role]) => roles.includes(role))?.[1];

/** The cheapest screened end of the kind that goes on there, of what is sold where the work is. */
function screenFor(at: EndRef, finish: Finish, { job, index, runs, catalogue }: CheckContext): Offer | undefined {
  const { end, material } = resolveEnd(at, job, index);
  if (end === undefined) return undefined;
  const service = serviceAt(at, runs);
  return catalogue.list
    .filter((part) => part.finishes === finish && isSoldIn(part, job.region))
    .flatMap((part) => offersOf({ end, material, service }, part))
    .filter(({ judgement }) => holdsAtAll(judgement.verdict))
    .toSorted((a, b) => a.part.priceUsd - b.part.priceUsd)[0];
}

/** Puts on the screen in which a line from such an opening ends: at its open end, or before the place that it runs out at. */
export function screenings(end: StrandEnd, roles: readonly Role[], context: CheckContext): readonly Fix[] {
  const finish = finishOf(roles);
  const { job } = context;
  const joint = end.at === 'terminal' ? end.joint : undefined;
  const at = end.at === 'open' ? end.ref : joint ? [joint.a, joint.b].find(({ of }) => of !== 'terminal') : undefined;
  const offer = finish && at && screenFor(at, finish, context);
  if (!offer) return [];
  const { part, endIn } = offer;
  const endOut = part.ends.findIndex((_, one) => one !== endIn);
  const chain = { links: [{ part, endIn, endOut: Math.max(0, endOut) }], priceUsd: part.priceUsd };
  if (joint === undefined) return [appendChain(job, at, chain, 'Finish it with a screen: {parts}')];
  // What has but one end cannot stand before a place.
  if (endOut < 0) return [];
  const links = joint.a.of === 'terminal' ? turnedRound(chain.links) : chain.links;
  return [insertChain(job, joint.id, { ...chain, links }, 'Put a screen before the end: {parts}')];
}

import type { CheckContext } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import type { StrandEnd } from '../derived/run';
import { serviceAt } from '../derived/service';
import type { EndRef } from '../job/job';
import type { Part } from '../fittings/part';
import { type ChainLink, appendChain, insertChain, turnedRound } from '../routes/chain-edits';
import type { Role } from '../walls/roles';
import type { Fix } from './finding';
import { goesOn, isPipe, linkOf } from './goes-on';

type Finish = NonNullable<Part['finishes']>;

/** What ends in a screen of its own; where an opening has several roles the first rules: surplus leaves as water does, whatever air it lets in. */
const FINISHES: readonly (Finish & Role)[] = ['overflow', 'vent', 'sight-tube', 'inlet'];

/** In what a line from such an opening ends where it ends in the open: it is never closed. */
export const finishOf = (roles: readonly Role[]): Finish | undefined => FINISHES.find((role) => roles.includes(role));

/** What is put between what takes nothing but pipe and a screen that goes over it [m]. */
const STUB_M = 0.15;
const FEW_PIPES = 4;

/** The screen alone; on what takes nothing but pipe, a stub of pipe and the screen on that. */
function chainTo(at: EndRef, finish: Finish, context: CheckContext): readonly ChainLink[] | undefined {
  const { end, material } = resolveEnd(at, context.job, context.index);
  if (end === undefined) return undefined;
  const here = { end, material, service: serviceAt(at, context.runs) };
  const isScreen = (part: Part): boolean => part.finishes === finish;
  const [direct] = goesOn(here, context, isScreen);
  if (direct) return [linkOf(direct)];
  for (const pipe of goesOn(here, context, isPipe).slice(0, FEW_PIPES)) {
    const stub = { ...linkOf(pipe), lengthM: STUB_M };
    const far = pipe.part.ends[stub.endOut]?.end;
    const [screen] = far ? goesOn({ ...here, end: far, material: pipe.part.material }, context, isScreen) : [];
    if (screen) return [stub, linkOf(screen)];
  }
  return undefined;
}

/** Puts on the screen in which a line from such an opening ends: at its open end, or before the place that it runs out at. */
export function screenings(end: StrandEnd, roles: readonly Role[], context: CheckContext): readonly Fix[] {
  const finish = finishOf(roles);
  const { job } = context;
  const joint = end.at === 'terminal' ? end.joint : undefined;
  const at = end.at === 'open' ? end.ref : joint ? [joint.a, joint.b].find(({ of }) => of !== 'terminal') : undefined;
  const links = finish && at && chainTo(at, finish, context);
  if (!links) return [];
  const chain = { links, priceUsd: links.reduce((sum, { part, lengthM }) => sum + part.priceUsd * (lengthM ?? 1), 0) };
  if (joint === undefined) return [appendChain(job, at, chain, 'Finish it with a screen: {parts}')];
  // What has but one end cannot stand before a place.
  if ((links.at(-1)?.part.ends.length ?? 0) < 2) return [];
  const before = joint.a.of === 'terminal' ? turnedRound(links) : links;
  return [insertChain(job, joint.id, { ...chain, links: before }, 'Put a screen before the end: {parts}')];
}

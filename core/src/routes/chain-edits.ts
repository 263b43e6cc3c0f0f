import type { Edit } from '../edits/edits';
import type { EndRef, Job, PlacedPart } from '../job/job';
import type { RouteLink } from './find-routes';
import { partTitle } from '../fittings/catalogue';
import { isByLength } from '../fittings/part';
import { freshIds } from '../edits/fresh-id';
import type { Proposal } from '../edits/proposal';
import { newPart } from '../job/new-part';

/** A link of a chain that is put in; what is sold by length may come with it. */
export interface ChainLink extends RouteLink {
  readonly lengthM?: number | null;
  /** The length that follows from where its ends are, once the chain was tried. */
  readonly followsM?: number | undefined;
  /** What is said of the part as it is put in: which way it points, how it falls, that it stands. */
  readonly said?: Partial<Omit<PlacedPart, 'id' | 'code' | 'lengthM'>>;
}

/** A row of parts to put in, and what it costs. */
export interface Chain {
  readonly links: readonly ChainLink[];
  readonly priceUsd: number;
}

/** The same row seen from its other end. */
export const turnedRound = <Link extends ChainLink>(links: readonly Link[]): readonly Link[] =>
  links.toReversed().map((link) => ({ ...link, endIn: link.endOut, endOut: link.endIn }));

const lengthOf = ({ part, lengthM = null }: ChainLink): number | null => (isByLength(part) ? lengthM : null);

const named = (route: Chain): string => route.links.map(({ part }) => partTitle(part)).join(', then ');

/** The fix that puts a route between the two sides of a joint, side `a` first. */
export function insertChain(job: Job, jointId: string, route: Chain, text: string): Proposal {
  const [newPartId, newId] = [freshIds(job.parts), freshIds(job.joints)];
  let between = jointId;
  const edits = route.links.map((link): Edit => {
    const { endIn, endOut } = link;
    const placed = newPart(newPartId(`${jointId}-fix`), link.part.code, { lengthM: lengthOf(link), ...link.said });
    const newJointId = newId(`${jointId}-far`);
    const edit: Edit = {
      type: 'insert-part',
      part: placed,
      jointId: between,
      endTowardsA: endIn,
      endTowardsB: endOut,
      newJointId,
    };
    between = newJointId;
    return edit;
  });
  return { text, data: { parts: named(route) }, edits, partsAdded: route.links.length, priceUsd: route.priceUsd };
}

/** The fix that puts a route on an open end and, where given, joins its far end to `to`. */
export function appendChain(job: Job, at: EndRef, route: Chain, text: string, to?: EndRef): Proposal {
  const base = at.id;
  const [newPartId, newId] = [freshIds(job.parts), freshIds(job.joints)];
  let standing = at;
  const newJoint = (): string => newId(`${base}-joint`);
  const edits = route.links.map((link): Edit => {
    const { endIn, endOut } = link;
    const placed = newPart(newPartId(`${base}-on`), link.part.code, { lengthM: lengthOf(link), ...link.said });
    const edit: Edit = { type: 'add-part', part: placed, at: standing, partEnd: endIn, jointId: newJoint() };
    standing = { of: 'part', id: placed.id, end: endOut };
    return edit;
  });
  const last: Edit[] = to === undefined ? [] : [{ type: 'join-ends', jointId: newJoint(), a: standing, b: to }];
  return {
    text,
    data: { parts: named(route) },
    edits: [...edits, ...last],
    partsAdded: route.links.length,
    priceUsd: route.priceUsd,
  };
}

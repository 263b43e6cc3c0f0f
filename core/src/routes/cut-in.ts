import { flowInto } from '../assembly/flow';
import { isFlexible } from '../fittings/flexible';
import { isLengthFound } from '../assembly/in-space';
import { judge, mate } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import { type Capability, goesRound } from '../fittings/capability';
import { partTitle } from '../fittings/catalogue';
import { type Part, isByLength, overallMm } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import type { Edit } from '../edits/edits';
import { freshId } from '../edits/fresh-id';
import { newPart } from '../job/new-part';
import type { Proposal } from '../edits/proposal';
import { appendChain } from './chain-edits';
import { type Route, findRoutes } from './find-routes';
import type { OpenEnd } from './way-index';

/** What can be cut into a pipe. */
export const CUT_INS = ['branch', 'shut-off', 'non-return', 'filter', 'union'] as const;
export type CutIn = (typeof CUT_INS)[number];

/** Between two sockets on a short piece this much of it is seen [m] (our judgement). */
const SEEN_M = 0.04;
const MOST_PARTS = 4;
const WAYS = 3;

/** A way to cut something into a pipe: what comes out of it, what goes in. */
export interface CutInWay extends Proposal {
  /** How much pipe is sawn out [m]; 0 for a saddle, which goes round it. */
  readonly removedM: number;
  readonly parts: readonly Part[];
}

/**
 * Ways to cut a branch, a valve or another fitting into a pipe. A pipe that stands already cannot be drawn apart: a slip coupling or a union must come with it. A branch is also had by a saddle, without cutting.
 *
 * @param partId  a placed pipe or hose
 * @param nearM   from its near end to the middle of what is cut in [m]; null: not measured yet
 * @param farEnd  the end of the pipe that is further from the tank
 * @returns the best ways; none where the catalogue has no fitting for this pipe, or the pipe is too short
 */
export function cutIn(
  partId: string,
  wanted: CutIn,
  { nearM, farEnd }: { readonly nearM: number | null; readonly farEnd: number },
  context: CheckContext,
): readonly CutInWay[] {
  const found = context.index.placed(partId);
  const [near, far] = [found?.part.ends[farEnd]?.end, found?.part.ends[1 - farEnd]?.end];
  if (!found || !near || !far || !isByLength(found.part)) return [];
  const { part, placed } = found;
  const said = context.said.parts.find(({ id }) => id === partId) ?? placed;
  const isFound = isLengthFound(part, said, placed);
  const nearEnd = { of: 'part', id: partId, end: 1 - farEnd } as const;
  const nearJoint = context.index.jointAt(nearEnd);
  const service = nearJoint && context.judgedOf(nearJoint.id)?.service;
  const standing = { end: near, material: part.material, service };
  const beyond = { end: far, material: part.material, service };
  const flow = nearJoint && flowInto(nearEnd, nearJoint, context);
  const mustSlide = placed.existing && !isFlexible(part);
  const asked: readonly (readonly Capability[])[] = mustSlide
    ? [
        [wanted, 'slip'],
        [wanted, 'union'],
      ]
    : [[wanted]];
  const routes = asked.flatMap((require) =>
    findRoutes(standing, beyond, context.catalogue, {
      require: [...new Set(require)],
      mostParts: MOST_PARTS,
      limit: WAYS,
      onHand: context.catalogue.onHand,
      flow,
    })
      .routes.filter(({ links }) => links.length > 0)
      .map(ofTheSamePipe),
  );
  // The same fittings in another order are the same way.
  const distinct = new Map(routes.map((route) => [codesOf(route), route]));
  const cut = [...distinct.values()].slice(0, WAYS).flatMap((route) => cutWay(route) ?? []);
  return wanted === 'branch' ? [...saddles(), ...cut] : cut;

  /** The short piece between is cut from what is sawn out, where that goes into the same fittings. */
  function ofTheSamePipe(route: Route): Route {
    const same = { ...route, links: route.links.map((link) => (isByLength(link.part) ? { ...link, part } : link)) };
    const holds = jointsOf(same, standing, beyond)?.every(([a, b]) =>
      holdsAtAll(judge(a.end, b.end, { a: a.material, b: b.material, service }).verdict),
    );
    return holds === true ? same : route;
  }

  function cutWay(route: Route): CutInWay | undefined {
    const lengthOf = pieceLengths(route, standing, beyond);
    if (!lengthOf) return undefined;
    const pieces = pieceOf(nearM, lengthOf.removedM);
    if (!pieces) return undefined;
    const links = route.links.map((link) => ({ ...link, lengthM: lengthOf.of.get(link.part) ?? null }));
    const edits = joinedBy(pieces, (from, to, job) => appendChain(job, from, { ...route, links }, '', to).edits);
    return {
      text: 'Saw out {gap}, put in: {parts}',
      data: {
        gap: { lengthM: lengthOf.removedM },
        parts: route.links.map((link) => partTitle(link.part)).join(', then '),
      },
      edits,
      partsAdded: route.links.length,
      priceUsd: route.priceUsd,
      removedM: lengthOf.removedM,
      parts: route.links.map((link) => link.part),
    };
  }

  function saddles(): readonly CutInWay[] {
    const pieces = pieceOf(nearM, 0);
    if (!pieces) return [];
    return context.catalogue.list
      .filter(
        (saddle) =>
          goesRound(saddle) &&
          saddle.ends[0] &&
          holdsAtAll(
            judge(standing.end, saddle.ends[0].end, { a: part.material, b: saddle.material, service }).verdict,
          ),
      )
      .toSorted((a, b) => a.priceUsd - b.priceUsd)
      .slice(0, WAYS)
      .map((saddle) => ({
        text: 'Bolt round it, drill inside the ring: {parts}',
        data: { parts: partTitle(saddle) },
        edits: joinedBy(
          pieces,
          (from, to, job) =>
            appendChain(
              job,
              from,
              { links: [{ part: saddle, endIn: 0, endOut: 1 }], priceUsd: saddle.priceUsd },
              '',
              to,
            ).edits,
        ),
        partsAdded: 1,
        priceUsd: saddle.priceUsd,
        removedM: 0,
        parts: [saddle],
      }));
  }

  /** What is left on either side, the far one unsaid where it follows; undefined where the pipe is too short for it there. */
  function pieceOf(at: number | null, removedM: number): { near: number | null; far: number | null } | undefined {
    if (placed.lengthM === null || at === null) return { near: at, far: null };
    const pieces = { near: at - removedM / 2, far: placed.lengthM - at - removedM / 2 };
    if (pieces.near <= 0 || pieces.far <= 0) return undefined;
    // Where its length follows from both ends, that of the far piece goes on to follow.
    return { near: pieces.near, far: isFound ? null : pieces.far };
  }

  function joinedBy(
    pieces: { readonly near: number | null; readonly far: number | null },
    chain: (
      from: { readonly of: 'part'; readonly id: string; readonly end: number },
      to: { readonly of: 'part'; readonly id: string; readonly end: number },
      job: typeof context.job,
    ) => readonly Edit[],
  ): readonly Edit[] {
    const newPartId = freshId(`${partId}-far`, context.job.parts);
    const cutEdit: Edit = { type: 'cut-part', partId, farEnd, nearM: pieces.near, farM: pieces.far, newPartId };
    const job = { ...context.job, parts: [...context.job.parts, newPart(newPartId, placed.code)] };
    return [
      cutEdit,
      ...chain({ of: 'part', id: partId, end: farEnd }, { of: 'part', id: newPartId, end: 1 - farEnd }, job),
    ];
  }
}

const codesOf = ({ links }: Route): string =>
  links
    .map(({ part }) => part.code)
    .sort()
    .join();

/** Both sides of every joint of a chain, from the standing pipe to the one beyond; undefined where a part has no such end. */
function jointsOf({ links }: Route, from: OpenEnd, to: OpenEnd): readonly (readonly [OpenEnd, OpenEnd])[] | undefined {
  const ends = links.flatMap(({ part, endIn, endOut }) =>
    [endIn, endOut].flatMap((place): OpenEnd[] => {
      const end = part.ends[place]?.end;
      return end ? [{ end, material: part.material }] : [];
    }),
  );
  const sides = [from, ...ends, to];
  if (ends.length !== 2 * links.length) return undefined;
  return Array.from({ length: links.length + 1 }, (_, place) => [sides[2 * place] ?? from, sides[2 * place + 1] ?? to]);
}

/** How long the pieces of pipe in a chain are cut, and how much of the old pipe the chain takes the place of [m]. */
function pieceLengths(
  route: Route,
  from: OpenEnd,
  to: OpenEnd,
): { readonly of: ReadonlyMap<Part, number>; readonly removedM: number } | undefined {
  const engagements = jointsOf(route, from, to)?.map(
    ([a, b]) => mate(a.end, b.end, { a: a.material, b: b.material, service: from.service }).engagementMm / 1000,
  );
  if (!engagements) return undefined;
  const of = new Map<Part, number>();
  let removedM = 0;
  for (const [place, { part }] of route.links.entries()) {
    const [before = 0, after = 0] = [engagements[place], engagements[place + 1]];
    const long = isByLength(part) ? before + after + SEEN_M : overallMm(part) / 1000;
    if (isByLength(part)) of.set(part, long);
    removedM += long - before - (place === route.links.length - 1 ? after : 0);
  }
  return { of, removedM };
}

import 'server-only';
import {
  type OpenEnd,
  type Part,
  type Route,
  endProblemWords,
  findRoutes,
  formatEnd,
  mate,
  type Mating,
  verdictWords,
  partTitle,
  parseEnd,
} from '@herrero/core';
import { badRequest } from './problem';
import { answer, readBody } from './operation';
import { findWays } from './operations/bench';
import { theCatalogue } from '../db/part-repository';

/** Finds ways between two open ends through the whole catalogue; where there is none, the one part that would close it. */
export async function answerWays(request: Request): Promise<Response> {
  const body = await readBody(request, findWays);
  if (!body.ok) return body.error;
  const { from, to, fromMaterial, toMaterial, service, target, ...wishes } = body.value;
  const [first, last] = [parseEnd(from), parseEnd(to)];
  if (!first.ok || !last.ok)
    return badRequest([
      ...(first.ok ? [] : [{ path: 'from', message: endProblemWords(first.error) }]),
      ...(last.ok ? [] : [{ path: 'to', message: endProblemWords(last.error) }]),
    ]);
  const [start, end] = [
    { end: first.value, material: fromMaterial, service },
    { end: last.value, material: toMaterial, service },
  ];
  const { routes, gap, unmet } = findRoutes(start, end, await theCatalogue(), { target, ...wishes });
  return answer(findWays, 200, {
    routes: routes.map((route) => ({
      parts: route.links.map(({ part }) => partBody(part)),
      joints: jointsOf(start, target === 'joins' ? end : undefined, route),
      price: Math.round(route.priceUsd * 100) / 100,
      // No part stands between: nothing narrows.
      smallestBoreMm: Number.isFinite(route.smallestBoreMm) ? route.smallestBoreMm : null,
    })),
    ...(gap ? { gap: { part: gap.part, before: gap.before.map(partBody), after: gap.after.map(partBody) } } : {}),
    ...(unmet ? { unmet } : {}),
  });
}

const partBody = (part: Part) => ({
  code: part.code,
  name: partTitle(part),
  material: part.material,
  ends: part.ends.map(({ end }) => formatEnd(end)),
});

/** A mating with its verdict as it is said. */
const spoken = (mating: Mating) => ({ words: verdictWords(mating), ...mating });

/** Every joint of a route in words, from its start; the last only where it joins something. */
function jointsOf(start: OpenEnd, end: OpenEnd | undefined, { links }: Route) {
  const { service } = start;
  let standing = start;
  const made = links.flatMap(({ part, endIn, endOut }) => {
    const [near, far] = [part.ends[endIn], part.ends[endOut]];
    if (!near || !far) return [];
    const mating = mate(standing.end, near.end, { a: standing.material, b: part.material, service });
    standing = { end: far.end, material: part.material };
    return [spoken(mating)];
  });
  return end
    ? [...made, spoken(mate(standing.end, end.end, { a: standing.material, b: end.material, service }))]
    : made;
}

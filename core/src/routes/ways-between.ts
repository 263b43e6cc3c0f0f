import { formatEnd } from '../connections/format';
import type { CheckContext } from '../derived/context';
import type { WayAnswer } from '../derived/solutions';
import type { Catalogue } from '../fittings/catalogue';
import { memoize, memoizeBoth } from '../quantity/memoize';
import { type Route, type RouteOptions, findRoutes } from './find-routes';
import type { OpenEnd } from './way-index';

const MOST_KEPT = 500;

/** What was found over a catalogue, by its question: found again it would be the same. */
const foundOver = memoize<Catalogue, Map<string, readonly Route[]>>(() => new Map());

const questionOf = (from: OpenEnd, to: OpenEnd, options: RouteOptions): string =>
  [from, to]
    .map(({ end, material, service }) => `${formatEnd(end)}|${material ?? ''}|${service ?? ''}`)
    .concat(JSON.stringify(options))
    .join('|');

/**
 * The routes of `findRoutes`, as they were found elsewhere where they come with the job, else found here: a job asks for
 * the same way at every keystroke. What is on hand may change under it and is not for this.
 */
export function waysBetween(
  from: OpenEnd,
  to: OpenEnd,
  { catalogue, solutions }: Pick<CheckContext, 'catalogue' | 'solutions'>,
  options: Omit<RouteOptions, 'onHand'> = {},
): readonly Route[] {
  const question = questionOf(from, to, options);
  const answer = solutions.ways.get(question);
  const given = answer && routesOf(answer, catalogue);
  if (given) return given;
  const found = foundOver(catalogue);
  const before = found.get(question);
  if (before) return before;
  if (found.size >= MOST_KEPT) found.clear();
  const { routes } = findRoutes(from, to, catalogue, options);
  found.set(question, routes);
  return routes;
}

/** An answer with the parts of a catalogue; undefined where it names one that the catalogue does not have. */
const routesOf = memoizeBoth((answer: readonly WayAnswer[], catalogue: Catalogue): readonly Route[] | undefined => {
  const routes = answer.flatMap(({ links, smallestBoreMm, ...route }): Route[] => {
    const made = links.flatMap(([code, endIn, endOut]) => {
      const part = catalogue.byCode.get(code);
      return part ? [{ part, endIn, endOut }] : [];
    });
    return made.length === links.length
      ? [{ ...route, links: made, smallestBoreMm: smallestBoreMm ?? Number.POSITIVE_INFINITY }]
      : [];
  });
  return routes.length === answer.length ? routes : undefined;
});

const answerOf = (routes: readonly Route[]): readonly WayAnswer[] =>
  routes.map(({ links, priceUsd, smallestBoreMm, cost }) => ({
    links: links.map(({ part, endIn, endOut }) => [part.code, endIn, endOut] as const),
    priceUsd,
    smallestBoreMm: Number.isFinite(smallestBoreMm) ? smallestBoreMm : null,
    cost,
  }));

/** What has been found over a catalogue for some questions, as plain data: so that another machine need not look again. */
export const wayAnswers = (
  questions: Iterable<string>,
  catalogue: Catalogue,
): readonly (readonly [question: string, answer: readonly WayAnswer[]])[] =>
  [...questions].flatMap((question) => {
    const routes = foundOver(catalogue).get(question);
    return routes ? [[question, answerOf(routes)] as const] : [];
  });

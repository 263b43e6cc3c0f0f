import { formatEnd } from '../connections/format';
import type { Catalogue } from '../fittings/catalogue';
import { memoize } from '../quantity/memoize';
import { type Route, type RouteOptions, findRoutes } from './find-routes';
import type { OpenEnd } from './way-index';

const MOST_KNOWN = 500;

/** Answers by their question, and who listens to what is asked. */
interface Book {
  readonly answers: Map<string, readonly Route[]>;
  readonly listeners: Set<(key: string) => void>;
}

const bookOf = memoize<Catalogue, Book>(() => ({ answers: new Map(), listeners: new Set() }));

/**
 * The routes of `findRoutes` with its last answers kept for as long as the catalogue lives: a job asks for the same way
 * at every keystroke. What is on hand may change under it and is not for this.
 */
export function knownRoutes(
  from: OpenEnd,
  to: OpenEnd,
  catalogue: Catalogue,
  options: Omit<RouteOptions, 'onHand'> = {},
): readonly Route[] {
  const { answers, listeners } = bookOf(catalogue);
  const key = [from, to]
    .map(({ end, material }) => `${formatEnd(end)}|${material ?? ''}`)
    .concat(JSON.stringify(options))
    .join('|');
  for (const listener of listeners) listener(key);
  const before = answers.get(key);
  if (before) return before;
  if (answers.size >= MOST_KNOWN) answers.clear();
  const { routes } = findRoutes(from, to, catalogue, options);
  answers.set(key, routes);
  return routes;
}

/** An answer as it goes over a wire: parts by their codes. */
export interface WiredAnswer {
  readonly key: string;
  readonly routes: readonly {
    readonly links: readonly (readonly [code: string, endIn: number, endOut: number])[];
    readonly priceUsd: number;
    /** Null where no part stands between. */
    readonly smallestBoreMm: number | null;
    readonly cost: number;
  }[];
}

/** What a piece of work asked of the ways of a catalogue, with the answers, so that another machine need not look again. */
export function answersTo(work: () => unknown, catalogue: Catalogue): readonly WiredAnswer[] {
  const { answers, listeners } = bookOf(catalogue);
  const keys = new Set<string>();
  const listen = (key: string): void => void keys.add(key);
  listeners.add(listen);
  try {
    work();
  } finally {
    listeners.delete(listen);
  }
  return [...keys].flatMap((key): WiredAnswer[] => {
    const routes = answers.get(key);
    return routes
      ? [
          {
            key,
            routes: routes.map(({ links, priceUsd, smallestBoreMm, cost }) => ({
              links: links.map(({ part, endIn, endOut }) => [part.code, endIn, endOut] as const),
              priceUsd,
              smallestBoreMm: Number.isFinite(smallestBoreMm) ? smallestBoreMm : null,
              cost,
            })),
          },
        ]
      : [];
  });
}

/** Takes answers that were found elsewhere over the same catalogue; one that names a part it does not have is left out. */
export function takeAnswers(wired: readonly WiredAnswer[], catalogue: Catalogue): void {
  const { answers } = bookOf(catalogue);
  for (const { key, routes } of wired) {
    const read = routes.map(({ links, smallestBoreMm, ...route }): Route | undefined => {
      const made = links.flatMap(([code, endIn, endOut]) => {
        const part = catalogue.byCode.get(code);
        return part ? [{ part, endIn, endOut }] : [];
      });
      return made.length === links.length
        ? { ...route, links: made, smallestBoreMm: smallestBoreMm ?? Number.POSITIVE_INFINITY }
        : undefined;
    });
    const whole = read.filter((route) => route !== undefined);
    if (whole.length === read.length) answers.set(key, whole);
  }
}

import { formatEnd } from '../connections/format';
import type { Catalogue } from '../fittings/catalogue';
import { remember } from '../quantity/remember';
import { type RouteOptions, type Routes, findRoutes } from './find-routes';
import type { OpenEnd } from './way-index';

const MOST_KNOWN = 500;

const known = remember<Catalogue, Map<string, Routes>>(() => new Map());

/**
 * `findRoutes` with its last answers kept for as long as the catalogue lives: a job asks for the same way at every
 * keystroke. What is on hand may change under it and is not for this.
 */
export function knownRoutes(
  from: OpenEnd,
  to: OpenEnd,
  catalogue: Catalogue,
  options: Omit<RouteOptions, 'onHand'> = {},
): Routes {
  const answers = known(catalogue);
  const key = [from, to]
    .map(({ end, material }) => `${formatEnd(end)}|${material ?? ''}`)
    .concat(JSON.stringify(options))
    .join('|');
  const before = answers.get(key);
  if (before) return before;
  if (answers.size >= MOST_KNOWN) answers.clear();
  const found = findRoutes(from, to, catalogue, options);
  answers.set(key, found);
  return found;
}

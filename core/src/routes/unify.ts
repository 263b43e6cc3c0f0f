import { formatEnd } from '../connections/format';
import { mate } from '../connections/mate';
import { isForDrinking } from '../connections/material';
import type { Catalogue } from '../fittings/catalogue';
import { CAPABILITIES, featuresOf } from '../fittings/capability';
import type { Feature, Part } from '../fittings/part';
import type { CheckContext } from '../derived/context';
import type { Edit } from '../edits/edits';
import { findRoutes, type RouteLink } from './find-routes';
import { type Segment, mayStandFor, priceOf, replaceSegment, segmentsOf } from './segments';

/** One way of building all runs of a job. */
export interface Building {
  readonly differentParts: number;
  readonly parts: number;
  readonly priceUsd: number;
  /** What it changes; empty where it is what stands already. */
  readonly edits: readonly Edit[];
  /** The rows that change, each once: where, what goes out and what comes in. */
  readonly changes: readonly {
    readonly places: readonly string[];
    readonly out: readonly Part[];
    readonly in: readonly Part[];
  }[];
}

/** The job as it is, built with the fewest different parts, and built most cheaply. */
export interface Unified {
  readonly now: Building;
  readonly fewest: Building;
  readonly cheapest: Building;
}

/** Ways that are weighed for each row, found by each of these leans. */
const LEANS = [[], ['cheapest'], ['fewest']] as const;
const MOST_WAYS = 4;
/** Combinations that are looked at before the best so far is taken. */
const MOST_LOOKS = 60_000;

/** Rows of the job that ask for the same: what is chosen for one is chosen for all, so that spares fit everywhere. */
interface Question {
  readonly segments: readonly Segment[];
  readonly ways: readonly (readonly RouteLink[])[];
}

const CAPABLE: ReadonlySet<Feature> = new Set(CAPABILITIES.flatMap(featuresOf));

const degreesOf = (parts: readonly Part[]): string =>
  parts
    .flatMap(({ bendDegrees }) => bendDegrees ?? [])
    .sort((a, b) => a - b)
    .join();

/** May drinking water stand in all of them? */
const isPotable = (parts: readonly Part[]): boolean => parts.every(({ material }) => isForDrinking(material));

/** How many joints of a row hold by practice alone. */
function byPractice({ from, to }: Segment, links: readonly RouteLink[]): number {
  const sides = [
    from,
    ...links.flatMap(({ part, endIn, endOut }) =>
      [endIn, endOut].flatMap((end) => {
        const found = part.ends[end];
        return found ? [{ end: found.end, material: part.material }] : [];
      }),
    ),
    to,
  ];
  return sides.filter((a, at) => {
    const b = at % 2 === 0 ? sides[at + 1] : undefined;
    return (
      b !== undefined &&
      mate(a.end, b.end, { a: a.material, b: b.material, service: from.service }).practice !== undefined
    );
  }).length;
}

/** What a row does beyond what can be asked for by a capability: a screen, a timer, a vacuum breaker. */
const doesElse = (parts: readonly Part[]): string =>
  [...new Set(parts.flatMap(({ features }) => features.filter((one) => !CAPABLE.has(one))))].sort().join();

/**
 * May a chain stand for a row as it is built now? It turns by the same angles, does all that the row does, may hold drinking
 * water where the row may, and leaves out no adapter that makes a joint of a standard.
 */
function isAsGood(segment: Segment, links: readonly RouteLink[]): boolean {
  const [own, other] = [segment.items.map(({ part }) => part), links.map(({ part }) => part)];
  return (
    degreesOf(own) === degreesOf(other) &&
    doesElse(own) === doesElse(other) &&
    (isPotable(other) || !isPotable(own)) &&
    byPractice(segment, links) <= byPractice(segment, linksOf(segment))
  );
}

/** Rows of one key ask for the same, and each is as good as the other. */
function keyOf(segment: Segment): string {
  const { from, to, does, flow, items } = segment;
  const parts = items.map(({ part }) => part);
  return [from, to]
    .map(({ end, material, service }) => `${formatEnd(end)} ${material ?? ''} ${service ?? ''}`)
    .concat(does.join(), flow ?? '', degreesOf(parts), doesElse(parts), `${isPotable(parts)}`)
    .concat(`${byPractice(segment, linksOf(segment))}`)
    .join('|');
}

const linksOf = ({ items }: Segment): readonly RouteLink[] =>
  items.map(({ part, inEnd, outEnd }) => ({ part, endIn: inEnd, endOut: outEnd ?? inEnd }));

const codesOf = (links: readonly RouteLink[]): string => links.map(({ part }) => part.code).join();

function questionsOf(context: CheckContext): readonly Question[] {
  const groups = new Map<string, Segment[]>();
  for (const segment of segmentsOf(context)) {
    const key = keyOf(segment);
    groups.set(key, [...(groups.get(key) ?? []), segment]);
  }
  return [...groups.values()].map((segments): Question => {
    const [first] = segments;
    const found = first
      ? LEANS.flatMap((prefer) =>
          findRoutes(first.from, first.to, context.catalogue, {
            prefer,
            require: first.does,
            limit: MOST_WAYS,
            flow: first.flow,
          }).routes.flatMap(({ links }) => (mayStandFor(first, links) && isAsGood(first, links) ? [links] : [])),
        )
      : [];
    const ways = [...segments.map(linksOf), ...found];
    return { segments, ways: [...new Map(ways.map((links) => [codesOf(links), links])).values()] };
  });
}

/**
 * For the whole job: every row of fittings between two things that stay is held against the other ways through the
 * catalogue. Proposed are the set with the fewest different parts, and of those the cheapest; and the cheapest set.
 *
 * Exact for the ways that are weighed, up to a limit of combinations.
 */
export function unify(context: CheckContext): Unified {
  const questions = questionsOf(context);
  const movable = new Set(
    questions.flatMap(({ segments }) => segments.flatMap(({ items }) => items.map(({ placed }) => placed.id))),
  );
  const fixed = context.job.parts.filter(({ id, existing }) => !movable.has(id) && !existing).map(({ code }) => code);
  const building = (choose: (question: Question, place: number) => readonly RouteLink[]): Building =>
    buildingOf(context, questions, fixed, choose);
  const asIs = buildingOf(context, questions, fixed, undefined);
  const cheapest = questions.map(({ ways }) => ways.toSorted((a, b) => costOf(a) - costOf(b))[0] ?? []);
  const fewest = fewestDifferent(questions, fixed);
  return {
    now: asIs,
    fewest: building((_, place) => fewest[place] ?? []),
    cheapest: building((_, place) => cheapest[place] ?? []),
  };
}

const costOf = (links: readonly RouteLink[]): number => priceOf(links.map(({ part }) => part));

/** Branch and bound over the ways of every question: fewest codes, then least price. */
function fewestDifferent(questions: readonly Question[], fixed: readonly string[]): readonly (readonly RouteLink[])[] {
  const order = questions
    .map((question, place) => ({ question, place }))
    .toSorted((a, b) => a.question.ways.length - b.question.ways.length);
  const have = new Map<string, number>();
  for (const code of fixed) have.set(code, (have.get(code) ?? 0) + 1);
  let best: readonly (readonly RouteLink[])[] = questions.map(({ ways }) => ways[0] ?? []);
  let bestScore: readonly [number, number] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
  const chosen: (readonly RouteLink[])[] = [...best];
  let looks = 0;
  const go = (at: number, priceUsd: number): void => {
    if (have.size > bestScore[0] || (have.size === bestScore[0] && priceUsd >= bestScore[1]) || looks++ > MOST_LOOKS)
      return;
    const next = order[at];
    if (!next) {
      bestScore = [have.size, priceUsd];
      best = [...chosen];
      return;
    }
    // What adds least is tried first, so that the bound bites early.
    const ways = next.question.ways.toSorted((a, b) => newCodes(a, have) - newCodes(b, have) || costOf(a) - costOf(b));
    for (const links of ways) {
      for (const { part } of links) have.set(part.code, (have.get(part.code) ?? 0) + 1);
      chosen[next.place] = links;
      go(at + 1, priceUsd + costOf(links) * next.question.segments.length);
      for (const { part } of links) {
        const left = (have.get(part.code) ?? 1) - 1;
        if (left === 0) have.delete(part.code);
        else have.set(part.code, left);
      }
    }
  };
  go(0, 0);
  return best;
}

const newCodes = (links: readonly RouteLink[], have: ReadonlyMap<string, number>): number =>
  new Set(links.flatMap(({ part }) => (have.has(part.code) ? [] : [part.code]))).size;

function buildingOf(
  { job, catalogue }: CheckContext,
  questions: readonly Question[],
  fixed: readonly string[],
  choose: ((question: Question, place: number) => readonly RouteLink[]) | undefined,
): Building {
  let now = job;
  const edits: Edit[] = [];
  const changes: Building['changes'][number][] = [];
  const codes = new Set(fixed);
  let count = fixed.length;
  let priceUsd = fixedPriceUsd(fixed, catalogue);
  for (const [place, question] of questions.entries()) {
    const wanted = choose?.(question, place);
    const changed = new Map<string, Segment[]>();
    for (const segment of question.segments) {
      const own = linksOf(segment);
      const links = wanted ?? own;
      for (const { part } of links) codes.add(part.code);
      count += links.length;
      priceUsd += costOf(links);
      if (codesOf(links) === codesOf(own)) continue;
      const made = replaceSegment(now, segment, links, catalogue);
      now = made.job;
      edits.push(...made.edits);
      changed.set(codesOf(own), [...(changed.get(codesOf(own)) ?? []), segment]);
    }
    for (const segments of changed.values())
      changes.push({
        places: [...new Set(segments.map((segment) => segment.place))],
        out: segments[0]?.items.map(({ part }) => part) ?? [],
        in: (wanted ?? []).map(({ part }) => part),
      });
  }
  return { differentParts: codes.size, parts: count, priceUsd: Math.round(priceUsd * 100) / 100, edits, changes };
}

/** Lengths are the same in every building and are left out. */
const fixedPriceUsd = (codes: readonly string[], { byCode }: Catalogue): number =>
  priceOf(codes.flatMap((code) => byCode.get(code) ?? []).filter(({ sale }) => sale.by === 'piece'));

import { flowAt, mayEnter } from '../assembly/flow';
import { judge } from '../connections/mate';
import { holdsAtAll } from '../connections/mating';
import type { CheckContext } from '../derived/context';
import { resolveEnd } from '../derived/resolve';
import { serviceAt } from '../derived/service';
import { type Part, type PartEnd, isSoldIn } from '../fittings/part';
import type { EndRef, PlacedPart } from '../job/job';
import type { Region } from '../region';
import type { Route } from '../routes/find-routes';
import type { OpenEnd } from '../routes/way-index';
import { waysBetween } from '../routes/ways-between';

/** A part of a line as its builder asks for it at the counter; what stands between it and the one before is found. */
export interface Step extends Partial<
  Pick<
    PlacedPart,
    'lengthM' | 'points' | 'rollDegrees' | 'slope' | 'held' | 'existing' | 'lengthKind' | 'trimAt' | 'because'
  >
> {
  /** Its trade name. */
  readonly part: string;
  /** Bore that it shall be near [mm]; not said: that of the end it goes on. */
  readonly boreMm?: number;
  /** What else it must be. */
  readonly which?: (part: Part) => boolean;
  /** The end by which it is entered, and that by which the line goes on; not said: in by the inlet, out by the outlet, or the other way round where only that goes on. */
  readonly enter?: Position;
  readonly leave?: Position;
}
export type Position = PartEnd['position'];

/** A way in which a part goes on, and what stands between. */
export interface WayOnto {
  readonly part: Part;
  readonly endIn: number;
  readonly route: Route;
}

export const NOTHING_BETWEEN: Route = { links: [], priceUsd: 0, smallestBoreMm: Infinity, cost: 0 };
/** Bores that differ by less are one size. */
const SAME_SIZE = 0.25;
const MOST_BETWEEN = 3;
/** Two sizes up cost as much as several parts between. */
const PER_SIZE = 6;
const PER_USD = 0.01;
/** A hub that looks the wrong way. */
const AGAINST = 3;
/** To so many of a name a way is looked for, the nearest in bore first. */
const MOST_TRIED = 8;
/** What a line begins on that has no bore of its own [mm]: three quarters of an inch. */
const USUAL_MM = 20;

/**
 * How a part that is asked for by its trade name goes on an end, of what is sold there: by itself in about its size where one does, else
 * behind the fewest parts; undefined where nothing leads to it.
 */
export function wayOnto(at: EndRef, asked: Step, context: CheckContext, region: Region): WayOnto | undefined {
  const { part: name, which = () => true, enter } = asked;
  const wishMm = asked.boreMm ?? (at.of === 'part' ? context.index.placed(at.id)?.part.boreMm : undefined) ?? USUAL_MM;
  const off = ({ boreMm }: Part): number => (Number.isFinite(boreMm) ? Math.abs(Math.log(boreMm / wishMm)) : 0);
  const flow = flowAt(at, context);
  const service = serviceAt(at, context.runs);
  // What stands under water is made for pressure, or is the end of its line.
  const bears = ({ ratedKpa, finishes }: Part): boolean =>
    service === 'drain' || ratedKpa !== null || finishes !== undefined;
  const ways = context.catalogue.list
    .filter((part) => part.name === name && isSoldIn(part, region) && bears(part) && which(part))
    .toSorted((a, b) => off(a) - off(b))
    .flatMap((part) =>
      entries(part, enter).flatMap((endIn) => {
        const end = part.ends[endIn];
        if (!end || (enter === undefined && !mayEnter(part, endIn, flow))) return [];
        // A hub looks up the water, unless somebody says by which end.
        const along = enter !== undefined || flow === undefined || (end.position === 'inlet') === (flow === 'onward');
        const cost = PER_SIZE * off(part) + PER_USD * part.priceUsd + (along ? 0 : AGAINST);
        return [{ part, endIn, to: { end: end.end, material: part.material }, along, cost, route: NOTHING_BETWEEN }];
      }),
    );
  const here = resolveEnd(at, context.job, context.index);
  const fits = ({ end, material }: OpenEnd): boolean =>
    here.end !== undefined && holdsAtAll(judge(here.end, end, { a: here.material, b: material, service }).verdict);
  const direct = ways.filter(({ part, along, to }) => along && off(part) < SAME_SIZE && fits(to));
  const behind = () =>
    ways.slice(0, MOST_TRIED).flatMap((way) => {
      const route = wayBetween(at, way.to, context, region);
      return route ? [{ ...way, route, cost: way.cost + route.links.length + PER_USD * route.priceUsd }] : [];
    });
  return (direct.length > 0 ? direct : behind()).toSorted((a, b) => a.cost - b.cost)[0];
}

/** What stands between an end and another, of what is sold there; undefined where nothing leads on. */
export function wayBetween(at: EndRef, to: OpenEnd, context: CheckContext, region: Region): Route | undefined {
  const { end, material } = resolveEnd(at, context.job, context.index);
  if (!end) return undefined;
  const from = { end, material, service: serviceAt(at, context.runs) };
  const flow = flowAt(at, context);
  return waysBetween(from, to, context, { region, home: region, mostParts: MOST_BETWEEN, limit: 1, flow })[0];
}

/** @throws RangeError it has no such end */
export function endAt(part: Part, position: Position): number {
  const end = part.ends.findIndex((one) => one.position === position);
  if (end < 0) throw new RangeError(`${part.code} has no ${position}`);
  return end;
}

/** By which ends a part may be entered: as asked, else by any that lies on its line. */
const entries = (part: Part, enter: Position | undefined): readonly number[] =>
  enter === undefined
    ? part.ends.flatMap(({ position }, end) => (position === 'inlet' || position === 'outlet' ? [end] : []))
    : [endAt(part, enter)];

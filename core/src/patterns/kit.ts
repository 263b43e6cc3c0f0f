import { wallSealSizeOf } from '../connections/standards/wall-seals';
import { type CheckContext, contextOf } from '../derived/context';
import { flatRadiusM, holeDiameterM, resolveEnd } from '../derived/resolve';
import { type SealWay, sealWays } from '../derived/seal-ways';
import { type JobBuilder, buildJob } from '../edits/build-job';
import { setField } from '../edits/change-field';
import { type Catalogue, shippedCatalogue } from '../fittings/catalogue';
import { type Part, isByLength, isSoldIn, piecesFrom } from '../fittings/part';
import { holeKind, setOutHole } from '../job/hole-kinds';
import type { EndRef, Job, Penetration, PlacedPart } from '../job/job';
import { newPart } from '../job/new-part';
import { rising } from '../job/placed-part';
import { newPenetration, newTank } from '../job/new-tank';
import { newTerminal } from '../job/places';
import { type NominalSize, sizeWords } from '../quantity/size';
import { CUSTOMS } from '../quantity/customs';
import type { Region } from '../region';
import { type ChainLink, appendChain } from '../routes/chain-edits';
import { lengthStepM, markBelow } from '../quantity/length';
import { isUpright } from '../walls/forms';
import { type HoleRoom, freePlace, roomOf } from '../walls/no-drill';
import type { Role } from '../walls/roles';
import type { Tank, WallPlace } from '../walls/tank';
import { tankType } from '../walls/tank-types';
import { NOTHING_BETWEEN, type Position, type Step, endAt, wayBetween, wayOnto } from './find-part';

/** An opening as a pattern asks for it: it is set out where it lies flat, nearest to the height that is asked for. */
export interface Opening extends Partial<Pick<Penetration, 'heightM' | 'aroundM' | 'depthM' | 'supported' | 'stands'>> {
  readonly tank: string;
  readonly name: string;
  readonly roles: readonly [Role, ...Role[]];
  readonly size: NominalSize;
  readonly face?: 'top' | 'side';
  /** The ways to seal it, the best first; none: it stays bare. */
  readonly seals?: readonly string[];
  /** What else the part that seals it must be. */
  readonly which?: (part: Part) => boolean;
}

/** A part that was put in: where its line goes on, and its other ends. */
export interface Placed {
  readonly id: string;
  readonly on: EndRef;
  readonly end: (position: Position) => EndRef;
}

/** What patterns are built with: the edits of a user, in the parts of one region. */
export interface Kit extends Pick<JobBuilder, 'edit' | 'set' | 'job'> {
  readonly region: Region;
  /** What differs from region to region; `else` wherever it is not said. */
  readonly by: <const Value>(choices: Choices<Value>) => Value;
  readonly tank: (type: string, given?: Partial<Tank>) => Tank;
  /** Sets out an opening and seals it; its outer end, to begin a line on. */
  readonly opening: (asked: Opening) => Mouth;
  /** Uses an opening that the tank comes with. */
  readonly port: (tank: string, portId: string, asked: PortAsked) => Mouth;
  /** A place where a line ends. */
  readonly place: (given: Parameters<typeof newTerminal>[0]) => EndRef;
  /** Puts parts on an end one after another, and joins the last to `to`. */
  readonly line: (from: EndRef, steps: readonly Step[], to?: EndRef) => readonly Placed[];
}

type Choices<Value> =
  | Readonly<Record<Region, Value>>
  | (Readonly<Partial<Record<Region, Value>>> & { readonly else: Value });

/** An opening with what a line begins on. */
export interface Mouth {
  readonly hole: string;
  /** Its middle above the base [m]. */
  readonly upM: number;
  readonly out: EndRef;
  /** The end inside the tank of what seals it. */
  readonly inside: () => EndRef;
}

interface PortAsked extends Partial<Pick<Penetration, 'name' | 'roles' | 'comesApart' | 'supported'>> {
  /** The end that it is found to have, as text. */
  readonly end: string;
}

/** What is cut between two fittings [m]. */
const SHORT_M = 0.15;

/** @throws RangeError what is asked for is not to be had: the pattern is wrong */
export function patternKit(name: string, region: Region, catalogue: Catalogue = shippedCatalogue): Kit {
  const { edit, set, job } = buildJob(name, CUSTOMS[region].measures, region, catalogue);
  set({ currency: CUSTOMS[region].currency });
  const context = (): CheckContext => contextOf(job(), catalogue);
  const tankOf = (id: string): Tank => found(job().tanks, id);
  let made = 0;

  const tank: Kit['tank'] = (type, given = {}) => {
    const id = `t${job().tanks.length + 1}`;
    edit({ type: 'add-tank', tank: { ...newTank(id, type), ...given } });
    return tankOf(id);
  };

  const seal = (hole: Penetration, styles: readonly string[], which: Opening['which'] = () => true): EndRef => {
    const ways = sealWays(hole, tankOf(hole.tankId), context());
    const asked = styles.flatMap((style) => ways.filter((way) => way.style.id === style));
    for (const way of asked) {
      const drawnIn =
        way.style.onACord &&
        way.reasons.length > 0 &&
        way.reasons.every(({ about, rulesOut }) => about === 'reach' && !rulesOut);
      if (!drawnIn && way.reasons.some(({ about }) => about !== 'doubt')) continue;
      const part = way.parts.find((one) => isSoldIn(one, region) && which(one));
      if (!part) continue;
      if (drawnIn) edit(setField('penetrations', hole, 'drawnIn', true));
      const id = `${hole.id}-seal`;
      edit({
        type: 'add-part',
        part: newPart(id, part.code, { existing: hole.stands }),
        at: { of: 'hole', id: hole.id },
        partEnd: 0,
        jointId: `${hole.id}-wall`,
      });
      return { of: 'part', id, end: part.ends.findIndex(({ position }, end) => end > 0 && position !== 'inside') };
    }
    throw new RangeError(`${hole.name}, ${sizeWords(hole.size)}: ${asked.map(whyNot).join('; ')}`);
  };

  const mouth = ({ id: hole, heightM: upM }: Penetration, out: EndRef): Mouth => ({
    hole,
    upM,
    out,
    inside: () => {
      if (out.of !== 'part') throw new RangeError(`${hole} has no end inside`);
      return { ...out, end: endAt(partOf(out.id), 'inside') };
    },
  });

  const opening: Kit['opening'] = ({
    tank: tankId,
    name: called,
    roles,
    size,
    seals,
    which,
    face,
    heightM,
    ...given
  }) => {
    const id = `h${++made}`;
    const kind = holeKind(roles[0]);
    const on = face === undefined ? kind.on : face;
    const of = tankOf(tankId);
    const rows = (seals ?? []).flatMap((style) => wallSealSizeOf(style, size) ?? []);
    const [row] = rows.toSorted((a, b) => a.flangeMm - b.flangeMm);
    const room = row && roomOf(row);
    const share = heightM === undefined ? kind.heightShare : heightM / of.brimM;
    const now = context();
    const roomOfHole = (hole: Penetration): HoleRoom => ({
      flatM: flatRadiusM(hole, now.job, now.index),
      holeM: holeDiameterM(hole.id, now.job, now.index) ?? 0,
    });
    const place = setOutHole(id, { ...kind, on, heightShare: share }, of, job(), size, room, roomOfHole);
    const marked = room ? onMarks(place, of, room, lengthStepM(job().measures, true)) : place;
    edit({ type: 'add-penetration', penetration: newPenetration({ ...marked, name: called, roles, ...given }) });
    const hole = found(job().penetrations, id);
    return mouth(hole, seals ? seal(hole, seals, which) : { of: 'hole', id });
  };

  const port: Kit['port'] = (tankId, portId, { end, ...asked }) => {
    const id = `h${++made}`;
    const of = tankOf(tankId);
    const { ways: _, closedBy: __, role, id: ___, ...place } = found(tankType(of.type).ports(of), portId);
    edit({
      type: 'add-penetration',
      penetration: newPenetration({ ...place, id, tankId, roles: [role], port: end, portId, portUse: 'use', ...asked }),
    });
    return mouth(found(job().penetrations, id), { of: 'hole', id });
  };

  const place: Kit['place'] = (given) => {
    edit({ type: 'add-terminal', terminal: newTerminal(given) });
    return { of: 'terminal', id: given.id };
  };

  const partOf = (id: string): Part => {
    const { code } = found(job().parts, id);
    const part = catalogue.byCode.get(code);
    if (!part) throw new RangeError(`no part ${code}`);
    return part;
  };

  const put = (at: EndRef, links: readonly ChainLink[], to?: EndRef): void => {
    const chain = { links: links.map(withLength), priceUsd: 0 };
    for (const one of appendChain(job(), at, chain, '', to).edits) edit(one);
  };

  const step = (at: EndRef, asked: Step): Placed => {
    const { part: name, boreMm: _, which: __, enter: ___, leave, lengthM, ...said } = asked;
    const way = wayOnto(at, asked, context(), region);
    if (!way) throw new RangeError(`${name} does not go on in ${region}`);
    const { part, endIn, route } = way;
    const endOut = leave ? endAt(part, leave) : otherEnd(part, endIn);
    const pieces = piecesOf(part, lengthM);
    const length = lengthM === undefined ? {} : { lengthM: lengthM === null ? null : lengthM / pieces };
    // What leads to a part that stands stands too.
    const between = said.existing ? route.links.map((link) => ({ ...link, said: { existing: true } })) : route.links;
    put(at, [...between, { part, endIn, endOut, ...length, said: { ...said, ...shareOf(said, 1 / pieces) } }]);
    const { id } = placedLast(job());
    const endOf = (end: number): EndRef => ({ of: 'part', id, end });
    // What is longer than it is stocked goes on behind a coupling.
    if (pieces > 1 && lengthM) {
      const left = (pieces - 1) / pieces;
      const joined = step(endOf(endOut), { part: 'Coupling' });
      const same = (other: Part): boolean => other.code === part.code;
      return step(joined.on, { ...asked, which: same, lengthM: lengthM * left, ...shareOf(said, left) });
    }
    return { id, on: endOf(endOut), end: (position) => endOf(endAt(part, position)) };
  };

  const line: Kit['line'] = (from, steps, to) => {
    const placed: Placed[] = [];
    let at = from;
    for (const asked of steps) {
      const one = step(at, asked);
      placed.push(one);
      at = one.on;
    }
    if (to === undefined) return placed;
    const now = context();
    const { end, material } = resolveEnd(to, now.job, now.index);
    // A place that offers nothing takes the line as it ends.
    const route = end ? wayBetween(at, { end, material }, now, region) : NOTHING_BETWEEN;
    if (!route) throw new RangeError(`nothing leads on to ${to.id} in ${region}`);
    put(at, route.links, to);
    return placed;
  };

  return { region, by: (choices) => chosenIn(choices, region), edit, set, job, tank, opening, port, place, line };
}

/** The same place on the marks of a tape, where it still lies flat; water that is to leave there is not brought higher. */
function onMarks<Place extends WallPlace>(place: Place, tank: Tank, { flatM }: HoleRoom, marksM: number): Place {
  const { face } = place;
  const [aroundM, depthM] = [markBelow(place.aroundM, marksM), markBelow(place.depthM, marksM)];
  const heightM = isUpright(face) ? markBelow(place.heightM, marksM) : place.heightM;
  const limits = isUpright(face) ? { mostUpM: place.heightM, marksM } : { marksM };
  return { ...place, ...freePlace(tank, { face, heightM, aroundM, depthM }, flatM, limits) };
}

const chosenIn = <Value>(choices: Choices<Value>, region: Region): Value =>
  'else' in choices ? (choices[region] ?? choices.else) : choices[region];

/** In how many pieces so much of a part is laid. */
const piecesOf = ({ sale }: Part, lengthM: number | null | undefined): number =>
  sale.by === 'length' && lengthM ? piecesFrom(lengthM, Math.max(...sale.stockLengthsM)) : 1;

/** Such a share of how much a line rises; a fall is a share of its length by itself. */
const shareOf = ({ slope }: Pick<Step, 'slope'>, share: number): Pick<Step, 'slope'> =>
  slope?.by === 'rise' ? { slope: rising(slope.riseM * share) } : {};

function placedLast({ parts }: Job): PlacedPart {
  const last = parts.at(-1);
  if (!last) throw new RangeError('nothing was put in');
  return last;
}

const withLength = (link: ChainLink): ChainLink =>
  isByLength(link.part) && link.lengthM === undefined ? { ...link, lengthM: SHORT_M } : link;

function found<Thing extends { readonly id: string }>(things: readonly Thing[], id: string): Thing {
  const thing = things.find((one) => one.id === id);
  if (!thing) throw new RangeError(`there is no ${id}`);
  return thing;
}

/** Where the line goes on behind a part. */
function otherEnd(part: Part, endIn: number): number {
  const wanted = part.ends[endIn]?.position === 'inlet' ? 'outlet' : 'inlet';
  const end = part.ends.findIndex(({ position }, one) => one !== endIn && position === wanted);
  return end < 0 ? endIn : end;
}

const whyNot = ({ style, reasons, parts }: SealWay): string =>
  `${style.called} (${parts.length} parts): ${reasons.map(({ text }) => text).join(' ')}`;

import { tankOf } from '../job/lookup';
import type { RunSight } from '../derived/context';
import type { Penetration } from '../job/job';
import { type Seal, sealOf } from '../derived/resolve';
import { WALL_SEAL_STYLES } from '../connections/standards/wall-seals';
import { closesRoundCord } from '../connections/standards/wall-seals/wall-seal';
import { passesWater } from '../walls/roles';
import { serviceOfRoles } from '../derived/service';
import { type SealWay, type WayReason, placedWay, sealWays } from '../derived/seal-ways';
import { type AddPart } from '../edits/add-part';
import { type ChangeField, setField } from '../edits/change-field';
import type { ReplacePart } from '../edits/replace-part';
import { partTitle } from '../fittings/catalogue';
import { type Part, isSoldIn } from '../fittings/part';
import type { Tank } from '../walls/tank';
import { fillText } from '../quantity/values';
import type { Report } from './define-check';
import type { Fix } from './finding';
import { freshId } from '../edits/fresh-id';
import { atPenetration } from './places';
import { newPart } from '../job/new-part';
import { type NominalSize, isMetricSize, sizeInInches, sizeWords } from '../quantity/size';

/** A hole that is sealed, in its tank, with what seals it. */
export interface SealedHole {
  readonly hole: Penetration;
  readonly tank: Tank;
  readonly seal: Seal;
}

/**
 * What speaks against the seals of a job, as far as it is about one of these: each with its figures, and with the ways
 * that are allowed there as fixes.
 *
 * @param fixesFirst what else can be done about it, offered before another seal
 */
export const sealReports = (
  context: RunSight,
  about: readonly WayReason['about'][],
  fixesFirst: (sealed: SealedHole, reason: WayReason, whole: RunSight) => readonly Fix[] = () => [],
): readonly Report<'seal'>[] =>
  context.runs.flatMap(({ penetration: hole }) => {
    const [tank, seal] = [tankOf(context.job, hole), sealOf(hole.id, context.index)];
    const way = placedWay(context, hole);
    if (!tank || !seal || !way) return [];
    return way.reasons
      .filter((reason) => about.includes(reason.about))
      .map((reason) => ({
        messageId: 'seal' as const,
        at: atPenetration(hole),
        data: { why: fillText(reason.text, reason.data, context.job.measures) },
        fixes: (whole) => [...fixesFirst({ hole, tank, seal }, reason, whole), ...otherSeals(hole, tank, seal, whole)],
      }));
  });

const MOST_FIXES = 3;

const isForCord = ({ roles }: Pick<Penetration, 'roles'>): boolean =>
  roles.includes('cord-entry') && !passesWater(roles);

/** What is only doubted is done where no water stands, after what is not. */
const mayDo =
  ({ roles }: Pick<Penetration, 'roles'>) =>
  ({ about }: WayReason): boolean =>
    about === 'doubt' && serviceOfRoles(roles) === 'drain';

/** What is put into a bare hole. */
export const putIn = (hole: Pick<Penetration, 'id'>, part: Part, { job }: RunSight): AddPart => ({
  type: 'add-part',
  part: newPart(freshId(`${hole.id}-seal`, job.parts), part.code),
  at: { of: 'hole', id: hole.id },
  partEnd: 0,
  jointId: freshId(`${hole.id}-wall`, job.joints),
});

/** What of a way is sold where the work is, the cheapest kind of it: what nobody can buy there mends nothing there. */
const soldOf = ({ parts }: SealWay, { job }: RunSight): readonly Part[] =>
  parts.filter((part) => isSoldIn(part, job.region)).slice(0, 1);

/** Sizes that anything is made in for a wall, from the smallest. */
const SEAL_SIZES: readonly NominalSize[] = [
  ...new Set(WALL_SEAL_STYLES.flatMap(({ sizes }) => sizes.map(({ size }) => size))),
].toSorted((a, b) => sizeInInches(a) - sizeInInches(b));

/** The next larger sizes of its own series (3/4 in and 1 in, 40 mm and 50 mm), then those of the other where nothing hangs on it. */
function largerThan(size: NominalSize, isBare: boolean): readonly NominalSize[] {
  const larger = SEAL_SIZES.filter((other) => sizeInInches(other) > sizeInInches(size));
  const isOwn = (other: NominalSize): boolean => isMetricSize(other) === isMetricSize(size);
  return [...larger.filter(isOwn), ...larger.filter((other) => isBare && !isOwn(other))];
}

/** An opening as it would be in another size: its hole is opened for what comes. */
const inSize = (hole: Penetration, size: NominalSize): Penetration => ({ ...hole, size, holeM: null });

/** A hole that is there may be opened further, and is made smaller by nobody. */
const coversHole = ({ row }: SealWay, { holeM }: Penetration): boolean =>
  holeM === null || (row !== undefined && row.holeMm[1] >= holeM * 1000);

/** A part that seals a hole, and whether it is drawn in on a cord because no hand reaches its nut. */
interface Sealing {
  readonly part: Part;
  readonly onCord: boolean;
}

/** It would be allowed if a hand reached its nut, and may be drawn in on a cord instead. */
const isOnCord = ({ verdict, style, reasons }: SealWay, { drawnIn }: Penetration): boolean =>
  verdict === 'warned' && style.onACord && !drawnIn && reasons.every(({ about }) => about === 'reach');

/**
 * The ways that are allowed at a hole, each as a fix: it takes the place of what is there, or is put into the bare hole, drawn in
 * on a cord where no hand reaches. What any hand can set comes first, then what is welded on or cast in. Where nothing
 * that may be used there is made in its size (no flange in 3/4 clamps a liner), those of the next larger one that is.
 * @param does what the way must do there besides
 */
export function otherSeals(
  hole: Penetration,
  tank: Tank,
  seal: Seal | undefined,
  context: RunSight,
  does: (style: SealWay['style']) => boolean = () => true,
): Fix[] {
  const sealingsFor = (inThatSize: Penetration): Sealing[] =>
    sealWays(inThatSize, tank, context)
      .map((way) => ({ way, onCord: seal === undefined && isOnCord(way, inThatSize) }))
      .filter(({ way, onCord }) => onCord || way.reasons.every(mayDo(hole)))
      .filter(({ way }) => does(way.style) && coversHole(way, hole))
      .filter(({ way: { style } }) => inThatSize.size !== seal?.end.size || style.id !== seal.end.style)
      // What is only for a cord is closed by nothing that leaves the cord loose.
      .filter(({ way: { style } }) => !isForCord(hole) || closesRoundCord(style))
      .toSorted(
        (a, b) =>
          Number(a.way.style.byTrade) - Number(b.way.style.byTrade) ||
          Number(a.onCord) - Number(b.onCord) ||
          a.way.reasons.length - b.way.reasons.length,
      )
      .flatMap(({ way, onCord }) => soldOf(way, context).map((part) => ({ part, onCord })));
  const put = (part: Part): AddPart | ReplacePart =>
    seal
      ? { type: 'replace-part', partId: seal.placed.id, from: seal.part.code, to: part.code }
      : putIn(hole, part, context);
  const asFix = ({ part, onCord }: Sealing): Fix => ({
    text: seal ? 'Seal it instead with: {part}' : onCord ? 'Seal it, drawn in on a cord: {part}' : 'Seal it: {part}',
    data: { part: partTitle(part) },
    edits: [...(onCord ? [setField('penetrations', hole, 'drawnIn', true)] : []), put(part)],
    partsAdded: 1,
    priceUsd: part.priceUsd,
  });
  const asIs = sealingsFor(hole);
  if (asIs.length > 0 || hole.stands) return asIs.slice(0, MOST_FIXES).map(asFix);
  for (const size of largerThan(hole.size, seal === undefined)) {
    const [sealing] = sealingsFor(inSize(hole, size));
    if (sealing) {
      const { part } = sealing;
      const fix = asFix(sealing);
      return [
        {
          ...fix,
          text: 'Make it {size}, the next size that may be used here: {part}',
          data: { size: sizeWords(size), part: partTitle(part) },
          edits: [setField('penetrations', hole, 'size', size), ...drilledAnew(hole), ...fix.edits],
        },
      ];
    }
  }
  return [];
}

const drilledAnew = (hole: Penetration): readonly ChangeField[] =>
  hole.holeM === null ? [] : [setField('penetrations', hole, 'holeM', null)];

/** An opening that is not there yet, with the first way that seals it: one press, and nothing that it leaves open fails. */
export function newHoleFix(
  penetration: Omit<Penetration, 'label'>,
  tank: Tank,
  context: RunSight,
  text: string,
): readonly Fix[] {
  const [seal] = otherSeals({ ...penetration, label: '' }, tank, undefined, context);
  return [
    {
      text: seal ? `${text}: {part}` : text,
      data: { size: sizeWords(penetration.size), height: { lengthM: penetration.heightM }, ...seal?.data },
      edits: [{ type: 'add-penetration', penetration }, ...(seal?.edits ?? [])],
      partsAdded: seal?.partsAdded ?? 0,
      priceUsd: seal?.priceUsd ?? 0,
    },
  ];
}

import { WALL_SEAL_SIZES, WALL_SEAL_STYLES, wallSealSizeOf } from '../connections/standards/wall-seals';
import type { CheckContext } from '../derived/context';
import { sharingWith } from '../derived/levels';
import { workingHoles } from '../derived/shut';
import { judgeWay } from '../derived/seal-ways';
import { freshIds } from '../edits/fresh-id';
import { partTitle, wallFittingsOf } from '../fittings/catalogue';
import { type Part, isSoldIn } from '../fittings/part';
import { sideOverflowM3s } from '../hydraulics/free-flow';
import { ALIKE_SHARE, inflowM3s, nominalAreaIn2, overflowM3s } from '../hydraulics/overflow';
import type { Penetration } from '../job/job';
import { holeKind, setOutHole, usualSize } from '../job/hole-kinds';
import { holesOf } from '../job/lookup';
import { METRES_PER_INCH } from '../quantity/length';
import { type NominalSize, sizeInInches, sizeWords } from '../quantity/size';
import { type HoleRoom, noDrillZones, roomOf, zoneAt } from '../walls/no-drill';
import { POURS_IN } from '../walls/roles';
import type { Tank } from '../walls/tank';
import type { Fix } from './finding';
import { partsBeyondSeal } from './run/open-ends';
import { putIn } from './seals';

/** So many beside one another at most: beyond that somebody wants a larger one elsewhere. Our judgement. */
const MOST_BESIDE = 3;
/**
 * Overflows as large as the largest inlet and as the storm asks, less what those do that stay, each with what seals it, where it lies
 * flat: one, and where one lies flat nowhere two or three smaller ones. Nothing where none does.
 *
 * @param small one that is too small: it goes where nothing hangs on it yet, else it stays and has others beside it
 */
export function overflowFixes(whole: CheckContext, tank: Tank, small?: Penetration): readonly Fix[] {
  const group = sharingWith(tank, whole);
  const goes = small && isBare(small, whole) ? small : undefined;
  const stay = group.flatMap(({ id }) => workingHoles(whole, id, 'overflow')).filter(({ id }) => id !== goes?.id);
  const inlets = group.flatMap(({ id }) => holesOf(whole.job, id, ...POURS_IN));
  const usualIn2 = nominalAreaIn2({ size: usualSize(holeKind('overflow'), whole.job) });
  const areaIn2 = inlets.length > 0 ? ALIKE_SHARE * Math.max(...inlets.map(nominalAreaIn2)) : usualIn2;
  const sum = (of: (hole: Penetration) => number): number => stay.reduce((total, hole) => total + of(hole), 0);
  const wanted: Wanted = {
    areaIn2: areaIn2 - sum(nominalAreaIn2),
    flowM3s: inflowM3s(group, whole) - sum((hole) => overflowM3s(hole, whole)),
    instead: goes,
  };
  const context = goes ? without(goes, whole) : whole;
  const sizes = WALL_SEAL_SIZES.toSorted((a, b) => sizeInInches(a) - sizeInInches(b));
  for (let count = 1; count <= MOST_BESIDE; count++)
    for (const size of sizes) {
      if (count * nominalAreaIn2({ size }) < wanted.areaIn2) continue;
      const fix = besideOneAnother(count, size, wanted, tank, context);
      if (!fix) continue;
      return [count === 1 ? fix : { ...fix, text: `${fix.text}; no single one as large goes there` }];
    }
  return [];
}

/** Is it only planned, with at most what seals it? */
const isBare = (hole: Penetration, { runs }: CheckContext): boolean =>
  !hole.stands &&
  hole.port === null &&
  runs.every((run) => run.penetration.id !== hole.id || partsBeyondSeal(run) === 0);

const without = (hole: Penetration, context: CheckContext): CheckContext => ({
  ...context,
  job: { ...context.job, penetrations: context.job.penetrations.filter(({ id }) => id !== hole.id) },
});

interface Wanted {
  readonly areaIn2: number;
  readonly flowM3s: number;
  /** What they take the place of. */
  readonly instead: Penetration | undefined;
}

/** So many overflows of one size that are sold there, with the cheapest seal that lies flat in this tank. */
function besideOneAnother(
  count: number,
  size: NominalSize,
  { flowM3s, instead }: Wanted,
  tank: Tank,
  context: CheckContext,
): Fix | undefined {
  const { job, catalogue } = context;
  const partsOf = wallFittingsOf(catalogue);
  const boreM = sizeInInches(size) * METRES_PER_INCH;
  const made = WALL_SEAL_STYLES.filter(({ purpose }) => purpose === undefined)
    .flatMap((style) => partsOf(style.id, size).map((part) => ({ style, part })))
    .filter(({ part }) => isSoldIn(part, job.region))
    .toSorted((a, b) => a.part.priceUsd - b.part.priceUsd);
  for (const { style, part } of made) {
    const row = wallSealSizeOf(style.id, size);
    const holes = row && setOut(count, size, roomOf(row), tank, context);
    if (!holes) continue;
    const [first] = holes;
    const carries = holes.reduce(
      (sum, { heightM }) => sum + sideOverflowM3s(boreM, tank.brimM - heightM + boreM / 2),
      0,
    );
    const stands = holes.every((hole) =>
      judgeWay(style, { ...hole, label: '' }, tank, context, [part]).reasons.every(({ about }) => about === 'doubt'),
    );
    if (first && carries >= flowM3s && stands) return fixOf(holes, part, context, instead);
  }
  return undefined;
}

/** One after the other, each clear of those before; undefined where one of them would not lie flat. */
function setOut(count: number, size: NominalSize, room: HoleRoom, tank: Tank, { job }: CheckContext) {
  const newId = freshIds(job.penetrations);
  const zones = noDrillZones(tank);
  const holes: Omit<Penetration, 'label'>[] = [];
  for (let place = 0; place < count; place++) {
    const penetrations = [...job.penetrations, ...holes.map((hole) => ({ ...hole, label: '' }))];
    const hole = setOutHole(
      newId(`${tank.id}-overflow`),
      holeKind('overflow'),
      tank,
      { ...job, penetrations },
      size,
      room,
    );
    if (zoneAt(zones, hole, room.flatM)) return undefined;
    holes.push(hole);
  }
  return holes;
}

function fixOf(
  holes: readonly Omit<Penetration, 'label'>[],
  part: Part,
  context: CheckContext,
  instead: Penetration | undefined,
): Fix {
  const [first] = holes;
  const put = instead ? 'In place of {instead} put' : 'Add';
  const what =
    holes.length === 1
      ? `${put} an overflow of {size} at {height}: {part}`
      : `${put} {count} overflows of {size} at {height}: {part}`;
  return {
    text: what,
    data: {
      count: holes.length,
      instead: instead?.label ?? '',
      size: first ? sizeWords(first.size) : '',
      height: { lengthM: first?.heightM ?? 0 },
      part: partTitle(part),
    },
    edits: [
      ...(instead ? [{ type: 'remove-penetration' as const, penetrationId: instead.id }] : []),
      ...holes.flatMap((penetration) => [
        { type: 'add-penetration' as const, penetration },
        putIn(penetration, part, context),
      ]),
    ],
    partsAdded: holes.length,
    priceUsd: holes.length * part.priceUsd,
  };
}

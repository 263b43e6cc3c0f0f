import { type Role } from '../../walls/roles';
import type { Need } from '../../connections/mating';
import type { CheckContext } from '../../derived/context';
import { type Part, isByLength, outsideMmOf } from '../../fittings/part';
import { MM_PER_INCH, formatLength, type Measures } from '../../quantity/length';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import type { SawFit } from '../../walls/hole-saws';
import { portOf, tankType } from '../../walls/tank-types';
import { tankOf } from '../../job/lookup';
import type { PartsLine } from '../list/parts-list';
import type { PutIn } from './put-in';
import type { Tank } from '../../walls/tank';
import { runsOnce } from '../../assembly/flow';
import { trenchM } from '../../assembly/trench';
import { isDownpipe } from '../../fittings/capability';
import { type Use, traced, useOfHole, useOfPart, useOfRoof, useOfTank } from '../list/trace';

/** A hole to drill, the label it goes by, and how it is cut. */
export interface HoleToDrill {
  readonly id: string;
  readonly label: string;
  readonly cut: SawFit;
}

/** A lid that has to be undone; that of an open top which lets air through only lies on it. */
const hasHeldLid = ({ type, accessM }: Tank): boolean => {
  const { openTop, breathes } = tankType(type);
  return openTop ? !breathes : accessM > 0;
};

export const sawCode = (diameterM: number): string => `SW-${Math.round(diameterM * 10_000)}`;

/** Invented price of a hole saw, by diameter. */
const sawUsd = (diameterM: number): number => Math.round((8 + diameterM * 220) * 20) / 20;

const tool = (code: string, title: string, detail: string, uses: readonly Use[] = []): PartsLine => ({
  code,
  title,
  detail,
  need: 1,
  unit: 'piece',
  buy: 0,
  priceUsd: null,
  ...traced(uses),
  note: 'from the van',
});

/** Each hole saw once, with its arbor and pilot; a hole without a saw is cut to a template. */
export function drillLines(holes: readonly HoleToDrill[], measures: Measures): readonly PartsLine[] {
  if (holes.length === 0) return [];
  const sawOf = ({ cut }: HoleToDrill): number | undefined => ('sawM' in cut ? cut.sawM : undefined);
  const saws = [...new Set(holes.flatMap((hole) => sawOf(hole) ?? []))].sort((a, b) => a - b);
  const cutBy = (fit: SawFit['fit']): readonly HoleToDrill[] => holes.filter(({ cut }) => cut.fit === fit);
  return [
    ...saws.map((saw): PartsLine => {
      const own = holes.filter((hole) => sawOf(hole) === saw);
      return {
        code: sawCode(saw),
        title: 'Hole saw',
        detail: formatLength(saw, measures),
        need: 1,
        unit: 'piece',
        buy: 1,
        priceUsd: sawUsd(saw),
        ...traced(own.map(useOfHole)),
        note: `${own.length} hole${own.length === 1 ? '' : 's'}; measure the shank before you saw`,
      };
    }),
    ...(saws.length === 0 ? [] : [tool('SW-ARB', 'Arbor and pilot drill', 'for the hole saws')]),
    tool('DR', 'Drill driver, charged', 'slow speed, side handle'),
    ...cutter(tool('JS', 'Jigsaw and fine blade', 'cut to the template, from a starter hole'), cutBy('template')),
    ...cutter(tool('KD', 'Core drill, wet diamond bit', 'scan for steel first; no hammer'), cutBy('core')),
    tool('DB', 'Deburrer or knife', 'both edges of every hole'),
    tool('EY', 'Eye protection', 'spring-back and swarf'),
  ];
}

/** A tool that is on the list only if a hole is cut by it. */
const cutter = (line: PartsLine, holes: readonly HoleToDrill[]): PartsLine[] =>
  holes.length === 0 ? [] : [{ ...line, ...traced(holes.map(useOfHole)) }];

/** What there is to do, by which tools are chosen. */
interface Work {
  readonly context: CheckContext;
  readonly needs: readonly Need[];
  /** What is put in, with where. */
  readonly placed: readonly Pick<PutIn, 'part' | 'placed' | 'use'>[];
}

interface ToolRule {
  readonly code: string;
  readonly title: string;
  readonly detail: string;
  /** What it is for; empty: it hangs on nothing single. Undefined: it is not needed. */
  readonly wanted: (work: Work) => readonly Use[] | undefined;
}

const when = (wanted: boolean): readonly Use[] | undefined => (wanted ? [] : undefined);
const some = (uses: readonly Use[]): readonly Use[] | undefined => (uses.length > 0 ? uses : undefined);
const joinedBy =
  (...kinds: readonly Need['kind'][]) =>
  ({ needs }: Work): readonly Use[] | undefined =>
    when(needs.some(({ kind }) => kinds.includes(kind)));
const partsThat =
  (test: (part: Part) => boolean) =>
  ({ placed }: Work): readonly Use[] | undefined =>
    some(placed.filter(({ part }) => test(part)).map(({ use }) => use));

/** Up to this a tube cutter goes round; above it a fine saw in a mitre box cuts square (common practice). */
const CUTTER_UP_TO_MM = 2.5 * MM_PER_INCH;
const isPipe = ({ family }: Part): boolean => family === 'pipe';

const atAll = ({ placed }: Work): readonly Use[] | undefined => when(placed.length > 0);
/** Runs that lie in a trench, and tanks that are set in the ground now. */
const dug = ({ context }: Work): readonly Use[] => [
  ...runsOnce(context)
    .filter((run) => trenchM(run, context) > 0)
    .map(({ penetration }) => useOfHole(penetration)),
  ...context.job.tanks.filter(({ buriedM, stands }) => buriedM > 0 && !stands).map(useOfTank),
];
/** Roofs that get a gutter, and lines that get a downpipe. */
const upThere = ({ context, placed }: Work): readonly Use[] => [
  ...context.job.roofs.filter(({ gutterM }) => gutterM > 0).map(useOfRoof),
  ...placed.filter(({ part }) => isByLength(part) && isDownpipe(part)).map(({ use }) => use),
];
const wantsBrush = ({ type, cleaning, stands }: Tank): boolean =>
  tankType(type).secondHand && !stands && cleaning !== 'washed' && cleaning !== 'reconditioned';

/** Every tool beside those that drill. A new one: a row here. */
const TOOLS: readonly ToolRule[] = [
  {
    code: 'TM',
    title: 'Tape measure and marker',
    detail: 'check lengths twice',
    wanted: ({ placed }) => when(placed.length > 0),
  },
  {
    code: 'LE',
    title: 'Spirit level',
    detail: 'bases level, drains in their fall',
    wanted: ({ context, placed }) => (placed.length > 0 ? some(context.job.tanks.map(useOfTank)) : undefined),
  },
  { code: 'GLV', title: 'Work gloves', detail: 'edges, swarf and cement', wanted: atAll },
  { code: 'RAG', title: 'Rags', detail: 'wipe before primer and after tape', wanted: atAll },
  { code: 'BUC', title: 'Bucket', detail: 'for the test, and for what runs out', wanted: atAll },
  {
    code: 'LOC',
    title: 'Cable and pipe locator',
    detail: 'have what lies in the ground marked before anybody digs',
    wanted: (work) => some(dug(work)),
  },
  {
    code: 'SPD',
    title: 'Spade and tamper',
    detail: 'trench and backfill in layers',
    wanted: (work) => some(dug(work)),
  },
  {
    code: 'STR',
    title: 'String line',
    detail: 'a straight gutter, an even fall',
    wanted: (work) => some([...upThere(work), ...dug(work)]),
  },
  {
    code: 'LAD',
    title: 'Ladder',
    detail: 'footed and held; a scaffold above one storey',
    wanted: (work) => some(upThere(work)),
  },
  {
    code: 'MBT',
    title: 'Masonry bit 8 mm and dust mask',
    detail: 'for the plugs of the brackets',
    wanted: (work) =>
      work.context.job.roofs.some(({ fixedTo }) => fixedTo === 'masonry') ? some(upThere(work)) : undefined,
  },
  {
    code: 'BRU',
    title: 'Brush with a long handle',
    detail: 'washes a used tank out from its opening',
    wanted: ({ context }) => some(context.job.tanks.filter(wantsBrush).map(useOfTank)),
  },
  {
    code: 'CD',
    title: 'Cord, weight and hook',
    detail: 'draws a fitting in where no hand reaches',
    wanted: ({ context }) => some(context.job.penetrations.filter(({ drawnIn }) => drawnIn).map(useOfHole)),
  },
  { code: 'WR', title: 'Two wrenches', detail: 'one holds, one turns', wanted: joinedBy('tape') },
  {
    code: 'SR',
    title: 'Strap wrench',
    detail: 'bulkhead nuts and plastic threads',
    wanted: partsThat(({ family }) => family === 'bulkhead'),
  },
  {
    code: 'BW',
    title: 'Bung wrench',
    detail: 'for the bungs of drums and crates',
    wanted: ({ context }) =>
      some(
        context.job.penetrations
          .filter((hole) => {
            const tank = tankOf(context.job, hole);
            return tank !== undefined && hole.portUse !== 'leave' && portOf(tank, hole)?.closedBy === 'bung';
          })
          .map(useOfHole),
      ),
  },
  {
    code: 'LK',
    title: 'Lid key or lever',
    detail: 'for the ring or the screws of the lid',
    wanted: ({ context, placed }) =>
      placed.length > 0 ? some(context.job.tanks.filter(hasHeldLid).map(useOfTank)) : undefined,
  },
  {
    code: 'PC',
    title: 'Pipe cutter',
    detail: 'square cuts, up to 2 in, 63 mm',
    wanted: partsThat((part) => isPipe(part) && outsideMmOf(part) < CUTTER_UP_TO_MM),
  },
  {
    code: 'FS',
    title: 'Fine saw and mitre box',
    detail: 'square cuts in large pipe and downpipe',
    wanted: partsThat(
      (part) =>
        part.sale.by === 'length' && part.family !== 'hose' && (!isPipe(part) || outsideMmOf(part) >= CUTTER_UP_TO_MM),
    ),
  },
  { code: 'BV', title: 'Bevel tool or file', detail: 'every cut end', wanted: partsThat(isPipe) },
  { code: 'KN', title: 'Hose knife', detail: 'square cuts', wanted: partsThat(({ family }) => family === 'hose') },
  { code: 'SD', title: 'Screwdriver or nut driver', detail: 'hose clamps', wanted: joinedBy('clamp') },
  {
    code: 'TQ',
    title: 'Torque wrench and a second wrench',
    detail: 'flange bolts, crosswise in three rounds',
    wanted: joinedBy('bolts'),
  },
  {
    code: 'TO',
    title: 'Torch, brush, emery cloth and heat mat',
    detail: 'soldered joints; a wet cloth, a fire blanket and somebody who watches an hour after',
    wanted: joinedBy('solder'),
  },
  {
    code: 'PT',
    title: 'Press tool with jaws',
    detail: 'the jaws of the fitting and of its size; hired by the day',
    wanted: partsThat(({ ends }) => ends.some(({ end }) => end.kind === 'pipe' && end.part === 'press')),
  },
  {
    code: 'CR',
    title: 'Crimp tool with gauge',
    detail: 'for the rings of crimp inserts',
    wanted: partsThat(({ ends }) => ends.some(({ end }) => end.kind === 'pipe' && end.part === 'crimp')),
  },
  {
    code: 'EX',
    title: 'Expansion tool with heads',
    detail: 'stretches tube and ring',
    wanted: partsThat(({ ends }) => ends.some(({ end }) => end.kind === 'pipe' && end.part === 'expansion')),
  },
  {
    code: 'MA',
    title: 'Rubber mallet',
    detail: 'push-fit sockets and pipe into gaskets, over a board',
    wanted: joinedBy('lubricant'),
  },
];

/** Pipe that leads to daylight is shut by a plug of its size while it is tested. */
function testPlugs({ runs }: CheckContext): PartsLine[] {
  const ends = runs.flatMap(({ penetration, strands }) =>
    strands.flatMap(({ end, items }) => {
      // A downpipe is open to the air at its joints: nobody shuts it with a plug.
      const last = items.findLast(({ part }) => isPipe(part) && !isDownpipe(part));
      return last &&
        !last.placed.existing &&
        end.at !== 'hole' &&
        penetration.roles.some((role) => TESTED.includes(role))
        ? [{ size: last.part.size, insideMm: last.part.boreMm, use: useOfPart(last.placed.id, penetration) }]
        : [];
    }),
  );
  return [...new Set(ends.map(({ size }) => size))].map((size) => {
    const own = ends.filter((one) => one.size === size);
    const insideMm = Math.min(...own.map((one) => one.insideMm));
    return tool(
      plugCode(size),
      `Test plug for ${sizeWords(size)} pipe`,
      `expanding, ${Math.round(insideMm)} mm inside; shuts the line while it is tested`,
      own.map(({ use }) => use),
    );
  });
}

const TESTED: readonly Role[] = ['inlet', 'overflow', 'drain'];
const plugCode = (size: NominalSize): string => `TP-${sizeCode(size)}`;

/** What the hands need besides drilling, from what there is to join, to cut and to test. */
export function toolLines(work: Work): readonly PartsLine[] {
  if (work.placed.length === 0) return [];
  return [
    ...TOOLS.flatMap(({ code, title, detail, wanted }) => {
      const uses = wanted(work);
      return uses === undefined ? [] : [tool(code, title, detail, uses)];
    }),
    ...testPlugs(work.context),
  ];
}

import { type Role } from '../../walls/roles';
import type { Need } from '../../connections/mating';
import type { CheckContext } from '../../derived/context';
import { type Part, outsideMmOf } from '../../fittings/part';
import { MM_PER_INCH, formatLength, type Measures } from '../../quantity/length';
import { type NominalSize, sizeCode, sizeWords } from '../../quantity/size';
import type { SawFit } from '../../walls/hole-saws';
import { portOf, tankType } from '../../walls/tank-types';
import { tankOf } from '../../job/lookup';
import type { PartsLine } from '../list/parts-list';
import type { PutIn } from './put-in';
import type { Tank } from '../../walls/tank';
import { type Use, traced, useOfHole, useOfPart, useOfTank } from '../list/trace';

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
    title: 'Torch, brush and emery cloth',
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
      const last = items.findLast(({ part }) => isPipe(part));
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

import type { Need } from '../connections/mating';
import type { Part } from '../fittings/part';
import { formatLength, type Measures } from '../quantity/length';
import type { SawFit } from '../walls/hole-saws';
import type { PartsLine } from './parts-list';
import { type Use, traced, useOfHole } from './trace';

/** A hole to drill, the label it goes by, and how it is cut. */
export interface HoleToDrill {
  readonly id: string;
  readonly label: string;
  readonly cut: SawFit;
}

export const sawCode = (diameterM: number): string => `SW-${Math.round(diameterM * 10_000)}`;

/** Invented price of a hole saw, by diameter. */
const sawUsd = (diameterM: number): number => Math.round((8 + diameterM * 220) * 20) / 20;

const tool = (code: string, title: string, detail: string): PartsLine => ({
  code,
  title,
  detail,
  need: 1,
  unit: 'piece',
  buy: 0,
  priceUsd: null,
  ...traced([]),
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
    ...cutter(tool('JS', 'Jigsaw and fine blade', 'cut to the template, from a starter hole'), cutBy('template')),
    ...cutter(tool('KD', 'Core drill, wet diamond bit', 'scan for steel first; no hammer'), cutBy('core')),
    tool('DB', 'Deburrer or knife', 'both edges of every hole'),
    tool('EY', 'Eye protection', 'spring-back and swarf'),
  ];
}

/** A tool that is on the list only if a hole is cut by it. */
const cutter = (line: PartsLine, holes: readonly HoleToDrill[]): PartsLine[] =>
  holes.length === 0 ? [] : [{ ...line, ...traced(holes.map(useOfHole)) }];

/** What the hands need besides drilling, from what there is to join and to cut. */
export function toolLines(
  needs: readonly Need[],
  parts: readonly Part[],
  drawnIn: readonly Use[] = [],
): readonly PartsLine[] {
  const has = (kind: Need['kind']): boolean => needs.some((need) => need.kind === kind);
  const families = new Set(parts.map(({ family }) => family));
  if (parts.length === 0) return [];
  return [
    tool('TM', 'Tape measure and marker', 'check lengths twice'),
    ...(drawnIn.length > 0
      ? [{ ...tool('CD', 'Cord, weight and hook', 'draws a fitting in where no hand reaches'), ...traced(drawnIn) }]
      : []),
    ...(has('tape') ? [tool('WR', 'Two wrenches', 'one holds, one turns')] : []),
    ...(families.has('bulkhead') ? [tool('SR', 'Strap wrench', 'bulkhead nuts and plastic threads')] : []),
    ...(families.has('pipe')
      ? [tool('PC', 'Pipe saw or cutter', 'square cuts'), tool('BV', 'Bevel tool or file', 'every cut end')]
      : []),
    ...(families.has('hose') ? [tool('KN', 'Hose knife', 'square cuts')] : []),
    ...(has('clamp') ? [tool('SD', 'Screwdriver or nut driver', 'hose clamps')] : []),
  ];
}

import { type Measures, formatLength } from '../../quantity/length';
import type { SawFit } from '../../walls/hole-saws';
import type { PartsLine } from '../list/parts-list';
import { traced, useOfHole } from '../list/trace';

/** A hole to drill, the label it goes by, and how it is cut. */
export interface HoleToDrill {
  readonly id: string;
  readonly label: string;
  readonly cut: SawFit;
}

export const sawCode = (diameterM: number): string => `SW-${Math.round(diameterM * 10_000)}`;

/** Invented price of a hole saw, by diameter. */
const sawUsd = (diameterM: number): number => Math.round((8 + diameterM * 220) * 20) / 20;

/** Each hole saw once; a hole without a saw is cut to a template or cored, with what is on the list of tools. */
export function sawLines(holes: readonly HoleToDrill[], measures: Measures): readonly PartsLine[] {
  const sawOf = ({ cut }: HoleToDrill): number | undefined => ('sawM' in cut ? cut.sawM : undefined);
  const saws = [...new Set(holes.flatMap((hole) => sawOf(hole) ?? []))].sort((a, b) => a - b);
  return saws.map((saw): PartsLine => {
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
  });
}

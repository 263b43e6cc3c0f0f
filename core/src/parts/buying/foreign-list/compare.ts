import type { Catalogue } from '../../../fittings/catalogue';
import { type Part, isByLength } from '../../../fittings/part';
import type { PartsLine } from '../../list/parts-list';
import type { ForeignRow } from './read-rows';

/** So much of a part on a list: pieces or whole lengths, or metres. */
export interface Taken extends Pick<ForeignRow, 'count' | 'lengthM'> {
  readonly part: Part;
}

/** One part on both lists: how many of it there, and how many here; metres where the other list says it so. */
export interface Compared {
  readonly part: Part;
  readonly theirs: number;
  readonly ours: number;
  readonly unit: 'piece' | 'm';
}

/** A foreign list held against what a job needs, piece by piece: what differs in number first, then what agrees. */
export function compareWithList(
  theirs: readonly Taken[],
  lines: readonly PartsLine[],
  catalogue: Catalogue,
): readonly Compared[] {
  const codes = new Set([
    ...theirs.map(({ part }) => part.code),
    ...lines.filter((line) => isCounted(line) && catalogue.byCode.has(line.code)).map(({ code }) => code),
  ]);
  return [...codes]
    .flatMap((code): readonly Compared[] => {
      const part = catalogue.byCode.get(code);
      if (!part) return [];
      const there = theirs.filter((one) => one.part === part);
      const here = lines.filter((line) => line.code === code && isCounted(line));
      const inMetres = isByLength(part) && there.some(({ lengthM }) => lengthM !== undefined);
      const unit = inMetres ? 'm' : 'piece';
      return [
        {
          part,
          theirs: sum(there.map(({ count, lengthM }) => (inMetres ? (lengthM ?? 0) : count))),
          ours: sum(here.map(({ need, stockM }) => (inMetres ? need * (stockM ?? 0) : need))),
          unit,
        },
      ];
    })
    .toSorted((a, b) => Math.abs(b.theirs - b.ours) - Math.abs(a.theirs - a.ours));
}

const isCounted = ({ unit }: PartsLine): boolean => unit === 'piece' || unit === 'length';
const sum = (amounts: readonly number[]): number => amounts.reduce((total, amount) => total + amount, 0);

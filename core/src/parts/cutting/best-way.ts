import { SAME_M } from './cut-plan';

/** Pieces of one length that may be cut from a bar: what each takes of it [m], how many there are, what each is worth. */
interface ToPut {
  readonly takesM: number;
  readonly most: number;
  readonly worth: number;
}

export interface BestWay {
  /** How many of each. */
  readonly counts: readonly number[];
  readonly worth: number;
  /** No way is worth more. */
  readonly atMost: number;
}

/** Steps of one search; beyond them its bound is taken for it, which is never too small. */
const MOST_STEPS = 60_000;

/**
 * The best way to cut at least one piece from one bar by what its pieces are worth: a bounded knapsack, by depth first
 * with the fractional bound.
 *
 * @param roomM what all pieces together may take
 * @param alike ways whose worths differ by no more are alike
 */
export function bestWay(pieces: readonly ToPut[], roomM: number, alike: number): BestWay {
  const fitting = pieces
    .map((piece, kind) => ({ ...piece, kind }))
    .filter(({ takesM, most }) => most > 0 && takesM <= roomM + SAME_M)
    .sort((a, b) => b.worth - a.worth);
  const counts = pieces.map(() => 0);
  const [first] = fitting;
  if (!first) return { counts, worth: -Infinity, atMost: -Infinity };
  if (first.worth <= 0) return { counts: counts.with(first.kind, 1), worth: first.worth, atMost: first.worth };
  const items = fitting.filter(({ worth }) => worth > 0).toSorted((a, b) => b.worth / b.takesM - a.worth / a.takesM);
  let best = { worth: 0, counts: [...counts] };
  let steps = 0;
  let cutOff = 0;
  const bound = (from: number, leftM: number): number => {
    let [worth, room] = [0, leftM];
    for (const item of items.slice(from)) {
      const fits = Math.min(item.most, Math.max(0, room) / item.takesM);
      worth += fits * item.worth;
      room -= fits * item.takesM;
      if (room <= SAME_M) break;
    }
    return worth;
  };
  const search = (from: number, leftM: number, worth: number): void => {
    if (worth > best.worth + alike) best = { worth, counts: [...counts] };
    const item = items[from];
    if (!item) return;
    const atMost = worth + bound(from, leftM);
    if (atMost <= best.worth + alike) return;
    if (++steps > MOST_STEPS) {
      cutOff = Math.max(cutOff, atMost);
      return;
    }
    const fits = Math.min(item.most, Math.floor((leftM + SAME_M) / item.takesM));
    for (let many = fits; many >= 0; many--) {
      counts[item.kind] = many;
      search(from + 1, leftM - many * item.takesM, worth + many * item.worth);
    }
    counts[item.kind] = 0;
  };
  search(0, roomM, 0);
  return { ...best, atMost: Math.max(best.worth + alike, cutOff) };
}

/**
 * The fewest bars of one stock to buy, by trying every way of putting the pieces into bars: what cut plans are held
 * against. Each piece on hand is a bar that costs nothing.
 */
export function exhaustive(
  lengths: readonly number[],
  stockM: number,
  kerfM: number,
  onHandM: readonly number[] = [],
): number {
  let best = lengths.length + 1;
  /** What is left in each bar; a cut goes with each piece, and the last one of a full bar needs none. */
  const put = (at: number, left: readonly number[], bought: number): void => {
    if (bought >= best) return;
    const length = lengths[at];
    if (length === undefined) {
      best = bought;
      return;
    }
    for (const [index, room] of left.entries())
      if (length + kerfM <= room + 1e-9) put(at + 1, left.with(index, room - length - kerfM), bought);
    put(at + 1, [...left, stockM - length], bought + 1);
  };
  put(
    0,
    onHandM.map((room) => room + kerfM),
    0,
  );
  return best;
}

/** The longest piece that these bars can leave, each cut or not, by trying every way; a bar that nothing is cut from leaves none. */
export function exhaustiveLeft(lengths: readonly number[], barsM: readonly number[], kerfM: number): number {
  let best = -1;
  const put = (at: number, left: readonly number[]): void => {
    const length = lengths[at];
    if (length === undefined) {
      const cut = left.filter((room, bar) => room < (barsM[bar] ?? 0) + kerfM);
      best = Math.max(best, ...cut.map((room) => Math.max(0, room - kerfM)));
      return;
    }
    for (const [bar, room] of left.entries())
      if (length + kerfM <= room + 1e-9) put(at + 1, left.with(bar, room - length - kerfM));
  };
  put(
    0,
    barsM.map((bar) => bar + kerfM),
  );
  return best;
}

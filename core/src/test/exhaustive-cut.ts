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

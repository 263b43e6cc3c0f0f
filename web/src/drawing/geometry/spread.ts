/**
 * Moves labels apart along a line as little as needed: each keeps at least `gap` from its neighbours and all stay between
 * `from` and `to`, in the order they came.
 *
 * @param wanted  where each would like its middle, rising
 */
export function spread(wanted: readonly number[], gap: number, from: number, to: number): readonly number[] {
  const step = wanted.length > 1 ? Math.min(gap, (to - from) / (wanted.length - 1)) : gap;
  const placed: number[] = [];
  for (const [index, want] of wanted.entries())
    placed.push(Math.max(want, from, index === 0 ? from : (placed[index - 1] ?? from) + step));
  for (let index = placed.length - 1; index >= 0; index--) {
    const limit = index === placed.length - 1 ? to : (placed[index + 1] ?? to) - step;
    placed[index] = Math.min(placed[index] ?? 0, limit);
  }
  return placed;
}

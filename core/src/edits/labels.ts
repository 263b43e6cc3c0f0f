/**
 * The next free label of a series: T3 after T1 and T2. Labels are never reused while the highest stands, so that a
 * number on a sketch keeps its meaning.
 */
export function nextLabel(letter: string, taken: readonly string[]): string {
  const numbers = taken.filter((label) => label.startsWith(letter)).map((label) => Number(label.slice(letter.length)));
  return `${letter}${Math.max(0, ...numbers.filter(Number.isFinite)) + 1}`;
}

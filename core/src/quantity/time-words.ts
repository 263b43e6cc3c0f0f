const [HOUR, DAY] = [60, 1440];

/** A time as it is said to whoever waits: to a quarter of an hour above one, to half a day above two. */
function timeWords(minutes: number): string {
  if (minutes < HOUR) return `${Math.max(1, Math.round(minutes))} min`;
  if (minutes < 2 * DAY) return `${Math.round((minutes / HOUR) * 4) / 4} h`;
  return `${Math.round((minutes / DAY) * 2) / 2} days`;
}

/** From least to most: '2 min to 12 h', '9 to 18 min'. @param minutes both 0 or more, least first */
export function spanWords([least, most]: readonly [number, number]): string {
  const [from, to] = [timeWords(least), timeWords(most)];
  if (from === to) return from;
  const unit = to.split(' ').at(-1) ?? '';
  return from.endsWith(` ${unit}`) ? `${from.slice(0, -unit.length - 1)} to ${to}` : `${from} to ${to}`;
}

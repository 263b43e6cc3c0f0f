import type { ThreadEnd } from '../connections/end';
import { formatEnd } from '../connections/format';
import { identifyThread } from '../connections/identify/identify';
import { THREAD_STANDARDS, threadForm } from '../connections/standards/threads';
import { MM_PER_INCH } from '../quantity/length';

/** How a hand reads a thread: what it counts over, what it says of the taper, how far the crests are worn. */
export interface Hand {
  readonly countsOverMm: number | null;
  readonly tellsTaper: boolean;
  readonly wornMm?: readonly [least: number, most: number];
}

export const OVER_AN_INCH: Hand = { countsOverMm: MM_PER_INCH, tellsTaper: true };
export const OVER_TEN_MM: Hand = { countsOverMm: 10, tellsTaper: true };

const THREADS: readonly ThreadEnd[] = THREAD_STANDARDS.flatMap(({ id, sizes, sexes }) =>
  sizes.flatMap((size) => sexes.map((sex): ThreadEnd => ({ kind: 'thread', standard: id, size, sex }))),
);
/** What a caliper does by hand. */
const SCATTER_MM = 0.15;

/** Mulberry32: the same numbers for the same seed. */
function randomFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/**
 * Reads every thread of the tables so often, somewhere along it, with the errors of a hand, and asks which it is.
 *
 * @returns shares of all readings in which the thread, or a twin that no caliper parts from it, was named first, and among
 *          the first three; and the readings in which it was not named at all
 */
export function readThreads(hand: Hand, times: number, seed: number) {
  const random = randomFrom(seed);
  let [first, named, all] = [0, 0, 0];
  const missed: string[] = [];
  for (const end of THREADS)
    for (let time = 0; time < times; time++) {
      const { acrossMm, pitchMm, taper } = threadForm(end);
      const { regions } = THREAD_STANDARDS.find(({ id }) => id === end.standard) ?? { regions: [] };
      const [least, most] = hand.wornMm ?? [0, 0];
      const worn = (least + random() * (most - least)) * (end.sex === 'male' ? -1 : 1);
      const along = acrossMm[0] + random() * (acrossMm[1] - acrossMm[0]);
      const diameterMm = along + worn + (2 * random() - 1) * SCATTER_MM;
      const over = hand.countsOverMm;
      const crests =
        over === null ? undefined : Math.max(1, Math.round(2 * (over / pitchMm + (random() - 0.5) / 2)) / 2);
      const found = identifyThread({
        sex: end.sex,
        diameterMm,
        crests,
        pitchMm: over === null || crests === undefined ? pitchMm : over / crests,
        runs: hand.tellsTaper ? (taper > 0 ? 'tapering' : 'straight') : undefined,
        region: regions[Math.floor(random() * regions.length)],
      });
      const place = found.ok
        ? found.value.candidates.findIndex((one) =>
            [one.end, ...one.twins].some((own) => formatEnd(own) === formatEnd(end)),
          )
        : -1;
      all++;
      if (place === 0) first++;
      if (place >= 0) named++;
      else missed.push(`${formatEnd(end)} ${diameterMm.toFixed(2)} mm, ${crests ?? '-'} crests`);
    }
  return { first: first / all, named: named / all, missed };
}

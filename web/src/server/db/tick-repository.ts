import 'server-only';
import { type TickState } from '@herrero/core';
import { asc, eq, sql } from 'drizzle-orm';
import { database, writing } from './database';
import { ticks } from './schema';

/** What was pressed on a line of the pick list, and when by the clock of the phone (ISO instant). */
export interface Tick {
  readonly line: string;
  readonly state: TickState;
  readonly at: string;
}

export const ticksOf = async (jobId: string): Promise<Tick[]> =>
  (
    await database()
      .select({ line: ticks.line, state: ticks.state, at: ticks.at })
      .from(ticks)
      .where(eq(ticks.jobId, jobId))
      .orderBy(asc(ticks.line))
  ).map((tick) => ({ ...tick, at: tick.at.toISOString() }));

/** So far the clocks of a phone and of the server may lie apart without a word. */
const CLOCKS_APART_MS = 60_000;

/**
 * Takes presses of a phone; on each line the newest press of all phones stands, in whatever order they come in. A press of
 * the future would stand for ever: it counts as of now.
 *
 * @returns the lines that were pressed in the future, by the clock of the server
 */
export async function putTicks(jobId: string, pressed: readonly Tick[], now: Date): Promise<readonly string[]> {
  const late = now.toISOString();
  const ahead = pressed.filter(({ at }) => Date.parse(at) > now.getTime() + CLOCKS_APART_MS);
  const some = pressed.map((tick) => (Date.parse(tick.at) > now.getTime() ? { ...tick, at: late } : tick));
  // Within one statement a line may stand only once: its newest press.
  const newest = new Map<string, Tick>();
  for (const tick of some) {
    const known = newest.get(tick.line);
    if (!known || Date.parse(known.at) <= Date.parse(tick.at)) newest.set(tick.line, tick);
  }
  if (newest.size === 0) return [];
  await writing()
    .insert(ticks)
    .values(
      [...newest.values()]
        .toSorted((a, b) => (a.line < b.line ? -1 : 1))
        .map(({ line, state, at }) => ({ jobId, line, state, at: new Date(at) })),
    )
    .onConflictDoUpdate({
      target: [ticks.jobId, ticks.line],
      set: { state: sql`excluded.state`, at: sql`excluded.at` },
      setWhere: sql`${ticks.at} <= excluded.at`,
    });
  return ahead.map(({ line }) => line);
}

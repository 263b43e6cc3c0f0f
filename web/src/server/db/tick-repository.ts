import 'server-only';
import { type TickState } from '@herrero/core';
import { asc, eq, sql } from 'drizzle-orm';
import { database } from './database';
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

/** Takes presses of a phone; on each line the newest press of all phones stands, in whatever order they come in. */
export async function putTicks(jobId: string, some: readonly Tick[]): Promise<void> {
  // Within one statement a line may stand only once: its newest press.
  const newest = new Map<string, Tick>();
  for (const tick of some) {
    const known = newest.get(tick.line);
    if (!known || Date.parse(known.at) <= Date.parse(tick.at)) newest.set(tick.line, tick);
  }
  if (newest.size === 0) return;
  await database()
    .insert(ticks)
    .values([...newest.values()].map(({ line, state, at }) => ({ jobId, line, state, at: new Date(at) })))
    .onConflictDoUpdate({
      target: [ticks.jobId, ticks.line],
      set: { state: sql`excluded.state`, at: sql`excluded.at` },
      setWhere: sql`${ticks.at} <= excluded.at`,
    });
}

import { TICK_STATES, type TickState } from '@herrero/core';

/** What was last pressed on a line: here, or on another phone. */
export interface Tick {
  readonly state: TickState;
  /** By the clock of the phone that it was pressed on, ISO instant. */
  readonly at: string;
  /** The server has it. */
  readonly sent: boolean;
}

export type Ticks = Readonly<Record<string, Tick>>;

/** A tick as it goes over the wire. */
export interface WiredTick {
  readonly line: string;
  readonly state: TickState;
  readonly at: string;
}

/** A press on a line. It is later than what was pressed before, even where the clock of the phone was set back. */
export function pressed(ticks: Ticks, line: string, state: TickState, now: string): Ticks {
  const before = ticks[line];
  const at =
    before && Date.parse(before.at) >= Date.parse(now) ? new Date(Date.parse(before.at) + 1).toISOString() : now;
  return { ...ticks, [line]: { state, at, sent: false } };
}

export const unsent = (ticks: Ticks): readonly WiredTick[] =>
  Object.entries(ticks).flatMap(([line, { state, at, sent }]) => (sent ? [] : [{ line, state, at }]));

/**
 * What stands once the server has answered: on each line the newest press; one made here while it was asked stays unsent.
 *
 * @param sent what the server was sent: of that its answer stands, also where the clock of this phone is ahead of it and
 * the press was taken for one of now
 */
export function merged(ticks: Ticks, answer: readonly WiredTick[], sent: readonly WiredTick[] = []): Ticks {
  const now: Record<string, Tick> = { ...ticks };
  for (const { line, state, at } of answer) {
    const mine = now[line];
    const taken = sent.some((one) => one.line === line && one.at === mine?.at);
    if (!mine || taken || Date.parse(mine.at) <= Date.parse(at)) now[line] = { state, at, sent: true };
  }
  return now;
}

/** Ticks that were kept as text; what is damaged is left out, and nothing else is read into them. */
export function readTicks(text: string | null): Ticks {
  try {
    const plain: unknown = JSON.parse(text ?? '{}');
    if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) return {};
    return Object.fromEntries(
      Object.entries(plain as Record<string, Partial<Tick> | null>).flatMap(([line, tick]) => {
        const state = TICK_STATES.find((one) => one === tick?.state);
        return state && typeof tick?.at === 'string' && !Number.isNaN(Date.parse(tick.at))
          ? [[line, { state, at: tick.at, sent: tick.sent === true }]]
          : [];
      }),
    );
  } catch {
    return {};
  }
}

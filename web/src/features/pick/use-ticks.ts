'use client';

import { type TickState } from '@herrero/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { type Ticks, type WiredTick, merged, pressed, readTicks, unsent } from './ticks';

/** How often it is looked whether another phone has ticked something, or the network is back [ms]. */
const LOOK_MS = 4000;
const keyOf = (jobId: string): string => `herrero-ticks-${jobId}`;

/**
 * The ticks of a pick list. Every press is kept on the phone at once and sent when the server can be reached; on each
 * line the newest press of all phones counts.
 */
export function useTicks(jobId: string) {
  const [ticks, setTicks] = useState<Ticks>({});
  const [offline, setOffline] = useState(false);
  const [kept, setKept] = useState(true);
  /** What the server said of what it was sent last: that the clock of this phone is ahead. */
  const [said, setSaid] = useState<string>();
  const latest = useRef(ticks);
  const sending = useRef(false);

  const put = useCallback(
    (next: Ticks): void => {
      latest.current = next;
      setTicks(next);
      try {
        localStorage.setItem(keyOf(jobId), JSON.stringify(next));
        setKept(true);
      } catch {
        setKept(false);
      }
    },
    [jobId],
  );

  const sync = useCallback(async (): Promise<void> => {
    if (sending.current) return;
    sending.current = true;
    try {
      const waiting = unsent(latest.current);
      const response =
        waiting.length === 0
          ? await fetch(`/api/v1/jobs/${jobId}/ticks`)
          : await fetch(`/api/v1/jobs/${jobId}/ticks`, {
              method: 'POST',
              headers: { 'Content-Type': 'application/json' },
              body: JSON.stringify({ ticks: waiting }),
            });
      if (!response.ok) throw new Error(`the server answers ${response.status}`);
      const { ticks: answer, said } = (await response.json()) as {
        readonly ticks: readonly WiredTick[];
        readonly said?: string;
      };
      put(merged(latest.current, answer, waiting));
      if (waiting.length > 0) setSaid(said);
      setOffline(false);
    } catch {
      setOffline(true);
    } finally {
      sending.current = false;
    }
  }, [jobId, put]);

  useEffect(() => {
    const begin = setTimeout(() => {
      let text: string | null = null;
      try {
        text = localStorage.getItem(keyOf(jobId));
      } catch {
        // A phone that keeps nothing still ticks.
      }
      put({ ...readTicks(text), ...latest.current });
      void sync();
    });
    const look = setInterval(() => void sync(), LOOK_MS);
    const online = (): void => void sync();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(begin);
      clearInterval(look);
      window.removeEventListener('online', online);
    };
  }, [jobId, put, sync]);

  const press = (line: string, state: TickState): void => {
    put(pressed(latest.current, line, state, new Date().toISOString()));
    void sync();
  };
  return { ticks, offline, kept, said, press };
}

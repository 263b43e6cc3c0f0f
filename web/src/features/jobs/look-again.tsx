'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';

/** How long until the list is read again [ms], and longer each time: a hundred new jobs take a while to look at. */
const WAITS_MS = [700, 1500, 3000, 6000, 12_000] as const;

/** Reads the list again while some of it is still being looked at. */
export function LookAgain() {
  const router = useRouter();
  const [times, setTimes] = useState(0);
  useEffect(() => {
    const wait = WAITS_MS[times];
    if (wait === undefined) return;
    const timer = setTimeout(() => {
      router.refresh();
      setTimes(times + 1);
    }, wait);
    return () => clearTimeout(timer);
  }, [router, times]);
  return null;
}

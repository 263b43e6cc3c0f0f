'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { type ReactNode, useEffect, useState } from 'react';
import { Hatches } from '@/drawing/view/hatches';
import { LightChoice } from '@/ui/light-choice';
import { NameBlock } from '../desk/name-block';
import { useBench } from './bench-store';
import { useCameFrom } from './came-from';
import { Tray } from './tray';

const CATALOGUE = '/bench/catalogue';

const PLACES = [
  { href: '/bench', name: 'Which thread?', words: 'measure one end' },
  { href: '/bench/together', name: 'Go together?', words: 'two ends, one joint' },
  { href: '/bench/card', name: 'Thread card', words: 'print, hold against' },
  { href: CATALOGUE, name: 'Catalogue', words: 'every part, its ends' },
] as const;

/** The bench: no job, so no ground and no pegs. Strip, rule, tray; each place brings its own work and margin. */
export function BenchFrame({ children }: { readonly children: ReactNode }) {
  const here = usePathname();
  const ready = useRestored();
  return (
    <div className="flex min-h-dvh flex-col" data-ready={ready}>
      <Hatches />
      <header className="no-print bg-sheet">
        <div className="flex h-[66px] border-b-2 border-ink max-md:h-auto max-md:flex-wrap">
          <div className="w-[188px] shrink-0 px-4 pt-2.5 max-lg:w-[160px] max-md:w-1/2 max-md:pb-1.5">
            <NameBlock />
            <p className="type-second max-md:sr-only">The bench</p>
          </div>
          <nav
            aria-label="Places of the bench"
            className="flex min-w-0 flex-1 max-md:order-3 max-md:w-full max-md:basis-full"
          >
            {PLACES.map(({ href, name, words }) => (
              <Link
                key={href}
                href={href}
                aria-current={here === href ? 'page' : undefined}
                className={`block min-w-0 flex-1 border-l border-hair px-4 pt-2 max-md:border-t max-md:px-2 max-md:py-2 max-md:text-center ${here === href ? 'bg-brass text-on-brass' : 'hover:bg-brass-wash'}`}
              >
                <span className="block text-[18px] leading-[22px] font-[640] max-lg:text-[16px]">{name}</span>
                <span className={`block truncate type-second max-md:sr-only ${here === href ? '!text-on-brass' : ''}`}>
                  {words}
                </span>
              </Link>
            ))}
          </nav>
          <WayBack />
        </div>
        <RuleTicks />
      </header>
      <div
        className={`grid flex-1 content-start items-stretch print:block ${here === CATALOGUE ? 'grid-cols-[minmax(0,1fr)]' : 'grid-cols-[188px_minmax(0,1fr)] max-lg:grid-cols-[minmax(0,1fr)]'}`}
      >
        {here !== CATALOGUE && <Tray />}
        <div className="min-w-0">
          {ready ? children : <p className="px-4 py-6 type-second">Laying out the bench</p>}
        </div>
      </div>
    </div>
  );
}

/** What lies on the bench is on this device: it is read once the page stands in the browser. */
function useRestored(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    void Promise.resolve(useBench.persist.rehydrate()).then(() => setReady(true));
  }, []);
  return ready;
}

/** Back to the exact place left; without one, to the jobs. */
function WayBack() {
  const cameFrom = useCameFrom();
  return (
    <Link
      href={cameFrom?.href ?? '/'}
      className="flex w-[244px] shrink-0 flex-col justify-center border-l border-hair px-4 text-brass-ink hover:bg-brass-wash max-lg:w-[170px] max-md:w-1/2 max-md:border-l-0 max-md:text-right"
    >
      <span className="type-second !text-brass-ink">{cameFrom ? 'Back to the job' : 'Back to'}</span>
      <span className="truncate text-[15px] font-semibold [font-stretch:86%]">{cameFrom?.label ?? 'all jobs'}</span>
    </Link>
  );
}

/** Millimetres above, sixteenths below, and no figures, so that nobody measures on a screen. */
function RuleTicks() {
  return (
    <div className="h-[22px] border-b border-hair bg-paper-deep" aria-hidden="true">
      <svg width="100%" height="100%">
        <defs>
          <pattern id="rule-mm" width="37.8" height="11" patternUnits="userSpaceOnUse">
            <path d="M0.5 0V9M19.4 0V7" stroke="var(--hair-2)" />
            <path
              d="M4.3 0V4M8.1 0V4M11.9 0V4M15.6 0V4M23.2 0V4M27 0V4M30.7 0V4M34.5 0V4"
              stroke="var(--hair-2)"
              strokeWidth={0.8}
            />
          </pattern>
          <pattern id="rule-sixteenths" width="96" height="11" y="11" patternUnits="userSpaceOnUse">
            <path d="M0.5 2V11M48.5 4V11M24.5 6V11M72.5 6V11" stroke="var(--hair-2)" />
            <path
              d="M6.5 8V11M12.5 7V11M18.5 8V11M30.5 8V11M36.5 7V11M42.5 8V11M54.5 8V11M60.5 7V11M66.5 8V11M78.5 8V11M84.5 7V11M90.5 8V11"
              stroke="var(--hair-2)"
              strokeWidth={0.8}
            />
          </pattern>
        </defs>
        <rect width="100%" height="11" fill="url(#rule-mm)" />
        <rect y="11" width="100%" height="11" fill="url(#rule-sixteenths)" />
      </svg>
    </div>
  );
}

/** Work and margin of one place; the margin stands below on narrow screens. */
export function BenchPlace({
  title,
  subtitle,
  beside,
  margin,
  marginLabel,
  children,
}: {
  readonly title: string;
  readonly subtitle: string;
  /** At the end of the title line. */
  readonly beside?: ReactNode;
  readonly margin: ReactNode;
  readonly marginLabel: string;
  readonly children: ReactNode;
}) {
  return (
    <div className="grid min-h-[calc(100dvh-88px)] grid-cols-[minmax(0,1fr)_244px] max-desk:grid-cols-[minmax(0,1fr)] print:block">
      <main className="min-w-0 px-4 pt-2.5 pb-6 max-md:px-3">
        <div className="flex flex-wrap items-center justify-between gap-x-4 pb-1.5">
          <h1 className="flex flex-wrap items-baseline gap-x-3">
            <span className="type-title">{title}</span>
            <span className="text-[16px] text-ink-2 [font-stretch:84%]">{subtitle}</span>
          </h1>
          {beside}
        </div>
        {children}
      </main>
      <aside
        aria-label={marginLabel}
        className="no-print border-l border-hair px-3.5 pb-6 max-desk:border-t max-desk:border-l-0"
      >
        {margin}
        <div className="mt-4 border-t border-hair pt-2">
          <p className="pb-1 type-second">Light</p>
          <LightChoice />
        </div>
      </aside>
    </div>
  );
}

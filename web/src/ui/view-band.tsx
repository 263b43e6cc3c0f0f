'use client';

import Link from 'next/link';

/** The ways to look at one thing, in a band beside its title; each has an address of its own. */
export function ViewBand({
  label,
  views,
  at,
}: {
  readonly label: string;
  readonly views: readonly (readonly [href: string, name: string])[];
  /** The address of the one that is shown. */
  readonly at: string;
}) {
  return (
    // Beside undo and redo, which stand in the corner.
    <nav aria-label={label} className="no-print mr-[84px] flex max-md:mr-0 max-md:w-full">
      {views.map(([href, name]) => (
        <Link
          key={href}
          href={href}
          aria-current={href === at ? 'page' : undefined}
          className="flex min-h-9 items-center justify-center border border-hair-2 bg-sheet px-4 type-row aria-[current=page]:bg-brass-wash aria-[current=page]:font-semibold aria-[current=page]:shadow-[inset_0_2px_0_var(--brass-line),inset_0_-2px_0_var(--brass-line)] max-md:flex-1 pointer-coarse:min-h-11"
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}

'use client';

import Link from 'next/link';

/** Shown when a page cannot be made, most often because the database does not answer. */
export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <main className="mx-auto max-w-lg px-4 pt-24">
      <h1 className="type-title">This page could not be made</h1>
      <p className="py-3">
        The server did not get an answer, most likely from its database. Nothing of your job is lost: what was not sent
        is kept in this browser.
      </p>
      <div className="flex gap-3">
        <button type="button" className="main-action" onClick={reset}>
          Try again
        </button>
        <Link href="/" className="other-action inline-flex items-center">
          All jobs
        </Link>
      </div>
    </main>
  );
}

'use client';

import Link from 'next/link';

/** Shown when a page broke: what happened, as far as it is known here, and nothing guessed. */
export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}) {
  return (
    <main className="mx-auto max-w-lg px-4 pt-24">
      <h1 className="type-title">This page could not be shown</h1>
      <p className="py-3">
        {error.digest === undefined
          ? `Something broke in this browser: ${error.message || error.name}.`
          : `The server could not make it. Why stands in its log, under the number ${error.digest}.`}{' '}
        What you had changed and was not sent yet is kept in this browser.
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

import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="mx-auto max-w-lg px-4 pt-24">
      <h1 className="type-title">There is no such page</h1>
      <p className="py-3">The job may have been named wrongly in the address. All jobs stand on the bench.</p>
      <Link href="/" className="main-action inline-flex items-center">
        All jobs
      </Link>
    </main>
  );
}

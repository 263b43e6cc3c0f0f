import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PickList } from '@/features/pick/pick-list';
import { askShelves } from '@/server/ask-shelves';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Pick' };

/** The list to pick from, whole on the phone: no desk, no pegs. */
export default async function PickPage({ params }: Props) {
  const { id } = await params;
  const found = await askShelves(id);
  if (!found) notFound();
  const { name, currency, taxPercent, shelves, questions } = found;
  return (
    <PickList jobId={id} name={name} reckoning={{ currency, taxPercent }} shelves={shelves} questions={questions} />
  );
}

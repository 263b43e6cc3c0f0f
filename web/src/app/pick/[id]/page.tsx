import { shelves, tickLine } from '@herrero/core';
import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PickList } from '@/features/pick/pick-list';
import { findPlannedJob } from '@/server/planned-job';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Pick' };

/** The list to pick from, whole on the phone: no desk, no pegs. */
export default async function PickPage({ params }: Props) {
  const { id } = await params;
  const found = await findPlannedJob(id);
  if (!found) notFound();
  const { name, currency, taxPercent } = found.stored.document;
  return (
    <PickList
      jobId={id}
      name={name}
      reckoning={{ currency, taxPercent }}
      shelves={shelves(found.plan.parts, found.catalogue).map((shelf) => ({
        name: shelf.name,
        lines: shelf.lines.map((line) => ({
          id: tickLine(line),
          title: line.title,
          detail: line.detail,
          buy: line.buy,
          priceUsd: line.priceUsd,
          part: found.catalogue.byCode.get(line.code),
        })),
      }))}
    />
  );
}

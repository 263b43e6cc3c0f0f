'use client';

import { type Edit, type Part, holdsAtAll, newPart, offersOf, parseEnd, verdictWords, matingOf } from '@herrero/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { EntryProblem } from '@/ui/entry-problem';
import { newId } from '../../../store/new-id';
import { authorOfTab } from '../../../store/unsent-store';
import { type CameFrom, type WantedAt, useCameFrom } from '../came-from';

/** Puts the opened part on the end for which it was looked for, and goes back to the run. */
export function PutInRun({ part }: { readonly part: Part }) {
  const cameFrom = useCameFrom();
  return cameFrom?.wanted ? <PutOn key={part.code} part={part} cameFrom={cameFrom} wanted={cameFrom.wanted} /> : null;
}

interface PutOnProps {
  readonly part: Part;
  readonly cameFrom: CameFrom;
  readonly wanted: WantedAt;
}

function PutOn({ part, cameFrom, wanted }: PutOnProps) {
  const router = useRouter();
  const [problem, setProblem] = useState<string>();
  const [sending, setSending] = useState(false);
  const parsed = parseEnd(wanted.end);
  if (!parsed.ok) return null;
  const at = { end: parsed.value, material: wanted.material };
  const offers = offersOf(at, part);
  const [offer] = [...offers.filter(({ judgement }) => holdsAtAll(judgement.verdict)), ...offers];
  if (!offer) return null;
  const mating = matingOf(at, offer);
  if (!holdsAtAll(mating.verdict))
    return (
      <p className="py-2 type-row">
        On the end of run {wanted.run}: <b className="font-[650]">{verdictWords(mating)}.</b> {mating.why}
      </p>
    );
  const put = async (): Promise<void> => {
    setSending(true);
    const answer = await putPart(wanted, { code: part.code, partEnd: offer.endIn }).catch(() => NO_SERVER);
    setSending(false);
    setProblem(answer);
    if (answer === undefined) router.push(cameFrom.href);
  };
  return (
    <div className="py-2">
      <button type="button" className="main-action w-full" disabled={sending} onClick={() => void put()}>
        Put it in run {wanted.run}: {verdictWords(mating).toLowerCase()}
      </button>
      <EntryProblem problem={problem} />
    </div>
  );
}

const NO_SERVER = 'The server does not answer: nothing was put in. Try again.';

/** The part as one edit on the newest job; answers why where the end is no longer open. */
async function putPart(
  { jobId, at }: WantedAt,
  { code, partEnd }: { readonly code: string; readonly partEnd: number },
): Promise<string | undefined> {
  const newest = await fetch(`/api/v1/jobs/${jobId}`);
  const baseRevision = Number(/\d+/.exec(newest.headers.get('etag') ?? '')?.[0]);
  if (!newest.ok || !Number.isFinite(baseRevision)) return 'This job is not there any more.';
  const edit: Edit = { type: 'add-part', part: newPart(newId(), code), at, partEnd, jointId: newId() };
  const response = await fetch(`/api/v1/jobs/${jobId}/edits`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ baseRevision, batchId: crypto.randomUUID(), author: authorOfTab(), edits: [edit] }),
  });
  if (response.ok) return undefined;
  const answer = (await response.json()) as { readonly refused?: readonly { readonly message: string }[] };
  return answer.refused?.[0]?.message ?? 'It cannot be put there any more.';
}

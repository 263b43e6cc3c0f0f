'use client';

import { type CutBars, KEEP_OFF_CUT_M, type OffCut, bothLengths } from '@herrero/core';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { useOwn } from '../../store/catalogue-provider';
import { useJob } from '../../store/job-provider';
import { send } from '@/ui/send';

/** A code as it may stand in an id. */
const plain = (code: string): string => code.replaceAll(/[^A-Za-z0-9]/g, '').slice(0, 20);

/** What is left over of every bar that is worth keeping, with an id that is the same however often it is put in. */
const worthKeeping = (cuts: readonly CutBars[], jobId: string) =>
  cuts.flatMap(({ code, title, bars }) =>
    bars.flatMap(({ offCutM }, index) =>
      offCutM >= KEEP_OFF_CUT_M
        ? [
            {
              id: `${jobId.slice(0, 36)}-${plain(code)}-${index}-${Math.round(offCutM * 1000)}`,
              code,
              title,
              lengthM: offCutM,
            },
          ]
        : [],
    ),
  );

/** The pieces on hand that the bars of a plan are: each once. */
function usedOf(cuts: readonly CutBars[], known: readonly OffCut[]): readonly string[] {
  const free = [...known];
  return cuts.flatMap(({ code, bars }) =>
    bars.flatMap(({ onHand, stockM }) => {
      const at = onHand ? free.findIndex((one) => one.code === code && one.lengthM === stockM) : -1;
      return at < 0 ? [] : free.splice(at, 1).map(({ id }) => id);
    }),
  );
}

/** Puts what this job leaves over in stock, and has used what it was cut from, so that the next job is cut from it first. */
export function LeftOvers({ cuts }: { readonly cuts: readonly CutBars[] }) {
  const jobId = useJob((state) => state.jobId);
  const { offCuts: known } = useOwn();
  const [said, setSaid] = useState<string>();
  const left = worthKeeping(cuts, jobId);
  if (left.length === 0) return null;
  const put = async (): Promise<void> => {
    setSaid('Sending');
    const offCuts = left.map(({ id, code, lengthM }) => ({ id, code, lengthM, fromJob: jobId }));
    const used = usedOf(cuts, known);
    const sent = await send('POST', '/api/v1/off-cuts', {
      offCuts,
      ...(used.length > 0 ? { used, usedBy: jobId } : {}),
    });
    setSaid(sent.ok ? 'In stock: other jobs are cut from them first.' : `Nothing was put in stock. ${sent.message}`);
  };
  return (
    <div className="no-print pt-2">
      <p className="type-second">
        Left over and worth keeping: {left.map(({ title, lengthM }) => `${title}, ${bothLengths(lengthM)}`).join('; ')}.
      </p>
      <Action onClick={() => void put()}>Put {left.length === 1 ? 'it' : 'them'} in stock once it is cut</Action>
      <p role="status" className="type-row">
        {said}
      </p>
    </div>
  );
}

/** Pieces from other jobs that this one could be cut from; what is no longer there is taken out of stock. */
export function OnHand({ cuts }: { readonly cuts: readonly CutBars[] }) {
  const { offCuts } = useOwn();
  const [gone, setGone] = useState<ReadonlySet<string>>(new Set());
  const [said, setSaid] = useState<string>();
  const titles = new Map(cuts.map(({ code, title }) => [code, title]));
  const here = offCuts.filter(({ id, code }) => titles.has(code) && !gone.has(id));
  const takeOut = async (id: string): Promise<void> => {
    const sent = await send('DELETE', `/api/v1/off-cuts/${id}`);
    if (!sent.ok) return setSaid(sent.message);
    setGone(new Set(gone).add(id));
    setSaid('Taken out of stock. Open the job again to have it cut without it.');
  };
  return (
    <div className="no-print">
      {here.length > 0 && (
        <ul aria-label="Pieces from other jobs">
          {here.map(({ id, code, lengthM }) => (
            <li key={id} className="flex items-baseline justify-between gap-3 border-b border-hair type-row">
              <span>
                {titles.get(code)}, {bothLengths(lengthM)} <span className="type-second">on hand from another job</span>
              </span>
              <Action onClick={() => void takeOut(id)}>It is gone</Action>
            </li>
          ))}
        </ul>
      )}
      <p role="status" className="type-row">
        {said}
      </p>
    </div>
  );
}

'use client';

import {
  MATERIAL_NAMES,
  type Strand,
  type StrandItem,
  describeEnd,
  formatLength,
  freedomOfPart,
  holdsAtAll,
  isByLength,
  judge,
  overallMm,
  PROVENANCE_WORDS,
  partTitle,
  rainWords,
  resolveEnd,
  sealsWall,
} from '@herrero/core';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { MiniPart } from '@/drawing/view/mini-part';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { useMoney } from '../../store/use-money';
import { stationPath } from '../desk/stations';
import { CutInPanel } from './cut-in-panel';
import { freedomWords } from './freedom-words';
import { PartSettings } from './part-settings';
import { StretchActions } from './stretch-panel';

/** All about one part of the string: its length and where it goes, what can be done with it, another in its place. */
export function PartPanel({ item, strand }: { readonly item: StrandItem; readonly strand: Strand }) {
  const measures = useJob((state) => state.job.measures);
  const money = useMoney();
  const make = useJob((state) => state.make);
  const { placed, part } = item;
  return (
    <section aria-label={partTitle(part)} className="rule-selected pt-2" data-testid="part-panel">
      <div className="flex items-center gap-3">
        <MiniPart part={part} width={84} height={60} />
        <div className="min-w-0">
          <h2 className="type-head">{part.name}</h2>
          <p className="type-second">
            {part.detail}, {MATERIAL_NAMES[part.material]} <span className="type-code">{part.code}</span>
            {placed.existing && ', stands already'}
          </p>
        </div>
      </div>
      <PartSettings key={`settings ${placed.id}`} item={item} />
      <dl className="mt-2 grid grid-cols-[92px_1fr] type-row">
        {part.ends.map(({ end, position }, index) => (
          <div key={index} className="contents">
            <dt className="border-t border-hair py-1 text-ink-2">
              E{index + 1} {position}
            </dt>
            <dd className="border-t border-hair py-1">{describeEnd(end)}</dd>
          </div>
        ))}
        <dt className="border-t border-hair py-1 text-ink-2">least bore</dt>
        <dd className="border-t border-hair py-1">{formatLength(part.boreMm / 1000, measures)}</dd>
        <dt className="border-t border-hair py-1 text-ink-2">moves</dt>
        <dd className="border-t border-hair py-1">{freedomWords(freedomOfPart(part), measures)}</dd>
        {rainWords(part).map(([name, words]) => (
          <div key={name} className="contents">
            <dt className="border-t border-hair py-1 text-ink-2">{name}</dt>
            <dd className="border-t border-hair py-1">{words}</dd>
          </div>
        ))}
        {!isByLength(part) && (
          <>
            <dt className="border-t border-hair py-1 text-ink-2">overall</dt>
            <dd className="border-t border-hair py-1">
              {formatLength(overallMm(part) / 1000, measures)}, {PROVENANCE_WORDS[part.source.provenance]}
            </dd>
          </>
        )}
        <dt className="border-t border-hair py-1 text-ink-2">price</dt>
        <dd className="border-t border-hair py-1">
          {money(part.priceUsd)}
          {isByLength(part) ? ' a metre' : ''}, invented
        </dd>
      </dl>
      <StretchActions strand={strand}>
        {part.ends.length > 1 && !sealsWall(part) && (
          <Action onClick={() => make([{ type: 'turn-part', partId: placed.id }])}>Turn it round</Action>
        )}
      </StretchActions>
      {!placed.existing && <ToItsLine code={part.code} />}
      {isByLength(part) && <CutInPanel key={`cut ${placed.id}`} item={item} />}
      <Others item={item} />
    </section>
  );
}

/** From the part to its line on the list. */
function ToItsLine({ code }: { readonly code: string }) {
  const jobId = useJob((state) => state.jobId);
  const follow = useJob((state) => state.followLine);
  return (
    <Link href={stationPath(jobId, 'parts')} onClick={() => follow(code)} className="action">
      <span>See it on the list</span>
    </Link>
  );
}

const MOST_OTHERS = 30;

/** Other parts in this place: every end that is joined now would hold; what is on hand comes first. */
function Others({ item: { placed, part } }: { readonly item: StrandItem }) {
  const job = useJob((state) => state.job);
  const money = useMoney();
  const { index, catalogue, judgedOf } = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const [open, setOpen] = useState(false);
  const others = useMemo(() => {
    if (!open) return [];
    const neighbours = part.ends.flatMap((_, end) => {
      const ref = { of: 'part', id: placed.id, end } as const;
      const joint = index.jointAt(ref);
      if (!joint) return [];
      const far = joint.a.of === 'part' && joint.a.id === placed.id && joint.a.end === end ? joint.b : joint.a;
      const resolved = resolveEnd(far, job, index);
      return resolved.end
        ? [{ end, far: resolved.end, material: resolved.material, service: judgedOf(joint.id)?.service }]
        : [];
    });
    const here = (code: string): number => ((catalogue.onHand.get(code) ?? 0) > 0 ? 0 : 1);
    return catalogue.list
      .filter(
        (other) =>
          other.code !== part.code &&
          neighbours.every(({ end, far, material, service }) => {
            const own = other.ends[end]?.end;
            return (
              own !== undefined && holdsAtAll(judge(own, far, { a: other.material, b: material, service }).verdict)
            );
          }),
      )
      .toSorted((a, b) => here(a.code) - here(b.code));
  }, [open, part, placed, job, index, judgedOf, catalogue]);
  return (
    <div>
      <Action aria-expanded={open} onClick={() => setOpen(!open)}>
        Another part in its place
      </Action>
      {open && (
        <ul className="max-h-72 overflow-y-auto">
          {others.length === 0 && <li className="type-row">Nothing else fits both sides.</li>}
          {others.slice(0, MOST_OTHERS).map((other) => (
            <li key={other.code} className="border-b border-hair">
              <button
                type="button"
                className="flex min-h-12 w-full items-center gap-3 text-left hover:bg-brass-wash"
                onClick={() => make([{ type: 'replace-part', partId: placed.id, from: part.code, to: other.code }])}
              >
                <MiniPart part={other} width={56} height={40} />
                <span className="flex-1 type-row">
                  {partTitle(other)}, {MATERIAL_NAMES[other.material]}
                </span>
                <span className="type-second">
                  {(catalogue.onHand.get(other.code) ?? 0) > 0 ? 'on hand' : money(other.priceUsd)}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

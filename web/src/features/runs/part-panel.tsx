'use client';

import {
  MATERIAL_NAMES,
  type PlacedPart,
  type Part,
  describeEnd,
  formatLength,
  holdsAtAll,
  isByLength,
  mate,
  overallMm,
  partTitle,
  resolveEnd,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { MiniPart } from '@/drawing/view/mini-part';
import { Action } from '@/ui/action';
import { LengthField } from '@/ui/length-field';
import { useJob } from '../desk/job-provider';

/** All about one part of the string: its length, turn it round, take it out, or another in its place. */
export function PartPanel({ placed, part }: { readonly placed: PlacedPart; readonly part: Part }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const selectPart = useJob((state) => state.selectPart);
  const sealsWall = part.ends.some(({ end }) => end.kind === 'wall-seal');
  return (
    <section aria-label={partTitle(part)} className="rule-selected pt-2" data-testid="part-panel">
      <div className="flex items-center gap-3">
        <MiniPart part={part} width={84} height={60} />
        <div className="min-w-0">
          <h2 className="type-head">{part.name}</h2>
          <p className="type-second">
            {part.detail}, {MATERIAL_NAMES[part.material]} <span className="type-code">{part.code}</span>
          </p>
        </div>
      </div>
      {isByLength(part) && (
        <div className="pt-2">
          <LengthField
            key={placed.id}
            label={placed.lengthM === null ? 'How long is it?' : 'Length'}
            valueM={placed.lengthM}
            measures={measures}
            onChange={(to) =>
              make([{ type: 'change-field', in: 'parts', id: placed.id, field: 'lengthM', from: placed.lengthM, to }])
                ?.message
            }
          />
        </div>
      )}
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
        {!isByLength(part) && (
          <>
            <dt className="border-t border-hair py-1 text-ink-2">overall</dt>
            <dd className="border-t border-hair py-1">
              {formatLength(overallMm(part) / 1000, measures)}, {part.source.provenance.replaceAll('-', ' ')}
            </dd>
          </>
        )}
        <dt className="border-t border-hair py-1 text-ink-2">price</dt>
        <dd className="border-t border-hair py-1">
          ${part.priceUsd.toFixed(2)}
          {isByLength(part) ? ' a metre' : ''}, invented
        </dd>
      </dl>
      <div className="flex flex-wrap gap-x-5">
        {part.ends.length > 1 && !sealsWall && (
          <Action onClick={() => make([{ type: 'turn-part', partId: placed.id }])}>Turn it round</Action>
        )}
        <Action
          onClick={() => {
            if (make([{ type: 'remove-part', partId: placed.id }]) === undefined) selectPart(null);
          }}
        >
          Take it out
        </Action>
      </div>
      <Others placed={placed} part={part} />
    </section>
  );
}

const MOST_OTHERS = 30;

/** Other parts in this place: every end that is joined now would hold. */
function Others({ placed, part }: { readonly placed: PlacedPart; readonly part: Part }) {
  const job = useJob((state) => state.job);
  const { index, catalogue } = useJob((state) => state.plan.context);
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
      return resolved.end ? [{ end, far: resolved.end, material: resolved.material }] : [];
    });
    return catalogue.list.filter(
      (other) =>
        other.code !== part.code &&
        neighbours.every(({ end, far, material }) => {
          const own = other.ends[end]?.end;
          return own !== undefined && holdsAtAll(mate(own, far, { a: other.material, b: material }).verdict);
        }),
    );
  }, [open, part, placed, job, index, catalogue]);
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
                <span className="type-second">${other.priceUsd.toFixed(2)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

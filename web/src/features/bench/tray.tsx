'use client';

import { type End, describeEnd, mate, parseEnd } from '@herrero/core';
import { X } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { useState } from 'react';
import { ThreadStrip } from '@/drawing/view/thread-strip';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { SeamKey } from '../desk/seam-key';
import { useBench } from './bench-store';
import { useCameFrom } from './came-from';

const endOf = (text: string): End | undefined => {
  const parsed = parseEnd(text);
  return parsed.ok ? parsed.value : undefined;
};

/** Ends laid down, newest first, then those of the joint you came from. Tap one: which thread. Tap two: they are joined. */
export function Tray() {
  const ends = useBench((state) => state.ends);
  const cameFrom = useCameFrom();
  const pickUp = useBench((state) => state.pickUp);
  const join = useBench((state) => state.join);
  const [first, setFirst] = useState<string | null>(null);
  const router = useRouter();
  const together = usePathname() === '/bench/together';
  const tap = (end: string): void => {
    if (first === null || first === end) return setFirst(first === end ? null : end);
    join({ a: first, b: end, aMaterial: null, bMaterial: null });
    setFirst(null);
    router.push('/bench/together');
  };
  return (
    <aside
      aria-label="On the bench"
      className="no-print border-r border-hair pb-4 max-lg:border-r-0 max-lg:border-b max-lg:pb-2"
    >
      <h2 className="flex items-baseline gap-2 px-4 pt-3 pb-1">
        <span className="type-head">Ends</span>
        <span className="type-second">{ends.length === 0 ? 'nothing laid down' : 'tap two to join them'}</span>
      </h2>
      <ul className="max-lg:flex max-lg:overflow-x-auto">
        {ends.map(({ number, end, either }) => (
          <li key={number} className="relative flex max-lg:w-44 max-lg:shrink-0">
            <TrayRow label={`E${number}`} end={end} either={either} chosen={first === end} onTap={() => tap(end)} />
            <button
              type="button"
              aria-label={`Put E${number} away`}
              className="flex w-8 shrink-0 items-center justify-center text-ink-2 hover:text-ink"
              onClick={() => pickUp(number)}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      {first !== null && (
        <p role="status" className="px-4 pt-1 type-second">
          {first}: tap the other end, or the same again to let go.
        </p>
      )}
      {ends.length === 0 && (
        <p className="px-4 type-second max-lg:hidden">Measure an end, or type two in ‘Go together’. They stay here.</p>
      )}
      {cameFrom?.joint && (
        <>
          <h2 className="px-4 pt-4 pb-1">
            <span className="type-head">{cameFrom.joint.name}</span>{' '}
            <span className="type-second">the joint you came from</span>
          </h2>
          <ul className="max-lg:flex">
            {cameFrom.joint.ends.map((end, index) => (
              <li key={index}>
                <TrayRow label={cameFrom.joint?.name ?? ''} end={end} chosen={first === end} onTap={() => tap(end)} />
              </li>
            ))}
          </ul>
        </>
      )}
      {together && <Checked />}
      <div className="pt-4 max-lg:hidden">
        <SeamKey />
      </div>
    </aside>
  );
}

function TrayRow({
  label,
  end,
  either = [],
  chosen,
  onTap,
}: {
  readonly label: string;
  readonly end: string;
  readonly either?: readonly string[];
  readonly chosen: boolean;
  readonly onTap: () => void;
}) {
  const parsed = endOf(end);
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onTap}
      className={`flex min-h-[54px] w-full min-w-0 items-center gap-2 pr-1 text-left ${chosen ? 'row-selected' : 'hover:bg-brass-wash'}`}
    >
      <ThreadStrip end={parsed?.kind === 'thread' ? parsed : undefined} />
      <span className="min-w-0 type-row">
        <b className="font-[650]">{label}</b> {either.length > 0 ? either.join(' or ') : end}
        <span className="block truncate type-second">
          {either.length > 0 ? 'undecided' : parsed ? describeEnd(parsed) : 'not read'}
        </span>
      </span>
    </button>
  );
}

/** Pairs looked at before, each with its seam. */
function Checked() {
  const checked = useBench((state) => state.checked);
  const join = useBench((state) => state.join);
  if (checked.length === 0) return null;
  return (
    <section aria-label="Looked at before" className="max-lg:hidden">
      <h2 className="px-4 pt-4 pb-1 type-head">Looked at before</h2>
      <ul>
        {checked.map(([a, b]) => {
          const [first, second] = [endOf(a), endOf(b)];
          if (!first || !second) return null;
          return (
            <li key={`${a} ${b}`}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center gap-2.5 px-4 text-left hover:bg-brass-wash"
                onClick={() => join({ a, b, aMaterial: null, bMaterial: null })}
              >
                <SeamGlyph seam={seamOf(mate(first, second))} width={30} />
                <span className="type-second !text-ink">
                  {a} in {b}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

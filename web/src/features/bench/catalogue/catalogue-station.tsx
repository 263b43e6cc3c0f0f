'use client';

import { type Narrowing, type Part, queryWords, readQuery, searchParts, shippedCatalogue } from '@herrero/core';
import { useSearchParams } from 'next/navigation';
import { useDeferredValue, useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { LightChoice } from '@/ui/light-choice';
import { Facets } from './facets';
import { OpenedPart } from './opened-part';
import { PartRows } from './part-rows';

const EXAMPLES = ['3/4 ball valve fem', '2in cam F', 'reducing bush 2x1.5', '32mm poly elbow'] as const;
const FIRST_SHOWN = 30;
const MOST_NEAR = 5;

/** The catalogue: asked in the words of the counter, narrowed down by end; a part opens in half-section. */
export function CatalogueStation() {
  const address = useSearchParams();
  const [text, setText] = useState(address.get('q') ?? '');
  const [narrowing, setNarrowing] = useState<Narrowing>({});
  const [openCode, setOpenCode] = useState(address.get('part'));
  const [shown, setShown] = useState(FIRST_SHOWN);
  const asked = useDeferredValue(text);
  const query = useMemo(() => readQuery(asked), [asked]);
  const found = useMemo(() => searchParts(shippedCatalogue, query, narrowing), [query, narrowing]);
  const opened = openCode === null ? undefined : shippedCatalogue.byCode.get(openCode);
  const keep = (q: string, part: string | null): void => {
    const params = new URLSearchParams({ ...(q === '' ? {} : { q }), ...(part === null ? {} : { part }) });
    window.history.replaceState(null, '', params.size === 0 ? window.location.pathname : `?${params.toString()}`);
  };
  const ask = (next: string): void => {
    setText(next);
    setShown(FIRST_SHOWN);
    keep(next, openCode);
  };
  const open = (part: Part | null): void => {
    setOpenCode(part?.code ?? null);
    keep(text, part?.code ?? null);
  };
  return (
    <div className="grid min-h-[calc(100dvh-88px)] grid-cols-[188px_minmax(0,1fr)_minmax(0,436px)] max-desk:grid-cols-[188px_minmax(0,1fr)] max-lg:grid-cols-[minmax(0,1fr)]">
      <aside aria-label="Narrow it down" className="no-print border-r border-hair pb-6 max-lg:hidden">
        <Facets found={found} narrowing={narrowing} onChange={setNarrowing} />
        <div className="mx-4 mt-4 border-t border-hair pt-2">
          <p className="pb-1 type-second">Light</p>
          <LightChoice />
        </div>
      </aside>
      <main className={`min-w-0 px-4 pt-3 pb-6 max-md:px-3 ${opened ? 'max-desk:hidden' : ''}`}>
        <h1 className="sr-only">Catalogue</h1>
        <div className="flex items-center gap-3 border-b-[3px] border-brass-line bg-sheet px-3">
          <input
            type="search"
            aria-label="Which part?"
            placeholder="3/4 ball valve fem"
            value={text}
            onChange={(event) => ask(event.target.value)}
            className="h-12 min-w-0 flex-1 bg-transparent text-[21px] font-[650] outline-none placeholder:font-normal placeholder:text-ink-2"
          />
          <span className="shrink-0 type-second" role="status">
            {found.parts.length.toLocaleString('en')} found
          </span>
        </div>
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <p className="py-2 type-row">
            {asked.trim() === '' ? (
              'Ask as you would at the counter.'
            ) : (
              <>
                <b className="font-[650]">Read as</b> {queryWords(query) || 'nothing'}
                {query.corrected.map(({ wrote, read }) => (
                  <span key={wrote} className="text-ink-2">
                    {' '}
                    (you wrote {wrote}, taken for {read})
                  </span>
                ))}
              </>
            )}
          </p>
          {asked.trim() === '' && (
            <span className="flex flex-wrap gap-x-4">
              {EXAMPLES.map((example) => (
                <Action key={example} onClick={() => ask(example)}>
                  {example}
                </Action>
              ))}
            </span>
          )}
        </div>
        <details className="border-b border-hair lg:hidden">
          <summary className="min-h-11 py-2.5 type-row">Narrow it down</summary>
          <Facets found={found} narrowing={narrowing} onChange={setNarrowing} />
        </details>
        {found.parts.length === 0 ? (
          <p className="border-y border-hair py-3 type-row">
            No part of the catalogue has all of this. Leave a word out, or ask for the two ends in ‘Go together’: a
            chain may do it.
          </p>
        ) : (
          <PartRows parts={found.parts.slice(0, shown)} openCode={openCode} onOpen={open} />
        )}
        {found.parts.length > shown && (
          <Action onClick={() => setShown(shown + 2 * FIRST_SHOWN)}>
            Show more: {(found.parts.length - shown).toLocaleString('en')} are left
          </Action>
        )}
        {found.near.length > 0 && found.parts.length <= shown && (
          <>
            <h2 className="pt-4 pb-1 type-row font-[650]">Near it, if that will not do</h2>
            <PartRows parts={found.near.slice(0, MOST_NEAR)} openCode={openCode} onOpen={open} />
          </>
        )}
        <p className="pt-3 type-second">
          Generic parts as trade counters carry them. Prices are invented, every one of them.
        </p>
      </main>
      <aside
        aria-label="The opened part"
        className={`min-w-0 px-4 pt-3 pb-6 max-desk:col-start-2 max-lg:col-start-1 ${opened ? '' : 'max-desk:hidden'}`}
      >
        {opened ? (
          <OpenedPart key={opened.code} part={opened} onClose={() => open(null)} />
        ) : (
          <p className="rule-subject pt-2 type-row text-ink-2">
            Press a part: it opens here in half-section, with what goes on to each of its ends.
          </p>
        )}
      </aside>
    </div>
  );
}

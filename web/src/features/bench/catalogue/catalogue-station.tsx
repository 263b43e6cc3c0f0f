'use client';

import { type Narrowing, countedWords, queryWords, readQuery, searchParts } from '@herrero/core';
import { useSearchParams } from 'next/navigation';
import { useDeferredValue, useMemo, useState } from 'react';
import { Action } from '@/ui/action';
import { LightChoice } from '@/ui/light-choice';
import { useCatalogue } from '../../../store/catalogue-provider';
import { Facets } from './facets';
import { ListImport } from './list-import';
import { OpenedPart } from './opened-part';
import { OwnPartForm } from './own-part-form';
import { PartRows } from './part-rows';

const EXAMPLES = ['3/4 ball valve fem', '2in cam F', 'reducing bush 2x1.5', '32mm poly elbow'] as const;
const FIRST_SHOWN = 30;
const MOST_NEAR = 5;

/** The catalogue: asked in the words of the counter, narrowed down by end; a part opens in half-section. */
export function CatalogueStation() {
  const catalogue = useCatalogue();
  const address = useSearchParams();
  const [text, setText] = useState(address.get('q') ?? '');
  const [narrowing, setNarrowing] = useState<Narrowing>({});
  const [openCode, setOpenCode] = useState(address.get('part'));
  const [shown, setShown] = useState(FIRST_SHOWN);
  const [doing, setDoing] = useState<Doing>('nothing');
  const asked = useDeferredValue(text);
  const query = useMemo(() => readQuery(asked), [asked]);
  const found = useMemo(() => searchParts(catalogue, query, narrowing), [catalogue, query, narrowing]);
  const opened = openCode === null ? undefined : catalogue.byCode.get(openCode);
  const keep = (q: string, part: string | null): void => {
    const params = new URLSearchParams({ ...(q === '' ? {} : { q }), ...(part === null ? {} : { part }) });
    window.history.replaceState(null, '', params.size === 0 ? window.location.pathname : `?${params.toString()}`);
  };
  const ask = (next: string): void => {
    setText(next);
    setShown(FIRST_SHOWN);
    keep(next, openCode);
  };
  const open = (code: string | null): void => {
    setOpenCode(code);
    setDoing('nothing');
    keep(text, code);
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
      <main className="contents">
        <h1 className="sr-only">Catalogue</h1>
        <div className={`min-w-0 px-4 pt-3 pb-6 max-md:px-3 ${opened || doing !== 'nothing' ? 'max-desk:hidden' : ''}`}>
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
              {query.counted.length > 0 ? (
                countedWords(query)
              ) : (
                <>
                  No part of the catalogue has all of this. Leave a word out, ask for the two ends in ‘Go together’ (a
                  chain may do it), or <Action onClick={() => setDoing('adding')}>add your own part</Action>.
                </>
              )}
            </p>
          ) : (
            <PartRows parts={found.parts.slice(0, shown)} openCode={openCode} onOpen={({ code }) => open(code)} />
          )}
          {found.parts.length > shown && (
            <Action onClick={() => setShown(shown + 2 * FIRST_SHOWN)}>
              Show more: {(found.parts.length - shown).toLocaleString('en')} are left
            </Action>
          )}
          {found.near.length > 0 && found.parts.length <= shown && (
            <>
              <h2 className="pt-4 pb-1 type-row font-[650]">Near it, if that will not do</h2>
              <PartRows parts={found.near.slice(0, MOST_NEAR)} openCode={openCode} onOpen={({ code }) => open(code)} />
            </>
          )}
          <div className="flex flex-wrap gap-x-5 pt-2 desk:hidden">
            <OwnActions onDo={setDoing} />
          </div>
          <p className="pt-3 type-second">
            Generic parts as trade counters carry them. Prices are invented but for those you enter.
          </p>
        </div>
        <section
          aria-label="The opened part"
          className={`min-w-0 px-4 pt-3 pb-6 max-desk:col-start-2 max-lg:col-start-1 ${opened || doing !== 'nothing' ? '' : 'max-desk:hidden'}`}
        >
          {opened ? (
            <OpenedPart key={opened.code} part={opened} onClose={() => open(null)} />
          ) : (
            <Beside doing={doing} onDo={setDoing} onAdded={(code) => open(code)} />
          )}
        </section>
      </main>
    </div>
  );
}

/** What is being done beside the list while no part is open. */
type Doing = 'nothing' | 'adding' | 'bringing';

function Beside({
  doing,
  onDo,
  onAdded,
}: {
  readonly doing: Doing;
  readonly onDo: (doing: Doing) => void;
  readonly onAdded: (code: string) => void;
}) {
  if (doing === 'nothing')
    return (
      <div className="rule-subject pt-2">
        <p className="type-row text-ink-2">
          Press a part: it opens here in half-section, with what goes on to each of its ends.
        </p>
        <div className="flex flex-col items-start pt-2">
          <OwnActions onDo={onDo} />
        </div>
      </div>
    );
  return (
    <>
      {doing === 'adding' ? <OwnPartForm onDone={onAdded} /> : <ListImport onDone={() => onDo('nothing')} />}
      <Action onClick={() => onDo('nothing')}>Leave it</Action>
    </>
  );
}

/** Your own parts, prices and stock: in one by one, in by the list, and out again. */
const OwnActions = ({ onDo }: { readonly onDo: (doing: Doing) => void }) => (
  <>
    <Action onClick={() => onDo('adding')}>It is not here: add your own part</Action>
    <Action onClick={() => onDo('bringing')}>Bring in a list of parts, prices or stock</Action>
    <a
      download
      href="/api/v1/parts/own.csv"
      className="inline-flex min-h-11 items-center type-row font-[620] text-brass-ink underline decoration-2 underline-offset-4"
    >
      Take yours out as CSV
    </a>
  </>
);

'use client';

import { type Completeness, type PartsList, type ProvenList, provenList } from '@herrero/core';
import dynamic from 'next/dynamic';
import { type ReactNode } from 'react';
import { type Seam, SeamGlyph } from '@/ui/seam-glyph';
import { useJob } from '../../store/job-provider';
import { CutList } from './cut-list';
import { FromHand } from './from-hand';
import { PartsGroups } from './parts-groups';
import { MoneyAndSpares } from './money-and-spares';
import { Opening, Opens } from './opens';
import { TakeAway } from './take-away';

// What is not asked for every day comes when it is asked for.
const BuyingPanel = dynamic(() => import('./buying-panel'), { loading: Opening });
const WithIt = dynamic(() => import('./with-it'), { loading: Opening });
const MerchantLinks = dynamic(() => import('./merchant-links'), { loading: Opening });
const Buildings = dynamic(() => import('./buildings'), { loading: Opening });
const HowMade = dynamic(() => import('./how-made'), { loading: Opening });
const ForeignList = dynamic(() => import('./foreign-list'), { loading: Opening });

/** The station Parts: is it complete, what to take, what to cut, what closes the joints. */
export function PartsStation() {
  const parts = useJob((state) => provenList(state.plan));
  const jobId = useJob((state) => state.jobId);
  const unsent = useJob((state) => state.unsent.length);
  return (
    <>
      <h1 className="flex items-baseline gap-3 pb-1.5">
        <span className="type-title">Parts</span>
        <span className="text-[16px] text-ink-2 [font-stretch:84%] max-md:hidden">
          in the order you will reach for them
        </span>
      </h1>
      <CompletenessLines parts={parts} />
      {parts.groups.length === 0 ? (
        <>
          <p className="py-4">Nothing is needed yet: the list fills as holes are sealed and runs are built.</p>
          <Opens title="With it" asks="What goes in besides">
            {() => <WithIt />}
          </Opens>
        </>
      ) : (
        <div className="mt-2 grid grid-cols-[minmax(0,25fr)_minmax(0,16fr)] gap-6 max-xl:grid-cols-1 print:grid-cols-1">
          <div>
            <PartsGroups parts={parts} />
          </div>
          <div>
            <TakeAway jobId={jobId} sent={unsent === 0} />
            <MoneyAndSpares />
            <Opens title="With it" asks="What goes in besides: cable, cover, lagging, a kit">
              {() => <WithIt />}
            </Opens>
            <FromHand />
            <CutList cuts={parts.cuts} />
            <ClosedBy parts={parts} />
            <Questions questions={parts.questions} />
            <Opens title="Buy it" asks="Prices and stock of suppliers">
              {() => <BuyingPanel />}
            </Opens>
            <Opens title="How it is made" asks="How long, by how many, what to look at">
              {() => <HowMade />}
            </Opens>
            <Opens title="Fewer different parts" asks="What could be the same everywhere?">
              {() => <Buildings />}
            </Opens>
            <Opens title="Send it" asks="A link for the merchant">
              {() => <MerchantLinks />}
            </Opens>
            <Opens title="Bring it in" asks="A parts list from elsewhere">
              {() => <ForeignList />}
            </Opens>
            <Cautions cautions={parts.cautions} />
          </div>
        </div>
      )}
    </>
  );
}

function CompletenessLines({ parts: { ends, joints, holes, lengths, listed } }: { readonly parts: ProvenList }) {
  return (
    <section
      aria-label="Is it complete"
      className="grid grid-cols-3 border-y border-t-2 border-hair border-t-ink max-md:grid-cols-1"
    >
      <Line
        glyph={<SeamGlyph seam={ends.missing.length === 0 ? 'holds' : 'open'} width={40} />}
        title="Every end closed"
        complete={ends}
        verb="closed"
      />
      <Line
        glyph={<SeamGlyph seam={joints.missing.length === 0 ? 'holds' : worstSeam(joints)} width={40} />}
        title="Every joint has its seal"
        complete={joints}
        verb="hold"
      />
      <Line glyph={<SawGlyph />} title="Every hole has its saw" complete={holes} verb="named" />
      <Line
        glyph={<SeamGlyph seam={lengths.missing.length === 0 ? 'holds' : 'unknown'} width={40} />}
        title="Every pipe has its length"
        complete={lengths}
        verb="known"
      />
      <Line
        glyph={<SeamGlyph seam={listed.missing.length === 0 ? 'holds' : 'open'} width={40} />}
        title="Everything needed is listed"
        complete={listed}
        verb="found, counted anew"
        otherwise="changed by hand"
      />
    </section>
  );
}

const worstSeam = ({ missing }: Completeness): Seam =>
  missing.some((words) => words.includes('leaks'))
    ? 'starts-then-leaks'
    : missing.some((words) => words.includes('will not go'))
      ? 'will-not-go'
      : 'unknown';

function Line({
  glyph,
  title,
  complete: { done, of, missing, settled = 0 },
  verb,
  otherwise = 'settled by name',
}: {
  readonly glyph: ReactNode;
  readonly title: string;
  readonly complete: Completeness;
  readonly verb: string;
  /** How somebody else than the program answers for the rest. */
  readonly otherwise?: string;
}) {
  return (
    <div className="flex items-center gap-3 border-r border-hair px-2 py-2 last:border-r-0 max-md:border-r-0 max-md:border-b">
      {glyph}
      <p>
        <b className="block text-[16px] leading-5 font-[650]">{title}</b>
        <span className="type-row">
          {done} of {of} {verb}
          {settled > 0 ? `, ${settled} ${otherwise}` : ''}.{' '}
          {missing.length > 0 && (
            <b className="font-[650]">
              {missing.slice(0, 3).join(', ')}
              {missing.length > 3 ? ' …' : ''}
            </b>
          )}
        </span>
      </p>
    </div>
  );
}

function SawGlyph() {
  const teeth = Array.from({ length: 24 }, (_, index) => {
    const angle = (index / 24) * 2 * Math.PI;
    const radius = index % 2 === 0 ? 14 : 12;
    return `${(17 + radius * Math.cos(angle)).toFixed(1)} ${(17 + radius * Math.sin(angle)).toFixed(1)}`;
  });
  return (
    <svg width={40} height={34} viewBox="-3 0 40 34" aria-hidden="true">
      <path d={`M${teeth.join('L')}Z`} fill="none" stroke="var(--ink)" strokeWidth={1.6} />
      <circle cx={17} cy={17} r={8} fill="none" stroke="var(--ink)" strokeWidth={1} />
      <circle cx={17} cy={17} r={2.4} fill="var(--ink)" />
    </svg>
  );
}

const SEAM_KINDS: readonly string[] = [
  'tape',
  'cement',
  'washer',
  'clamp',
  'lubricant',
  'insert',
  'solder',
  'bolts',
  'holds',
  'fits-unrated',
  'starts-then-leaks',
  'will-not-go',
  'unknown',
];

function ClosedBy({ parts: { closedBy, joints } }: { readonly parts: PartsList }) {
  if (closedBy.length === 0) return null;
  return (
    <section aria-label="What closes the joints" className="mt-5">
      <h2 className="border-b-2 border-ink pb-1 type-head">What closes {joints.of} joints</h2>
      <ul className="grid grid-cols-2 gap-x-4">
        {closedBy.map(({ words, count, kind, places }) => (
          <li key={words} className="flex min-h-11 items-center gap-3 border-b border-hair py-1">
            <SeamGlyph seam={(SEAM_KINDS.includes(kind) ? kind : 'unknown') as Seam} width={36} />
            <b className="text-[16px] font-[650]">{count}</b>
            <span className="type-row">
              {words.toLowerCase()}
              {['starts-then-leaks', 'will-not-go', 'unknown', 'fits-unrated'].includes(kind) &&
                `: ${places.join(', ')}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Questions({ questions }: { readonly questions: readonly string[] }) {
  if (questions.length === 0) return null;
  return (
    <section aria-label="Not known yet" className="mt-5">
      <h2 className="border-b-2 border-ink pb-1 type-head">Not known yet, so not in the list</h2>
      <ul>
        {questions.map((question) => (
          <li key={question} className="flex items-center gap-3 border-b border-hair py-1.5 type-row">
            <SeamGlyph seam="unknown" width={36} />
            {question}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The usual caution, at the step where it matters. */
function Cautions({ cautions }: Pick<ProvenList, 'cautions'>) {
  return (
    <section aria-label="Cautions" className="mt-5">
      <h2 className="border-b-2 border-ink pb-1 type-head">Caution</h2>
      <ul className="list-disc space-y-1 py-1.5 pl-5 type-row">
        {cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </section>
  );
}

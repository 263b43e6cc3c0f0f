'use client';

import {
  type End,
  type JointConditions,
  MATERIALS,
  type Material,
  type Medium,
  SERVICES,
  SERVICE_WORDS,
  type Service,
  sourceWords,
  everyEnd,
  formatEnd,
  holdsAtAll,
  judge,
  makeUp,
  parseEnd,
  verdictWords,
} from '@herrero/core';
import { ArrowLeftRight } from 'lucide-react';
import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { SlipJoint } from '@/drawing/view/slip-joint';
import { ThreadJoint } from '@/drawing/view/thread-joint';
import { Choice } from '@/ui/choice';
import { SeamGlyph, seamOf } from '@/ui/seam-glyph';
import { unbroken } from '@/ui/unbroken';
import { BenchPlace } from '../bench-frame';
import { useBench } from '../bench-store';
import { DryFit } from './dry-fit';
import { EndEntry } from './end-entry';
import { MediumPanel } from './medium-panel';
import { Numbers } from './numbers';
import { UseInstead } from './use-instead';

const KNOWN_ENDS: readonly string[] = everyEnd()
  .filter(({ kind }) => kind !== 'hole')
  .map(formatEnd);

/** Do these two go together? Two ends, the seam drawn large, the verdict, how it is made up, and what to use instead. */
export function TogetherStation() {
  const together = useBench((state) => state.together);
  const join = useBench((state) => state.join);
  const remember = useBench((state) => state.remember);
  useEndsFromAddress();
  const { a, b, aMaterial, bMaterial, madeWith, service } = together;
  const [parsedA, parsedB] = [parseEnd(a), parseEnd(b)];
  const [lastPair, setLastPair] = useState<readonly [End, End]>();
  const [handTurns, setHandTurns] = useState<{ readonly pair: string; readonly turns: number | null }>();
  const pair: readonly [End, End] | undefined = parsedA.ok && parsedB.ok ? [parsedA.value, parsedB.value] : lastPair;
  const stale = !(parsedA.ok && parsedB.ok);
  const key = pair ? pair.map(formatEnd).join(' with ') : '';
  const turns = handTurns?.pair === key ? handTurns.turns : null;

  const [readA, readB] = [parsedA, parsedB].map((parsed) => (parsed.ok ? formatEnd(parsed.value) : undefined));
  useEffect(() => {
    if (readA !== undefined && readB !== undefined) remember(readA, readB);
  }, [readA, readB, remember]);

  const write = (patch: Parameters<typeof join>[0]): void => {
    if (parsedA.ok && parsedB.ok) setLastPair([parsedA.value, parsedB.value]);
    join(patch);
  };
  const conditions = {
    a: aMaterial ?? undefined,
    b: bMaterial ?? undefined,
    madeWith: madeWith ?? undefined,
    service: service ?? undefined,
  };
  const made = pair && makeUp(pair[0], pair[1], conditions, turns === null ? {} : { handTurns: turns });
  const words = made ? verdictWords(made.mating) : '';

  return (
    <BenchPlace
      title="Do these two go together?"
      subtitle="type an end as you say it"
      marginLabel="Use instead"
      margin={
        pair &&
        made && (
          <UseInstead
            a={pair[0]}
            b={pair[1]}
            aMaterial={aMaterial}
            bMaterial={bMaterial}
            service={service}
            mating={made.mating}
            words={words}
          />
        )
      }
    >
      <div className="flex items-start gap-4 pb-2 max-md:flex-col max-md:gap-2">
        <EndEntry
          label="One end"
          text={a}
          parsed={parsedA}
          material={aMaterial}
          onText={(text) => write({ a: text })}
          onMaterial={(material) => join({ aMaterial: material, madeWith })}
        />
        <button
          type="button"
          aria-label="Change the two round"
          className="flex h-11 w-11 shrink-0 items-center justify-center self-center text-brass-ink hover:bg-brass-wash max-md:hidden"
          onClick={() => join({ a: b, b: a, aMaterial: bMaterial, bMaterial: aMaterial })}
        >
          <ArrowLeftRight size={22} aria-hidden="true" />
        </button>
        <EndEntry
          label="The other end"
          text={b}
          parsed={parsedB}
          material={bMaterial}
          onText={(text) => write({ b: text })}
          onMaterial={(material) => join({ bMaterial: material, madeWith })}
        />
        <datalist id="ends-known">
          {KNOWN_ENDS.map((end) => (
            <option key={end} value={end} />
          ))}
        </datalist>
      </div>
      {pair && made && (
        <div className={stale ? 'unsent' : ''}>
          <JointDrawing
            a={pair[0]}
            b={pair[1]}
            aMaterial={aMaterial}
            bMaterial={bMaterial}
            holds={holdsAtAll(made.mating.verdict)}
            goesOn={made.mating.verdict !== 'will-not-go'}
          />
          <div className="rule-selected mt-2.5 grid grid-cols-[minmax(0,1fr)_300px_236px] gap-5 pt-2.5 max-desk:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] max-md:grid-cols-[minmax(0,1fr)]">
            <section aria-label="Verdict">
              <h2 className="flex items-center gap-3">
                <SeamGlyph seam={seamOf(made.mating)} width={92} />
                <span
                  className={`text-[21px] leading-6 font-[650] ${made.mating.verdict === 'starts-then-leaks' || made.mating.verdict === 'will-not-go' ? 'text-oxide' : ''}`}
                  data-testid="verdict"
                >
                  {words}
                </span>
              </h2>
              <p className="pt-2 type-row" data-testid="why">
                {unbroken(made.mating.why)}
              </p>
              {made.mating.practice && <p className="pt-1 type-row text-ink-2">{unbroken(made.mating.practice)}</p>}
              {made.tightening && holdsAtAll(made.mating.verdict) && (
                <p className="pt-1 type-row">{made.tightening.words}</p>
              )}
              {made.window && holdsAtAll(made.mating.verdict) && (
                <p className="pt-1 type-row">
                  <b className="font-[650]">Which way it points:</b> it comes tight between{' '}
                  {made.window.turns[0].toFixed(1)} and {made.window.turns[1].toFixed(1)} turns from the first bite
                  {made.window.anyDirection
                    ? ', a whole turn to choose in: any direction can be reached.'
                    : ', less than a turn to choose in: for a direction use a union or a swivel.'}
                </p>
              )}
              <WhereItWorks a={pair[0]} b={pair[1]} conditions={conditions} service={service} />
              <MadeWith a={pair[0]} b={pair[1]} conditions={conditions} madeWith={madeWith} />
              {made.mating.sources.length > 0 && (
                <p className="pt-1.5 type-second">{made.mating.sources.map(sourceWords).join('; ')}.</p>
              )}
            </section>
            <Numbers a={pair[0]} b={pair[1]} mating={made.mating} />
            {made.tape ? (
              <DryFit tape={made.tape} handTurns={turns} onTurns={(to) => setHandTurns({ pair: key, turns: to })} />
            ) : (
              <MediumPanel made={made} />
            )}
          </div>
        </div>
      )}
      {!pair && (
        <p className="rule-subject mt-2 max-w-[60ch] pt-2">
          Write an end the way you say it at the counter: size, thread, male or female. <b>3/4 NPT M</b>,{' '}
          <b>3/4 NH F swivel</b>, <b>1-1/2 IPS socket</b>, <b>2 cam adapter</b>, <b>5/8 hose bore</b>,{' '}
          <b>container neck</b>.
        </p>
      )}
    </BenchPlace>
  );
}

/** Ends in the address (from a joint, a note, a shared link) are taken once. */
function useEndsFromAddress(): void {
  const join = useBench((state) => state.join);
  const address = useSearchParams();
  const [a, b, aMaterial, bMaterial, service] = ['a', 'b', 'am', 'bm', 'service'].map((name) => address.get(name));
  useEffect(() => {
    if (typeof a !== 'string' || typeof b !== 'string') return;
    join({
      a,
      b,
      aMaterial: materialOf(aMaterial),
      bMaterial: materialOf(bMaterial),
      service: SERVICES.find((one) => one === service) ?? null,
    });
  }, [a, b, aMaterial, bMaterial, service, join]);
}

/** A material named in an address; what is none is not said. */
const materialOf = (text: string | null | undefined): Material | null =>
  MATERIALS.find((material) => material === text) ?? null;

function JointDrawing({
  a,
  b,
  aMaterial,
  bMaterial,
  holds,
  goesOn,
}: {
  readonly a: End;
  readonly b: End;
  readonly aMaterial: Material | null;
  readonly bMaterial: Material | null;
  readonly holds: boolean;
  readonly goesOn: boolean;
}) {
  if (a.kind !== 'thread' || b.kind !== 'thread' || a.sex === b.sex)
    return (
      <SlipJoint a={a} b={b} materials={{ a: aMaterial ?? undefined, b: bMaterial ?? undefined }} goesOn={goesOn} />
    );
  const [male, female] = a.sex === 'male' ? [a, b] : [b, a];
  const [ofMale, ofFemale] = a.sex === 'male' ? [aMaterial, bMaterial] : [bMaterial, aMaterial];
  const materials = { male: ofMale ?? undefined, female: ofFemale ?? undefined };
  return (
    <>
      <div className="max-md:hidden">
        <ThreadJoint {...{ male, female, materials }} widthPx={525} mostPxPerMm={50} tight={holds} crown labels />
      </div>
      <div className="md:hidden">
        <ThreadJoint {...{ male, female, materials }} widthPx={360} mostPxPerMm={40} tight={holds} />
      </div>
    </>
  );
}

/** What the water does at the joint, asked only where the verdict hangs on it. */
function WhereItWorks({
  a,
  b,
  conditions,
  service,
}: {
  readonly a: End;
  readonly b: End;
  readonly conditions: JointConditions;
  readonly service: Service | null;
}) {
  const join = useBench((state) => state.join);
  const made = useBench((state) => state.together.madeWith);
  const verdicts = SERVICES.map((one) => judge(a, b, { ...conditions, service: one }).verdict);
  if (new Set([judge(a, b, { ...conditions, service: undefined }).verdict, ...verdicts]).size === 1) return null;
  return (
    <div className="pt-2">
      <p className="pb-1 type-second">What the water does there</p>
      <Choice
        label="What the water does there"
        value={service ?? 'not-said'}
        options={[
          { value: 'not-said' as const, name: 'not said' },
          ...SERVICES.map((one) => ({ value: one, name: SERVICE_WORDS[one] })),
        ]}
        onChange={(to) => join({ service: to === 'not-said' ? null : to, madeWith: made })}
      />
    </div>
  );
}

/** Made as it asks, or with what is in the hand: what is left out decides. Only for joints that need something. */
function MadeWith({
  a,
  b,
  conditions,
  madeWith,
}: {
  readonly a: End;
  readonly b: End;
  readonly conditions: JointConditions;
  readonly madeWith: readonly Medium[] | null;
}) {
  const join = useBench((state) => state.join);
  const { media } = judge(a, b, { ...conditions, madeWith: undefined });
  if (media.length === 0) return null;
  const tapeInstead = !media.includes('tape') && a.kind === 'thread';
  const value = madeWith === null ? 'asked' : madeWith.length === 0 ? 'nothing' : 'tape';
  return (
    <div className="pt-2">
      <p className="pb-1 type-second">Made with</p>
      <Choice
        label="Made with"
        value={value}
        options={[
          { value: 'asked', name: media.join(' and ') },
          { value: 'nothing', name: 'nothing' },
          ...(tapeInstead ? [{ value: 'tape' as const, name: 'tape instead' }] : []),
        ]}
        onChange={(to) => join({ madeWith: to === 'asked' ? null : to === 'nothing' ? [] : ['tape'] })}
      />
    </div>
  );
}

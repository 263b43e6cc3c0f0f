'use client';

import {
  type Candidate,
  type Identification,
  type ReadingProblem,
  type Sex,
  REGIONS,
  REGION_NAMES,
  type Region,
  describeEnd,
  formatEnd,
  identifyThread,
} from '@herrero/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { SeamGlyph } from '@/ui/seam-glyph';
import { BenchPlace } from '../bench-frame';
import { readingOf, useBench } from '../bench-store';
import { Candidates } from './candidates';
import { STAND_IN_PARTS, type StandInPart, middleOf, readCaliperLine, standInCaliper, standInSex } from './caliper';
import { OneMeasurement } from './one-measurement';
import { ReadingPanel } from './reading-panel';

const SEXES: readonly { readonly value: Sex; readonly name: string }[] = [
  { value: 'male', name: 'male' },
  { value: 'female', name: 'female' },
];

const READINGS = 5;

/** Which thread is this? Every reading narrows it; a reading no thread can have leaves the last candidates standing. */
export function WhichStation() {
  const reading = useBench((state) => state.reading);
  const lastGood = useBench((state) => state.lastGood);
  const region = useBench((state) => state.region);
  const read = useBench((state) => state.read);
  const [chosen, setChosen] = useState(0);
  const [part, setPart] = useState<StandInPart>('3/4 NPT M');
  const now = readingOf(reading, region);
  const found = now && identifyThread(now);
  const problems: readonly ReadingProblem[] = found && !found.ok ? found.error : [];
  const standing = found?.ok ? now : lastGood ? readingOf(lastGood, region) : undefined;
  const named = standing && identifyThread(standing);
  const identification = named?.ok ? named.value : undefined;

  const takeFive = (place: 'thread' | 'tip'): void => {
    const caliper = standInCaliper(part, place, Math.random);
    const taken = Array.from({ length: READINGS }, () => readCaliperLine(caliper.press())).filter(
      (one): one is number => one !== undefined,
    );
    if (place === 'tip') return read({ tipMm: middleOf(taken) });
    read({ sex: standInSex(part), diameterMm: middleOf(taken), taken, tipMm: null });
  };

  return (
    <BenchPlace
      title="Which thread is this?"
      subtitle="every reading narrows it"
      beside={
        <div className="w-[230px] max-md:w-full">
          <Choice
            label="The end is"
            value={reading.sex}
            options={SEXES}
            onChange={(sex) => read({ sex, tipMm: null })}
          />
        </div>
      }
      marginLabel="Notes"
      margin={
        <Notes
          identification={identification}
          chosen={identification?.candidates[chosen] ?? identification?.candidates[0]}
          part={part}
          onPart={setPart}
          onTake={() => takeFive('thread')}
        />
      }
    >
      <ReadingPanel problems={problems} onCaliper={() => takeFive('thread')} />
      {identification && standing && (
        <div className={problems.length > 0 ? 'unsent mt-2 px-1 pb-1' : ''}>
          {identification.candidates.length > 0 ? (
            <Candidates
              candidates={identification.candidates}
              more={identification.more}
              reading={standing}
              chosen={Math.min(chosen, identification.candidates.length - 1)}
              onChoose={setChosen}
            />
          ) : (
            <p className="rule-subject mt-3 pt-2">
              No pipe or hose thread on a tank measures this. Read it again; if it stays, lay it down as an unknown
              thread.
            </p>
          )}
          {identification.fewCrests && (
            <p className="pt-1 type-row">
              <b className="font-[650]">Fewer than five crests are counted:</b> half a crest more or less is as much as
              from one thread to the next. Those that are common where it was bought come first; a count over an inch
              decides.
            </p>
          )}
          {identification.more > 0 && (
            <p className="pt-1 type-second">
              {identification.more} more {identification.more === 1 ? 'fits' : 'fit'}: say whether it tapers.
            </p>
          )}
          {identification.tellApart && (
            <OneMeasurement apart={identification.tellApart} onReadTip={() => takeFive('tip')} />
          )}
        </div>
      )}
      {!identification && problems.length === 0 && (
        <p className="rule-subject mt-3 max-w-[60ch] pt-2">
          Close the jaws over the crests, away from the end, and write what they read. A rule across the thread will do.
          Then count the crests along an inch.
        </p>
      )}
    </BenchPlace>
  );
}

interface NotesProps {
  readonly identification: Identification | undefined;
  readonly chosen: Candidate | undefined;
  readonly part: StandInPart;
  readonly onPart: (part: StandInPart) => void;
  readonly onTake: () => void;
}

function Notes({ identification, chosen, part, onPart, onTake }: NotesProps) {
  const taken = useBench((state) => state.reading.taken);
  const region = useBench((state) => state.region);
  const setRegion = useBench((state) => state.setRegion);
  const clearReading = useBench((state) => state.clearReading);
  const fitting = identification?.candidates.filter(({ fit }) => fit !== 'does-not-fit') ?? [];
  return (
    <>
      <h2 className="pt-3 pb-2 type-head">What it is</h2>
      <Verdict fitting={fitting} chosen={chosen} measured={identification !== undefined} />
      <section aria-label="Stand-in caliper" className="mt-4 border-t-[1.5px] border-ink pt-2">
        <h3 className="flex justify-between">
          <span className="text-[16px] leading-5 font-[650]">Caliper readings</span>
          <span className="type-second">stand-in</span>
        </h3>
        <p className="pt-1 type-row" role="status">
          {taken.length > 0
            ? `${taken.map((one) => one.toFixed(2)).join(', ')}. The middle is ${middleOf(taken).toFixed(2)}, scatter ${(Math.max(...taken) - Math.min(...taken)).toFixed(2)}. A made-up caliper sent them.`
            : 'A made-up caliper stands in for one that types into the field. Choose what it holds; or leave it and type.'}
        </p>
        <label className="block pt-1">
          <span className="block type-second">The stand-in holds</span>
          <select className="field w-full" value={part} onChange={(event) => onPart(event.target.value as StandInPart)}>
            {STAND_IN_PARTS.map(({ end, name }) => (
              <option key={end} value={end}>
                {name}, {end.endsWith('M') ? 'male' : 'female'}
              </option>
            ))}
          </select>
        </label>
        <Action onClick={onTake}>{taken.length > 0 ? 'Take five more' : 'Take five readings'}</Action>
      </section>
      <section aria-label="Region" className="mt-3 border-t border-hair pt-2">
        <label className="block">
          <span className="block type-second">
            Where it was bought: of threads that fit alike, those of the place come first
          </span>
          <select
            className="field mt-1 w-full"
            value={region ?? ''}
            onChange={(event) => setRegion(event.target.value === '' ? null : (event.target.value as Region))}
          >
            <option value="">not said</option>
            {REGIONS.map((value) => (
              <option key={value} value={value}>
                {REGION_NAMES[value]}
              </option>
            ))}
          </select>
        </label>
        <Action onClick={clearReading}>Clear the readings</Action>
      </section>
    </>
  );
}

/** What can be said so far, and what can be done with it. */
function Verdict({
  fitting,
  chosen,
  measured,
}: {
  readonly fitting: readonly Candidate[];
  readonly chosen: Candidate | undefined;
  readonly measured: boolean;
}) {
  const lay = useBench((state) => state.lay);
  const clearReading = useBench((state) => state.clearReading);
  const router = useRouter();
  const put = (end: string, either: readonly string[] = []): void => {
    lay(end, either);
    clearReading();
  };
  if (!measured)
    return (
      <p className="border-t-[1.5px] border-ink pt-2 type-row">
        Nothing is measured yet. One caliper reading and a count of crests name most threads.
      </p>
    );
  const names = fitting.flatMap(({ end, twins }) => [end, ...twins].map(formatEnd));
  const undecided = names.length > 1;
  const take = chosen && chosen.fit !== 'does-not-fit' ? chosen : undefined;
  return (
    <section
      className={`pt-2 ${undecided || names.length === 0 ? 'border-t-[3px] border-ink' : 'border-t-[1.5px] border-ink'}`}
    >
      <h3 className="flex items-center gap-2">
        <SeamGlyph seam={undecided || names.length === 0 ? 'unknown' : 'holds'} width={30} />
        <span className="text-[16px] leading-5 font-[650]" data-testid="which-verdict">
          {names.length === 0
            ? 'No thread fits'
            : undecided
              ? 'Not known yet'
              : take
                ? describeEnd(take.end)
                : names[0]}
        </span>
      </h3>
      <p className="pt-1 pb-2 type-row">
        <b className="font-[650]">Why</b>{' '}
        {names.length === 0
          ? 'Nothing in the tables measures this. Read it again.'
          : undecided
            ? `${fitting.length === 1 ? 'A caliper cannot part its twins' : `${fitting.length} threads fit what was read`}: ${names.join(', ')}.`
            : 'It is the only thread that fits what was read.'}
      </p>
      {take && (
        <button type="button" className="main-action w-full text-left" onClick={() => put(formatEnd(take.end))}>
          Lay it down as {formatEnd(take.end)}
        </button>
      )}
      <p className="flex flex-wrap gap-x-5">
        {undecided && <Action onClick={() => put('unknown thread', names.slice(0, 4))}>Keep all, undecided</Action>}
        {names.length === 0 && <Action onClick={() => put('unknown thread')}>Lay it down as unknown</Action>}
        {undecided && (
          <Action onClick={() => router.push(`/bench/card?ends=${encodeURIComponent(names.slice(0, 4).join(','))}`)}>
            Print their card
          </Action>
        )}
      </p>
    </section>
  );
}
